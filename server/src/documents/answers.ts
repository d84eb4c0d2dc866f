import Joi from 'joi';
import { DOCUMENT_NAMES } from './document.entity.js';
import { coreShape, listOf, oneOf, orNone, record, whole } from '../http/shapes.js';

/** A document of a project; version 0 and no body while there is none. */
const documentOf = (body: Joi.Schema) =>
  record({ name: oneOf(DOCUMENT_NAMES), version: whole, body: orNone(body) });

export const anyDocument = documentOf(Joi.any());

/** What a project's openings are decided with. */
export const decidingDocuments = {
  practices: documentOf(
    listOf(coreShape('EditedPractice', 'A practice of the project’s own.', ['id'])),
  ),
  building: documentOf(coreShape('Building', 'Storeys and rooms.')),
  catalogue: documentOf(listOf(coreShape('Product', 'A product; lengths in ticks.', ['id']))),
  locks: documentOf(listOf(coreShape('LockSpec', 'A lock function of the project’s own.', ['id']))),
  keying: documentOf(coreShape('Keying', 'Which keys open what.')),
  schedule: documentOf(coreShape('ScheduleSettings', 'How the schedule is laid out.')),
};
