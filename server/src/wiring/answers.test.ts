import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join as pathOf } from 'node:path';
import Joi from 'joi';
import { generate } from 'otplib';
import sharp from 'sharp';
import request from 'supertest';
import { PeopleService } from '../resources/people/people.service.js';
import { PASSWORD, start, type Client, type Harness } from '../testing/harness.js';
import { addOpenings, newProject, plainFacts, portOf } from '../testing/world.js';
import {
  coreShape,
  namedShapes,
  orNone,
  record,
  roughly,
  shape,
  jsonSchema,
  text,
} from '../base/http/shapes.js';

const TOKEN = 'metrics-'.repeat(4);
const MODEL = readFileSync(pathOf(__dirname, '../../../demo/lists/larkhollow-model.ifc'));
const BYTES = 'application/octet-stream';

let harness: Harness;
let owner: Client;
let project: string;
let opening: string;
beforeAll(async () => {
  harness = await start({ demo: true, metricsToken: TOKEN });
  owner = await harness.person('Owner');
  await harness.source.query('UPDATE person SET admin = (id = ?)', [owner.id]);
  project = await newProject(owner);
  const facts = plainFacts('1', { from: 'Lobby', to: 'Office' });
  opening = (await addOpenings(owner, project, [facts]))[0]!.id;
});
afterAll(() => harness.close());

const http = () => request(harness.app.getHttpServer() as never);
const at = (path: string) => `/api/projects/${project}${path}`;
const door = (path: string) => at(`/openings/${opening}${path}`);
const get = (path: string) => owner.agent.get(path);
const post = (path: string, body: object = {}) => owner.agent.post(path).send(body);
const bytes = (path: string, sent: Buffer) =>
  owner.agent.post(path).set('Content-Type', BYTES).send(sent);
/** What was answered, where it was answered well. */
const of = async <T>(asked: request.Test): Promise<T> => {
  const { status, body } = await asked;
  expect(status).toBeLessThan(300);
  return body as T;
};

