import { useState } from 'react';
import {
  applyPatch,
  fieldOf,
  merge3,
  writeField,
  type MergeField,
  type OpeningFacts,
  type System,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { useProject, useSave } from '../data/project.js';
import type { Pending } from '../data/pending.js';
import { Modal } from '../parts/Modal.js';

/** A fact as text, whatever it is. */
function factText(name: string, value: unknown, system: System): string {
  if (value === undefined) return 'empty';
  const field = fieldOf(name);
  if (field) return writeField(field, value as string, system);
  return JSON.stringify(value);
}

/** The whole opening as one has it, where that is known: of a deleted one only what was touched is. */
function mineOf(entry: Pending): OpeningFacts | undefined {
  if (entry.op === 'create') return entry.facts;
  if (entry.op === 'delete') return undefined;
  const stood = entry.conflict?.theirs?.facts ?? entry.conflict?.last;
  return stood && applyPatch(stood, entry.patch);
}

/** Two people changed the same facts: shows both, field by field, and lets one be taken for each. */
export function MergeDialog() {
  const { resolve, drop } = useProject();
  const save = useSave();
  const entry = [...save.pending.values()].find((candidate) => candidate.conflict);
  if (!entry) return null;
  return (
    <Merge
      key={`${entry.id}-${entry.conflict!.theirs?.version ?? 0}`}
      entry={entry}
      onResolve={(facts) => resolve(entry.id, facts)}
      onDrop={() => drop(entry.id)}
    />
  );
}

function Merge({
  entry,
  onResolve,
  onDrop,
}: {
  entry: Pending;
  onResolve: (facts: OpeningFacts) => void;
  onDrop: () => void;
}) {
  const { practice } = useProject();
  const { theirs, clashes, by } = entry.conflict!;
  const [mine, setMine] = useState<Record<string, boolean>>({});
  const own = mineOf(entry);
  const mark = own?.mark ?? theirs?.facts.mark ?? '';
  if (!theirs) {
    return (
      <Modal
        open
        sticky
        onClose={() => undefined}
        title={`Opening ${mark} is gone`}
        description="Somebody deleted it while you changed it. Your version is kept on this device."
      >
        <div className="flex justify-end gap-2">
          <button className="button" onClick={onDrop}>
            Let it go
          </button>
          {own && (
            <button className="button primary" onClick={() => onResolve(own)}>
              Make it again with mine
            </button>
          )}
        </div>
      </Modal>
    );
  }
  const decide = () => {
    const before = entry.op === 'update' ? applyPatch(theirs.facts, entry.before) : theirs.facts;
    const { merged } = merge3(
      before,
      entry.op === 'update' ? applyPatch(before, entry.patch) : (own ?? theirs.facts),
      theirs.facts,
    );
    const facts: Record<string, unknown> = { ...merged };
    for (const clash of clashes) {
      const value = mine[clash.name] ? clash.mine : clash.theirs;
      if (value === undefined) delete facts[clash.name];
      else facts[clash.name] = value;
    }
    onResolve(facts as unknown as OpeningFacts);
  };
  const side = (clash: MergeField, own: boolean) => (
    <label
      className={`flex cursor-pointer items-center gap-2 border px-2 py-1 ${(mine[clash.name] ?? false) === own ? 'border-brass bg-brass-wash' : 'border-rule'}`}
    >
      <input
        type="radio"
        name={clash.name}
        checked={(mine[clash.name] ?? false) === own}
        onChange={() => setMine((before) => ({ ...before, [clash.name]: own }))}
      />
      {factText(clash.name, own ? clash.mine : clash.theirs, practice.system)}
    </label>
  );
  return (
    <Modal
      open
      sticky
      onClose={() => undefined}
      title={`Two people changed opening ${mark}`}
      description={`${by ?? 'Somebody'} saved first. Whatever only one of you changed is kept; choose for the rest.`}
      wide
    >
      <table className="w-full border-separate border-spacing-y-1">
        <thead>
          <tr className="caps text-left">
            <th className="font-normal">Fact</th>
            <th className="font-normal">Before</th>
            <th className="font-normal">{by ?? 'Theirs'}</th>
            <th className="font-normal">Yours</th>
          </tr>
        </thead>
        <tbody>
          {clashes.map((clash) => (
            <tr key={clash.name}>
              <td className="pr-3">{termText(`fact.${clash.name}`)}</td>
              <td className="pr-3 text-soft">
                {factText(clash.name, clash.before, practice.system)}
              </td>
              <td className="pr-2">{side(clash, false)}</td>
              <td>{side(clash, true)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-4 flex justify-end gap-2">
        <button className="button" onClick={onDrop}>
          Drop all of mine
        </button>
        <button className="button primary" onClick={decide}>
          Keep this
        </button>
      </div>
    </Modal>
  );
}
