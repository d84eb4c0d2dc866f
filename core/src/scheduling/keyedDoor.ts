import type { DecidedOpening } from '../deciding/index.js';
import { passingOf, type KeyedDoor } from '../securing/index.js';

/** A decided opening as keys see it: the side it is locked against, the room behind, how it is passed. */
export function keyedDoorOf(id: string, { facts, results }: DecidedOpening): KeyedDoor {
  const { mark, from, to, storey } = facts;
  const { kind, spec } = results.securing;
  const [outside, inside] = results.handing.outside === 'from' ? [from, to] : [to, from];
  return { id, mark, storey, outside, inside, passing: passingOf(kind, spec) };
}
