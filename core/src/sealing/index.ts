export { sealingSolids } from './solids.js';
