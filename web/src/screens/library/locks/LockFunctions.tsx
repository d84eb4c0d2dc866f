import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { findLocks, LOCK_WISHES, type LockSpec, type LockWishes } from '@riegel/core';
import { termText } from '../../../base/words.js';
import { useProject } from '../../../data/project.js';
import { basisOf } from '../../../worker/basis.js';
import { LockPage } from './LockPage.js';
import { lockName } from '../../../lock/stateWords.js';
import { Select } from '../../../parts/Select.js';

const ANSWERS = [
  { value: '', text: 'any' },
  { value: 'yes', text: 'yes' },
  { value: 'no', text: 'no' },
];

/** Lock functions found by plain questions, each to be tried on a drawn lock. */
export function LockFunctions() {
  const [wishes, setWishes] = useState<LockWishes>({});
  const [search] = useSearchParams();
  const [chosen, setChosen] = useState(search.get('function') ?? 'storeroom');
  const { project, basis, canEdit, write } = useProject();
  const { locks } = basisOf(basis);
  const specs = useMemo(() => [...locks.values()], [locks]);
  const own = basis.locks ?? [];
  const matches = useMemo(() => findLocks(wishes, specs), [wishes, specs]);
  const spec = locks.get(chosen) ?? specs[0]!;
  const save = async (next: LockSpec[], done: string) => {
    try {
      await write({ documents: [{ name: 'locks', version: project.locks.version, body: next }] });
      toast(done);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : 'Not saved.');
    }
  };
  const keep = (changed: LockSpec, name: string) => {
    const id = `own-${crypto.randomUUID().slice(0, 8)}`;
    const { number: _, ...rest } = changed;
    void save([...own, { ...rest, id, name }], `“${name}” is kept in the project.`).then(() =>
      setChosen(id),
    );
  };
  const fitting = matches.filter((one) => one.breaks.length === 0);
  const rejected = matches.filter((one) => one.breaks.length > 0);
  return (
    <div className="grid h-full grid-cols-[300px_minmax(0,1fr)]">
      <div
        className="min-h-0 overflow-auto border-r border-rule px-4 py-3"
        tabIndex={0}
        role="region"
        aria-label="Find a function"
      >
        <h2 className="border-b-2 border-ink text-base">What must it do?</h2>
        {LOCK_WISHES.map((wish) => (
          <div
            key={wish}
            className="flex items-center gap-2 border-b border-rule py-1 text-[13px] leading-4"
          >
            <span className="min-w-0 flex-1">{termText(`wish.lock.${wish}`)}</span>
            <Select
              label={termText(`wish.lock.${wish}`)}
              className="w-[72px]"
              value={wishes[wish] === undefined ? '' : wishes[wish] ? 'yes' : 'no'}
              onChange={(value) => {
                const { [wish]: _, ...rest } = wishes;
                setWishes(value === '' ? rest : { ...rest, [wish]: value === 'yes' });
              }}
              options={ANSWERS}
            />
          </div>
        ))}
        <h2 className="mt-3 border-b-2 border-ink text-base" role="status">
          {fitting.length} of {matches.length} do it
        </h2>
        <ul>
          {[...fitting, ...rejected].map(({ spec: one, breaks }) => (
            <li key={one.id} className="border-b border-rule">
              <button
                type="button"
                data-lock={one.id}
                aria-pressed={one.id === chosen}
                className={`w-full px-1 py-1 text-left ${one.id === chosen ? 'bg-brass-wash' : 'hover:bg-wash'}`}
                onClick={() => setChosen(one.id)}
              >
                <span className={breaks.length > 0 ? 'text-soft' : 'font-semibold'}>
                  {lockName(one)}
                </span>
                {one.name && <span className="ml-2 text-xs text-brass">of the project</span>}
                {one.number && <span className="ml-2 text-xs text-soft">{one.number}</span>}
                {breaks.map((wish) => (
                  <span key={wish} className="block text-xs text-ochre">
                    {wishes[wish] ? 'not: ' : 'but: '}
                    {termText(`wish.lock.${wish}`)}
                  </span>
                ))}
              </button>
            </li>
          ))}
        </ul>
      </div>
      <LockPage
        key={spec.id}
        shipped={spec}
        onKeep={canEdit ? keep : undefined}
        onRemove={
          canEdit && spec.id.startsWith('own-')
            ? () =>
                void save(
                  own.filter((one) => one.id !== spec.id),
                  'Taken out. Undo brings it back.',
                )
            : undefined
        }
      />
    </div>
  );
}
