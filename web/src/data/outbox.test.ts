import fc from 'fast-check';
import { type OpeningFacts, applyPatch, type FactsPatch } from '@riegel/core';
import { ApiProblem } from '../base/api.js';
import { overlay } from './pending.js';
import {
  SimulatedServer,
  SimulatedStore,
  SimulatedTab,
  SimulatedTabs,
} from '../testing/simulated.js';
import { readOldUnsaved } from './unsaved.js';

const facts = (rest: Partial<OpeningFacts> = {}): OpeningFacts => ({
  mark: '1',
  kind: 'single',
  ...rest,
});

function world() {
  const server = new SimulatedServer();
  server.put('a', facts());
  const store = new SimulatedStore();
  const tabs = new SimulatedTabs();
  return { server, store, tabs, tab: () => new SimulatedTab(server, store, tabs) };
}

/** An edit as a screen makes it: upon what it shows of the server. */
function edit(tab: SimulatedTab, id: string, patch: FactsPatch): void {
  tab.outbox.edit([{ id, patch, shown: tab.cache.get(id)?.facts ?? facts() }]);
}

/** Holds the server's answers back until they are let go; its work is done all the same. */
function answersLate(server: SimulatedServer): () => void {
  const send = server.send.bind(server);
  let release: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => (release = resolve));
  server.send = async (writes) => {
    const answer = await send(writes);
    await gate;
    return answer;
  };
  return () => release();
}

const shown = (tab: SimulatedTab) =>
  overlay([...tab.cache.values()], tab.outbox.snapshot().pending).map((one) => one.facts);
const of = (server: SimulatedServer, id = 'a') => server.openings.get(id)?.facts;

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** Lets everything go on that waits for nothing outside. */
const settle = async (ms = 0) => {
  await jest.advanceTimersByTimeAsync(ms);
  for (let turn = 0; turn < 60; turn++) await Promise.resolve();
};

describe('a change', () => {
  it('is shown at once, sent soon, and then kept nowhere', async () => {
    const { server, store, tab } = world();
    const one = tab();
    await settle();
    edit(one, 'a', { note: 'x' });
    expect(shown(one)[0]!.note).toBe('x');
    await settle();
    expect([...store.kept.values()]).toMatchObject([
      { op: 'update', patch: { note: 'x' }, before: { note: undefined } },
    ]);
    await settle(200);
    expect(of(server)).toEqual(facts({ note: 'x' }));
    expect(one.outbox.snapshot()).toMatchObject({ state: 'saved', pending: new Map(), kept: true });
    expect(store.kept.size).toBe(0);
  });

  it('keeps only what was touched, not the whole opening', async () => {
    const { server, store, tab } = world();
    server.put('a', facts({ note: 'n'.repeat(2000), storey: 'Ground' }));
    server.away = true;
    const one = tab();
    edit(one, 'a', { storey: 'First' });
    await settle(200);
    expect(JSON.stringify([...store.kept.values()]).length).toBeLessThan(300);
  });

  it('outlives a lost connection and a reload, and is sent when it is back, by itself', async () => {
    const { server, tab } = world();
    server.away = true;
    const one = tab();
    edit(one, 'a', { note: 'x' });
    await settle(200);
    expect(one.outbox.snapshot()).toMatchObject({
      state: 'waiting',
      message: expect.stringContaining('no connection') as string,
    });
    one.close();
    const again = tab();
    await settle();
    expect(shown(again)[0]!.note).toBe('x');
    server.away = false;
    await settle(2500);
    expect(of(server)!.note).toBe('x');
  });

  it('made while the one before is under way is sent upon what that one made', async () => {
    const { server, tab } = world();
    const one = tab();
    const release = answersLate(server);
    edit(one, 'a', { note: 'first' });
    await settle(200);
    edit(one, 'a', { note: 'second', storey: 'First' });
    release();
    await settle(500);
    expect(of(server)).toEqual(facts({ note: 'second', storey: 'First' }));
    expect(one.outbox.snapshot().pending.size).toBe(0);
  });

  it('that the server has already is not sent', async () => {
    const { server, tab } = world();
    const one = tab();
    edit(one, 'a', { note: 'x' });
    server.put('a', facts({ note: 'x' }));
    one.read();
    await settle(300);
    expect(server.requests).toHaveLength(0);
    expect(one.outbox.snapshot().state).toBe('saved');
  });

  it('waits until the project is loaded', async () => {
    const { server, tab } = world();
    server.away = true;
    const one = tab();
    edit(one, 'a', { note: 'x' });
    await settle(200);
    one.close();
    server.away = false;
    const again = tab();
    again.loaded = false;
    again.cache.clear();
    await settle(500);
    expect(of(server)!.note).toBeUndefined();
    again.loaded = true;
    again.read();
    await again.outbox.flush();
    expect(of(server)!.note).toBe('x');
  });
});

