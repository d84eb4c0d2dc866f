export * from './sets.js';
export * from './schedule.js';
