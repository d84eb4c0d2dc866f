import type { FinalState, SideName } from '../laws/index.js';
import { faceOf } from '../laws/index.js';
import { passageMatrix, type Holding, type PassageRow } from '../machines/index.js';

/** What of an opening decides who gets through it. */
export interface Passages {
  /** Undefined while the lock is not decided. */
  readonly holding: Holding | undefined;
  /** Whether somebody outside can be let in. */
  readonly letIn: boolean;
  /** The room that the inside of the lock faces. */
  readonly inside: SideName;
}

/** Takes of a final state what decides who gets through. */
export function passagesOf(state: FinalState): Passages {
  return {
    holding: state.holding ?? (state.release && { locks: [], release: state.release }),
    letIn: state.letIn,
    inside: faceOf(state, 'from') === 'inside' ? 'from' : 'to',
  };
}

/**
 * Draws up who gets through an opening, when and how, from both of its rooms.
 *
 * @param decided the opening
 * @returns a row for each condition; undefined while its lock is not decided
 */
export function whoPasses({
  passages,
}: {
  readonly passages: Passages;
}): readonly PassageRow[] | undefined {
  return passages.holding && passageMatrix(passages.holding, passages.letIn);
}
