import {
  choiceFact,
  countFact,
  valueOrUndefined,
  lengthFact,
  swings,
  yesNoFact,
  type FactsOf,
  type OpeningFacts,
} from '../model/index.js';

/** Kinds of closer by where they are and what they take out of leaf, frame or floor. */
export const CLOSER_KINDS = [
  'surface-pull',
  'surface-push',
  'concealed-overhead',
  'floor',
  'head',
] as const;
export type CloserKind = (typeof CLOSER_KINDS)[number];

/** What the open leaf comes to, so that a stop is fixed there or elsewhere. */
const OPEN_AGAINST = ['wall', 'glass', 'nothing'] as const;

const swinging = { applies: swings };

/** Facts about what closes the leaf. */
export const CLOSING_FACTS = {
  /** What closes the leaf; `any` where its kind is open. */
  closer: choiceFact(['none', 'any', ...CLOSER_KINDS], 'closer', { by: 'architect', first: true }),
  /** Whether it checks the opening leaf. */
  backCheck: yesNoFact({ by: 'architect', ...swinging, first: true }),
  holdOpen: yesNoFact({ by: 'architect', ...swinging, first: true }),
  /** Whether it waits before it closes, so that a slow person is through. */
  delayed: yesNoFact({ ...swinging, by: 'authority' }),
  openAgainst: choiceFact(OPEN_AGAINST, 'openAgainst', { ...swinging, by: 'architect' }),
  /** Whether wind stands on it. */
  windy: yesNoFact({ ...swinging, by: 'architect' }),
  /** Pressure difference of the ventilation that it must close against, pascals. */
  pressure: countFact(500, { ...swinging, by: 'architect' }),
  /** From the push face of the closed leaf to the face of the wall or of the frame on that side. */
  reveal: lengthFact({ ...swinging, by: 'frameMaker' }),
  /** Free height above the leaf, to the ceiling or a duct, on the side of the closer. */
  ceilingAbove: lengthFact({ ...swinging, by: 'architect' }),
  /** Whether a glazed panel or transom stands above the leaf instead of a wall. */
  transom: yesNoFact({ ...swinging, by: 'architect' }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof CLOSING_FACTS> {}
}

/** The kind of closer, where there is one and it is known. */
export function closerKindOf({ closer }: Pick<OpeningFacts, 'closer'>): CloserKind | undefined {
  const kind = valueOrUndefined(closer);
  return kind === 'none' || kind === 'any' ? undefined : kind;
}
