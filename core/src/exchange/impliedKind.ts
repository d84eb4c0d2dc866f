import { inches } from '../measure/index.js';
import { known } from '../opening/index.js';
import type { FactsPatch } from './patch.js';
import { kindInRemark } from './remarkText.js';

/** No single leaf is hung wider; the wall opening around it is wider by frame and packing. */
const WIDEST_SINGLE = inches(54);
const WIDEST_WALL = inches(58);

/**
 * The kind that a row without one implies: an active leaf has another beside it, and what is wider than any
 * leaf is made is a pair. A width of a pair that no leaf has is that of both.
 *
 * @param columns those of the list: the width of a leaf in one of its own is that of a leaf
 */
export function impliedKind(
  patch: FactsPatch,
  hand: FactsPatch,
  columns: readonly (string | undefined)[],
  remarks: readonly string[] = [],
): FactsPatch {
  const leaf = known(patch.leafWidth);
  const halved =
    leaf !== undefined && leaf > WIDEST_SINGLE && columns.includes('size')
      ? { leafWidth: Math.round(leaf / 2) }
      : {};
  if (patch.kind !== undefined)
    return patch.kind === 'pair' || patch.kind === 'double-egress' ? halved : {};
  const named = kindInRemark(remarks.join('; '));
  if (named) return { kind: named };
  if (hand.active ?? patch.active) return { kind: 'pair', ...halved };
  const frame = known(patch.frameWidth) ?? leaf;
  const wall = known(patch.wallWidth);
  const wide =
    frame === undefined ? wall !== undefined && wall > WIDEST_WALL : frame > WIDEST_SINGLE;
  if (!wide) return {};
  return { kind: 'pair', ...halved };
}
