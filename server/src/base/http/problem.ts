import { HttpException, HttpStatus } from '@nestjs/common';

/** One field that cannot be used, in a person's words. */
export interface FieldFault {
  field: string;
  message: string;
}

/** A problem document (RFC 9457) thrown as an exception. */
export class Problem extends HttpException {
  constructor(
    status: HttpStatus,
    readonly title: string,
    readonly extra: { detail?: string; errors?: FieldFault[]; [key: string]: unknown } = {},
  ) {
    super(title, status);
  }
}

export function notFound(what = 'That'): Problem {
  return new Problem(HttpStatus.NOT_FOUND, `${what} is not here, or not yours to see.`);
}

export function forbidden(what: string): Problem {
  return new Problem(HttpStatus.FORBIDDEN, what);
}

export function invalid(errors: FieldFault[]): Problem {
  return new Problem(HttpStatus.UNPROCESSABLE_ENTITY, 'Something in it cannot be used.', {
    errors,
  });
}
