import writeExcelFile from 'write-excel-file/node';
import type { Table } from './tables.js';

/** Characters of the widest column, and how many rows tell how wide one is. */
const WIDEST = 60;
const SAMPLE = 400;

const text = (value: string, more: object = {}) =>
  value === '' ? null : { value, type: String, ...more };

/**
 * Tables as an XLSX workbook, a sheet a table: widths by what stands in them, heads bold and kept in sight, lying
 * paper. Texts are cells of text: no spreadsheet runs them.
 */
export function workbook(tables: readonly Table[]): Promise<Buffer> {
  return writeExcelFile(
    tables.map(({ name, head, rows, answered = head.length }) => ({
      sheet: name,
      stickyRowsCount: 1,
      orientation: 'landscape' as const,
      columns: head.map((title, at) => ({
        width: Math.min(
          WIDEST,
          2 +
            rows
              .slice(0, SAMPLE)
              .reduce((most, row) => Math.max(most, String(row[at] ?? '').length), title.length),
        ),
      })),
      data: [
        head.map((title, at) =>
          text(title, {
            fontWeight: 'bold',
            backgroundColor: at < answered ? '#e9e1d0' : '#f6e7b4',
          }),
        ),
        ...rows.map((row) =>
          row.map((value) =>
            typeof value === 'number'
              ? { value, type: Number }
              : text(value, { alignVertical: 'top', wrap: value.length > WIDEST }),
          ),
        ),
      ],
    })),
  ).toBuffer();
}
