import type { PracticeId, PracticeValues } from '../types.js';

/** A citation as the practice has it, and as an edition or a country has it. */
export type Cite = readonly [usual: string, here: string];

/** A figure of an edition: in place of the practice's, or made from it, with where it stands. */
export interface EditionValue<T> {
  readonly value: T | ((usual: T) => T);
  readonly source: string;
}

type Values = {
  readonly [K in keyof PracticeValues]?: EditionValue<PracticeValues[K]['value']>;
};

/** One edition of a code, or one country of a region. */
export interface Edition {
  /** As projects keep it. */
  readonly id: string;
  /** As it is printed. */
  readonly name: string;
  /** What is cited otherwise than in the usual edition. */
  readonly cites: readonly Cite[];
  /** Figures that differ from the usual edition's. */
  readonly values: Values;
}

/** A code or standard that a project adopts, with the editions that are known; the first is the usual one. */
export interface Code {
  /** As projects keep it. */
  readonly id: string;
  /** As it is printed, without its edition. */
  readonly name: string;
  /** The practices whose work it governs. */
  readonly practices: readonly PracticeId[];
  /** The countries of the practice it holds in; all where it does not say. */
  readonly countries?: readonly string[];
  readonly editions: readonly [Edition, ...Edition[]];
}

/** The code that stands for the country: its editions are the countries of a practice. */
export const COUNTRY = 'country';

/**
 * Makes an edition under which nothing is cited or decided otherwise.
 *
 * @param id as projects keep it, and as it is printed where no name is given
 */
export const edition = (
  id: string,
  name: string = id,
  cites: readonly Cite[] = [],
  values: Values = {},
): Edition => ({ id, name, cites, values });
