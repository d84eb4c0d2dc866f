import { createStore, del, delMany, entries, keys, set, setMany, type UseStore } from 'idb-keyval';
import { readSiteRecord, type SiteRecord } from '@riegel/core';
import { ApiProblem, call } from '../base/api.js';
import { browserTabs, type Tabs } from './tabs.js';

/** A record that is on the device and not yet on the server. */
interface Pending {
  record: SiteRecord;
  personId: string | undefined;
  /** Why the server would not have it; nothing while it only waits. */
  refused?: string;
}

/** How the site's records stand on this device. */
export interface SiteStatus {
  /** Records that wait to be sent. */
  waiting: number;
  refused: { id: string; why: string }[];
  /** Whether the records of the project were fetched at least once. */
  here: boolean;
  /** Set where the browser cannot keep what is recorded: the page has to stay open. */
  unkept: boolean;
}

const NONE: readonly SiteRecord[] = [];

/** Records sent together. */
const BATCH = 50;
const SEQ = 'seq';
const EPOCH = 'epoch';
const DATABASE = 'riegel-site-';

/**
 * The records of a project's site on this device: what the server has, and what waits to be sent, both kept in the
 * browser's database, so that a page reloaded without a connection, days later, has them. Records are only ever
 * added; two devices' work is put together by adding both.
 */
export class SiteStore {
  private readonly db: UseStore;
  private readonly kept = new Map<string, Map<string, SiteRecord>>();
  private readonly pending = new Map<string, Pending>();
  private readonly lists = new Map<string, readonly SiteRecord[]>();
  private readonly listeners = new Set<() => void>();
  private seq = -1;
  private epoch: string | undefined;
  private working: Promise<void> | undefined;
  private again = false;
  private unkept = false;
  private told: SiteStatus = { waiting: 0, refused: [], here: false, unkept: false };
  readonly ready: Promise<void>;

  constructor(
    readonly projectId: string,
    private personId: string | undefined,
    private readonly tabs: Tabs = browserTabs(`riegel.site.${projectId}`),
  ) {
    this.db = createStore(DATABASE + projectId, 'records');
    this.ready = this.load();
    this.tabs.hear(() => void this.load());
  }

  /** Whose records are sent from now on. */
  sendsFor(personId: string | undefined): void {
    this.personId = personId;
  }

  private async load(): Promise<void> {
    try {
      for (const [key, value] of await entries<string, unknown>(this.db)) {
        if (key === SEQ) this.seq = Math.max(this.seq, value as number);
        else if (key === EPOCH) this.epoch = value as string;
        else if (key.startsWith('o:'))
          for (const record of value as SiteRecord[]) this.take(record);
        else if (key.startsWith('p:')) {
          const one = value as Pending;
          if (!this.has(one.record)) this.pending.set(one.record.id, one);
        }
      }
    } catch {
      this.unkept = true;
    }
    this.tell();
  }

  private has({ openingId, id }: SiteRecord): boolean {
    return this.kept.get(openingId)?.has(id) ?? false;
  }

  private take(record: SiteRecord): void {
    const list = this.kept.get(record.openingId) ?? new Map<string, SiteRecord>();
    this.kept.set(record.openingId, list.set(record.id, record));
    this.pending.delete(record.id);
    this.lists.delete(record.openingId);
  }

