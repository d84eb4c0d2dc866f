export type { PlateSize, Protecting } from './decide.js';
export { PLATES, type Plates } from './values.js';
export { bottomTaken, sweeps } from './sweep.js';
export { protecting } from './stage.js';
