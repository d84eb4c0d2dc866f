import type { OpeningFacts } from '@riegel/core';
import { ApiProblem, type OpeningView } from '../base/api.js';
import { Outbox } from '../data/outbox.js';
import type { Pending, Write } from '../data/pending.js';
import type { TabNews, Tabs } from '../data/tabs.js';
import type { KeyedStep, Unsaved } from '../data/unsaved.js';

/** A browser's store and its tabs, and a server, all in memory: for tests of the data layer. */
export class SimulatedServer {
  readonly openings = new Map<string, OpeningView>();
  /** Versions go on where they stopped, also of what was deleted. */
  private readonly versions = new Map<string, number>();
  away = false;
  /** The next answer is lost on its way, after the server did its work. */
  losesAnswer = false;
  refuses: ((write: Write) => string | undefined) | undefined;
  requests: Write[][] = [];

  private next(id: string): number {
    const version = (this.versions.get(id) ?? 0) + 1;
    this.versions.set(id, version);
    return version;
  }

  /** Somebody else writes, or the server by itself. */
  put(id: string, facts: OpeningFacts): void {
    this.openings.set(id, { id, version: this.next(id), facts });
  }

  /** As the real one answers: all or nothing, stale writes told, repeated ones counted as done. */
  async send(writes: Write[]): Promise<OpeningView[]> {
    await Promise.resolve();
    if (this.away) throw new ApiProblem(0, 'There is no connection to the server just now.');
    this.requests.push(writes);
    const faults = writes.flatMap((write, index) => {
      const message = this.refuses?.(write);
      return message ? [{ field: `changes.${index}.facts`, message }] : [];
    });
    if (faults.length > 0) throw new ApiProblem(422, 'Something in it cannot be used.', faults);
    const stale: OpeningView[] = [];
    const gone: string[] = [];
    const work: (() => OpeningView[])[] = [];
    for (const write of writes) {
      const current = this.openings.get(write.id);
      if (write.op === 'create') {
        if (!current) work.push(() => [this.made(write.id, write.facts)]);
        else if (equal(current.facts, write.facts)) work.push(() => [current]);
        else stale.push(current);
      } else if (!current) {
        if (write.op === 'update') gone.push(write.id);
      } else if (write.op === 'update' && equal(current.facts, write.facts))
        work.push(() => [current]);
      else if (current.version !== write.version) stale.push(current);
      else if (write.op === 'delete')
        work.push(() => {
          this.openings.delete(write.id);
          return [];
        });
      else work.push(() => [this.made(write.id, write.facts)]);
    }
    if (stale.length + gone.length > 0)
      throw new ApiProblem(409, 'Somebody changed this in the meantime.', [], {
        stale,
        gone,
        by: 'Ada',
      });
    const answer = work.flatMap((step) => step());
    if (this.losesAnswer) {
      this.losesAnswer = false;
      throw new ApiProblem(0, 'There is no connection to the server just now.');
    }
    return answer;
  }

  async some(ids: string[]): Promise<OpeningView[]> {
    await Promise.resolve();
    if (this.away) throw new ApiProblem(0, 'There is no connection to the server just now.');
    return ids.flatMap((id) => this.openings.get(id) ?? []);
  }

  private made(id: string, facts: OpeningFacts): OpeningView {
    this.put(id, facts);
    return this.openings.get(id)!;
  }
}

const equal = (a: unknown, b: unknown) => sorted(a) === sorted(b);
const sorted = (value: unknown): string =>
  JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([x], [y]) => (x < y ? -1 : 1)))
      : inner,
  );

/** What a browser keeps, shared by its tabs. */
export class SimulatedStore implements Unsaved {
  readonly kept = new Map<string, Pending>();
  full = false;

  async all(): Promise<Pending[]> {
    await Promise.resolve();
    // By key, as a browser's store gives them, not in the order in which they came.
    const entries = [...this.kept.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
    return structuredClone(entries);
  }

  async apply(steps: readonly KeyedStep[]): Promise<(Pending | undefined)[]> {
    await Promise.resolve();
    const next = new Map(this.kept);
    const results = steps.map(({ id, step }) => {
      const after = step(structuredClone(next.get(id)));
      if (this.full && after) throw new DOMException('full', 'QuotaExceededError');
      if (after) next.set(id, structuredClone(after));
      else next.delete(id);
      return after;
    });
    this.kept.clear();
    for (const [id, entry] of next) this.kept.set(id, entry);
    return results;
  }
}

/** The tabs of one browser: one at a time sends, each hears the others. */
export class SimulatedTabs {
  private readonly ears = new Map<object, (news: TabNews) => void>();
  private turn: Promise<unknown> = Promise.resolve();

  tab(): Tabs {
    const self = {};
    return {
      alone: (work) => {
        const mine = this.turn.then(work, work);
        this.turn = mine.catch(() => undefined);
        return mine;
      },
      tell: (news) => {
        const others = [...this.ears].filter(([ear]) => ear !== self);
        const copy = structuredClone(news);
        for (const [, listener] of others) queueMicrotask(() => listener(copy));
      },
      hear: (listener) => {
        this.ears.set(self, listener);
        return () => this.ears.delete(self);
      },
    };
  }
}

let revision = 0;

/** One tab with an outbox: its cache is what it read and what it was answered. */
export class SimulatedTab {
  readonly cache = new Map<string, OpeningView>();
  private readonly gone = new Map<string, OpeningFacts>();
  readonly outbox: Outbox;
  readonly close: () => void;
  loaded = true;

  constructor(
    readonly server: SimulatedServer,
    store: Unsaved,
    tabs: SimulatedTabs,
    old: Pending[] = [],
  ) {
    this.read();
    this.outbox = new Outbox(
      store,
      tabs.tab(),
      {
        send: (writes) => server.send(writes),
        current: (id) => this.cache.get(id),
        known: () => this.loaded,
        last: (id) => this.gone.get(id),
        read: async (ids) => {
          for (const one of await server.some(ids)) this.cache.set(one.id, one);
        },
        onAck: (openings, deleted, anew) => {
          for (const one of openings)
            if (anew || one.version >= (this.cache.get(one.id)?.version ?? 0))
              this.cache.set(one.id, one);
          for (const id of deleted) {
            const last = this.cache.get(id);
            if (last) this.gone.set(id, last.facts);
            this.cache.delete(id);
          }
        },
      },
      () => `r${revision++}`,
    );
    this.close = this.outbox.open(old);
  }

  /** Reads the list anew, as a page does when it is loaded or told of changes. */
  read(): void {
    this.cache.clear();
    for (const one of this.server.openings.values()) this.cache.set(one.id, one);
  }
}
