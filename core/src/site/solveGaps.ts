import { wholeDown, wholeUp, type Ticks } from '../measure/index.js';
import {
  edgeOf,
  GAP_PLACES,
  gapsAfter,
  influence,
  movesOfHinges,
  pointOf,
  type GapEdge,
  type GapPlace,
  type HingeMoves,
  type HungGeometry,
  type ReadGaps,
} from './places.js';
import {
  NOTHING_TAKEN,
  outsideBy,
  sumOf,
  planeEdge,
  takenAt,
  type EdgeGap,
  type Taken,
} from './planing.js';

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

/** Edges that are planed: never that of the hinges, which are let into it. */
export const PLANED_EDGES = ['lock', 'head', 'floor'] as const;
export type PlanedEdge = (typeof PLANED_EDGES)[number];

/** What a leaf may be planed by. Ticks. */
export interface PlaneReach {
  trim: Readonly<Record<PlanedEdge, Ticks>>;
  step: Ticks;
}

/** What each deed costs, an edge that is planed among them, so that the least work is found: as a hand counts, not in minutes. */
export interface WorkCosts extends Readonly<Record<PlanedEdge, number>> {
  /** A hinge that is packed, let in deeper or turned. */
  hinge: number;
  /** A hinge whose gap was right, moved all the same. */
  spoilt: number;
  /** Both ends moved, and not alike. */
  uneven: number;
}

/** What is done to one leaf. */
export interface GapWork {
  moves: HingeMoves;
  /** What is planed off each edge at its two ends: lock edge from the top down, head and floor from the hinges. */
  planed: Readonly<Record<PlanedEdge, Taken>>;
}

/** The work found, what it comes to, and what stays out of what is allowed. */
export interface Solved extends GapWork {
  gaps: ReadGaps;
  /** Places that stay outside, and by how much: negative where the gap is too narrow. */
  outside: { place: GapPlace; by: Ticks }[];
}

/** Judgements nearer to each other than this are the same. Parts of a tick, squared. */
const NOTHING = 1e-7;
export const NO_PLANING: GapWork['planed'] = {
  lock: NOTHING_TAKEN,
  head: NOTHING_TAKEN,
  floor: NOTHING_TAKEN,
};

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
    const by = outsideBy(gap, limits);
    if (Math.abs(by) > NOTHING) list.push({ place, by });
    outside += by * by;
    off += ((gap - limits.wanted) / scaleOf(limits)) ** 2;
  }
  return { outside, off, list };
}

const scaleOf = ({ least, most }: WantedGap) => Math.max(1, (most - least) / 2);

/** The steps from one end of a reach to the other; none is one of them. */
function stepsWithin([least, most]: readonly [Ticks, Ticks], step: Ticks): Ticks[] {
  const from = wholeUp(least / step);
  const to = wholeDown(most / step);
  return Array.from({ length: Math.max(1, to - from + 1) }, (_, at) => (from + at) * step || 0);
}

/** Where along its edge a place lies: from the top of the lock edge, from the hinges on head and floor. */
export function alongEdge(place: GapPlace, leaf: HungGeometry): number {
  const { x, y } = pointOf(place, leaf);
  return edgeOf(place) === 'lock' ? 1 - y / leaf.height : x / leaf.width;
}

/** The gaps after hinges were moved and edges planed. */
export function gapsAfterWork(gaps: ReadGaps, leaf: HungGeometry, work: GapWork): ReadGaps {
  const after: Partial<Record<GapPlace, Ticks>> = { ...gapsAfter(gaps, leaf, work.moves) };
  for (const place of GAP_PLACES) {
    const gap = after[place];
    const edge = edgeOf(place);
    if (gap === undefined || edge === 'hinge') continue;
    after[place] = gap + takenAt(work.planed[edge], alongEdge(place, leaf));
  }
  return after;
}

/**
 * What some work costs: a deed for each hinge that is moved, more where its own gap was right and is so no
 * longer as well; one for each edge that is planed.
 */
export function workOf(
  { moves, planed }: GapWork,
  gaps: ReadGaps,
  leaf: HungGeometry,
  wanted: WantedGaps,
  costs: WorkCosts,
): number {
  let cost = 0;
  if (moves.top !== 0 || moves.bottom !== 0 || moves.up !== 0) {
    const moved = movesOfHinges(leaf, moves).filter((one) => one !== 0 || moves.up !== 0);
    cost += moved.length * costs.hinge;
    if (moves.top !== 0 && moves.bottom !== 0 && moves.top !== moves.bottom) cost += costs.uneven;
    for (const end of ['top', 'bottom'] as const)
      if (spoils(gaps[`hinge-${end}`], moves[end], wanted.hinge)) cost += costs.spoilt;
  }
  for (const edge of PLANED_EDGES)
    if (planed[edge][0] > 0 || planed[edge][1] > 0) cost += costs[edge];
  return cost;
}

