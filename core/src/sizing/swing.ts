import type { Ticks } from '../measure/index.js';

/**
 * Plan of one swinging leaf, in ticks: x along the wall from the hinge rabbet, y out of the pull
 * face (y = 0). The leaf stands from x = hingeGap to hingeGap + width, y from -thickness to 0.
 */
export interface SwingPlan {
  width: Ticks;
  thickness: Ticks;
  hingeGap: Ticks;
  axis: { x: number; y: number };
}

/** One degree in radians. */
export const DEGREES = Math.PI / 180;

/** Axis of a butt hinge: half the hinge gap, the barrel centre `p` outside the pull face. */
export function buttAxis(hingeGap: Ticks, p: Ticks): { x: number; y: number } {
  return { x: hingeGap / 2, y: p };
}

/** Axis of a centre-hung pivot, `a` in from the leaf's hinge edge, in the middle of the thickness. */
export function centreAxis(hingeGap: Ticks, a: Ticks, thickness: Ticks): { x: number; y: number } {
  return { x: hingeGap + a, y: -thickness / 2 };
}

/**
 * Axis of a swing-clear hinge, `out` of the pull face: so far back from the rabbet that at 90° the
 * push face stands at the rabbet and the leaf has left the opening.
 */
export function swingClearAxis(thickness: Ticks, out: Ticks): { x: number; y: number } {
  return { x: -(thickness + out), y: out };
}

/** A point of the leaf after opening by `degrees` (towards positive y). */
export function rotated(
  plan: SwingPlan,
  point: { x: number; y: number },
  degrees: number,
): { x: number; y: number } {
  const angle = degrees * DEGREES;
  const dx = point.x - plan.axis.x;
  const dy = point.y - plan.axis.y;
  return {
    x: plan.axis.x + dx * Math.cos(angle) - dy * Math.sin(angle),
    y: plan.axis.y + dx * Math.sin(angle) + dy * Math.cos(angle),
  };
}

/** The leaf's four corners, hinge pull, lock pull, lock push, hinge push, after opening. */
export function corners(plan: SwingPlan, degrees: number): { x: number; y: number }[] {
  const near = plan.hingeGap;
  const far = plan.hingeGap + plan.width;
  return [
    { x: near, y: 0 },
    { x: far, y: 0 },
    { x: far, y: -plan.thickness },
    { x: near, y: -plan.thickness },
  ].map((corner) => rotated(plan, corner, degrees));
}

/**
 * How far the open leaf (or the hinge-side stop, where that stands further in) reaches into the
 * opening, measured along the wall from the hinge rabbet. At 90° on butts this is
 * axis x + p + thickness; centre-hung hingeGap + a + thickness / 2.
 */
export function intrusion(plan: SwingPlan, degrees: number, hingeSideStop: Ticks = 0): number {
  const { axis, thickness } = plan;
  const cos = Math.cos(degrees * DEGREES);
  const sin = Math.sin(degrees * DEGREES);
  const near = plan.hingeGap - axis.x;
  const far = near + plan.width;
  // The corners, turned about the axis: each of hinge and lock edge with each of pull and push face.
  const along = Math.max(near * cos, far * cos);
  const across = Math.max(axis.y * sin, (thickness + axis.y) * sin);
  return Math.max(hingeSideStop, axis.x + along + across);
}

/** Clear width = frame opening - lock-side obstruction (the stop, or a closed second leaf) - intrusion. */
export function clearWidth(
  plan: SwingPlan,
  frameWidth: Ticks,
  lockSide: Ticks,
  degrees = 90,
  hingeSideStop: Ticks = 0,
): number {
  return frameWidth - lockSide - intrusion(plan, degrees, hingeSideStop);
}

/** Gap the lock edge needs to swing past a square jamb: √(w² + t² + 2pt) − w, w from axis to lock edge. */
export function lockEdgeGap(plan: SwingPlan): number {
  const w = plan.hingeGap + plan.width - plan.axis.x;
  const t = plan.thickness;
  const p = plan.axis.y;
  return Math.sqrt(w * w + t * t + 2 * p * t) - w;
}

/** Heel gap a centre-hung leaf needs: √(a² + (t/2)²) − a. */
export function heelGap(a: Ticks, thickness: Ticks): number {
  return Math.hypot(a, thickness / 2) - a;
}

/**
 * Widest opening angle before the leaf's pull face meets trim standing `projection` out of the frame
 * face beside the hinge jamb (its near edge at the rabbet); 180 when the barrel carries it clear.
 */
export function widestAngle(plan: SwingPlan, projection: Ticks): number {
  const p = plan.axis.y;
  if (projection <= 0 || 2 * p >= projection) return 180;
  // The pull face passes the trim's near corner while x sin θ + (projection − p) cos θ + p ≥ 0.
  const x = plan.axis.x;
  const beyond = projection - p;
  const cosine = -p / Math.hypot(x, beyond);
  if (cosine >= 1) return 90;
  const widest = (Math.atan2(x, beyond) + Math.acos(Math.max(-1, cosine))) / DEGREES;
  return Math.max(90, Math.min(180, widest));
}
