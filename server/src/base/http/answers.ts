import { ApiBody, ApiQuery, ApiResponse } from '@nestjs/swagger';
import { applyDecorators } from '@nestjs/common';
import type Joi from 'joi';
import { jsonSchema } from './shapes.js';

/** Says what a route answers: JSON of this shape. Tests hold what is answered against it. */
export const ApiAnswer = (schema: Joi.Schema, status = 200) =>
  ApiResponse({
    status,
    description: '',
    content: { 'application/json': { schema: jsonSchema(schema, 'output') } },
  });

const fileOf = (type: string) =>
  type === 'application/json'
    ? {}
    : { type: 'string', ...(type.startsWith('text/') ? {} : { format: 'binary' }) };

/** Says that a route answers a file of one of these types. */
export const ApiFileAnswer = (...types: string[]) =>
  ApiResponse({
    status: 200,
    description: '',
    content: Object.fromEntries(types.map((type) => [type, { schema: fileOf(type) }])),
  });

/** Documents a body by the schema that validates it. */
export const DocumentBody = (schema: Joi.Schema) =>
  ApiBody({ schema: jsonSchema(schema, 'input') });

/** Documents a query by the schema that validates it. */
export const DocumentQuery = (schema: Joi.ObjectSchema) => {
  const { properties = {}, required = [] } = jsonSchema(schema, 'input') as {
    properties?: Record<string, Record<string, unknown>>;
    required?: string[];
  };
  return applyDecorators(
    ...Object.entries(properties).map(([name, one]) =>
      ApiQuery({ name, required: required.includes(name), schema: one }),
    ),
  );
};
