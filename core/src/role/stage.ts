import { defineStage } from '../stageContract/index.js';
import { decideWhole, type WholeOpening } from './decide.js';
import { ROLE_DECISIONS } from './decisions.js';
import { ROLE_RECORDS, WHOLE_FACTS } from './facts.js';
import { ROLE_MESSAGES } from './messages.js';
import { ROLE_TERMS } from './terms.js';
import { ROLE_VALUES } from './values.js';

/** The opening as a whole: what the door is, who leaves by it, and which way. */
export const opening = defineStage({
  id: 'opening',
  needs: [],
  facts: WHOLE_FACTS,
  records: ROLE_RECORDS,
  values: ROLE_VALUES,
  decisions: ROLE_DECISIONS,
  messages: ROLE_MESSAGES,
  terms: ROLE_TERMS,
  decide: decideWhole,
});

declare module '../model/registry.js' {
  interface Results {
    opening: WholeOpening;
  }
}
