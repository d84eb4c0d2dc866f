import { oneOf, record, whole } from '../../base/http/shapes.js';

export const up = record({ status: oneOf(['up']), database: oneOf(['up']), databaseMs: whole });
export const down = record({ status: oneOf(['degraded']), database: oneOf(['down']) });
