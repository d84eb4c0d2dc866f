export {
  CORE_VERSION,
  releasedOf,
  type ReleasedDecision,
  type ReleasedOpening,
} from './released.js';
export {
  compareReleased,
  type Change,
  type ChangedOpening,
  type ReleaseDifference,
} from './compare.js';
