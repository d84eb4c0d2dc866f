import {
  HttpStatus,
  Injectable,
  SetMetadata,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import express, { type Request, type RequestHandler, type Response } from 'express';
import { Problem } from './problem.js';
import { unsound } from './wellFormed.js';

/** What a route takes: parsed JSON, JSON still as bytes (for a worker to parse), or a file's bytes. */
interface Takes {
  kind: 'json' | 'json-bytes' | 'file';
  limit: number;
}

const TAKES = Symbol('takes');
const USUAL: Takes = { kind: 'json', limit: 16 * 1024 };

/** The most a route's JSON may have, where 16 kB are not enough. */
export const TakesJson = (limit: number) => SetMetadata(TAKES, { kind: 'json', limit });

/** JSON too large to be parsed beside other people's requests: the handler gets its bytes. */
export const TakesJsonBytes = (limit: number) => SetMetadata(TAKES, { kind: 'json-bytes', limit });

/** A file itself, as bytes. */
export const TakesFile = (limit: number) => SetMetadata(TAKES, { kind: 'file', limit });

const parsers = new Map<string, RequestHandler>();

function parserOf({ kind, limit }: Takes): RequestHandler {
  const key = `${kind} ${limit}`;
  const made =
    parsers.get(key) ??
    (kind === 'json'
      ? express.json({ limit })
      : express.raw({
          limit,
          type: kind === 'file' ? 'application/octet-stream' : 'application/json',
        }));
  parsers.set(key, made);
  return made;
}

/**
 * Reads a request's body, the last of the guards: by then it is known who asks, that they may, and that
 * they do not ask too often. Only JSON or, where a file is taken, its bytes: no form of another page can
 * send either.
 */
@Injectable()
export class BodyGuard implements CanActivate {
  constructor(private readonly reflector: Reflector) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<Request>();
    if (request.method === 'GET' || request.method === 'HEAD') return true;
    const takes = this.reflector.get<Takes | undefined>(TAKES, context.getHandler()) ?? USUAL;
    const type = takes.kind === 'file' ? 'application/octet-stream' : 'application/json';
    const sends =
      Number(request.headers['content-length'] ?? 0) > 0 ||
      request.headers['transfer-encoding'] !== undefined;
    if (
      (sends || request.headers['content-type']) &&
      !request.is(type) &&
      !isEmptyOf(request, sends)
    )
      throw new Problem(
        HttpStatus.UNSUPPORTED_MEDIA_TYPE,
        takes.kind === 'file' ? 'Send the file itself.' : 'Send JSON.',
      );
    if (!sends) return true;
    const response = context.switchToHttp().getResponse<Response>();
    await new Promise<void>((done, failed) => {
      void parserOf(takes)(request, response, (error?: unknown) =>
        error ? failed(error as Error) : done(),
      );
    });
    const fault = takes.kind === 'json' ? unsound(request.body) : undefined;
    if (fault) throw new Problem(HttpStatus.BAD_REQUEST, fault);
    return true;
  }
}

/** Some clients name a type though they send nothing; only a form's is refused then. */
function isEmptyOf(request: Request, sends: boolean): boolean {
  const type = request.headers['content-type'] ?? '';
  return !sends && !/form|text\/plain/i.test(type);
}
