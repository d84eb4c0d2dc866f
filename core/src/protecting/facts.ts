import { choiceFact, lengthFact, swings, yesNoFact, type FactsOf } from '../model/index.js';

/** What passes through a door and strikes it. */
const TRAFFIC = ['feet', 'carts', 'beds'] as const;

/** Facts about what protects the leaf. */
export const PROTECTING_FACTS = {
  /** Height of a kick plate. */
  kickPlate: lengthFact({ by: 'architect', first: true }),
  /** What passes through it. */
  traffic: choiceFact(TRAFFIC, 'traffic', { by: 'owner', first: true, applies: swings }),
  /** Height of a stretcher’s or cart’s bumper above the floor. */
  bumperHeight: lengthFact({ by: 'architect', applies: swings }),
  /** Whether fingers are guarded at the hinges. */
  fingerGuard: yesNoFact({ by: 'architect', applies: swings }),
  /** Whether people inside must see who stands outside. */
  viewer: yesNoFact({ by: 'architect' }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof PROTECTING_FACTS> {}
}
