export { CLOSER_KINDS, closerKindOf, type CloserKind } from './facts.js';
export { closing } from './stage.js';
