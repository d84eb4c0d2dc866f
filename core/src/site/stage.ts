import { defineStage } from '../stageContract/index.js';
import { SITE_MESSAGES } from './messages.js';
import { SITE_TERMS } from './terms.js';
import { SITE_VALUES } from './values.js';

/** Fitting, gaps, proving and keeping: what they go by and how they are said; nothing is decided. */
export const site = defineStage({
  id: 'site',
  needs: [],
  facts: {},
  values: SITE_VALUES,
  messages: SITE_MESSAGES,
  terms: SITE_TERMS,
});

declare module '../model/registry.js' {
  interface Results {
    site: undefined;
  }
}
