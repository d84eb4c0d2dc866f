import { lengthFact, type FactsOf } from '../opening/index.js';

/** Facts about what protects the leaf. */
export const PROTECTING_FACTS = {
  /** Height of a kick plate. */
  kickPlate: lengthFact({ first: true }),
};

declare module '../opening/registry.js' {
  interface SingleFacts extends FactsOf<typeof PROTECTING_FACTS> {}
}
