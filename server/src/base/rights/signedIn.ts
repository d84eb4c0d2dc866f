import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';

declare module 'express-session' {
  interface SessionData {
    personId: string;
    device: string;
    address: string;
    /** Gave the right password and still owes the second factor. */
    pending: { personId: string; at: number; tries: number };
  }
}

/** The id of the person who asks; the route's right has seen to it that there is one. */
export const PersonId = createParamDecorator(
  (_: unknown, context: ExecutionContext): string =>
    context.switchToHttp().getRequest<Request>().session.personId!,
);
