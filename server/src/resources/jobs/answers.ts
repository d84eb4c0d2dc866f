import Joi from 'joi';
import {
  id,
  listOf,
  moment,
  oneOf,
  orNone,
  record,
  shape,
  text,
  whole,
} from '../../base/http/shapes.js';
import { JOB_STATES } from '../../base/entities/job.entity.js';

export const jobView = shape(
  'JobView',
  record({
    id,
    kind: text,
    name: text,
    state: oneOf(JOB_STATES),
    progress: Joi.number().min(0).max(1),
    why: text,
    size: whole,
    createdAt: moment,
    endedAt: orNone(moment),
  }),
);
export const jobs = record({ jobs: listOf(jobView) });
