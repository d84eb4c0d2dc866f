import { expose } from 'comlink';
import {
  consequencesOf,
  decideOpening,
  decideOpenings,
  rankedAlternatives,
  madeLike,
  questionsOf,
  readPaste,
  searchAlternatives,
  quantityTakeoff,
  type TakeOffOptions,
  evaluateFixes,
  type Apart,
  type DecidedOpening,
  type Keying,
  type ListMapping,
  type OpeningFacts,
  type Fix,
} from '@riegel/core';
import { basisOf, type BasisData } from './basis.js';
import { doorOf } from './door.js';
import { findingsOf } from './findings.js';
import { packDecided } from './row.js';

/** Side by side no more than these can be compared. */
const MAX_WAYS = 6;

/** Without the practice, which the screen has already and which is large. */
function light(decided: DecidedOpening) {
  const { practice, ...rest } = decided;
  return { ...rest, practiceId: practice.id };
}

export type LightOpening = ReturnType<typeof light>;

let told: BasisData | undefined;

/** The basis of what is asked: told once, since it is far larger than a question. */
function basisNow() {
  if (!told) throw new Error('The basis comes before any question.');
  return basisOf(told);
}

/** The core off the main thread: screens ask, answers are plain data. */
const core = {
  /** What every following question is decided with. */
  useBasis(data: BasisData) {
    told = data;
  },

  rows: (openings: { id: string; facts: OpeningFacts }[]) => {
    const all = decideOpenings(openings, basisNow(), { explain: false });
    return Array.from(all, ([{ id, facts }, decided]) => packDecided(id, facts, decided));
  },

  /** Doors as keys and corridors see them. */
  doors: (openings: { id: string; facts: OpeningFacts }[]) => {
    const all = decideOpenings(openings, basisNow(), { explain: false });
    return Array.from(all, ([{ id }, decided]) => doorOf(id, decided));
  },

  /** What is found in every opening, and among them. */
  findings: (openings: { id: string; facts: OpeningFacts }[]) => findingsOf(openings, basisNow()),

  /** The fewest questions that decide the most. */
  questions: (openings: { id: string; facts: OpeningFacts }[]) => questionsOf(openings, basisNow()),

  /** What ways out of a finding come to, each decided as if it were taken. */
  tryWays: (facts: OpeningFacts, ways: Fix[]) => evaluateFixes(facts, basisNow(), ways),

  decide: (facts: OpeningFacts) => light(decideOpening(facts, basisNow())),

  /** What would make openings take the hardware of another, each decided as if it were taken. */
  madeLike(openings: { id: string; facts: OpeningFacts }[], model: OpeningFacts) {
    const basis = basisNow();
    const decided = decideOpening(model, basis);
    return openings.map(({ id, facts }) => ({
      id,
      mark: facts.mark,
      ...madeLike(facts, decided, basis, ''),
    }));
  },

  /** Totals as they are ordered. */
  takeOff(
    openings: { id: string; facts: OpeningFacts }[],
    options: TakeOffOptions,
    sets: (readonly [string, number])[],
    apart: readonly Apart[],
    keying: Keying | undefined,
  ) {
    const basis = basisNow();
    return quantityTakeoff(
      Array.from(
        decideOpenings(openings, basis, { explain: false }),
        ([{ id, facts }, decided]) => ({
          id,
          mark: facts.mark,
          items: decided.items,
          decided,
        }),
      ),
      basis.practice,
      options,
      { setOf: new Map(sets), apart, keying, products: basis.products.values() },
    );
  },

  /** What else could be taken of a decision, ranked, with what each comes to. */
  insteads: (facts: OpeningFacts, key: string) => rankedAlternatives(facts, basisNow(), key),

  /** The alternatives to an opening's clashes and unmet wishes, each decided, with what it comes to. */
  alternatives(facts: OpeningFacts) {
    const basis = basisNow();
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

  paste: (cells: string[][], words: ListMapping['words']) =>
    readPaste(cells, basisNow().practice, words),
};

export type CoreWorker = typeof core;

expose(core);
