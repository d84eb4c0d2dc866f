import type { OpeningFacts, ProjectBasis } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { bareBasis } from '../project/index.js';
import type { DecidedOpening } from './decided.js';
import type { DecisionContext } from './context.js';
import { begin, finish, STEPS } from './decisionContext.js';

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

/** So many go through each step together; measured, 16 to 64 are alike, and fewer are held at once. */
const TOGETHER = 16;
/**
 * The first go through alone. An engine that sees everything of its first openings outlive a collection,
 * because all of them are still on their way, puts what is made there among what lives long, for good:
 * half as slow again, measured.
 */
const ALONE = 128;

/**
 * Decides many openings, in their order, each as `decideOpening` does; each comes with what holds its
 * facts. They go through the stages some together, which is faster than one after the other: a
 * stage's code is at hand for all of them, while that of all stages is more than a processor keeps near.
 */
export function* decideOpenings<T extends { readonly facts: OpeningFacts }>(
  held: Iterable<T>,
  project: ProjectBasis | Practice,
  { explain = true }: DecideOptions = {},
): Generator<readonly [T, DecidedOpening], void, undefined> {
  const basis = basisOf(project);
  let together: { readonly of: T; readonly at: DecisionContext }[] = [];
  let count = 0;
  for (const of of held) {
    together.push({ of, at: begin(of.facts, basis, explain) });
    if (++count > ALONE && together.length < TOGETHER) continue;
    yield* throughAll(together);
    together = [];
  }
  yield* throughAll(together);
}

function throughAll<T>(
  together: readonly { readonly of: T; readonly at: DecisionContext }[],
): (readonly [T, DecidedOpening])[] {
  for (const step of STEPS) for (const { at } of together) step(at);
  return together.map(({ of, at }) => [of, finish(at)]);
}

function basisOf(project: ProjectBasis | Practice): ProjectBasis {
  return 'rooms' in project ? project : bareBasis(project);
}
