import type { Ticks } from '../measure/index.js';
import type { Product } from './product.js';

/** Gaps around a hung leaf, as measured: at both sides at the top and the bottom, and over it. */
export interface Reveals {
  hingeTop: Ticks;
  hingeBottom: Ticks;
  lockTop: Ticks;
  lockBottom: Ticks;
  head: Ticks;
}

/** What one three-way hinge is to be moved by; turns are of its screw, positive clockwise. */
export interface Adjustment {
  /** Hinge from the top, 1 the first. */
  hinge: number;
  /** Towards the lock side when positive. */
  side: Ticks;
  sideTurns: number;
  sideInRange: boolean;
  lift: Ticks;
  liftTurns: number;
  liftInRange: boolean;
}

/**
 * The movements that make the reveals of a leaf parallel and equal: each hinge moves sideways by half
 * the difference of the gaps at its own height (found between top and bottom by its place), and all
 * lift equally until the head gap is the wanted one. Undefined where the product does not adjust.
 *
 * @param tops top edges of the hinges below the leaf's top
 * @param head gap wanted over the leaf
 */
export function adjustmentsFor(
  reveals: Reveals,
  tops: readonly Ticks[],
  leaf: { height: Ticks; hingeHeight: Ticks },
  head: Ticks,
  product: Pick<Product, 'sideRange' | 'sideTurn' | 'heightRange' | 'heightTurn'>,
): Adjustment[] | undefined {
  const { sideRange, sideTurn, heightRange, heightTurn } = product;
  if (!sideRange || !sideTurn || !heightRange || !heightTurn) return undefined;
  const atTop = (reveals.lockTop - reveals.hingeTop) / 2;
  const atBottom = (reveals.lockBottom - reveals.hingeBottom) / 2;
  const lift = reveals.head - head;
  return tops.map((top, index) => {
    const along = (top + leaf.hingeHeight / 2) / leaf.height;
    const side = Math.round(atTop + (atBottom - atTop) * along);
    return {
      hinge: index + 1,
      side,
      sideTurns: side / sideTurn,
      sideInRange: Math.abs(side) <= sideRange,
      lift,
      liftTurns: lift / heightTurn,
      liftInRange: Math.abs(lift) <= heightRange,
    };
  });
}
