import { randomUUID } from 'node:crypto';
import { deflateSync } from 'node:zlib';
import { start, type Client, type Harness } from './testing/harness.js';

/** The smallest picture a reader of headers takes: a PNG that says it is of this size. */
function png(width: number, height: number): Buffer {
  const head = Buffer.alloc(25);
  head.writeUInt32BE(13, 0);
  head.write('IHDR', 4);
  head.writeUInt32BE(width, 8);
  head.writeUInt32BE(height, 12);
  head.set([8, 2, 0, 0, 0], 16);
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    head,
    deflateSync(Buffer.alloc(100)),
  ]);
}

describe('photographs of an opening', () => {
  let harness: Harness;
  let owner: Client;
  let base: string;
  beforeAll(async () => {
    harness = await start();
    owner = await harness.person('Photographer');
    const { body } = await owner.agent
      .post('/api/projects')
      .send({ name: 'Photos', practice: 'british' });
    const project = (body as { id: string }).id;
    const made = await owner.agent
      .post(`/api/projects/${project}/openings/bulk`)
      .send({ changes: [{ op: 'create', facts: { mark: '1', kind: 'single' } }] });
    const [opening] = (made.body as { openings: { id: string }[] }).openings;
    base = `/api/projects/${project}/openings/${opening!.id}/photos`;
  });
  afterAll(() => harness.close());

  const send = (picture: Buffer, id: string = randomUUID(), who = owner) =>
    who.agent
      .post(`${base}?id=${id}&caption=hinge`)
      .set('Content-Type', 'application/octet-stream')
      .send(picture);
  const list = async () =>
    ((await owner.agent.get(base).expect(200)).body as { photos: { id: string }[] }).photos;

  it('are kept as they were sent, with who and when, and given back with their type', async () => {
    const id = randomUUID();
    const picture = png(640, 480);
    await send(picture, id).expect(201);
    const [photo] = await list();
    expect(photo).toMatchObject({
      id,
      width: 640,
      height: 480,
      caption: 'hinge',
      by: 'Photographer',
    });
    const answer = await owner.agent.get(`${base}/${id}`).expect(200);
    expect(answer.headers['content-type']).toBe('image/png');
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
    expect(Buffer.compare(answer.body as Buffer, picture)).toBe(0);
  });

  it('sent again after a lost answer are there once', async () => {
    const id = randomUUID();
    const before = (await list()).length;
    await send(png(10, 10), id).expect(201);
    await send(png(10, 10), id).expect(201);
    expect((await list()).length).toBe(before + 1);
    await owner.agent.delete(`${base}/${id}`).expect(204);
    expect((await list()).length).toBe(before);
  });

  it.each([
    ['no picture', () => Buffer.from('<script>'), 422],
    [
      'a vector picture, which may hold script',
      () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      422,
    ],
    ['more pixels than a photograph has', () => png(30_000, 30_000), 422],
    ['more than 4 MB', () => Buffer.concat([png(10, 10), Buffer.alloc(4_100_000)]), 422],
    ['more than is read at all', () => Buffer.alloc(9_000_000), 413],
  ])('refuses %s', async (_, picture, status) => {
    const before = (await list()).length;
    await send(picture()).expect(status);
    expect((await list()).length).toBe(before);
  });

  it('are bounded in number, and nobody else’s', async () => {
    for (let have = (await list()).length; have < 40; have++) await send(png(5, 5)).expect(201);
    const { body } = await send(png(5, 5)).expect(422);
    expect(JSON.stringify(body)).toContain('at most 40');
    const stranger = await harness.person();
    await send(png(5, 5), randomUUID(), stranger).expect(404);
    await stranger.agent.get(base).expect(404);
    await send(png(5, 5), 'x').expect(422);
  });
});

describe('a digital tape', () => {
  it('may be listened to by its origin only, where one is named', async () => {
    const harness = await start({ tapeUrl: 'http://localhost:4380' });
    const person = await harness.person();
    const { headers, body } = await person.agent.get('/api/session').expect(200);
    expect(body).toMatchObject({ tape: 'http://localhost:4380' });
    expect(headers['content-security-policy']).toContain(
      "connect-src 'self' http://localhost:4380",
    );
    await harness.close();
  });
});
