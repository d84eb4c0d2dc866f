export {
  actionsOf,
  exploreLock,
  hasAction,
  isLatching,
  LOCK_ACTIONS,
  lockStep,
  restingState,
  stateKey,
  type LockAction,
  type LockGraph,
  type LockState,
  type LockStep,
  type Transition,
} from './lock.js';
export { INSIDE_FREE, motionsToOpen, OUTSIDE_FREE } from './motions.js';
export {
  isHeld,
  isLetGo,
  releaseStep,
  RESTING_RELEASE,
  unlockDelay,
  type Magnet,
  type Release,
  type ReleaseEvent,
  type ReleaseState,
} from './release.js';
export {
  passingIn,
  POWER_STATES,
  type PassingIn,
  type PassingParty,
  type PowerState,
} from './passing.js';
export {
  CONDITIONS,
  passageMatrix,
  passageOf,
  type Condition,
  type LockFace,
  type Holding,
  type Passage,
  type PassageRow,
  type Passer,
} from './passage.js';
