import { roundTo, type Ticks } from '../measure/index.js';
import type { NominalSize, Practice, TrimLimits } from '../practice/index.js';
import { cutPlan, type CutPlan } from './cutPlan.js';
import { coverOf, insideOf, type AroundLeaf, type NeededLeaf } from './neededLeaf.js';

/** The leaf to order for an opening as it stands. */
export type LeafOrder =
  | { kind: 'stock'; name: string; plan: CutPlan }
  | { kind: 'made'; plan: CutPlan }
  /** Cannot be trimmed: made to the largest square-cornered size that goes in. */
  | {
      kind: 'as-made';
      size: { width: Ticks; height: Ticks };
      widest: { lock: number; head: number };
    };

/** Whether nothing may come off any edge. */
function uncuttable(limits: TrimLimits | undefined): boolean {
  return limits !== undefined && Object.values(limits).every((limit) => limit === 0);
}

/** Leaf sizes that are kept in stock, in the practice's own way of naming them. */
function stockLeaves(practice: Practice, gaps: AroundLeaf): NominalSize[] {
  const { nominalSizes, nominalNames } = practice.values;
  if (nominalNames.value === 'leaf') return nominalSizes.value;
  return nominalSizes.value.map(({ name, width, height }) => ({
    name,
    width: width - gaps.hinge - gaps.lock,
    height: height - gaps.head - gaps.undercut,
  }));
}

/**
 * The leaf to order: the smallest stock leaf from which the needed one is cut within what its edges may
 * lose, else made to measure, its size rounded up. A leaf that cannot be trimmed is made square, the
 * largest that goes in, rounded down; its gaps then widen where the opening does.
 */
export function orderLeaf(
  leaf: NeededLeaf,
  gaps: AroundLeaf,
  practice: Practice,
  limits: TrimLimits | undefined,
): LeafOrder {
  const sawFrom = practice.values.sawFrom.value;
  const step = practice.values.orderStep.value;
  if (uncuttable(limits)) {
    const inside = insideOf(leaf);
    const size = {
      width: roundTo(inside.width, step, 'down'),
      height: roundTo(inside.height, step, 'down'),
    };
    const cover = coverOf(leaf);
    return {
      kind: 'as-made',
      size,
      widest: {
        lock: gaps.lock + cover.width - size.width,
        head: gaps.head + cover.height - size.height,
      },
    };
  }
  const stock = stockLeaves(practice, gaps)
    .map((size) => ({ size, plan: cutPlan(leaf, size, limits, sawFrom) }))
    .filter(({ plan }) => plan !== undefined && limits !== undefined && plan.beyond.length === 0)
    .sort((a, b) => a.size.width * a.size.height - b.size.width * b.size.height)[0];
  if (stock) return { kind: 'stock', name: stock.size.name, plan: stock.plan! };
  const cover = coverOf(leaf);
  const blank = {
    width: roundTo(cover.width, step, 'up'),
    height: roundTo(cover.height, step, 'up'),
  };
  return { kind: 'made', plan: cutPlan(leaf, blank, limits, sawFrom)! };
}
