import { HANDING_RULES } from './rules.js';
import { defineStage } from '../stageContract/index.js';
import { decideHanding, type Handing } from './decide.js';
import { HANDING_DECISIONS } from './decisions.js';
import { HANDING_FACTS, HANDING_RECORDS } from './facts.js';
import { HANDING_MESSAGES } from './messages.js';
import { HANDING_TERMS } from './terms.js';

/** Which side is outside, and the hand with all its names. */
export const handing = defineStage({
  id: 'handing',
  needs: [],
  bolt: true,
  facts: HANDING_FACTS,
  records: HANDING_RECORDS,
  decisions: HANDING_DECISIONS,
  rules: HANDING_RULES,
  messages: HANDING_MESSAGES,
  terms: HANDING_TERMS,
  decide: decideHanding,
});

declare module '../model/registry.js' {
  interface Results {
    handing: Handing;
  }
}
