import type { Ticks } from '../measure/index.js';
import {
  edgeOf,
  GAP_PLACES,
  gapsAfter,
  influence,
  type GapEdge,
  type GapPlace,
  type ReadGaps,
  type HingeMoves,
  type HungGeometry,
} from './places.js';

/** What the gap of an edge shall be, and what it may be. Ticks. */
export interface WantedGap {
  wanted: Ticks;
  least: Ticks;
  most: Ticks;
}
export type WantedGaps = Readonly<Record<GapEdge, WantedGap>>;

/** How far hinges can be moved, and in which steps. Ticks. */
export interface MoveReach {
  side: readonly [Ticks, Ticks];
  height: readonly [Ticks, Ticks];
  step: Ticks;
}

/** The moves found, what they come to, and what stays out of what is allowed. */
export interface Solved {
  moves: HingeMoves;
  gaps: ReadGaps;
  /** Places that stay outside, and by how much: negative where the gap is too narrow. */
  outside: { place: GapPlace; by: Ticks }[];
}

type Three = readonly [number, number, number];
const AXES = [0, 1, 2] as const;
const asMoves = ([top, bottom, up]: Three): HingeMoves => ({ top, bottom, up });

interface Row {
  a: Three;
  /** What shall be added up to. */
  b: number;
  weight: number;
}

/** How much more a gap outside of what is allowed counts than one inside. */
const OUTSIDE = 1e4;
/** A move that gains less than this on every gap is not worth a screw. Parts of a tick. */
const NOTHING = 1e-7;

/** Solves the normal equations in the free axes; nothing where they depend on each other. */
function solveFree(rows: readonly Row[], free: readonly number[], fixed: Three): Three | undefined {
  const n = free.length;
  const matrix = free.map((i) => [
    ...free.map((j) =>
      rows.reduce((sum, { a, weight }) => sum + weight * a[i as 0]! * a[j as 0]!, 0),
    ),
    rows.reduce((sum, { a, b, weight }) => {
      const held = AXES.reduce<number>(
        (all, k) => (free.includes(k) ? all : all + a[k] * fixed[k]),
        0,
      );
      return sum + weight * a[i as 0]! * (b - held);
    }, 0),
  ]);
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let row = column + 1; row < n; row++)
      if (Math.abs(matrix[row]![column]!) > Math.abs(matrix[pivot]![column]!)) pivot = row;
    if (Math.abs(matrix[pivot]![column]!) < 1e-9) return undefined;
    [matrix[column], matrix[pivot]] = [matrix[pivot]!, matrix[column]!];
    for (let row = 0; row < n; row++) {
      if (row === column) continue;
      const by = matrix[row]![column]! / matrix[column]![column]!;
      for (let k = column; k <= n; k++) matrix[row]![k]! -= by * matrix[column]![k]!;
    }
  }
  const found: [number, number, number] = [...fixed];
  free.forEach((axis, at) => (found[axis as 0] = matrix[at]![n]! / matrix[at]![at]!));
  return found;
}

const cost = (rows: readonly Row[], x: Three) =>
  rows.reduce((sum, { a, b, weight }) => {
    const off = a[0] * x[0] + a[1] * x[1] + a[2] * x[2] - b;
    return sum + weight * off * off;
  }, 0);

/** Least squares in a box: every face of it is tried, which three axes allow. */
function boundedLeast(rows: readonly Row[], low: Three, high: Three): Three {
  let best: Three = [0, 0, 0];
  let least = Infinity;
  for (let code = 0; code < 27; code++) {
    const at = [code % 3, Math.floor(code / 3) % 3, Math.floor(code / 9)];
    const free = AXES.filter((axis) => at[axis] === 0 && high[axis] > low[axis]);
    const fixed = AXES.map((axis) =>
      at[axis] === 1 ? low[axis] : at[axis] === 2 ? high[axis] : low[axis],
    ) as unknown as Three;
    const found = free.length === 0 ? fixed : solveFree(rows, free, fixed);
    if (!found || AXES.some((k) => found[k] < low[k] - 1e-6 || found[k] > high[k] + 1e-6)) continue;
    const now = cost(rows, found);
    if (now < least) {
      least = now;
      best = found;
    }
  }
  return best;
}

