export { lockLeaf } from './decide.js';
export type { Securing } from './secured.js';
export { derivedProperties, proposalFor, wishesFor } from './functions.js';
export { bevelShift, boltGap, fitLock, type LockFit, type Room as FitRoom } from './fit.js';
export {
  cylinderOf,
  hasRods,
  isExit,
  byLeverKey,
  LOCK_FORMS,
  rodsRunDown,
  type LockForm,
} from './lockForms.js';
export {
  againstKind,
  caseDepth,
  kindAlternatives,
  lockKindsFor,
  proposeKind,
  type LockPlace,
} from './lockType.js';
export { useOf, USE_WISHES, wantsExitDevice, type DerivedUse } from './uses.js';
export { writtenFunction, writtenKind, writtenUse } from './written.js';
export { panicOf, type Panic } from './panic.js';
export { solidWidth, type SolidWidth } from './stile.js';
export {
  cylinderHalf,
  throughLengths,
  type CylinderHalf,
  type ThroughLengths,
} from './thickness.js';
export { fitStrike, strikeReuse, type StrikeFit } from './strike.js';
export { type StrikeReuse } from './strikeReuse.js';
export { boltLengths, hasSecondLeaf, secondLeaf, type SecondLeaf } from './pair.js';
export { exitCase, fitExit, type ExitFit } from './exitDevice.js';
export { datumsOf, heightRow, lockHeightOf, usualHeight, type Datums } from './heights.js';
export { lockCentre, rodInset, securingSolids } from './solids.js';
export { propertiesOf, type LockProperties } from './properties.js';
export { acceptanceTest, testSheet, type TestStep } from './testSheet.js';
export { findLocks, LOCK_WISHES, type LockMatch, type LockWishes } from './finder.js';
export {
  doorsWithoutKey,
  MAX_KEY_GROUPS,
  opensDoor,
  passingOf,
  readKeying,
  accessMatrix,
  type KeyedDoor,
  type KeyGroup,
  type Keying,
  type AccessMode,
  type Passing,
  type Reach,
  type ReachedRoom,
} from './keying.js';
export { levelsOf, type CorridorLevel, type LevelledLock } from './levels.js';
export { LEAF_BOLTS, LOCK_KINDS, type LeafBolts, type LockKind, type LockTest } from './facts.js';
export { securing } from './stage.js';
