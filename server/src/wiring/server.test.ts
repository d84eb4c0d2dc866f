import { randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { get } from 'node:http';
import { join } from 'node:path';
import request from 'supertest';
import { inches, type OpeningFacts } from '@riegel/core';
import { OpeningsService } from '../resources/openings/openings.service.js';
import { LinksService } from '../resources/people/links.service.js';
import { safeCell } from '@riegel/paper';
import { database, PASSWORD, start, type Client, type Harness } from '../testing/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await start();
});
afterAll(() => harness.close());

const facts = (mark: string, rest: Partial<OpeningFacts> = {}): OpeningFacts => ({
  mark,
  kind: 'single',
  ...rest,
});

async function project(client: Client, name = 'House'): Promise<string> {
  const { body } = await client.agent
    .post('/api/projects')
    .send({ name, practice: 'us-commercial' })
    .expect(201);
  return (body as { id: string }).id;
}

async function add(client: Client, projectId: string, list: OpeningFacts[]) {
  const changes = list.map((one) => ({ op: 'create', facts: one }));
  const { body } = await client.agent
    .post(`/api/projects/${projectId}/openings/bulk`)
    .send({ changes })
    .expect(200);
  return (body as { openings: { id: string; version: number; facts: OpeningFacts }[] }).openings;
}

const list = async (client: Client, projectId: string) =>
  (
    (await client.agent.get(`/api/projects/${projectId}/openings`).expect(200)).body as {
      openings: { id: string; version: number; facts: OpeningFacts }[];
    }
  ).openings;

describe('signing in', () => {
  it('answers a wrong word and an unknown address alike', async () => {
    const { email } = await harness.person();
    const http = request(harness.app.getHttpServer() as never);
    const wrong = await http.post('/api/session').send({ email, password: 'not it at all' });
    const nobody = await http
      .post('/api/session')
      .send({ email: 'nobody@test.example', password: 'not it at all' });
    expect([wrong.status, wrong.body]).toEqual([401, nobody.body]);
    expect(wrong.headers['content-type']).toMatch('application/problem+json');
  });

  it('sets a cookie that scripts and other sites cannot use, a new one at each sign-in, and ends it', async () => {
    const { email, agent } = await harness.person();
    const again = await agent.post('/api/session').send({ email, password: PASSWORD });
    const cookie = again.headers['set-cookie']![0]!;
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Strict/);
    expect((await agent.get('/api/session')).body).toMatchObject({
      person: { email },
      demo: false,
      demoPeople: [],
    });
    await agent.delete('/api/session').expect(204);
    expect((await agent.get('/api/session')).body).toMatchObject({ person: null });
    await agent.get('/api/projects').expect(401);
  });

  it('names the fields that are wrong in a person’s words', async () => {
    const { body } = await request(harness.app.getHttpServer() as never)
      .post('/api/session')
      .send({ email: 'x' })
      .expect(422);
    expect(body).toMatchObject({
      errors: [
        { field: 'email', message: 'E-mail is not an e-mail address.' },
        { field: 'password', message: 'Password is missing.' },
      ],
    });
  });

  it('has no one-click people outside a demo', async () => {
    await request(harness.app.getHttpServer() as never)
      .post('/api/session/demo')
      .send({ personId: randomUUID() })
      .expect(404);
  });

  it('makes the account of a one-time link once', async () => {
    const token = await harness.app.get(LinksService).make();
    const http = () => request(harness.app.getHttpServer() as never).post('/api/session/accept');
    await http()
      .send({ token, name: 'A', email: `${randomUUID()}@test.example`, password: 'short' })
      .expect(422);
    await http()
      .send({ token, name: 'A', email: `${randomUUID()}@test.example`, password: PASSWORD })
      .expect(201);
    await http()
      .send({ token, name: 'B', email: `${randomUUID()}@test.example`, password: PASSWORD })
      .expect(410);
  });
});

