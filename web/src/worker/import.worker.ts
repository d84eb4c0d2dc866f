import { expose } from 'comlink';
import {
  compareList,
  guessList,
  readListRows,
  unknownWords,
  type HeldOpening,
  type LastList,
  type ListMapping,
  type ListMemory,
} from '@riegel/core';
import { basisOf, type BasisData } from './basis.js';

/** Reading a long list in a worker of its own, which is ended to cancel. */
const importing = {
  guess: (cells: string[][], data: BasisData, memory: ListMemory) =>
    guessList(cells, basisOf(data).practice, memory),

  compare(
    cells: string[][],
    mapping: ListMapping,
    data: BasisData,
    openings: HeldOpening[],
    last: LastList,
    progress: (done: number) => void,
  ) {
    const rows = readListRows(cells, mapping, basisOf(data).practice, progress);
    return {
      comparison: compareList(rows, openings, mapping.columns, last),
      words: unknownWords(rows),
      rows,
    };
  },
};

export type ImportWorker = typeof importing;

expose(importing);
