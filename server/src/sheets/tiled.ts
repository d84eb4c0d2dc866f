import { Joi } from '../http/joi.pipe.js';

/** Whether a stick comes in tiles of ordinary paper, or each in one piece. */
export const TILED = Joi.object<{ tiled: boolean }>({
  tiled: Joi.boolean().default(true),
}).unknown(true);
