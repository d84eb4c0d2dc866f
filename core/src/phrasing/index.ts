export * from './phrase.js';
export { SENTENCES, TERMS } from './words.js';
