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
  /ECONNREFUSED|ECONNRESET|PROTOCOL_CONNECTION_LOST|ER_SERVER_SHUTDOWN|ETIMEDOUT|EPIPE|ENOTFOUND|ER_CON_COUNT_ERROR|Pool is closed|Queue limit reached|closed state|ER_STATEMENT_TIMEOUT|max_statement_time|ECONNABORTED|RIEGEL_DATABASE_AWAY|ER_LOCK_DEADLOCK|ER_LOCK_WAIT_TIMEOUT|ER_QUERY_INTERRUPTED|ER_CONNECTION_KILLED|ER_ERROR_DURING_COMMIT|WSREP/;

/** Whether an error says that the database is away rather than that something is wrong. */
function databaseAway(error: unknown): boolean {
  const { code, message } = (error ?? {}) as { code?: string; message?: string };
  return CONNECTION.test(`${code ?? ''} ${message ?? ''}`);
}

const WORDS: Record<number, string> = {
  [HttpStatus.TOO_MANY_REQUESTS]: 'Too many requests. Wait a minute and try again.',
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
        (status === 413 ? tooLarge(error) : undefined) ??
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

/** The sentence for a body above its route's limit, with the limit that holds. */
function tooLarge(error: unknown): string {
  const { limit } = error as { limit?: number };
  const most =
    limit === undefined
      ? 'less'
      : limit >= 1e6
        ? `at most ${Math.floor(limit / 1e6)} MB`
        : `at most ${Math.floor(limit / 1000)} kB`;
  return `That is too large: ${most} can be taken here.`;
}

/** Body parsers throw plain errors that carry a status. */
function httpStatusOf(error: unknown): number | undefined {
  const { status, expose } = (error ?? {}) as { status?: number; expose?: boolean };
  return expose && typeof status === 'number' ? status : undefined;
}
