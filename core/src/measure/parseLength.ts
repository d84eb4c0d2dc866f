import { getOwn } from './getOwn.js';
import { bad, good, type Result } from './result.js';
import {
  MAX_TICKS,
  TICKS_PER_FOOT,
  TICKS_PER_INCH,
  TICKS_PER_MM,
  type System,
  type Ticks,
} from './ticks.js';

const GLYPHS: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
};

/** One spelling for quotes, dashes, blanks and fraction glyphs. */
export function normaliseText(text: string): string {
  return text
    .normalize('NFC')
    .replace(/[¼½¾⅛⅜⅝⅞⅓⅔⅕⅖⅗⅘⅙⅚]/g, (glyph) => ` ${GLYPHS[glyph]}`)
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/''|[\u2033\u201c\u201d]/g, '"')
    .replace(/[\u2032\u2018\u2019`\u00b4]/g, "'")
    .replace(/[\u2010-\u2014\u2212]/g, '-')
    .replace(/[\s\u00a0\u2007\u2009\u202f]+/g, ' ')
    .trim()
    .toLowerCase();
}

const UNITS: Record<string, { ticks: number; system: System }> = {
  mm: { ticks: TICKS_PER_MM, system: 'metric' },
  millimetre: { ticks: TICKS_PER_MM, system: 'metric' },
  cm: { ticks: TICKS_PER_MM * 10, system: 'metric' },
  centimetre: { ticks: TICKS_PER_MM * 10, system: 'metric' },
  m: { ticks: TICKS_PER_MM * 1000, system: 'metric' },
  metre: { ticks: TICKS_PER_MM * 1000, system: 'metric' },
  in: { ticks: TICKS_PER_INCH, system: 'inch' },
  inch: { ticks: TICKS_PER_INCH, system: 'inch' },
  '"': { ticks: TICKS_PER_INCH, system: 'inch' },
  ft: { ticks: TICKS_PER_FOOT, system: 'inch' },
  foot: { ticks: TICKS_PER_FOOT, system: 'inch' },
  "'": { ticks: TICKS_PER_FOOT, system: 'inch' },
};

const UNIT_WORD =
  /^(.*?) ?(mm|millimet(?:re|er)s?|cm|centimet(?:re|er)s?|m|met(?:re|er)s?|in\.?|inch(?:es)?|"|ft\.?|foot|feet|')$/;

function unitOf(word: string): { ticks: number; system: System } | undefined {
  const name = word
    .replace(/\.$/, '')
    .replace(/meter/, 'metre')
    .replace(/^inches$/, 'inch')
    .replace(/^feet$/, 'foot')
    .replace(/metres$/, 'metre');
  return getOwn(UNITS, name);
}

/**
 * Reads one length as people write it: `35 3/4`, `35-3/4`, `35¾`, `35.75`, `2' 11 3/4"`,
 * `2-11 3/4` (feet-inches), `908 mm`, `90.8 cm`, `0.908 m`, and in a metric field `1 981`, `1,981`
 * and a decimal comma. A bare number takes the field's system.
 *
 * Decimals finer than a tick are rounded to the nearest tick. Faults: `length.empty`,
 * `length.negative`, `length.denominator`, `length.inchesOverTwelve`, `length.comma`,
 * `length.tooLong`, `length.unreadable`.
 *
 * @example parseLength(`2' 11 3/4"`, 'metric') // { ok: true, value: 290576 }
 */
export function parseLength(text: string, system: System): Result<Ticks> {
  const clean = normaliseText(text);
  if (clean === '') return bad('length.empty');
  if (clean.length > 60) return bad('length.unreadable', { text: text.slice(0, 60) });
  if (/^- ?[\d.]/.test(clean)) return bad('length.negative', { text });
  const result = feetAndInches(clean) ?? oneUnit(clean, system);
  if (!result) return bad('length.unreadable', { text });
  if (result.ok && result.value > MAX_TICKS) return bad('length.tooLong', { text });
  return result;
}

const FEET_MARK =
  /^(\d+) ?(?:'|ft\.?|feet|foot) ?-? ?(\d+(?:\.\d+)?)?(?:(?: |-| - |(?<=['t.]) ?)?(\d+)\/(\d+))? ?(?:"|in\.?|inch(?:es)?)?$/;
const FEET_DASH = /^(\d+) ?- ?(\d{1,2}(?:\.\d+)?)(?:[ -](\d+)\/(\d+))? ?(?:"|in\.?)?$/;

function feetAndInches(clean: string): Result<Ticks> | undefined {
  const match = FEET_MARK.exec(clean) ?? FEET_DASH.exec(clean);
  if (!match) return undefined;
  const [, feet, whole, numerator, denominator] = match;
  const fraction = fractionTicks(numerator, denominator, TICKS_PER_INCH);
  if (!fraction.ok) return fraction;
  const within = Math.round(Number(whole ?? 0) * TICKS_PER_INCH) + fraction.value;
  if (within >= TICKS_PER_FOOT) {
    return bad('length.inchesOverTwelve', { text: clean });
  }
  return good(Number(feet) * TICKS_PER_FOOT + within);
}

function fractionTicks(
  numerator: string | undefined,
  denominator: string | undefined,
  unit: number,
): Result<Ticks> {
  if (numerator === undefined || denominator === undefined) return good(0);
  const over = Number(denominator);
  if (![2, 4, 8, 16, 32, 64].includes(over)) {
    return bad('length.denominator', { text: `${numerator}/${denominator}` });
  }
  return good((Number(numerator) * unit) / over);
}

function oneUnit(clean: string, system: System): Result<Ticks> | undefined {
  const match = UNIT_WORD.exec(clean);
  const named = match ? unitOf(match[2]!) : undefined;
  const unit = named ?? UNITS[system === 'inch' ? 'in' : 'mm']!;
  const body = named ? match![1]!.trim() : clean;

  const fraction = /^(?:(\d+)(?: | ?- ?))?(\d+) ?\/ ?(\d+)$/.exec(body);
  if (fraction) {
    const part = fractionTicks(fraction[2], fraction[3], unit.ticks);
    if (!part.ok) return part;
    return good(Number(fraction[1] ?? 0) * unit.ticks + part.value);
  }
  const plain = plainNumber(body, unit);
  if (plain === undefined) return undefined;
  if (typeof plain === 'string') return bad(plain, { text: clean });
  return good(Math.round(plain * unit.ticks));
}

/** A number with grouping and either decimal mark; a fault code when the comma cannot be meant. */
function plainNumber(
  body: string,
  unit: { ticks: number; system: System },
): number | string | undefined {
  if (/^(\d+\.?|\d*\.\d+)$/.test(body)) return Number(body);
  if (unit.system === 'inch') return /^\d+,\d+$/.test(body) ? 'length.comma' : undefined;
  const grouping = unit.ticks === TICKS_PER_MM;
  if (grouping && /^[1-9]\d{0,2}([ ']\d{3})+([.,]\d+)?$/.test(body)) {
    return Number(body.replace(/[ ']/g, '').replace(',', '.'));
  }
  if (grouping && /^[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(body))
    return Number(body.replace(/,/g, ''));
  if (/^\d+,\d+$/.test(body)) return Number(body.replace(',', '.'));
  return undefined;
}
