import { rotated, type SwingPlan } from './swing.js';

/** A handle on the pull face: how far in from the lock edge, how far out of the face. Ticks. */
export interface Handle {
  inset: number;
  out: number;
}

const STEP = 0.25;

/** The widest angle up to which a test holds from 0° on, to a hundredth of a degree; at most 180. */
function widestWhile(holds: (degrees: number) => boolean): number {
  for (let degrees = STEP; degrees <= 180; degrees += STEP) {
    if (holds(degrees)) continue;
    let [low, high] = [degrees - STEP, degrees];
    while (high - low > 0.005) {
      const middle = (low + high) / 2;
      if (holds(middle)) low = middle;
      else high = middle;
    }
    return low;
  }
  return 180;
}

/**
 * Widest opening angle before leaf or handle meets a side wall that stands square to the opening, on
 * the pull side, `beside` away from the hinge rabbet.
 */
export function widestBesideWall(plan: SwingPlan, beside: number, handle: Handle): number {
  const far = plan.hingeGap + plan.width;
  const points = [
    { x: far, y: 0 },
    { x: far, y: -plan.thickness },
    { x: far - handle.inset, y: handle.out },
  ];
  return widestWhile((degrees) =>
    points.every((point) => rotated(plan, point, degrees).x >= -beside),
  );
}

/**
 * Widest opening angle before the leaf meets an obstacle (a column, a radiator's corner) on the pull
 * side: a point `along` the wall from the hinge rabbet and `out` from the pull face.
 */
export function widestToObstacle(plan: SwingPlan, along: number, out: number): number {
  const { axis, hingeGap, width, thickness } = plan;
  return widestWhile((degrees) => {
    // The obstacle as the leaf sees it: turned back by the leaf's angle.
    const seen = rotated(plan, { x: along, y: out }, -degrees);
    const within =
      seen.x >= hingeGap && seen.x <= hingeGap + width && seen.y <= 0 && seen.y >= -thickness;
    return !within && Number.isFinite(axis.x);
  });
}
