export { CLOSER_KINDS, closerKindOf, type CloserKind } from './facts.js';
export { armAt, armSweep, type ArmAt, type ArmSweep } from './arm.js';
export { ARMS, type ArmName } from './armNames.js';
export { armRow } from './armRow.js';
export type { Closing } from './result.js';
export { closerSide, isSurface, KIND_OF } from './device.js';
export type { CloserDevice, HoldOpen, StopKind } from './decisions.js';
export { closingMoment, openingForce, shuttingResistance } from './force.js';
export type { CloserSize } from './values.js';
export { forceCounts } from './size.js';
export { closingBench, type ClosingBench } from './bench.js';
export {
  closingRun,
  leafInertia,
  openingRun,
  springMoment,
  type ClosingLeaf,
  type ClosingRun,
  type CloserMakeup,
  type CloserSettings,
  type RunPoint,
} from './run.js';
export {
  angleAt,
  findSettings,
  fitRun,
  runFaults,
  turnsBetween,
  type ClosingTimes,
  type FittedRun,
  type RunFault,
  type Sample,
  type Turn,
} from './tuning.js';
export { closing } from './stage.js';
