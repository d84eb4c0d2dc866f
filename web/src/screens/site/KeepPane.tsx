import { MapPin, Pencil } from 'lucide-react';
import { useState } from 'react';
import { itemSizeParts, partsText, type Item } from '@riegel/core';
import type { OpeningSite } from '../../data/useSite.js';
import { useOpeningPage } from '../../opening/page.js';
import { Modal } from '../../parts/Modal.js';
import { itemText } from '../../base/words.js';
import { Defects } from './Defects.js';

/** What a line of the set is called by as long as it is the same line. */
const partOfItem = (item: Item): string =>
  `${item.stage} ${item.term ?? item.written ?? ''}`.slice(0, 80);

/** What stands there with batch and setting, notes of what was done to it, photographs on the drawing, defects. */
export function KeepPane({
  site,
  photo,
  onPhoto,
}: {
  site: OpeningSite;
  /** The photograph that is being placed. */
  photo: string | undefined;
  onPhoto: (id: string | undefined) => void;
}) {
  const { decided, canEdit, units } = useOpeningPage();
  const [editing, setEditing] = useState<Item | undefined>();
  const [note, setNote] = useState('');
  const { installed, notes, signed, due } = site.state;
  const words = (item: Item) =>
    [
      `${item.quantity} ${item.product ?? itemText(item)}`,
      partsText(itemSizeParts(item, units)),
      item.finish,
    ]
      .filter(Boolean)
      .join(', ');
  const missing = decided.items.filter((item) => !installed.has(partOfItem(item)));
  return (
    <div className="flex flex-col gap-4">
      <section aria-label="What stands there">
        <div className="mb-1 flex items-center gap-3">
          <h2 className="caps">What stands there</h2>
          {canEdit && missing.length > 0 && (
            <button
              className="button ml-auto !h-11"
              onClick={() => {
                for (const item of missing)
                  site.record('installed', {
                    part: partOfItem(item),
                    words: words(item).slice(0, 300),
                  });
              }}
            >
              As planned ({missing.length})
            </button>
          )}
        </div>
        <ul className="divide-y divide-rule border-y border-rule">
          {decided.items.map((item, at) => {
            const there = installed.get(partOfItem(item));
            return (
              <li
                key={at}
                data-installed={there !== undefined}
                className="flex items-center gap-2 py-1"
              >
                <div className="min-w-0 flex-1">
                  <p className={there ? 'text-base' : 'text-soft'}>{there?.words ?? words(item)}</p>
                  <p className="text-xs text-soft">
                    {there
                      ? [
                          there.batch && `batch ${there.batch}`,
                          there.setting,
                          `${there.by}, ${there.at.slice(0, 10)}`,
                        ]
                          .filter(Boolean)
                          .join(' · ')
                      : 'planned'}
                  </p>
                </div>
                {canEdit && (
                  <button
                    className="button bare !h-11"
                    aria-label={`What stands there: ${words(item)}`}
                    onClick={() => setEditing(item)}
                  >
                    <Pencil size={16} />
                  </button>
                )}
              </li>
            );
          })}
        </ul>
      </section>
      <section aria-label="Looked at">
        <h2 className="caps mb-1">Looked at</h2>
        {signed.length === 0 && <p className="text-soft">Nobody has signed for it yet.</p>}
        {signed.map((one) => (
          <p key={one.id}>
            {one.at.slice(0, 10)} {one.of === 'acceptance' ? 'acceptance' : 'inspection'},{' '}
            {one.name}: {one.right} right, {one.faults} faults, {one.untried} not tried
          </p>
        ))}
        {due && (
          <p>
            Next by <b>{due}</b>
          </p>
        )}
      </section>
      <section aria-label="Notes">
        <h2 className="caps mb-1">Maintenance notes</h2>
        {notes.map((one) => (
          <p key={one.id}>
            {one.text}{' '}
            <span className="text-soft">
              {one.by}, {one.at.slice(0, 10)}
            </span>
          </p>
        ))}
        {canEdit && (
          <form
            className="mt-1 flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              if (!note.trim()) return;
              site.record('note', { text: note.trim() });
              setNote('');
            }}
          >
            <input
              className="field !h-11 min-w-0 flex-1"
              aria-label="Maintenance note"
              maxLength={1000}
              placeholder="what was done to it"
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
            <button className="button !h-11" disabled={!note.trim()}>
              Add
            </button>
          </form>
        )}
      </section>
      <Defects site={site} />
      {photo && (
        <p
          role="status"
          className="flex items-center gap-2 border-l-4 border-slate bg-wash px-3 py-2"
        >
          <MapPin size={16} /> Press the place on the drawing where the photograph was taken.
          <button className="button bare ml-auto" onClick={() => onPhoto(undefined)}>
            Leave it
          </button>
        </p>
      )}
      {editing && (
        <InstalledDialog
          usual={installed.get(partOfItem(editing)) ?? { words: words(editing) }}
          onDone={(there) => {
            site.record('installed', { part: partOfItem(editing), ...there });
            setEditing(undefined);
          }}
          onClose={() => setEditing(undefined)}
        />
      )}
    </div>
  );
}

interface There {
  words: string;
  batch?: string | undefined;
  setting?: string | undefined;
}

function InstalledDialog({
  usual,
  onDone,
  onClose,
}: {
  usual: There;
  onDone: (there: There) => void;
  onClose: () => void;
}) {
  const [there, setThere] = useState<There>({
    words: usual.words,
    batch: usual.batch ?? '',
    setting: usual.setting ?? '',
  });
  const field = (name: keyof There, label: string, most: number, hint: string) => (
    <label className="block">
      <span className="text-soft">{label}</span>
      <input
        className="field !h-11 w-full text-base"
        maxLength={most}
        placeholder={hint}
        value={there[name]}
        onChange={(event) => setThere({ ...there, [name]: event.target.value })}
      />
    </label>
  );
  return (
    <Modal open onClose={onClose} title="What stands there">
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          const { words, batch, setting } = there;
          if (words.trim())
            onDone({
              words: words.trim(),
              ...(batch?.trim() ? { batch: batch.trim() } : {}),
              ...(setting?.trim() ? { setting: setting.trim() } : {}),
            });
        }}
      >
        {field('words', 'Product', 300, 'maker, model, size')}
        {field('batch', 'Batch or serial number', 80, '')}
        {field('setting', 'Setting', 300, 'turns of valves and screws')}
        <button className="button primary !h-12 justify-center" disabled={!there.words.trim()}>
          Record it
        </button>
      </form>
    </Modal>
  );
}
