import { list, number, object, words } from '@riegel/core';
import { COLUMNS, columnOf, type RegisterColumn } from './columns.js';

/** The columns of the register as somebody arranged them. */
export interface Layout {
  columns: readonly { id: string; width: number }[];
  /** So many at the left stay when the others are scrolled. */
  frozen: number;
}

export const LAYOUT: Layout = {
  columns: COLUMNS.map(({ id, width }) => ({ id, width })),
  frozen: 1,
};

export const NARROWEST = 40;
export const WIDEST = 480;

const shape = object(
  { columns: list(object({ id: words(60), width: number }, {}), 200), frozen: number },
  {},
);

/** A kept layout, without columns that are no more; undefined where it is none. The mark always stays. */
export function readLayout(value: unknown): Layout | undefined {
  const read = shape.read(value);
  if (!read) return undefined;
  const seen = new Set<string>();
  const columns = read.columns.flatMap(({ id, width }) => {
    if (!columnOf(id) || seen.has(id)) return [];
    seen.add(id);
    return [{ id, width: clamp(width, NARROWEST, WIDEST) }];
  });
  if (!seen.has('mark')) columns.unshift({ id: 'mark', width: columnOf('mark')!.width });
  return { columns, frozen: clamp(read.frozen, 0, columns.length) };
}

const clamp = (value: number, least: number, most: number) =>
  Math.round(Math.max(least, Math.min(most, value)));

export function withWidth(layout: Layout, id: string, width: number): Layout {
  return {
    ...layout,
    columns: layout.columns.map((one) =>
      one.id === id ? { id, width: clamp(width, NARROWEST, WIDEST) } : one,
    ),
  };
}

/** A column put at the end, or taken out; the mark is never taken out. */
export function toggled(layout: Layout, id: string): Layout {
  const at = layout.columns.findIndex((one) => one.id === id);
  if (at < 0) {
    const column = columnOf(id);
    return column
      ? { ...layout, columns: [...layout.columns, { id, width: column.width }] }
      : layout;
  }
  if (id === 'mark') return layout;
  return {
    columns: layout.columns.filter((one) => one.id !== id),
    frozen: at < layout.frozen ? layout.frozen - 1 : layout.frozen,
  };
}

/** A column moved to another place. What is frozen stays a matter of place. */
export function moved(layout: Layout, id: string, to: number): Layout {
  const one = layout.columns.find((column) => column.id === id);
  if (!one) return layout;
  const rest = layout.columns.filter((column) => column !== one);
  const at = clamp(to, 0, rest.length);
  return { ...layout, columns: [...rest.slice(0, at), one, ...rest.slice(at)] };
}

/** Everything up to and with this column stays when the others are scrolled. */
export function frozenTo(layout: Layout, id: string): Layout {
  const at = layout.columns.findIndex((one) => one.id === id) + 1;
  return { ...layout, frozen: layout.frozen === at ? 0 : at };
}

/** A column where it stands in the grid. */
export interface Placed extends RegisterColumn {
  /** Pixels from the left edge at which it stays; undefined where it scrolls. */
  stays: number | undefined;
}

/** The columns with their widths, and where the frozen ones stay. */
export function placed({ columns, frozen }: Layout, before: number): Placed[] {
  let left = before;
  return columns.map(({ id, width }, index) => {
    const stays = index < frozen ? left : undefined;
    left += width;
    return { ...columnOf(id)!, width, stays };
  });
}
