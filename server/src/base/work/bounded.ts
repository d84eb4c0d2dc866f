import { HttpStatus } from '@nestjs/common';
import { Problem } from '../http/problem.js';
import { TooMuchWork } from './work.service.js';

/** Work that was ended for what it took is told as that: `what` took too long. */
export async function bounded<T>(what: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof TooMuchWork)
      throw new Problem(
        HttpStatus.SERVICE_UNAVAILABLE,
        `${what} took longer than a minute and was given up. Try again when less is going on.`,
      );
    throw error;
  }
}
