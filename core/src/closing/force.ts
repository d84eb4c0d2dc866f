import { toMm } from '../measure/index.js';
import { valueOrUndefined, type OpeningFacts, type Results } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { CloserSize } from './values.js';

const metres = (ticks: number) => toMm(ticks) / 1000;

/** Where and how hard a leaf is pushed open against its closer. */
export interface OpeningForce {
  /** Newtons. */
  newtons: number;
  /** From the hinge axis, in ticks. */
  at: number;
  /** The closer's own opening moment, N·m. */
  moment: number;
}

/**
 * The force that opens a leaf against its closer: what closes it, over the share of the work that comes
 * back, at the hardware (or 30 in from the hinge, if that is farther) or at the leading edge.
 */
export function openingForce(
  size: CloserSize,
  practice: Practice,
  width: number,
  backset: number | undefined,
): OpeningForce {
  const { forceAt, forceAtLeast, backset: usual } = practice.values;
  const at =
    forceAt.value === 'edge'
      ? width
      : Math.min(width, Math.max(width - (backset ?? usual.value), forceAtLeast.value));
  const moment = size.closing / (size.efficiency / 100);
  return { newtons: moment / metres(at), at, moment };
}

/** Whether a latch has to be pushed into its strike; a rated leaf whose lock is not known will have one. */
export const latchesShut = (
  { rating }: OpeningFacts,
  { spec }: Pick<Results['securing'], 'spec'>,
): boolean => (spec ? spec.latch !== 'none' : (valueOrUndefined(rating) ?? 0) > 0);

/**
 * What latch and seals push back with at the lock edge as the leaf comes to its stop, by what is known of
 * them. Newtons.
 */
export function shuttingResistance(
  facts: OpeningFacts,
  practice: Practice,
  latches: boolean,
): number {
  const { sealPush, latchPush, lowLatchPush } = practice.values;
  const push = sealPush.value;
  const seal = Math.max(
    push[valueOrUndefined(facts.stopSeal) ?? 'none'],
    facts.smoke === true ? push.smoke : 0,
    (valueOrUndefined(facts.sound) ?? 0) > 0 ? push.sound : 0,
  );
  if (!latches) return seal;
  return seal + (facts.lowFrictionLatch === true ? lowLatchPush : latchPush).value;
}

/** The moment that closing takes against pressure, latch and seals, N·m: ΔP × area × width / 2, force × width. */
export function closingMoment(
  width: number,
  height: number,
  pressure: number,
  resistance: number,
): number {
  const [w, h] = [metres(width), metres(height)];
  return (pressure * w * h * w) / 2 + resistance * w;
}

/** The sizes of closers that are made where a practice holds. */
export const sizesMade = ({ values }: Practice): readonly CloserSize[] =>
  values.closerSizes.value.filter(({ size }) => size <= values.closerMost.value);

/** The least size that closes against a moment; undefined where none does. */
export function sizeAgainst(sizes: readonly CloserSize[], moment: number): CloserSize | undefined {
  return sizes.find(({ closing }) => closing >= moment);
}
