import { expose } from 'comlink';
import {
  changesBetween,
  compareList,
  decideOpenings,
  guessList,
  partsText,
  projectBasis,
  readListRows,
  unitsOf,
  unknownWords,
  valueParts,
  type DecidedOpening,
  type HeldOpening,
  type LastList,
  type ListMapping,
  type ListMemory,
  type ProjectBasis,
  type Value,
} from '@riegel/core';
import { decisionName } from '../base/words.js';
import { basisOf, type BasisData } from './basis.js';

/** What changes is told by values alone. */
const BRIEFLY = { explain: false };

/** A decision of an opening that would come out otherwise, in words. */
export interface WouldChange {
  id: string;
  mark: string;
  key: string;
  title: string;
  before: string;
  after: string;
}

/** Long work in a worker of its own, which is ended to cancel. */
const long = {
  guess: (cells: string[][], data: BasisData, memory: ListMemory) =>
    guessList(cells, basisOf(data).practice, memory),

  /** What of all decisions another basis changes; told how far it is. */
  changes(
    openings: HeldOpening[],
    before: BasisData,
    after: BasisData,
    progress: (done: number) => void,
  ): WouldChange[] {
    const [old, fresh] = [before, after].map(
      ({ practiceId, practices, building, products, locks, ways }) =>
        projectBasis(practiceId, practices, building, products, locks, ways),
    ) as [ProjectBasis, ProjectBasis];
    const afterwards = decideOpenings(openings, fresh, BRIEFLY);
    return Array.from(decideOpenings(openings, old, BRIEFLY), ([{ id, facts }, was], index) => {
      if (index % 100 === 0) progress(index / openings.length);
      const [, is] = afterwards.next().value!;
      const text = (decided: DecidedOpening, value: Value | undefined) =>
        value ? partsText(valueParts(value, unitsOf(decided))) : 'open';
      return changesBetween(was, is).map(({ key, stage, name, before: b, after: a }) => ({
        id,
        mark: facts.mark,
        key,
        title: decisionName(stage, name),
        before: text(was, b),
        after: text(is, a),
      }));
    }).flat();
  },

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

export type LongWorker = typeof long;

expose(long);
