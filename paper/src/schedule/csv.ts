import { stringify } from 'csv-stringify/sync';
import type { Schedule } from '@riegel/core';
import { guardCell } from '../cells/guardCell.js';
import { openTable, setTable } from './tables.js';

/** A cell that no spreadsheet takes for a formula. */
export function safeCell(value: string | number): string | number {
  return typeof value === 'string' ? guardCell(value) : value;
}

const MARK = 2;
const DESCRIPTION = 17;

/**
 * The schedule as CSV (UTF-8 with a byte-order mark, CRLF): a row for each opening and item, then a
 * row for every open question, finding and assumption nobody confirmed, so that nothing open is hidden.
 */
export function scheduleCsv(schedule: Schedule): string {
  const { head, rows } = setTable(schedule);
  const open = openTable(schedule).rows.map(([what, text, marks, source]) => {
    const row: (string | number)[] = Array(head.length).fill('');
    row[MARK] = marks!;
    row[DESCRIPTION] = `${what}: ${text}`;
    row[head.length - 1] = source!;
    return row;
  });
  return `\uFEFF${stringify(
    [head, ...rows, ...open].map((row) => row.map(safeCell)),
    { record_delimiter: '\r\n' },
  )}`;
}
