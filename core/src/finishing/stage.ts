import { defineStage } from '../stage/index.js';
import { FINISHING_FACTS } from './facts.js';
import { FINISHING_TERMS } from './terms.js';

/** Finishes: recorded so far, not decided. */
export const finishing = defineStage({
  id: 'finishing',
  needs: [],
  facts: FINISHING_FACTS,
  terms: FINISHING_TERMS,
  bolt: true,
});

declare module '../opening/registry.js' {
  interface Results {
    finishing: undefined;
  }
}
