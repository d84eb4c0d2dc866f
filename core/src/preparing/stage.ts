import { defineStage } from '../stageContract/index.js';
import { lockPreparation } from './lockPreparation.js';
import { PREPARING_MESSAGES } from './messages.js';
import { PREPARING_TERMS } from './terms.js';
import { PREPARING_VALUES } from './values.js';

/** The numbers a workshop cuts and drills by. */
export const preparing = defineStage({
  id: 'preparing',
  needs: ['sizing', 'securing'],
  facts: {},
  values: PREPARING_VALUES,
  messages: PREPARING_MESSAGES,
  terms: PREPARING_TERMS,
  prepare: ({ facts, practice, results }) =>
    lockPreparation(facts, practice, results.sizing, results.securing),
});

declare module '../model/registry.js' {
  interface Results {
    preparing: undefined;
  }
}
