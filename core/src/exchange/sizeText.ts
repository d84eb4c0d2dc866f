import {
  bad,
  good,
  inches,
  mm,
  normaliseText,
  parseLength,
  parseSize,
  type Result,
  type System,
} from '../measure/index.js';
import type { Practice } from '../practice/index.js';
import type { FactsPatch } from './factsPatch.js';
import { namedByWall } from './wallModule.js';

/** A single leaf is hardly wider; a pair hardly narrower than the second. Between them a list has to say which it means. */
const WIDEST_LEAF = inches(46);
const NARROWEST_PAIR = inches(54);

const EACH = /^(?:\(2\)|2@|2 @|2 no\.?) ?(.+)$/;

/** `2/620 x 2040` and `2 x 620 x 2040`: two leaves, where leaves are counted in millimetres. */
const EACH_METRIC = /^2 ?[/x×] ?(\d{3,4} ?[x×*/] ?\d{4}.*)$/;

/** `885/2135` in millimetres. */
const SLASHED = /^(\d{3,4}) ?\/ ?(\d{4})$/;
const PAIR = /^(?:pr\.?|pair(?: of)?)[ -]+(.+)$|^(.+?)[ -]+(?:pr\.?|pair)$/;

/** A size code with a thickness: `3070 x 1 3/4`. */
const CODED = /^(\d{4}) ?[x×*] ?(1[ -]\d\/\d"?|[1-9]\d mm)$/;

/** From this a figure is a height, and up to the second one a width, where both may stand first. */
const TALL = mm(1_900);
const WIDE = mm(1_300);

/** No opening for doors that people hang is larger. */
const LARGEST = mm(12_000);

/** Millimetres of a leaf’s width alone, of those that are made. */
const BARE_WIDTH = /^(?:[4-9]\d\d|1[0-3]\d\d)$/;

/** Two leaves with a plus between them, then their height: `900 + 450 x 2100`, `3'0" + 1'6" x 7'0"`. */
const UNEQUAL = /^([^+x×*]+?) ?\+ ?([^+x×*]+?) ?[x×*] ?([^+x×*]+)$/i;

/**
 * Reads a size: the frame opening, or the leaf where the practice names sizes by the leaf; a third figure is
 * the thickness. `(2) 3070` names each of two leaves; `PR 3070` too, `6070 PR` the whole opening.
 *
 * Faults: those of {@link parseSize} and lengths, and `size.pair` where either may be meant.
 */
export function readSize(text: string, system: System, practice: Practice): Result<FactsPatch> {
  const clean = normaliseText(text);
  if (clean === '') return good({});
  const metric = system === 'metric';
  const each = EACH.exec(clean)?.[1] ?? (metric ? EACH_METRIC.exec(clean)?.[1] : undefined);
  const pair = PAIR.exec(clean);
  const named = each ?? pair?.[1] ?? pair?.[2] ?? text;
  const bare = metric ? named.replace(SLASHED, '$1 x $2') : named;
  const uneven = UNEQUAL.exec(bare);
  if (uneven) return readUnequal(uneven[1]!, uneven[2]!, uneven[3]!, system);
  // `926` names a leaf by its width where sizes are named by the leaf; its height is asked.
  if (
    BARE_WIDTH.test(bare) &&
    system === 'metric' &&
    practice.values.nominalNames.value === 'leaf'
  ) {
    const width = parseLength(bare, system);
    return width.ok
      ? good({ ...(each || pair ? { kind: 'pair' as const } : {}), leafWidth: width.value })
      : width;
  }
  const third = /^(.*?\s*[x×*].*?)\s*[x×*]\s*([^x×*]+)$/i.exec(bare) ?? CODED.exec(bare);
  const size = parseSize(third ? third[1]! : bare, system);
  if (!size.ok) return size;
  if (size.value.width === 0 || size.value.height === 0) return bad('size.unreadable', { text });
  if (Math.max(size.value.width, size.value.height) > LARGEST)
    return bad('size.unreadable', { text });
  const thickness = third ? parseLength(third[2]!, system) : undefined;
  if (thickness && !thickness.ok) return thickness;
  // A leaf is taller than wide: `2040 × 820` gives its height first, as Australian lists do.
  const tallFirst =
    metric && size.value.width >= TALL && size.value.height <= WIDE && size.value.height > 0;
  const { width, height } = tallFirst
    ? { width: size.value.height, height: size.value.width }
    : size.value;
  const ofLeaf = practice.values.nominalNames.value === 'leaf';
  const two = each !== undefined || pair !== null;
  if (pair && width > WIDEST_LEAF && width < NARROWEST_PAIR) return bad('size.pair', { text });
  const leaves = each !== undefined || width <= WIDEST_LEAF ? 1 : 2;
  const wide = !two ? width : ofLeaf ? width / leaves : (width * 2) / leaves;
  const read = {
    ...(two ? { kind: 'pair' as const } : {}),
    ...(ofLeaf
      ? { leafWidth: Math.round(wide), leafHeight: height }
      : { frameWidth: wide, frameHeight: height }),
    ...(thickness ? { leafThickness: thickness.value } : {}),
  };
  return good(two ? read : namedByWall(read, practice, false));
}

/**
 * Reads a width that may name each of two leaves, `(2) 3'-0"`, `PR 3'-0"`; else a length alone.
 *
 * Faults: those of lengths.
 */
export function readWidth(
  name: 'frameWidth' | 'leafWidth',
  text: string,
  system: System,
): Result<FactsPatch> {
  const clean = normaliseText(text);
  const each = EACH.exec(clean)?.[1] ?? PAIR.exec(clean)?.slice(1).find(Boolean);
  const width = parseLength(each ?? text, system);
  if (!width.ok || each === undefined) return width.ok ? good({ [name]: width.value }) : width;
  const both = name === 'frameWidth' && width.value <= WIDEST_LEAF ? 2 : 1;
  return good({ kind: 'pair', [name]: width.value * both });
}

/** Reads a wall opening, the structural or rough opening that the frame stands in. */
export function readWallSize(text: string, system: System): Result<FactsPatch> {
  if (text === '') return good({});
  const size = parseSize(text, system);
  return size.ok ? good({ wallWidth: size.value.width, wallHeight: size.value.height }) : size;
}

/** Two leaves: of one width a pair, else the wider is the active one. */
function readUnequal(
  first: string,
  second: string,
  tall: string,
  system: System,
): Result<FactsPatch> {
  const [one, two, height] = [first, second, tall].map((part) => parseLength(part, system));
  for (const part of [one!, two!, height!]) if (!part.ok) return part;
  const [wide, narrow] = [one!, two!]
    .map((part) => (part.ok ? part.value : 0))
    .sort((a, b) => b - a) as [number, number];
  return good({
    kind: wide === narrow ? ('pair' as const) : ('unequal-pair' as const),
    leafWidth: wide,
    ...(wide === narrow ? {} : { inactiveWidth: narrow }),
    ...(height!.ok ? { leafHeight: height!.value } : {}),
  });
}