/** How far gaps lie outside, squared and added up; and how far off what is wanted, each in parts of its allowance. */
export function judgeGaps(
  gaps: ReadGaps,
  wanted: WantedGaps,
): { outside: number; off: number; list: Solved['outside'] } {
  let [outside, off] = [0, 0];
  const list: Solved['outside'] = [];
  for (const place of GAP_PLACES) {
    const gap = gaps[place];
    if (gap === undefined) continue;
    const limits = wanted[edgeOf(place)];
    const by = gap < limits.least ? gap - limits.least : gap > limits.most ? gap - limits.most : 0;
    if (Math.abs(by) > NOTHING) list.push({ place, by });
    outside += by * by;
    off += ((gap - limits.wanted) / scaleOf(limits)) ** 2;
  }
  return { outside, off, list };
}

const scaleOf = ({ least, most }: WantedGap) => Math.max(1, (most - least) / 2);

/** Whether one judgement is better than another: less outside first, then nearer to what is wanted. */
export function better(
  one: { outside: number; off: number },
  other: { outside: number; off: number },
): boolean {
  const less = other.outside - one.outside;
  return Math.abs(less) > NOTHING ? less > 0 : one.off < other.off - NOTHING;
}

/** How many steps about the exact answer are looked at after rounding. */
const AROUND = 2;

/**
 * The moves of top and bottom hinge and of the whole leaf that bring the gaps nearest to what is wanted, within what
 * the hinges reach: least squares with bounds, where a gap outside of what is allowed counts first; then rounded to
 * the steps there are, and the neighbours of the rounded answer tried until none is better.
 */
export function solveGaps(
  gaps: ReadGaps,
  leaf: HungGeometry,
  wanted: WantedGaps,
  reach: MoveReach,
): Solved {
  const places = GAP_PLACES.filter((place) => gaps[place] !== undefined);
  const low: Three = [reach.side[0], reach.side[0], reach.height[0]];
  const high: Three = [reach.side[1], reach.side[1], reach.height[1]];
  const aOf = (place: GapPlace): Three => {
    const { top, bottom, up } = influence(place, leaf);
    return [top, bottom, up];
  };
  const base: Row[] = places.map((place) => {
    const limits = wanted[edgeOf(place)];
    return {
      a: aOf(place),
      b: limits.wanted - gaps[place]!,
      weight: 1 / scaleOf(limits) ** 2,
    };
  });
  // Without a reading in a direction nothing asks for a move in it.
  const still = AXES.map((k) => ({
    a: AXES.map((axis) => (axis === k ? 1 : 0)) as unknown as Three,
    b: 0,
    weight: 1e-9,
  }));
  let rows: Row[] = [...base, ...still];
  let x = boundedLeast(rows, low, high);
  for (let round = 0; round < 12; round++) {
    const now = gapsAfter(gaps, leaf, asMoves(x));
    const beyond = places.flatMap((place): Row[] => {
      const limits = wanted[edgeOf(place)];
      const gap = now[place]!;
      const limit = gap < limits.least ? limits.least : gap > limits.most ? limits.most : undefined;
      return limit === undefined
        ? []
        : [{ a: aOf(place), b: limit - gaps[place]!, weight: OUTSIDE }];
    });
    if (beyond.length === 0) break;
    rows = [...base, ...still, ...beyond];
    const next = boundedLeast(rows, low, high);
    const moved = AXES.some((k) => Math.abs(next[k] - x[k]) > 1e-3);
    x = next;
    if (!moved) break;
  }
  const { step } = reach;
  const bound = (axis: 0 | 1 | 2, value: number) => {
    const [least, most] = [Math.ceil(low[axis] / step), Math.floor(high[axis] / step)];
    return Math.min(Math.max(value, least), Math.max(least, most));
  };
  const at = (steps: Three): Three => steps.map((one) => one * step || 0) as unknown as Three;
  let best = AXES.map((k) => bound(k, Math.round(x[k] / step))) as unknown as Three;
  let judged = judgeGaps(gapsAfter(gaps, leaf, asMoves(at(best))), wanted);
  for (let moved = true; moved;) {
    moved = false;
    const [p, q, r] = best;
    for (let i = -AROUND; i <= AROUND; i++)
      for (let j = -AROUND; j <= AROUND; j++)
        for (let k = -AROUND; k <= AROUND; k++) {
          const tried: Three = [bound(0, p + i), bound(1, q + j), bound(2, r + k)];
          if (AXES.every((axis) => tried[axis] === best[axis])) continue;
          const now = judgeGaps(gapsAfter(gaps, leaf, asMoves(at(tried))), wanted);
          if (!better(now, judged)) continue;
          [best, judged, moved] = [tried, now, true];
        }
  }
  const moves = asMoves(at(best));
  return { moves, gaps: gapsAfter(gaps, leaf, moves), outside: judged.list };
}