describe('a deletion while the creation is on the way', () => {
  it('is sent once the creation is answered', async () => {
    const { server, tab } = world();
    const one = tab();
    const release = answersLate(server);
    one.outbox.create([{ id: 'b', facts: facts({ mark: 'b' }) }]);
    await settle(200);
    expect(of(server, 'b')).toBeDefined();
    one.outbox.remove(['b']);
    expect(shown(one)).toHaveLength(1);
    release();
    await settle(500);
    expect(of(server, 'b')).toBeUndefined();
    expect(one.outbox.snapshot()).toMatchObject({ state: 'saved', pending: new Map() });
  });

  it('also when the answer to the creation was lost, and it was changed before it was deleted, over a reload', async () => {
    const { server, tab } = world();
    const one = tab();
    server.losesAnswer = true;
    one.outbox.create([{ id: 'b', facts: facts({ mark: 'b' }) }]);
    await settle(200);
    server.away = true;
    edit(one, 'b', { note: 'changed' });
    one.outbox.remove(['b']);
    await settle(200);
    one.close();
    server.away = false;
    const again = tab();
    await settle(3000);
    expect(of(server, 'b')).toBeUndefined();
    expect(again.outbox.snapshot().pending.size).toBe(0);
  });

  it('deleted in another tab before the answer', async () => {
    const { server, tab } = world();
    const [one, two] = [tab(), tab()];
    const release = answersLate(server);
    one.outbox.create([{ id: 'b', facts: facts({ mark: 'b' }) }]);
    await settle(200);
    two.outbox.remove(['b']);
    await settle();
    release();
    await settle(1000);
    expect(of(server, 'b')).toBeUndefined();
  });

  it('one that was never sent is forgotten', async () => {
    const { server, store, tab } = world();
    server.away = true;
    const one = tab();
    one.outbox.create([{ id: 'b', facts: facts() }]);
    one.outbox.remove(['b']);
    await settle();
    expect(store.kept.size).toBe(0);
    expect(one.outbox.snapshot().pending.size).toBe(0);
  });

  it('a creation whose answer was lost, and that was changed since, goes on as a change', async () => {
    const { server, tab } = world();
    const one = tab();
    server.losesAnswer = true;
    one.outbox.create([{ id: 'b', facts: facts({ mark: 'b' }) }]);
    await settle(200);
    edit(one, 'b', { note: 'changed' });
    await settle(3000);
    expect(of(server, 'b')).toEqual(facts({ mark: 'b', note: 'changed' }));
    expect(server.openings.size).toBe(2);
    expect(one.outbox.snapshot().state).toBe('saved');
  });
});

describe('many changes at once', () => {
  it('are one write into the store, one request, and a few redrawings', async () => {
    const { server, store, tab } = world();
    for (let index = 0; index < 3000; index++) server.put(`o${index}`, facts({ mark: `${index}` }));
    const one = tab();
    await settle();
    const applied = jest.spyOn(store, 'apply');
    let redrawn = 0;
    one.outbox.subscribe(() => redrawn++);
    one.outbox.edit(
      [...one.cache.values()].map((opening) => ({
        id: opening.id,
        patch: { storey: 'First' },
        shown: opening.facts,
      })),
    );
    await settle(400);
    expect(server.requests.map((writes) => writes.length)).toEqual([3001]);
    expect(applied.mock.calls.length).toBeLessThan(8);
    expect(redrawn).toBeLessThan(20);
    expect(of(server, 'o2999')!.storey).toBe('First');
  });
});

describe('openings that are made together', () => {
  it('keep their order, also over a reload', async () => {
    const { server, tab } = world();
    server.away = true;
    const ids = ['z', 'm', 'a1', 'q', 'b'];
    const one = tab();
    one.outbox.create(ids.slice(0, 3).map((id) => ({ id, facts: facts({ mark: id }) })));
    one.outbox.create(ids.slice(3).map((id) => ({ id, facts: facts({ mark: id }) })));
    await settle(200);
    one.close();
    const again = tab();
    await settle();
    expect(shown(again).map(({ mark }) => mark)).toEqual(['1', ...ids]);
    server.away = false;
    await settle(3000);
    expect([...server.openings.keys()]).toEqual(['a', ...ids]);
  });
});

