export { STAGE_LIST } from './list.js';
export { BOLT_STAGES, isStage, placeOf, SET_STAGES, STAGES } from './ids.js';
export { FIELDS, fieldApplies, fieldOf, fieldsAt, type Field } from './fields.js';
export { readRecord, recordAt, RECORDS } from './records.js';
export { normalizeFacts } from './normalizeFacts.js';
export { PRODUCT_SLOTS, SLOTS, stageOfType } from './products.js';
export { STAGE_MESSAGES, STAGE_TERMS } from './words.js';
