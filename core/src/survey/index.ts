export {
  CLOSER_PLACES,
  CORNERS,
  fitsKind,
  FRAME_STATES,
  HANGS,
  HINGE_DATUMS,
  HINGE_POINTS,
  HINGE_STATES,
  hingeReading,
  LEAF_STATES,
  LOCK_STATES,
  MAX_HINGES,
  readingKind,
  readingKinds,
  SQUARE_ENDS,
  type ReadingGroup,
  type ReadingKind,
  type ReadingType,
  type Tape,
} from './names.js';
export { currentReadings, Survey, surveyOf, withReading, type ReadingConflict } from './current.js';
export { practiceAsRead } from './asRead.js';
export { surveyed } from './surveyed.js';
export { nextReading, routeOf, surveyOrder, travel, travelOf } from './route.js';
export { questionOf } from './question.js';
export { SURVEY_FACTS, SURVEY_RECORDS } from './facts.js';
export { type Reading } from './reading.js';
export { SURVEY_VALUES } from './values.js';
