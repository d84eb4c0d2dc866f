export { holeRow, type HoleRow } from './holeRow.js';
export {
  lockPreparation,
  type LockPreparation,
  type PrepBit,
  type PrepGroup,
  type PrepLine,
} from './lockPreparation.js';
