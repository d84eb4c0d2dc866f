export * from './phrase.js';
export { SENTENCES, TERMS } from './words.js';
export { termIn, wordsIn } from './languages.js';
export { productFieldText, SHOWN_FIELDS } from './productText.js';
export { choiceText, readingText } from './readingText.js';
