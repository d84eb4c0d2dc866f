import Joi from 'joi';
import { record } from '../../base/http/shapes.js';

/** A link's secret, told this once. */
export const linkToken = record({ token: Joi.string() });
