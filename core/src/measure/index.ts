export * from './ticks.js';
export * from './getOwn.js';
export * from './result.js';
export { parseLength, normaliseText } from './parseLength.js';
export { parseSize, type Size } from './parseSize.js';
export * from './formatLength.js';
export * from './quantities.js';
export { formatFloorArea, parseFloorArea } from './floorArea.js';
export { memoize } from './memoize.js';
