import { factsSchema } from '@riegel/core';
import Joi from 'joi';
import { DOCUMENT_NAMES } from '../../base/entities/document.entity.js';
import { EVENT_KINDS } from '../../base/entities/event.entity.js';
import {
  coreShape,
  flag,
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

const facts = coreShape('OpeningFacts', factsSchema());

export const openingView = shape('OpeningView', record({ id, version: whole.min(1), facts }));
export const openings = record({ openings: listOf(openingView) });

/** Every opening, and the newest event by then. */
export const register = record({ openings: listOf(openingView), place: text });

/** What undoing or doing again changed. */
export const stepped = record({
  openings: listOf(openingView),
  deleted: listOf(id),
  documents: listOf(oneOf(DOCUMENT_NAMES)),
});

export const events = record({
  events: listOf(
    shape(
      'EventView',
      record({
        id: Joi.string().pattern(/^\d+$/, 'number'),
        kind: oneOf(EVENT_KINDS),
        undone: flag,
        at: moment,
        by: text,
        count: whole,
        /** None where too many were changed to name them, and where one opening’s history is told. */
        openings: orNone(listOf(id)),
        documents: orNone(listOf(oneOf(DOCUMENT_NAMES))),
        changes: listOf(record({ openingId: id, before: orNone(facts), after: orNone(facts) })),
      }),
    ),
  ),
});
