import { SIZING_RULES } from './rules.js';
import { defineStage } from '../stageContract/index.js';
import { decideSizing } from './decide.js';
import { SIZING_DECISIONS } from './decisions.js';
import { SIZING_FACTS } from './facts.js';
import { leafBody } from './leafBody.js';
import { SIZING_MESSAGES } from './messages.js';
import type { Sizes } from './result.js';
import { SIZING_TERMS } from './terms.js';
import { SIZING_VALUES } from './values.js';

/** Wall, frame and leaf: both stacks, gaps, what to order. */
export const sizing = defineStage({
  id: 'sizing',
  needs: ['opening'],
  bolt: true,
  facts: SIZING_FACTS,
  values: SIZING_VALUES,
  decisions: SIZING_DECISIONS,
  rules: SIZING_RULES,
  messages: SIZING_MESSAGES,
  terms: SIZING_TERMS,
  decide: decideSizing,
  solids: ({ facts, practice }, leaf) => leafBody(facts, practice, leaf),
});

declare module '../model/registry.js' {
  interface Results {
    sizing: Sizes;
  }
}
