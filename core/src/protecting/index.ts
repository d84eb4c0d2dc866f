export { protectingSolids } from './solids.js';
export { protecting } from './stage.js';
