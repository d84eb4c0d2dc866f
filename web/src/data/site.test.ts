import 'fake-indexeddb/auto';
import { readSiteRecord, type SiteRecord } from '@riegel/core';
import { forgetSites, SiteStore } from './site.js';
import type { Tabs } from './tabs.js';

/** A server of its own: keeps what it is sent, refuses what it is told to, is away when it is. */
class Server {
  records: { record: SiteRecord; seq: number }[] = [];
  away = false;
  /** The answer to the next sending gets lost though it was kept. */
  losesAnswer = false;
  refuses = new Set<string>();
  missing = new Set<string>();
  epoch = 'e1';
  sendings = 0;

  answer = (url: string, init?: RequestInit): Promise<Response> => {
    if (this.away) return Promise.reject(new TypeError('no network'));
    if (init?.method === 'POST') {
      this.sendings++;
      const { records } = JSON.parse(init.body as string) as { records: unknown[] };
      const bad = records.findIndex((one) => this.refuses.has((one as SiteRecord).id));
      if (bad >= 0)
        return this.json(422, {
          title: 'No.',
          errors: [{ field: `records.${bad}`, message: 'This is no record.' }],
        });
      const missing: string[] = [];
      for (const one of records) {
        const record = readSiteRecord(one)!;
        if (this.missing.has(record.openingId)) missing.push(record.id);
        else if (!this.records.some((kept) => kept.record.id === record.id))
          this.records.push({ record, seq: this.records.length + 1 });
      }
      if (this.losesAnswer) {
        this.losesAnswer = false;
        return Promise.reject(new TypeError('lost'));
      }
      return this.json(200, { added: records.length, missing });
    }
    const since = Number(new URL(url, 'http://x').searchParams.get('since'));
    const fresh = this.records.filter(({ seq }) => seq > since);
    return this.json(200, {
      records: fresh.map(({ record }) => record),
      seq: fresh.at(-1)?.seq ?? since,
      more: false,
      epoch: this.epoch,
    });
  };
  private json(status: number, body: unknown): Promise<Response> {
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  }
}

let server: Server;
let project = 0;

/** One tab that nobody else shares. */
const ALONE: Tabs = { alone: (work) => work(), tell: () => undefined, hear: () => () => undefined };
const device = (name = 'Ines') => new SiteStore(`p${project}`, name, ALONE);
let number = 0;
const step = (more: Partial<SiteRecord> = {}): SiteRecord =>
  ({
    id: `r${number++}`,
    openingId: 'o',
    kind: 'step',
    step: 'hang.hang',
    done: true,
    at: '2026-11-27T08:00:00Z',
    by: 'Ines',
    ...more,
  }) as SiteRecord;
const ids = (store: SiteStore) => store.ofOpening('o').map(({ id }) => id);
beforeEach(() => {
  server = new Server();
  project++;
  globalThis.fetch = jest.fn(server.answer as never);
});

it('keeps a record on the device first, shows it at once, and sends it', async () => {
  const store = device();
  const one = step();
  await store.add(one);
  expect(ids(store)).toEqual([one.id]);
  await store.sync();
  expect(server.records.map(({ record }) => record)).toEqual([one]);
  expect(store.status()).toMatchObject({ waiting: 0, here: true });
});

it('has everything after a reload without a connection, days later, and sends it then', async () => {
  server.away = true;
  const one = step();
  const before = device();
  await before.add(one);
  await before.sync();
  expect(before.status()).toMatchObject({ waiting: 1 });
  const after = device();
  await after.ready;
  expect(ids(after)).toEqual([one.id]);
  server.away = false;
  await after.sync();
  expect(server.records).toHaveLength(1);
  const third = device();
  await third.ready;
  expect([ids(third), third.status().waiting]).toEqual([[one.id], 0]);
});

it('counts what was kept though its answer was lost as kept once', async () => {
  const store = device();
  server.losesAnswer = true;
  await store.add(step());
  await store.sync();
  await store.sync();
  expect(server.records).toHaveLength(1);
  expect(store.ofOpening('o')).toHaveLength(1);
  expect(store.status().waiting).toBe(0);
});

it('puts two devices’ work together by adding both', async () => {
  // Two devices are two databases: another project's name, the same server.
  const one = device();
  await one.add(step());
  server.away = true;
  await one.add(step({ by: 'away' }));
  project++;
  const other = device('Tom');
  await other.add(step({ by: 'Tom' }));
  server.away = false;
  await Promise.all([one.sync(), other.sync()]);
  await Promise.all([one.sync(), other.sync()]);
  expect(new Set(ids(one))).toEqual(new Set(ids(other)));
  expect(ids(one)).toHaveLength(3);
});

it('does not let one that is refused hold up the others, and says which', async () => {
  const store = device();
  const [good, bad, also] = [step(), step(), step()];
  server.refuses.add(bad.id);
  server.away = true;
  for (const one of [good, bad, also]) await store.add(one);
  server.away = false;
  await store.sync();
  expect(server.records.map(({ record }) => record.id)).toEqual([good.id, also.id]);
  expect(store.status().refused).toEqual([{ id: bad.id, why: 'This is no record.' }]);
  expect(ids(store)).not.toContain(bad.id);
  await store.drop(bad.id);
  expect(store.status().refused).toEqual([]);
  const again = device();
  await again.ready;
  expect(again.status().refused).toEqual([]);
});

it('keeps what belongs to an opening that is not on the server yet, and sends it when it is', async () => {
  const store = device();
  server.missing.add('o');
  await store.add(step());
  await store.sync();
  expect([server.records.length, store.status().waiting]).toEqual([0, 1]);
  server.missing.clear();
  await store.sync();
  expect([server.records.length, store.status().waiting]).toEqual([1, 0]);
});

it('does not send what somebody else recorded on this device', async () => {
  server.away = true;
  const ines = device('Ines');
  await ines.add(step());
  server.away = false;
  const tom = device('Tom');
  await tom.ready;
  await tom.sync();
  expect(server.records).toHaveLength(0);
  tom.sendsFor('Ines');
  await tom.sync();
  expect(server.records).toHaveLength(1);
});

it('reads from the beginning when the database was restored, and loses nothing it had', async () => {
  const store = device();
  for (let at = 0; at < 3; at++) await store.add(step());
  await store.sync();
  // Restored to before the third, and another came since.
  const later = step({ by: 'Tom' });
  server.epoch = 'e2';
  server.records = [...server.records.slice(0, 2), { record: later, seq: 3 }];
  await store.sync();
  expect(ids(store)).toContain(later.id);
  expect(ids(store)).toHaveLength(4);
});

it('is taken off the device when somebody signs out, but for what was not sent yet', async () => {
  const store = device();
  const [sent, waiting] = [step(), step()];
  await store.add(sent);
  await store.sync();
  server.away = true;
  await store.add(waiting);
  await store.sync();
  await forgetSites();
  const after = device();
  await after.ready;
  expect(ids(after)).toEqual([waiting.id]);
  expect(after.status()).toMatchObject({ waiting: 1, here: false });
  server.away = false;
  await after.sync();
  expect(new Set(ids(after))).toEqual(new Set([sent.id, waiting.id]));
});

it('gives the same list until something comes, so that a page is not drawn anew', async () => {
  const store = device();
  await store.add(step());
  await store.sync();
  const list = store.ofOpening('o');
  expect(store.ofOpening('o')).toBe(list);
  expect(store.ofOpening('nothing')).toBe(store.ofOpening('nothing'));
  await store.add(step());
  expect(store.ofOpening('o')).not.toBe(list);
});
