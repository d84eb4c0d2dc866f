import type { LoggerService } from '@nestjs/common';
import type { Logger } from 'pino';

/** Nest's log lines through pino. */
export class PinoLogger implements LoggerService {
  constructor(private readonly pino: Logger) {}

  private write(
    level: 'info' | 'warn' | 'error' | 'debug',
    message: unknown,
    rest: unknown[],
  ): void {
    this.pino[level]({ context: rest.at(-1) }, String(message));
  }

  log(message: unknown, ...rest: unknown[]): void {
    this.write('info', message, rest);
  }
  error(message: unknown, ...rest: unknown[]): void {
    this.write('error', message, rest);
  }
  warn(message: unknown, ...rest: unknown[]): void {
    this.write('warn', message, rest);
  }
  debug(message: unknown, ...rest: unknown[]): void {
    this.write('debug', message, rest);
  }
}
