export {
  accepting,
  fingerprintOf,
  hashOf,
  lapsed,
  withAcceptances,
  withdrawing,
} from './acceptance.js';
export { RULES } from './allRules.js';
export { whoAnswers } from './whoAnswers.js';
export { FIXED_RULES, fixesOf, type Fix } from './fixes.js';
export { acrossFindings } from './across.js';
export { type AcrossFinding, type ComparisonKey } from './acrossFinding.js';
export { cautionsFor, generalCautions } from './cautions.js';
export { duplicateMarks } from './duplicateMarks.js';
export { leastProgress, progressOf, type BoltState, type StageProgress } from './progress.js';
export {
  clashOf,
  clashesAmong,
  clashesWithLeaf,
  type Box,
  type Clash,
  type ClashKind,
} from './clash.js';
export { clashFindings, stageOfOwner, worstClashes } from './clashFindings.js';
export { fixingFindings } from './fixing.js';
export { contradictionFindings } from './contradictions.js';
export { choiceFindings } from './choiceFindings.js';
