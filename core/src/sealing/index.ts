export { sealingSolids } from './solids.js';
export { BOTTOM_SEALS, type BottomSeal } from './facts.js';
export { sealing } from './stage.js';
