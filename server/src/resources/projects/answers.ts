import { PRACTICE_IDS } from '@riegel/core';
import Joi from 'joi';
import { decidingDocuments } from '../documents/answers.js';
import {
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
import { ROLES } from '../../base/entities/membership.entity.js';

const project = {
  id,
  name: text,
  practice: Joi.string().description(`${PRACTICE_IDS.join(' | ')}, or one of its own`),
  note: text,
  version: whole.min(1),
};
const role = oneOf(ROLES);

export const plainProject = shape('PlainProject', record({ ...project, createdAt: moment }));

/** A project with what its openings are decided with. */
export const wholeProject = shape(
  'WholeProject',
  record({ ...project, createdAt: moment, role, ...decidingDocuments }),
);

export const projects = record({
  projects: listOf(
    shape('ProjectSummary', record({ ...project, role, openings: whole, changed: orNone(moment) })),
  ),
});

export const members = record({
  members: listOf(shape('Member', record({ personId: id, name: text, email: text, role }))),
});

export const invitations = record({
  invitations: listOf(
    shape('InvitationView', record({ id, role, at: moment, until: moment, by: text })),
  ),
});

export const found = record({
  found: listOf(
    shape(
      'Found',
      record({ projectId: id, project: text, openingId: id, mark: text, from: text, to: text }),
    ),
  ),
  more: flag,
});
