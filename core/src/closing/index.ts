export { closingSolids, turnsByPivot } from './solids.js';
