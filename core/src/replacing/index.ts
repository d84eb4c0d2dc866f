export type { Replacement } from './decide.js';
export { PARTS, VERDICTS, type ExistingPart, type Verdict } from './decisions.js';
export { hingePlugs, exposedSpans, type Plug } from './plugging.js';
export { repairsOf, type Repair } from './repairs.js';
export { compareHinges, type Effect, type HingeEffect } from './compare.js';
export { replacing } from './stage.js';
