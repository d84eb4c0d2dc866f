export type { PlateSize, Protecting } from './result.js';
export { bottomTaken, sweeps } from './sweep.js';
export { protecting } from './stage.js';
