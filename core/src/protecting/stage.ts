import { defineStage } from '../stage/index.js';
import { PROTECTING_DECISIONS } from './decisions.js';
import { decideProtecting, type Protecting } from './decide.js';
import { PROTECTING_FACTS } from './facts.js';
import { PROTECTING_MESSAGES } from './messages.js';
import { protectingSolids } from './solids.js';
import { liftOver } from './sweep.js';
import { PROTECTING_TERMS } from './terms.js';
import { PROTECTING_VALUES } from './values.js';

/** What protects the leaf from feet, carts and beds, and lets people see who stands outside. */
export const protecting = defineStage({
  id: 'protecting',
  needs: ['opening', 'sizing', 'hanging', 'securing', 'closing'],
  facts: PROTECTING_FACTS,
  values: PROTECTING_VALUES,
  decisions: PROTECTING_DECISIONS,
  messages: PROTECTING_MESSAGES,
  terms: PROTECTING_TERMS,
  hardware: true,
  decide: decideProtecting,
  solids: ({ facts, practice, results }, leaf) =>
    protectingSolids(practice, leaf, results.protecting, liftOver(facts, practice, results)),
});

declare module '../opening/registry.js' {
  interface Results {
    protecting: Protecting;
  }
  interface HardwareStages {
    protecting: true;
  }
}