describe('projects and who may see them', () => {
  it('hides other people’s projects behind the same answer as none', async () => {
    const [owner, stranger] = [await harness.person(), await harness.person()];
    const id = await project(owner);
    const foreign = await stranger.agent.get(`/api/projects/${id}/openings`).expect(404);
    const none = await stranger.agent.get(`/api/projects/${randomUUID()}/openings`).expect(404);
    expect(foreign.body).toEqual(none.body);
    await stranger.agent.get('/api/projects/nonsense/schedule').expect(404);
    expect((await stranger.agent.get('/api/projects')).body).toEqual({ projects: [] });
  });

  it('lets each role do its own', async () => {
    const [owner, reader, editor] = [
      await harness.person('O'),
      await harness.person('R'),
      await harness.person('E'),
    ];
    const id = await project(owner);
    for (const [client, role] of [
      [reader, 'reader'],
      [editor, 'editor'],
    ] as const) {
      const { body } = await owner.agent
        .post(`/api/projects/${id}/invitations`)
        .send({ role })
        .expect(201);
      await client.agent
        .post('/api/session/accept')
        .send({ token: (body as { token: string }).token })
        .expect(201);
    }
    const change = { changes: [{ op: 'create', facts: facts('1') }] };
    await reader.agent.post(`/api/projects/${id}/openings/bulk`).send(change).expect(403);
    await editor.agent.post(`/api/projects/${id}/openings/bulk`).send(change).expect(200);
    expect(await list(reader, id)).toHaveLength(1);
    await editor.agent.patch(`/api/projects/${id}`).send({ version: 1, name: 'x' }).expect(403);
    await editor.agent.delete(`/api/projects/${id}`).expect(403);
    await owner.agent.delete(`/api/projects/${id}/members/${owner.id}`).expect(409);
    await reader.agent.delete(`/api/projects/${id}/members/${reader.id}`).expect(204);
    await reader.agent.get(`/api/projects/${id}`).expect(404);
    const renamed = await owner.agent
      .patch(`/api/projects/${id}`)
      .send({ version: 1, name: 'New name' })
      .expect(200);
    expect(renamed.body).toMatchObject({ name: 'New name', version: 2 });
    await owner.agent.patch(`/api/projects/${id}`).send({ version: 1, name: 'Stale' }).expect(409);
  });

  it('takes a project file whole and gives it back the same, or refuses it whole', async () => {
    const owner = await harness.person();
    const file = JSON.parse(
      readFileSync(join(__dirname, '../../../demo/larkhollow-playhouse.json'), 'utf8'),
    ) as { openings: unknown[] };
    const made = (await owner.agent.post('/api/projects/file').send(file).expect(201)).body as {
      id: string;
    };
    expect(await list(owner, made.id)).toHaveLength(70);
    const out = await owner.agent.get(`/api/projects/${made.id}/file`).expect(200);
    const again = (
      await owner.agent
        .post('/api/projects/file')
        .send(out.body as object)
        .expect(201)
    ).body as { id: string };
    expect((await list(owner, again.id)).map((one) => one.facts)).toEqual(
      (await list(owner, made.id)).map((one) => one.facts),
    );
    file.openings.push({ mark: 'bad', frameWidth: '3 1/3' });
    const refused = await owner.agent.post('/api/projects/file').send(file).expect(422);
    expect(JSON.stringify(refused.body)).toContain('Opening bad, frameWidth: The fraction 1/3');
    expect(
      ((await owner.agent.get('/api/projects')).body as { projects: unknown[] }).projects,
    ).toHaveLength(2);
  });
});

