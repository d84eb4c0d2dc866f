import { stringify } from 'csv-stringify/sync';
import { headingCells, type Schedule } from '@riegel/core';
import { guardCell } from '../lists/bounds.js';

const COLUMNS = [
  'Set',
  'Mark',
  'From',
  'To',
  'Role',
  'Kind',
  'Opening',
  'Thickness',
  'Leaf',
  'Frame',
  'Hand',
  'Rating',
  'Clear width',
  'Stage',
  'Quantity',
  'Unit',
  'Description',
  'Size',
  'Finish',
  'Remarks',
];

/** A cell that no spreadsheet takes for a formula. */
export function safeCell(value: string | number): string | number {
  return typeof value === 'string' ? guardCell(value) : value;
}

/**
 * The schedule as CSV (UTF-8 with a byte-order mark, CRLF): a row for each opening and item, then a
 * row for every open question, finding and assumption nobody confirmed, so that nothing open is hidden.
 */
export function scheduleCsv(schedule: Schedule): string {
  const rows: (string | number)[][] = [COLUMNS];
  for (const set of schedule.sets) {
    for (const heading of set.headings) {
      for (const line of set.lines) {
        rows.push([
          set.number,
          ...headingCells(heading),
          line.stage,
          line.quantity,
          line.unit,
          line.description,
          line.size,
          line.finish,
          line.remarks,
        ]);
      }
    }
  }
  for (const heading of schedule.without)
    rows.push(['', ...headingCells(heading), '', '', '', 'no hardware yet', '', '', '']);
  const blank = Array<string>(11).fill('');
  for (const open of schedule.open)
    rows.push(['', open.mark, ...blank, open.stage, '', '', `OPEN: ${open.question}`, '', '', '']);
  for (const finding of schedule.findings)
    rows.push([
      '',
      finding.mark,
      ...blank,
      '',
      '',
      '',
      `${finding.level.toUpperCase()}: ${finding.text}`,
      '',
      '',
      finding.source,
    ]);
  for (const { text, marks } of schedule.assumed)
    rows.push(['', marks.join(' '), ...blank, '', '', '', `ASSUMED: ${text}`, '', '', '']);
  return `\uFEFF${stringify(
    rows.map((row) => row.map(safeCell)),
    { record_delimiter: '\r\n' },
  )}`;
}
