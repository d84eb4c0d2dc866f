export * from './types.js';
export { PRACTICES, practiceOf } from './shipped.js';
export {
  buildPractice,
  fitsShape,
  isOwnPractice,
  readEditedPractices,
  type EditedPractice,
  type PracticeChange,
  type ValueName,
} from './edited.js';
