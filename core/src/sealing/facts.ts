import { choiceFact, swings, type FactsOf } from '../opening/index.js';

/** Seals of the gap under the leaf, by where they are fixed. */
export const BOTTOM_SEALS = ['sweep', 'drop-surface', 'drop-half', 'drop-full'] as const;
export type BottomSeal = (typeof BOTTOM_SEALS)[number];

const swinging = { applies: swings };

/** Facts about what seals the gaps. */
export const SEALING_FACTS = {
  /** What seals the gap under the leaf; `any` where its kind is open. A threshold may seal it, too. */
  bottomSeal: choiceFact(['none', 'any', ...BOTTOM_SEALS], 'bottomSeal', {
    ...swinging,
    first: true,
  }),
  /** What the leaf comes to rest on at its stop. */
  stopSeal: choiceFact(['none', 'silencer', 'seal'], 'stopSeal', { ...swinging, first: true }),
};

declare module '../opening/registry.js' {
  interface SingleFacts extends FactsOf<typeof SEALING_FACTS> {}
}
