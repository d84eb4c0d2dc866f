export { poweringSolids } from './solids.js';
export { powering } from './stage.js';
