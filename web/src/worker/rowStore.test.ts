import type { OpeningFacts } from '@riegel/core';
import { RowStore } from './rowStore.js';
import type { PackedRow } from './row.js';

const facts = (mark: string): OpeningFacts => ({ mark, kind: 'single' });
const row = (id: string, open = 0) =>
  ({
    id,
    open,
    stops: 1,
    checks: 0,
    progress: { marks: open > 0 ? 'o-' : 'd-', open: [open], stages: ['hanging'] },
  }) as unknown as PackedRow;

describe('decided lines', () => {
  const [a, b] = [
    { id: 'a', facts: facts('1') },
    { id: 'b', facts: facts('2') },
  ];
  it('are stale until they are decided of just these facts with this basis', () => {
    const store = new RowStore();
    expect(store.stale([a, b], () => 'x')).toEqual([a, b]);
    store.put([a], () => 'x', [row('a')]);
    expect(store.stale([a, b], () => 'x')).toEqual([b]);
    expect(store.stale([a], () => 'y')).toEqual([a]);
    expect(store.stale([{ id: 'a', facts: { ...a.facts } }], () => 'x')).toHaveLength(1);
  });
  it('are told of, until nobody listens', () => {
    const store = new RowStore();
    const seen: number[] = [];
    const end = store.subscribe(() => seen.push(store.version()));
    store.put([a, b], () => 'x', [row('a', 1), row('b', 2)]);
    store.put([b], () => 'x', [row('b', 3)]);
    end();
    store.put([b], () => 'x', [row('b', 4)]);
    expect(seen).toEqual([1, 2]);
    expect([store.get('a')?.open, store.get('b')?.open]).toEqual([1, 4]);
    expect(store.get('c')).toBeUndefined();
  });
  it('are summed as they come, change and go', () => {
    const store = new RowStore();
    store.put([a, b], () => 'x', [row('a', 2), row('b')]);
    expect(store.totals()).toEqual({
      lines: 2,
      stops: 2,
      checks: 0,
      open: 2,
      guessed: 0,
      stages: [{ stage: 'hanging', decided: 1, none: 0 }],
    });
    store.put([a], () => 'x', [row('a')]);
    expect(store.totals()).toMatchObject({ open: 0, stages: [{ decided: 2 }] });
    const before = store.totals();
    expect(store.stale([b], () => 'x')).toEqual([]);
    expect(store.totals()).not.toBe(before);
    expect(store.totals()).toMatchObject({ lines: 1, stops: 1, stages: [{ decided: 1 }] });
    expect(store.get('a')).toBeUndefined();
  });
  it('carry the number of their set while it is known, and are told of it', () => {
    const store = new RowStore();
    const plain = (id: string) =>
      ({ ...row(id), cells: { lock: ['x'] }, bases: { lock: 'derived' } }) as PackedRow;
    store.put([a, b], () => 'x', [plain('a'), plain('b')]);
    const version = store.version();
    store.putSets(new Map([['a', 3]]));
    expect(store.version()).toBe(version + 1);
    expect([store.get('a')!.cells, store.get('b')!.cells]).toEqual([
      { lock: ['x'], set: ['3'] },
      { lock: ['x'] },
    ]);
    expect(store.get('a')!.bases['set']).toBe('derived');
    const same = store.get('a');
    store.putSets(new Map([['a', 3]]));
    expect(store.get('a')).toBe(same);
    store.putSets(
      new Map([
        ['a', 4],
        ['b', 4],
      ]),
    );
    expect([store.get('a')!.cells['set'], store.get('b')!.cells['set']]).toEqual([['4'], ['4']]);
    store.putSets(new Map([['b', 4]]));
    expect('set' in store.get('a')!.cells).toBe(false);
    store.put([b], () => 'y', [plain('b')]);
    expect(store.get('b')!.cells['set']).toBeUndefined();
    // The sums are of lines, whatever their set.
    expect(store.totals().lines).toBe(2);
  });
  it('count the roles that were guessed', () => {
    const store = new RowStore();
    const guessed = { ...row('a'), guessed: 'office' as const };
    store.put([a, b], () => 'x', [guessed, row('b')]);
    expect(store.totals().guessed).toBe(1);
    store.put([a], () => 'x', [row('a')]);
    expect(store.totals().guessed).toBe(0);
  });
});
