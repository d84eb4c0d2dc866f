import { textFact, type FactsOf } from '../model/index.js';

/** Facts about finishes. */
export const FINISHING_FACTS = {
  /** Finish wanted on all that is seen. */
  finish: textFact(60, { by: 'architect', first: true }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof FINISHING_FACTS> {}
}
