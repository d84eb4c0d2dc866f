import Joi from 'joi';
import {
  anything,
  day,
  flag,
  id,
  listOf,
  moment,
  record,
  shape,
  text,
  whole,
} from '../../base/http/shapes.js';

/** A page of the site's records, and where to go on. */
export const sitePage = shape(
  'SitePage',
  record({ records: listOf(anything), seq: whole, more: flag, epoch: text }),
);
export const added = record({ added: whole, missing: listOf(Joi.string()) });

const place = { projectId: id, project: text, openingId: id, mark: text };

export const due = shape(
  'DueAnswer',
  record({
    list: listOf(record({ ...place, from: text.optional(), to: text.optional(), due: day })),
    counts: record({ overdue: whole, month: whole, quarter: whole, later: whole }),
  }),
);

export const installed = record({
  found: listOf(
    shape(
      'Installed',
      record({
        ...place,
        words: text,
        batch: text.optional(),
        setting: text.optional(),
        at: moment,
      }),
    ),
  ),
  more: flag,
});
