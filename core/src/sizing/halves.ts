import type { Corner, Quadrilateral } from './outOfSquare.js';

const between = (a: Corner, b: Corner, share: number): Corner => ({
  x: a.x + (b.x - a.x) * share,
  y: a.y + (b.y - a.y) * share,
});

/**
 * A pair's opening parted along the line where its leaves meet: each half in coordinates of its own
 * hinge jamb, as if it were a single opening. The first is that of the opening's hinge jamb.
 *
 * @param share of the width that the first leaf takes, 0 to 1
 */
export function halvesOf(shape: Quadrilateral, share: number): [Quadrilateral, Quadrilateral] {
  const { hingeBottom, hingeTop, lockBottom, lockTop } = shape;
  const foot = between(hingeBottom, lockBottom, share);
  const head = between(hingeTop, lockTop, share);
  const long = Math.hypot(lockTop.x - lockBottom.x, lockTop.y - lockBottom.y);
  const up = { x: (lockTop.x - lockBottom.x) / long, y: (lockTop.y - lockBottom.y) / long };
  // Mirrored, so that the other jamb becomes the hinge jamb along x = 0.
  const seen = (corner: Corner): Corner => {
    const v = { x: corner.x - lockBottom.x, y: corner.y - lockBottom.y };
    return { x: -(v.x * up.y - v.y * up.x), y: v.x * up.x + v.y * up.y };
  };
  return [
    { hingeBottom, hingeTop, lockBottom: foot, lockTop: head, bow: 0 },
    {
      hingeBottom: seen(lockBottom),
      hingeTop: seen(lockTop),
      lockBottom: seen(foot),
      lockTop: seen(head),
      bow: 0,
    },
  ];
}
