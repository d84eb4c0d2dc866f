import { defineStage } from '../stage/index.js';
import { PROTECTING_FACTS } from './facts.js';
import { protectingSolids } from './solids.js';
import { PROTECTING_TERMS } from './terms.js';

/** What protects the leaf: recorded so far, not decided. */
export const protecting = defineStage({
  id: 'protecting',
  needs: [],
  facts: PROTECTING_FACTS,
  terms: PROTECTING_TERMS,
  hardware: true,
  solids: ({ facts, practice }, leaf) => protectingSolids(facts, practice, leaf),
});

declare module '../opening/registry.js' {
  interface Results {
    protecting: undefined;
  }
  interface HardwareStages {
    protecting: true;
  }
}
