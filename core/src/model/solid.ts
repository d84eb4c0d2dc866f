import type { Solid, SolidHow } from './decision.js';
import type { LeafId } from './kinds.js';

/** The span of a length from a start. */
export function span(from: number, length: number): [number, number] {
  return [Math.round(from), Math.round(from + length)];
}

/**
 * A span of a length about a middle.
 *
 * @example centredSpan(100, 20) // [90, 110]
 */
export function centredSpan(middle: number, length: number): [number, number] {
  return span(middle - length / 2, length);
}

/** A solid on or in the leaf; every one has all its fields, in one order. */
export function solid(
  owner: string,
  thing: string,
  leaf: LeafId,
  how: SolidHow,
  box: Pick<Solid, 'x' | 'y' | 'z'>,
  keep = 0,
  on: Solid['on'] = 'leaf',
): Solid {
  return { owner, thing, leaf, on, how, x: box.x, y: box.y, z: box.z, keep };
}

/** A leaf whose lengths are known, in ticks. `bottom` above the finished floor. */
export interface MeasuredLeaf {
  id: LeafId;
  /** Equal leaves are decided once. */
  quantity: number;
  width: number;
  height: number;
  thickness: number;
  bottom: number;
}