describe('what others changed', () => {
  it('is merged fact by fact without asking where only one side changed', async () => {
    const { server, tab } = world();
    const one = tab();
    edit(one, 'a', { note: 'x' });
    server.put('a', facts({ storey: 'Ground' }));
    await settle(300);
    expect(of(server)).toEqual(facts({ storey: 'Ground', note: 'x' }));
  });

  it('is left to a person where both changed it, then sent as they decided', async () => {
    const { server, store, tab } = world();
    const one = tab();
    edit(one, 'a', { note: 'mine', storey: 'First' });
    server.put('a', facts({ note: 'theirs' }));
    await settle(300);
    const { conflict } = one.outbox.snapshot().pending.get('a')!;
    expect(conflict).toMatchObject({
      by: 'Ada',
      clashes: [{ name: 'note', mine: 'mine', theirs: 'theirs' }],
    });
    expect(one.outbox.snapshot()).toMatchObject({
      state: 'refused',
      message: 'Somebody changed the same thing.',
    });
    expect(store.kept.size).toBe(1);
    one.outbox.resolve('a', facts({ note: 'ours', storey: 'First' }));
    await settle(300);
    expect(of(server)).toEqual(facts({ note: 'ours', storey: 'First' }));
  });

  it('a deletion of what somebody changed, and a change of what somebody deleted, are asked about', async () => {
    const { server, tab } = world();
    server.put('b', facts({ mark: 'b' }));
    const one = tab();
    one.outbox.remove(['a']);
    edit(one, 'b', { note: 'x' });
    server.put('a', facts({ note: 'theirs' }));
    server.openings.delete('b');
    await settle(300);
    const { pending } = one.outbox.snapshot();
    expect(pending.get('a')!.conflict!.theirs!.facts.note).toBe('theirs');
    expect(pending.get('b')!.conflict).toMatchObject({ clashes: [] });
    expect(pending.get('b')!.conflict!.theirs).toBeUndefined();
    expect(pending.get('b')!.conflict!.last).toEqual(facts({ mark: 'b' }));
    one.outbox.drop('a');
    one.outbox.resolve('b', facts({ mark: 'b', note: 'x' }));
    await settle(300);
    expect(of(server, 'b')).toEqual(facts({ mark: 'b', note: 'x' }));
    expect(of(server)!.note).toBe('theirs');
  });
});

describe('a server whose database was put back', () => {
  it('is believed, and what is unsaved goes on from what it holds', async () => {
    const { server, tab } = world();
    const one = tab();
    edit(one, 'a', { note: 'x' });
    await settle(300);
    expect(one.cache.get('a')!.version).toBe(2);
    // As of before that change: a lower version than the page knows.
    server.openings.set('a', { id: 'a', version: 1, facts: facts({ storey: 'Ground' }) });
    edit(one, 'a', { from: 'Hall' });
    await settle(300);
    expect(of(server)).toMatchObject({ storey: 'Ground', from: 'Hall' });
    expect(server.requests.length).toBeLessThan(5);
    expect(one.outbox.snapshot().state).toBe('saved');
  });

  it('or that refuses whatever is sent is not hammered', async () => {
    const { server, tab } = world();
    const one = tab();
    await settle();
    let asked = 0;
    server.send = () => {
      asked++;
      return Promise.reject(
        new ApiProblem(409, 'Somebody changed this.', [], {
          stale: [server.openings.get('a')],
          gone: [],
        }),
      );
    };
    edit(one, 'a', { note: 'x' });
    await settle(10_000);
    expect(asked).toBeLessThan(15);
    expect(one.outbox.snapshot().state).toBe('waiting');
    expect(shown(one)[0]!.note).toBe('x');
  });
});

describe('what the server will not have', () => {
  it('is told and set aside; everything else goes on', async () => {
    const { server, tab } = world();
    server.put('b', facts({ mark: 'b' }));
    server.refuses = (write) =>
      'facts' in write && write.facts.note === 'bad' ? 'Because.' : undefined;
    const one = tab();
    edit(one, 'a', { note: 'bad' });
    edit(one, 'b', { note: 'good' });
    await settle(300);
    expect(of(server, 'b')!.note).toBe('good');
    expect(one.outbox.snapshot()).toMatchObject({ state: 'refused', message: 'Because.' });
    expect(shown(one)[0]!.note).toBe('bad');
    edit(one, 'a', { note: 'better' });
    await settle(300);
    expect(of(server)!.note).toBe('better');
    expect(one.outbox.snapshot().state).toBe('saved');
  });
});

