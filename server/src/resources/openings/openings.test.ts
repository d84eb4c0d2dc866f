import { randomUUID } from 'node:crypto';
import { inches, type OpeningFacts } from '@riegel/core';
import { start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, join, newProject, openingsOf, plainFacts } from '../../testing/world.js';

let harness: Harness;
let owner: Client;
let id: string;
beforeAll(async () => {
  harness = await start();
  owner = await harness.person('Owner');
});
beforeEach(async () => {
  id = await newProject(owner);
});
afterAll(() => harness.close());

const bulk = (changes: unknown[], documents: unknown[] = [], who = owner) =>
  who.agent.post(`/api/projects/${id}/openings/bulk`).send({ changes, documents });
const step = (way: 'undo' | 'redo', who = owner) => who.agent.post(`/api/projects/${id}/${way}`);

describe('a write', () => {
  it('that names one opening twice is refused whole', async () => {
    const [one] = await addOpenings(owner, id, [plainFacts('1')]);
    const update = { op: 'update', id: one!.id, version: 1, facts: plainFacts('1', { note: 'a' }) };
    await bulk([update, { op: 'delete', id: one!.id, version: 1 }]).expect(422);
    const fresh = randomUUID();
    const create = { op: 'create', id: fresh, facts: plainFacts('2') };
    const { body } = await bulk([create, create]).expect(422);
    expect(JSON.stringify(body)).toContain('stands twice');
    expect((await openingsOf(owner, id)).map(({ facts }) => facts.mark)).toEqual(['1']);
  });

  it.each(['{x}', 'X', ' x', 'x\n'])(
    'takes an identifier in one spelling only: %j',
    async (form) => {
      const [one] = await addOpenings(owner, id, [plainFacts('1')]);
      const odd = form.includes('X') ? one!.id.toUpperCase() : form.replace('x', one!.id);
      const known = odd === one!.id;
      await owner.agent
        .get(`/api/projects/${id}/openings/${encodeURIComponent(odd)}`)
        .expect(known ? 200 : 404);
      await bulk([{ op: 'update', id: odd, version: 1, facts: plainFacts('x') }]).expect(422);
      await bulk([{ op: 'create', id: odd, facts: plainFacts('x') }]).expect(422);
      await owner.agent
        .get(`/api/projects/${encodeURIComponent(id.toUpperCase())}/openings`)
        .expect(404);
    },
  );

  it.each(['constructor', 'toString', '__proto__', 'hasOwnProperty', 'valueOf'])(
    'keeps no fact named %s',
    async (name) => {
      const facts = `{"mark":"1","kind":"single","${name}":[]}`;
      await owner.agent
        .post(`/api/projects/${id}/openings/bulk`)
        .set('Content-Type', 'application/json')
        .send(`{"changes":[{"op":"create","facts":${facts}}]}`)
        .expect((answer) => expect([400, 422]).toContain(answer.status));
      expect(await openingsOf(owner, id)).toEqual([]);
    },
  );

  it('from before an opening was deleted and made again is stale', async () => {
    const opening = randomUUID();
    await bulk([{ op: 'create', id: opening, facts: plainFacts('1') }]).expect(200);
    await bulk([{ op: 'delete', id: opening, version: 1 }]).expect(200);
    await step('undo').expect(200);
    const [again] = await openingsOf(owner, id);
    expect(again!.version).toBeGreaterThan(1);
    await bulk([{ op: 'update', id: opening, version: 1, facts: plainFacts('old') }]).expect(409);
    await bulk([{ op: 'delete', id: opening, version: again!.version }]).expect(200);
    const { body } = await bulk([{ op: 'create', id: opening, facts: plainFacts('new') }]).expect(
      200,
    );
    expect((body as { openings: { version: number }[] }).openings[0]!.version).toBeGreaterThan(
      again!.version,
    );
  });

  it('of thousands keeps their order and is taken back as a whole', async () => {
    const facts = Array.from({ length: 3000 }, (_, n) =>
      plainFacts(String(n), { note: 'n'.repeat(200) }),
    );
    const made = await addOpenings(owner, id, facts);
    expect((await openingsOf(owner, id)).map((one) => one.facts.mark)).toEqual(
      facts.map(({ mark }) => mark),
    );
    await bulk(
      made.map((one) => ({
        op: 'update',
        id: one.id,
        version: 1,
        facts: { ...one.facts, storey: 'First' },
      })),
    ).expect(200);
    await step('undo').expect(200);
    const back = await openingsOf(owner, id);
    expect(back.map((one) => one.facts)).toEqual(facts);
    expect(new Set(back.map((one) => one.version))).toEqual(new Set([3]));
    await step('undo').expect(200);
    expect(await openingsOf(owner, id)).toEqual([]);
  }, 60_000);

  it('is told of at most twenty faults, and soon, however many there are', async () => {
    const began = performance.now();
    const { body } = await bulk(Array<number>(20_000).fill(0)).expect(422);
    expect(performance.now() - began).toBeLessThan(3000);
    expect((body as { errors: unknown[] }).errors).toHaveLength(20);
    await bulk(Array<number>(20_001).fill(0)).expect(422);
  });

  it('into a project of others is refused before it is read', async () => {
    const stranger = await harness.person();
    await bulk(Array<number>(20_000).fill(0), [], stranger).expect(404);
    await bulk([], [], stranger).expect(404);
  });
});

