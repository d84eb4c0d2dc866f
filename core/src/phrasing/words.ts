import { STAGE_MESSAGES, STAGE_TERMS } from '../stageRegistry/index.js';
import { CATALOGUE_TERMS } from './catalogueTerms.js';
import { COMMON_TERMS } from './commonTerms.js';
import { LOCK_TERMS } from './lockTerms.js';
import { LAW_MESSAGES, LAW_TERMS } from '../laws/index.js';
import { LEARNING_MESSAGES, LEARNING_TERMS } from './learningWords.js';
import { COMMON_MESSAGES } from './messages.js';
import { PRACTICE_TERMS } from './practiceTerms.js';
import { SURVEY_TERMS } from './surveyTerms.js';

/** The sentence for every reason, question, finding, caution and fault code; `{name}` is a parameter. */
export const SENTENCES: Readonly<Record<string, string>> = {
  ...COMMON_MESSAGES,
  ...LEARNING_MESSAGES,
  ...LAW_MESSAGES,
  ...STAGE_MESSAGES,
};

/** The words for every term code. Keys are `group.term`. */
export const TERMS: Readonly<Record<string, string>> = {
  ...SURVEY_TERMS,
  ...PRACTICE_TERMS,
  ...CATALOGUE_TERMS,
  ...LOCK_TERMS,
  ...COMMON_TERMS,
  ...LEARNING_TERMS,
  ...LAW_TERMS,
  ...STAGE_TERMS,
};