/** Every route of the interface once, each so that it does what is asked. */
const JOURNEYS: Record<string, () => Promise<void>> = {
  async health() {
    await of(http().get('/api/health'));
    await of(http().get('/api/metrics').set('Authorization', `Bearer ${TOKEN}`));
  },
  async session() {
    await of(http().get('/api/session'));
    const people = harness.app.get(PeopleService);
    const demo = await people.add({
      name: 'Demo',
      email: `${randomUUID()}@demo.example`,
      password: PASSWORD,
      demo: true,
    });
    await of(http().post('/api/session/demo').send({ personId: demo.id }));
    await of(http().post('/api/session/forgotten').send({ email: owner.email }));
    const { letters } = await of<{ letters: { recipient: string; body: string }[] }>(
      get('/api/installation/mail'),
    );
    const letter = letters.find(({ recipient }) => recipient === owner.email)!;
    const [, token] = /#([\w-]{20,})/.exec(letter.body)!;
    await of(http().post('/api/session/reset').send({ token, password: PASSWORD }));
    await of(owner.agent.post('/api/session').send({ email: owner.email, password: PASSWORD }));
  },
  async 'second factor'() {
    const person = await harness.person();
    const current = { current: PASSWORD };
    const { secret } = await of<{ secret: string }>(
      person.agent.post('/api/account/second').send(current),
    );
    const code = await generate({ secret });
    await of(person.agent.post('/api/account/second/confirm').send({ code }));
    const { codes } = await of<{ codes: string[] }>(
      person.agent.post('/api/account/second/codes').send(current),
    );
    const agent = request.agent(harness.app.getHttpServer() as never);
    await of(agent.post('/api/session').send({ email: person.email, password: PASSWORD }));
    await of(agent.post('/api/session/second').send({ code: codes[0] }));
    await of(agent.post('/api/account/second/off').send(current));
    await of(agent.delete('/api/session'));
  },
  async account() {
    await of(get('/api/account'));
    await of(owner.agent.put('/api/account/notes/learning').send({ body: { a: 1 } }));
    await of(get('/api/account/notes/learning'));
    const other = request.agent(harness.app.getHttpServer() as never);
    const signIn = { email: owner.email, password: PASSWORD };
    await of(other.post('/api/session').send(signIn));
    const { sessions } = await of<{ sessions: { id: string; current: boolean }[] }>(
      get('/api/account'),
    );
    const { id } = sessions.find(({ current }) => !current)!;
    await of(owner.agent.delete(`/api/account/sessions/${id}`));
    await of(owner.agent.delete('/api/account/sessions'));
    await of(post('/api/account/password', { current: PASSWORD, password: PASSWORD }));
  },
  async installation() {
    await of(get('/api/installation/people'));
    await of(get('/api/installation/audit'));
    await of(get('/api/installation/vitals'));
    const { token } = await of<{ token: string }>(post('/api/installation/invitations'));
    const email = `${randomUUID()}@test.example`;
    const made = await of<{ person: { id: string } }>(
      http().post('/api/session/accept').send({ token, name: 'New', email, password: PASSWORD }),
    );
    const person = `/api/installation/people/${made.person.id}`;
    await of(post(`${person}/reset`));
    await of(post(`${person}/second-off`));
    await of(owner.agent.patch(person).send({ admin: true }));
  },
  async projects() {
    await of(get('/api/projects'));
    await of(get(at('')));
    const file = await of<object>(get(at('/file')));
    const copy = await of<{ id: string; version: number }>(post('/api/projects/file', file));
    const where = `/api/projects/${copy.id}`;
    await of(owner.agent.patch(where).send({ version: copy.version, name: 'Copy' }));
    await of(owner.agent.delete(where));
    await of(get('/api/find?q=Lobby'));
  },
  async members() {
    const member = await harness.person('Member');
    const { token } = await of<{ token: string }>(post(at('/invitations'), { role: 'reader' }));
    const { invitations } = await of<{ invitations: { id: string }[] }>(get(at('/invitations')));
    await of(member.agent.post('/api/session/accept').send({ token }));
    await of(post(at('/invitations'), { role: 'reader' }));
    const open = await of<{ invitations: { id: string }[] }>(get(at('/invitations')));
    expect(open.invitations[0]!.id).not.toBe(invitations[0]!.id);
    await of(owner.agent.delete(at(`/invitations/${open.invitations[0]!.id}`)));
    await of(get(at('/members')));
    await of(owner.agent.patch(at(`/members/${member.id}`)).send({ role: 'editor' }));
    await of(post(at(`/members/${member.id}/reset`)));
    await of(owner.agent.delete(at(`/members/${member.id}`)));
    await of(get(at('/audit')));
  },
  async openings() {
    await of(get(at('/openings')));
    const { version, facts } = await of<{ version: number; facts: object }>(get(door('')));
    await of(owner.agent.put(door('')).send({ version, facts: { ...facts, to: 'Store' } }));
    await of(post(at('/openings/some'), { ids: [opening] }));
    await of(get(door('/drawings/plan.svg')));
    await of(
      post(at('/openings/bulk'), {
        changes: [],
        documents: [{ name: 'building', version: 0, body: { storeys: ['Ground'], rooms: [] } }],
      }),
    );
    await of(get(at('/documents/building')));
    const { events } = await of<{ events: { documents: string[] | null }[] }>(get(at('/events')));
    expect(events[0]!.documents).toEqual(['building']);
    await of(get(at(`/events?opening=${opening}`)));
    await of(post(at('/undo')));
    await of(post(at('/redo')));
    await openStream();
  },
  async files() {
    await of(bytes(at('/lists/read'), Buffer.from('Mark,To\n1,Bar\n')));
    await of(bytes(at('/model'), MODEL));
    for (const name of [
      'openings.csv',
      'openings.xlsx',
      'catalogue.csv',
      'catalogue.json',
      'schedule',
      'schedule.csv',
      'schedule.pdf?by=set',
      'schedule.xlsx',
      'take-off.xlsx?by=all',
      'prices.xlsx',
      'questions.pdf',
      'handover.pdf',
    ])
      await of(get(at(`/${name}`)));
    for (const name of ['sheets.pdf', 'sheets.zip', 'stick.pdf?tiled=false', 'record.pdf'])
      await of(get(door(`/${name}`)));
  },
  async photographs() {
    const picture = {
      create: { width: 8, height: 8, channels: 3, background: '#a37b2c' },
    } as const;
    const id = randomUUID();
    await of(bytes(door(`/photos?id=${id}`), await sharp(picture).png().toBuffer()));
    await of(get(door('/photos')));
    await of(get(door(`/photos/${id}`)));
    await of(owner.agent.delete(door(`/photos/${id}`)));
  },
  async jobs() {
    const { id } = await of<{ id: string }>(
      post(at('/jobs'), { kind: 'schedule', name: 'Schedule', openings: [opening] }),
    );
    for (let state = ''; state !== 'done';) {
      await new Promise((after) => setTimeout(after, 100));
      const { jobs } = await of<{ jobs: { id: string; state: string }[] }>(get(at('/jobs')));
      state = jobs.find((one) => one.id === id)!.state;
      expect(['waiting', 'running', 'done']).toContain(state);
    }
    await of(get(at(`/jobs/${id}/file`)));
    await of(owner.agent.delete(at(`/jobs/${id}`)));
  },
  async releases() {
    await of(post(at('/releases'), { name: 'Tender', reason: 'For prices' }));
    await of(get(at('/releases')));
    await of(get(at('/releases/compare?from=1&to=now')));
    await of(get(at('/releases/1/today')));
    await of(get(at('/releases/1/files/project.json')));
    const { id, token } = await of<{ id: string; token: string }>(
      post(at('/releases/1/shares'), { days: 7 }),
    );
    await of(get(at('/releases/1/shares')));
    await of(http().get('/api/shared').set('x-riegel-link', token));
    await of(http().get('/api/shared/files/schedule.csv').set('x-riegel-link', token));
    await of(owner.agent.delete(at(`/releases/1/shares/${id}`)));
  },
  async site() {
    const head = { openingId: opening, at: '2026-11-27T08:00:00.000Z', by: 'Fitter' };
    await of(
      post(at('/site'), {
        records: [{ ...head, id: randomUUID(), kind: 'step', step: 'hinges', done: true }],
      }),
    );
    await of(get(at('/site')));
    await of(get('/api/due'));
    await of(get('/api/due.ics'));
    await of(get('/api/installed?q=hinge'));
  },
};

