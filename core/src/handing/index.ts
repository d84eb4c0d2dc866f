export * from './hand.js';
export { agrees, resolveHand, type HandQuestion, type Resolved } from './observe.js';
export { outsideOf, type BetweenRooms } from './outside.js';
export type { Handing } from './decide.js';
export type { Observation } from './facts.js';
export { handing } from './stage.js';
