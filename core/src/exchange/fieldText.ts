import {
  bad,
  formatExact,
  formatQuantity,
  good,
  GRAMS_PER_POUND,
  normaliseText,
  getOwn,
  parseLength,
  parseQuantity,
  type Result,
  type System,
} from '../measure/index.js';
import type { Field } from '../stageRegistry/index.js';
import { TERMS } from '../phrasing/index.js';
import { FRAME_WORDS, LEAF_WORDS, leafOfGauge } from './abbreviations.js';
import { readRating } from './ratingText.js';
import { isOwnPractice } from '../project/index.js';

/** A stored value of a field, `undefined` where the text clears it. */
export type FieldValue = string | number | boolean | undefined;

const YES = new Set(['yes', 'y', 'true', '1', 'x']);
const NO = new Set(['no', 'n', 'false', '0', 'none', '-']);
const synonymOf = (field: string, word: string) => getOwn(getOwn(SYNONYMS, field) ?? {}, word);

/** Other words people write for an option. */
const SYNONYMS: Record<string, Readonly<Record<string, string>>> = {
  kind: {
    s: 'single',
    sgl: 'single',
    dbl: 'pair',
    'single-leaf': 'single',
    'single-door': 'single',
    double: 'pair',
    'pair,-equal-leaves': 'pair',
    'pair-equal': 'pair',
    'equal-pair': 'pair',
    'pair-unequal': 'unequal-pair',
    'pair,-unequal-leaves': 'unequal-pair',
    'leaf-and-a-half': 'unequal-pair',
    'double-acting-leaf': 'double-acting',
    'double-acting-leaves': 'double-acting-pair',
    'double-egress-pair': 'double-egress',
    'sliding-leaf': 'sliding',
    'pocket-leaf': 'pocket',
    'stable-door': 'stable',
    dutch: 'stable',
    'dutch-door': 'stable',
    'bi-fold-door': 'bi-fold',
    bifold: 'bi-fold',
    folding: 'bi-fold',
  },
  frameMaterial: FRAME_WORDS,
  closer: { yes: 'any', closer: 'any', no: 'none' },
  bottomSeal: { yes: 'any', no: 'none' },
  threshold: { yes: 'plain', present: 'plain', no: 'none' },
  swing: { inward: 'in', inwards: 'in', outward: 'out', outwards: 'out' },
  leafConstruction: LEAF_WORDS,
};

/**
 * Reads what a person typed into a field. Empty text clears the field; `unknown` and `?` record that
 * nobody could say. Faults name the field: `field.choice`, `field.yesNo`, `field.count`,
 * `field.minutes`, `field.tooLong`, `field.unknown`, `field.needed`, and those of lengths and masses.
 */
export function readField(field: Field, typed: string, system: System): Result<FieldValue> {
  const trimmed = typed.replace(/[\u0000-\u001f\u007f]+/g, ' ').trim();
  if (trimmed === '') {
    return field.name === 'mark' || field.name === 'kind'
      ? bad('field.needed', { field: field.name })
      : good(undefined);
  }
  const clean = normaliseText(trimmed);
  if (field.type !== 'text' && (clean === '?' || clean === 'unknown')) {
    return field.mayBeUnknown ? good('unknown') : bad('field.unknown', { field: field.name });
  }
  switch (field.type) {
    case 'text':
      return trimmed.length > (field.most ?? 200)
        ? bad('field.tooLong', { field: field.name, most: field.most ?? 200 })
        : good(trimmed);
    case 'length':
      return parseLength(trimmed, system);
    case 'mass': {
      const mass = parseQuantity(trimmed, 'mass', system);
      return mass.ok ? good(Math.round(mass.value)) : mass;
    }
    case 'count':
      return /^\d+$/.test(clean) && Number(clean) <= (field.most ?? 1e9)
        ? good(Number(clean))
        : bad('field.count', { field: field.name, text: trimmed });
    case 'minutes':
      return readMinutes(field, clean, trimmed, system);
    case 'yes-no':
      if (YES.has(clean)) return good(true);
      if (NO.has(clean)) return good(false);
      return bad('field.yesNo', { field: field.name, text: trimmed });
    case 'choice': {
      if (field.name === 'practice' && isOwnPractice(clean)) return good(clean);
      const word = clean.replace(/[\s_]+/g, '-');
      const option =
        field.options!.find(
          (candidate) => candidate.toLowerCase() === word || candidate.toLowerCase() === clean,
        ) ??
        synonymOf(field.name, word) ??
        optionNamed(field, clean) ??
        (field.name === 'leafConstruction' ? leafOfGauge(word) : undefined);
      return option
        ? good(option)
        : bad('field.choice', {
            field: field.name,
            text: trimmed,
            options: field.options!.join(', '),
          });
    }
  }
}

/** The option that its words on screen and paper name, long or short. */
function optionNamed({ options, terms }: Field, clean: string): string | undefined {
  return options?.find((option) =>
    [TERMS[`${terms}.${option}`], TERMS[`short.${terms}.${option}`]].some(
      (words) => words !== undefined && normaliseText(words) === clean,
    ),
  );
}

function readMinutes(
  field: Field,
  clean: string,
  typed: string,
  system: System,
): Result<FieldValue> {
  const rating = readRating(clean, system);
  return !rating || rating.minutes > (field.most ?? 480)
    ? bad('field.minutes', { field: field.name, text: typed })
    : good(rating.minutes);
}

/** A stored value as text that {@link readField} reads back to the same value. */
export function writeField(field: Field, value: FieldValue, system: System): string {
  if (value === undefined) return '';
  if (value === 'unknown') return 'unknown';
  switch (field.type) {
    case 'length':
      return formatExact(Number(value), system);
    case 'mass':
      return exactMass(Number(value), system);
    case 'yes-no':
      return value ? 'yes' : 'no';
    case 'minutes':
      return value === 0 ? 'none' : `${value} min`;
    default:
      return String(value);
  }
}

function exactMass(grams: number, system: System): string {
  const shown = formatQuantity(grams, 'mass', system);
  const read = parseQuantity(shown, 'mass', system);
  if (read.ok && Math.round(read.value) === grams) return shown;
  return system === 'inch' ? `${(grams / GRAMS_PER_POUND).toFixed(3)} lb` : `${grams / 1000} kg`;
}
