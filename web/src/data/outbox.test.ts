import type { OpeningFacts } from '@riegel/core';
import { ApiProblem, type OpeningView } from '../app/api.js';
import { Outbox, overlay, type Pending, type Shelf } from './outbox.js';

const facts = (rest: Partial<OpeningFacts> = {}): OpeningFacts => ({
  mark: '1',
  kind: 'single',
  ...rest,
});
const update = (rest: Partial<OpeningFacts>): Pending => ({
  id: 'a',
  op: 'update',
  base: { version: 1, facts: facts() },
  facts: facts(rest),
});

class MemoryShelf implements Shelf {
  readonly kept = new Map<string, string>();
  getItem = (key: string) => this.kept.get(key) ?? null;
  setItem = (key: string, value: string) => void this.kept.set(key, value);
  removeItem = (key: string) => void this.kept.delete(key);
}

type Write = { op: string; id: string; version?: number; facts?: OpeningFacts };

/** A server of one opening that answers as the real one does. */
class Server {
  opening: OpeningView = { id: 'a', version: 1, facts: facts() };
  away = false;
  calls = 0;
  send = (changes: unknown[]): Promise<OpeningView[]> => {
    this.calls++;
    if (this.away) return Promise.reject(new ApiProblem(0, 'There is no connection.'));
    const [write] = changes as [Write];
    if (write.op === 'update' && write.version !== this.opening.version) {
      return Promise.reject(
        new ApiProblem(409, 'Somebody changed this.', [], {
          stale: [this.opening],
          gone: [],
          by: 'Ada',
        }),
      );
    }
    this.opening = { id: write.id, version: this.opening.version + 1, facts: write.facts! };
    return Promise.resolve([this.opening]);
  };
}

const setup = () => {
  const server = new Server();
  const shelf = new MemoryShelf();
  const landed: OpeningView[] = [];
  const outbox = () =>
    new Outbox('key', shelf, server.send, (openings) => landed.push(...openings));
  return { server, shelf, landed, outbox };
};

describe('the outbox', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('sends a change, tells what landed and keeps nothing', async () => {
    const { server, shelf, landed, outbox } = setup();
    const box = outbox();
    box.put([update({ note: 'x' })]);
    expect(shelf.kept.size).toBe(1);
    await box.flush();
    expect(server.opening).toEqual({ id: 'a', version: 2, facts: facts({ note: 'x' }) });
    expect(landed).toEqual([server.opening]);
    expect(box.snapshot()).toMatchObject({ state: 'saved', pending: new Map() });
    expect(shelf.kept.size).toBe(0);
  });

  it('keeps changes over a lost connection and a reload, and sends them when it is back', async () => {
    const { server, outbox } = setup();
    server.away = true;
    const box = outbox();
    box.put([update({ note: 'x' })]);
    await box.flush();
    expect(box.snapshot()).toMatchObject({ state: 'waiting', message: 'There is no connection.' });
    const reloaded = outbox();
    expect(overlay([server.opening], reloaded.snapshot().pending)[0]!.facts.note).toBe('x');
    server.away = false;
    await reloaded.flush();
    expect(server.opening.facts.note).toBe('x');
  });

  it('tries again by itself', async () => {
    const { server, outbox } = setup();
    server.away = true;
    const box = outbox();
    box.put([update({ note: 'x' })]);
    await box.flush();
    server.away = false;
    await jest.advanceTimersByTimeAsync(1100);
    expect(server.opening.facts.note).toBe('x');
    expect(box.snapshot().state).toBe('saved');
  });

  it('merges a stale write by fact without asking where only one side changed', async () => {
    const { server, outbox } = setup();
    server.opening = { id: 'a', version: 5, facts: facts({ storey: 'Ground' }) };
    const box = outbox();
    box.put([update({ note: 'x' })]);
    await box.flush();
    expect(server.opening).toEqual({
      id: 'a',
      version: 6,
      facts: facts({ storey: 'Ground', note: 'x' }),
    });
  });

  it('leaves what both changed to a person, then sends what they decided', async () => {
    const { server, shelf, outbox } = setup();
    server.opening = { id: 'a', version: 5, facts: facts({ note: 'theirs' }) };
    const box = outbox();
    box.put([update({ note: 'mine' })]);
    await box.flush();
    const conflict = box.snapshot().pending.get('a')!.conflict!;
    expect(conflict).toMatchObject({
      by: 'Ada',
      clashes: [{ name: 'note', mine: 'mine', theirs: 'theirs' }],
    });
    expect(shelf.kept.size).toBe(1);
    const calls = server.calls;
    await box.flush();
    expect(server.calls).toBe(calls);
    box.resolve('a', facts({ note: 'ours' }));
    await box.flush();
    expect(server.opening).toEqual({ id: 'a', version: 6, facts: facts({ note: 'ours' }) });
    expect(box.snapshot().pending.size).toBe(0);
  });

  it('sends what was changed while the first write was under way, from what that write made', async () => {
    const { server, shelf } = setup();
    let release: () => void = () => undefined;
    const gate = new Promise<void>((resolve) => (release = resolve));
    const box = new Outbox(
      'key',
      shelf,
      async (changes) =>
        server.calls === 0 ? gate.then(() => server.send(changes)) : server.send(changes),
      () => undefined,
    );
    box.put([update({ note: 'first' })]);
    const flushing = box.flush();
    box.put([update({ note: 'second' })]);
    release();
    await flushing;
    expect(server.opening).toEqual({ id: 'a', version: 3, facts: facts({ note: 'second' }) });
  });

  it('says why a write was refused and keeps it', async () => {
    const { shelf } = setup();
    const box = new Outbox(
      'key',
      shelf,
      () => Promise.reject(new ApiProblem(422, 'No.', [{ field: 'x', message: 'Because.' }])),
      () => undefined,
    );
    box.put([update({ note: 'x' })]);
    await box.flush();
    expect(box.snapshot()).toMatchObject({ state: 'refused', message: 'No. Because.' });
    expect(box.snapshot().pending.size).toBe(1);
  });

  it('forgets an opening that was made and deleted before it was saved', () => {
    const { outbox } = setup();
    const box = outbox();
    box.put([{ id: 'b', op: 'create', facts: facts() }]);
    box.put([{ id: 'b', op: 'delete' }]);
    expect(box.snapshot().pending.size).toBe(0);
  });

  it('starts clean from a shelf that something else wrote to', () => {
    const { shelf, outbox } = setup();
    shelf.setItem('key', 'not json');
    expect(outbox().snapshot().pending.size).toBe(0);
  });
});

describe('what the screens show', () => {
  it('is the server’s openings with pending ones laid over', () => {
    const server: OpeningView[] = ['a', 'b'].map((id) => ({
      id,
      version: 1,
      facts: facts({ mark: id }),
    }));
    const pending = new Map<string, Pending>([
      ['a', { id: 'a', op: 'delete' }],
      ['b', { id: 'b', op: 'update', facts: facts({ mark: 'B' }) }],
      ['c', { id: 'c', op: 'create', facts: facts({ mark: 'c' }) }],
    ]);
    expect(overlay(server, pending).map((opening) => opening.facts.mark)).toEqual(['B', 'c']);
  });
});
