export * from './phrase.js';
export { TERMS } from './terms.js';
export { SENTENCES } from './sentences.js';
