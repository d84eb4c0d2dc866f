export * from './shape.js';
export { faultPath, pathText, type Path } from './faultPath.js';