describe('a store that is full', () => {
  it('is told, and holds up nothing', async () => {
    const { server, store, tab } = world();
    store.full = true;
    const one = tab();
    await settle();
    edit(one, 'a', { note: 'x' });
    expect(shown(one)[0]!.note).toBe('x');
    await settle();
    expect(one.outbox.snapshot().kept).toBe(false);
    await settle(300);
    expect(of(server)!.note).toBe('x');
    expect(one.outbox.snapshot()).toMatchObject({ state: 'saved', kept: true });
  });

  it('for a while loses nothing of this tab, whatever is stored later', async () => {
    const { server, store, tab } = world();
    server.put('b', facts({ mark: 'b' }));
    server.away = true;
    const one = tab();
    store.full = true;
    edit(one, 'a', { note: 'x' });
    await settle(200);
    store.full = false;
    edit(one, 'b', { note: 'y' });
    await settle(200);
    const other = tab();
    await settle(200);
    expect(shown(one).map(({ note }) => note)).toEqual(['x', 'y']);
    edit(one, 'a', { storey: 'First' });
    await settle(200);
    expect(one.outbox.snapshot().kept).toBe(true);
    expect(shown(other)[0]).toMatchObject({ note: 'x', storey: 'First' });
    server.away = false;
    await settle(20_000);
    expect(of(server)).toEqual(facts({ note: 'x', storey: 'First' }));
    expect(of(server, 'b')!.note).toBe('y');
  });
});

describe('two tabs', () => {
  it('see each other’s unsaved work, and neither erases the other’s', async () => {
    const { server, tab } = world();
    server.put('b', facts({ mark: 'b' }));
    server.away = true;
    const [one, two] = [tab(), tab()];
    edit(one, 'a', { note: 'from one' });
    edit(two, 'b', { note: 'from two' });
    edit(two, 'a', { storey: 'First' });
    await settle(300);
    for (const each of [one, two])
      expect(shown(each)).toEqual([
        facts({ note: 'from one', storey: 'First' }),
        facts({ mark: 'b', note: 'from two' }),
      ]);
    two.close();
    server.away = false;
    await settle(20_000);
    expect(of(server)).toEqual(facts({ note: 'from one', storey: 'First' }));
    expect(of(server, 'b')!.note).toBe('from two');
    expect(one.outbox.snapshot().pending.size).toBe(0);
  });
});

describe('a tab that has not heard of an opening yet', () => {
  it('reads it before it takes it for deleted', async () => {
    const { server, tab } = world();
    const [one, two] = [tab(), tab()];
    server.put('new', facts({ mark: 'new' }));
    two.read();
    server.away = true;
    edit(two, 'new', { note: 'x' });
    await settle(200);
    two.close();
    server.away = false;
    await one.outbox.flush();
    await settle(500);
    expect(of(server, 'new')!.note).toBe('x');
    expect(one.outbox.snapshot().pending.size).toBe(0);
  });
});

describe('what an earlier version of the application left', () => {
  it('is taken over as patches', async () => {
    const { server, store, tabs } = world();
    const old = readOldUnsaved(
      JSON.stringify([
        {
          id: 'a',
          op: 'update',
          base: { version: 1, facts: facts() },
          facts: facts({ note: 'x' }),
        },
        { id: 'n', op: 'create', facts: facts({ mark: 'n' }) },
      ]),
    );
    expect(old[0]).toMatchObject({ patch: { note: 'x' } });
    server.put('a', facts({ storey: 'Ground' }));
    new SimulatedTab(server, store, tabs, old);
    await settle(500);
    expect(of(server)).toEqual(facts({ storey: 'Ground', note: 'x' }));
    expect(of(server, 'n')).toEqual(facts({ mark: 'n' }));
  });
  it.each(['not json', '{}', '[1]', '[{"id":5}]', '[{"id":"a","op":"update"}]', null])(
    '%j is nothing',
    (text) => expect(readOldUnsaved(text)).toEqual([]),
  );
});

