import type { FactsPatch, OpeningFacts } from '@riegel/core';
import { ApiProblem, call, type OpeningView } from '../base/api.js';
import {
  acknowledged,
  composed,
  conflicting,
  created,
  deleted,
  edited,
  inOrder,
  madeBefore,
  refused,
  resolved,
  sending,
  type Pending,
  type Step,
  type Write,
} from './pending.js';
import type { TabNews, Tabs } from './tabs.js';
import type { KeyedStep, Unsaved } from './unsaved.js';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

export interface OutboxView {
  pending: ReadonlyMap<string, Pending>;
  state: SaveState;
  /** Why it waits or was refused, in a sentence. */
  message: string;
  /** Whether what is pending would outlive a reload; not where the browser's store refused it. */
  kept: boolean;
}

/** What the outbox knows of the server. */
export interface ServerSide {
  send(writes: Write[]): Promise<OpeningView[]>;
  /** What the server holds of an opening, as far as is known here. */
  current(id: string): OpeningView | undefined;
  /** Whether what the server holds was read at all. */
  known(): boolean;
  /** What was last seen of an opening that is gone. */
  last(id: string): OpeningFacts | undefined;
  /** Reads openings that are not known here; another tab may have heard of them first. */
  read(ids: string[]): Promise<void>;
  /**
   * Told what the server holds after every answer. `anew`: it holds this whatever was known, as where its
   * database was put back to an earlier state.
   */
  onAck(openings: OpeningView[], deleted: string[], anew?: boolean): void;
}

const RETRY_MS = [1000, 2000, 4000, 8000, 15_000];

/** Changes that come together are sent together. */
const GATHER_MS = 120;

/** So often in a row what to send is made anew at once; then it waits: nobody is hammered. */
const MAX_CONTESTS = 10;

/** The most writes of one request. */
const MAX_WRITES = 20_000;

/**
 * Keeps every change until the server has it, for all tabs of a person and project. A change is shown
 * and sent at once; the browser's store is written beside that, and one that is full or refused is told
 * and holds up nothing. Changes are patches: what is sent is made from what the server holds then. A lost
 * connection is waited out; only what others changed too is left for a person to decide.
 */
export class Outbox {
  /** As the store holds it, as far as is known here, or as this tab alone keeps it. */
  private stored: Map<string, Pending> = new Map();
  /** Steps not yet in the store, in their order. */
  private queue: KeyedStep[] = [];
  private writing: Promise<void> = Promise.resolve();
  /** Entries that the store refused: this tab alone has them. */
  private readonly here = new Set<string>();
  private readable = true;
  private state: SaveState = 'saved';
  private message = '';
  private view: OutboxView = this.makeView();
  private readonly listeners = new Set<() => void>();
  private run: Promise<void> | undefined;
  private again = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private tries = 0;
  /** How often in a row somebody else was first. */
  private contests = 0;
  private made = 0;
  private closed = true;

  constructor(
    private readonly unsaved: Unsaved,
    private readonly tabs: Tabs,
    private readonly server: ServerSide,
    private readonly rev: () => string = () => crypto.randomUUID(),
  ) {}

