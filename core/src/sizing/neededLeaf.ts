import type { Corner, Quadrilateral } from './outOfSquare.js';

/** Gaps to keep around a leaf, in ticks; the undercut counts from the floor between the jambs. */
export interface AroundLeaf {
  hinge: number;
  lock: number;
  head: number;
  undercut: number;
}

/** A straight edge: the points with nx·x + ny·y = d; the leaf is where that is less. */
interface Edge {
  nx: number;
  ny: number;
  d: number;
}

/** The corners of a leaf. */
export interface LeafCorners {
  hingeTop: Corner;
  hingeBottom: Corner;
  lockTop: Corner;
  lockBottom: Corner;
}

/** The four edges of the leaf that fits, outward normals; and the corners in which they meet. */
export interface NeededLeaf extends LeafCorners {
  hinge: Edge;
  lock: Edge;
  head: Edge;
  bottom: Edge;
}

/** The edge through two points, moved inward by a distance; `out` is a point on its outer side. */
function inward(a: Corner, b: Corner, by: number, out: Corner): Edge {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  let nx = (b.y - a.y) / length;
  let ny = -(b.x - a.x) / length;
  if (nx * (out.x - a.x) + ny * (out.y - a.y) < 0) {
    nx = -nx;
    ny = -ny;
  }
  return { nx, ny, d: nx * a.x + ny * a.y - by };
}

/** Where two edges cross. */
function crossing(one: Edge, two: Edge): Corner {
  const det = one.nx * two.ny - one.ny * two.nx;
  return {
    x: (one.d * two.ny - one.ny * two.d) / det,
    y: (one.nx * two.d - one.d * two.nx) / det,
  };
}

/**
 * The leaf that fits an opening as it stands, every edge straight and parallel to its side of the
 * frame at its gap. A jamb that bows into the opening pushes the lock edge in by as much; one that bows
 * away from it leaves a wider gap in its middle.
 *
 * @returns edges and corners in the opening's coordinates (hinge jamb x = 0, y up)
 */
export function neededLeaf(shape: Quadrilateral, gaps: AroundLeaf): NeededLeaf {
  const { hingeBottom, hingeTop, lockBottom, lockTop, bow } = shape;
  const beyond = { x: lockBottom.x * 10, y: hingeTop.y / 2 };
  const hinge: Edge = { nx: -1, ny: 0, d: -gaps.hinge };
  const lock = inward(lockBottom, lockTop, gaps.lock + Math.max(0, bow), beyond);
  const head = inward(hingeTop, lockTop, gaps.head, { x: 0, y: hingeTop.y * 10 });
  const bottom = inward(hingeBottom, lockBottom, gaps.undercut, { x: 0, y: -hingeTop.y * 10 });
  return {
    hinge,
    lock,
    head,
    bottom,
    hingeTop: crossing(hinge, head),
    hingeBottom: crossing(hinge, bottom),
    lockTop: crossing(lock, head),
    lockBottom: crossing(lock, bottom),
  };
}

/** The edges through the corners of a leaf, each moved in by a distance (out by a negative one). */
function edgesOf(
  { hingeTop, hingeBottom, lockTop, lockBottom }: LeafCorners,
  by: AroundLeaf,
): Pick<NeededLeaf, 'hinge' | 'lock' | 'head' | 'bottom'> {
  const middle = { x: (hingeTop.x + lockTop.x) / 2, y: (hingeTop.y + hingeBottom.y) / 2 };
  const far = Math.abs(lockTop.x) + Math.abs(hingeTop.y);
  return {
    hinge: inward(hingeBottom, hingeTop, by.hinge, { x: -far * 10, y: middle.y }),
    lock: inward(lockBottom, lockTop, by.lock, { x: far * 10, y: middle.y }),
    head: inward(hingeTop, lockTop, by.head, { x: middle.x, y: far * 10 }),
    bottom: inward(hingeBottom, lockBottom, by.undercut, { x: middle.x, y: -far * 10 }),
  };
}

const NO_GAPS: AroundLeaf = { hinge: 0, lock: 0, head: 0, undercut: 0 };

/** Draws the leaf of these corners, its edges straight between them. */
export function leafOfCorners(corners: LeafCorners): NeededLeaf {
  return { ...edgesOf(corners, NO_GAPS), ...corners };
}

/** Draws the opening that a leaf stands in at its gaps, every side parallel to its edge. */
export function openingAround(leaf: LeafCorners, gaps: AroundLeaf): Quadrilateral {
  const { hinge, lock, head, bottom } = edgesOf(leaf, {
    hinge: -gaps.hinge,
    lock: -gaps.lock,
    head: -gaps.head,
    undercut: -gaps.undercut,
  });
  return {
    hingeTop: crossing(hinge, head),
    hingeBottom: crossing(hinge, bottom),
    lockTop: crossing(lock, head),
    lockBottom: crossing(lock, bottom),
    bow: 0,
  };
}

/** Whether the leaf has corners: its edges cross, and its edges were none of no length. */
export function isDrawn({ hingeTop, hingeBottom, lockTop, lockBottom }: NeededLeaf): boolean {
  return [hingeTop, hingeBottom, lockTop, lockBottom].every(
    ({ x, y }) => Number.isFinite(x) && Number.isFinite(y),
  );
}

/** Smallest blank that covers the leaf: its hinge edge on the blank's, square to it. */
export function coverOf(leaf: NeededLeaf): { width: number; height: number; bottom: number } {
  const { hingeTop, hingeBottom, lockTop, lockBottom } = leaf;
  const top = Math.max(hingeTop.y, lockTop.y);
  const bottom = Math.min(hingeBottom.y, lockBottom.y);
  return {
    width: Math.max(lockTop.x, lockBottom.x) - hingeTop.x,
    height: top - bottom,
    bottom,
  };
}

/** Largest square-cornered leaf that fits without a cut. */
export function insideOf(leaf: NeededLeaf): { width: number; height: number } {
  const { hingeTop, hingeBottom, lockTop, lockBottom } = leaf;
  return {
    width: Math.min(lockTop.x, lockBottom.x) - hingeTop.x,
    height: Math.min(hingeTop.y, lockTop.y) - Math.max(hingeBottom.y, lockBottom.y),
  };
}
