import type { Param } from '../model/index.js';
import type { FinalState, SideName } from './finalState.js';

export const SIDES = ['from', 'to'] as const;

/** The other of the two rooms. */
export const oppositeOf = (side: SideName): SideName => (side === 'from' ? 'to' : 'from');

/** A room by its name, else by which side it is. */
export function roomParam(state: FinalState, side: SideName): Param {
  const { name } = state[side];
  return name ?? { term: side === state.outside ? 'law.side.outside' : 'law.side.inside' };
}
