export * from './stages.js';
export * from './facts.js';
export * from './decision.js';
export * from './fields.js';
export { Settling, term, length, said } from './settle.js';
