import { swings, yesNoFact, type FactsOf } from '../opening/index.js';

/** Facts about power. */
export const POWERING_FACTS = {
  /** Whether power or a signal passes from frame to leaf. */
  wireToLeaf: yesNoFact({ first: true, applies: swings }),
};

declare module '../opening/registry.js' {
  interface SingleFacts extends FactsOf<typeof POWERING_FACTS> {}
}
