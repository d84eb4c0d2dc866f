import fc from 'fast-check';
import type { Item } from '../model/index.js';
import { groupSets, signatureOf } from './index.js';
import { orderedAlike, orderedItems, OrderNumbers, orderOf } from './ordered.js';

/** With every field. */
const whole: Required<Item> = {
  stage: 'hanging',
  term: 'item.butt',
  written: 'w',
  quantity: 1,
  unit: 'each',
  height: 1,
  width: 2,
  length: 3,
  size: '4',
  traits: ['a'],
  finish: 'f',
  standard: 's',
  product: 'p',
  handed: false,
};

const few = <T>(...values: T[]) => fc.constantFrom(undefined, ...values);

/** Things so few in kind that alike ones meet, and differ in any one field. */
const item: fc.Arbitrary<Item> = fc.record<Item>({
  stage: fc.constantFrom('hanging' as const, 'closing' as const),
  term: few('item.butt', ''),
  written: few('Bell push', 'He said "no"\n'),
  quantity: fc.constantFrom(1, 2, 2.5),
  unit: fc.constantFrom('each' as const, 'pair' as const),
  height: few(1, 0),
  width: few(1, 2),
  length: few(2, 1),
  size: few('4', ''),
  traits: fc.constantFrom<readonly string[]>([], ['a'], ['a', 'b'], ['b', 'a']),
  finish: few('F1', ''),
  standard: few('S1', ''),
  product: few('P1', ''),
  handed: fc.boolean(),
});

/** Another that is the same but for what is named. */
const changed = fc
  .tuple(item, item, fc.subarray(Object.keys(whole)))
  .map(([one, other, names]): [Item, Item] => [
    one,
    { ...one, ...Object.fromEntries(names.map((name) => [name, other[name as keyof Item]])) },
  ]);

describe('ordered alike', () => {
  it('is what the written order says, field by field', () => {
    let alike = 0;
    fc.assert(
      fc.property(changed, ([one, other]) => {
        const written = orderOf(one) === orderOf(other);
        expect(orderedAlike(one, other)).toBe(written);
        if (written) alike++;
      }),
      { numRuns: 2000 },
    );
    expect(alike).toBeGreaterThan(200);
  });
  it('differs by any single field but the quantity and the hand', () => {
    const other: Required<Item> = {
      stage: 'closing',
      term: 'item.pivot',
      written: 'x',
      quantity: 2,
      unit: 'pair',
      height: 2,
      width: 3,
      length: 4,
      size: '5',
      traits: ['b'],
      finish: 'g',
      standard: 't',
      product: 'q',
      handed: true,
    };
    const kept = (Object.keys(whole) as (keyof Item)[]).filter((name) =>
      orderedAlike(whole, { ...whole, [name]: other[name] }),
    );
    expect(kept).toEqual(['quantity', 'handed']);
    // Sizes that come to the same sum are told apart.
    const numbers = new OrderNumbers();
    expect(numbers.of(whole)).not.toBe(numbers.of({ ...whole, height: 2, width: 1 }));
    expect(numbers.of(whole)).toBe(numbers.of({ ...whole, quantity: 9, handed: true }));
    // No term and an empty one are written alike.
    const { term: _, ...untermed } = whole;
    expect(numbers.of(untermed)).toBe(numbers.of({ ...whole, term: '' }));
  });
  it('has one number for what is written alike, and its text', () =>
    fc.assert(
      fc.property(fc.array(item, { maxLength: 30 }), (items) => {
        const numbers = new OrderNumbers();
        const seen = new Map<number, string>();
        for (const one of items) {
          const number = numbers.of(one);
          expect(JSON.parse(numbers.textOf(number))).toBe(orderOf(one));
          seen.set(number, orderOf(one));
        }
        expect(seen.size).toBe(new Set(items.map(orderOf)).size);
      }),
    ));
  it('groups openings as their signatures do', () =>
    fc.assert(
      fc.property(fc.array(fc.array(item, { maxLength: 3 }), { maxLength: 12 }), (lists) => {
        const openings = lists.map((items, at) => ({ id: `${at}`, mark: `${at}`, items }));
        const { sets, without } = groupSets(openings);
        expect(without).toHaveLength(lists.filter((items) => items.length === 0).length);
        for (const set of sets) {
          expect(JSON.parse(set.signature)).toEqual(
            orderedItems(set.items).map((one) => [orderOf(one), one.quantity]),
          );
          for (const one of set.openings) expect(signatureOf(one.items)).toBe(set.signature);
        }
        expect(new Set(sets.map(({ signature }) => signature)).size).toBe(sets.length);
      }),
    ));
});
