export { protectingSolids } from './solids.js';
