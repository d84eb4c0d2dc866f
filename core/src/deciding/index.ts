export { decideOpening, type DecidedOpening } from './decideOpening.js';
export { changesBetween, type DecisionChange } from './changes.js';
