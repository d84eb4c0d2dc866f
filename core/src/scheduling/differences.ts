import type { Item } from '../model/index.js';
import { orderedItems, orderOf } from './ordered.js';

/** In what two lines for the same thing differ. */
export type LineField = 'quantity' | 'size' | 'traits' | 'finish' | 'standard' | 'product';

/** One difference between what two openings take. */
export interface LineDifference {
  first?: Item;
  second?: Item;
  /** Where both have the thing: in what it differs. */
  fields: LineField[];
}

const thingOf = (item: Item) => `${item.stage} ${item.term ?? ''} ${item.written ?? ''}`;

const OF: Record<LineField, (item: Item) => unknown> = {
  quantity: (item) => [item.quantity, item.unit],
  size: (item) => [item.height, item.width, item.length, item.size],
  traits: (item) => item.traits,
  finish: (item) => item.finish,
  standard: (item) => item.standard,
  product: (item) => item.product,
};
const FIELDS = Object.keys(OF) as LineField[];

const unlike = (one: Item, two: Item): LineField[] =>
  FIELDS.filter((field) => JSON.stringify(OF[field](one)) !== JSON.stringify(OF[field](two)));

/**
 * What two openings take differently, in the order of the first: lines for the same thing are held against the
 * one that differs least, the rest only one of them has. Nothing where the order is the same.
 */
export function itemDifferences(first: readonly Item[], second: readonly Item[]): LineDifference[] {
  const left = orderedItems(second);
  const one = orderedItems(first);
  const pairs: { item: Item; other: Item; fields: LineField[] }[] = one
    .flatMap((item) =>
      left
        .filter((other) => thingOf(other) === thingOf(item))
        .map((other) => ({ item, other, fields: unlike(item, other) })),
    )
    .sort((a, b) => a.fields.length - b.fields.length);
  const partner = new Map<Item, { other: Item; fields: LineField[] }>();
  const taken = new Set<Item>();
  for (const { item, other, fields } of pairs) {
    if (partner.has(item) || taken.has(other)) continue;
    partner.set(item, { other, fields });
    taken.add(other);
  }
  const differences = one.flatMap((item): LineDifference[] => {
    const with_ = partner.get(item);
    if (!with_) return [{ first: item, fields: [] }];
    return with_.fields.length > 0
      ? [{ first: item, second: with_.other, fields: with_.fields }]
      : [];
  });
  return [
    ...differences,
    ...left.filter((item) => !taken.has(item)).map((item) => ({ second: item, fields: [] })),
  ];
}

/** Two sets that differ in one line, by their numbers. */
export interface NearSets {
  first: number;
  second: number;
  difference: LineDifference;
}

/** Every pair of sets that differs in one line only, the one with fewer openings first. */
export function nearSets(
  sets: readonly { number: number; items: readonly Item[]; openings: readonly unknown[] }[],
): NearSets[] {
  // With any one line left out, near sets are alike: only those are held against each other.
  const without = new Map<string, number[]>();
  const put = (key: string, at: number) => {
    const list = without.get(key);
    if (!list) without.set(key, [at]);
    else if (list[list.length - 1] !== at) list.push(at);
  };
  const lines = sets.map(({ items }) =>
    orderedItems(items)
      .map((item) => `${orderOf(item)} ${item.quantity}`)
      .sort(),
  );
  lines.forEach((list, at) => {
    put(list.join('\n'), at);
    list.forEach((_, leave) => put(list.filter((__, index) => index !== leave).join('\n'), at));
  });
  const seen = new Set<string>();
  const near: NearSets[] = [];
  for (const list of without.values())
    for (const [place, a] of list.entries())
      for (const b of list.slice(place + 1)) {
        if (seen.has(`${a} ${b}`)) continue;
        seen.add(`${a} ${b}`);
        const [fewer, more] = [sets[a]!, sets[b]!].sort(
          (x, y) => x.openings.length - y.openings.length || x.number - y.number,
        ) as [(typeof sets)[number], (typeof sets)[number]];
        const differences = itemDifferences(fewer.items, more.items);
        if (differences.length === 1)
          near.push({ first: fewer.number, second: more.number, difference: differences[0]! });
      }
  return near.sort((x, y) => x.first - y.first || x.second - y.second);
}
