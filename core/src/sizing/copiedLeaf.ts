import type { Ticks } from '../measure/index.js';
import type { Survey } from '../survey/index.js';
import type { EdgeName } from './cutPlan.js';
import { leafOfCorners, type AroundLeaf, type LeafCorners, type NeededLeaf } from './neededLeaf.js';
import type { Corner } from './outOfSquare.js';

/** What each edge of the new leaf gains on the old one at its two ends, in ticks; negative where it loses. */
export type EdgeGains = Record<EdgeName, readonly [Ticks, Ticks]>;

/** A leaf copied from the old one. */
export interface CopiedLeaf {
  /** The old leaf, its lower hinge corner at (0, 0). */
  old: LeafCorners;
  gains: EdgeGains;
  /** Edges of which no gap was read: they are copied as they are. */
  unread: EdgeName[];
  /** Which end is square to the hinge edge; undefined where the edges differ and nobody said. */
  squareEnd: 'head' | 'foot' | undefined;
  needed: NeededLeaf;
  /** How far the lock edge is back at its push face, over the thickness; undefined where nobody read it. */
  bevelLock: Ticks | undefined;
}

/** Readings of the gaps as the old leaf hangs: of each edge at its two ends. */
const GAPS: Readonly<Record<EdgeName, readonly [string, string]>> = {
  hinge: ['gapHingeTop', 'gapHingeBottom'],
  lock: ['gapLockTop', 'gapLockBottom'],
  head: ['headGapNow', 'gapHeadLock'],
  bottom: ['gapFloorHinge', 'gapFloorLock'],
};

/** The old leaf as somebody recorded it, where its tape readings are not there. Ticks. */
export interface RecordedLeaf {
  width?: Ticks | undefined;
  height?: Ticks | undefined;
}

/** The old leaf's corners as read or recorded; one width or height stands for those that were not. */
function oldLeaf(
  survey: Survey,
  recorded: RecordedLeaf,
): { corners: LeafCorners; squareEnd: CopiedLeaf['squareEnd'] } | undefined {
  const read = (...names: string[]) => {
    for (const name of names) {
      const value = survey.number(name);
      if (value !== undefined) return value;
    }
    return undefined;
  };
  const top = read('leafWidthTop', 'leafWidth', 'leafWidthBottom') ?? recorded.width;
  const bottom = read('leafWidthBottom', 'leafWidth', 'leafWidthTop') ?? recorded.width;
  const hinge = read('leafHeightHinge', 'leafHeight') ?? recorded.height;
  const lock = read('leafHeight', 'leafHeightHinge') ?? recorded.height;
  if (!top || !bottom || !hinge || !lock) return undefined;
  const upright = Math.sqrt(Math.max(0, lock * lock - (top - bottom) ** 2));
  const said = survey.text('leafSquareEnd') as 'head' | 'foot' | undefined;
  const squareEnd = said ?? (hinge === lock ? 'head' : undefined);
  const lockTop = said === 'foot' ? upright : hinge;
  return {
    squareEnd,
    corners: {
      hingeBottom: { x: 0, y: 0 },
      hingeTop: { x: 0, y: hinge },
      lockTop: { x: top, y: lockTop },
      lockBottom: { x: bottom, y: lockTop - upright },
    },
  };
}

/**
 * Copies the old leaf: every edge of the new one is the old one's, moved out by the gap that is less the
 * gap that is wanted, at both its ends (trade practice). An edge whose gap was not read is copied as it
 * is, but for a floor that rises.
 *
 * @param wanted gaps wanted around the new leaf, ticks; below from today's floor
 * @param floorFinish how far the floor will rise, ticks
 * @param recorded its size, where it was given and not read
 * @returns undefined while neither a width nor a height of the old leaf was read
 */
export function copiedLeaf(
  survey: Survey,
  wanted: AroundLeaf,
  floorFinish: Ticks,
  recorded: RecordedLeaf = {},
): CopiedLeaf | undefined {
  const read = oldLeaf(survey, recorded);
  if (!read) return undefined;
  const { corners: old } = read;
  const unread: EdgeName[] = [];
  const gain = (edge: EdgeName, gap: Ticks): readonly [Ticks, Ticks] => {
    const [first, second] = GAPS[edge].map((name) => survey.number(name));
    const one = first ?? second;
    if (one === undefined) {
      unread.push(edge);
      return edge === 'bottom' ? [-floorFinish || 0, -floorFinish || 0] : [0, 0];
    }
    return [(first ?? one) - gap, (second ?? one) - gap];
  };
  const gains: EdgeGains = {
    hinge: gain('hinge', wanted.hinge),
    head: gain('head', wanted.head),
    lock: gain('lock', wanted.lock),
    bottom: gain('bottom', wanted.undercut),
  };
  return {
    old,
    gains,
    unread,
    squareEnd: read.squareEnd,
    needed: grown(old, gains, wanted),
    bevelLock: survey.number('bevelLock'),
  };
}

/** A leaf with its edges moved out, its hinge edge upright, set into the opening at its gaps. */
function grown(old: LeafCorners, gains: EdgeGains, wanted: AroundLeaf): NeededLeaf {
  const { hingeTop, hingeBottom, lockTop, lockBottom } = old;
  const moved = (at: Corner, x: number, y: number): Corner => ({ x: at.x + x, y: at.y + y });
  const edges = {
    hinge: [moved(hingeTop, -gains.hinge[0], 0), moved(hingeBottom, -gains.hinge[1], 0)],
    lock: [moved(lockTop, gains.lock[0], 0), moved(lockBottom, gains.lock[1], 0)],
    head: [moved(hingeTop, 0, gains.head[0]), moved(lockTop, 0, gains.head[1])],
    bottom: [moved(hingeBottom, 0, -gains.bottom[0]), moved(lockBottom, 0, -gains.bottom[1])],
  } as const;
  const corners = {
    hingeTop: meeting(edges.hinge, edges.head),
    hingeBottom: meeting(edges.hinge, edges.bottom),
    lockTop: meeting(edges.lock, edges.head),
    lockBottom: meeting(edges.lock, edges.bottom),
  };
  const from = corners.hingeBottom;
  const lean = Math.atan2(corners.hingeTop.x - from.x, corners.hingeTop.y - from.y);
  const [cos, sin] = [Math.cos(lean), Math.sin(lean)];
  const set = ({ x, y }: Corner): Corner => ({
    x: wanted.hinge + (x - from.x) * cos - (y - from.y) * sin,
    y: wanted.undercut + (x - from.x) * sin + (y - from.y) * cos,
  });
  return leafOfCorners({
    hingeTop: set(corners.hingeTop),
    hingeBottom: set(corners.hingeBottom),
    lockTop: set(corners.lockTop),
    lockBottom: set(corners.lockBottom),
  });
}

/** Where the lines through two pairs of points meet. */
function meeting([a, b]: readonly [Corner, Corner], [c, d]: readonly [Corner, Corner]): Corner {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const [ex, ey] = [d.x - c.x, d.y - c.y];
  const along = ((c.x - a.x) * ey - (c.y - a.y) * ex) / (dx * ey - dy * ex);
  return { x: a.x + dx * along, y: a.y + dy * along };
}
