import { merge3, type MergeField, type OpeningFacts } from '@riegel/core';
import { ApiProblem, call, type OpeningView } from '../app/api.js';

/** A change that is not known to be saved. */
export interface Pending {
  id: string;
  op: 'create' | 'update' | 'delete';
  /** What the change was made from. */
  base?: { version: number; facts: OpeningFacts };
  facts?: OpeningFacts;
  /** Set when somebody else changed the same facts: a person decides field by field. */
  conflict?: { theirs?: OpeningView; clashes: MergeField[]; by?: string };
}

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

export interface OutboxView {
  pending: ReadonlyMap<string, Pending>;
  state: SaveState;
  /** Why it waits or was refused, in a sentence. */
  message: string;
}

/** Where pending work is kept between reloads. */
export interface Shelf {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}

type Send = (changes: unknown[]) => Promise<OpeningView[]>;

const RETRY_MS = [1000, 2000, 4000, 8000, 15_000];

/**
 * Keeps every change on the device until the server has it. Changes of one opening are folded into
 * one; what was put together is sent together, as one event. A lost connection is waited out; a stale
 * write is merged by fact, and only what both sides changed is left for a person to decide.
 */
export class Outbox {
  private entries = new Map<string, Pending>();
  private state: SaveState = 'saved';
  private message = '';
  private view: OutboxView;
  private readonly listeners = new Set<() => void>();
  private sending: Promise<void> | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private tries = 0;

  constructor(
    private readonly key: string,
    private readonly shelf: Shelf,
    private readonly send: Send,
    /** Told what the server holds after every answer. */
    private readonly landed: (openings: OpeningView[], deleted: string[]) => void,
  ) {
    try {
      const kept = JSON.parse(shelf.getItem(key) ?? '[]') as Pending[];
      for (const entry of kept) this.entries.set(entry.id, entry);
    } catch {
      // Something else wrote here; there is nothing to restore.
    }
    this.view = this.makeView();
    if (this.entries.size > 0) this.later(0);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): OutboxView => this.view;

  /** Adds changes that belong together. */
  put(changes: Pending[]): void {
    for (const change of changes) {
      const before = this.entries.get(change.id);
      if (change.op === 'delete' && before?.op === 'create') this.entries.delete(change.id);
      else if (before) {
        this.entries.set(change.id, {
          ...before,
          op: change.op === 'delete' ? 'delete' : before.op,
          ...(change.facts ? { facts: change.facts } : {}),
        });
      } else this.entries.set(change.id, change);
    }
    this.changed();
    this.later(120);
  }

  /** Drops a pending change: what the server holds stands. */
  drop(id: string): void {
    this.entries.delete(id);
    this.changed();
  }

  /** A person decided a conflict: these facts, from what the others made of it. */
  resolve(id: string, facts: OpeningFacts): void {
    const entry = this.entries.get(id);
    if (!entry?.conflict) return;
    const theirs = entry.conflict.theirs;
    this.entries.set(
      id,
      theirs
        ? { id, op: 'update', base: { version: theirs.version, facts: theirs.facts }, facts }
        : { id, op: 'create', facts },
    );
    this.changed();
    this.later(0);
  }

