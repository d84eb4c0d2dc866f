import { valueOrUndefined, type OpeningFacts, type MeasuredLeaf } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { framingOf, glassPlace } from '../sizing/index.js';

/** What limits the solid width at the lock edge. */
export interface SolidWidth {
  width: number;
  /** `stile`, `glass` or `blocking`. */
  by: 'stile' | 'glass' | 'blocking';
}

/**
 * Width from the lock edge that is solid at a height: the stile of a framed leaf, up to the glass
 * beside it, or the block in the core of a flush leaf. Undefined where the leaf is solid throughout.
 *
 * @param y height of the lock's middle above the leaf's bottom; at a mid rail only the stile's joint is in the way
 */
export function solidWidth(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
  y: number,
): SolidWidth | undefined {
  let least: SolidWidth | undefined;
  const limit = (width: number, by: SolidWidth['by']) => {
    if (!least || width < least.width) least = { width, by };
  };
  const framing = framingOf(facts, practice, leaf);
  if (framing) {
    const { mid } = framing;
    if (!mid || y < mid.from || y > mid.to) limit(framing.stile, 'stile');
  }
  const glassWidth = valueOrUndefined(facts.glassWidth);
  const glassHeight = valueOrUndefined(facts.glassHeight);
  if (glassWidth && glassHeight && glassWidth < leaf.width && glassHeight < leaf.height) {
    const { left, bottom } = glassPlace(facts, leaf, glassWidth, glassHeight);
    if (y >= bottom && y <= bottom + glassHeight) limit(leaf.width - left - glassWidth, 'glass');
  }
  const construction = valueOrUndefined(facts.leafConstruction);
  const soft = construction && !practice.values.cores.value[construction].holdsLock;
  if (valueOrUndefined(facts.blocking) === 'lock' && soft)
    limit(practice.values.lockBlocking.value, 'blocking');
  return least;
}
