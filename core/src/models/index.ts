export {
  isStep,
  isWholeStep,
  stepEntities,
  stepText,
  type StepEntity,
  type StepValue,
} from './step.js';
export { readModelDoors, type ModelDoor, type ModelFault, type ModelRead } from './doors.js';
export { modelCells } from './cells.js';
export { MODEL_SET, writeModel, type ModelOpening } from './write.js';
