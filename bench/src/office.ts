// An office of years: 200 projects of 1,000 openings, 500 people, inspections and history. Filled straight into the
// database, then asked as people ask. `npm run bench:office`, on a server and a database of its own.
//   BENCH_PROJECTS=200 BENCH_OPENINGS=1000 BENCH_PEOPLE=500
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { monthsAfter, readProject, type OpeningFacts } from '@riegel/core';
import mysql from 'mysql2/promise';
import { startServer } from './server.js';

const PROJECTS = Number(process.env['BENCH_PROJECTS'] ?? 200);
const OPENINGS = Number(process.env['BENCH_OPENINGS'] ?? 1000);
const PEOPLE = Number(process.env['BENCH_PEOPLE'] ?? 500);
/** Projects one person is in. */
const IN = 40;
/** Edits of each project that stand in its history, and inspections signed in it. */
const EDITS = 250;
const SIGNED = 120;
const RUNS = 7;

const root = join(import.meta.dirname, '../..');
const read = readProject(readFileSync(join(root, 'demo/larkhollow-playhouse.json'), 'utf8'));
if (!read.ok) throw new Error('the demo project cannot be read');
const base = read.project.openings;

const server = await startServer();
process.on('exit', () => server.stop());
const db = await mysql.createConnection({ uri: server.database, multipleStatements: false });
const row = (what: string, ms: number, more = '') =>
  console.log(`${what.padEnd(58)} ${ms.toFixed(ms < 100 ? 1 : 0).padStart(9)} ms  ${more}`);

const sorted = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(sorted)
    : value && typeof value === 'object'
      ? Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, one]) => [key, sorted(one)]),
        )
      : value;

async function insert(head: string, rows: readonly (readonly unknown[])[], width: number) {
  for (let from = 0; from < rows.length; from += 500) {
    const part = rows.slice(from, from + 500);
    await db.query(
      `${head} VALUES ${part.map(() => `(${'?,'.repeat(width).slice(0, -1)})`).join(',')}`,
      part.flat(),
    );
  }
}

console.log(`${PROJECTS} projects of ${OPENINGS} openings, ${PEOPLE} people`);
const filled = performance.now();
const people = Array.from({ length: PEOPLE }, () => randomUUID());
await insert(
  'INSERT INTO person (id, name, email, password_hash)',
  people.map((id, at) => [id, `Person ${at}`, `p${at}@office.example`, 'x']),
  4,
);
const session = await server.call<{ person: { id: string } }>('GET', '/session');
const me = session.person.id;
const projects: string[] = [];
let sample: { project: string; opening: string } | undefined;
for (let p = 0; p < PROJECTS; p++) {
  const project = randomUUID();
  projects.push(project);
  await db.query('INSERT INTO project (id, name, practice, note) VALUES (?, ?, ?, ?)', [
    project,
    `Building ${String(p).padStart(3, '0')}`,
    'us-commercial',
    '',
  ]);
  await db.query('INSERT INTO project_feed (project_id, seq) VALUES (?, ?)', [project, EDITS + 1]);
  await insert(
    'INSERT INTO membership (project_id, person_id, role)',
    [
      [project, me, 'owner'],
      ...Array.from({ length: Math.round((PEOPLE * IN) / PROJECTS) }, (_, at) => [
        project,
        people[(p * 37 + at) % PEOPLE]!,
        'editor',
      ]),
    ].filter(([, id], at, all) => all.findIndex((one) => one[1] === id) === at),
    3,
  );
  const texts: string[] = [];
  const ids: string[] = [];
  const openings = Array.from({ length: OPENINGS }, (_, at) => {
    const facts: OpeningFacts = {
      ...base[at % base.length]!,
      mark: `${Math.floor(at / 100)}.${String(at % 100).padStart(2, '0')}`,
      storey: `Level ${Math.floor(at / 100)}`,
    };
    const id = randomUUID();
    const text = JSON.stringify(sorted(facts));
    ids.push(id);
    texts.push(text);
    return [
      id,
      project,
      facts.mark,
      facts.kind,
      facts.from ?? '',
      facts.to ?? '',
      facts.storey,
      text,
    ];
  });
  await insert(
    'INSERT INTO opening (id, project_id, mark, kind, from_room, to_room, storey, facts)',
    openings,
    8,
  );
  const [first] = (await db.query('SELECT COALESCE(MAX(id), 0) AS id FROM event')) as unknown as [
    { id: number }[],
  ];
  const from = Number(first[0]!.id);
  await insert(
    'INSERT INTO event (id, project_id, person_id, kind, size, seq)',
    Array.from({ length: EDITS }, (_, at) => [from + 1 + at, project, me, 'update', 1, at + 2]),
    6,
  );
  await insert(
    'INSERT INTO event_change (event_id, position, opening_id, `before`, `after`)',
    Array.from({ length: EDITS }, (_, at) => [
      from + 1 + at,
      0,
      ids[(at * 7) % OPENINGS]!,
      texts[(at * 7) % OPENINGS]!,
      texts[(at * 7) % OPENINGS]!,
    ]),
    5,
  );
  await insert(
    'INSERT INTO site_due (opening_id, project_id, due, at)',
    Array.from({ length: SIGNED }, (_, at) => [
      ids[at]!,
      project,
      monthsAfter('2026-01-15', (at + p) % 30),
      new Date(),
    ]),
    4,
  );
  await insert(
    'INSERT INTO site_record (id, project_id, opening_id, kind, person_id, at, seq, words, body)',
    Array.from({ length: SIGNED * 2 }, (_, at) => {
      const id = randomUUID();
      const words = `Surface closer Marrowby ${40 + (at % 7)}, size ${2 + (at % 4)}`;
      const body = {
        id,
        openingId: ids[at % SIGNED]!,
        kind: 'installed',
        at: '2026-01-15T08:00:00Z',
        by: 'x',
        part: `closing ${at}`,
        words,
      };
      return [
        id,
        project,
        ids[at % SIGNED]!,
        'installed',
        me,
        new Date(),
        EDITS + 1,
        words,
        JSON.stringify(body),
      ];
    }),
    9,
  );
  sample ??= { project, opening: ids[3]! };
}
row('filled', performance.now() - filled);

