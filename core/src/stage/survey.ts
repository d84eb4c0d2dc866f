import { SURVEY_RECORDS, SURVEY_VALUES } from '../survey/index.js';
import { defineStage } from './define.js';

/** What was measured on site: recorded, nothing decided. */
export const survey = defineStage({
  id: 'survey',
  needs: [],
  facts: {},
  records: SURVEY_RECORDS,
  values: SURVEY_VALUES,
  terms: { 'stage.survey': 'Survey' },
});

declare module '../opening/registry.js' {
  interface Results {
    survey: undefined;
  }
}
