import 'fake-indexeddb/auto';
import type { Pending } from './pending.js';
import { BrowserUnsaved } from './unsaved.js';
import type { Step } from './pending.js';

const entry = (id: string, note: string): Pending => ({
  id,
  rev: note,
  op: 'update',
  patch: { note },
  before: { note: undefined },
});

const one = async (store: BrowserUnsaved, id: string, step: Step) =>
  (await store.apply([{ id, step }]))[0];

it('keeps what each person left of each project apart', async () => {
  const [ines, tobias, other] = [
    new BrowserUnsaved('ines', 'p'),
    new BrowserUnsaved('tobias', 'p'),
    new BrowserUnsaved('ines', 'p2'),
  ];
  await one(ines, 'a', () => entry('a', '1'));
  await one(tobias, 'a', () => entry('a', '2'));
  await one(other, 'b', () => entry('b', '3'));
  expect(await ines.all()).toEqual([entry('a', '1')]);
  expect(await tobias.all()).toEqual([entry('a', '2')]);
  expect(await other.all()).toEqual([entry('b', '3')]);
});

it('reads and writes in one: steps from several tabs at once all count', async () => {
  const tabs = [1, 2, 3].map(() => new BrowserUnsaved('ines', 'counted'));
  await Promise.all(
    Array.from({ length: 60 }, (_, turn) =>
      one(tabs[turn % 3]!, 'a', (before) =>
        entry('a', String(Number(before?.op === 'update' ? before.patch.note : 0) + 1)),
      ),
    ),
  );
  expect(await tabs[0]!.all()).toEqual([entry('a', '60')]);
  await one(tabs[1]!, 'a', () => undefined);
  expect(await tabs[2]!.all()).toEqual([]);
});

it('gives cleared facts back as cleared', async () => {
  const store = new BrowserUnsaved('ines', 'cleared');
  await one(store, 'a', () => ({
    id: 'a',
    rev: 'r',
    op: 'update',
    patch: { note: undefined },
    before: { note: 'x' },
  }));
  const [back] = await store.all();
  expect(back?.op === 'update' && 'note' in back.patch).toBe(true);
});

it('says so when the store refuses, and works again when it takes', async () => {
  const store = new BrowserUnsaved('ines', 'refused');
  await expect(
    one(store, 'a', () => ({ ...entry('a', 'x'), patch: { note: (() => 1) as never } })),
  ).rejects.toThrow();
  await one(store, 'a', () => entry('a', 'y'));
  expect(await store.all()).toEqual([entry('a', 'y')]);
});

it('takes several steps as one, in their order, or none', async () => {
  const store = new BrowserUnsaved('ines', 'several');
  const counted: Step = (before) =>
    entry('a', `${before?.op === 'update' ? before.patch.note : ''}x`);
  expect(
    await store.apply([
      { id: 'a', step: counted },
      { id: 'b', step: () => entry('b', 'y') },
      { id: 'a', step: counted },
    ]),
  ).toEqual([entry('a', 'x'), entry('b', 'y'), entry('a', 'xx')]);
  const broken = { ...entry('b', 'z'), patch: { note: (() => 1) as never } };
  await expect(
    store.apply([
      { id: 'a', step: counted },
      { id: 'b', step: () => broken },
    ]),
  ).rejects.toThrow();
  expect(await store.all()).toEqual([entry('a', 'xx'), entry('b', 'y')]);
});
