import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { Invitation } from '../base/entities/invitation.entity.js';
import { LinksService } from '../resources/people/links.service.js';
import { PeopleService } from '../resources/people/people.service.js';
import { SessionRow } from '../base/entities/session.entity.js';
import { SessionStore } from '../resources/sessions/sessionStore.js';
import { readConfig } from '../base/config.js';
import { PASSWORD, start, type Harness } from '../testing/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await start({ demo: true, guessesAMinute: 30 });
});
afterAll(() => harness.close());
const http = () => request(harness.app.getHttpServer() as never);

describe('sessions', () => {
  it('end when they have run out, and are swept away', async () => {
    const { agent } = await harness.person();
    const rows = harness.source.getRepository(SessionRow);
    await rows.update(
      { expiresAt: (await rows.find({ order: { expiresAt: 'DESC' }, take: 1 }))[0]!.expiresAt },
      { expiresAt: new Date(Date.now() - 1000) },
    );
    await agent.get('/api/projects').expect(401);
    const before = await rows.count();
    await new SessionStore(harness.source, { idleMs: 1000, wholeMs: 1000 }).sweep();
    expect(await rows.count()).toBeLessThan(before);
  });

  it('cannot be made up', async () => {
    await http()
      .get('/api/projects')
      .set('Cookie', `riegel=s%3A${randomUUID()}.forged`)
      .expect(401);
  });
});

describe('one-time links', () => {
  it('run out', async () => {
    const token = await harness.app.get(LinksService).make();
    await harness.source
      .getRepository(Invitation)
      .createQueryBuilder()
      .update()
      .set({ expiresAt: new Date(Date.now() - 1000) })
      .execute();
    await http()
      .post('/api/session/accept')
      .send({ token, name: 'A', email: `${randomUUID()}@test.example`, password: PASSWORD })
      .expect(410);
  });
  it('are kept as hashes only', async () => {
    const token = await harness.app.get(LinksService).make();
    const rows = await harness.source.getRepository(Invitation).find();
    expect(JSON.stringify(rows)).not.toContain(token);
  });
  it('do not tell whether an address has an account before they are used', async () => {
    const { email } = await harness.person();
    const answer = await http()
      .post('/api/session/accept')
      .send({ token: 'x', name: 'A', email, password: PASSWORD })
      .expect(410);
    const other = await http()
      .post('/api/session/accept')
      .send({ token: 'x', name: 'A', email: `${randomUUID()}@test.example`, password: PASSWORD })
      .expect(410);
    expect(answer.body).toEqual(other.body);
  });
});

describe('the demo', () => {
  it('lets demo people in with one click, and nobody else', async () => {
    const people = harness.app.get(PeopleService);
    const demo = await people.add({
      name: 'Demo',
      email: `${randomUUID()}@test.example`,
      password: PASSWORD,
      demo: true,
    });
    const { id } = await harness.person();
    await http().post('/api/session/demo').send({ personId: demo.id }).expect(201);
    await http().post('/api/session/demo').send({ personId: id }).expect(404);
    const { body } = await http().get('/api/session');
    expect(
      (body as { demoPeople: { id: string }[] }).demoPeople.map((person) => person.id),
    ).toContain(demo.id);
  });
});

describe('set numbers', () => {
  it('are given once, also to two who ask at the same time', async () => {
    const { agent } = await harness.person();
    const { body } = await agent.post('/api/projects/file').send({
      name: 'Two at once',
      openings: ['36', '40', '44'].map((frameWidth, index) => ({
        mark: String(index),
        frameWidth,
        frameHeight: '84',
        frameMaterial: 'steel',
        leafConstruction: 'timber-stave',
        rating: 0,
        kind: index === 1 ? 'stable' : 'single',
      })),
    });
    const url = `/api/projects/${(body as { id: string }).id}/schedule`;
    const answers = await Promise.all(Array.from({ length: 6 }, () => agent.get(url)));
    expect(answers.map((answer) => answer.status)).toEqual(Array<number>(6).fill(200));
    const numbers = answers.map((answer) =>
      JSON.stringify(
        (answer.body as { sets: { number: number; headings: { mark: string }[] }[] }).sets.map(
          (set) => [set.number, set.headings[0]!.mark],
        ),
      ),
    );
    expect(new Set(numbers).size).toBe(1);
  });
});

describe('guessing', () => {
  it('is slowed down: too many sign-ins from one address are refused for a while', async () => {
    const { app } = harness;
    const attempt = () =>
      request(app.getHttpServer() as never)
        .post('/api/session')
        .send({ email: 'nobody@test.example', password: 'guess guess guess' });
    const statuses: number[] = [];
    for (let batch = 0; batch < 4; batch++)
      statuses.push(
        ...(await Promise.all(Array.from({ length: 10 }, attempt))).map((answer) => answer.status),
      );
    expect(statuses).toContain(429);
    const lines = await harness.source.query("SELECT subject FROM audit WHERE kind = 'limited'");
    expect(lines).toEqual([{ subject: 'POST /api/session' }]);
    const refused = await attempt();
    expect(refused.body).toMatchObject({
      status: 429,
      title: 'Too many requests. Wait a minute and try again.',
    });
  });
});

describe('the configuration', () => {
  it('says what is missing in a sentence', () => {
    expect(() => readConfig({})).toThrow(/Set RIEGEL_DATABASE_URL/);
    expect(() => readConfig({ RIEGEL_DATABASE_URL: 'mysql://x' })).toThrow(/Set RIEGEL_SECRET/);
    expect(
      readConfig({ RIEGEL_DATABASE_URL: 'mysql://x', RIEGEL_DEMO: '1' }).secret.length,
    ).toBeGreaterThan(32);
    expect(
      readConfig({ RIEGEL_DATABASE_URL: 'mysql://x', RIEGEL_SECRET: 'y'.repeat(40) }),
    ).toMatchObject({ demo: false, host: '127.0.0.1', secureCookies: false });
  });
});