  /** Sends what can be sent now; resolves when it has been answered. */
  flush(): Promise<void> {
    clearTimeout(this.timer);
    this.sending ??= this.run().finally(() => {
      this.sending = undefined;
    });
    return this.sending;
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private async run(): Promise<void> {
    for (;;) {
      const batch = [...this.entries.values()].filter((entry) => !entry.conflict);
      if (batch.length === 0) {
        this.settle(
          this.entries.size > 0 ? 'refused' : 'saved',
          this.entries.size > 0 ? 'Somebody changed the same thing.' : '',
        );
        return;
      }
      this.settle('saving', '');
      try {
        const openings = await this.send(batch.map(toWrite));
        this.tries = 0;
        this.landed(
          openings,
          batch.filter((entry) => entry.op === 'delete').map((entry) => entry.id),
        );
        this.acknowledge(batch, openings);
      } catch (error) {
        if (!this.failed(error, batch)) return;
      }
    }
  }

  private acknowledge(batch: Pending[], openings: OpeningView[]): void {
    const versions = new Map(openings.map((opening) => [opening.id, opening]));
    for (const sent of batch) {
      const now = this.entries.get(sent.id);
      const answered = versions.get(sent.id);
      // Changed again while it was under way: the rest is a new change from what was just saved.
      if (now && now !== sent && answered) {
        this.entries.set(sent.id, {
          ...now,
          op: now.op === 'delete' ? 'delete' : 'update',
          base: { version: answered.version, facts: answered.facts },
        });
      } else this.entries.delete(sent.id);
    }
    this.changed();
  }

  /** Whether to go on at once. */
  private failed(error: unknown, batch: Pending[]): boolean {
    const problem =
      error instanceof ApiProblem ? error : new ApiProblem(0, 'Something went wrong while saving.');
    if (problem.status === 409) {
      this.merge(problem, batch);
      return true;
    }
    if (problem.passing) {
      this.settle('waiting', problem.message);
      this.later(RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)]!);
    } else {
      this.settle(
        'refused',
        [problem.message, ...problem.errors.map((fault) => fault.message)].join(' '),
      );
    }
    return false;
  }

  private merge(problem: ApiProblem, batch: Pending[]): void {
    const stale = (problem.body['stale'] ?? []) as OpeningView[];
    const gone = (problem.body['gone'] ?? []) as string[];
    const by = problem.body['by'] as string | undefined;
    this.landed(stale, gone);
    let merged = 0;
    for (const theirs of stale) {
      const entry = this.entries.get(theirs.id);
      if (!entry) continue;
      merged++;
      if (!entry.facts || !entry.base) {
        this.entries.set(theirs.id, {
          ...entry,
          conflict: { theirs, clashes: [], ...(by ? { by } : {}) },
        });
        continue;
      }
      const { merged: facts, clashes } = merge3(entry.base.facts, entry.facts, theirs.facts);
      this.entries.set(
        theirs.id,
        clashes.length === 0
          ? {
              id: theirs.id,
              op: 'update',
              base: { version: theirs.version, facts: theirs.facts },
              facts,
            }
          : { ...entry, conflict: { theirs, clashes, ...(by ? { by } : {}) } },
      );
    }
    for (const id of gone) {
      const entry = this.entries.get(id);
      if (!entry) continue;
      merged++;
      if (entry.op === 'delete') this.entries.delete(id);
      else this.entries.set(id, { ...entry, conflict: { clashes: [] } });
    }
    // A conflict about nothing that was sent would go round for ever.
    if (merged === 0)
      for (const entry of batch)
        this.entries.set(entry.id, { ...entry, conflict: { clashes: [] } });
    this.changed();
  }

  private settle(state: SaveState, message: string): void {
    this.state = state;
    this.message = message;
    this.changed();
  }

  private changed(): void {
    if (this.entries.size > 0)
      this.shelf.setItem(this.key, JSON.stringify([...this.entries.values()]));
    else this.shelf.removeItem(this.key);
    this.view = this.makeView();
    for (const listener of this.listeners) listener();
  }

  private makeView(): OutboxView {
    return { pending: new Map(this.entries), state: this.state, message: this.message };
  }
}

function toWrite(entry: Pending): unknown {
  switch (entry.op) {
    case 'create':
      return { op: 'create', id: entry.id, facts: entry.facts };
    case 'update':
      return { op: 'update', id: entry.id, version: entry.base!.version, facts: entry.facts };
    case 'delete':
      return { op: 'delete', id: entry.id, version: entry.base!.version };
  }
}

/** Sends a project's changes to the server. */
export function sendTo(projectId: string): Send {
  return async (changes) =>
    (
      await call<{ openings: OpeningView[] }>('POST', `/projects/${projectId}/openings/bulk`, {
        changes,
      })
    ).openings;
}

/** What the screens show: the server's openings with pending changes laid over. */
export function overlay(
  server: OpeningView[],
  pending: ReadonlyMap<string, Pending>,
): OpeningView[] {
  if (pending.size === 0) return server;
  const known = new Set(server.map((opening) => opening.id));
  const shown = server.flatMap((opening) => {
    const entry = pending.get(opening.id);
    if (!entry) return [opening];
    if (entry.op === 'delete') return [];
    return [{ ...opening, facts: entry.facts ?? opening.facts }];
  });
  for (const entry of pending.values()) {
    if (!known.has(entry.id) && entry.op !== 'delete' && entry.facts)
      shown.push({ id: entry.id, version: 0, facts: entry.facts });
  }
  return shown;
}
