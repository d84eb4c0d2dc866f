import { AsyncLocalStorage } from 'node:async_hooks';
import type { NextFunction, Request, Response } from 'express';
import { isId } from '../http/ids.js';
import type { Role } from '../entities/membership.entity.js';

/** What one request is about, and what the database told of who sent it. */
export interface RequestContext {
  projectId?: string;
  personId?: string;
  /** The person's role in the project; null for who is no member. */
  role?: Role | null;
}

const requests = new AsyncLocalStorage<RequestContext>();

/** What the request that is being answered is about. */
export function requestContext(): RequestContext | undefined {
  return requests.getStore();
}

/** Notes which project a request is about, so that session and role are asked for in one. */
export function runWithRequestContext(
  request: Request,
  _response: Response,
  next: NextFunction,
): void {
  const projectId = /^\/projects\/([^/]+)/.exec(request.path)?.[1];
  requests.run(isId(projectId) ? { projectId } : {}, next);
}
