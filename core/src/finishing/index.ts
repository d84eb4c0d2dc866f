export { appearanceOf, finishOn, type CodedFinish } from './appearance.js';
export { BASE_METALS, type BaseMetal, type FinishRow } from './values.js';
export { finishing } from './stage.js';
