export { lockCentre, securingSolids } from './solids.js';
