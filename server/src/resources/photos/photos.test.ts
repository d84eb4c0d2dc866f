import { randomUUID } from 'node:crypto';
import { deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { start, type Client, type Harness } from '../../testing/harness.js';

/** A picture of one colour. */
const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#a37b2c' }, limitInputPixels: false });
const png = (width: number, height: number) => picture(width, height).png().toBuffer();

/** The head of a PNG that says it is of this size, and next to nothing behind it. */
function headOnly(width: number, height: number): Buffer {
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

/** 32 bytes that say they are an icon whose parts have no length. */
function icns(): Buffer {
  const bytes = Buffer.alloc(32);
  bytes.write('icns', 0);
  bytes.writeUInt32BE(32, 4);
  bytes.write('ic08', 8);
  return bytes;
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

  const send = (bytes: Buffer, id: string = randomUUID(), who = owner) =>
    who.agent
      .post(`${base}?id=${id}&caption=hinge`)
      .set('Content-Type', 'application/octet-stream')
      .send(bytes);
  const list = async () =>
    (
      (await owner.agent.get(base).expect(200)).body as {
        photos: { id: string; width: number; height: number }[];
      }
    ).photos;

  it('are kept with who and when, and given back as JPEG', async () => {
    const id = randomUUID();
    await send(await png(640, 480), id).expect(201);
    const [photo] = await list();
    expect(photo).toMatchObject({
      id,
      width: 640,
      height: 480,
      caption: 'hinge',
      by: 'Photographer',
    });
    const answer = await owner.agent.get(`${base}/${id}`).expect(200);
    expect(answer.headers['content-type']).toBe('image/jpeg');
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
    expect(await sharp(answer.body as Buffer).metadata()).toMatchObject({
      width: 640,
      height: 480,
    });
  });

  it('lose where they were taken, and stand as the camera was held', async () => {
    const id = randomUUID();
    const sent = await picture(60, 40)
      .withExif({
        IFD0: { Orientation: '6', Copyright: 'somebody' },
        IFD3: { GPSLatitude: '51/1 30/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect((await sharp(sent).metadata()).exif).toBeDefined();
    await send(Buffer.concat([sent, Buffer.from('something behind the picture')]), id).expect(201);
    const kept = (await owner.agent.get(`${base}/${id}`).expect(200)).body as Buffer;
    expect(await sharp(kept).metadata()).toMatchObject({ width: 40, height: 60 });
    expect((await sharp(kept).metadata()).exif).toBeUndefined();
    expect(kept.toString('latin1')).not.toContain('something behind');
  });

  it('that are very large are made smaller', async () => {
    const id = randomUUID();
    await send(await png(5000, 2500), id).expect(201);
    expect((await list()).find((one) => one.id === id)).toMatchObject({
      width: 2560,
      height: 1280,
    });
    await owner.agent.delete(`${base}/${id}`).expect(204);
  });

  it('sent again after a lost answer are there once', async () => {
    const id = randomUUID();
    const before = (await list()).length;
    await send(await png(10, 10), id).expect(201);
    await send(await png(10, 10), id).expect(201);
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
    ['an icon file that loops for ever where it is guessed at', () => icns(), 422],
    ['a header that promises a picture and has none', () => headOnly(640, 480), 422],
    ['more pixels than a photograph has', () => headOnly(30_000, 30_000), 422],
    [
      'half a picture',
      async () => {
        const whole = await picture(800, 800).jpeg().toBuffer();
        return whole.subarray(0, whole.length / 2);
      },
      422,
    ],
    [
      'megabytes of empty segments',
      () =>
        Buffer.concat([
          Buffer.from([0xff, 0xd8]),
          Buffer.alloc(3_900_000, Buffer.from([0xff, 0xe1, 0, 2])),
        ]),
      422,
    ],
    ['more than is read at all', () => Buffer.alloc(12_100_000), 413],
  ])('refuses %s', async (_, made, status) => {
    const before = (await list()).length;
    const began = performance.now();
    await send(await made()).expect(status);
    expect(performance.now() - began).toBeLessThan(10_000);
    expect((await list()).length).toBe(before);
  });

  it('are bounded in number, and nobody else’s', async () => {
    for (let have = (await list()).length; have < 40; have++)
      await send(await png(5, 5)).expect(201);
    const { body } = await send(await png(5, 5)).expect(422);
    expect(JSON.stringify(body)).toContain('at most 40');
    const stranger = await harness.person();
    await send(await png(5, 5), randomUUID(), stranger).expect(404);
    await stranger.agent.get(base).expect(404);
    await send(await png(5, 5), 'x').expect(422);
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