async function timed(what: string, run: () => Promise<unknown>, more = '') {
  const times: number[] = [];
  await run();
  for (let time = 0; time < RUNS; time++) {
    const started = performance.now();
    await run();
    times.push(performance.now() - started);
  }
  row(what, times.sort((a, b) => a - b)[Math.floor(RUNS / 2)]!, more);
}
const url = `/projects/${sample!.project}`;
await timed(`list of ${PROJECTS} projects`, () => server.call('GET', '/projects'));
await timed('an opening found by its mark in all projects', () =>
  server.call('GET', '/find?q=7.31'),
);
await timed('by a room', () => server.call('GET', '/find?q=dressing%20room%207'));
await timed('inspections due in all projects', () => server.call('GET', '/due'));
await timed('where a product stands in all projects', () =>
  server.call('GET', '/installed?q=marrowby%2043'),
);
await timed(`the register of ${OPENINGS} openings, read`, () => server.bytes(`${url}/openings`));
await timed('one opening read', () => server.call('GET', `${url}/openings/${sample!.opening}`));
await timed('an edit', async () => {
  const now = await server.call<{ version: number; facts: OpeningFacts }>(
    'GET',
    `${url}/openings/${sample!.opening}`,
  );
  await server.call('PUT', `${url}/openings/${sample!.opening}`, {
    version: now.version,
    facts: { ...now.facts, frameWidth: 290_000 + ((now.version * 127) % 9000) },
  });
});
await timed('its history', () => server.call('GET', `${url}/events?opening=${sample!.opening}`));
const started = performance.now();
await server.bytes(`${url}/schedule`);
row(`the schedule of ${OPENINGS} openings, made anew`, performance.now() - started);

console.log('\nTables, MB');
const [tables] = (await db.query(
  `SELECT TABLE_NAME AS name, TABLE_ROWS AS count, ROUND((DATA_LENGTH + INDEX_LENGTH) / 1e6, 1) AS mb
     FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE() ORDER BY mb DESC LIMIT 8`,
)) as unknown as [{ name: string; count: number; mb: string }[]];
for (const { name, count, mb } of tables)
  console.log(`${name.padEnd(24)} ${String(mb).padStart(8)}  ${count} rows`);

const file = join(tmpdir(), `riegel-office-${process.pid}.backup`);
const env = { ...process.env, RIEGEL_DATABASE_URL: server.database };
const script = join(root, 'scripts/backup.mjs');
let begun = performance.now();
execFileSync(process.execPath, [script, 'backup', file], {
  env,
  stdio: ['ignore', 'ignore', 'inherit'],
});
row('\nbackup', performance.now() - begun, `${(statSync(file).size / 1e6).toFixed(1)} MB`);
begun = performance.now();
execFileSync(process.execPath, [script, 'check', file], {
  env,
  stdio: ['ignore', 'ignore', 'inherit'],
});
row('read to its end', performance.now() - begun);
execFileSync(join(root, 'bin/database'), [
  'sql',
  server.folder,
  "CREATE DATABASE restored CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; GRANT ALL ON restored.* TO 'riegel'@'127.0.0.1'",
]);
begun = performance.now();
execFileSync(process.execPath, [script, 'restore', file], {
  env: { ...env, RIEGEL_DATABASE_URL: server.database.replace(/\/riegel$/, '/restored') },
  stdio: ['ignore', 'ignore', 'inherit'],
});
row('restored into an empty database', performance.now() - begun);
await db.end();
rmSync(file, { force: true });
process.exit(0);
