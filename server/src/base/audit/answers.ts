import Joi from 'joi';
import { listOf, moment, oneOf, orNone, record, shape, text } from '../http/shapes.js';
import { AUDIT_KINDS } from '../entities/audit.entity.js';

export const auditLines = record({
  lines: listOf(
    shape(
      'AuditLine',
      record({
        id: Joi.string().pattern(/^\d+$/, 'number'),
        kind: oneOf(AUDIT_KINDS),
        subject: text,
        address: text,
        at: moment,
        who: orNone(text),
        email: orNone(text),
        project: orNone(text),
      }),
    ),
  ),
});
