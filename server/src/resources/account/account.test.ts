import { randomUUID } from 'node:crypto';
import { generate } from 'otplib';
import request from 'supertest';
import { PASSWORD, start, type Client, type Harness } from '../../testing/harness.js';
import { join, newProject } from '../../testing/world.js';
import { LinksService } from '../people/links.service.js';
import { delayAfter } from '../people/signInDelays.js';
import { passwordStrength } from '../people/passwordStrength.js';
import { deviceOf } from '../sessions/sessions.service.js';

let harness: Harness;
beforeAll(async () => {
  harness = await start();
});
afterAll(() => harness.close());

const OTHER = 'quite another phrase of words';
const http = () => request(harness.app.getHttpServer() as never);
const signIn = (email: string, password: string, agent = http()) =>
  agent.post('/api/session').send({ email, password });
const kinds = async (personId: string) =>
  (
    (await harness.source.query('SELECT kind FROM audit WHERE person_id = ? ORDER BY id', [
      personId,
    ])) as { kind: string }[]
  ).map(({ kind }) => kind);
async function lastLetter(email: string): Promise<string | undefined> {
  const [row] = (await harness.source.query(
    'SELECT body FROM letter WHERE recipient = ? ORDER BY created_at DESC LIMIT 1',
    [email],
  )) as { body: string }[];
  return row?.body;
}
const tokenIn = (letter: string | undefined) => /#(\S+)/.exec(letter ?? '')![1]!;

describe('a password', () => {
  it('is changed by who knows it; every other session ends, this one goes on', async () => {
    const person = await harness.person();
    const elsewhere = request.agent(harness.app.getHttpServer() as never);
    await elsewhere
      .post('/api/session')
      .send({ email: person.email, password: PASSWORD })
      .expect(201);
    await person.agent
      .post('/api/account/password')
      .send({ current: 'not it', password: OTHER })
      .expect(422);
    await person.agent
      .post('/api/account/password')
      .send({ current: PASSWORD, password: OTHER })
      .expect(204);
    await elsewhere.get('/api/projects').expect(401);
    await person.agent.get('/api/projects').expect(200);
    await signIn(person.email, PASSWORD).expect(401);
    await signIn(person.email, OTHER).expect(201);
    expect(await kinds(person.id)).toContain('password-changed');
  });

  it.each(['password123', 'qwertzuiop12', 'aaaaaaaaaaaaaaa', '1234567890', 'Football2026'])(
    '%s is refused wherever a password is set',
    async (weak) => {
      const person = await harness.person();
      const changed = await person.agent
        .post('/api/account/password')
        .send({ current: PASSWORD, password: weak })
        .expect(422);
      expect(JSON.stringify(changed.body)).toMatch(/guessed too easily|tried first/);
      const token = await harness.app.get(LinksService).make();
      const email = `${randomUUID()}@test.example`;
      await http()
        .post('/api/session/accept')
        .send({ token, name: 'A', email, password: weak })
        .expect(422);
      // The link was not spent by that.
      await http()
        .post('/api/session/accept')
        .send({ token, name: 'A', email, password: OTHER })
        .expect(201);
    },
  );

  it('is no variation of one’s own name or address, and may be long', () => {
    const own = ['Wilhelmina Featherstone', 'wilhelmina@featherstone.example'];
    expect(passwordStrength({ password: 'wilhelmina featherstone', own })).toMatch(/too easily/);
    expect(passwordStrength({ password: 'wilhelmina featherstone', own: [] })).toBeUndefined();
    expect(passwordStrength({ password: PASSWORD, own })).toBeUndefined();
    const began = performance.now();
    expect(passwordStrength({ password: 'ab1'.repeat(66), own })).toMatch(/too easily/);
    expect(performance.now() - began).toBeLessThan(3000);
  });

  it('of less than ten characters is refused', async () => {
    const { agent } = await harness.person();
    await agent
      .post('/api/account/password')
      .send({ current: PASSWORD, password: 'x7#kQ2!vB' })
      .expect(422);
  });
});

