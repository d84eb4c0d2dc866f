export * from './hand.js';
export { agrees, resolveHand, type HandQuestion, type Resolved } from './observe.js';
export { outsideOf, type BetweenRooms } from './outside.js';
export { decideHanding, type Handing } from './decide.js';
