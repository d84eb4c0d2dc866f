import { DEGREES, rotated, type SwingPlan } from './swing.js';

/** A handle on the pull face: how far in from the lock edge, how far out of the face. Ticks. */
export interface Handle {
  inset: number;
  out: number;
}

/** A whole turn, radians. */
const TURN = 2 * Math.PI;

/** An angle as one between none and a whole turn, radians. */
const within = (angle: number): number => ((angle % TURN) + TURN) % TURN;

/**
 * Widest opening angle before leaf or handle meets a side wall that stands square to the opening, on
 * the pull side, `beside` away from the hinge rabbet; at most 180. A point of the leaf goes round the
 * axis: it meets the wall where the cosine of its angle is what the wall's distance says.
 */
export function widestBesideWall(plan: SwingPlan, beside: number, handle: Handle): number {
  const { axis, thickness } = plan;
  const far = plan.hingeGap + plan.width - axis.x;
  const toWall = -beside - axis.x;
  const until = (x: number, y: number): number => {
    const cosine = toWall / Math.hypot(x, y);
    if (cosine <= -1) return Math.PI;
    const from = Math.atan2(y, x);
    const meets = Math.acos(Math.min(1, cosine));
    // What stands behind the wall with the leaf closed does not open at all.
    return Math.abs(from) > meets ? 0 : meets - from;
  };
  const first = Math.min(
    until(far, -axis.y),
    until(far, -thickness - axis.y),
    until(far - handle.inset, handle.out - axis.y),
  );
  return Math.min(180, first / DEGREES);
}

/**
 * Widest opening angle before the leaf meets an obstacle (a column, a radiator's corner) on the pull
 * side: a point `along` the wall from the hinge rabbet and `out` from the pull face; at most 180. As the
 * leaf sees it the point goes round the axis, and is met where it first comes over an edge of the leaf.
 */
export function widestToObstacle(plan: SwingPlan, along: number, out: number): number {
  const { axis, hingeGap, width, thickness } = plan;
  if (!Number.isFinite(axis.x)) return 0;
  const inLeaf = (angle: number): boolean => {
    const seen = rotated(plan, { x: along, y: out }, -angle / DEGREES);
    return seen.x >= hingeGap && seen.x <= hingeGap + width && seen.y <= 0 && seen.y >= -thickness;
  };
  const from = Math.atan2(out - axis.y, along - axis.x);
  const radius = Math.hypot(along - axis.x, out - axis.y);
  const crossings: number[] = [0];
  for (const x of [hingeGap, hingeGap + width]) {
    const angle = Math.acos((x - axis.x) / radius);
    crossings.push(within(from - angle), within(from + angle));
  }
  for (const y of [0, -thickness]) {
    const angle = Math.asin((y - axis.y) / radius);
    crossings.push(within(from - angle), within(from - Math.PI + angle));
  }
  let first = Math.PI;
  for (const angle of crossings) if (angle < first && inLeaf(angle + JUST_PAST)) first = angle;
  return first / DEGREES;
}

/** So little past a crossing that the point is over the edge, not on it. Radians. */
const JUST_PAST = 1e-7;
