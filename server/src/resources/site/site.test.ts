import { randomUUID } from 'node:crypto';
import { inches, type Due, type OpeningFacts, type SiteRecord } from '@riegel/core';
import { start, type Client, type Harness } from '../../testing/harness.js';
import {
  addOpenings,
  asBytes,
  join,
  newProject,
  plainFacts,
  type OpeningBody,
} from '../../testing/world.js';

let harness: Harness;
let owner: Client;
let editor: Client;
let reader: Client;
let stranger: Client;
let project: string;
let openings: OpeningBody[];
const door: Partial<OpeningFacts> = {
  from: 'Corridor',
  to: 'Stair',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  hingeSide: 'left',
  swing: 'in',
  leafConstruction: 'steel-honeycomb-18',
  rating: 90,
};
beforeAll(async () => {
  harness = await start();
  [owner, editor, reader, stranger] = (await Promise.all(
    ['Owner of it', 'Fitter', 'reader', 'stranger'].map((name) => harness.person(name)),
  )) as [Client, Client, Client, Client];
  project = await newProject(owner, 'Mill');
  await join(owner, editor, project, 'editor');
  await join(owner, reader, project, 'reader');
  openings = await addOpenings(owner, project, [plainFacts('1', door), plainFacts('2', door)]);
}, 60_000);
afterAll(() => harness.close());

let second = 0;
const record = (more: Record<string, unknown>, opening = 0) => ({
  id: randomUUID(),
  openingId: openings[opening]!.id,
  at: new Date(Date.UTC(2026, 10, 27, 8) + 1000 * second++).toISOString(),
  by: 'Fitter',
  ...more,
});
const step = (name: string, opening = 0) =>
  record({ kind: 'step', step: name, done: true }, opening);
const signed = (due: string, at: string, opening = 0) =>
  record(
    {
      kind: 'signed',
      round: 'acceptance',
      of: 'acceptance',
      name: 'Ines Okafor',
      signature: 'M0 0L40 20',
      right: 3,
      faults: 0,
      untried: 1,
      due,
      at,
    },
    opening,
  );
const send = (client: Client, records: unknown[], status = 200) =>
  client.agent.post(`/api/projects/${project}/site`).send({ records }).expect(status);
const since = async (client: Client, seq = 0) =>
  (await client.agent.get(`/api/projects/${project}/site?since=${seq}`).expect(200)).body as {
    records: SiteRecord[];
    seq: number;
    more: boolean;
  };

it('keeps records once, however often they are sent, and gives them from where one stopped', async () => {
  const [one, two] = [step('before.check'), step('hang.hang')];
  expect((await send(editor, [one])).body).toEqual({ added: 1, missing: [] });
  const first = await since(reader);
  expect(first.records).toEqual([one]);
  expect((await send(editor, [one, two])).body).toEqual({ added: 1, missing: [] });
  expect((await send(editor, [one, two])).body).toEqual({ added: 0, missing: [] });
  const then = await since(reader, first.seq);
  expect(then.records).toEqual([two]);
  expect((await since(reader, then.seq)).records).toEqual([]);
});

it('takes a record twice in one sending as one', async () => {
  const one = step('lock.lock');
  expect((await send(editor, [one, one])).body).toMatchObject({ added: 1 });
});

it('refuses what is no record, all of the sending, and says which', async () => {
  const { body } = await send(
    editor,
    [step('seal.seals'), record({ kind: 'step', step: 'x' })],
    422,
  );
  expect((body as { errors: { field: string }[] }).errors[0]!.field).toBe('records.1');
  const { records } = await since(reader);
  expect(records.map((one) => (one as { step?: string }).step)).not.toContain('seal.seals');
});

it('answers a signature too large in words and loses nothing', async () => {
  const large = { ...signed('2027-11-27', '2026-11-27T09:00:00Z'), signature: 'M0 0'.repeat(6000) };
  const { body } = await send(editor, [large], 422);
  expect((body as { errors: { message: string }[] }).errors[0]!.message).toMatch(/no record/);
});

it('names records of openings that are not here yet: the device keeps them', async () => {
  const lost = { ...step('x'), openingId: randomUUID() };
  expect((await send(editor, [lost])).body).toEqual({ added: 0, missing: [lost.id] });
  const foreign = await newProject(stranger, 'Other');
  const [other] = await addOpenings(stranger, foreign, [plainFacts('9')]);
  const wrong = { ...step('x'), openingId: other!.id };
  expect((await send(editor, [wrong])).body).toEqual({ added: 0, missing: [wrong.id] });
});

it('is for editors to write and for readers to read, for nobody else', async () => {
  await send(reader, [step('x')], 403);
  await stranger.agent.get(`/api/projects/${project}/site`).expect(404);
});

