import { createHash, randomUUID } from 'node:crypto';
import { inches, type OpeningFacts, type ReleaseDifference } from '@riegel/core';
import request from 'supertest';
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
let reader: Client;
let project: string;
let openings: OpeningBody[];
beforeAll(async () => {
  harness = await start();
  owner = await harness.person('Owner of it');
  reader = await harness.person();
  project = await newProject(owner);
  await join(owner, reader, project, 'reader');
  const door: Partial<OpeningFacts> = {
    from: 'Corridor',
    to: 'Office',
    frameMaterial: 'steel',
    frameWidth: inches(36),
    frameHeight: inches(84),
    hingeSide: 'left',
    swing: 'in',
    leafConstruction: 'timber-particle',
    rating: 0,
  };
  openings = await addOpenings(owner, project, [
    plainFacts('1', door),
    plainFacts('2', door),
    plainFacts('3', door),
  ]);
}, 60_000);
afterAll(() => harness.close());

interface ReleaseBody {
  number: number;
  reason: string;
  personName: string;
  coreVersion: string;
  files: { name: string; sha256: string; size: number }[];
}
const path = (rest: string) => `/api/projects/${project}/releases${rest}`;
const make = async (reason: string, name = '') =>
  (await owner.agent.post(path('')).send({ reason, name }).expect(201)).body as ReleaseBody;
const bytesOf = async (number: number, name: string, client = owner) =>
  (
    await client.agent
      .get(path(`/${number}/files/${name}`))
      .buffer(true)
      .parse(asBytes)
      .expect(200)
  ).body as Buffer;
const compare = async (from: number | string, to: number | string) =>
  (await reader.agent.get(path(`/compare?from=${from}&to=${to}`)).expect(200))
    .body as ReleaseDifference;
const change = (opening: OpeningBody, facts: Partial<OpeningFacts>) =>
  owner.agent
    .post(`/api/projects/${project}/openings/bulk`)
    .send({
      changes: [
        {
          op: 'update',
          id: opening.id,
          version: opening.version,
          facts: { ...opening.facts, ...facts },
        },
      ],
    })
    .expect(200);

it('freezes the project: numbered, with a reason, a name, every file and its hash', async () => {
  const one = await make('for tender', 'Tender');
  expect(one).toMatchObject({ number: 1, reason: 'for tender', personName: 'Owner of it' });
  expect(one.files.map(({ name }) => name)).toEqual([
    'project.json',
    'questions.pdf',
    'schedule.csv',
    'schedule.pdf',
    'schedule.xlsx',
    'take-off.xlsx',
  ]);
  for (const { name, sha256, size } of one.files) {
    const bytes = await bytesOf(1, name);
    expect([bytes.length, createHash('sha256').update(bytes).digest('hex')]).toEqual([
      size,
      sha256,
    ]);
  }
});

it('stays as it is, byte for byte, whatever becomes of the project', async () => {
  const before = await bytesOf(1, 'schedule.pdf');
  await change(openings[0]!, { frameWidth: inches(48) });
  await owner.agent
    .post(`/api/projects/${project}/openings/bulk`)
    .send({ changes: [{ op: 'delete', id: openings[2]!.id, version: openings[2]!.version }] })
    .expect(200);
  await addOpenings(owner, project, [plainFacts('4')]);
  expect((await bytesOf(1, 'schedule.pdf', reader)).equals(before)).toBe(true);
  const now = await compare(1, 'now');
  expect([now.added, now.gone, now.changed].map((list) => list.map(({ mark }) => mark))).toEqual([
    ['4'],
    ['3'],
    ['1'],
  ]);
  expect(now.changed[0]!.changes[0]).toMatchObject({
    what: 'Opening',
    from: '36 in × 84 in',
    to: '48 in × 84 in',
  });
});

