export { comparisonKey } from './comparisonKey.js';
export { decideOpening, decideOpenings, type DecideOptions } from './decideOpening.js';
export { decisionOf, type DecidedOpening } from './decided.js';
export { askedFacts, type AskedFact } from './askedFacts.js';
export { changesBetween, type DecisionChange } from './changes.js';
export { needsOf } from './products.js';
export { wholeFacts } from './input.js';
export { preparationOf } from './preparation.js';
export { evaluateFixes, type TriedWay } from './evaluateFixes.js';
