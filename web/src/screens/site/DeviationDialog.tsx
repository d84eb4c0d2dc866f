import { useState } from 'react';
import { FIELDS, fieldApplies, type FactsPatch, type FieldName } from '@riegel/core';
import type { OpeningSite } from '../../data/useSite.js';
import { factLabel } from '../../opening/factNames.js';
import { useOpeningPage } from '../../opening/page.js';
import { FieldInput } from '../../parts/FieldInput.js';
import { Modal } from '../../parts/Modal.js';
import { Select } from '../../parts/Select.js';
import { termText } from '../../base/words.js';

/** What was done otherwise and why; the fact that it changes is set there and then, and everything after follows. */
export function DeviationDialog({ site, onClose }: { site: OpeningSite; onClose: () => void }) {
  const { facts, practice, onPatch } = useOpeningPage();
  const [what, setWhat] = useState('');
  const [why, setWhy] = useState('');
  const [name, setName] = useState<FieldName | ''>('');
  const [patch, setPatch] = useState<FactsPatch>({});
  const fields = FIELDS.filter(
    (field) => fieldApplies(field.name, facts.kind) && field.stage !== 'opening',
  );
  const done = () => {
    const changed = Object.keys(patch);
    if (changed.length > 0) onPatch(patch);
    site.record('deviation', {
      what: what.trim(),
      why: why.trim(),
      ...(changed.length > 0 ? { facts: changed.join(' ') } : {}),
    });
    onClose();
  };
  return (
    <Modal
      open
      onClose={onClose}
      title="Done otherwise than planned"
      description="The office sees it; a fact set here changes everything that follows from it."
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (what.trim() && why.trim()) done();
        }}
      >
        <label className="block">
          <span className="text-soft">What was done instead</span>
          <textarea
            className="field !h-16 w-full py-1.5 text-base"
            maxLength={500}
            value={what}
            onChange={(event) => setWhat(event.target.value)}
          />
        </label>
        <label className="block">
          <span className="text-soft">Why</span>
          <textarea
            className="field !h-16 w-full py-1.5 text-base"
            maxLength={500}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
        </label>
        <div className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
          <div>
            <span className="text-soft">Fact that is another now</span>
            <Select
              label="Fact that is another now"
              className="!h-11 w-full"
              value={name}
              options={[
                { value: '', text: 'none' },
                ...fields.map((field) => ({
                  value: field.name,
                  text: factLabel(field, facts.kind),
                  group: termText(`stage.${field.stage}`),
                })),
              ]}
              onChange={(next) => {
                setName(next as FieldName | '');
                setPatch({});
              }}
            />
          </div>
          {name && (
            <FieldInput
              key={name}
              name={name}
              label={factLabel({ name }, facts.kind)}
              facts={{ ...facts, ...patch } as typeof facts}
              practice={practice}
              disabled={false}
              onPatch={setPatch}
            />
          )}
        </div>
        <button
          className="button primary !h-12 justify-center"
          disabled={!what.trim() || !why.trim()}
        >
          Record it
        </button>
      </form>
    </Modal>
  );
}
