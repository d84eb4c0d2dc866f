import { Body, type PipeTransform } from '@nestjs/common';
import Joi from 'joi';
import { invalid, type FieldFault } from './problem.js';

/** Words for Joi's rules; `{#label}` is the field. */
const MESSAGES = {
  'any.required': '{#label} is missing.',
  'any.only': '{#label} must be one of: {#valids}.',
  'string.empty': '{#label} cannot be empty.',
  'string.min': '{#label} needs at least {#limit} characters.',
  'string.max': '{#label} may have at most {#limit} characters.',
  'string.email': '{#label} is not an e-mail address.',
  'string.guid': '{#label} is not an identifier.',
  'string.base': '{#label} must be text.',
  'number.base': '{#label} must be a number.',
  'number.integer': '{#label} must be a whole number.',
  'array.min': '{#label} is empty.',
  'array.max': '{#label} has more than {#limit} entries.',
  'array.base': '{#label} must be a list.',
  'object.base': '{#label} must be an object.',
  'object.unknown': '{#label} is not known.',
  'string.pattern.name': '{#label} is not an {#name}.',
};

/** No answer tells of more faults than this. */
export const MAX_FAULTS = 20;

/** What a schema says of a value; a value that breaks the check itself cannot be used either. */
export function checked<T>(
  schema: Joi.Schema<T>,
  value: unknown,
  abortEarly = false,
): { value: T } | { faults: FieldFault[] } {
  let result: Joi.ValidationResult<T>;
  try {
    result = schema.validate(value, {
      abortEarly,
      messages: MESSAGES,
      errors: { wrap: { label: false } },
    });
  } catch {
    return { faults: [{ field: '', message: 'This cannot be read.' }] };
  }
  if (!result.error) return { value: result.value as T };
  return {
    faults: result.error.details.slice(0, MAX_FAULTS).map((detail) => ({
      field: [...detail.path, ...fieldWithin(detail.context)].join('.'),
      message: detail.message,
    })),
  };
}

/** Validates what comes in and answers in a person's words. */
export class JoiPipe<T> implements PipeTransform<unknown, T> {
  constructor(private readonly schema: Joi.Schema<T>) {}

  transform(value: unknown): T {
    const result = checked(this.schema, value ?? {});
    if ('faults' in result) throw invalid(result.faults);
    return result.value;
  }
}

/** A custom check may name a field below the value it was given. */
function fieldWithin(context: Joi.Context | undefined): string[] {
  const field: unknown = context?.['field'];
  return typeof field === 'string' ? [field] : [];
}

/** A body parameter validated by a schema. */
export const ValidBody = (schema: Joi.Schema) => Body(new JoiPipe(schema));

export { Joi };
