import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(import.meta.dirname, '../..');

/** The built application on a private database of its own, signed in as its demo's owner. */
export interface Running {
  port: number;
  /** The address of its database, and the folder it is in. */
  database: string;
  folder: string;
  call<T>(method: string, path: string, body?: unknown): Promise<T>;
  bytes(path: string): Promise<Buffer>;
  stop(): void;
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => resolve(port));
    });
  });
}

/** Starts database and application; the caller stops both. */
export async function startServer(): Promise<Running> {
  const folder = mkdtempSync(join(tmpdir(), 'riegel-bench-'));
  const database = execFileSync(
    join(root, 'bin/database'),
    ['start', folder, String(await freePort())],
    { encoding: 'utf8', stdio: ['ignore', 'pipe', 'inherit'] },
  ).trim();
  const port = await freePort();
  const server: ChildProcess = spawn(
    process.execPath,
    [...(process.env['BENCH_NODE_OPTIONS']?.split(' ') ?? []), join(root, 'server/dist/main.js')],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        RIEGEL_DATABASE_URL: database,
        RIEGEL_PORT: String(port),
        RIEGEL_DEMO: '1',
        RIEGEL_GUESSES_A_MINUTE: '1000',
        RIEGEL_REQUESTS_A_MINUTE: '1000000',
        RIEGEL_SECRET: 'bench '.repeat(10),
        RIEGEL_DEMO_FILES: join(root, 'demo'),
        RIEGEL_WEB_ROOT: join(root, 'web/dist'),
      },
    },
  );
  await new Promise<void>((resolve, reject) => {
    server.stdout!.on('data', (text) => String(text).includes('Riegel is at') && resolve());
    server.on('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  const url = `http://127.0.0.1:${port}/api`;
  let cookie = '';
  const fetched = async (method: string, path: string, body?: unknown) => {
    const raw = Buffer.isBuffer(body);
    const answer = await fetch(url + path, {
      method,
      headers: {
        cookie,
        ...(body === undefined
          ? {}
          : { 'Content-Type': raw ? 'application/octet-stream' : 'application/json' }),
      },
      ...(body === undefined ? {} : { body: raw ? new Uint8Array(body) : JSON.stringify(body) }),
    });
    const set = answer.headers.get('set-cookie');
    if (set) cookie = set.split(';')[0]!;
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
    return answer;
  };
  const running: Running = {
    port,
    database,
    folder,
    call: async <T>(method: string, path: string, body?: unknown) =>
      (await (await fetched(method, path, body)).json()) as T,
    bytes: async (path) => Buffer.from(await (await fetched('GET', path)).arrayBuffer()),
    stop() {
      server.removeAllListeners('exit');
      server.kill('SIGTERM');
      execFileSync(join(root, 'bin/database'), ['stop', folder]);
      rmSync(folder, { recursive: true, force: true });
    },
  };
  const session = await running.call<{ demoPeople: { id: string }[] }>('GET', '/session');
  await running.call('POST', '/session/demo', { personId: session.demoPeople[0]!.id });
  return running;
}

/** A new identifier, as a device makes one. */
export const newId = randomUUID;