describe('writing openings', () => {
  it('keeps the first of two people’s writes and shows the second what stands', async () => {
    const owner = await harness.person('Ada');
    const id = await project(owner);
    const [opening] = await add(owner, id, [facts('1')]);
    const url = `/api/projects/${id}/openings/${opening!.id}`;
    await owner.agent
      .put(url)
      .send({ version: 1, facts: facts('1', { frameWidth: inches(36) }) })
      .expect(200);
    const stale = await owner.agent
      .put(url)
      .send({ version: 1, facts: facts('1', { frameWidth: inches(34) }) })
      .expect(409);
    expect(stale.body).toMatchObject({
      by: 'Ada',
      stale: [{ version: 2, facts: { frameWidth: inches(36) } }],
    });
    expect((await list(owner, id))[0]).toMatchObject({
      version: 2,
      facts: { frameWidth: inches(36) },
    });
    // The same write sent again after a lost answer counts as done.
    await owner.agent
      .put(url)
      .send({ version: 1, facts: facts('1', { frameWidth: inches(36) }) })
      .expect(200);
    expect((await list(owner, id))[0]!.version).toBe(2);
  });

  it('lets exactly one of many simultaneous writes through', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const [opening] = await add(owner, id, [facts('1')]);
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, index) =>
        owner.agent
          .put(`/api/projects/${id}/openings/${opening!.id}`)
          .send({ version: 1, facts: facts('1', { note: `n${index}` }) }),
      ),
    );
    expect(answers.map((answer) => answer.status).sort()).toEqual([
      200,
      ...Array<number>(7).fill(409),
    ]);
    expect((await list(owner, id))[0]!.version).toBe(2);
  });

  it('does a bulk write whole or not at all', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const [one, two] = await add(owner, id, [facts('1'), facts('2')]);
    const changes = [
      { op: 'update', id: one!.id, version: 1, facts: facts('1', { note: 'changed' }) },
      { op: 'create', facts: facts('3') },
      { op: 'delete', id: two!.id, version: 7 },
    ];
    await owner.agent.post(`/api/projects/${id}/openings/bulk`).send({ changes }).expect(409);
    expect(
      (await list(owner, id)).map((each) => [each.facts.mark, each.version, each.facts.note]),
    ).toEqual([
      ['1', 1, undefined],
      ['2', 1, undefined],
    ]);
    const events = (await owner.agent.get(`/api/projects/${id}/events`)).body as {
      events: unknown[];
    };
    expect(events.events).toHaveLength(1);
    await owner.agent
      .post(`/api/projects/${id}/openings/bulk`)
      .send({ changes: [...changes.slice(0, 2), { op: 'delete', id: two!.id, version: 1 }] })
      .expect(200);
    expect((await list(owner, id)).map((each) => each.facts.mark)).toEqual(['1', '3']);
  });

  it('refuses facts that cannot be, by field, and identifiers of other projects', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const send = (changes: unknown[]) =>
      owner.agent.post(`/api/projects/${id}/openings/bulk`).send({ changes });
    const bad = await send([{ op: 'create', facts: { mark: '1', kind: 'hatch' } }]).expect(422);
    expect(bad.body).toMatchObject({
      errors: [{ field: 'changes.0.facts.kind', message: 'The value of “kind” cannot be used.' }],
    });
    await send([]).expect(422);
    await send([{ op: 'update', id: 'x', version: 1, facts: {} }]).expect(422);
    await send([{ op: 'update', id: randomUUID(), version: 1, facts: facts('1') }]).expect(409);
    const other = await project(owner, 'Other');
    const [foreign] = await add(owner, other, [facts('9')]);
    await send([
      { op: 'update', id: foreign!.id, version: 1, facts: facts('9', { note: 'taken' }) },
    ]).expect(422);
    expect((await list(owner, other))[0]!.facts.note).toBeUndefined();
  });

  it('warns nobody away from a duplicate mark', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    expect(await add(owner, id, [facts('1'), facts('1')])).toHaveLength(2);
  });

  it('undoes and redoes one’s own writes in order, and not over somebody else’s', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const [opening] = await add(owner, id, [facts('1')]);
    const url = `/api/projects/${id}`;
    await owner.agent
      .put(`${url}/openings/${opening!.id}`)
      .send({ version: 1, facts: facts('1', { note: 'a' }) })
      .expect(200);
    await owner.agent
      .put(`${url}/openings/${opening!.id}`)
      .send({ version: 2, facts: facts('1', { note: 'b' }) })
      .expect(200);
    const note = async () => (await list(owner, id))[0]?.facts.note;
    await owner.agent.post(`${url}/undo`).expect(200);
    expect(await note()).toBe('a');
    await owner.agent.post(`${url}/undo`).expect(200);
    await owner.agent.post(`${url}/undo`).expect(200);
    expect(await list(owner, id)).toEqual([]);
    await owner.agent.post(`${url}/undo`).expect(404);
    for (const expected of [undefined, 'a', 'b']) {
      await owner.agent.post(`${url}/redo`).expect(200);
      expect(await note()).toBe(expected);
    }
    await owner.agent.post(`${url}/redo`).expect(404);
    await owner.agent.post(`${url}/undo`).expect(200);
    const current = (await list(owner, id))[0]!;
    await owner.agent
      .put(`${url}/openings/${current.id}`)
      .send({ version: current.version, facts: facts('1', { note: 'c' }) })
      .expect(200);
    await owner.agent.post(`${url}/redo`).expect(404);

    const editor = await harness.person();
    const { body } = await owner.agent.post(`${url}/invitations`).send({ role: 'editor' });
    await editor.agent
      .post('/api/session/accept')
      .send({ token: (body as { token: string }).token });
    const now = (await list(owner, id))[0]!;
    await editor.agent
      .put(`${url}/openings/${now.id}`)
      .send({ version: now.version, facts: facts('1', { note: 'theirs' }) })
      .expect(200);
    await owner.agent.post(`${url}/undo`).expect(409);
    expect(await note()).toBe('theirs');
  });

  it('tells other screens what changed', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const cookie = (
      await owner.agent.post('/api/session').send({ email: owner.email, password: PASSWORD })
    ).headers['set-cookie']![0]!.split(';')[0]!;
    const { port } = (harness.app.getHttpServer() as { address(): { port: number } }).address();
    const heard = new Promise<string>((resolve, reject) => {
      const stream = get(
        { port, host: '127.0.0.1', path: `/api/projects/${id}/stream`, headers: { cookie } },
        (response) => {
          let text = '';
          response.on('data', (chunk: Buffer) => {
            text += chunk.toString();
            if (text.includes(': open') && !text.includes('data:'))
              void add(owner, id, [facts('1')]);
            const data = /data: (.*)\n/.exec(text);
            if (data) {
              stream.destroy();
              resolve(data[1]!);
            }
          });
        },
      );
      stream.on('error', reject);
    });
    expect(JSON.parse(await heard)).toMatchObject({ personId: owner.id, kind: 'create' });
  });
});

