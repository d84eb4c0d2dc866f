// Whether the server of a commit and today's work on one database at once, as in an upgrade without a pause:
//   npm run side-by-side -- BASE
// Builds the server of BASE in a tree of its own, lets it make its tables and work; then today's brings the tables up
// to date beside it, and both go on: each reads what the other writes.
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';

const root = join(import.meta.dirname, '..');
const base = process.argv[2];
if (!base) throw new Error('Say which commit: npm run side-by-side -- BASE');
const run = (cwd, program, ...args) =>
  execFileSync(program, args, { cwd, stdio: ['ignore', 'pipe', 'inherit'], encoding: 'utf8' });
const freePort = () =>
  new Promise((resolve) => {
    const one = createServer().listen(0, '127.0.0.1', () => {
      const { port } = one.address();
      one.close(() => resolve(port));
    });
  });

let passed = 0;
let failed = 0;
function check(what, holds) {
  if (holds) passed++;
  else failed++;
  console.log(`${holds ? '✓' : '✕'} ${what}`);
}

const folder = mkdtempSync(join(tmpdir(), 'riegel-side-'));
const old = join(folder, 'old');
const data = join(folder, 'data');
const servers = [];
async function serve(tree, database) {
  const port = await freePort();
  const server = spawn(process.execPath, [join(tree, 'server/dist/main.js')], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      RIEGEL_DATABASE_URL: database,
      RIEGEL_PORT: String(port),
      RIEGEL_DEMO: '1',
      RIEGEL_SECRET: 'side by side '.repeat(4),
      RIEGEL_DEMO_FILES: join(tree, 'demo'),
    },
  });
  servers.push(server);
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (text) => String(text).includes('Riegel is at') && resolve());
    server.on('exit', (code) => reject(new Error(`a server ended with ${code}`)));
  });
  return `http://127.0.0.1:${port}/api`;
}
let cookie = '';
async function ask(address, method, path, body) {
  const response = await fetch(address + path, {
    method,
    headers: { cookie, ...(body ? { 'content-type': 'application/json' } : {}) },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  const set = response.headers.get('set-cookie');
  if (set) cookie = set.split(';')[0];
  const text = await response.text();
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${text.slice(0, 300)}`);
  return text ? JSON.parse(text) : undefined;
}

try {
  console.log(`Building ${base}`);
  run(root, 'git', 'worktree', 'add', '--detach', old, base);
  run(old, 'npm', 'ci', '--no-audit', '--no-fund', '--loglevel=error');
  for (const name of ['core', 'paper', 'server'])
    run(old, 'npm', 'run', '-s', 'build', '-w', `@riegel/${name}`);
  const database = run(
    root,
    join(root, 'bin/database'),
    'start',
    data,
    String(await freePort()),
  ).trim();

  const before = await serve(old, database);
  const { demoPeople } = await ask(before, 'GET', '/session');
  await ask(before, 'POST', '/session/demo', { personId: demoPeople[0].id });
  const { projects } = await ask(before, 'GET', '/projects');
  const project = `/projects/${projects[0].id}`;
  const { openings } = await ask(before, 'GET', `${project}/openings`);
  const made = await ask(before, 'POST', `${project}/openings/bulk`, {
    changes: [{ op: 'create', id: randomUUID(), facts: { ...openings[0].facts, mark: 'X1' } }],
  });
  let opening = made.openings[0];

  const after = await serve(root, database);
  check('today’s server starts beside the other and brings the tables up to date', true);
  check(
    'a session goes on at the other server',
    (await ask(after, 'GET', '/session')).person !== null,
  );
  for (const [time, address, other] of [
    [1, after, before],
    [2, before, after],
    [3, after, before],
  ]) {
    const facts = { ...opening.facts, frameWidth: 280_000 + time * 320 };
    opening = await ask(address, 'PUT', `${project}/openings/${opening.id}`, {
      version: opening.version,
      facts,
    });
    const read = await ask(other, 'GET', `${project}/openings/${opening.id}`);
    check(
      `an edit at ${address === after ? 'today’s' : 'the old'} is read at the other`,
      read.facts.frameWidth === facts.frameWidth && read.version === opening.version,
    );
  }
  for (const address of [before, after]) {
    const { events } = await ask(address, 'GET', `${project}/events`);
    check(`history is whole at ${address === after ? 'today’s' : 'the old'}`, events.length >= 4);
  }
  await ask(before, 'POST', `${project}/undo`);
  const undone = await ask(after, 'GET', `${project}/openings/${opening.id}`);
  check(
    'undo at the old takes back what was written at today’s',
    undone.facts.frameWidth === 280_000 + 2 * 320,
  );
  const schedules = await Promise.all(
    [before, after].map((address) => ask(address, 'GET', `${project}/schedule`)),
  );
  check(
    'both give the sets the same numbers',
    JSON.stringify(schedules[0].sets.map(({ number }) => number)) ===
      JSON.stringify(schedules[1].sets.map(({ number }) => number)),
  );
} finally {
  for (const server of servers) {
    server.removeAllListeners('exit');
    server.kill('SIGTERM');
  }
  try {
    run(root, join(root, 'bin/database'), 'stop', data);
  } catch {
    // It never started.
  }
  run(root, 'git', 'worktree', 'remove', '--force', old);
  rmSync(folder, { recursive: true, force: true });
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
