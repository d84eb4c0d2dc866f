import {
  choiceFact,
  countFact,
  lengthFact,
  swings,
  yesNoFact,
  type FactsOf,
} from '../model/index.js';

/** Seals of the gap under the leaf, by where they are fixed. */
export const BOTTOM_SEALS = ['sweep', 'drop-surface', 'drop-half', 'drop-full'] as const;
export type BottomSeal = (typeof BOTTOM_SEALS)[number];

/** How even the floor is under the leaf: what the seal must lie on. */
export const FLOOR_TEXTURES = ['smooth', 'light', 'rough', 'carpet'] as const;

const swinging = { applies: swings };

/** Facts about what seals the gaps. */
export const SEALING_FACTS = {
  /** What seals the gap under the leaf; `any` where its kind is open. A threshold may seal it, too. */
  bottomSeal: choiceFact(['none', 'any', ...BOTTOM_SEALS], 'bottomSeal', {
    by: 'architect',
    ...swinging,
    first: true,
  }),
  /** What the leaf comes to rest on at its stop. */
  stopSeal: choiceFact(['none', 'silencer', 'seal'], 'stopSeal', {
    by: 'architect',
    ...swinging,
    first: true,
  }),
  /** Sound insulation the whole door shall have, in dB (Rw or STC); 0 is not wanted. */
  sound: countFact(70, { by: 'architect', ...swinging, first: true }),
  /** Sound insulation of the leaf alone as tested, in dB. */
  leafSound: countFact(70, { ...swinging, by: 'leafMaker' }),
  floorTexture: choiceFact(FLOOR_TEXTURES, 'floorTexture', { ...swinging, by: 'architect' }),
  /** Difference in height of the floor under the closed leaf. */
  floorUneven: lengthFact({ ...swinging, by: 'architect' }),
  /** Whether air shall pass under the leaf. */
  airUnder: yesNoFact({ ...swinging, by: 'architect' }),
  /** Whether no light may pass. */
  lightTight: yesNoFact({ ...swinging, by: 'architect' }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof SEALING_FACTS> {}
}
