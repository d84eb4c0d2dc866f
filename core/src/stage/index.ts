export {
  defineStage,
  type AnyStage,
  type ProductSlot,
  type StageDefinition,
  type StageInput,
} from './define.js';
export { candidates, missing, type Candidate, type Need } from './need.js';
export { survey } from './survey.js';
export type { HoleRow, PrepBit, Preparation, PrepGroup, PrepLine } from './preparation.js';
