import type { OpeningFacts, ProjectBasis } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { bareBasis } from '../project/index.js';
import type { DecidedOpening } from './decided.js';
import { begin, finish, STEPS, type Underway } from './underway.js';

export interface DecideOptions {
  /**
   * Whether decisions come with their reasons, alternatives and questions, as they do unless told
   * otherwise. Nothing else differs without them.
   */
  explain?: boolean;
}

/**
 * Runs the stages in order. Pure and total: the same facts and practice give the same result, and
 * nothing recorded makes it throw; what cannot be decided is open with its question.
 *
 * @param stored the facts as stored, under whatever version's names; what a survey measured fills in what nobody recorded
 * @param project what the project gives: its practice (an opening may name another), its rooms
 */
export function decideOpening(
  stored: OpeningFacts,
  project: ProjectBasis | Practice,
  { explain = true }: DecideOptions = {},
): DecidedOpening {
  const at = begin(stored, basisOf(project), explain);
  for (const step of STEPS) step(at);
  return finish(at);
}

/** So many go through each step together: a step's code is then at hand for all of them. Measured: 16 to 64 are alike. */
const TOGETHER = 32;

/**
 * Decides many openings, in their order, each as `decideOpening` does. They go through the stages some
 * together, which is faster than one after the other, since the stages' code is far larger than what
 * a processor holds next to it.
 */
export function* decideOpenings(
  stored: Iterable<OpeningFacts>,
  project: ProjectBasis | Practice,
  { explain = true }: DecideOptions = {},
): Generator<DecidedOpening, void, undefined> {
  const basis = basisOf(project);
  let together: Underway[] = [];
  for (const facts of stored) {
    together.push(begin(facts, basis, explain));
    if (together.length < TOGETHER) continue;
    yield* decided(together);
    together = [];
  }
  yield* decided(together);
}

function decided(together: readonly Underway[]): DecidedOpening[] {
  for (const step of STEPS) for (const at of together) step(at);
  return together.map(finish);
}

function basisOf(project: ProjectBasis | Practice): ProjectBasis {
  return 'rooms' in project ? project : bareBasis(project);
}
