import { anything, orNone, record } from '../../base/http/shapes.js';

export const note = record({ body: orNone(anything) });
