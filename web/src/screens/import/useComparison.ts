import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type {
  HeldOpening,
  LastList,
  ListComparison,
  ListMapping,
  ListRow,
  unknownWords,
} from '@riegel/core';
import type { BasisData } from '../../worker/basis.js';
import { startLongWorker } from '../../worker/startLong.js';

export interface Compared {
  comparison: ListComparison;
  words: ReturnType<typeof unknownWords>;
  rows: ListRow[];
}

/** The list held against the project, read anew whenever the mapping changes; with its progress. */
export function useComparison(
  cells: string[][],
  mapping: ListMapping | undefined,
  basis: BasisData,
  openings: HeldOpening[],
  last: LastList,
): { compared: Compared | undefined; done: number; cancel: () => void; again: () => void } {
  const [result, setResult] = useState<{ of: unknown; compared: Compared } | undefined>();
  const [done, setDone] = useState(0);
  const [run, setRun] = useState(0);
  const wanted = useMemo(
    () => (mapping && run >= 0 ? { cells, mapping, basis, openings, last } : undefined),
    [cells, mapping, basis, openings, last, run],
  );
  useEffect(() => {
    if (!wanted) return;
    const { remote, end } = startLongWorker();
    void remote
      .compare(
        wanted.cells,
        wanted.mapping,
        wanted.basis,
        wanted.openings,
        wanted.last,
        proxy(setDone),
      )
      .then((compared) => setResult({ of: wanted, compared }));
    return end;
  }, [wanted]);
  return {
    compared: wanted && result?.of === wanted ? result.compared : undefined,
    done: wanted ? done : -1,
    cancel: () => setRun(-1),
    again: () => setRun((before) => Math.max(0, before) + 1),
  };
}
