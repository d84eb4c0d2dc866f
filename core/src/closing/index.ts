export { closingSolids, turnsByPivot } from './solids.js';
export { CLOSER_KINDS, type CloserKind } from './facts.js';
export { closing } from './stage.js';
