export { holeRow } from './holeRow.js';
export { lockPreparation } from './lockPreparation.js';
export { preparing } from './stage.js';
export { PREPARING_VALUES } from './values.js';
