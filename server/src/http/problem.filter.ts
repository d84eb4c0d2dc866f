import {
  Catch,
  HttpException,
  HttpStatus,
  Logger,
  type ArgumentsHost,
  type ExceptionFilter,
} from '@nestjs/common';
import type { Response } from 'express';
import { Problem } from './problem.js';

const CONNECTION =
  /ECONNREFUSED|ECONNRESET|PROTOCOL_CONNECTION_LOST|ER_SERVER_SHUTDOWN|ETIMEDOUT|EPIPE|ENOTFOUND|ER_CON_COUNT_ERROR|Pool is closed|closed state|ER_STATEMENT_TIMEOUT|max_statement_time|ECONNABORTED/;

/** Whether an error says that the database is away rather than that something is wrong. */
export function databaseAway(error: unknown): boolean {
  const { code, message } = (error ?? {}) as { code?: string; message?: string };
  return CONNECTION.test(`${code ?? ''} ${message ?? ''}`);
}

const WORDS: Record<number, string> = {
  [HttpStatus.TOO_MANY_REQUESTS]: 'Too many requests. Wait a minute and try again.',
  [HttpStatus.PAYLOAD_TOO_LARGE]: 'That is too large. At most 12 MB are taken at a time.',
  [HttpStatus.NOT_FOUND]: 'There is nothing at this address.',
};

/** Answers every error as `application/problem+json`, never with a stack or a statement. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) {
      response.end();
      return;
    }
    const body = this.describe(error);
    response.status(body.status).type('application/problem+json').send(JSON.stringify(body));
  }

  private describe(error: unknown): { status: number; title: string; [key: string]: unknown } {
    if (error instanceof Problem)
      return { type: 'about:blank', status: error.getStatus(), title: error.title, ...error.extra };
    if (databaseAway(error)) {
      return {
        type: 'about:blank',
        status: HttpStatus.SERVICE_UNAVAILABLE,
        title: 'The database does not answer just now. Nothing was changed; try again in a moment.',
      };
    }
    const status = error instanceof HttpException ? error.getStatus() : httpStatusOf(error);
    if (status !== undefined) {
      const title =
        WORDS[status] ??
        (status === 400 ? 'The request could not be read as JSON.' : (error as Error).message);
      return { type: 'about:blank', status, title };
    }
    this.logger.error(error instanceof Error ? error.stack : String(error));
    return {
      type: 'about:blank',
      status: HttpStatus.INTERNAL_SERVER_ERROR,
      title: 'Something went wrong on the server. Nothing was changed.',
    };
  }
}

/** Body parsers throw plain errors that carry a status. */
function httpStatusOf(error: unknown): number | undefined {
  const { status, expose } = (error ?? {}) as { status?: number; expose?: boolean };
  return expose && typeof status === 'number' ? status : undefined;
}
