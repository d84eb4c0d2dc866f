import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { Manners, TapeDevice } from './device.js';
import { ForceGauge, type PushManners } from './gauge.js';
import { GAUGE_PANEL } from './gaugePanel.js';
import { PANEL } from './panel.js';
import { RECORDER_PANEL } from './recorderPanel.js';
import type { AngleReading, ClosingRecorder, LeafManners } from './recorder.js';

const MAX_BODY = 2000;
const POSTS = ['/press', '/pull', '/behave', '/let-go', '/leaf', '/push', '/resist'];
/** Milliseconds of readings that are sent together. */
const BATCH = 100;
const PUSH_BOUNDS = [
  ['newtons', 0, 400],
  ['noise', 0, 20],
  ['loseIn', 0, 1000],
] as const;
const LEAF_BOUNDS = [
  ['sweep', 0.25, 5],
  ['latch', 0.25, 5],
  ['noise', 0, 5],
  ['loseIn', 0, 1000],
] as const;

const PANELS: Readonly<Record<string, string | undefined>> = {
  '/': PANEL,
  '/recorder': RECORDER_PANEL,
  '/gauge': GAUGE_PANEL,
};

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
 * The devices on loopback: `GET /stream` sends the tape's readings as server-sent events to whoever listens,
 * `GET /swing` those of the closing recorder, `GET /force` those of the force gauge; the panels at `/`, `/recorder`
 * and `/gauge` work them. Only a panel's own page may press.
 */
export function serveTape(
  device: TapeDevice,
  recorder: ClosingRecorder,
  gauge: ForceGauge = new ForceGauge(() => 0.5),
): Server {
  const listeners = new Set<ServerResponse>();
  const watchers = new Set<ServerResponse>();
  const pushed = new Set<ServerResponse>();
  const answer = (response: ServerResponse, value: unknown, status = 200) => {
    response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
    response.end(JSON.stringify(value));
  };
  const state = () => ({
    millimetres: device.millimetres,
    behaves: device.behaves,
    listeners: listeners.size,
  });

  const stream = (request: IncomingMessage, response: ServerResponse, to: Set<ServerResponse>) => {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'Access-Control-Allow-Origin': '*',
    });
    response.write('retry: 1000\n: here\n\n');
    to.add(response);
    request.on('close', () => to.delete(response));
  };

  /** Sends a closing as it happens, or at once. */
  const swing = (readings: readonly AngleReading[], quick: boolean) => {
    const send = (from: number, to: number) => {
      const part = readings.filter(({ ms }) => ms >= from && ms < to);
      if (part.length === 0) return;
      for (const watcher of watchers) watcher.write(`data: ${JSON.stringify(part)}\n\n`);
    };
    const end = readings[readings.length - 1]?.ms ?? 0;
    if (quick) return send(0, end + 1);
    for (let from = 0; from <= end; from += BATCH)
      setTimeout(send, from, from, from + BATCH).unref();
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
    if (path === '/let-go') {
      const readings = recorder.letGo();
      swing(readings, sent['quick'] === true);
      return answer(response, { readings: readings.length, behaves: recorder.behaves });
    }
    if (path === '/leaf') {
      const leaf: Partial<LeafManners> = {};
      for (const [name, least, most] of LEAF_BOUNDS) {
        const value = sent[name];
        if (typeof value === 'number' && value >= least && value <= most) leaf[name] = value;
      }
      recorder.behave(leaf);
      return answer(response, { behaves: recorder.behaves, listeners: watchers.size });
    }
    if (path === '/push') {
      const { sent: reading, lost } = gauge.push();
      if (!lost) for (const one of pushed) one.write(`data: ${JSON.stringify(reading)}\n\n`);
      return answer(response, { sent: reading, lost });
    }
    if (path === '/resist') {
      const push: Partial<PushManners> = {};
      for (const [name, least, most] of PUSH_BOUNDS) {
        const value = sent[name];
        if (typeof value === 'number' && value >= least && value <= most) push[name] = value;
      }
      gauge.behave(push);
      return answer(response, { behaves: gauge.behaves, listeners: pushed.size });
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
    if (request.method === 'GET' && path === '/stream') return stream(request, response, listeners);
    if (request.method === 'GET' && path === '/swing') return stream(request, response, watchers);
    if (request.method === 'GET' && path === '/force') return stream(request, response, pushed);
    if (request.method === 'GET' && path === '/state') return answer(response, state());
    const panel = request.method === 'GET' ? PANELS[path] : undefined;
    if (panel) {
      response.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' });
      return void response.end(panel);
    }
    if (request.method === 'POST' && POSTS.includes(path))
      return void post(path, request, response);
    return answer(response, { title: 'There is nothing here.' }, 404);
  });
}
