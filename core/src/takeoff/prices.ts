import { normaliseText } from '../measure/index.js';
import type { TakeOffGroup, TakeOffLine } from './quantityTakeoff.js';

/** Columns that say what is ordered, in every list of it. */
export const ORDER_COLUMNS = [
  'Ref',
  'Stage',
  'Description',
  'Size',
  'Finish',
  'Hand',
  'Keyed to',
  'Standard',
  'Product',
] as const;

/** The cells of these columns. */
export const orderCells = (line: TakeOffLine): string[] => [
  line.ref,
  line.stage,
  line.description,
  line.size,
  line.finish,
  line.hand,
  line.keyed,
  line.standard,
  line.product,
];

/** Headings of a request for prices; those from the first answered one on are left to the supplier. */
export const PRICE_COLUMNS = [
  ...ORDER_COLUMNS,
  'Quantity',
  'Unit',
  'Price each',
  'Currency',
  'Weeks',
  'Offered instead',
  'Remarks',
] as const;

/** The columns that a supplier answers in. */
export const ANSWERED = PRICE_COLUMNS.indexOf('Price each');

/** The rows of a request for prices, one a line, its answers blank. */
export function priceRows(groups: readonly TakeOffGroup[]): (string | number)[][] {
  return groups.flatMap(({ lines }) =>
    lines.map((line) => [...orderCells(line), line.order, line.orderUnit, '', '', '', '', '']),
  );
}

/** One line of a reply. */
export interface PricedLine {
  line: TakeOffLine;
  /** For one order unit; undefined where nobody gave a price. */
  each: number | undefined;
  total: number | undefined;
  weeks: number | undefined;
  instead: string;
  remarks: string;
  /** The quantity that was priced, where it is no longer what is ordered. */
  otherQuantity: number | undefined;
}

/** A reply held against the take-off as it stands. */
export interface Reply {
  lines: PricedLine[];
  total: number;
  currency: string;
  /** Lines without a price, rows that name no line any more, cells that are no number. */
  missing: number;
  strange: { row: number; ref: string }[];
  unread: { row: number; column: string; typed: string }[];
}

/** A number as people write it: `12.50`, `1,250.00`, `1.250,00`, `€ 12,50`. */
export function readAmount(typed: string): number | undefined {
  const bare = typed.replace(/[^\d.,-]/g, '');
  if (!/\d/.test(bare) || bare.includes('-')) return undefined;
  const comma = bare.lastIndexOf(',');
  const point = bare.lastIndexOf('.');
  // The later of the two parts decimals; alone with three figures behind it parts thousands.
  const mark = Math.max(comma, point);
  const alone = comma < 0 !== point < 0;
  const repeated = mark >= 0 && bare.indexOf(bare[mark]!) !== mark;
  const decimals = mark < 0 || repeated || (alone && bare.length - mark === 4) ? -1 : mark;
  const text =
    decimals < 0
      ? bare.replace(/[.,]/g, '')
      : `${bare.slice(0, decimals).replace(/[.,]/g, '')}.${bare.slice(decimals + 1)}`;
  const value = Number(text);
  return Number.isFinite(value) ? value : undefined;
}

/**
 * Reads a reply to a request for prices: rows are matched by their reference, columns by their headings; the
 * rest of the file may have been sorted or added to. Undefined where no heading row names the reference and
 * the price.
 */
export function readReply(
  cells: readonly string[][],
  groups: readonly TakeOffGroup[],
): Reply | undefined {
  const keys = PRICE_COLUMNS.map(normaliseText);
  const at = cells.findIndex((row) => {
    const names = row.map(normaliseText);
    return names.includes('ref') && names.includes('price each');
  });
  if (at < 0) return undefined;
  const names = cells[at]!.map(normaliseText);
  const place = (column: (typeof PRICE_COLUMNS)[number]) =>
    names.indexOf(keys[PRICE_COLUMNS.indexOf(column)]!);
  const told = new Map<string, PricedLine>();
  const reply: Reply = { lines: [], total: 0, currency: '', missing: 0, strange: [], unread: [] };
  const all = new Map(
    groups.flatMap(({ lines }) => lines).map((line): [string, TakeOffLine] => [line.ref, line]),
  );
  cells.slice(at + 1).forEach((cellsOf, index) => {
    const cell = (column: (typeof PRICE_COLUMNS)[number]) =>
      (place(column) < 0 ? '' : (cellsOf[place(column)] ?? '')).trim();
    const row = at + index + 2;
    const ref = cell('Ref').toUpperCase();
    if (ref === '') return;
    const line = all.get(ref);
    if (!line) {
      reply.strange.push({ row, ref });
      return;
    }
    const number = (column: 'Price each' | 'Weeks' | 'Quantity') => {
      const typed = cell(column);
      const value = typed === '' ? undefined : readAmount(typed);
      if (typed !== '' && value === undefined) reply.unread.push({ row, column, typed });
      return value;
    };
    const each = number('Price each');
    const priced = number('Quantity');
    reply.currency ||= cell('Currency');
    told.set(ref, {
      line,
      each,
      total: each === undefined ? undefined : each * line.order,
      weeks: number('Weeks'),
      instead: cell('Offered instead'),
      remarks: cell('Remarks'),
      otherQuantity: priced === undefined || priced === line.order ? undefined : priced,
    });
  });
  const none = { each: undefined, total: undefined, weeks: undefined, instead: '', remarks: '' };
  reply.lines = [...all.values()].map(
    (line) => told.get(line.ref) ?? { line, ...none, otherQuantity: undefined },
  );
  for (const { total } of reply.lines)
    if (total === undefined) reply.missing += 1;
    else reply.total += total;
  return reply;
}
