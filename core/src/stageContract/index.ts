export {
  defineStage,
  type AnyStage,
  type ProductSlot,
  type StageDefinition,
  type StageInput,
} from './define.js';
export { candidates, unmetRequirements, type Candidate, type ProductRequirement } from './need.js';
export { survey } from './survey.js';
export { PrepWriter } from './prepWriter.js';
export type { HoleRow, PrepBit, Preparation, PrepGroup, PrepLine } from './preparation.js';
