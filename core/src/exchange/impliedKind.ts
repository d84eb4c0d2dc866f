import { inches, type Ticks } from '../measure/index.js';
import {
  valueOrUndefined,
  meetsInMiddle,
  swingsBothWays,
  type OpeningKind,
} from '../model/index.js';
import type { FactsPatch } from './factsPatch.js';
import { kindInRemark } from './remarkText.js';

/** How much wider the wall opening is than the widest leaf: frame and packing. */
const AROUND = inches(4);

/**
 * The kind that a row implies where no cell says it whole: an active leaf has another beside it, and what is
 * wider than any leaf is made is a pair; a pair that elsewhere is double-acting is a double-acting pair. A width
 * of a pair that no leaf has is that of both.
 *
 * @param widest single leaf that is usual; ticks
 * @param columns those of the list: the width of a leaf in one of its own is that of a leaf
 * @param kinds all that cells said: of a size that it is of a pair, of a hand that there is none
 */
export function impliedKind(
  patch: FactsPatch,
  hand: FactsPatch,
  widest: Ticks,
  columns: readonly (string | undefined)[],
  remarks: readonly string[] = [],
  kinds: readonly OpeningKind[] = [],
): FactsPatch {
  const leaf = valueOrUndefined(patch.leafWidth);
  const halved =
    leaf !== undefined && leaf > widest && columns.includes('size')
      ? { leafWidth: Math.round(leaf / 2) }
      : {};
  const named = kindInRemark(remarks.join('; '));
  const said = named ? [...kinds, named] : kinds;
  const frame = valueOrUndefined(patch.frameWidth) ?? leaf;
  const wall = valueOrUndefined(patch.wallWidth);
  const wide = frame === undefined ? wall !== undefined && wall > widest + AROUND : frame > widest;
  // A column of kinds that says “double-acting leaf” means one, however wide; a hand or a remark may mean both.
  const both =
    kinds.includes('pair') ||
    (!columns.includes('kind') && (wide || (hand.active ?? patch.active) !== undefined));
  if (both && said.some(swingsBothWays)) return { kind: 'double-acting-pair', ...halved };
  if (both && said.includes('double-egress')) return { kind: 'double-egress', ...halved };
  if (patch.kind !== undefined) return meetsInMiddle(patch.kind) ? halved : {};
  if (named) return { kind: named };
  if (hand.active ?? patch.active) return { kind: 'pair', ...halved };
  return wide ? { kind: 'pair', ...halved } : {};
}
