import {
  choiceFact,
  known,
  swings,
  yesNoFact,
  type FactsOf,
  type OpeningFacts,
} from '../opening/index.js';

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
  /** What closes the leaf; `any` where its kind is open. */
  closer: choiceFact(['none', 'any', ...CLOSER_KINDS], 'closer', { first: true }),
  /** Whether it checks the opening leaf. */
  backCheck: yesNoFact({ ...swinging, first: true }),
  holdOpen: yesNoFact({ ...swinging, first: true }),
};

declare module '../opening/registry.js' {
  interface SingleFacts extends FactsOf<typeof CLOSING_FACTS> {}
}

/** The kind of closer, where there is one and it is known. */
export function closerKindOf({ closer }: Pick<OpeningFacts, 'closer'>): CloserKind | undefined {
  const kind = known(closer);
  return kind === 'none' || kind === 'any' ? undefined : kind;
}
