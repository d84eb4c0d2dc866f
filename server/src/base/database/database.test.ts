import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { DataSource } from 'typeorm';
import request from 'supertest';
import { PASSWORD, start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, newProject, openingsOf, plainFacts } from '../../testing/world.js';
import { dataSourceOptions, openDatabase } from './dataSource.js';
import { inTransaction } from './transaction.js';

const url = (name: string) => process.env['RIEGEL_TEST_URL']!.replace(/\/riegel$/, `/${name}`);

/** A database of its own on the tests' server, empty. */
async function fresh(): Promise<{ url: string; drop(): Promise<void> }> {
  const name = `riegel_${randomUUID().replaceAll('-', '')}`;
  const { RIEGEL_TEST_FOLDER: folder, RIEGEL_TEST_SCRIPT: script } = process.env;
  const sql = (text: string) =>
    Promise.resolve(
      execFileSync(script!, ['sql', folder!, text], { stdio: ['ignore', 'ignore', 'inherit'] }),
    );
  await sql(`CREATE DATABASE ${name}; GRANT ALL ON ${name}.* TO 'riegel'@'127.0.0.1';`);
  return { url: url(name), drop: async () => void (await sql(`DROP DATABASE ${name};`)) };
}

describe('starting', () => {
  it('three servers at once on an empty database: one makes the tables, all find them', async () => {
    const database = await fresh();
    const sources = await Promise.all([1, 2, 3].map(() => openDatabase(database.url)));
    for (const source of sources) {
      expect(await source.query('SELECT COUNT(*) AS count FROM person')).toEqual([{ count: '0' }]);
      expect(await source.query('SELECT COUNT(*) AS count FROM migration')).toEqual([
        { count: '6' },
      ]);
      await source.destroy();
    }
    await database.drop();
  });

  it('on a database of the version before: history, facts and documents come along', async () => {
    const database = await fresh();
    const old = new DataSource({
      ...dataSourceOptions(database.url),
      migrations: (dataSourceOptions(database.url).migrations as unknown[]).slice(0, 2),
    } as never);
    await old.initialize();
    await old.runMigrations();
    const [project, person, opening] = [randomUUID(), randomUUID(), randomUUID()];
    await old.query(
      'INSERT INTO person (id, name, email, password_hash) VALUES (?, "A", "a@test.example", "x")',
      [person],
    );
    await old.query(
      'INSERT INTO project (id, name, practice, note) VALUES (?, "Old", "british", "")',
      [project],
    );
    await old.query('INSERT INTO membership VALUES (?, ?, "owner")', [project, person]);
    const before = '{"mark":"1","kind":"single"}';
    const after = '{"mark":"1","note":"ü","kind":"single"}';
    await old.query(
      'INSERT INTO opening (id, project_id, mark, kind, facts, version) VALUES (?, ?, "1", "single", ?, 2)',
      [opening, project, after],
    );
    await old.query('INSERT INTO project_document VALUES (?, "building", ?, 1)', [
      project,
      '{"storeys":[],"rooms":[]}',
    ]);
    const events = [
      [{ openingId: opening, before: null, after: JSON.parse(before) as unknown }],
      [
        {
          openingId: opening,
          before: JSON.parse(before) as unknown,
          after: JSON.parse(after) as unknown,
        },
        { document: 'building', before: null, after: { storeys: [], rooms: [] } },
      ],
    ];
    for (const changes of events)
      await old.query(
        'INSERT INTO event (project_id, person_id, kind, changes) VALUES (?, ?, "bulk", ?)',
        [project, person, JSON.stringify(changes)],
      );
    await old.destroy();

    const source = await openDatabase(database.url);
    expect(await source.query('SELECT facts FROM opening')).toEqual([
      { facts: '{"kind":"single","mark":"1","note":"ü"}' },
    ]);
    expect(await source.query('SELECT seq, size FROM event ORDER BY id')).toEqual([
      { seq: '1', size: 1 },
      { seq: '2', size: 2 },
    ]);
    expect(await source.query('SELECT seq FROM project_feed')).toEqual([{ seq: '2' }]);
    expect(
      await source.query(
        'SELECT opening_id AS id, document, `before`, `after` FROM event_change ORDER BY event_id, position',
      ),
    ).toEqual([
      { id: opening, document: null, before: null, after: '{"kind":"single","mark":"1"}' },
      {
        id: opening,
        document: null,
        before: '{"kind":"single","mark":"1"}',
        after: '{"kind":"single","mark":"1","note":"ü"}',
      },
      { id: null, document: 'building', before: null, after: '{"rooms":[],"storeys":[]}' },
    ]);
    expect(await source.query('SELECT admin FROM person')).toEqual([{ admin: 1 }]);
    await source.destroy();
    await database.drop();
  });
});

