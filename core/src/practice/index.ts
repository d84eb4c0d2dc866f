export * from './types.js';
export * from './securingTypes.js';
export { LOCK_FIGURES, type LockFigures } from './lockFigures.js';
export { PRACTICES, practiceOf } from './shipped.js';
export {
  arePatterns,
  buildPractice,
  fitsShape,
  isOwnPractice,
  readEditedPractices,
  type EditedPractice,
  type PracticeChange,
  type ValueName,
} from './edited.js';
export {
  figureAt,
  figureType,
  valueTable,
  withFigure,
  type FigureType,
  type ValueTable,
} from './valueTypes.js';
