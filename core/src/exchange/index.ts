export { readField, writeField, type FieldValue } from './fieldText.js';
export { applyPatch, readColumn, type CellFault, type Column, type FactsPatch } from './patch.js';
export { DEFAULT_COLUMNS, readPaste, type Pasted } from './paste.js';
export {
  faultPlace,
  readList,
  readProject,
  readProjectObject,
  writeProject,
  type FileFault,
  type ProjectFile,
  type ReadProject,
} from './projectFile.js';
export { merge3, type MergeField } from './merge.js';
export { readFacts } from './readFacts.js';
export { setNumbers, summaryOf, summaryText } from './summary.js';