describe('a transaction that loses against another', () => {
  it('is done again as a whole', async () => {
    const harness = await start();
    const { source } = harness;
    await source.query('CREATE TABLE IF NOT EXISTS tug (id int PRIMARY KEY, pulls int NOT NULL)');
    await source.query('REPLACE INTO tug VALUES (1, 0), (2, 0)');
    const pull = (first: number, second: number) =>
      inTransaction(source, async (manager) => {
        await manager.query('UPDATE tug SET pulls = pulls + 1 WHERE id = ?', [first]);
        await new Promise((resolve) => setTimeout(resolve, 30));
        await manager.query('UPDATE tug SET pulls = pulls + 1 WHERE id = ?', [second]);
      });
    await Promise.all(Array.from({ length: 6 }, (_, n) => (n % 2 ? pull(1, 2) : pull(2, 1))));
    expect(await source.query('SELECT pulls FROM tug ORDER BY id')).toEqual([
      { pulls: 6 },
      { pulls: 6 },
    ]);
    await source.query('DROP TABLE tug');
    await harness.close();
  });

  it('other errors are not tried again', async () => {
    const harness = await start();
    let tries = 0;
    await expect(
      inTransaction(harness.source, () => {
        tries++;
        return Promise.reject(new Error('no'));
      }),
    ).rejects.toThrow('no');
    expect(tries).toBe(1);
    await harness.close();
  });

  it('many who write into one project at once are all let through', async () => {
    const harness = await start();
    const owner = await harness.person();
    const id = await newProject(owner);
    const made = await addOpenings(
      owner,
      id,
      Array.from({ length: 30 }, (_, n) => plainFacts(String(n))),
    );
    const shuffled = (turn: number) => [...made.slice(turn), ...made.slice(0, turn)];
    const statuses = await Promise.all(
      Array.from({ length: 12 }, async (_, turn) => {
        const changes = [
          ...shuffled(turn * 2).map(({ id: opening }) => ({
            op: 'update',
            id: opening,
            version: 99,
            facts: plainFacts('x'),
          })),
          { op: 'create', facts: plainFacts(`new ${turn}`) },
        ];
        return (
          await owner.agent
            .post(`/api/projects/${id}/openings/bulk`)
            .send({ changes: turn % 2 ? changes : changes.slice(-1) })
        ).status;
      }),
    );
    expect(new Set(statuses)).toEqual(new Set([200, 409]));
    expect(await openingsOf(owner, id)).toHaveLength(36);
    await harness.close();
  });
});

describe('a database that is frozen', () => {
  let harness: Harness;
  let owner: Client;
  let id: string;
  beforeAll(async () => {
    harness = await start();
    owner = await harness.person();
    id = await newProject(owner);
    await addOpenings(owner, id, [plainFacts('1')]);
  });
  afterAll(() => harness.close());

  /** The process of the tests' database. */
  const signal = (name: 'SIGSTOP' | 'SIGCONT') => {
    const { RIEGEL_TEST_FOLDER: folder, RIEGEL_TEST_SCRIPT: script } = process.env;
    const pid = Number(execFileSync(script!, ['pid', folder!], { encoding: 'utf8' }));
    expect(readFileSync(`/proc/${pid}/comm`, 'utf8').trim()).toBe('mariadbd');
    process.kill(pid, name);
  };

  it('answers 503 within five seconds, reads and writes, however many ask; and goes on when it thaws', async () => {
    signal('SIGSTOP');
    try {
      const asked = Array.from({ length: 40 }, (_, n) => n).map(async (n) => {
        const began = performance.now();
        const answer =
          n % 3 === 0
            ? await owner.agent
                .post(`/api/projects/${id}/openings/bulk`)
                .send({ changes: [{ op: 'create', facts: plainFacts('2') }] })
            : n % 3 === 1
              ? await owner.agent.get(`/api/projects/${id}/openings`)
              : await request(harness.app.getHttpServer() as never).get('/api/health');
        return { status: answer.status, ms: performance.now() - began };
      });
      const answers = await Promise.all(asked);
      expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([503]));
      expect(Math.max(...answers.map(({ ms }) => ms))).toBeLessThan(5000);
    } finally {
      signal('SIGCONT');
    }
    const end = Date.now() + 20_000;
    let status = 0;
    while (status !== 200 && Date.now() < end)
      status = (await owner.agent.get(`/api/projects/${id}/openings`)).status;
    expect(status).toBe(200);
    await owner.agent
      .post('/api/session')
      .send({ email: owner.email, password: PASSWORD })
      .expect(201);
    expect(await openingsOf(owner, id)).toHaveLength(1);
  }, 90_000);
});
