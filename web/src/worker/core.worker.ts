import { expose } from 'comlink';
import { decideOpening, practiceOf, readPaste, type OpeningFacts } from '@riegel/core';
import { rowOf } from './row.js';

/** The core off the main thread: screens ask, answers are plain data. */
const core = {
  rows: (openings: { id: string; facts: OpeningFacts }[], practiceId: string) =>
    openings.map(({ id, facts }) => rowOf(id, facts, practiceId)),

  /** Without the practice, which the screen has already and which is large. */
  decide(facts: OpeningFacts, practiceId: string) {
    const { practice, ...rest } = decideOpening(facts, practiceOf(practiceId));
    return { ...rest, practiceId: practice.id };
  },

  paste: (cells: string[][], practiceId: string) => readPaste(cells, practiceOf(practiceId)),
};

export type CoreWorker = typeof core;

expose(core);
