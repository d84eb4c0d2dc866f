import { gunzipSync } from 'node:zlib';
import type { INestApplication } from '@nestjs/common';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import type { NextFunction, Request, Response } from 'express';
import { describeInterface } from '../wiring/openApi.js';

interface Described {
  paths: Record<
    string,
    Record<string, { responses: Record<string, { content?: Record<string, unknown> }> }>
  >;
}

/** What was answered otherwise than the interface's documents say, and which routes did what was asked. */
export interface HeldAnswers {
  faults: string[];
  done: Set<string>;
}

/** Holds every answer of an application against what its documents say of the route: status, type, shape. */
export function holdsAnswers(app: INestApplication): HeldAnswers {
  const document = describeInterface(app) as unknown as Described;
  const ajv = new Ajv2020({ strict: false, allErrors: true, formats: FORMATS });
  ajv.addSchema(document, 'interface');
  const compiled = new Map<string, ValidateFunction>();
  const shapeAt = (...place: string[]): ValidateFunction => {
    const pointer = place.map((step) =>
      encodeURIComponent(step.replace(/~/g, '~0').replace(/\//g, '~1')),
    );
    const $ref = `interface#/${pointer.join('/')}`;
    const known = compiled.get($ref) ?? ajv.compile({ $ref });
    compiled.set($ref, known);
    return known;
  };
  const held: HeldAnswers = { faults: [], done: new Set() };

  const hold = (request: Request, response: Response, chunks: Buffer[]) => {
    const route = (request as { route?: { path?: string } }).route?.path;
    const path = route?.replace(/:(\w+)/g, '{$1}');
    const method = request.method.toLowerCase();
    const described = path === undefined ? undefined : document.paths[path]?.[method];
    const status = String(response.statusCode);
    // What no route answered, or what was not there to be read again.
    if (!described || path === undefined || status === '304') return;
    const where = `${method} ${path} ${status}`;
    const as = described.responses[status] ? status : 'default';
    const wrong = (why: string) => held.faults.push(`${where}: ${why}`);
    const good = response.statusCode < 300;
    if (good && as === 'default') return wrong('this status is not described');
    const type = String(response.getHeader('content-type') ?? '').split(';')[0]!;
    const content = described.responses[as]?.content ?? {};
    if (good) held.done.add(`${method} ${path}`);
    if (chunks.every(({ length }) => length === 0))
      return content[type] ? wrong('nothing was answered') : undefined;
    if (!content[type]) return wrong(`“${type}” is not described`);
    if (!/json$/.test(type)) return undefined;
    const zipped = response.getHeader('content-encoding') === 'gzip';
    const bytes = Buffer.concat(chunks);
    const body = JSON.parse((zipped ? gunzipSync(bytes) : bytes).toString('utf8')) as unknown;
    const fits = shapeAt('paths', path, method, 'responses', as, 'content', type, 'schema');
    if (!fits(body))
      wrong(
        (fits.errors ?? [])
          .slice(0, 3)
          .map((one) => `${one.instancePath} ${one.message} ${JSON.stringify(one.params)}`)
          .join('; '),
      );
    return undefined;
  };

  app.use((request: Request, response: Response, next: NextFunction) => {
    const chunks: Buffer[] = [];
    const take = (chunk: unknown) => {
      if (typeof chunk === 'string' || chunk instanceof Uint8Array) chunks.push(Buffer.from(chunk));
    };
    const write = response.write.bind(response);
    const end = response.end.bind(response);
    response.write = ((chunk: unknown, ...rest: never[]) => {
      take(chunk);
      return (write as (...all: unknown[]) => boolean)(chunk, ...rest);
    }) as never;
    response.end = ((chunk: unknown, ...rest: never[]) => {
      take(chunk);
      hold(request, response, chunks);
      return (end as (...all: unknown[]) => Response)(chunk, ...rest);
    }) as never;
    next();
  });
  return held;
}

const FORMATS = {
  'date-time': /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/,
  hex: /^[0-9a-f]*$/,
};