describe('a forgotten password', () => {
  it('is set anew by a link in a letter, once; all sessions end; nothing tells whether an address is known', async () => {
    const person = await harness.person('Forgetful');
    const known = await http()
      .post('/api/session/forgotten')
      .send({ email: person.email })
      .expect(204);
    const unknown = await http()
      .post('/api/session/forgotten')
      .send({ email: `${randomUUID()}@test.example` })
      .expect(204);
    expect(known.body).toEqual(unknown.body);
    const letter = await lastLetter(person.email);
    expect(letter).toContain('http://localhost:4310/reset#');
    const token = tokenIn(letter);
    await http().post('/api/session/reset').send({ token, password: 'password123' }).expect(422);
    await http().post('/api/session/reset').send({ token, password: OTHER }).expect(204);
    await person.agent.get('/api/projects').expect(401);
    await http().post('/api/session/reset').send({ token, password: OTHER }).expect(410);
    await signIn(person.email, OTHER).expect(201);
    expect(await kinds(person.id)).toEqual(
      expect.arrayContaining(['reset-asked', 'password-reset']),
    );
  });

  it('two links for one: the second is worth nothing once the first was used', async () => {
    const person = await harness.person();
    await http().post('/api/session/forgotten').send({ email: person.email });
    const first = tokenIn(await lastLetter(person.email));
    await new Promise((resolve) => setTimeout(resolve, 10));
    await http().post('/api/session/forgotten').send({ email: person.email });
    const second = tokenIn(await lastLetter(person.email));
    expect(second).not.toBe(first);
    await http().post('/api/session/reset').send({ token: first, password: OTHER }).expect(204);
    await http().post('/api/session/reset').send({ token: second, password: PASSWORD }).expect(410);
  });

  it('sends no more than five letters in an hour', async () => {
    const person = await harness.person();
    for (let time = 0; time < 8; time++)
      await http()
        .post('/api/session/forgotten')
        .send({ email: person.email })
        .expect((answer) => expect([204, 429]).toContain(answer.status));
    const [row] = (await harness.source.query(
      'SELECT COUNT(*) AS count FROM letter WHERE recipient = ?',
      [person.email],
    )) as { count: string }[];
    expect(Number(row!.count)).toBeLessThanOrEqual(5);
  });

  it('is sent by an owner to a member, and by an administrator to anybody; neither sees the link', async () => {
    const [owner, member, stranger] = [
      await harness.person(),
      await harness.person(),
      await harness.person(),
    ];
    const id = await newProject(owner);
    await join(owner, member, id, 'editor');
    const sent = await owner.agent
      .post(`/api/projects/${id}/members/${member.id}/reset`)
      .expect(204);
    expect(sent.text).toBe('');
    expect(await lastLetter(member.email)).toContain('/reset#');
    await owner.agent.post(`/api/projects/${id}/members/${stranger.id}/reset`).expect(404);
    await harness.source.query('UPDATE person SET admin = 1 WHERE id = ?', [owner.id]);
    await owner.agent.post(`/api/installation/people/${stranger.id}/reset`).expect(204);
    expect(await lastLetter(stranger.email)).toContain('/reset#');
    const { body } = await owner.agent.get('/api/installation/mail').expect(200);
    expect(
      (body as { letters: { recipient: string }[] }).letters.some(
        ({ recipient }) => recipient === stranger.email,
      ),
    ).toBe(true);
  });

  it('a link into a project sets no password, and a reset lets nobody in', async () => {
    const owner = await harness.person();
    const id = await newProject(owner);
    const { body } = await owner.agent
      .post(`/api/projects/${id}/invitations`)
      .send({ role: 'reader' });
    await http()
      .post('/api/session/reset')
      .send({ token: (body as { token: string }).token, password: OTHER })
      .expect(410);
    await http().post('/api/session/forgotten').send({ email: owner.email });
    const token = tokenIn(await lastLetter(owner.email));
    await http()
      .post('/api/session/accept')
      .send({ token, name: 'X', email: `${randomUUID()}@test.example`, password: OTHER })
      .expect(410);
  });
});

