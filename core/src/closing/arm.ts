import { memoize } from '../measure/index.js';
import { rotated, type SwingPlan } from '../sizing/index.js';
import type { ArmName } from './armNames.js';
import type { ArmRow } from './values.js';

export interface Point {
  x: number;
  y: number;
}

/** An arm at one angle: from the body's spindle over the elbow (or to the roller) to the shoe. */
export interface ArmAt {
  spindle: Point;
  /** Of a track arm the roller. */
  elbow: Point;
  shoe: Point;
}

const onPush = (name: ArmName) =>
  name === 'parallel' || name === 'track-push' || name === 'top-jamb';

/**
 * Where an arm's joints lie when the leaf is opened. Plan as in `SwingPlan`: x along the wall from the
 * hinge rabbet, y out of the pull face.
 *
 * @returns undefined where the arm does not reach
 */
export function armAt(
  name: ArmName,
  row: ArmRow,
  plan: SwingPlan,
  degrees: number,
): ArmAt | undefined {
  const push = onPush(name);
  const out = push ? -1 : 1;
  const face = push ? -plan.thickness : 0;
  const from = plan.axis.x;
  const onLeaf = (along: number, off: number) =>
    rotated(plan, { x: from + along, y: face + out * off }, degrees);
  const onFrame = (along: number, off: number): Point => ({ x: from + along, y: face + out * off });
  // On the head's face the body stands still and the shoe goes with the leaf.
  const body = name === 'top-jamb' ? onFrame : onLeaf;
  const shoeOn = name === 'top-jamb' ? onLeaf : onFrame;
  const spindle = body(row.spindleAlong, row.spindleOut);
  if (row.fore === 0) return trackAt(spindle, row, from, face + out * row.shoeOut);
  const shoe = shoeOn(row.shoeAlong, row.shoeOut);
  const elbow = elbowOf(spindle, row.main, shoe, row.fore, elbowSide(name));
  return elbow && { spindle, elbow, shoe };
}

/** A roller in a track along the head: where the main arm's circle meets it, towards the lock. */
function trackAt(spindle: Point, row: ArmRow, from: number, y: number): ArmAt | undefined {
  const rise = y - spindle.y;
  if (Math.abs(rise) > row.main) return undefined;
  const roller = { x: spindle.x + Math.sqrt(row.main ** 2 - rise ** 2), y };
  if (roller.x > from + row.shoeAlong || roller.x < from) return undefined;
  return { spindle, elbow: roller, shoe: roller };
}

/** Arms fold out of the face they work on; a parallel one lies along the leaf, towards the lock. */
function elbowSide(name: ArmName): 1 | -1 {
  return name === 'top-jamb' ? -1 : 1;
}

/** The joint of two links between two points, on one side of the line between them. */
function elbowOf(
  from: Point,
  first: number,
  to: Point,
  second: number,
  side: 1 | -1,
): Point | undefined {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const apart = Math.hypot(dx, dy);
  if (apart > first + second || apart < Math.abs(first - second) || apart === 0) return undefined;
  const along = (first ** 2 - second ** 2 + apart ** 2) / (2 * apart);
  const off = Math.sqrt(Math.max(0, first ** 2 - along ** 2));
  return {
    x: from.x + (along * dx - side * off * dy) / apart,
    y: from.y + (along * dy + side * off * dx) / apart,
  };
}

/** What an arm does over the swing. Ticks, degrees. */
export interface ArmSweep {
  /** The widest angle it lets the leaf open, up to 180. */
  widest: number;
  /** How far it stands out of the wall's face it works on, the leaf closed. */
  outClosed: number;
}

const STEP = 1;

/** Follows the arm from the closed leaf until it no longer reaches; of leaves hung alike once. */
export function armSweep(
  name: ArmName,
  row: ArmRow,
  { thickness, hingeGap, axis }: SwingPlan,
): ArmSweep {
  return sweepOf(row, name, thickness, hingeGap, axis.x, axis.y);
}

const sweepOf = memoize(
  (
    row: ArmRow,
    name: ArmName,
    thickness: number,
    hingeGap: number,
    x: number,
    y: number,
  ): ArmSweep => {
    // How wide the leaf is does not matter to its arm.
    const plan: SwingPlan = { width: 0, thickness, hingeGap, axis: { x, y } };
    const push = onPush(name);
    const face = push ? -thickness : 0;
    const closed = armAt(name, row, plan, 0);
    const out = closed
      ? [closed.spindle, closed.elbow, closed.shoe].map((at) => (push ? face - at.y : at.y - face))
      : [0];
    const sweep: ArmSweep = { widest: 0, outClosed: Math.max(...out) };
    for (let degrees = 0; degrees <= 180; degrees += STEP) {
      if (!armAt(name, row, plan, degrees)) break;
      sweep.widest = degrees;
    }
    return sweep;
  },
);

/**
 * How far a body on the pull face reaches beyond the hinge jamb's rabbet with the leaf open; a wall that
 * stands square to the opening is met there.
 *
 * @param body how long it is along the leaf, its spindle in the middle, and how far it stands out
 */
export function bodyBeyond(
  row: ArmRow,
  plan: SwingPlan,
  body: { across: number; through: number },
  degrees: number,
): number {
  const ends = [-0.5, 0.5].map((share) => ({
    x: plan.axis.x + row.spindleAlong + share * body.across,
    y: body.through,
  }));
  return -Math.min(...ends.map((end) => rotated(plan, end, degrees).x));
}
