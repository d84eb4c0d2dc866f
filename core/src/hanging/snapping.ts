import type { Ticks } from '../measure/index.js';

/** What a dragged hinge may come to rest on. Lengths in ticks below the leaf's top, but the rails. */
export interface SnapTo {
  hingeHeight: Ticks;
  leafHeight: Ticks;
  /** Top edges that the pattern gives. */
  pattern: readonly Ticks[];
  /** Spans of the rails up from the leaf's bottom; a hinge comes to rest clear of their joints. */
  rails: readonly (readonly [Ticks, Ticks])[];
  /** Whole fractions, or millimetres, that it moves by. */
  grid: Ticks;
  /** How near it must be to be drawn in. */
  reach: Ticks;
}

/**
 * Where a hinge dragged to a top edge comes to rest: at the pattern, else with an edge on a rail's
 * joint, else on the next whole fraction; always within the leaf.
 */
export function snapHinge(
  top: Ticks,
  to: SnapTo,
): { top: Ticks; at: 'pattern' | 'rail' | 'fraction' } {
  const { hingeHeight, leafHeight } = to;
  const within = (value: number) =>
    Math.round(Math.max(0, Math.min(leafHeight - hingeHeight, value)));
  const nearest = (values: readonly number[]) =>
    values
      .filter((value) => Math.abs(value - top) <= to.reach)
      .sort((a, b) => Math.abs(a - top) - Math.abs(b - top))[0];
  const pattern = nearest(to.pattern);
  if (pattern !== undefined) return { top: within(pattern), at: 'pattern' };
  const joints = to.rails.flatMap(([from, end]) =>
    [from, end].flatMap((y) => [leafHeight - y, leafHeight - y - hingeHeight]),
  );
  const rail = nearest(joints.filter((value) => value > 0 && value < leafHeight - hingeHeight));
  if (rail !== undefined) return { top: within(rail), at: 'rail' };
  return { top: within(Math.round(top / to.grid) * to.grid), at: 'fraction' };
}

/** Hinge tops with one moved, kept in order and apart; the moved one gives way. */
export function movedHinge(
  positions: readonly Ticks[],
  index: number,
  top: Ticks,
  hingeHeight: Ticks,
  leafHeight: Ticks,
): Ticks[] {
  const least = index > 0 ? positions[index - 1]! + hingeHeight : 0;
  const most =
    index < positions.length - 1 ? positions[index + 1]! - hingeHeight : leafHeight - hingeHeight;
  return positions.map((one, at) => (at === index ? Math.max(least, Math.min(most, top)) : one));
}