describe('a second factor', () => {
  const step = 30;
  /** A code of a later time step: no test waits for a clock. */
  const codeOf = (secret: string, later = 0) =>
    generate({ secret, epoch: Math.floor(Date.now() / 1000) + later * step });

  async function withSecond(): Promise<{ person: Client; secret: string; codes: string[] }> {
    const person = await harness.person();
    const begun = await person.agent
      .post('/api/account/second')
      .send({ current: PASSWORD })
      .expect(200);
    const { secret, uri, picture } = begun.body as { secret: string; uri: string; picture: string };
    expect(uri).toMatch(/^otpauth:\/\/totp\/Riegel/);
    expect(picture).toMatch(/^<svg/);
    await person.agent.post('/api/account/second/confirm').send({ code: '000000' }).expect(422);
    const { body } = await person.agent
      .post('/api/account/second/confirm')
      .send({ code: await codeOf(secret) })
      .expect(200);
    return { person, secret, codes: (body as { codes: string[] }).codes };
  }

  it('is owed after the right password; a code works once; the secret is not kept as it is', async () => {
    const { person, secret } = await withSecond();
    const agent = request.agent(harness.app.getHttpServer() as never);
    const first = await agent
      .post('/api/session')
      .send({ email: person.email, password: PASSWORD })
      .expect(201);
    expect(first.body).toEqual({ person: null, second: true });
    await agent.get('/api/projects').expect(401);
    expect((await agent.get('/api/session')).body).toMatchObject({ person: null });
    // The one that confirmed was used.
    await agent
      .post('/api/session/second')
      .send({ code: await codeOf(secret) })
      .expect(401);
    const code = await codeOf(secret, 1);
    await agent.post('/api/session/second').send({ code }).expect(201);
    await agent.get('/api/projects').expect(200);
    const again = request.agent(harness.app.getHttpServer() as never);
    await again.post('/api/session').send({ email: person.email, password: PASSWORD }).expect(201);
    await again.post('/api/session/second').send({ code }).expect(401);
    const [row] = (await harness.source.query(
      'SELECT totp_secret AS sealed FROM person WHERE id = ?',
      [person.id],
    )) as { sealed: string }[];
    expect(row!.sealed).not.toContain(secret);
    const { body } = await person.agent.get('/api/account').expect(200);
    expect(body).toMatchObject({ second: { on: true, codes: 10 } });
  });

  it('a recovery code stands in once, however it is typed, and is written down', async () => {
    const { person, codes } = await withSecond();
    expect(new Set(codes).size).toBe(10);
    const [one] = codes as [string];
    const enter = async (code: string) => {
      const agent = request.agent(harness.app.getHttpServer() as never);
      await agent
        .post('/api/session')
        .send({ email: person.email, password: PASSWORD })
        .expect(201);
      return (await agent.post('/api/session/second').send({ code })).status;
    };
    expect(await enter(` ${one.toUpperCase().replace('-', ' ')} `)).toBe(201);
    expect(await enter(one)).toBe(401);
    expect(await kinds(person.id)).toContain('recovery-used');
    const fresh = await person.agent
      .post('/api/account/second/codes')
      .send({ current: PASSWORD })
      .expect(200);
    expect(await enter(codes[1]!)).toBe(401);
    expect(await enter((fresh.body as { codes: string[] }).codes[0]!)).toBe(201);
  });

  it('may be guessed at five times, then one begins again', async () => {
    const { person, secret } = await withSecond();
    const agent = request.agent(harness.app.getHttpServer() as never);
    await agent.post('/api/session').send({ email: person.email, password: PASSWORD }).expect(201);
    const statuses: number[] = [];
    for (let time = 0; time < 5; time++)
      statuses.push((await agent.post('/api/session/second').send({ code: '123456' })).status);
    expect(statuses).toEqual([401, 401, 401, 401, 401]);
    const { body } = await agent
      .post('/api/session/second')
      .send({ code: await codeOf(secret, 1) })
      .expect(401);
    expect(body).toMatchObject({ title: 'Begin again with address and password.' });
  });

  it('is turned off by who knows the password, or by an administrator, with a letter', async () => {
    const { person } = await withSecond();
    await person.agent.post('/api/account/second/off').send({ current: 'no' }).expect(422);
    await person.agent.post('/api/account/second/off').send({ current: PASSWORD }).expect(204);
    await signIn(person.email, PASSWORD).expect(201, {
      person: { id: person.id, name: 'Somebody', email: person.email, admin: false },
    });
    const { person: locked } = await withSecond();
    const admin = await harness.person();
    await harness.source.query('UPDATE person SET admin = 1 WHERE id = ?', [admin.id]);
    await admin.agent.post(`/api/installation/people/${locked.id}/second-off`).expect(204);
    await locked.agent.get('/api/projects').expect(401);
    expect(await lastLetter(locked.email)).toContain('turned off the second factor');
  });

  it('nothing but six figures is a code, and nothing breaks', async () => {
    const { person } = await withSecond();
    const agent = request.agent(harness.app.getHttpServer() as never);
    await agent.post('/api/session').send({ email: person.email, password: PASSWORD });
    for (const code of ['abc', '12345', '１２３４５６'])
      await agent.post('/api/session/second').send({ code }).expect(401);
  });
});