/** Whether it ends before the last test looks is not told. */
const STREAM = 'get /api/projects/{projectId}/stream';

/** A stream is looked at once it is open, and left. */
async function openStream(): Promise<void> {
  const left = new AbortController();
  const answer = await fetch(`http://127.0.0.1:${portOf(harness)}${at('/stream')}`, {
    headers: { Cookie: cookieOf(owner) },
    signal: left.signal,
  });
  expect(answer.headers.get('content-type')).toBe('text/event-stream');
  left.abort();
}

const cookieOf = ({ agent }: Client) =>
  agent.jar
    .getCookies({ domain: '127.0.0.1', path: '/', secure: false, script: false } as never)
    .toValueString();

it.each(Object.keys(JOURNEYS))('%s: what is answered is what the documents say', async (name) => {
  harness.answers.faults.length = 0;
  await JOURNEYS[name]!();
  expect(harness.answers.faults).toEqual([]);
});

it('every route of the interface was asked above, and did what was asked', async () => {
  const { paths } = await of<{ paths: Record<string, Record<string, object>> }>(
    get('/api/docs-json'),
  );
  const all = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => `${method} ${path}`),
  );
  expect(all).toContain(STREAM);
  expect(all.filter((route) => route !== STREAM && !harness.answers.done.has(route))).toEqual([]);
});

it('what is answered otherwise than described is found', async () => {
  const other = await start();
  try {
    const people = other.app.get(PeopleService);
    jest
      .spyOn(people, 'find')
      .mockResolvedValue({ id: 'none', name: 'A', email: 'a', admin: 1 } as never);
    const { agent } = await other.person();
    await agent.get('/api/session').expect(200);
    const [fault, ...rest] = other.answers.faults.splice(0);
    expect(fault).toMatch(/^get \/api\/session 200: .*pattern/);
    expect(fault).toContain('must be boolean');
    expect(rest).toEqual([]);
  } finally {
    jest.restoreAllMocks();
    await other.close();
  }
});

describe('shapes', () => {
  it('demand every field but those said to be optional, and no other', () => {
    expect(jsonSchema(record({ a: text, b: Joi.number().optional() }), 'output')).toMatchObject({
      type: 'object',
      required: ['a'],
      additionalProperties: false,
    });
  });

  it('stand once by their name, and are pointed to', () => {
    const one = shape('TriedShape', record({ a: text }));
    const core = coreShape('TriedFacts', roughly('Facts.', ['mark']));
    const { properties } = jsonSchema(record({ one, core: orNone(core) }), 'output');
    expect(properties).toMatchObject({
      one: { $ref: '#/components/schemas/TriedShape' },
      core: { anyOf: [{ type: 'null' }, { $ref: '#/components/schemas/TriedFacts' }] },
    });
    expect(namedShapes()).toMatchObject({
      TriedShape: { properties: { a: { type: 'string' } } },
      TriedFacts: { required: ['mark'], 'x-core-type': 'TriedFacts' },
    });
    expect(() => shape('TriedShape', record({}))).toThrow('Two shapes are called TriedShape.');
  });
});
