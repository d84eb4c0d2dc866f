import {
  HttpStatus,
  Inject,
  Injectable,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import type { Request } from 'express';
import { CONFIG, type Config } from '../config.js';
import { Problem } from './problem.js';

/**
 * Refuses what another site's page sends: by Fetch Metadata where the browser tells it, else by Origin
 * (OWASP, cross-site request forgery). What is no browser sends neither and is let through; it carries no
 * cookie that it was not given.
 */
@Injectable()
export class OriginGuard implements CanActivate {
  constructor(@Inject(CONFIG) private readonly config: Config) {}

  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<Request>();
    if (this.own(request)) return true;
    throw new Problem(HttpStatus.FORBIDDEN, 'This request comes from another site; it is refused.');
  }

  private own(request: Request): boolean {
    const site = request.headers['sec-fetch-site'];
    if (site === 'same-origin' || site === 'none') return true;
    const reads = request.method === 'GET' || request.method === 'HEAD';
    // Following a link from elsewhere shows a page or a file and changes nothing.
    if (site !== undefined) return reads && request.headers['sec-fetch-mode'] === 'navigate';
    const { origin, host } = request.headers;
    if (origin === undefined) return true;
    if (origin === this.config.publicUrl) return true;
    return URL.canParse(origin) && new URL(origin).host === host;
  }
}
