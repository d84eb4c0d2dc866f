import { anything, orNone, record } from '../http/shapes.js';

export const note = record({ body: orNone(anything) });
