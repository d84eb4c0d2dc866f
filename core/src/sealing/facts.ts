import { choiceFact, swings, yesNoFact, type FactsOf } from '../opening/index.js';

/** What seals the gap under the leaf, by where it is fixed. */
export const BOTTOM_SEALS = [
  'none',
  'sweep',
  'drop-surface',
  'drop-half',
  'drop-full',
  'threshold',
] as const;
export type BottomSeal = (typeof BOTTOM_SEALS)[number];

const swinging = { applies: swings };

/** Facts about what seals the gaps. */
export const SEALING_FACTS = {
  bottomSeal: choiceFact(BOTTOM_SEALS, 'bottomSeal', swinging),
  /** Whether the gap under the leaf shall be sealed. */
  bottomSealed: yesNoFact(swinging),
  /** What the leaf comes to rest on at its stop. */
  stopSeal: choiceFact(['none', 'silencer', 'seal'], 'stopSeal', swinging),
};

declare module '../opening/registry.js' {
  interface SingleFacts extends FactsOf<typeof SEALING_FACTS> {}
}
