import { execFile, execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import sharp from 'sharp';
import { DataSource } from 'typeorm';
import { PASSWORD, start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, newProject, openingsOf, plainFacts } from '../../testing/world.js';
import { dataSourceOptions } from './dataSource.js';

const run = promisify(execFile);
const script = join(__dirname, '../../../../scripts/backup.mjs');
const folder = mkdtempSync(join(tmpdir(), 'riegel-backup-'));
const file = join(folder, 'all.backup');

/** Runs the script on a database; its last words, and whether it was content. */
async function backup(url: string, ...args: string[]): Promise<{ ok: boolean; words: string }> {
  const env = { ...process.env, RIEGEL_DATABASE_URL: url };
  try {
    const { stdout } = await run(process.execPath, [script, ...args], { env });
    return { ok: true, words: stdout };
  } catch (error) {
    return { ok: false, words: (error as { stderr: string }).stderr };
  }
}

/** A database of its own, empty. */
function fresh(): string {
  const name = `riegel_${randomUUID().replaceAll('-', '')}`;
  const { RIEGEL_TEST_FOLDER: at, RIEGEL_TEST_SCRIPT: database } = process.env;
  execFileSync(database!, [
    'sql',
    at!,
    `CREATE DATABASE ${name}; GRANT ALL ON ${name}.* TO 'riegel'@'127.0.0.1';`,
  ]);
  return process.env['RIEGEL_TEST_URL']!.replace(/\/riegel$/, `/${name}`);
}

/** Every row of every table, by its key. */
async function rows(url: string, without: string[] = []): Promise<Record<string, unknown[]>> {
  const source = await new DataSource(dataSourceOptions(url)).initialize();
  const tables = (await source.query('SHOW TABLES')) as Record<string, string>[];
  const all: Record<string, unknown[]> = {};
  for (const name of tables.map((row) => Object.values(row)[0]!).sort())
    if (!without.includes(name))
      all[name] = (await source.query(`SELECT * FROM ${name} ORDER BY 1, 2`)) as unknown[];
  await source.destroy();
  return all;
}

let harness: Harness;
let owner: Client;
let id: string;
const source = fresh();
beforeAll(async () => {
  harness = await start({}, source);
  owner = await harness.person('Ölander');
  id = await newProject(owner, 'It’s “quoted”; -- \\ ½');
  const [opening] = await addOpenings(owner, id, [
    plainFacts('1', { note: 'Zeile\nzwei \\ \' " 😀' }),
    plainFacts('2'),
  ]);
  await owner.agent
    .post(`/api/projects/${id}/openings/${opening!.id}/photos?id=${randomUUID()}`)
    .set('Content-Type', 'application/octet-stream')
    .send(
      await sharp({ create: { width: 900, height: 700, channels: 3, background: '#123456' } })
        .png()
        .toBuffer(),
    )
    .expect(201);
  await owner.agent.post(`/api/projects/${id}/undo`).expect(200);
  await owner.agent.post(`/api/projects/${id}/redo`).expect(200);
});
afterAll(async () => {
  await harness.close();
  rmSync(folder, { recursive: true, force: true });
});

it('a backup restored into a fresh database holds every row, photographs and all', async () => {
  expect(await backup(source, 'backup', file)).toMatchObject({ ok: true });
  const target = fresh();
  expect(await backup(target, 'restore', file)).toMatchObject({ ok: true });
  // Who was signed in is not any more, and the feed begins a new epoch.
  const left = ['session', 'installation'];
  expect(await rows(target, left)).toEqual(await rows(source, left));
  const [before, after] = [await rows(source), await rows(target)];
  expect(before['photo']).toHaveLength(1);
  expect(after['session']).toEqual([]);
  expect(after['installation']).not.toEqual(before['installation']);
  const again = await start({}, target);
  const { default: request } = await import('supertest');
  const agent = request.agent(again.app.getHttpServer() as never);
  await agent.post('/api/session').send({ email: owner.email, password: PASSWORD }).expect(201);
  expect(await openingsOf({ ...owner, agent }, id)).toEqual(await openingsOf(owner, id));
  await again.close();
});

it('made while many write it is of one moment: openings, events and their number agree', async () => {
  let writing = true;
  const writers = [1, 2, 3].map(async (writer) => {
    for (let turn = 0; writing; turn++)
      await addOpenings(owner, id, [
        plainFacts(`${writer}-${turn}`),
        plainFacts(`${writer}-${turn}b`),
      ]);
  });
  for (let time = 0; time < 3; time++) {
    const one = join(folder, `busy-${time}.backup`);
    expect(await backup(source, 'backup', one)).toMatchObject({ ok: true });
    const target = fresh();
    expect(await backup(target, 'restore', one)).toMatchObject({ ok: true });
    const all = await rows(target);
    const events = all['event'] as { seq: string; size: number }[];
    expect(all['project_feed']).toMatchObject([{ seq: String(events.length) }]);
    expect(all['event_change']).toHaveLength(events.reduce((sum, { size }) => sum + size, 0));
    expect((all['opening'] as unknown[]).length % 2).toBe(0);
  }
  writing = false;
  await Promise.all(writers);
}, 120_000);

it.each([
  ['cut short', (bytes: Buffer) => bytes.subarray(0, bytes.length - 20)],
  ['with something behind it', (bytes: Buffer) => Buffer.concat([bytes, Buffer.from('x')])],
  [
    'with one bit turned',
    (bytes: Buffer) => {
      const turned = Buffer.from(bytes);
      turned[Math.floor(bytes.length * 0.7)]! ^= 4;
      return turned;
    },
  ],
  [
    'with another sum in its head',
    (bytes: Buffer) =>
      Buffer.from(bytes.toString('latin1').replace(/"sqlSha256":"./, '"sqlSha256":"z'), 'latin1'),
  ],
  [
    'of a later Riegel',
    (bytes: Buffer) =>
      Buffer.from(bytes.toString('latin1').replace('"version":1', '"version":2'), 'latin1'),
  ],
  [
    'of tables not known yet',
    (bytes: Buffer) =>
      Buffer.from(bytes.toString('latin1').replace('Withstand0003', 'Withstand9003'), 'latin1'),
  ],
  ['that is something else', () => Buffer.from('{"a":1}\n')],
])('a file %s is refused in a sentence, before anything is touched', async (_, spoil) => {
  const bad = join(folder, 'bad.backup');
  writeFileSync(bad, spoil(readFileSync(file)));
  const target = fresh();
  expect(await backup(target, 'restore', file)).toMatchObject({ ok: true });
  const before = await rows(target);
  const { ok, words } = await backup(target, 'restore', bad, 'replace');
  expect(ok).toBe(false);
  expect(words).toMatch(/^Riegel: .*\.$/m);
  expect(await rows(target)).toEqual(before);
});

it('is put in place of something only when that was said, and never under a running server', async () => {
  const target = fresh();
  expect(await backup(target, 'restore', file)).toMatchObject({ ok: true });
  expect(await backup(target, 'restore', file)).toMatchObject({
    ok: false,
    words: expect.stringContaining('not empty') as string,
  });
  expect(await backup(target, 'restore', file, 'replace')).toMatchObject({ ok: true });
  expect(await backup(source, 'restore', file, 'replace')).toMatchObject({
    ok: false,
    words: expect.stringContaining('Stop it first') as string,
  });
  expect(await backup(fresh(), 'backup', join(folder, 'none'))).toMatchObject({ ok: false });
});
