import {
  bad,
  good,
  inches,
  normaliseText,
  parseLength,
  parseSize,
  type Result,
  type System,
} from '../measure/index.js';
import type { Practice } from '../practice/index.js';
import type { FactsPatch } from './patch.js';

/** A single leaf is hardly wider; a pair hardly narrower than the second. Between them a list has to say which it means. */
const WIDEST_LEAF = inches(46);
const NARROWEST_PAIR = inches(54);

const EACH = /^(?:\(2\)|2@|2 @) ?(.+)$/;
const PAIR = /^(?:pr\.?|pair(?: of)?)[ -]+(.+)$|^(.+?)[ -]+(?:pr\.?|pair)$/;

/**
 * Reads a size: the frame opening, or the leaf where the practice names sizes by the leaf; a third figure is
 * the thickness. `(2) 3070` names each of two leaves; `PR 3070` too, `6070 PR` the whole opening.
 *
 * Faults: those of {@link parseSize} and lengths, and `size.pair` where either may be meant.
 */
export function readSize(text: string, system: System, practice: Practice): Result<FactsPatch> {
  const clean = normaliseText(text);
  if (clean === '') return good({});
  const each = EACH.exec(clean)?.[1];
  const pair = PAIR.exec(clean);
  const bare = each ?? pair?.[1] ?? pair?.[2] ?? text;
  const third = /^(.*?\s*[x×*].*?)\s*[x×*]\s*([^x×*]+)$/i.exec(bare);
  const size = parseSize(third ? third[1]! : bare, system);
  if (!size.ok) return size;
  const thickness = third ? parseLength(third[2]!, system) : undefined;
  if (thickness && !thickness.ok) return thickness;
  const { width, height } = size.value;
  const ofLeaf = practice.values.nominalNames.value === 'leaf';
  const two = each !== undefined || pair !== null;
  if (pair && width > WIDEST_LEAF && width < NARROWEST_PAIR) return bad('size.pair', { text });
  const named = each !== undefined || width <= WIDEST_LEAF ? 1 : 2;
  const wide = !two ? width : ofLeaf ? width / named : (width * 2) / named;
  return good({
    ...(two ? { kind: 'pair' as const } : {}),
    ...(ofLeaf
      ? { leafWidth: Math.round(wide), leafHeight: height }
      : { frameWidth: wide, frameHeight: height }),
    ...(thickness ? { leafThickness: thickness.value } : {}),
  });
}
