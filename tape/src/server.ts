import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { Manners, TapeDevice } from './device.js';
import { PANEL } from './panel.js';

const MAX_BODY = 2000;

function body(request: IncomingMessage): Promise<Record<string, unknown>> {
  return new Promise((resolve) => {
    let text = '';
    request.on('data', (chunk: Buffer) => {
      if (text.length < MAX_BODY) text += chunk.toString('utf8');
    });
    request.on('end', () => {
      try {
        const parsed: unknown = JSON.parse(text || '{}');
        resolve(typeof parsed === 'object' && parsed ? (parsed as Record<string, unknown>) : {});
      } catch {
        resolve({});
      }
    });
  });
}

/**
 * The device on loopback: `GET /stream` sends readings as server-sent events to whoever listens, the
 * panel at `/` pulls the tape and presses its button. Only the panel's own page may press.
 */
export function serveTape(device: TapeDevice): Server {
  const listeners = new Set<ServerResponse>();
  const answer = (response: ServerResponse, value: unknown, status = 200) => {
    response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
    response.end(JSON.stringify(value));
  };
  const state = () => ({
    millimetres: device.millimetres,
    behaves: device.behaves,
    listeners: listeners.size,
  });

  const stream = (request: IncomingMessage, response: ServerResponse) => {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'Access-Control-Allow-Origin': '*',
    });
    response.write('retry: 1000\n: here\n\n');
    listeners.add(response);
    request.on('close', () => listeners.delete(response));
  };

  const post = async (path: string, request: IncomingMessage, response: ServerResponse) => {
    const { origin, host } = request.headers;
    if (origin && origin !== `http://${host}`) return answer(response, { title: 'No.' }, 403);
    const sent = await body(request);
    if (path === '/press') {
      const pressed = device.press();
      if (!pressed.lost)
        for (const listener of listeners)
          listener.write(`data: ${JSON.stringify(pressed.sent)}\n\n`);
      return answer(response, pressed);
    }
    if (path === '/pull') {
      const pulled = device.pull(Number(sent['millimetres']));
      return answer(response, state(), pulled ? 200 : 422);
    }
    const manners: Partial<Manners> = {};
    for (const name of ['jitter', 'slipIn', 'loseIn'] as const) {
      const value = sent[name];
      if (typeof value === 'number' && value >= 0 && value < 1000) manners[name] = value;
    }
    device.behave(manners);
    return answer(response, state());
  };

  return createServer((request, response) => {
    const path = new URL(request.url ?? '/', 'http://tape').pathname;
    if (request.method === 'GET' && path === '/stream') return stream(request, response);
    if (request.method === 'GET' && path === '/state') return answer(response, state());
    if (request.method === 'GET' && path === '/') {
      response.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' });
      return void response.end(PANEL);
    }
    if (request.method === 'POST' && ['/press', '/pull', '/behave'].includes(path))
      return void post(path, request, response);
    return answer(response, { title: 'There is nothing here.' }, 404);
  });
}
