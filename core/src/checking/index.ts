export { cautionsFor, generalCautions } from './cautions.js';
export { boltsOf, duplicateMarks, type Bolt, type BoltState } from './check.js';
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
export { choiceFindings } from './choiceFindings.js';
