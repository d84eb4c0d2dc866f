import { PRACTICE_IDS } from '../practice/index.js';
import { either, holding, text, word, type Shape } from '../shape/index.js';
import {
  choiceFact,
  countFact,
  minutesFact,
  settledChoice,
  textFact,
  yesNoFact,
  type FactsOf,
  type FactSpec,
} from './factSpec.js';
import { OPENING_KINDS } from './kinds.js';

const OWN_PRACTICE = text(40, /^own-[a-z0-9-]{1,36}$/);

/** A shipped practice, or one of the project's own. */
const practice: FactSpec<string> = {
  ...settledChoice(PRACTICE_IDS, 'practice', { by: 'architect' }),
  shape: either(word(PRACTICE_IDS), OWN_PRACTICE) as Shape<string>,
};

const mark = textFact(40, { by: 'architect', first: true });

/** What an opening is called: the two facts that every one has. */
export const NEEDED_FACTS = {
  mark: {
    ...mark,
    shape: holding(
      mark.shape,
      'What it is called on plan and schedule.',
      (name) => name.trim() !== '',
    ),
  },
  kind: settledChoice(OPENING_KINDS, 'kind', { by: 'architect', first: true }),
};

/** Facts about the opening as a whole: where it is, what it must do. */
export const OPENING_FACTS = {
  from: textFact(80, { by: 'architect', first: true }),
  to: textFact(80, { by: 'architect', first: true }),
  work: choiceFact(['new', 'replacement'], 'work', { by: 'architect', first: true }),
  /** Fire rating in minutes; 0 is not rated. */
  rating: minutesFact(480, { by: 'architect', first: true }),
  /** Fire rating of the frame in minutes, where frame and leaf were labelled apart; 0 is not rated. */
  frameRating: minutesFact(480, { by: 'architect' }),
  /** Whether it holds smoke back. */
  smoke: yesNoFact({ by: 'architect' }),
  frequency: choiceFact(['high', 'medium', 'low'], 'use', { by: 'owner', first: true }),
  /** Whether the door is locked against people on one side. */
  secured: yesNoFact({ by: 'owner', first: true }),
  accessible: yesNoFact({ by: 'architect', first: true }),
  /** Whether people leave the building this way. */
  egress: yesNoFact({ by: 'authority', first: true }),
  exterior: yesNoFact({ by: 'architect', first: true }),
  /** Whether the room beyond has a leaf of its own in the same frame, as between two guest rooms. */
  twoLeaves: yesNoFact({ by: 'architect', applies: (kind) => kind === 'single' }),
  storey: textFact(40, { by: 'architect', first: true }),
  note: textFact(2000, { by: 'architect' }),
  /** Practice of this opening alone: a shipped one or one of the project's own. */
  practice,
  passagesPerDay: countFact(100_000, { by: 'owner' }),
  salt: yesNoFact({ by: 'architect' }),
  /** People the way out serves. */
  occupants: countFact(100_000, { by: 'architect' }),
};

declare module './registry.js' {
  interface SingleFacts extends FactsOf<typeof OPENING_FACTS> {}
}
