import 'fake-indexeddb/auto';
import {
  dropPhoto,
  queuePhoto,
  sendPhotos,
  sendsFor,
  waitingPhotos,
  type QueuedPhoto,
} from './photoQueue.js';

const photo = (id: string, rest: Partial<QueuedPhoto> = {}): QueuedPhoto => ({
  id,
  projectId: 'p',
  openingId: 'o',
  caption: 'hinge',
  picture: new Blob(['x']),
  ...rest,
});

/** What the server answers to each photograph, by its id. */
let answers: Record<string, number>;
let sent: string[];
beforeEach(async () => {
  answers = {};
  sent = [];
  for (const { id } of await waitingPhotos('o')) await dropPhoto(id);
  globalThis.fetch = jest.fn((url: string) => {
    const id = new URL(url, 'http://x').searchParams.get('id')!;
    const status = answers[id] ?? 201;
    if (status === 0) return Promise.reject(new TypeError('no network'));
    sent.push(id);
    return Promise.resolve(
      new Response(
        status < 300
          ? '{}'
          : JSON.stringify({ title: 'No.', errors: [{ field: 'photo', message: 'Too large.' }] }),
        { status },
      ),
    );
  }) as never;
  globalThis.window ??= { dispatchEvent: () => true } as never;
  sendsFor(undefined);
});
const waiting = async () => (await waitingPhotos('o')).map(({ id, refused }) => [id, refused]);

it('photographs wait without a connection and go when it is back, each once', async () => {
  await queuePhoto(photo('a'));
  await queuePhoto(photo('b'));
  answers = { a: 0, b: 0 };
  expect(await sendPhotos()).toBe(0);
  expect(await waiting()).toHaveLength(2);
  answers = {};
  expect(await Promise.all([sendPhotos(), sendPhotos()])).toEqual([2, 2]);
  expect(sent.sort()).toEqual(['a', 'b']);
  expect(await waiting()).toEqual([]);
});

it('one that is refused stays with the reason and holds up none behind it', async () => {
  await queuePhoto(photo('a'));
  await queuePhoto(photo('b'));
  answers = { a: 422 };
  expect(await sendPhotos()).toBe(1);
  expect(await waiting()).toEqual([['a', 'Too large.']]);
  expect(await sendPhotos()).toBe(0);
  await dropPhoto('a');
  expect(await waiting()).toEqual([]);
});

it.each([503, 429, 502])('answered with %d they wait', async (status) => {
  await queuePhoto(photo('a'));
  answers = { a: status };
  expect(await sendPhotos()).toBe(0);
  expect(await waiting()).toEqual([['a', undefined]]);
});

it('are sent by who took them', async () => {
  await queuePhoto(photo('a', { personId: 'ines' }));
  sendsFor('maren');
  expect(await sendPhotos()).toBe(0);
  sendsFor('ines');
  expect(await sendPhotos()).toBe(1);
});
