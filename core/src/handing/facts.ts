import {
  choiceFact,
  hasActiveLeaf,
  hasHand,
  lengthFact,
  slides,
  swings,
  textFact,
  type FactsOf,
  type RecordsOf,
  type Side,
} from '../model/index.js';
import { either, flag, list, object, text, word, type Shape } from '../shape/index.js';

const SIDES = ['left', 'right'] as const;

/** Facts about which way it opens, as seen from outside. */
export const HANDING_FACTS = {
  hingeSide: choiceFact(SIDES, 'side', {
    by: 'architect',
    first: true,
    applies: (kind) => !slides(kind) && !hasActiveLeaf(kind) && kind !== 'double-acting-pair',
  }),
  swing: choiceFact(['in', 'out'], 'swing', {
    by: 'architect',
    first: true,
    applies: (kind) => hasHand(kind) && kind !== 'double-egress',
  }),
  /** Pairs: the active leaf. */
  active: choiceFact(SIDES, 'side', { by: 'architect', first: true, applies: hasActiveLeaf }),
  slideTo: choiceFact(SIDES, 'side', { by: 'architect', first: true, applies: slides }),
  /** The mark of the opening beside it, and how that one stands: both leaves may want the same room. */
  neighbour: textFact(40, { by: 'architect' }),
  neighbourAt: choiceFact(['same-wall', 'corner'], 'neighbourAt', {
    by: 'architect',
    applies: swings,
  }),
  /** Whether its hinges or its lock are on the neighbour’s side. */
  neighbourSide: choiceFact(['hinge', 'lock'], 'neighbourSide', {
    by: 'architect',
    applies: swings,
  }),
  /** From its frame’s rabbet to the neighbour’s, or to the corner between them. */
  neighbourAway: lengthFact({ by: 'architect', applies: swings }),
  /** Which room is the outside: the side the door is locked against people. */
  outside: choiceFact(['from', 'to'], 'outside', { by: 'architect', first: true }),
};

/**
 * What somebody saw on site, kept as seen. From a face: on which hand the hinges were and whether
 * the knuckles showed. From within the frame, back to the hinge jamb: to which hand it swings, and
 * whether it opens towards the outside.
 */
export type Observation =
  | {
      stood: 'outside' | 'inside' | 'knuckle-side' | 'other-side';
      hinges: Side;
      knuckles?: 'seen' | 'not-seen' | undefined;
      by?: string | undefined;
      at?: string | undefined;
    }
  | {
      stood: 'in-frame';
      swingsTo: Side;
      opensOutward?: boolean | undefined;
      by?: string | undefined;
      at?: string | undefined;
    };

const who = { by: text(80), at: text(40) };
const side = word(SIDES);

const OBSERVATION: Shape<Observation> = either(
  object(
    { stood: word(['outside', 'inside', 'knuckle-side', 'other-side']), hinges: side },
    { knuckles: word(['seen', 'not-seen']), ...who },
  ),
  object({ stood: word(['in-frame']), swingsTo: side }, { opensOutward: flag, ...who }),
);

/** Facts of the stage that are lists. */
export const HANDING_RECORDS = { observations: list(OBSERVATION, 50) };

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof HANDING_FACTS> {}
  interface OpeningFacts extends RecordsOf<typeof HANDING_RECORDS> {}
}