describe('the schedule', () => {
  const rated: Partial<OpeningFacts> = {
    role: 'office',
    from: '=HYPERLINK("x")',
    to: 'Office',
    frameMaterial: 'steel',
    frameWidth: inches(36),
    frameHeight: inches(84),
    leafConstruction: 'timber-mineral',
    hingeSide: 'left',
    swing: 'in',
    rating: 90,
  };

  it('gives the sets as JSON, CSV and PDF, and keeps their numbers', async () => {
    const owner = await harness.person();
    const id = await project(owner, 'Paper');
    const [first] = await add(owner, id, [
      facts('1', rated),
      facts('2', { ...rated, kind: 'stable' }),
      facts('3'),
    ]);
    const sets = async () =>
      (
        (await owner.agent.get(`/api/projects/${id}/schedule`).expect(200)).body as {
          sets: { number: number; headings: { mark: string }[] }[];
        }
      ).sets.map((set) => [set.number, ...set.headings.map((heading) => heading.mark)]);
    expect(await sets()).toEqual([
      [1, '1'],
      [2, '2'],
    ]);
    await owner.agent
      .post(`/api/projects/${id}/openings/bulk`)
      .send({ changes: [{ op: 'delete', id: first!.id, version: 1 }] })
      .expect(200);
    expect(await sets()).toEqual([[2, '2']]);
    await add(owner, id, [facts('0', { ...rated, frameWidth: inches(44) })]);
    expect(await sets()).toEqual([
      [2, '2'],
      [3, '0'],
    ]);

    const csv = await owner.agent.get(`/api/projects/${id}/schedule.csv`).expect(200);
    expect(csv.headers['content-type']).toMatch('text/csv');
    expect(csv.text.charCodeAt(0)).toBe(0xfeff);
    expect(csv.text).toContain(`"'=HYPERLINK(""x"")"`);
    expect(csv.text).toContain('OPEN: ');

    const pdf = await owner.agent
      .get(`/api/projects/${id}/schedule.pdf`)
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response.on('data', (chunk: Buffer) => chunks.push(chunk));
        response.on('end', () => done(null, Buffer.concat(chunks)));
      });
    expect(pdf.headers['content-type']).toBe('application/pdf');
    expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  });

  it.each([
    '=1',
    ' =1',
    '\t+1',
    '-1',
    '@x',
    '＝1',
    '\n=1',
    '\u00a0-2',
    '\u200b=1',
    '\u00ad=1',
    '\ufeff+1',
    '\u2060\u200e@x',
    '\u034f=1',
    '\ufe0f-1',
    '\u3164=1',
    '﹦1',
    '−1',
  ])('guards the formula %j', (cell) => expect(safeCell(cell)).toBe(`'${cell}`));
  it.each(['101', 'a=1', 'x-1', 3])('leaves %j as it is', (cell) =>
    expect(safeCell(cell)).toBe(cell),
  );

  it('finds what the ways out of a building depend on, as it was recorded', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const list: Partial<OpeningFacts>[] = [
      { from: 'Street', to: 'Lobby', egress: true },
      { from: 'Lobby', to: 'Store', egress: false },
      { from: 'Lobby', to: 'Attic', egress: 'unknown' },
      { from: 'Lobby', to: 'Office', escape: 'from' },
      {},
    ];
    await add(
      owner,
      id,
      list.map((more, at) => facts(String(at), more)),
    );
    const edges = await harness.app.get(OpeningsService).edges(id);
    expect(edges.map((one) => JSON.parse(JSON.stringify(one)) as object)).toEqual(list);
  });

  it('draws any opening as SVG', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const [one] = await add(owner, id, [facts('1', rated)]);
    const { body, headers } = await owner.agent
      .get(`/api/projects/${id}/openings/${one!.id}/drawings/plan.svg`)
      .buffer(true)
      .expect(200);
    expect(headers['content-type']).toMatch('image/svg+xml');
    expect((body as Buffer).toString()).toContain('data-part="hanging.clearWidth"');
    await owner.agent
      .get(`/api/projects/${id}/openings/${one!.id}/drawings/nowhere.svg`)
      .expect(404);
  });
});

