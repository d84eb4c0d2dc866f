export { readField, writeField, type FieldValue } from './fieldText.js';
export { applyPatch, readColumn, type CellFault } from './patch.js';
export { type Column, type FactsPatch } from './factsPatch.js';
export { DEFAULT_COLUMNS, readPaste, type Pasted } from './paste.js';
export {
  basisOfFile,
  faultPlace,
  type FileFault,
  type ProjectFile,
  type ReadProject,
} from './projectFile.js';
export { readProject, readProjectObject } from './readProject.js';
export { writeProject } from './writeProject.js';
export { merge3, type MergeField } from './merge.js';
export { sameValue } from './same.js';
export { readFacts } from './readFacts.js';
export { summaryOf, summaryText } from './summary.js';
export { headingsAt } from './headingRow.js';
export { columnNamed } from './headings.js';
export { likelyMeaning } from './likelyMeaning.js';
export { factsInRemark } from './remarkText.js';
export { readHand } from './handText.js';
export {
  NO_MEMORY,
  REMARK,
  remember,
  wordKey,
  type ListMapping,
  type ListMemory,
} from './listMapping.js';
export { guessList, type ColumnGuess, type ListGuess } from './guessList.js';
export { markKey, readListRows, unknownWords } from './readList.js';
export type { ListRow, UnreadCell } from './readRow.js';
export {
  acceptRow,
  compareList,
  lastList,
  type ComparedRow,
  type HeldOpening,
  type LastList,
  type ListComparison,
  type ListDifference,
  type RowStatus,
} from './compareList.js';
export { listCells } from './writeList.js';
export { factsSchema, projectFileSchema } from './schema.js';
