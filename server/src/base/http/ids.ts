import { Param, type PipeTransform } from '@nestjs/common';
import { Joi } from './joi.pipe.js';
import { notFound } from './problem.js';

/** The one spelling of an identifier: lower case, with its hyphens, nothing round it. */
const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const isId = (value: unknown): value is string =>
  typeof value === 'string' && ID.test(value);

/** An identifier in a body. */
export const idField = Joi.string().pattern(ID, 'identifier');

/** An identifier in another spelling names nothing. */
class IdPipe implements PipeTransform<unknown, string> {
  constructor(private readonly what: string) {}

  transform(value: unknown): string {
    if (!isId(value)) throw notFound(this.what);
    return value;
  }
}

/** An identifier in the path. */
export const IdParam = (name: string, what = 'That') => Param(name, new IdPipe(what));