describe('what comes in', () => {
  it('is refused when it is broken, huge or no JSON, and changes nothing', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const url = `/api/projects/${id}/openings/bulk`;
    const broken = await owner.agent
      .post(url)
      .set('Content-Type', 'application/json')
      .send('{"changes": [')
      .expect(400);
    expect(broken.body).toMatchObject({ title: 'The request could not be read as JSON.' });
    const huge = await owner.agent
      .post(url)
      .set('Content-Type', 'application/json')
      .send(JSON.stringify({ changes: [], x: 'y'.repeat(26_000_000) }))
      .expect(413);
    expect(huge.body).toMatchObject({ status: 413 });
    await owner.agent.post(url).type('form').send('changes=1').expect(415);
    expect(await list(owner, id)).toEqual([]);
  });

  it('is documented', async () => {
    await request(harness.app.getHttpServer() as never)
      .get('/api/docs-json')
      .expect(401);
    const { body } = await (await harness.person()).agent.get('/api/docs-json').expect(200);
    expect(Object.keys((body as { paths: object }).paths)).toEqual(
      expect.arrayContaining(['/api/projects/{projectId}/openings/bulk', '/api/health']),
    );
  });

  it('has no page of files, and no fault where one is asked for by its head', async () => {
    const served = await start({ webRoot: join(__dirname, '../../../docs') });
    const http = () => request(served.app.getHttpServer() as never);
    for (const path of [
      '/assets/',
      '/assets',
      '/assets/nothing.js',
      '/assets/%ff',
      '/assets/..%2fx',
    ])
      for (const method of ['get', 'head'] as const)
        expect((await http()[method](path)).status).toBeLessThan(500);
    await http().head('/assets/').expect(404);
    await served.close();
  });

  it('serves what the build compressed as it is on disk, in what the browser takes', async () => {
    const root = mkdtempSync(join(tmpdir(), 'riegel-web-'));
    mkdirSync(join(root, 'assets'));
    const script = 'console.log(1);'.repeat(100);
    writeFileSync(join(root, 'index.html'), '<!doctype html>');
    writeFileSync(join(root, 'assets', 'page.js'), script);
    writeFileSync(join(root, 'assets', 'page.js.br'), brotliCompressSync(script));
    writeFileSync(join(root, 'assets', 'page.js.gz'), gzipSync(script));
    const served = await start({ webRoot: root });
    const got = (encodings: string) =>
      request(served.app.getHttpServer() as never)
        .get('/assets/page.js')
        .set('Accept-Encoding', encodings)
        .buffer(true)
        .parse((response, done) => {
          let bytes = 0;
          response.on('data', (chunk: Buffer) => (bytes += chunk.length));
          response.on('end', () => done(null, bytes));
        })
        .expect(200);
    for (const [encodings, encoding] of [
      ['gzip, br', 'br'],
      ['gzip', 'gzip'],
      ['identity', undefined],
    ] as const) {
      const { headers } = await got(encodings);
      expect(headers['content-encoding']).toBe(encoding);
      expect(headers['content-type']).toMatch(/javascript/);
      expect(headers['vary']).toMatch(/Accept-Encoding/);
      expect(headers['cache-control']).toMatch(/immutable/);
    }
    await served.close();
    rmSync(root, { recursive: true });
  });

  it('meets the headers that keep a page safe', async () => {
    const { headers } = await request(harness.app.getHttpServer() as never)
      .get('/api/health')
      .expect(200);
    expect(headers['content-security-policy']).toMatch(/script-src 'self';/);
    expect(headers['x-content-type-options']).toBe('nosniff');
  });
});

