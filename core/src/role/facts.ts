import {
  choiceFact,
  countFact,
  OPENING_FACTS,
  type FactsOf,
  type RecordsOf,
} from '../model/index.js';
import { OCCUPANCIES } from '../practice/index.js';
import { described, list, object, words } from '../shape/index.js';
import { ROLES } from '../roles/index.js';

/** Which way people leave through an opening. */
export const ESCAPES = ['to', 'from', 'both'] as const;
export type Escape = (typeof ESCAPES)[number];

const { from, to, ...rest } = OPENING_FACTS;

/** Facts about what the door is and who leaves by it, beside those of the opening as a whole. */
const ROLE_FACTS = {
  role: choiceFact(ROLES, 'role', { by: 'architect', first: true }),
  /** Which way people leave: from the room named first to the other, back, or both. */
  escape: choiceFact(ESCAPES, 'escape', { by: 'authority' }),
  /** What the rooms that leave this way are used for. */
  occupancy: choiceFact(OCCUPANCIES, 'occupancy', { by: 'authority' }),
  /** Rating of electrical equipment in the room, amperes. */
  amperes: countFact(100_000, { by: 'electrician' }),
};

/** In the order they are asked: between which rooms, what it is, then the rest. */
export const WHOLE_FACTS = { from, to, ...ROLE_FACTS, ...rest };

/** The most findings of one opening that are kept as accepted. */
const MAX_ACCEPTED = 200;

/** Facts of the opening as a whole that are lists. */
export const ROLE_RECORDS = {
  /** Findings that somebody accepted, with the reason. */
  accepted: list(
    object(
      {
        code: described(words(60), 'The rule.'),
        on: described(words(20), 'What it rested on.'),
        reason: words(500),
        by: words(80),
        at: described(words(40), 'ISO 8601, UTC'),
      },
      {},
    ),
    MAX_ACCEPTED,
  ),
};

declare module '../model/registry.js' {
  interface OpeningFacts extends RecordsOf<typeof ROLE_RECORDS> {}
  interface SingleFacts extends FactsOf<typeof ROLE_FACTS> {}
}
