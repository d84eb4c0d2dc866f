import { stringify } from 'csv-stringify/sync';
import { guardCell } from './guardCell.js';

/** A list as CSV: UTF-8 with a byte-order mark, CRLF, no cell that a spreadsheet would run. */
export function csvText(cells: string[][]): string {
  return `\uFEFF${stringify(
    cells.map((row) => row.map(guardCell)),
    { record_delimiter: '\r\n' },
  )}`;
}