it('numbers go on; changes since the one before are marked and listed', async () => {
  const two = await make('after the meeting');
  expect(two.number).toBe(2);
  const list = (await bytesOf(2, 'changes.txt')).toString('utf8');
  expect(list).toMatch(
    /Added: 4\r\nGone: 3\r\nUnchanged: 1\r\n\r\n1\r\n {2}Opening: 36 in × 84 in → 48 in × 84 in/,
  );
  expect(await compare(1, 2)).toEqual(await compare(1, 'now'));
  expect(await compare(2, 'now')).toMatchObject({ added: [], gone: [], changed: [] });
  // The other way round everything is turned round.
  const back = await compare('now', 1);
  expect(back.added.map(({ mark }) => mark)).toEqual(['3']);
  expect(back.changed[0]!.changes[0]).toMatchObject({ from: '48 in × 84 in', to: '36 in × 84 in' });
  await reader.agent.get(path('/compare?from=1&to=9')).expect(404);
  await reader.agent.get(path('/compare?from=x&to=1')).expect(422);
});

it('tells what it would be with today’s core, which is the same while the core is', async () => {
  const { body } = await reader.agent.get(path('/1/today')).expect(200);
  expect(body).toMatchObject({ added: [], gone: [], changed: [], same: 3 });
  await harness.source.query(
    `UPDATE project_release SET openings = REPLACE(openings, 'Butt hinge', 'Other hinge') WHERE project_id = ? AND number = 1`,
    [project],
  );
  const other = (await reader.agent.get(path('/1/today')).expect(200)).body as ReleaseDifference;
  expect(other.changed.map(({ mark }) => mark)).toEqual(['1', '2', '3']);
});

it('takes two at once as one after the other, or tells the second', async () => {
  const asked = await Promise.all(
    ['a', 'b'].map((reason) => owner.agent.post(path('')).send({ reason })),
  );
  const numbers = asked
    .filter(({ status }) => status === 201)
    .map(({ body }) => (body as ReleaseBody).number);
  expect(new Set(numbers).size).toBe(numbers.length);
  expect(asked.every(({ status }) => status === 201 || status === 409)).toBe(true);
  await owner.agent.post(path('')).send({ reason: ' ' }).expect(422);
  await reader.agent.post(path('')).send({ reason: 'x' }).expect(403);
});

describe('a link for a reader', () => {
  const anybody = () => request(harness.app.getHttpServer() as never);
  const link = async (days = 3) =>
    (await owner.agent.post(path('/1/shares')).send({ days }).expect(201)).body as {
      id: string;
      token: string;
    };

  it('shows one release and nothing else, without an account', async () => {
    const { token } = await link();
    const { body } = await anybody().get('/api/shared').set('x-riegel-link', token).expect(200);
    expect(body).toMatchObject({ number: 1, projectName: 'House', reason: 'for tender' });
    const { text } = await anybody()
      .get('/api/shared/files/schedule.csv')
      .set('x-riegel-link', token)
      .expect(200);
    expect(text).toContain('Butt hinge');
    await anybody().get(`/api/projects/${project}`).set('x-riegel-link', token).expect(401);
    await anybody().get(path('/1/files/schedule.pdf')).set('x-riegel-link', token).expect(401);
    // A file that only the next release has.
    await anybody().get('/api/shared/files/changes.txt').set('x-riegel-link', token).expect(404);
  });
  it('ends when it runs out, when it is taken back, and is never guessed', async () => {
    const { id, token } = await link();
    const held = (await owner.agent.get(path('/1/shares')).expect(200)).body as {
      shares: { id: string }[];
    };
    expect(held.shares.map((one) => one.id)).toContain(id);
    expect(JSON.stringify(held)).not.toContain(token);
    await owner.agent.delete(path(`/1/shares/${id}`)).expect(204);
    await anybody().get('/api/shared').set('x-riegel-link', token).expect(410);
    await owner.agent.delete(path(`/1/shares/${id}`)).expect(404);
    const other = await link();
    await harness.source.query(
      'UPDATE release_share SET expires_at = NOW(3) - INTERVAL 1 SECOND WHERE id = ?',
      [other.id],
    );
    await anybody().get('/api/shared').set('x-riegel-link', other.token).expect(410);
    await anybody().get('/api/shared').expect(410);
    await anybody().get('/api/shared').set('x-riegel-link', randomUUID()).expect(410);
    await owner.agent.post(path('/1/shares')).send({ days: 0 }).expect(422);
    await reader.agent.post(path('/1/shares')).send({ days: 1 }).expect(403);
  });
});
