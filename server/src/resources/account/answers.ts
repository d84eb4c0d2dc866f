import Joi from 'joi';
import { flag, listOf, moment, record, shape, text, whole } from '../../base/http/shapes.js';

export const accountView = shape(
  'AccountView',
  record({
    name: text,
    email: text,
    admin: flag,
    demo: flag,
    second: record({ on: flag, codes: whole }),
    sessions: listOf(
      record({
        id: Joi.string().hex().length(64),
        device: text,
        address: text,
        at: moment,
        seen: moment,
        current: flag,
      }),
    ),
  }),
);

/** A second factor to be set up: its secret, its address for an authenticator, a picture of that as SVG. */
export const secondBegun = shape(
  'SecondBegun',
  record({ secret: Joi.string(), uri: Joi.string(), picture: Joi.string() }),
);

export const recoveryCodes = record({ codes: listOf(Joi.string()) });
