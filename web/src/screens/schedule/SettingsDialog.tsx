import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import {
  HEADING_COLUMNS,
  HEADING_NAMES,
  PAPERS,
  type HeadingColumn,
  type Paper,
} from '@riegel/core';
import { CheckBox } from '../../parts/CheckBox.js';
import { IconButton } from '../../parts/IconButton.js';
import { Modal } from '../../parts/Modal.js';
import { Select } from '../../parts/Select.js';
import { useSettings } from './useSettings.js';

/** Parties, general notes, paper and columns of what is printed. */
export function SettingsDialog({ onClose }: { onClose: () => void }) {
  const { settings, change } = useSettings();
  const [parties, setParties] = useState(settings.parties ?? []);
  const [notes, setNotes] = useState(settings.notes ?? '');
  const [paper, setPaper] = useState<Paper | ''>(settings.paper ?? '');
  const [columns, setColumns] = useState<readonly HeadingColumn[]>(
    settings.columns ?? HEADING_COLUMNS,
  );
  const party = (at: number, part: Partial<{ what: string; who: string }>) =>
    setParties(parties.map((one, index) => (index === at ? { ...one, ...part } : one)));
  const move = (at: number, by: number) => {
    const next = [...columns];
    [next[at], next[at + by]] = [next[at + by]!, next[at]!];
    setColumns(next);
  };
  const done = async () => {
    const { parties: _p, notes: _n, paper: _s, columns: _c, ...rest } = settings;
    const named = parties.filter(({ what, who }) => what.trim() && who.trim());
    const usual = columns.join() === HEADING_COLUMNS.join();
    const ok = await change({
      ...rest,
      ...(named.length > 0 ? { parties: named } : {}),
      ...(notes.trim() ? { notes } : {}),
      ...(paper ? { paper } : {}),
      ...(usual ? {} : { columns: [...columns] }),
    });
    if (ok) onClose();
  };
  const left = HEADING_COLUMNS.filter((name) => !columns.includes(name));
  return (
    <Modal
      open
      onClose={onClose}
      wide
      title="What is printed"
      description="On the front page, and in the heading lines of each set. Kept with the project."
    >
      <div className="grid grid-cols-[minmax(0,1fr)_230px] gap-6 max-sm:grid-cols-1">
        <div>
          <h3 className="caps mb-1">Parties</h3>
          {parties.map(({ what, who }, at) => (
            <div key={at} className="mb-1 flex gap-2">
              <input
                className="field w-32"
                aria-label={`Party ${at + 1}`}
                placeholder="Architect"
                maxLength={40}
                value={what}
                onChange={(event) => party(at, { what: event.target.value })}
              />
              <input
                className="field min-w-0 flex-1"
                aria-label={`Name of party ${at + 1}`}
                maxLength={200}
                value={who}
                onChange={(event) => party(at, { who: event.target.value })}
              />
              <IconButton
                label={`Take party ${at + 1} out`}
                onClick={() => setParties(parties.filter((_, index) => index !== at))}
              >
                <Trash2 size={15} />
              </IconButton>
            </div>
          ))}
          <button
            type="button"
            className="button"
            disabled={parties.length >= 20}
            onClick={() => setParties([...parties, { what: '', who: '' }])}
          >
            <Plus size={15} /> Add a party
          </button>
          <label className="mt-4 block">
            <span className="caps mb-1 block">General notes</span>
            <textarea
              className="field !h-40 w-full py-1"
              maxLength={8000}
              value={notes}
              onChange={(event) => setNotes(event.target.value)}
            />
          </label>
          <label className="mt-3 flex items-center gap-2">
            <span className="caps">Paper</span>
            <Select
              label="Paper"
              className="!w-44"
              value={paper}
              onChange={(next) => setPaper(next as Paper | '')}
              options={[
                { value: '', text: 'of the practice' },
                ...PAPERS.map((one) => ({ value: one, text: one })),
              ]}
            />
          </label>
        </div>
        <div>
          <h3 className="caps mb-1">Columns</h3>
          <ul>
            {columns.map((name, at) => (
              <li key={name} className="flex items-center">
                <CheckBox
                  className="flex-1"
                  checked
                  disabled={columns.length === 1}
                  onChange={() => setColumns(columns.filter((one) => one !== name))}
                >
                  {HEADING_NAMES[name]}
                </CheckBox>
                <IconButton
                  label={`${HEADING_NAMES[name]} further left`}
                  disabled={at === 0}
                  onClick={() => move(at, -1)}
                >
                  <ArrowUp size={14} />
                </IconButton>
                <IconButton
                  label={`${HEADING_NAMES[name]} further right`}
                  disabled={at === columns.length - 1}
                  onClick={() => move(at, 1)}
                >
                  <ArrowDown size={14} />
                </IconButton>
              </li>
            ))}
            {left.map((name) => (
              <li key={name} className="text-soft">
                <CheckBox checked={false} onChange={() => setColumns([...columns, name])}>
                  {HEADING_NAMES[name]}
                </CheckBox>
              </li>
            ))}
          </ul>
        </div>
      </div>
      <div className="mt-4 flex justify-end gap-2">
        <button type="button" className="button" onClick={onClose}>
          Cancel
        </button>
        <button type="button" className="button primary" onClick={() => void done()}>
          Save
        </button>
      </div>
    </Modal>
  );
}
