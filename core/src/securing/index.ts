export { decideSecuring } from './decide.js';
export { lockCentre, securingSolids } from './solids.js';
export { LOCK_SPECS, readLockSpec, type LatchKind, type LockSpec, type Works } from './lockSpec.js';
export {
  actionsOf,
  exploreLock,
  hasAction,
  LOCK_ACTIONS,
  lockStep,
  restingState,
  stateKey,
  type LockAction,
  type LockGraph,
  type LockState,
  type LockStep,
  type Transition,
} from './machine.js';
export { motionsToOpen, propertiesOf, type LockProperties } from './properties.js';
export { testSheet, type TestStep } from './testSheet.js';
export { findLocks, LOCK_WISHES, type LockMatch, type LockWishes } from './finder.js';
