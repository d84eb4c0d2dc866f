import { projectFileSchema } from '@riegel/core';
import Joi from 'joi';
import { DOCUMENT_NAMES } from '../../base/entities/document.entity.js';
import {
  coreShape,
  listOf,
  oneOf,
  orNone,
  record,
  whole,
  type JsonSchema,
} from '../../base/http/shapes.js';

/** A document of a project; version 0 and no body while there is none. */
const documentOf = (body: Joi.Schema) =>
  record({ name: oneOf(DOCUMENT_NAMES), version: whole, body: orNone(body) });

export const anyDocument = documentOf(Joi.any());

type Items = Record<'practices' | 'products' | 'locks', { items: JsonSchema }>;
const told = projectFileSchema()['properties'] as Items &
  Record<'building' | 'keying' | 'schedule', JsonSchema>;

/** What a project's openings are decided with. */
export const decidingDocuments = {
  practices: documentOf(listOf(coreShape('EditedPractice', told.practices.items))),
  building: documentOf(coreShape('Building', told.building)),
  catalogue: documentOf(listOf(coreShape('Product', told.products.items))),
  locks: documentOf(listOf(coreShape('LockSpec', told.locks.items))),
  keying: documentOf(coreShape('Keying', told.keying)),
  schedule: documentOf(coreShape('ScheduleSettings', told.schedule)),
};
