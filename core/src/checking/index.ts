export { cautionsFor, generalCautions } from './cautions.js';
export { boltsOf, duplicateMarks, type Bolt, type BoltState } from './check.js';
