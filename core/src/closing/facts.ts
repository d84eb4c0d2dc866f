import { choiceFact, swings, yesNoFact, type FactsOf } from '../opening/index.js';

/** Kinds of closer by where they are and what they take out of leaf, frame or floor. */
export const CLOSER_KINDS = [
  'surface-pull',
  'surface-push',
  'concealed-overhead',
  'floor',
  'head',
] as const;
export type CloserKind = (typeof CLOSER_KINDS)[number];

const swinging = { applies: swings };

/** Facts about what closes the leaf. */
export const CLOSING_FACTS = {
  holdOpen: yesNoFact(swinging),
  closerKind: choiceFact(CLOSER_KINDS, 'closerKind', swinging),
};

declare module '../opening/registry.js' {
  interface SingleFacts extends FactsOf<typeof CLOSING_FACTS> {}
}
