export * from './types.js';
export * from './sourcedValue.js';
export * from './securingTypes.js';
export { LOCK_FIGURES, type LockFigures } from './lockFigures.js';
export { BASE_PRACTICES } from './shipped.js';
export {
  byPractice,
  everywhere,
  byRegion,
  sourcedBy,
  usAndMetric,
  type StageValues,
  type ValuesOf,
} from './stageValues.js';
export * from './roleAnswers.js';
export * from './sources.js';
export * from './editions/index.js';
export { sourced, TRADE } from './sourced.js';
export {
  figureAt,
  figureType,
  valueTable,
  withFigure,
  type FigureType,
  type ValueTable,
} from './valueTypes.js';