/** Whether moving a hinge takes a gap that is as it may be further from what is wanted. */
const spoils = (gap: Ticks | undefined, move: Ticks, { wanted, least, most }: WantedGap): boolean =>
  move !== 0 &&
  gap !== undefined &&
  gap >= least &&
  gap <= most &&
  Math.abs(gap + move - wanted) > Math.abs(gap - wanted);

/**
 * The least work that brings every gap within what is allowed, or as near to it as can be: hinges packed, let in
 * deeper or turned, the leaf lifted, edges planed straight or tapered, weighed together. Every move of the hinges
 * in steps that shims or quarter turns make is tried, with the least planing that then remains; of those that
 * leave as little outside the one of least work, of those the one that is planed least and whose gaps come nearest to what is wanted, of
 * those the least moving. A search that goes downhill stops on the ledges where one gap comes in as another
 * goes out.
 */
export function solveGaps(
  gaps: ReadGaps,
  leaf: HungGeometry,
  wanted: WantedGaps,
  reach: MoveReach,
  plane: PlaneReach,
  costs: WorkCosts,
): Solved {
  const rows = GAP_PLACES.flatMap((place) => {
    const gap = gaps[place];
    if (gap === undefined) return [];
    const edge = edgeOf(place);
    return [{ place, edge, gap, ...influence(place, leaf), ...wanted[edge] }];
  });
  const onEdge = (edge: GapEdge) => rows.filter((row) => row.edge === edge);
  const hinge = onEdge('hinge');
  const along = (edge: PlanedEdge) =>
    onEdge(edge).map((row) => ({ row, at: alongEdge(row.place, leaf) }));
  const planable = { lock: along('lock'), head: along('head'), floor: along('floor') };
  const sides = stepsWithin(reach.side, reach.step);
  const heights = stepsWithin(reach.height, reach.step);
  let best:
    | { work: GapWork; outside: number; cost: number; shaved: number; off: number; moving: number }
    | undefined;
  for (const top of sides)
    for (const bottom of sides) {
      let atHinges = 0;
      for (const row of hinge)
        atHinges += outsideBy(row.gap + row.top * top + row.bottom * bottom, row) ** 2;
      const planedAt = (edge: PlanedEdge, up: Ticks) => {
        const now = planable[edge].map(({ row, at }): EdgeGap => ({
          at,
          gap: row.gap + row.top * top + row.bottom * bottom + row.up * up,
          least: row.least,
          most: row.most,
        }));
        return planeEdge(now, plane.trim[edge], plane.step);
      };
      const hopeless = (outside: number) => best && outside > best.outside + NOTHING;
      if (hopeless(atHinges)) continue;
      // The gap at the lock edge does not change with the height of the leaf.
      const lock = planedAt('lock', 0);
      if (hopeless(atHinges + lock.outside)) continue;
      for (const up of heights) {
        const [head, floor] = [planedAt('head', up), planedAt('floor', up)];
        const outside = atHinges + lock.outside + head.outside + floor.outside;
        if (hopeless(outside)) continue;
        const planed = { lock: lock.taken, head: head.taken, floor: floor.taken };
        const work: GapWork = { moves: { top, bottom, up }, planed };
        const cost = workOf(work, gaps, leaf, wanted, costs);
        const equal = best && outside > best.outside - NOTHING;
        if (equal && cost > best!.cost) continue;
        const { off } = judgeGaps(gapsAfterWork(gaps, leaf, work), wanted);
        const moving = Math.abs(top) + Math.abs(bottom) + Math.abs(up);
        const shaved = sumOf(lock.taken) + sumOf(head.taken) + sumOf(floor.taken);
        const found = { work, outside, cost, shaved, off, moving };
        if (!best || !equal || isBetter(found, best)) best = found;
      }
    }
  const { work } = best!;
  const after = gapsAfterWork(gaps, leaf, work);
  return { ...work, gaps: after, outside: judgeGaps(after, wanted).list };
}

type Weighed = { cost: number; shaved: number; off: number; moving: number };

const isBetter = (one: Weighed, other: Weighed): boolean =>
  one.cost !== other.cost
    ? one.cost < other.cost
    : one.shaved !== other.shaved
      ? one.shaved < other.shaved
      : Math.abs(one.off - other.off) > NOTHING
        ? one.off < other.off
        : one.moving < other.moving - NOTHING;
