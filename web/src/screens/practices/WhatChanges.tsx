import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { useOpenings, useProject } from '../../data/project.js';
import type { BasisData } from '../../worker/basis.js';
import type { WouldChange } from '../../worker/long.worker.js';
import { startLongWorker } from '../../worker/startLong.js';

const SHOWN = 40;

/** Which decisions of the project come out otherwise on another basis, before it is applied. */
export function WhatChanges({ after }: { after: BasisData }) {
  const { basis } = useProject();
  const { openings } = useOpenings();
  const [changes, setChanges] = useState<{ of: BasisData; list: WouldChange[] } | undefined>();
  const [done, setDone] = useState(0);
  useEffect(() => {
    const { remote, end } = startLongWorker();
    void remote
      .changes(openings, basis, after, proxy(setDone))
      .then((list) => setChanges({ of: after, list }));
    return end;
  }, [openings, basis, after]);
  const list = changes?.of === after ? changes.list : undefined;
  const groups = useMemo(() => {
    const byTitle = new Map<string, WouldChange[]>();
    for (const change of list ?? [])
      byTitle.set(change.title, [...(byTitle.get(change.title) ?? []), change]);
    return [...byTitle];
  }, [list]);
  if (!list)
    return (
      <p role="status" className="flex items-center gap-3 py-4">
        Deciding {openings.length} openings both ways …{' '}
        <progress value={done} max={1} aria-label="Decided" />
      </p>
    );
  const count = new Set(list.map((change) => change.id)).size;
  return (
    <section aria-label="What would change">
      <p role="status" className="py-2 text-lg">
        {list.length === 0
          ? 'No decision of this project would change.'
          : `${list.length} decision${list.length === 1 ? '' : 's'} of ${count} opening${count === 1 ? '' : 's'} would change.`}
      </p>
      <div className="max-h-[46vh] overflow-auto" tabIndex={0}>
        {groups.map(([title, changed]) => (
          <div key={title} className="mb-3" data-change={title}>
            <h3 className="border-b border-ink">
              {title} <span className="text-soft">× {changed.length}</span>
            </h3>
            <ul className="grid grid-cols-2 gap-x-6">
              {changed.slice(0, SHOWN).map((change) => (
                <li key={`${change.id} ${change.key}`} className="flex gap-2">
                  <span className="w-16 font-semibold">{change.mark}</span>
                  <span className="line-through decoration-soft">{change.before}</span>
                  <span aria-hidden>→</span>
                  <span>{change.after}</span>
                </li>
              ))}
            </ul>
            {changed.length > SHOWN && (
              <p className="text-soft">and {changed.length - SHOWN} more.</p>
            )}
          </div>
        ))}
      </div>
    </section>
  );
}
