import type { OpeningFacts } from '../model/index.js';

/** A change to an opening's facts; a key with `undefined` clears the fact. */
export type FactsPatch = Partial<OpeningFacts>;

/** Columns beyond the plain facts: a size and a four-hand code each set two facts. */
export type Column = string;
