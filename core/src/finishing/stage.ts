import { FINISHING_RULES } from './rules.js';
import { defineStage } from '../stageContract/index.js';
import { FINISHING_DECISIONS } from './decisions.js';
import { decideFinishing, type Finishing } from './decide.js';
import { FINISHING_FACTS } from './facts.js';
import { FINISHING_MESSAGES } from './messages.js';
import { FINISHING_TERMS } from './terms.js';
import { FINISHING_VALUES } from './values.js';

/** The appearance of all that is seen, and its number on each item’s metal. */
export const finishing = defineStage({
  id: 'finishing',
  needs: ['opening', 'hanging', 'securing', 'closing'],
  facts: FINISHING_FACTS,
  values: FINISHING_VALUES,
  decisions: FINISHING_DECISIONS,
  rules: FINISHING_RULES,
  messages: FINISHING_MESSAGES,
  terms: FINISHING_TERMS,
  bolt: true,
  decide: decideFinishing,
});

declare module '../model/registry.js' {
  interface Results {
    finishing: Finishing;
  }
}
