import { wholeDown, wholeUp } from '../measure/index.js';
import type { LockKind } from './facts.js';
import type { Practice } from '../practice/index.js';
import { cylinderOf, LOCK_FORMS } from './lockForms.js';

/** One half of a profile cylinder: its made length, and how far it stands out of its plate. */
export interface CylinderHalf {
  length: number;
  /** Negative when it stands back. */
  proud: number;
}

/** Lengths that follow the leaf's thickness; absent where the kind has no such part. Ticks. */
export interface ThroughLengths {
  profile?: { outer: CylinderHalf; inner: CylinderHalf } | undefined;
  /** Mortise cylinder: its made length, and the ring that fills the rest. */
  mortise?: { length: number; ring: number } | undefined;
  /** How long the tail of a rim cylinder is cut. */
  rimTail?: number | undefined;
  spindle?: number | undefined;
  /** Bolts that hold both trims together through the leaf. */
  screw?: number | undefined;
}

const upTo = (value: number, step: number) => wholeUp(value / step) * step;

/**
 * One half of a profile cylinder: half the leaf and the plate, to the next made step, unless that
 * stands out too far; then the step before. Never shorter than the shortest made.
 */
export function cylinderHalf(
  toFace: number,
  plate: number,
  values: Pick<Practice['values'], 'cylinderStep' | 'cylinderProud' | 'cylinderLeast'>,
): CylinderHalf {
  const wanted = toFace + plate;
  const step = values.cylinderStep.value;
  let length = upTo(wanted, step);
  if (length - wanted > values.cylinderProud.value) length -= step;
  length = Math.max(length, values.cylinderLeast.value);
  return { length, proud: length - wanted };
}

/**
 * What is as long as the leaf is thick: cylinder halves, mortise cylinder with its ring, spindle and
 * through bolts.
 *
 * @param pull from the middle of the lock to the pull face; the rest of the thickness is push
 * @param outsidePull whether the outside is the pull face
 */
export function throughLengths(
  kind: LockKind,
  thickness: number,
  pull: number,
  outsidePull: boolean,
  practice: Practice,
): ThroughLengths {
  const { values } = practice;
  const form = LOCK_FORMS[kind];
  const cylinder = cylinderOf(kind, practice);
  if (form.sits === 'none' || form.sits === 'push-face') {
    return cylinder === 'rim'
      ? { rimTail: upTo(thickness + values.screwStep.value * 2, values.screwStep.value) }
      : {};
  }
  const plate = values.plateThickness.value;
  const push = thickness - pull;
  const [outside, inside] = outsidePull ? [pull, push] : [push, pull];
  const through = form.body ? values.bodies.value[form.body].through : 0;
  const lengths: ThroughLengths = {};
  if (cylinder === 'profile')
    lengths.profile = {
      outer: cylinderHalf(outside, plate, values),
      inner: cylinderHalf(inside, plate, values),
    };
  if (cylinder === 'mortise') {
    const wanted = outside - through / 2 + values.cylinderInto.value;
    const made = values.mortiseCylinders.value;
    const length = made.find((one) => one >= wanted) ?? Math.max(...made);
    lengths.mortise = { length, ring: Math.max(0, length - wanted) };
  }
  if (cylinder === 'rim')
    lengths.rimTail = upTo(thickness + values.screwStep.value * 2, values.screwStep.value);
  if (form.sits === 'pocket' && kind !== 'sliding' && kind !== 'roller') {
    // Up to what is inside both handles; made steps below that, so that they do not bind.
    const step = values.screwStep.value;
    lengths.spindle = wholeDown((thickness + 2 * values.spindleGrip.value) / step) * step;
    lengths.screw = wholeDown((thickness + 2 * plate) / step) * step;
  }
  return lengths;
}
