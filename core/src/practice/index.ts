export * from './types.js';
export { PRACTICES, practiceOf } from './shipped.js';
