export { batteryFor, currentsOf, leastWire, voltageDrop, type Currents } from './current.js';
export type { Powering } from './result.js';
export type { WirePath } from './decisions.js';
export { narrativeOf } from './narrative.js';
export { wiringOf, type WireRun } from './wiring.js';
export { poweringSolids } from './solids.js';
export { powering } from './stage.js';