  /** Begins: hears other tabs, takes up what an earlier visit left. Gives what ends it. */
  open(old: Pending[] = []): () => void {
    this.closed = false;
    const deaf = this.tabs.hear((news) => this.heard(news));
    for (const entry of old) this.step(entry.id, (before) => before ?? entry);
    void this.reload().then(() => {
      if (this.entries().size > 0) this.schedule(0);
    });
    return () => {
      this.closed = true;
      clearTimeout(this.timer);
      deaf();
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): OutboxView => this.view;

  /** Resolves when every step so far is in the store, or was refused by it. */
  async settledInStore(): Promise<void> {
    let last: Promise<void> | undefined;
    while (last !== this.writing) {
      last = this.writing;
      await last;
    }
  }

  /** Changes facts; `shown` is what the server held when they were changed. */
  edit(changes: { id: string; patch: FactsPatch; shown: OpeningFacts }[]): void {
    for (const { id, patch, shown } of changes) this.step(id, edited(id, this.rev(), patch, shown));
    this.changed();
    this.schedule(GATHER_MS);
  }

  create(list: { id: string; facts: OpeningFacts }[]): void {
    for (const { id, facts } of list) {
      // Later than all before, of this tab and of others.
      this.made = Math.max(this.made + 1, Date.now() * 1000);
      this.step(id, created(id, this.rev(), facts, this.made));
    }
    this.changed();
    this.schedule(GATHER_MS);
  }

  remove(ids: string[]): void {
    for (const id of ids) this.step(id, deleted(id, this.rev(), this.server.current(id)));
    this.changed();
    this.schedule(GATHER_MS);
  }

  /** Drops a pending change: what the server holds stands. */
  drop(id: string): void {
    this.step(id, () => undefined);
    this.changed();
  }

  /** A person decided a conflict: these facts. */
  resolve(id: string, facts: OpeningFacts): void {
    this.step(id, resolved(this.rev(), facts));
    this.changed();
    this.schedule(0);
  }

  /** Sends what can be sent now; resolves when it has been answered. */
  flush(): Promise<void> {
    clearTimeout(this.timer);
    if (this.run) {
      this.again = true;
      return this.run;
    }
    this.run = this.sendAll().finally(() => {
      this.run = undefined;
    });
    return this.run;
  }

  private schedule(ms: number): void {
    clearTimeout(this.timer);
    if (!this.closed) this.timer = setTimeout(() => void this.flush(), ms);
  }

  private heard({ onAck }: TabNews): void {
    if (onAck) this.server.onAck(onAck.openings, onAck.deleted, onAck.anew);
    void this.reload();
  }

  /** What is pending: the store's with the steps that are not in it yet. */
  private entries(): Map<string, Pending> {
    const entries = new Map(this.stored);
    for (const { id, step } of this.queue) enqueue(entries, id, step(entries.get(id)));
    return entries;
  }

  /** Takes a step: at once for this tab, then in the store, with all that are taken until then. */
  private step(id: string, step: Step): void {
    this.queue.push({ id, step });
    this.writing = this.writing.then(() => this.store());
  }

  /** Writes the steps that wait into the store, as one. */
  private async store(): Promise<void> {
    const steps = this.queue.slice();
    if (steps.length === 0) return;
    let results: (Pending | undefined)[];
    try {
      results = await this.unsaved.apply(
        steps.map(({ id, step }) => ({
          id,
          step: (before) => step(this.here.has(id) ? (before ?? this.stored.get(id)) : before),
        })),
      );
      for (const { id } of steps) this.here.delete(id);
    } catch {
      results = this.kept(steps);
    }
    steps.forEach(({ id }, index) => enqueue(this.stored, id, results[index]));
    this.queue = this.queue.slice(steps.length);
    this.changed();
    this.tabs.tell({});
  }

  /** What steps come to in this tab alone, where the store refused them. */
  private kept(steps: readonly KeyedStep[]): (Pending | undefined)[] {
    const own = new Map(this.stored);
    return steps.map(({ id, step }) => {
      const after = step(own.get(id));
      enqueue(own, id, after);
      if (after) this.here.add(id);
      else this.here.delete(id);
      return after;
    });
  }

  /** Reads the store, after this tab's own steps. */
  private reload(): Promise<void> {
    this.writing = this.writing.then(async () => {
      try {
        const list = await this.unsaved.all();
        const own = [...this.here].flatMap((id) => this.stored.get(id) ?? []);
        this.stored = new Map(inOrder([...list, ...own]).map((entry) => [entry.id, entry]));
        this.readable = true;
      } catch {
        this.readable = false;
      }
      this.changed();
    });
    return this.writing;
  }

  private async sendAll(): Promise<void> {
    do {
      this.again = false;
      await this.tabs.alone(() => this.sendTurn());
    } while (this.again && !this.closed);
  }

  /** This tab's turn: sends until nothing is left that can be sent. */
  private async sendTurn(): Promise<void> {
    // Another tab may have sent meanwhile.
    await this.reload();
    for (;;) {
      if (this.closed) return;
      const open = [...this.entries().values()].filter((one) => !one.conflict && !one.refused);
      if (open.length === 0) return this.rest();
      if (!this.server.known()) return this.settle('waiting', 'The project is not loaded yet.');
      const unheard = open.filter(({ id, op }) => op === 'update' && !this.server.current(id));
      if (unheard.length > 0) {
        try {
          await this.server.read(unheard.map(({ id }) => id));
        } catch (error) {
          this.failed(error, []);
          return;
        }
      }
      const batch = this.compose(open).slice(0, MAX_WRITES);
      if (batch.length === 0) {
        await this.settledInStore();
        continue;
      }
      this.settle('saving', '');
      for (const { entry } of batch) this.step(entry.id, sending(entry.rev));
      // Another tab that deletes one of them must know that it may be there already.
      if (batch.some(({ entry }) => entry.op === 'create')) await this.settledInStore();
      try {
        const answers = await this.server.send(batch.map(({ write }) => write));
        this.tries = 0;
        this.contests = 0;
        this.acknowledge(batch, answers);
      } catch (error) {
        if (!this.failed(error, batch)) return;
      }
      // The next round begins from what the store then holds.
      await this.settledInStore();
    }
  }

  /** What can be sent of the open entries; those that cannot are settled here. */
  private compose(open: Pending[]): Sent[] {
    return open.flatMap((entry): Sent[] => {
      const made = composed(entry, this.server.current(entry.id));
      if ('write' in made) return [{ entry, write: made.write }];
      if ('conflict' in made)
        this.step(entry.id, conflicting(entry.rev, this.seen(entry.id, made)));
      else this.step(entry.id, acknowledged(entry.rev, this.rev(), undefined));
      return [];
    });
  }

  /** A conflict with what was last seen, where nothing stands any more. */
  private seen(
    id: string,
    { conflict }: { conflict: NonNullable<Pending['conflict']> },
  ): NonNullable<Pending['conflict']> {
    const last = conflict.theirs ? undefined : this.server.last(id);
    return last ? { ...conflict, last } : conflict;
  }

  private acknowledge(batch: Sent[], answers: OpeningView[]): void {
    const views = new Map(answers.map((opening) => [opening.id, opening]));
    const gone = batch.flatMap(({ write }) => (write.op === 'delete' ? [write.id] : []));
    // First what the server holds, then what is no longer pending: the screens never show the old.
    this.onAck(answers, gone);
    for (const { entry } of batch)
      this.step(entry.id, acknowledged(entry.rev, this.rev(), views.get(entry.id)));
    this.changed();
  }

  private onAck(openings: OpeningView[], gone: string[], anew = false): void {
    this.server.onAck(openings, gone, anew);
    this.tabs.tell({ onAck: { openings, deleted: gone, anew } });
  }

  /** Whether to go on at once. */
  private failed(error: unknown, batch: Sent[]): boolean {
    const problem =
      error instanceof ApiProblem ? error : new ApiProblem(0, 'Something went wrong while saving.');
    if (problem.status === 409 && this.contests++ < MAX_CONTESTS) return this.stale(problem, batch);
    if (problem.status === 409) {
      this.contests = 0;
      this.settle('waiting', problem.message);
      this.schedule(RETRY_MS.at(-1)!);
      return false;
    }
    if (problem.status === 422) return this.refuse(problem, batch);
    if (problem.passing) {
      this.settle('waiting', problem.message);
      this.schedule(RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)]!);
      return false;
    }
    this.settle('refused', sentence(problem));
    return false;
  }

  /** Somebody was first: what they made of it is known now, and everything is composed anew. */
  private stale(problem: ApiProblem, batch: Sent[]): boolean {
    const stale = (problem.body['stale'] ?? []) as OpeningView[];
    const gone = (problem.body['gone'] ?? []) as string[];
    const by = problem.body['by'] as string | undefined;
    this.onAck(stale, gone, true);
    let moved = 0;
    for (const { entry, write } of batch) {
      const theirs = stale.find(({ id }) => id === entry.id);
      if (!theirs && !gone.includes(entry.id)) continue;
      moved++;
      if (theirs && write.op === 'create')
        this.step(entry.id, madeBefore(entry.rev, this.rev(), theirs));
      else {
        const made = composed(entry, this.server.current(entry.id));
        if ('conflict' in made)
          this.step(
            entry.id,
            conflicting(entry.rev, { ...this.seen(entry.id, made), ...(by ? { by } : {}) }),
          );
      }
    }
    // A conflict about nothing that was sent would go round for ever.
    if (moved === 0) return this.refuse(problem, batch);
    this.changed();
    return true;
  }

  /** Sets aside what the server would not have; the rest goes on. */
  private refuse(problem: ApiProblem, batch: Sent[]): boolean {
    const places = problem.errors.flatMap(({ field, message }) => {
      const at = /^changes\.(\d+)\b/.exec(field)?.[1];
      return at === undefined ? [] : [{ at: Number(at), message }];
    });
    const named = batch.filter((_, index) => places.some(({ at }) => at === index));
    for (const one of named.length > 0 ? named : batch) {
      const own = places.filter(({ at }) => batch[at] === one).map(({ message }) => message);
      this.step(
        one.entry.id,
        refused(one.entry.rev, own.length > 0 ? own.join(' ') : sentence(problem)),
      );
    }
    return true;
  }

  /** Nothing can be sent: all is saved, or a person has to decide. */
  private rest(): void {
    const left = [...this.entries().values()];
    const why = left.flatMap(({ refused: one }) => one ?? [])[0];
    if (left.length === 0) this.settle('saved', '');
    else this.settle('refused', why ?? 'Somebody changed the same thing.');
  }

  private settle(state: SaveState, message: string): void {
    this.state = state;
    this.message = message;
    this.changed();
  }

  private changed(): void {
    this.view = this.makeView();
    for (const listener of this.listeners) listener();
  }

  private makeView(): OutboxView {
    return {
      pending: this.entries(),
      state: this.state,
      message: this.message,
      kept: this.readable && this.here.size === 0,
    };
  }
}

interface Sent {
  entry: Pending;
  write: Write;
}

function enqueue(entries: Map<string, Pending>, id: string, after: Pending | undefined): void {
  if (after) entries.set(id, after);
  else entries.delete(id);
}

const sentence = (problem: ApiProblem) =>
  [problem.message, ...problem.errors.map(({ message }) => message)].join(' ');

/** Sends a project's changes to the server. */
export function sendTo(projectId: string): ServerSide['send'] {
  return async (changes) =>
    (
      await call('POST', '/projects/{projectId}/openings/bulk', {
        path: { projectId },
        body: {
          changes,
        },
      })
    ).openings;
}
