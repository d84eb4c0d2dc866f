export {
  acceptanceTests,
  inspectionTests,
  PROVING_PARTS,
  type ProvingPart,
  type ProvingTest,
} from './provingTests.js';
export { type Measured } from './measured.js';
export { countRound, gapsWithin, withinBounds, type RoundCount } from './judge.js';
export {
  countDue,
  dueAfter,
  dueList,
  dueState,
  inspectionMonths,
  type Due,
  type DueState,
} from './inspections.js';
export { recordedTimes, type RecordedTimes } from './recordedTimes.js';
export { boundText, figureText, testsOf } from './words.js';
export { calendarOf } from './calendar.js';
