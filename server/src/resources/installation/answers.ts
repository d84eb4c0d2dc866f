import Joi from 'joi';
import { flag, id, listOf, moment, record, shape, text, whole } from '../../base/http/shapes.js';

export const everybody = record({
  people: listOf(
    shape(
      'AccountSummary',
      record({ id, name: text, email: text, admin: flag, demo: flag, second: flag }),
    ),
  ),
});

export const mailbox = record({
  letters: listOf(
    shape('LetterView', record({ id, recipient: text, subject: text, body: text, at: moment })),
  ),
});

const number = Joi.number();
export const vitals = record({
  uptimeSeconds: whole,
  loopDelayMs: record({ p50: number, p99: number, max: number }),
  memoryMb: record({ rss: number, heap: number }),
  streams: whole,
  work: Joi.object().pattern(Joi.string(), record({ running: whole, waiting: whole })),
});
