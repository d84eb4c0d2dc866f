import { expose } from 'comlink';
import {
  consequencesOf,
  decideOpening,
  readPaste,
  searchAlternatives,
  type DecidedOpening,
  type OpeningFacts,
} from '@riegel/core';
import { basisOf, type BasisData } from './basis.js';
import { doorOf } from './door.js';
import { packRow } from './row.js';

/** Side by side no more than these can be compared. */
const MAX_WAYS = 6;

/** Without the practice, which the screen has already and which is large. */
function light(decided: DecidedOpening) {
  const { practice, ...rest } = decided;
  return { ...rest, practiceId: practice.id };
}

export type LightOpening = ReturnType<typeof light>;

/** The core off the main thread: screens ask, answers are plain data. */
const core = {
  rows: (openings: { id: string; facts: OpeningFacts }[], data: BasisData) =>
    openings.map(({ id, facts }) => packRow(id, facts, basisOf(data))),

  /** Doors as keys and corridors see them. */
  doors: (openings: { id: string; facts: OpeningFacts }[], data: BasisData) =>
    openings.map(({ id, facts }) =>
      doorOf(id, decideOpening(facts, basisOf(data), { explain: false })),
    ),

  decide: (facts: OpeningFacts, data: BasisData) => light(decideOpening(facts, basisOf(data))),

  /** The alternatives to an opening's clashes and unmet wishes, each decided, with what it comes to. */
  alternatives(facts: OpeningFacts, data: BasisData) {
    const basis = basisOf(data);
    const now = decideOpening(facts, basis);
    const { alternatives, today, ...rest } = searchAlternatives(facts, basis);
    return {
      ...rest,
      now: light(now),
      today,
      alternatives: alternatives.slice(0, MAX_WAYS).map((alternative) => ({
        ...alternative,
        consequences: consequencesOf(alternative, now, today),
        decided: light(alternative.decided),
      })),
    };
  },

  paste: (cells: string[][], data: BasisData) => readPaste(cells, basisOf(data).practice),
};

export type CoreWorker = typeof core;

expose(core);