describe('guessing at an account', () => {
  it('gets slower and slower, at once for all who try, known or not; the right password has to wait too', async () => {
    const person = await harness.person();
    for (const email of [person.email, `${randomUUID()}@test.example`]) {
      const statuses = (
        await Promise.all(Array.from({ length: 20 }, () => signIn(email, 'wrong wrong wrong')))
      ).map(({ status }) => status);
      // Few are weighed; the others are refused, by the wait or by a database that is pressed.
      expect(statuses.filter((status) => ![401, 429, 503].includes(status))).toEqual([]);
      expect(statuses.filter((status) => status === 401).length).toBeLessThanOrEqual(6);
      expect(statuses).toContain(429);
      if (email !== person.email) continue;
      // At once, while the wait lasts.
      const { body } = await signIn(email, PASSWORD).expect(429);
      expect((body as { title: string }).title).toMatch(/Try again in \d+ seconds?/);
    }
  });
  it('waits as the table says', () => {
    expect([0, 4, 5, 6, 9, 13, 14, 40].map(delayAfter)).toEqual([0, 0, 1, 2, 16, 256, 300, 300]);
  });
  it('is forgotten after a right one', async () => {
    const person = await harness.person();
    for (let time = 0; time < 4; time++)
      await signIn(person.email, 'wrong wrong wrong').expect(401);
    await signIn(person.email, PASSWORD).expect(201);
    for (let time = 0; time < 4; time++)
      await signIn(person.email, 'wrong wrong wrong').expect(401);
    await signIn(person.email, PASSWORD).expect(201);
  });
  it('cannot be hidden behind made-up addresses', async () => {
    const person = await harness.person();
    const statuses: number[] = [];
    for (let time = 0; time < 12; time++)
      statuses.push(
        (await signIn(person.email, 'wrong wrong').set('X-Forwarded-For', `10.0.0.${time}`)).status,
      );
    expect(statuses).toContain(429);
    const lines = (await harness.source.query(
      "SELECT address FROM audit WHERE kind = 'sign-in-refused' AND person_id = ?",
      [person.id],
    )) as { address: string }[];
    expect(lines.every(({ address }) => /127\.0\.0\.1/.test(address))).toBe(true);
  });
});