it('is heard of by who listens, and no undo takes it back', async () => {
  const before = await since(reader);
  await send(owner, [step('close.closer')]);
  expect((await since(reader)).seq).toBeGreaterThan(before.seq);
  const { body } = await owner.agent.get(`/api/projects/${project}/events`).expect(200);
  expect((body as { events: { kind: string }[] }).events[0]!.kind).toBe('site');
  // The owner's last undoable write is the openings' creation, not the record.
  await owner.agent.post(`/api/projects/${project}/undo`).expect(200);
  await owner.agent.post(`/api/projects/${project}/redo`).expect(200);
  expect((await since(reader)).records.length).toBe(before.records.length + 1);
});

it('hands out more than a page in pieces, none twice and none left out', async () => {
  const other = await newProject(owner, 'Large');
  const [opening] = await addOpenings(owner, other, [plainFacts('1')]);
  const ids: string[] = [];
  for (let part = 0; part < 11; part++) {
    const records = Array.from({ length: 200 }, (_, at) => ({
      ...step(`s${part}.${at}`),
      openingId: opening!.id,
      at: '2026-11-27T10:00:00Z',
    }));
    ids.push(...records.map(({ id }) => id));
    await owner.agent.post(`/api/projects/${other}/site`).send({ records }).expect(200);
  }
  const got: string[] = [];
  for (let seq = 0, more = true; more;) {
    const { body } = await owner.agent.get(`/api/projects/${other}/site?since=${seq}`).expect(200);
    const page = body as { records: SiteRecord[]; seq: number; more: boolean };
    got.push(...page.records.map(({ id }) => id));
    ({ seq, more } = page);
  }
  expect(got.length).toBe(2200);
  expect(new Set(got)).toEqual(new Set(ids));
});

describe('what is due', () => {
  const due = async (client: Client, until = '2030-01-01') =>
    ((await client.agent.get(`/api/due?until=${until}`).expect(200)).body as { list: Due[] }).list;
  it('is told by the round signed last, whichever device sends first', async () => {
    await send(editor, [signed('2028-01-15', '2027-01-15T08:00:00Z')]);
    await send(editor, [signed('2027-11-27', '2026-11-27T08:00:00Z')]);
    expect(await due(reader)).toEqual([
      {
        projectId: project,
        project: 'Mill',
        openingId: openings[0]!.id,
        mark: '1',
        from: 'Corridor',
        to: 'Stair',
        due: '2028-01-15',
      },
    ]);
    expect(await due(reader, '2027-12-31')).toEqual([]);
    expect(await due(stranger)).toEqual([]);
  });
  it('goes out as a calendar', async () => {
    const { text, headers } = await reader.agent.get('/api/due.ics?until=2030-01-01').expect(200);
    expect(headers['content-type']).toMatch(/text\/calendar/);
    expect(text).toContain('DTSTART;VALUE=DATE:20280115');
  });
});

it('finds what stands where, by all its words, the last word on each part alone', async () => {
  const closer = (words: string, batch?: string) =>
    record({ kind: 'installed', part: 'closing 0', words, ...(batch ? { batch } : {}) }, 1);
  await send(editor, [closer('Closer Marrowby 40, size 4', 'B-77')]);
  const find = async (text: string, client = reader) =>
    (
      (await client.agent.get('/api/installed').query({ q: text }).expect(200)).body as {
        found: { mark: string; words: string }[];
      }
    ).found;
  expect((await find('marrowby closer')).map(({ mark }) => mark)).toEqual(['2']);
  expect(await find('b-77')).toHaveLength(1);
  expect(await find('marrowby 99%')).toEqual([]);
  expect(await find('')).toEqual([]);
  expect(await find('marrowby', stranger)).toEqual([]);
  await send(editor, [closer('Closer Tarnbrook 9')]);
  expect(await find('marrowby')).toEqual([]);
  expect((await find('tarnbrook'))[0]!.words).toBe('Closer Tarnbrook 9');
});

it('prints the record of a round and the hand-over pack', async () => {
  const pdf = (path: string) =>
    reader.agent.get(`/api/projects/${project}${path}`).buffer(true).parse(asBytes).expect(200);
  const one = await pdf(`/openings/${openings[0]!.id}/record.pdf`);
  expect((one.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  const pack = await pdf('/handover.pdf');
  expect((pack.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
}, 120_000);

describe('notes of one’s own', () => {
  it('are kept for oneself, the last one written, and bounded', async () => {
    const path = '/api/account/notes/learning';
    expect((await reader.agent.get(path).expect(200)).body).toEqual({ body: null });
    await reader.agent
      .put(path)
      .send({ body: { a: 1 } })
      .expect(204);
    await reader.agent
      .put(path)
      .send({ body: { a: 2 } })
      .expect(204);
    expect((await reader.agent.get(path).expect(200)).body).toEqual({ body: { a: 2 } });
    expect((await owner.agent.get(path).expect(200)).body).toEqual({ body: null });
    await reader.agent
      .put(path)
      .send({ body: { a: 'x'.repeat(70_000) } })
      .expect(422);
    await reader.agent.put('/api/account/notes/__proto__').send({ body: {} }).expect(422);
    await reader.agent.put(`/api/account/notes/layout:${project}`).send({ body: {} }).expect(204);
  });
});
