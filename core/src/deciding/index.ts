export { decideOpening, type DecidedOpening } from './decideOpening.js';
