import Joi from 'joi';
import { idField } from './ids.js';

export type JsonSchema = Record<string, unknown>;

/** The JSON Schema dialect that OpenAPI 3.1 speaks. */
const DIALECT = 'draft-2020-12';

/** JSON Schema of a Joi schema: of what comes in, or of what goes out. */
export const jsonSchema = (schema: Joi.Schema, way: 'input' | 'output'): JsonSchema =>
  schema['~standard'].jsonSchema[way]({ target: DIALECT });

/** Every named shape of an answer, as the interface's documents hold it. */
const SHAPES = new Map<string, JsonSchema>();

/** Named shapes by their names, in the order of their names. */
export const namedShapes = (): Record<string, JsonSchema> =>
  Object.fromEntries([...SHAPES].sort(([a], [b]) => (a < b ? -1 : 1)));

/** Stands for a named shape inside others. Joi's types do not know `jsonSchema` of an extension yet. */
const joi = Joi.extend({
  type: 'shape',
  base: Joi.any(),
  args: (schema: Joi.AnySchema, name: string) => schema.$_setFlag('shape', name),
  jsonSchema: (schema: Joi.AnySchema) => ({
    $ref: `#/components/schemas/${schema.$_getFlag('shape')}`,
  }),
} as never) as Joi.Root & { shape(name: string): Joi.Schema };

function keep(name: string, schema: JsonSchema): Joi.Schema {
  if (SHAPES.has(name)) throw new Error(`Two shapes are called ${name}.`);
  SHAPES.set(name, schema);
  return joi.shape(name);
}

/** Gives a shape a name, by which documents and the application's types know it. */
export const shape = (name: string, schema: Joi.Schema): Joi.Schema =>
  keep(name, jsonSchema(schema, 'output'));

/**
 * The extension that tells which of the core's types a shape is.
 *
 * @internal read by scripts/interface.mjs
 */
export const CORE_TYPE = 'x-core-type';

/** A shape that is a type of the core, told by the core: by its own name there, or as another makes it. */
export const coreShape = (name: string, schema: JsonSchema, type = name): Joi.Schema =>
  keep(name, { ...schema, [CORE_TYPE]: type });

/** What a reader of the interface has to know of a type of the core that is told nowhere else. */
export const roughly = (description: string, required: string[]): JsonSchema => ({
  type: 'object',
  description,
  required,
});

/** An object of which every field stands there, but for those said to be optional. */
export const record = (fields: Record<string, Joi.Schema>): Joi.ObjectSchema =>
  Joi.object(
    Object.fromEntries(
      Object.entries(fields).map(([name, schema]) => [
        name,
        schema.$_getFlag('presence') === 'optional' ? schema : schema.required(),
      ]),
    ),
  );

export const listOf = (schema: Joi.Schema): Joi.ArraySchema => Joi.array().items(schema);
export const orNone = (schema: Joi.Schema): Joi.Schema => schema.allow(null);
export const text = Joi.string().allow('');
export const oneOf = (values: readonly string[]): Joi.Schema => Joi.string().valid(...values);
export const id = idField;

/** A point in time, as ISO 8601 says it. */
export const moment = Joi.string().isoDate();
export const day = Joi.string().pattern(/^\d{4}-\d\d-\d\d$/, 'day');
export const whole = Joi.number().integer().min(0);
export const flag = Joi.boolean();

/** An object that the server hands on as it was given. */
export const anything = Joi.object().unknown(true);
