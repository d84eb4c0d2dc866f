import { mm, type Ticks } from '../measure/index.js';
import type { Practice } from '../practice/index.js';
import type { FactsPatch } from './factsPatch.js';

const isTicks = (value: unknown): value is Ticks => typeof value === 'number';

/** The heights of a wall opening lie up to this above the module: 2005 and 2010 are both written. */
const ABOVE = [mm(5), mm(10)];

/**
 * Reads a size that names the hole in the wall: the Baurichtmaß (875 × 2000) or the structural opening made for
 * it (885 × 2005, 885 × 2010), where the leaf has another name (860 × 1985). Source: DIN 4172, DIN 18100,
 * DIN 18101.
 *
 * @param patch leaf or frame sizes as a list gives them, ticks
 * @param two whether the width is that of two leaves
 * @returns wall opening and leaf in their place; the patch itself where it is no such size
 */
export function namedByWall(patch: FactsPatch, practice: Practice, two: boolean): FactsPatch {
  const { step, wall, leaf } = practice.values.wallModule.value;
  if (step === 0 || isTicks(patch.wallWidth)) return patch;
  const { leafWidth, leafHeight, frameWidth, frameHeight, ...rest } = patch;
  const [width, height] = isTicks(leafWidth) ? [leafWidth, leafHeight] : [frameWidth, frameHeight];
  if (!isTicks(width) || !isTicks(height)) return patch;
  const structural = width % step === wall && ABOVE.includes(height % step);
  const module = width % step === 0 && height % step === 0;
  if (!structural && !module) return patch;
  const over = {
    width: width - (width % step) - leaf,
    height: height - (height % step) - leaf,
  };
  return {
    ...rest,
    wallWidth: module ? width + wall : width,
    wallHeight: module ? height + ABOVE[0]! : height,
    leafWidth: two ? Math.round(over.width / 2) : over.width,
    leafHeight: over.height,
  };
}
