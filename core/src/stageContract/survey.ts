import { SURVEY_FACTS, SURVEY_RECORDS, SURVEY_VALUES } from '../survey/index.js';
import { defineStage } from './define.js';

const SURVEY_STAGE_TERMS = {
  'stage.survey': 'Survey',
  'fact.copyLeaf': 'New leaf copied from the old one',
  'value.readingUsual': 'Usual readings',
  'value.hingeLowest': 'Hinges below the top, at most',
  'value.readingOff': 'Readings of one kind apart, at most',
  'value.diagonalOff': 'Diagonal off what width and height give',
  'value.gapWide': 'Gap beside a leaf that is asked about',
  'value.hingeAssumed': 'Height of a hinge not read',
  'value.boreMost': 'Bore of a lock, at most',
  'value.strikeOff': 'Strike off the lock, at most',
};

/** What was measured on site: recorded, nothing decided. */
export const survey = defineStage({
  id: 'survey',
  needs: [],
  facts: SURVEY_FACTS,
  records: SURVEY_RECORDS,
  values: SURVEY_VALUES,
  terms: SURVEY_STAGE_TERMS,
});

declare module '../model/registry.js' {
  interface Results {
    survey: undefined;
  }
}
