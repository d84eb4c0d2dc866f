import type { ExecutionContext } from '@nestjs/common';
import { Throttle } from '@nestjs/throttler';
import type { Request } from 'express';

/** Where the application keeps how often one address may guess in a minute. */
export const GUESSES = 'guessesAMinute';

/** Tight: passwords, codes and links are guessed at here. An office of many stands behind one address. */
export const ThrottleAttempts = () =>
  Throttle({
    default: {
      limit: (context: ExecutionContext) =>
        context.switchToHttp().getRequest<Request>().app.locals[GUESSES] as number,
      ttl: 60_000,
    },
  });
