import { wholeUp, type Ticks } from '../measure/index.js';
import type { TrimLimits } from '../practice/index.js';
import { coverOf, type NeededLeaf } from './neededLeaf.js';
import type { Corner } from './outOfSquare.js';

export type EdgeName = 'hinge' | 'head' | 'lock' | 'bottom';

/** What stands at the two ends of an edge, in the order its figures are told. */
export const EDGE_ENDS: Readonly<Record<EdgeName, readonly [string, string]>> = {
  hinge: ['top', 'bottom'],
  head: ['hinge side', 'lock side'],
  lock: ['top', 'bottom'],
  bottom: ['hinge side', 'lock side'],
};

/** One straight cut between two figures, in ticks. */
export interface EdgeCut {
  edge: EdgeName;
  /**
   * What comes off at each end, measured from the blank's edge at the finished leaf's corners: lock and
   * hinge edge at the upper and at the lower corner, head and bottom at the hinge side's and at the
   * lock side's. Both figures at a corner mark it; the cut joins two marks.
   */
  ends: [Ticks, Ticks];
  /** The most that may come off this edge; undefined where the maker or the listing must say. */
  limit: Ticks | undefined;
  /** Saw first (score the face), then plane; plane only; or leave the edge alone. */
  tool: 'none' | 'plane' | 'saw';
}

/** How a blank becomes the leaf that fits. Cuts in the order they are made. */
export interface CutPlan {
  blank: { width: Ticks; height: Ticks };
  cuts: EdgeCut[];
  /** Edges that would lose more than they may. */
  beyond: EdgeName[];
  /** Where the blank's corner of hinge edge and bottom stands in the opening's coordinates. */
  origin: { x: number; y: number };
}

/**
 * Plans the cuts from a blank to the leaf. The lock edge gives first, up to what it may lose, then the
 * hinge edge (before hinges are cut into it, along its whole length); the bottom gives before the
 * head. Figures are whole ticks, rounded so that the leaf never comes out too large.
 *
 * Order of the cuts: hinge edge (nothing is cut into it yet), head, lock edge, bottom last.
 *
 * @returns undefined when the blank does not cover the leaf
 */
export function cutPlan(
  leaf: NeededLeaf,
  blank: { width: Ticks; height: Ticks },
  limits: TrimLimits | undefined,
  sawFrom: Ticks,
): CutPlan | undefined {
  const cover = coverOf(leaf);
  const spareWidth = blank.width - cover.width;
  const spareHeight = blank.height - cover.height;
  if (spareWidth < -1 || spareHeight < -1) return undefined;
  // First with nothing taken from hinge edge and head, to see what falls to lock edge and bottom.
  const first = cutsAt(leaf, blank, leaf.hingeTop.x, cover.bottom - spareHeight);
  const hingeTaken = limits
    ? Math.max(0, Math.min(largest(first.lock) - limits.lock, limits.hinge, spareWidth))
    : 0;
  const headTaken = limits
    ? Math.max(
        0,
        Math.min(
          largest(first.bottom) - limits.bottom,
          limits.head - largest(first.head),
          spareHeight,
        ),
      )
    : 0;
  const origin = {
    x: leaf.hingeTop.x - hingeTaken,
    y: cover.bottom - spareHeight + headTaken,
  };
  const taken = cutsAt(leaf, blank, origin.x, origin.y);
  const cuts = (['hinge', 'head', 'lock', 'bottom'] as const).map((edge): EdgeCut => {
    const ends = taken[edge].map((end) => Math.max(0, wholeUp(end))) as [Ticks, Ticks];
    const most = Math.max(...ends);
    return {
      edge,
      ends,
      limit: limits?.[edge],
      tool: most === 0 ? 'none' : most > sawFrom ? 'saw' : 'plane',
    };
  });
  return {
    blank,
    cuts,
    origin,
    beyond: cuts
      .filter((cut) => cut.limit !== undefined && Math.max(...cut.ends) > cut.limit)
      .map((cut) => cut.edge),
  };
}

const largest = (ends: [number, number]) => Math.max(...ends);

/** What comes off each edge when the blank's lower hinge corner stands at (x0, y0) in the opening. */
function cutsAt(
  leaf: NeededLeaf,
  blank: { width: number; height: number },
  x0: number,
  y0: number,
): Record<EdgeName, [number, number]> {
  const { hingeTop, hingeBottom, lockTop, lockBottom } = leaf;
  const right = x0 + blank.width;
  const top = y0 + blank.height;
  return {
    hinge: [hingeTop.x - x0, hingeBottom.x - x0],
    lock: [right - lockTop.x, right - lockBottom.x],
    head: [top - hingeTop.y, top - lockTop.y],
    bottom: [hingeBottom.y - y0, lockBottom.y - y0],
  };
}

/** The corners of the leaf that a plan's cuts leave, in the blank's coordinates (hinge edge x = 0, bottom y = 0). */
export function leafAfterCuts(plan: CutPlan): Corner[] {
  const { width, height } = plan.blank;
  const ends = (edge: EdgeName) => plan.cuts.find((cut) => cut.edge === edge)!.ends;
  const [hingeTop, hingeBottom] = ends('hinge');
  const [lockTop, lockBottom] = ends('lock');
  const [headHinge, headLock] = ends('head');
  const [bottomHinge, bottomLock] = ends('bottom');
  return [
    { x: hingeBottom, y: bottomHinge },
    { x: width - lockBottom, y: bottomLock },
    { x: width - lockTop, y: height - headLock },
    { x: hingeTop, y: height - headHinge },
  ];
}
