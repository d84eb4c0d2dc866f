import type { DecidedOpening } from '../deciding/index.js';
import { wholeDown, type Ticks } from '../measure/index.js';
import type { Item } from '../model/index.js';

/**
 * The pieces that a length of an opening is cut into: what goes round head and jambs is two jambs and a head,
 * everything else is one.
 */
export function piecesOf(item: Item, { results }: DecidedOpening): Ticks[] {
  const { length } = item;
  if (length === undefined) return [];
  const { frameHeight } = results.sizing;
  if (frameHeight === undefined || length <= 2 * frameHeight) return [length];
  return [frameHeight, frameHeight, length - 2 * frameHeight];
}

/**
 * How many made lengths pieces are cut from, the longest pieces first into the first length that has room (first
 * fit decreasing: at most 11/9 of the least, and 6/9). A piece longer than a made length is joined of whole ones.
 */
export function madeLengths(pieces: readonly Ticks[], made: Ticks): number {
  let whole = 0;
  const rests: Ticks[] = [];
  for (const piece of [...pieces].sort((a, b) => b - a)) {
    whole += wholeDown(piece / made);
    const left = piece % made;
    if (left === 0) continue;
    const at = rests.findIndex((rest) => rest >= left);
    if (at >= 0) rests[at]! -= left;
    else rests.push(made - left);
  }
  return whole + rests.length;
}