describe('sessions', () => {
  it('are listed with where and when, and ended one by one or all but this', async () => {
    const person = await harness.person();
    const others = [1, 2].map(() => request.agent(harness.app.getHttpServer() as never));
    for (const agent of others)
      await agent
        .post('/api/session')
        .set('User-Agent', 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0')
        .send({ email: person.email, password: PASSWORD })
        .expect(201);
    const list = async () =>
      (
        (await person.agent.get('/api/account')).body as {
          sessions: { id: string; device: string; current: boolean }[];
        }
      ).sessions;
    const before = await list();
    expect(before).toHaveLength(3);
    expect(before.filter(({ current }) => current)).toHaveLength(1);
    expect(before.filter(({ device }) => device === 'Firefox on Linux')).toHaveLength(2);
    const stranger = await harness.person();
    const foreign = before.find(({ current }) => !current)!;
    await stranger.agent.delete(`/api/account/sessions/${foreign.id}`).expect(404);
    await person.agent.delete(`/api/account/sessions/${foreign.id}`).expect(204);
    expect(await list()).toHaveLength(2);
    await person.agent.delete('/api/account/sessions').expect(204);
    expect(await list()).toHaveLength(1);
    for (const agent of others) await agent.get('/api/projects').expect(401);
  });

  it('end when they were not used for a day, and after two weeks though they were', async () => {
    const person = await harness.person();
    const shift = (hours: number, column: string) =>
      harness.source.query(
        `UPDATE session SET ${column} = ${column} - INTERVAL ? HOUR WHERE person_id = ?`,
        [hours, person.id],
      );
    await shift(20, 'seen_at');
    await shift(20, 'expires_at');
    await person.agent.get('/api/projects').expect(200);
    const [row] = (await harness.source.query(
      'SELECT TIMESTAMPDIFF(MINUTE, UTC_TIMESTAMP(), expires_at) AS minutes FROM session WHERE person_id = ?',
      [person.id],
    )) as { minutes: string }[];
    expect(Number(row!.minutes)).toBeGreaterThan(23 * 60);
    await shift(14 * 24 - 1, 'created_at');
    await shift(1, 'seen_at');
    await person.agent.get('/api/projects').expect(200);
    const [late] = (await harness.source.query(
      'SELECT TIMESTAMPDIFF(MINUTE, UTC_TIMESTAMP(), expires_at) AS minutes FROM session WHERE person_id = ?',
      [person.id],
    )) as { minutes: string }[];
    expect(Number(late!.minutes)).toBeLessThanOrEqual(60);
    await shift(2, 'expires_at');
    await person.agent.get('/api/projects').expect(401);
  });

  it('are kept by a hash: what stands in the table signs nobody in', async () => {
    const person = await harness.person();
    const answer = await signIn(person.email, PASSWORD);
    const cookie = decodeURIComponent(
      answer.headers['set-cookie']![0]!.split(';')[0]!.split('=')[1]!,
    );
    const id = /^s:([^.]+)\./.exec(cookie)![1]!;
    const rows = (await harness.source.query('SELECT id, data FROM session WHERE person_id = ?', [
      person.id,
    ])) as { id: string; data: string }[];
    expect(JSON.stringify(rows)).not.toContain(id);
  });

  it.each([
    ['Mozilla/5.0 (Windows NT 10.0) Chrome/150.0 Safari/537.36', 'Chrome on Windows'],
    ['Mozilla/5.0 (iPad; CPU OS 17) Version/17 Safari/605', 'Safari on iOS'],
    ['Mozilla/5.0 (Linux; Android 14) Chrome/150 Mobile Safari/537', 'Chrome on Android'],
    ['curl/8.0', 'curl'],
    ['', 'something'],
  ])('tell the device %j as %s', (agent, name) => expect(deviceOf(agent)).toBe(name));
});

describe('links into a project', () => {
  it('are listed for the owner and revoked, and one link makes one account however many try at once', async () => {
    const owner = await harness.person('Olga');
    const id = await newProject(owner);
    const make = async () =>
      (
        (
          await owner.agent
            .post(`/api/projects/${id}/invitations`)
            .send({ role: 'editor' })
            .expect(201)
        ).body as { token: string }
      ).token;
    const [first, second] = [await make(), await make()];
    const list = async () =>
      (
        (await owner.agent.get(`/api/projects/${id}/invitations`)).body as {
          invitations: { id: string; role: string; by: string }[];
        }
      ).invitations;
    const [one] = await list();
    expect(await list()).toHaveLength(2);
    expect(one).toMatchObject({ role: 'editor', by: 'Olga' });
    await owner.agent.delete(`/api/projects/${id}/invitations/${one!.id}`).expect(204);
    expect(await list()).toHaveLength(1);
    const tryOut = async (token: string) => {
      const answers = await Promise.all(
        Array.from({ length: 8 }, () =>
          http()
            .post('/api/session/accept')
            .send({ token, name: 'N', email: `${randomUUID()}@test.example`, password: OTHER }),
        ),
      );
      return answers.filter(({ status }) => status === 201).length;
    };
    const people = async () =>
      Number(
        (
          (await harness.source.query('SELECT COUNT(*) AS count FROM person')) as {
            count: string;
          }[]
        )[0]!.count,
      );
    const before = await people();
    expect((await tryOut(first)) + (await tryOut(second))).toBe(1);
    expect(await people()).toBe(before + 1);
  });
});

describe('the audit log', () => {
  it('tells an owner of role changes, refusals and members’ sign-ins, and of nobody else’s', async () => {
    const [owner, member, stranger] = [
      await harness.person('Own'),
      await harness.person('Mem'),
      await harness.person('Str'),
    ];
    const id = await newProject(owner);
    await join(owner, member, id, 'editor');
    await owner.agent
      .patch(`/api/projects/${id}/members/${member.id}`)
      .send({ role: 'reader' })
      .expect(204);
    await member.agent.post(`/api/projects/${id}/undo`).expect(403);
    await member.agent.delete(`/api/projects/${id}/members/${owner.id}`).expect(403);
    await signIn(member.email, 'wrong wrong wrong').expect(401);
    await signIn(stranger.email, 'wrong wrong wrong').expect(401);
    const { body } = await owner.agent.get(`/api/projects/${id}/audit`).expect(200);
    const lines = (
      body as { lines: { kind: string; who: string | null; subject: string; at: string }[] }
    ).lines;
    expect(lines.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining([
        'invited',
        'joined',
        'role-changed',
        'refused',
        'sign-in',
        'sign-in-refused',
      ]),
    );
    expect(lines.find(({ kind }) => kind === 'role-changed')).toMatchObject({
      who: 'Own',
      subject: `${member.email}, reader`,
    });
    expect(lines.filter(({ kind }) => kind === 'refused').map(({ subject }) => subject)).toEqual([
      `DELETE /api/projects/${id}/members/${owner.id}`,
      `POST /api/projects/${id}/undo`,
    ]);
    expect(lines.some(({ who }) => who === 'Str')).toBe(false);
    expect(JSON.stringify(lines)).not.toContain('wrong wrong');
    await owner.agent.delete(`/api/projects/${id}/members/${member.id}`).expect(204);
    const after = (await owner.agent.get(`/api/projects/${id}/audit`)).body as {
      lines: { kind: string; who: string }[];
    };
    expect(after.lines[0]).toMatchObject({ kind: 'taken-out', who: 'Own' });
  });
});

describe('administrators', () => {
  it('are never none', async () => {
    const [one, two] = [await harness.person(), await harness.person()];
    await harness.source.query('UPDATE person SET admin = (id = ?)', [one.id]);
    await one.agent.patch(`/api/installation/people/${one.id}`).send({ admin: false }).expect(409);
    await one.agent.patch(`/api/installation/people/${two.id}`).send({ admin: true }).expect(204);
    await one.agent.patch(`/api/installation/people/${one.id}`).send({ admin: false }).expect(204);
    await one.agent.get('/api/installation/people').expect(403);
    await two.agent.get('/api/installation/people').expect(200);
    await two.agent
      .patch(`/api/installation/people/${randomUUID()}`)
      .send({ admin: true })
      .expect(404);
  });
});

describe('a cookie', () => {
  it('is bound to its host and to HTTPS where Riegel is not on loopback; a proxy is believed only when named', async () => {
    const secure = await start({ secureCookies: true, trustedProxies: ['loopback'] });
    const bare = await start({ secureCookies: true, trustedProxies: [] });
    const { email } = await harness.person();
    const enter = (at: Harness) =>
      request(at.app.getHttpServer() as never)
        .post('/api/session')
        .set('X-Forwarded-Proto', 'https')
        .send({ email, password: PASSWORD });
    const cookie = (await enter(secure)).headers['set-cookie']![0]!;
    expect(cookie).toMatch(/^__Host-riegel=.*Path=\/;.*HttpOnly; Secure; SameSite=Strict/);
    expect(cookie).not.toMatch(/Domain/i);
    expect((await enter(bare)).headers['set-cookie']).toBeUndefined();
    await secure.close();
    await bare.close();
  });
});

describe('a request from another site', () => {
  it.each([
    ['by Fetch Metadata', { 'Sec-Fetch-Site': 'cross-site' }],
    ['from another subdomain', { 'Sec-Fetch-Site': 'same-site' }],
    ['by its origin', { Origin: 'https://elsewhere.example' }],
    ['of no origin', { Origin: 'null' }],
  ])('is refused %s, with or without a body', async (_, headers) => {
    const { agent } = await harness.person();
    await agent
      .post('/api/projects')
      .set(headers)
      .send({ name: 'X', practice: 'british' })
      .expect(403);
    await agent.delete('/api/account/sessions').set(headers).expect(403);
    await agent.get('/api/projects').set(headers).expect(403);
  });
  it('a link from elsewhere may be followed, and what is Riegel’s own or no browser goes on', async () => {
    const { agent } = await harness.person();
    await agent
      .get('/api/projects')
      .set({ 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate' })
      .expect(200);
    await agent
      .post('/api/projects')
      .set({ 'Sec-Fetch-Site': 'same-origin' })
      .send({ name: 'X', practice: 'british' })
      .expect(201);
    await agent
      .post('/api/projects')
      .set({ Origin: 'http://localhost:4310' })
      .send({ name: 'X', practice: 'british' })
      .expect(201);
  });
  it('an empty form does nothing', async () => {
    const owner = await harness.person();
    const id = await newProject(owner);
    await owner.agent.post(`/api/projects/${id}/undo`).type('form').send('').expect(415);
  });
});
