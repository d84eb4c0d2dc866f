import 'fake-indexeddb/auto';
import type { Pending } from './pending.js';
import { BrowserUnsaved } from './unsaved.js';

const entry = (id: string, note: string): Pending => ({
  id,
  rev: note,
  op: 'update',
  patch: { note },
  before: { note: undefined },
});

it('keeps what each person left of each project apart', async () => {
  const [ines, tobias, other] = [
    new BrowserUnsaved('ines', 'p'),
    new BrowserUnsaved('tobias', 'p'),
    new BrowserUnsaved('ines', 'p2'),
  ];
  await ines.apply('a', () => entry('a', '1'));
  await tobias.apply('a', () => entry('a', '2'));
  await other.apply('b', () => entry('b', '3'));
  expect(await ines.all()).toEqual([entry('a', '1')]);
  expect(await tobias.all()).toEqual([entry('a', '2')]);
  expect(await other.all()).toEqual([entry('b', '3')]);
});

it('reads and writes in one: steps from several tabs at once all count', async () => {
  const tabs = [1, 2, 3].map(() => new BrowserUnsaved('ines', 'counted'));
  await Promise.all(
    Array.from({ length: 60 }, (_, turn) =>
      tabs[turn % 3]!.apply('a', (before) =>
        entry('a', String(Number(before?.op === 'update' ? before.patch.note : 0) + 1)),
      ),
    ),
  );
  expect(await tabs[0]!.all()).toEqual([entry('a', '60')]);
  await tabs[1]!.apply('a', () => undefined);
  expect(await tabs[2]!.all()).toEqual([]);
});

it('gives cleared facts back as cleared', async () => {
  const store = new BrowserUnsaved('ines', 'cleared');
  await store.apply('a', () => ({
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
    store.apply('a', () => ({ ...entry('a', 'x'), patch: { note: (() => 1) as never } })),
  ).rejects.toThrow();
  await store.apply('a', () => entry('a', 'y'));
  expect(await store.all()).toEqual([entry('a', 'y')]);
});