describe('the tables', () => {
  it('are what the entities say: nothing drifts', async () => {
    const log = await harness.source.driver.createSchemaBuilder().log();
    const differences = log.upQueries
      .map((query) => query.query)
      .filter((query) => !/INDEX|CONSTRAINT|KEY/i.test(query));
    expect(differences).toEqual([]);
  });
});

describe('the database going away', () => {
  it('is said clearly, loses nothing, and is over when it is back, without a restart', async () => {
    const owner = await harness.person();
    const id = await project(owner);
    const [one] = await add(owner, id, [facts('1')]);
    database('stop');
    try {
      const health = await request(harness.app.getHttpServer() as never)
        .get('/api/health')
        .expect(503);
      expect(health.body).toEqual({ status: 'degraded', database: 'down' });
      const write = await owner.agent
        .put(`/api/projects/${id}/openings/${one!.id}`)
        .send({ version: 1, facts: facts('1', { note: 'x' }) });
      expect(write.status).toBe(503);
      expect((write.body as { title: string }).title).toMatch(/database does not answer/);
    } finally {
      database('start');
    }
    await request(harness.app.getHttpServer() as never)
      .get('/api/health')
      .expect(200);
    await owner.agent
      .put(`/api/projects/${id}/openings/${one!.id}`)
      .send({ version: 1, facts: facts('1', { note: 'x' }) })
      .expect(200);
    expect((await list(owner, id))[0]).toMatchObject({ version: 2, facts: { note: 'x' } });
  });
});