describe('taking back', () => {
  it('six times at once takes back six, and the seventh finds nothing', async () => {
    const [one] = await addOpenings(owner, id, [plainFacts('1')]);
    for (let version = 1; version < 6; version++)
      await bulk([
        { op: 'update', id: one!.id, version, facts: plainFacts('1', { note: String(version) }) },
      ]).expect(200);
    const statuses = (await Promise.all(Array.from({ length: 7 }, () => step('undo')))).map(
      ({ status }) => status,
    );
    expect(statuses.sort()).toEqual([200, 200, 200, 200, 200, 200, 404]);
    expect(await openingsOf(owner, id)).toEqual([]);
    const again = (await Promise.all(Array.from({ length: 6 }, () => step('redo')))).map(
      ({ status }) => status,
    );
    expect(again).toEqual(Array<number>(6).fill(200));
    expect((await openingsOf(owner, id))[0]!.facts.note).toBe('5');
  });

  it('a document does not erase what somebody else made of it since', async () => {
    const editor = await harness.person();
    await join(owner, editor, id, 'editor');
    const building = (name: string) => ({ storeys: [name], rooms: [] });
    const write = (version: number, name: string, who: Client) =>
      bulk([], [{ name: 'building', version, body: building(name) }], who);
    await write(0, 'mine', owner).expect(200);
    await write(1, 'theirs', editor).expect(200);
    const { body } = await step('undo').expect(409);
    expect(body).toMatchObject({
      title: expect.stringContaining('Somebody changed the building') as string,
    });
    const now = await owner.agent.get(`/api/projects/${id}/documents/building`);
    expect(now.body).toMatchObject({ version: 2, body: building('theirs') });
    await step('undo', editor).expect(200);
    await step('undo').expect(200);
    expect((await owner.agent.get(`/api/projects/${id}/documents/building`)).body).toMatchObject({
      body: null,
    });
  });
});

