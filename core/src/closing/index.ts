export { CLOSER_KINDS, closerKindOf, type CloserKind } from './facts.js';
export { armAt, ARMS, armSweep, type ArmAt, type ArmName, type ArmSweep } from './arm.js';
export { armRow, type Closing } from './decide.js';
export { closerSide, isSurface, KIND_OF } from './device.js';
export type { CloserDevice, HoldOpen, StopKind } from './decisions.js';
export { closingMoment, openingForce, sealResistance } from './force.js';
export type { CloserSize } from './values.js';
export { closing } from './stage.js';
