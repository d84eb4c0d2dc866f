import { expose } from 'comlink';
import { decideOpening, readPaste, type OpeningFacts } from '@riegel/core';
import { basisOf, type BasisData } from './basis.js';
import { rowOf } from './row.js';

/** The core off the main thread: screens ask, answers are plain data. */
const core = {
  rows: (openings: { id: string; facts: OpeningFacts }[], data: BasisData) =>
    openings.map(({ id, facts }) => rowOf(id, facts, basisOf(data))),

  /** Without the practice, which the screen has already and which is large. */
  decide(facts: OpeningFacts, data: BasisData) {
    const { practice, ...rest } = decideOpening(facts, basisOf(data));
    return { ...rest, practiceId: practice.id };
  },

  paste: (cells: string[][], data: BasisData) => readPaste(cells, basisOf(data).practice),
};

export type CoreWorker = typeof core;

expose(core);
