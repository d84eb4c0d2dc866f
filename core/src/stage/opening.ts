import { OPENING_FACTS } from '../opening/index.js';
import { defineStage } from './define.js';
import { OPENING_TERMS } from './openingTerms.js';

/** The opening as a whole: recorded, nothing decided. */
export const opening = defineStage({
  id: 'opening',
  needs: [],
  facts: OPENING_FACTS,
  terms: OPENING_TERMS,
});
