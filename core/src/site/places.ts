import type { Ticks } from '../measure/index.js';

/** The edges of a leaf that a gap runs along. */
export const GAP_EDGES = ['hinge', 'lock', 'head', 'floor'] as const;
export type GapEdge = (typeof GAP_EDGES)[number];

/** Where gaps are read, from the pull side: three on each edge. */
export const GAP_PLACES = [
  'hinge-top',
  'hinge-middle',
  'hinge-bottom',
  'head-hinge',
  'head-middle',
  'head-lock',
  'lock-top',
  'lock-middle',
  'lock-bottom',
  'floor-hinge',
  'floor-middle',
  'floor-lock',
] as const;
export type GapPlace = (typeof GAP_PLACES)[number];

/** What was read; places that were not are absent. Ticks. */
export type ReadGaps = Readonly<Partial<Record<GapPlace, Ticks>>>;

export const edgeOf = (place: GapPlace): GapEdge => place.split('-')[0] as GapEdge;

/** A leaf as its gaps are read and its hinges moved: ticks, from its hinge edge and its bottom. */
export interface HungGeometry {
  width: Ticks;
  height: Ticks;
  /** Centres of the hinges or pivots above the leaf's bottom, the top one first. */
  hinges: readonly Ticks[];
  /** How far from the corners gaps are read. */
  inset: Ticks;
  /** Height of the latch above the leaf's bottom, where it has one. */
  latch?: Ticks | undefined;
}

/** Where on the leaf a gap is read. */
export function pointOf(place: GapPlace, { width, height, inset }: HungGeometry) {
  const [edge, at] = place.split('-') as [GapEdge, string];
  const along = (end: Ticks, first: string) =>
    at === first ? inset : at === 'middle' ? end / 2 : end - inset;
  switch (edge) {
    case 'hinge':
      return { x: 0, y: along(height, 'bottom') };
    case 'lock':
      return { x: width, y: along(height, 'bottom') };
    case 'head':
      return { x: along(width, 'hinge'), y: height };
    case 'floor':
      return { x: along(width, 'hinge'), y: 0 };
  }
}

/** What is done to the hinges: top and bottom one towards the lock, the whole leaf up. Ticks. */
export interface HingeMoves {
  top: Ticks;
  bottom: Ticks;
  up: Ticks;
}

/**
 * By how much each move changes a gap, for one tick of it: the leaf turns as a rigid body about its hinges. With the
 * top hinge moved by a and the bottom one by b, a point at height y goes towards the lock by
 * a + (a − b)(y − y_top) / (y_top − y_bottom), and one at x from the hinges sinks by (a − b) x / (y_top − y_bottom).
 */
export function influence(place: GapPlace, leaf: HungGeometry): HingeMoves {
  const { x, y } = pointOf(place, leaf);
  const top = leaf.hinges[0]!;
  const bottom = leaf.hinges[leaf.hinges.length - 1]!;
  const apart = top - bottom;
  const lever = (y - top) / apart;
  switch (edgeOf(place)) {
    case 'hinge':
      return { top: 1 + lever, bottom: -lever, up: 0 };
    case 'lock':
      return { top: -1 - lever, bottom: lever, up: 0 };
    case 'head':
      return { top: x / apart, bottom: -x / apart, up: -1 };
    case 'floor':
      return { top: -x / apart, bottom: x / apart, up: 1 };
  }
}

/** The gaps after some moves. */
export function gapsAfter(gaps: ReadGaps, leaf: HungGeometry, moves: HingeMoves): ReadGaps {
  const after: Partial<Record<GapPlace, Ticks>> = {};
  for (const place of GAP_PLACES) {
    const gap = gaps[place];
    if (gap === undefined) continue;
    const by = influence(place, leaf);
    after[place] = gap + by.top * moves.top + by.bottom * moves.bottom + by.up * moves.up;
  }
  return after;
}

/** How far each hinge goes, the top one first: those between on the line through both ends. */
export function movesOfHinges({ hinges }: HungGeometry, { top, bottom }: HingeMoves): Ticks[] {
  const [first, last] = [hinges[0]!, hinges[hinges.length - 1]!];
  return hinges.map((y) => bottom + ((top - bottom) * (y - last)) / (first - last));
}
