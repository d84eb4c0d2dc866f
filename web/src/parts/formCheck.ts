import { joiResolver } from '@hookform/resolvers/joi';
import Joi from 'joi';
import type { FieldRule, FormShape } from './Form.js';

/** What a person reads where a field is not as it must be; `{#label}` is what stands above it. */
const WORDS = {
  'string.empty': '{#label} is needed.',
  'any.required': '{#label} is needed.',
  'any.only': '{#label} is none of those there are.',
  'string.email': 'This is no e-mail address.',
  'string.min': '{#label}: {#limit} characters or more.',
  'string.max': '{#label}: no more than {#limit} characters.',
} as const;

function schemaOf({ label, needed, email, min, max, oneOf, verbatim }: FieldRule): Joi.Schema {
  let schema = Joi.string().label(label);
  if (!verbatim) schema = schema.trim();
  if (email) schema = schema.email({ tlds: { allow: false } });
  if (min !== undefined) schema = schema.min(min);
  if (max !== undefined) schema = schema.max(max);
  if (oneOf) schema = schema.valid(...oneOf);
  return needed ? schema.required() : schema.allow('');
}

/** Builds what checks a form before it is sent. */
export const resolverOf = (shape: FormShape) =>
  joiResolver(
    Joi.object(
      Object.fromEntries(Object.entries(shape).map(([name, rule]) => [name, schemaOf(rule)])),
    ).messages(WORDS),
    { abortEarly: false, errors: { wrap: { label: false } } },
  );
