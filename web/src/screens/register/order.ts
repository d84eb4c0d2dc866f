import type { OpeningFacts } from '@riegel/core';
import { sortKeyOf, type PackedRow } from '../../worker/row.js';
import { cellOf, columnOf } from './columns.js';

/** What is sorted by, the first first. */
export interface Sorting {
  id: string;
  desc: boolean;
}

/** Which openings are shown, and in which order. */
export interface Order {
  search: string;
  sorting: readonly Sorting[];
  /** By column: the texts that are shown; a column without an entry shows all. */
  filters: Readonly<Record<string, readonly string[]>>;
}

export const AS_ENTERED: Order = { search: '', sorting: [], filters: {} };

interface Listed {
  id: string;
  facts: OpeningFacts;
}

type RowOf = (id: string) => PackedRow | undefined;

const texts = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

function compare(a: number | string | undefined, b: number | string | undefined): number {
  if (typeof a === 'number' && typeof b === 'number') return a - b;
  return texts.compare(String(a), String(b));
}

function textOf(one: Listed, row: PackedRow | undefined, id: string): string {
  const column = columnOf(id);
  return column ? cellOf({ ...one, row }, column).text : '';
}

/**
 * Openings as they are asked for: every filter and every word of the search holds, in the order of the
 * first column sorted by that tells two apart, else as they were entered. What is open or empty comes last.
 * With nothing asked for it is the very list given.
 */
export function ordered<T extends Listed>(
  openings: readonly T[],
  rowOf: RowOf,
  shown: readonly string[],
  { search, sorting, filters }: Order,
): readonly T[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const sets = Object.entries(filters).map(([id, values]) => [id, new Set(values)] as const);
  let list = openings;
  if (words.length > 0 || sets.length > 0)
    list = openings.filter((one) => {
      const row = rowOf(one.id);
      if (!sets.every(([id, values]) => values.has(textOf(one, row, id)))) return false;
      if (words.length === 0) return true;
      const all = shown
        .map((id) => textOf(one, row, id))
        .join('\n')
        .toLowerCase();
      return words.every((word) => all.includes(word));
    });
  if (sorting.length === 0) return list;
  const keyed = list.map((one, at) => {
    const row = rowOf(one.id);
    const keys = sorting.map(({ id }) => {
      const key = row?.cells[id] ? sortKeyOf(row, id) : keyOfFact(one, row, id);
      return key === '' ? undefined : key;
    });
    return { one, keys, at };
  });
  keyed.sort((a, b) => {
    for (const [index, { desc }] of sorting.entries()) {
      const [left, right] = [a.keys[index], b.keys[index]];
      if (left === undefined || right === undefined) {
        if (left !== right) return left === undefined ? 1 : -1;
        continue;
      }
      const order = compare(left, right);
      if (order !== 0) return desc ? -order : order;
    }
    return a.at - b.at;
  });
  return keyed.map(({ one }) => one);
}

function keyOfFact(one: Listed, row: PackedRow | undefined, id: string): number | string {
  const value = one.facts[id as keyof OpeningFacts];
  return typeof value === 'number' ? value : textOf(one, row, id);
}

/** The different texts of a column with how often each stands, as people sort them. */
export function valuesOf(
  openings: readonly Listed[],
  rowOf: RowOf,
  id: string,
): [text: string, count: number][] {
  const counts = new Map<string, number>();
  for (const one of openings) {
    const text = textOf(one, rowOf(one.id), id);
    counts.set(text, (counts.get(text) ?? 0) + 1);
  }
  return [...counts].sort(([a], [b]) => texts.compare(a, b));
}

/** The sorting after a head was pressed: up, down, off; added to what there is or instead of it. */
export function pressed(sorting: readonly Sorting[], id: string, add: boolean): readonly Sorting[] {
  const before = sorting.find((one) => one.id === id);
  const next = !before ? { id, desc: false } : before.desc ? undefined : { id, desc: true };
  if (!add) return next ? [next] : [];
  if (!before) return [...sorting, next!];
  return sorting.flatMap((one) => (one.id !== id ? one : (next ?? [])));
}
