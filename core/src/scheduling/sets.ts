import type { Item } from '../model/index.js';
import { orderedItems, OrderNumbers } from './ordered.js';
import type { Apart } from './settings.js';

/** What grouping needs of a decided opening. */
export interface Groupable {
  id: string;
  mark: string;
  items: readonly Item[];
  /** Whether nothing open may change what it takes; taken so where nobody says. */
  settled?: boolean;
}

/** Openings that take the same hardware. `number` stays the same between issues. */
export interface HardwareSet<T extends Groupable> {
  number: number;
  signature: string;
  /** What each opening takes, what is ordered alike on one line. */
  items: readonly Item[];
  openings: T[];
  /** Why it is kept apart from others like it, where somebody did so. */
  apart?: string;
}

/** A number given before: which hardware it stood for and which openings it held. */
export interface KnownSet {
  number: number;
  signature: string;
  openings: string[];
}

/** Hardware as one line of text: equal text, equal order. Hands do not count. */
const textOf = (items: readonly Item[], numbers: OrderNumbers): string =>
  // The JSON of pairs, put together here: numbers of sets are kept by this text.
  `[${items.map((item) => `[${numbers.textOf(numbers.of(item))},${item.quantity}]`).join(',')}]`;

/** The hardware of an opening as one line of text, however its items stand. */
export const signatureOf = (items: readonly Item[]): string =>
  textOf(orderedItems(items), new OrderNumbers());

/** Marks sorted as people number doors: text parts as text, numbers as numbers. */
const byMark = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/** Sorted by mark; most lists are already, and asking a collator for every two is slow. */
function inMarkOrder<T extends Groupable>(openings: readonly T[]): readonly T[] {
  const after = (a: T, b: T) => byMark.compare(a.mark, b.mark) || (a.id < b.id ? -1 : 1);
  const inOrder = openings.every((one, at) => at === 0 || after(openings[at - 1]!, one) < 0);
  return inOrder ? openings : [...openings].sort(after);
}

const apartAs = (own: Apart | undefined) => (own ? ` apart ${own.id}` : '');

interface Group<T extends Groupable> {
  own: Apart | undefined;
  items: Item[];
  openings: T[];
}

/**
 * Groups openings into sets. Those without any hardware, and those with something open that may change what
 * they take, come back apart. A group keeps the number
 * its hardware had; hardware that changed keeps the number of the set most of its openings were in;
 * other groups take the next free number, in mark order. Numbers are never used again.
 */
export function groupSets<T extends Groupable>(
  openings: T[],
  before: KnownSet[] = [],
  apart: readonly Apart[] = [],
): { sets: HardwareSet<T>[]; undecided: T[]; without: T[]; known: KnownSet[] } {
  const sorted = inMarkOrder(openings);
  const groups = new Map<string, Group<T>>();
  const numbers = new OrderNumbers();
  const without: T[] = [];
  const undecided: T[] = [];
  const apartOf = new Map(apart.flatMap((one) => one.marks.map((mark) => [mark, one])));
  for (const opening of sorted) {
    if (opening.settled === false) {
      undecided.push(opening);
      continue;
    }
    if (opening.items.length === 0) {
      without.push(opening);
      continue;
    }
    const own = apartOf.get(opening.mark);
    const items = orderedItems(opening.items);
    const lines = items.map((item) => `${numbers.of(item)}x${item.quantity}`).join(' ');
    const key = lines + apartAs(own);
    const group = groups.get(key);
    if (group) group.openings.push(opening);
    else groups.set(key, { own, items, openings: [opening] });
  }
  const bySignature = new Map(
    Array.from(groups.values(), (group) => [
      textOf(group.items, numbers) + apartAs(group.own),
      group,
    ]),
  );
  const numberOf = numberGroups(bySignature, before);
  const sets = Array.from(bySignature, ([signature, { own, openings, items }]) => ({
    number: numberOf.get(signature)!,
    signature,
    items,
    openings,
    ...(own ? { apart: own.reason } : {}),
  }));
  sets.sort((a, b) => a.number - b.number);
  const current = sets.map((set) => ({
    number: set.number,
    signature: set.signature,
    openings: set.openings.map((opening) => opening.id),
  }));
  const used = new Set(current.map((set) => set.number));
  return {
    sets,
    undecided,
    without,
    known: [...current, ...before.filter((set) => !used.has(set.number))],
  };
}

function numberGroups(
  groups: ReadonlyMap<string, { openings: readonly Groupable[] }>,
  before: KnownSet[],
): Map<string, number> {
  const numbers = new Map<string, number>();
  const free = new Map(before.map((set) => [set.number, set]));
  for (const set of before) {
    if (groups.has(set.signature) && !numbers.has(set.signature)) {
      numbers.set(set.signature, set.number);
      free.delete(set.number);
    }
  }
  const setOf = new Map<string, number>();
  for (const set of free.values()) for (const id of set.openings) setOf.set(id, set.number);
  const claims: { signature: string; number: number; held: number; order: number }[] = [];
  let order = 0;
  for (const [signature, { openings }] of groups) {
    order++;
    if (numbers.has(signature)) continue;
    const held = new Map<number, number>();
    for (const { id } of openings) {
      const number = setOf.get(id);
      if (number !== undefined) held.set(number, (held.get(number) ?? 0) + 1);
    }
    for (const [number, count] of held) claims.push({ signature, number, held: count, order });
  }
  claims.sort((a, b) => b.held - a.held || a.number - b.number || a.order - b.order);
  for (const claim of claims) {
    if (numbers.has(claim.signature) || !free.has(claim.number)) continue;
    numbers.set(claim.signature, claim.number);
    free.delete(claim.number);
  }
  let next = Math.max(0, ...before.map((set) => set.number)) + 1;
  for (const signature of groups.keys())
    if (!numbers.has(signature)) numbers.set(signature, next++);
  return numbers;
}

export { byMark };
