export { finishing } from './stage.js';
