export * from './shape.js';
