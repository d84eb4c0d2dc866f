import { getOwn } from '../../measure/index.js';
import type { Practice, PracticeId, PracticeValues } from '../types.js';
import type { Sourced } from '../sourcedValue.js';
import { AUSTRALASIAN_CODES } from './australasia.js';
import { BRITISH_CODES } from './britain.js';
import { citedAs } from './cite.js';
import { CONTINENTAL_CODES } from './continent.js';
import { COUNTRY, type Cite, type Code, type Edition, type EditionValue } from './edition.js';
import { US_CODES } from './unitedStates.js';

/** Every code of every practice, in the order they are listed in. */
export const CODES: readonly Code[] = [
  ...US_CODES,
  ...BRITISH_CODES,
  ...CONTINENTAL_CODES,
  ...AUSTRALASIAN_CODES,
];

/** Editions that somebody chose, by the code's id; the usual one where none is named. */
export type Editions = Practice['editions'];

/** A code with the edition that holds. */
export interface AdoptedCode {
  readonly code: Code;
  readonly edition: Edition;
  /** Whether somebody said so; the usual edition is taken otherwise. */
  readonly said: boolean;
}

function chosen(code: Code, editions: Editions): AdoptedCode {
  const named = getOwn(editions, code.id);
  const edition = code.editions.find(({ id }) => id === named);
  return { code, edition: edition ?? code.editions[0], said: edition !== undefined };
}

type Editioned = Pick<Practice, 'base' | 'editions'>;

/**
 * Lists the codes of a practice with the editions that hold, its country first.
 *
 * @param practice the shipped practice it is made from, and what somebody chose
 * @returns only those of the country
 */
export function adoptedCodes({ base, editions }: Editioned): readonly AdoptedCode[] {
  const all = CODES.filter(({ practices }) => practices.includes(base)).map((code) =>
    chosen(code, editions),
  );
  const country = all.find(({ code }) => code.id === COUNTRY)?.edition.id;
  return all.filter(
    ({ code: { countries } }) => !countries || country === undefined || countries.includes(country),
  );
}

/** Whether a text from outside names editions of a practice's codes. */
export function areEditions(base: PracticeId, editions: unknown): editions is Editions {
  if (typeof editions !== 'object' || editions === null || Array.isArray(editions)) return false;
  return Object.entries(editions).every(([id, edition]) =>
    CODES.some(
      (code) =>
        code.id === id &&
        code.practices.includes(base) &&
        code.editions.some((one) => one.id === edition),
    ),
  );
}

/**
 * Puts a practice under the country and editions that were chosen: its figures, and every source of it.
 *
 * @param shipped the practice as it ships, whole
 * @param editions what somebody chose
 */
export function underEditions(shipped: Practice, editions: Editions): Practice {
  const practice = { ...shipped, editions };
  const adopted = adoptedCodes(practice);
  const cites: readonly Cite[] = adopted.flatMap(({ edition }) => edition.cites);
  const figures = adopted.flatMap(
    ({ edition }) => Object.entries(edition.values) as unknown as [string, EditionValue<unknown>][],
  );
  if (cites.length === 0 && figures.length === 0) return practice;
  const values = Object.fromEntries(
    Object.entries(practice.values as unknown as Record<string, Sourced<unknown>>).map(
      ([name, value]) => [name, { ...value, source: citedAs(value.source, cites) }],
    ),
  );
  for (const [name, { value, source }] of figures) {
    const before = values[name]!;
    values[name] = {
      ...before,
      value: typeof value === 'function' ? value(before.value) : value,
      source,
    };
  }
  return { ...practice, cites, values: values as unknown as PracticeValues };
}
