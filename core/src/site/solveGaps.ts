import { wholeDown, wholeUp, type Ticks } from '../measure/index.js';
import {
  edgeOf,
  GAP_PLACES,
  gapsAfter,
  influence,
  type GapEdge,
  type GapPlace,
  type HingeMoves,
  type HungGeometry,
  type ReadGaps,
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

/** Judgements nearer to each other than this are the same. Parts of a tick, squared. */
const NOTHING = 1e-7;

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

/** The steps from one end of a reach to the other; none is one of them. */
function stepsWithin([least, most]: readonly [Ticks, Ticks], step: Ticks): Ticks[] {
  const from = wholeUp(least / step - NOTHING);
  const to = wholeDown(most / step + NOTHING);
  return Array.from({ length: Math.max(1, to - from + 1) }, (_, at) => (from + at) * step || 0);
}

/**
 * The moves of top and bottom hinge and of the whole leaf that bring the gaps nearest to what is wanted, out of all
 * that shims or quarter turns within the hinges' reach can make: least outside of what is allowed, of those nearest
 * to what is wanted, of those the least moving. Every one is tried; a search that goes downhill stops on the ledges
 * where one gap comes in as another goes out.
 */
export function solveGaps(
  gaps: ReadGaps,
  leaf: HungGeometry,
  wanted: WantedGaps,
  reach: MoveReach,
): Solved {
  const rows = GAP_PLACES.flatMap((place) => {
    const gap = gaps[place];
    if (gap === undefined) return [];
    const limits = wanted[edgeOf(place)];
    return [{ gap, ...influence(place, leaf), ...limits, scale: scaleOf(limits) }];
  });
  const sides = stepsWithin(reach.side, reach.step);
  const heights = stepsWithin(reach.height, reach.step);
  const tried: { moves: HingeMoves; outside: number; off: number; moving: number }[] = [];
  let lowest = Infinity;
  for (const top of sides)
    for (const bottom of sides)
      for (const up of heights) {
        let [outside, off] = [0, 0];
        for (const row of rows) {
          const gap = row.gap + row.top * top + row.bottom * bottom + row.up * up;
          const by = gap < row.least ? gap - row.least : gap > row.most ? gap - row.most : 0;
          outside += by * by;
          if (outside > lowest + NOTHING) break;
          off += ((gap - row.wanted) / row.scale) ** 2;
        }
        if (outside > lowest + NOTHING) continue;
        lowest = Math.min(lowest, outside);
        const moving = Math.abs(top) + Math.abs(bottom) + Math.abs(up);
        tried.push({ moves: { top, bottom, up }, outside, off, moving });
      }
  const least = (by: 'outside' | 'off' | 'moving', some: typeof tried) => {
    const low = some.reduce((least, one) => Math.min(least, one[by]), Infinity);
    return some.filter((one) => one[by] <= low + NOTHING);
  };
  const { moves } = least('moving', least('off', least('outside', tried)))[0]!;
  const after = gapsAfter(gaps, leaf, moves);
  return { moves, gaps: after, outside: judgeGaps(after, wanted).list };
}