  private tell(): void {
    const refused = [...this.pending.values()].flatMap(({ record, refused: why }) =>
      why ? [{ id: record.id, why }] : [],
    );
    this.told = {
      waiting: this.pending.size - refused.length,
      refused,
      here: this.seq >= 0,
      unkept: this.unkept,
    };
    for (const one of this.listeners) one();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  status = (): SiteStatus => this.told;

  /** The records of an opening: the server's and those that wait. The same list until one comes. */
  ofOpening(openingId: string): readonly SiteRecord[] {
    const before = this.lists.get(openingId);
    if (before) return before;
    const waiting = [...this.pending.values()].flatMap(({ record, refused }) =>
      record.openingId === openingId && !refused ? [record] : [],
    );
    const list = [...(this.kept.get(openingId)?.values() ?? []), ...waiting];
    const found = list.length > 0 ? list : NONE;
    this.lists.set(openingId, found);
    return found;
  }

  /** Keeps a record on the device, shows it, and sends it when it can. */
  async add(record: SiteRecord): Promise<void> {
    await this.ready;
    const one: Pending = { record, personId: this.personId };
    this.pending.set(record.id, one);
    this.lists.delete(record.openingId);
    try {
      await set(`p:${record.id}`, one, this.db);
      this.unkept = false;
    } catch {
      // A full or forbidden store: it is sent from memory, and said.
      this.unkept = true;
    }
    this.tell();
    this.tabs.tell({});
    void this.sync();
  }

  /** Gives up a record that the server would not have. */
  async drop(id: string): Promise<void> {
    const one = this.pending.get(id);
    this.pending.delete(id);
    if (one) this.lists.delete(one.record.openingId);
    await del(`p:${id}`, this.db).catch(() => undefined);
    this.tell();
  }

  /** Sends what waits and fetches what is new; asked for meanwhile, it is done once more. */
  sync(): Promise<void> {
    if (this.working) {
      this.again = true;
      return this.working;
    }
    this.working = this.exchanges().finally(() => {
      this.working = undefined;
    });
    return this.working;
  }

  private async exchanges(): Promise<void> {
    await this.ready;
    do {
      this.again = false;
      try {
        await this.tabs.alone(() => this.exchange());
      } catch (error) {
        // Without a connection it waits; what is refused is told where it stands.
        if (!(error instanceof ApiProblem)) throw error;
      }
    } while (this.again);
  }

  private async exchange(): Promise<void> {
    await this.send();
    await this.fetch();
  }

  private async send(): Promise<void> {
    const own = [...this.pending.values()].filter(
      ({ refused, personId }) => !refused && (personId === undefined || personId === this.personId),
    );
    for (let from = 0; from < own.length; from += BATCH) {
      let part = own.slice(from, from + BATCH);
      while (part.length > 0) {
        try {
          const { missing } = await call('POST', '/projects/{projectId}/site', {
            path: { projectId: this.projectId },
            body: { records: part.map(({ record }) => record) },
          });
          await this.sent(part.filter(({ record }) => !missing.includes(record.id)));
          break;
        } catch (error) {
          if (!(error instanceof ApiProblem) || error.passing) throw error;
          // One that cannot be had does not hold up the others.
          const fault = error.errors[0];
          const at = Number(/^records\.(\d+)/.exec(fault?.field ?? '')?.[1] ?? NaN);
          const bad = part[at];
          const why = fault?.message ?? error.message;
          for (const one of bad ? [bad] : part) await this.refuse(one, why);
          part = bad ? part.filter((one) => one !== bad) : [];
        }
      }
    }
  }

  private async sent(list: readonly Pending[]): Promise<void> {
    for (const { record } of list) this.take(record);
    await this.keep(new Set(list.map(({ record }) => record.openingId)));
    await Promise.all(list.map(({ record }) => del(`p:${record.id}`, this.db))).catch(
      () => undefined,
    );
    this.tell();
    this.tabs.tell({});
  }

  private async refuse(one: Pending, refused: string): Promise<void> {
    const kept = { ...one, refused };
    this.pending.set(one.record.id, kept);
    this.lists.delete(one.record.openingId);
    await set(`p:${one.record.id}`, kept, this.db).catch(() => undefined);
    this.tell();
  }

  private async fetch(): Promise<void> {
    for (let more = true; more;) {
      const page = await call('GET', '/projects/{projectId}/site', {
        path: { projectId: this.projectId },
        query: { since: Math.max(0, this.seq) },
      });
      if (this.epoch !== undefined && page.epoch !== this.epoch && this.seq > 0) {
        // Restored: read from the beginning; what is here and not there any more stays here.
        this.epoch = page.epoch;
        this.seq = 0;
        continue;
      }
      this.epoch = page.epoch;
      const changed = new Set<string>();
      for (const one of page.records) {
        const record = readSiteRecord(one);
        if (!record) continue;
        this.take(record);
        changed.add(record.openingId);
      }
      this.seq = page.seq;
      more = page.more;
      await this.keep(changed);
      this.tell();
    }
  }

  private async keep(openings: ReadonlySet<string>): Promise<void> {
    try {
      await setMany(
        [
          ...[...openings].map(
            (id) => [`o:${id}`, [...(this.kept.get(id)?.values() ?? [])]] as [string, unknown],
          ),
          [SEQ, this.seq],
          [EPOCH, this.epoch],
        ],
        this.db,
      );
      this.unkept = false;
    } catch {
      this.unkept = true;
    }
  }
}

/**
 * Takes what came from the server off the device, as when somebody signs out; what they recorded and did not send yet
 * stays, and goes when they are back.
 */
export async function forgetSites(): Promise<void> {
  // Not every browser lists its databases.
  const databases = (await globalThis.indexedDB?.databases?.()) ?? [];
  for (const { name } of databases) {
    if (!name?.startsWith(DATABASE)) continue;
    const db = createStore(name, 'records');
    await delMany(
      (await keys<string>(db)).filter((key) => !key.startsWith('p:')),
      db,
    );
  }
}

const stores = new Map<string, SiteStore>();

/** The store of a project, one in a page. */
export function siteStore(projectId: string, personId: string | undefined): SiteStore {
  let store = stores.get(projectId);
  if (!store) stores.set(projectId, (store = new SiteStore(projectId, personId)));
  store.sendsFor(personId);
  return store;
}
