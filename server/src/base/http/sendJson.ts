import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { Request, Response } from 'express';

const zip = promisify(gzip);

/** Below this compressing costs more than it saves. */
const WORTH_IT = 4096;

/** Sends JSON text as it is, compressed off the main thread where the other side takes that. */
export async function sendJson(request: Request, response: Response, json: string): Promise<void> {
  response.type('application/json').vary('Accept-Encoding');
  if (json.length < WORTH_IT || !request.acceptsEncodings('gzip')) {
    response.send(json);
    return;
  }
  const body = await zip(json, { level: 3 });
  response.setHeader('Content-Encoding', 'gzip').send(body);
}
