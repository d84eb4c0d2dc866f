import {
  createParamDecorator,
  HttpStatus,
  Injectable,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import type { Request } from 'express';
import { Problem } from '../http/problem.js';

declare module 'express-session' {
  interface SessionData {
    personId: string;
  }
}

/** Lets only signed-in people through. */
@Injectable()
export class SignedInGuard implements CanActivate {
  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<Request>();
    if (request.session?.personId) return true;
    throw new Problem(HttpStatus.UNAUTHORIZED, 'Sign in first.');
  }
}

/** The id of the person who asks. */
export const PersonId = createParamDecorator(
  (_: unknown, context: ExecutionContext): string =>
    context.switchToHttp().getRequest<Request>().session.personId!,
);
