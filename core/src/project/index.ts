export { PRACTICES, practiceOf } from './practices.js';
export {
  arePatterns,
  buildPractice,
  fitsShape,
  isOwnPractice,
  readEditedPractices,
  type EditedPractice,
  type PracticeChange,
} from './editedPractices.js';
export { bareBasis, catalogueWith, practiceFor, projectBasis } from './basis.js';
