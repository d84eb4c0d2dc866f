import { wholeDown, wholeUp, type Ticks } from '../measure/index.js';

/** A gap along an edge: where it is read, from 0 at one end of the edge to 1 at the other, and what it may be. */
export interface EdgeGap {
  at: number;
  gap: Ticks;
  least: Ticks;
  most: Ticks;
}

/** What is taken off an edge at its two ends, in ticks; the cut is straight between them. */
export type Taken = readonly [Ticks, Ticks];

export const NOTHING_TAKEN: Taken = [0, 0];

/** What a cut takes at a place along the edge. */
export const takenAt = ([first, second]: Taken, at: number): number =>
  first + (second - first) * at;

/** How far a gap lies outside of what it may be; negative where it is too narrow. */
export const outsideBy = (gap: Ticks, { least, most }: { least: Ticks; most: Ticks }): Ticks =>
  gap < least ? gap - least : gap > most ? gap - most : 0;

/** How far gaps stay outside after a cut, squared and added up. */
function outsideAfter(gaps: readonly EdgeGap[], taken: Taken): number {
  let sum = 0;
  for (const one of gaps) sum += outsideBy(one.gap + takenAt(taken, one.at), one) ** 2;
  return sum;
}

/**
 * The least that is planed off an edge, straight or tapered, so that its gaps lie within what they may be, or
 * as little outside as can be: of every cut whose ends are whole steps within what the edge may lose, the one
 * that leaves least outside, of those the one that takes least.
 *
 * @param most what may come off the edge, ticks
 * @param step what a plane is set to, ticks
 */
export function planeEdge(
  gaps: readonly EdgeGap[],
  most: Ticks,
  step: Ticks,
): { taken: Taken; outside: number } {
  let best = { taken: NOTHING_TAKEN, outside: outsideAfter(gaps, NOTHING_TAKEN) };
  // Planing opens gaps: where none is too narrow there is nothing to take.
  if (!gaps.some(({ gap, least }) => gap < least)) return best;
  const ends = wholeDown(most / step);
  const better = (taken: Taken) => {
    const outside = outsideAfter(gaps, taken);
    const less = outside - best.outside;
    if (less < -1e-7 || (less < 1e-7 && sumOf(taken) < sumOf(best.taken) - 1e-7))
      best = { taken, outside };
  };
  for (let second = 0; second <= ends; second++) {
    // The first end as far as the narrowest place asks, or no end at all where that is more than may come off.
    const asked = gaps.map(({ at, gap, least }) =>
      at >= 1 ? 0 : (least - gap - second * step * at) / (1 - at),
    );
    const first = Math.min(ends, Math.max(0, wholeUp(Math.max(...asked) / step)));
    for (let end = 0; end <= first; end++) better([end * step, second * step]);
  }
  return best;
}

/** What a cut takes at both its ends. */
export const sumOf = ([first, second]: Taken): number => first + second;