describe('random work in several tabs', () => {
  type Command =
    | { do: 'edit'; tab: number; id: number; field: number; value: number }
    | { do: 'create' | 'remove'; tab: number; id: number }
    | { do: 'others'; id: number; value: number }
    | { do: 'offline' | 'online' | 'lose' }
    | { do: 'reload' | 'read'; tab: number }
    | { do: 'wait'; ms: number };

  const FIELDS = ['note', 'from', 'to'] as const;
  const TABS = 3;
  const tabNumber = fc.nat({ max: TABS - 1 });
  const id = fc.nat({ max: 3 });
  const command: fc.Arbitrary<Command> = fc.oneof(
    {
      weight: 8,
      arbitrary: fc.record({
        do: fc.constant('edit' as const),
        tab: tabNumber,
        id,
        field: fc.nat({ max: 2 }),
        value: fc.nat({ max: 9 }),
      }),
    },
    {
      weight: 3,
      arbitrary: fc.record({
        do: fc.constantFrom('create' as const, 'remove' as const),
        tab: tabNumber,
        id,
      }),
    },
    {
      weight: 2,
      arbitrary: fc.record({ do: fc.constant('others' as const), id, value: fc.nat({ max: 9 }) }),
    },
    {
      weight: 3,
      arbitrary: fc.record({
        do: fc.constantFrom('offline' as const, 'online' as const, 'lose' as const),
      }),
    },
    {
      weight: 2,
      arbitrary: fc.record({
        do: fc.constantFrom('reload' as const, 'read' as const),
        tab: tabNumber,
      }),
    },
    {
      weight: 4,
      arbitrary: fc.record({
        do: fc.constant('wait' as const),
        ms: fc.constantFrom(0, 1, 130, 2500),
      }),
    },
  );

  it('comes to what a plain model says: nothing lost, nothing risen again, nobody else’s work undone', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(command, { minLength: 10, maxLength: 60, size: 'max' }),
        async (commands) => {
          const server = new SimulatedServer();
          const store = new SimulatedStore();
          const tabs = new SimulatedTabs();
          const fresh = () => new SimulatedTab(server, store, tabs);
          const open = Array.from({ length: TABS }, fresh);
          /** What should stand in the end: the person's own facts, and others' storey. */
          const model = new Map<string, OpeningFacts>();
          let made = 0;
          const names = new Map<number, string>();
          for (const one of commands) {
            switch (one.do) {
              case 'create': {
                const name = `o${made++}`;
                names.set(one.id, name);
                model.set(name, facts({ mark: name }));
                open[one.tab]!.outbox.create([{ id: name, facts: facts({ mark: name }) }]);
                break;
              }
              case 'edit': {
                const name = names.get(one.id);
                const tab = open[one.tab]!;
                const visible =
                  name &&
                  overlay([...tab.cache.values()], tab.outbox.snapshot().pending).find(
                    (each) => each.id === name,
                  );
                if (!name || !visible) break;
                const patch = {
                  [FIELDS[one.field]!]: one.value === 0 ? undefined : `v${one.value}`,
                };
                model.set(name, applyPatch(model.get(name)!, patch));
                tab.outbox.edit([
                  { id: name, patch, shown: tab.cache.get(name)?.facts ?? visible.facts },
                ]);
                break;
              }
              case 'remove': {
                const name = names.get(one.id);
                const tab = open[one.tab]!;
                if (
                  !name ||
                  !overlay([...tab.cache.values()], tab.outbox.snapshot().pending).some(
                    (each) => each.id === name,
                  )
                )
                  break;
                // What somebody else changed unseen would be asked about; the model has no person to answer.
                tab.read();
                names.delete(one.id);
                model.delete(name);
                tab.outbox.remove([name]);
                break;
              }
              case 'others': {
                const name = names.get(one.id);
                const current = name ? server.openings.get(name) : undefined;
                if (!name || !current || server.away) break;
                server.put(name, { ...current.facts, storey: `s${one.value}` });
                model.set(name, { ...model.get(name)!, storey: `s${one.value}` });
                for (const each of open) each.read();
                break;
              }
              case 'offline':
                server.away = true;
                break;
              case 'online':
                server.away = false;
                break;
              case 'lose':
                server.losesAnswer = true;
                break;
              case 'reload':
                open[one.tab]!.close();
                open[one.tab] = fresh();
                break;
              case 'read':
                open[one.tab]!.read();
                break;
              case 'wait':
                await settle(one.ms);
            }
            await settle();
          }
          server.away = false;
          server.losesAnswer = false;
          await settle(60_000);
          for (const each of open) expect([...each.outbox.snapshot().pending.values()]).toEqual([]);
          expect(store.kept.size).toBe(0);
          const stands = (map: Iterable<[string, OpeningFacts]>) => Object.fromEntries(map);
          expect(stands([...server.openings].map(([name, view]) => [name, view.facts]))).toEqual(
            stands(model),
          );
          for (const each of open) each.close();
        },
      ),
      { numRuns: 300 },
    );
  }, 120_000);
});