describe('the register', () => {
  it('is answered with 304 while nothing changed, and anew when something did', async () => {
    await addOpenings(owner, id, [plainFacts('1')]);
    const first = await owner.agent.get(`/api/projects/${id}/openings`).expect(200);
    const tag = first.headers['etag']!;
    await owner.agent.get(`/api/projects/${id}/openings`).set('If-None-Match', tag).expect(304);
    await addOpenings(owner, id, [plainFacts('2')]);
    const second = await owner.agent
      .get(`/api/projects/${id}/openings`)
      .set('If-None-Match', tag)
      .expect(200);
    expect((second.body as { openings: unknown[] }).openings).toHaveLength(2);
    const stranger = await harness.person();
    await stranger.agent
      .get(`/api/projects/${id}/openings`)
      .set('If-None-Match', second.headers['etag']!)
      .expect(404);
  });

  it('is the same compressed and plain, and kept by nobody in between', async () => {
    await addOpenings(
      owner,
      id,
      Array.from({ length: 40 }, (_, n) => plainFacts(String(n))),
    );
    const ask = (encoding: string) =>
      owner.agent.get(`/api/projects/${id}/openings`).set('Accept-Encoding', encoding);
    const [zipped, plain] = [await ask('gzip').expect(200), await ask('identity').expect(200)];
    expect(zipped.headers['content-encoding']).toBe('gzip');
    expect(plain.headers['content-encoding']).toBeUndefined();
    expect(zipped.body).toEqual(plain.body);
    expect(plain.headers['cache-control']).toBe('private, no-cache');
    expect((await owner.agent.get(`/api/projects/${id}`)).headers['cache-control']).toBe(
      'no-store',
    );
  });

  it('some of it can be read by ids; what is gone is left out', async () => {
    const [one, two] = await addOpenings(owner, id, [plainFacts('1'), plainFacts('2')]);
    await bulk([{ op: 'delete', id: one!.id, version: 1 }]).expect(200);
    const { body } = await owner.agent
      .post(`/api/projects/${id}/openings/some`)
      .send({ ids: [one!.id, two!.id] })
      .expect(200);
    expect(body).toEqual({ openings: [two] });
  });
});

describe('the history of an opening', () => {
  it('tells its own changes only, also those made with thousands of others', async () => {
    const [one] = await addOpenings(
      owner,
      id,
      Array.from({ length: 800 }, (_, n) => plainFacts(String(n))),
    );
    await bulk([
      { op: 'update', id: one!.id, version: 1, facts: plainFacts('0', { frameWidth: inches(36) }) },
    ]).expect(200);
    const { body } = await owner.agent
      .get(`/api/projects/${id}/events?opening=${one!.id}`)
      .expect(200);
    const { events } = body as {
      events: { count: number; changes: { before: OpeningFacts | null; after: OpeningFacts }[] }[];
    };
    expect(events.map(({ count, changes }) => [count, changes.length])).toEqual([
      [1, 1],
      [800, 1],
    ]);
    expect(events[0]!.changes[0]).toMatchObject({
      before: { mark: '0' },
      after: { frameWidth: inches(36) },
    });
    await owner.agent.get(`/api/projects/${id}/events?opening=%25`).expect(404);
  });
});

describe('a project file', () => {
  it('is taken in one transaction: a failure at its end leaves nothing', async () => {
    const before = ((await owner.agent.get('/api/projects')).body as { projects: unknown[] })
      .projects.length;
    await harness.source.query(
      "CREATE TRIGGER stumble BEFORE INSERT ON event FOR EACH ROW IF NEW.kind = 'import' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'stumbled'; END IF",
    );
    try {
      await owner.agent
        .post('/api/projects/file')
        .send({ name: 'Half', openings: [{ mark: '1' }] })
        .expect(500);
    } finally {
      await harness.source.query('DROP TRIGGER stumble');
    }
    const after = (
      (await owner.agent.get('/api/projects')).body as { projects: { name: string }[] }
    ).projects;
    expect(after).toHaveLength(before);
  });

  it.each([[{ name: 5 }], [{ name: { toString: 1 } }], [[1]], [null]])(
    'with a name or form like %j is refused in words',
    async (file) => {
      const answer = await owner.agent
        .post('/api/projects/file')
        .set('Content-Type', 'application/json')
        .send(JSON.stringify(file));
      expect([400, 422]).toContain(answer.status);
    },
  );
});
