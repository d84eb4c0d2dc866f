import type { OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { guessList } from './guessList.js';
import { headingsAt } from './headingRow.js';
import { REMARK, type ListMapping } from './listMapping.js';
import { applyPatch, type CellFault } from './patch.js';
import { type Column } from './factsPatch.js';
import { readListRows } from './readList.js';
import { readRow } from './readRow.js';

/** The columns read when pasted cells have no header row. */
export const DEFAULT_COLUMNS: readonly Column[] = [
  'mark',
  'from',
  'to',
  'kind',
  'size',
  'hand',
  'rating',
  'frameMaterial',
  'leafConstruction',
];

/** What pasted cells would add, with every cell that could not be read. */
export interface Pasted {
  columns: (Column | undefined)[];
  openings: OpeningFacts[];
  faults: CellFault[];
  /** Headings that no column answers to; their cells stand in the notes. */
  ignored: string[];
}

/**
 * Reads pasted cells (rows of columns) as an imported list is read; where no row names two columns
 * {@link DEFAULT_COLUMNS} apply. A cell that cannot be read is reported and left out; its row is still
 * read. What no column answers to goes into the notes. A row without a mark is named after its place.
 *
 * @param words what words of the list mean, by column, where somebody said so; empty leaves the cell out
 */
export function readPaste(
  cells: string[][],
  practice: Practice,
  words: ListMapping['words'] = {},
): Pasted {
  const rows = cells.filter((row) => row.some((cell) => cell.trim() !== ''));
  const guess = guessList(rows, practice).mapping;
  const hasHeader = guess.headerRow >= 0;
  const usual: ListMapping['columns'] = hasHeader ? guess.columns : [...DEFAULT_COLUMNS];
  // Cells beyond the headings are not lost: they go into the note.
  const widest = rows.reduce((most, row) => Math.max(most, row.length), usual.length);
  const mapping: ListMapping = {
    ...(hasHeader ? guess : { ...guess, system: practice.system, decimalComma: false }),
    columns: Array.from({ length: widest }, (_, at) => usual[at] || REMARK),
    words,
  };
  const read = hasHeader
    ? readListRows(rows, mapping, practice)
    : rows.map((row, at) => readRow(row, at, [], mapping, practice));
  const faults: CellFault[] = [];
  const openings = read.map(({ patch, unread }, index) => {
    for (const one of unread) faults.push({ row: index, ...one });
    const blank: OpeningFacts = { mark: `new ${index + 1}`, kind: 'single' };
    return applyPatch(blank, patch);
  });
  const columns = usual.map((column) => (column === '' || column === REMARK ? undefined : column));
  const ignored = headingsAt(rows, guess.headerRow).filter((name, at) => !columns[at] && name);
  return { columns, openings, faults, ignored };
}
