import { flag, list, map, object, text, words } from '@riegel/core';
import { columnOf } from './columns.js';
import { readLayout, type Layout } from './layout.js';
import type { Order } from './order.js';

/** A way to look at the register that somebody gave a name. */
export interface View {
  name: string;
  layout: Layout;
  order: Order;
}

const orderShape = object(
  {
    search: text(200),
    sorting: list(object({ id: words(60), desc: flag }, {}), 20),
    filters: map(words(60), list(text(400), 2000)),
  },
  {},
);

/** A kept order, without columns that are no more. */
export function readOrder(value: unknown): Order | undefined {
  const read = orderShape.read(value);
  if (!read) return undefined;
  return {
    search: read.search,
    sorting: read.sorting.filter(({ id }) => columnOf(id)),
    filters: Object.fromEntries(Object.entries(read.filters).filter(([id]) => columnOf(id))),
  };
}

/** Kept views; one that cannot be read is left out. */
export function readViews(value: unknown): View[] {
  if (!Array.isArray(value)) return [];
  return value.slice(0, 50).flatMap((one: unknown) => {
    const { name, layout, order } = (one ?? {}) as Record<string, unknown>;
    const named = words(80).read(name);
    const arranged = readLayout(layout);
    const sorted = readOrder(order);
    return named && arranged && sorted ? [{ name: named, layout: arranged, order: sorted }] : [];
  });
}
