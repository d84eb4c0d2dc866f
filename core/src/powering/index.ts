export { poweringSolids } from './solids.js';
