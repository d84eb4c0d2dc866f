import type { FactsPatch, OpeningFacts } from '@riegel/core';
import { patchBetween, type Pending, type Step } from './pending.js';

/** A step on what is pending of one opening. */
export interface KeyedStep {
  id: string;
  step: Step;
}

/** Where pending changes are kept between reloads, shared by all tabs. */
export interface Unsaved {
  all(): Promise<Pending[]>;
  /** Applies steps in their order, all or none, with no other tab in between; gives what each came to. */
  apply(steps: readonly KeyedStep[]): Promise<(Pending | undefined)[]>;
}

const DATABASE = 'riegel-unsaved';
const STORE = 'changes';

function opened(): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open(DATABASE, 1);
    request.onupgradeneeded = () => request.result.createObjectStore(STORE);
    request.onsuccess = () => {
      // A newer version of the application may want to change the store.
      request.result.onversionchange = () => request.result.close();
      resolve(request.result);
    };
    request.onerror = () => reject(request.error ?? new Error('The store did not open.'));
    request.onblocked = () => reject(new Error('The store is held by another tab.'));
  });
}

/** Keeps a person's pending changes of a project in the browser's own database. */
export class BrowserUnsaved implements Unsaved {
  private database: Promise<IDBDatabase> | undefined;

  constructor(
    private readonly person: string,
    private readonly project: string,
  ) {}

  private async store(mode: IDBTransactionMode): Promise<IDBObjectStore> {
    this.database ??= opened().catch((error: unknown) => {
      this.database = undefined;
      throw error;
    });
    return (await this.database).transaction(STORE, mode).objectStore(STORE);
  }

  private key(id: string): string[] {
    return [this.person, this.project, id];
  }

  async all(): Promise<Pending[]> {
    const store = await this.store('readonly');
    const { person, project } = this;
    return new Promise((resolve, reject) => {
      const request = store.getAll(IDBKeyRange.bound([person, project], [person, project, []]));
      request.onsuccess = () => resolve(request.result as Pending[]);
      request.onerror = () => reject(request.error ?? new Error('The store could not be read.'));
    });
  }

  /** One transaction reads and writes: two tabs never write over each other. */
  async apply(steps: readonly KeyedStep[]): Promise<(Pending | undefined)[]> {
    const store = await this.store('readwrite');
    return new Promise((resolve, reject) => {
      const { transaction } = store;
      const results: (Pending | undefined)[] = [];
      const failed = () => reject(transaction.error ?? new Error('The store is full.'));
      transaction.oncomplete = () => resolve(results);
      transaction.onerror = failed;
      transaction.onabort = failed;
      // One after the other: a step sees what the one before it left.
      const take = (index: number) => {
        if (index === steps.length) return;
        const { id, step } = steps[index]!;
        const request = store.get(this.key(id));
        request.onsuccess = () => {
          const after = step(request.result as Pending | undefined);
          results[index] = after;
          if (after) store.put(after, this.key(id));
          else store.delete(this.key(id));
          take(index + 1);
        };
      };
      take(0);
    });
  }
}

interface OldEntry {
  id: string;
  op: Pending['op'];
  base?: { version: number; facts: OpeningFacts };
  facts?: OpeningFacts;
}

/** What an earlier version of the application left unsaved: whole facts under one key. */
export function readOldUnsaved(text: string | null): Pending[] {
  let list: OldEntry[];
  try {
    list = JSON.parse(text ?? '[]') as OldEntry[];
  } catch {
    return [];
  }
  if (!Array.isArray(list)) return [];
  return list.flatMap((entry, at): Pending[] => {
    const { id, op, base, facts } = entry;
    if (typeof id !== 'string') return [];
    const rev = `old-${id}`;
    if (op === 'delete') return [{ id, rev, op, ...(base ? { version: base.version } : {}) }];
    if (!facts) return [];
    if (op === 'create') return [{ id, rev, op, facts, at, sent: [facts] }];
    if (!base) return [];
    const patch = patchBetween(base.facts, facts);
    const before = Object.fromEntries(
      Object.keys(patch).map((name) => [name, base.facts[name as keyof OpeningFacts]]),
    ) as FactsPatch;
    return Object.keys(patch).length > 0 ? [{ id, rev, op, patch, before }] : [];
  });
}
