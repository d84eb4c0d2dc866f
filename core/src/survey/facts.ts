import { yesNoFact, type FactsOf, type RecordsOf } from '../model/index.js';
import {
  described,
  either,
  holding,
  integer,
  list,
  object,
  text,
  word,
  type Shape,
} from '../shape/index.js';
import type { Reading } from './reading.js';
import { fitsKind, MAX_HINGES, readingKinds } from './names.js';

const MAX_NUMBER = 1e9;

const READING: Shape<Reading> = holding(
  object(
    {
      id: text(40),
      name: word(readingKinds(MAX_HINGES, true, true).map((kind) => kind.name)),
      how: word(['tape', 'digital', 'told']),
      by: text(120),
      at: text(40),
    },
    {
      value: described(
        either(integer(-MAX_NUMBER, MAX_NUMBER), text(300)),
        'Lengths in whole ticks, 320 to the millimetre; choices and texts as they are.',
      ),
      skipped: described(text(300), 'Why it was not taken; then there is no value.'),
      replaces: list(text(40), 1000),
    },
  ),
  'A value, or why there is none.',
  (reading) =>
    (reading.value === undefined) !== (reading.skipped === undefined) && fitsKind(reading),
);

/** Facts about how an opening is surveyed. */
export const SURVEY_FACTS = {
  /** The new leaf is made like the old one, which is read first; the frame is the second opinion. */
  copyLeaf: yesNoFact({ by: 'architect', applies: (kind) => kind === 'single' }),
};

/** Facts of the survey that are lists. */
export const SURVEY_RECORDS = {
  /** What was measured on site. */
  readings: list(READING, 1000),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof SURVEY_FACTS> {}
  interface OpeningFacts extends RecordsOf<typeof SURVEY_RECORDS> {}
}
