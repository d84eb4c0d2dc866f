import type { Ticks } from '../measure/index.js';

export interface Corner {
  x: number;
  y: number;
}

/**
 * A frame opening as it stands, in ticks: the hinge jamb along x = 0 from its foot (0, 0) to its head
 * (0, hinge-side height), x towards the lock jamb, y up.
 */
export interface Quadrilateral {
  hingeBottom: Corner;
  hingeTop: Corner;
  lockBottom: Corner;
  lockTop: Corner;
  /** How much narrower the middle is than a straight lock jamb would have it; negative when wider. */
  bow: number;
}

/** How far out of square an opening is, and how far its readings agree. All lengths in ticks. */
export interface OutOfSquare {
  shape: Quadrilateral;
  /** What the corners were placed by: diagonals, else the lean of the jambs, else nothing (no rack). */
  by: 'diagonals' | 'plumb' | 'nothing';
  /** Wider at the foot than at the head by this; negative when narrower. */
  taperWidth: number;
  /** Higher at the lock side than at the hinge side by this. */
  taperHeight: number;
  /** The head's angle to a square head, degrees; positive when it rises towards the lock side. */
  headDegrees: number;
  /** How far the head stands sideways of the foot, by the diagonals: (d² − d′²) / 4w. */
  rack: number | undefined;
  /** How far the reading that closes the figure is off what the others give; 0 when none is left over. */
  disagreement: number;
}

/** A point at `ra` from `a` and `rb` from `b`, on the side of greater x; undefined when there is none. */
function meet(a: Corner, ra: number, b: Corner, rb: number): Corner | undefined {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const d = Math.hypot(dx, dy);
  if (d === 0 || d > ra + rb || d < Math.abs(ra - rb)) return undefined;
  const along = (ra * ra - rb * rb + d * d) / (2 * d);
  const off = Math.sqrt(Math.max(0, ra * ra - along * along));
  const foot = { x: a.x + (along * dx) / d, y: a.y + (along * dy) / d };
  const one = { x: foot.x - (off * dy) / d, y: foot.y + (off * dx) / d };
  const two = { x: foot.x + (off * dy) / d, y: foot.y - (off * dx) / d };
  return one.x >= two.x ? one : two;
}

const distance = (a: Corner, b: Corner) => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * Places the corners of the opening out of its readings: widths at top, middle and bottom, both heights, both diagonals, the
 * lean of the jambs. Undefined while there is not one width and one height, or one of them is nothing. A missing width or height
 * is taken as its opposite one. With both diagonals every corner follows and the lock-side height is
 * left over as a check; with the jambs' lean, on a level floor, the top width is.
 */
export function outOfSquare(read: (name: string) => Ticks | undefined): OutOfSquare | undefined {
  const anyWidth = read('widthTop') ?? read('widthMiddle') ?? read('widthBottom');
  const anyHeight = read('heightHinge') ?? read('heightLock');
  if (anyWidth === undefined || anyHeight === undefined) return undefined;
  const top = read('widthTop') ?? read('widthBottom') ?? anyWidth;
  const bottom = read('widthBottom') ?? read('widthTop') ?? anyWidth;
  const middle = read('widthMiddle') ?? (top + bottom) / 2;
  const hinge = read('heightHinge') ?? anyHeight;
  const lock = read('heightLock') ?? anyHeight;
  // Readings of nothing leave no opening to speak of.
  if (Math.min(top, middle, bottom, hinge, lock) <= 0) return undefined;
  const d1 = read('diagonalFromHingeTop');
  const d2 = read('diagonalFromLockTop');
  const lean = { hinge: read('plumbHinge'), lock: read('plumbLock') };
  const frame = { top, bottom, hinge, lock };
  const placed =
    (d1 !== undefined && d2 !== undefined ? byDiagonals(frame, d1, d2) : undefined) ??
    (lean.hinge !== undefined && lean.lock !== undefined
      ? byLean(frame, lean.hinge, lean.lock)
      : undefined) ??
    byNothing(frame);
  if (!placed) return undefined;
  const { corners } = placed;
  const width = (top + bottom) / 2;
  return {
    shape: { ...corners, bow: (top + bottom) / 2 - middle },
    by: placed.by,
    taperWidth: bottom - top,
    taperHeight: lock - hinge,
    headDegrees:
      (Math.atan2(corners.lockTop.y - corners.hingeTop.y, corners.lockTop.x) * 180) / Math.PI,
    rack: d1 !== undefined && d2 !== undefined ? (d2 * d2 - d1 * d1) / (4 * width) : undefined,
    disagreement: placed.disagreement,
  };
}

interface Sides {
  top: Ticks;
  bottom: Ticks;
  hinge: Ticks;
  lock: Ticks;
}

interface PlacedCorners {
  corners: Omit<Quadrilateral, 'bow'>;
  by: OutOfSquare['by'];
  disagreement: number;
}

function byDiagonals(sides: Sides, d1: Ticks, d2: Ticks): PlacedCorners | undefined {
  const hingeBottom = { x: 0, y: 0 };
  const hingeTop = { x: 0, y: sides.hinge };
  const lockTop = meet(hingeTop, sides.top, hingeBottom, d2);
  const lockBottom = meet(hingeBottom, sides.bottom, hingeTop, d1);
  if (!lockTop || !lockBottom) return undefined;
  return {
    corners: { hingeBottom, hingeTop, lockBottom, lockTop },
    by: 'diagonals',
    disagreement: distance(lockTop, lockBottom) - sides.lock,
  };
}

/**
 * Leans are positive where a jamb's head stands further into the opening than its foot. Undefined where
 * one leans further than it is high: that was not read off this frame.
 */
function byLean(sides: Sides, hingeLean: number, lockLean: number): PlacedCorners | undefined {
  if (Math.abs(hingeLean) >= sides.hinge || Math.abs(lockLean) >= sides.lock) return undefined;
  const rise = (height: number, lean: number) => Math.sqrt(height * height - lean * lean);
  const hingeBottom = { x: 0, y: 0 };
  const hingeTop = { x: hingeLean, y: rise(sides.hinge, hingeLean) };
  const lockBottom = { x: sides.bottom, y: 0 };
  const lockTop = { x: sides.bottom - lockLean, y: rise(sides.lock, lockLean) };
  const disagreement = distance(hingeTop, lockTop) - sides.top;
  // Turned about the foot of the hinge jamb until that jamb is upright.
  const angle = Math.atan2(hingeTop.x, hingeTop.y);
  const turn = ({ x, y }: Corner): Corner => ({
    x: x * Math.cos(angle) - y * Math.sin(angle),
    y: x * Math.sin(angle) + y * Math.cos(angle),
  });
  return {
    corners: {
      hingeBottom,
      hingeTop: turn(hingeTop),
      lockBottom: turn(lockBottom),
      lockTop: turn(lockTop),
    },
    by: 'plumb',
    disagreement,
  };
}

function byNothing(sides: Sides): PlacedCorners | undefined {
  const hingeBottom = { x: 0, y: 0 };
  const hingeTop = { x: 0, y: sides.hinge };
  const lockBottom = { x: sides.bottom, y: 0 };
  const lockTop = meet(hingeTop, sides.top, lockBottom, sides.lock);
  return lockTop
    ? {
        corners: { hingeBottom, hingeTop, lockBottom, lockTop },
        by: 'nothing',
        disagreement: 0,
      }
    : undefined;
}
