import type { OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { columnNamed, distinctColumns } from './headings.js';
import { usualMeaning } from './likelyMeaning.js';
import { REMARK, type ListMapping } from './listMapping.js';
import { applyPatch, readColumn, type CellFault, type Column } from './patch.js';
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

/** Share of a column's cells that read as materials from which it is one of them. */
const MATERIALS = 0.7;

/** What pasted cells would add, with every cell that could not be read. */
export interface Pasted {
  columns: (Column | undefined)[];
  openings: OpeningFacts[];
  faults: CellFault[];
  /** Headings that no column answers to; their cells stand in the notes. */
  ignored: string[];
}

/**
 * Reads pasted cells (rows of columns). A first row in which two or more cells name columns is taken
 * as the header; else {@link DEFAULT_COLUMNS} apply. A cell that cannot be read is reported and left
 * out; its row is still read. Of two headings that name one fact the stronger claim is taken, the other
 * column goes into the notes. A row without a mark is named after its place.
 *
 * @param words what words of the list mean, by column, where somebody said so; empty leaves the cell out
 */
export function readPaste(
  cells: string[][],
  practice: Practice,
  words: ListMapping['words'] = {},
): Pasted {
  const rows = cells.filter((row) => row.some((cell) => cell.trim() !== ''));
  const named = (rows[0] ?? []).map(columnNamed);
  const hasHeader = named.filter((column) => column !== undefined).length >= 2;
  const below = (at: number) =>
    rows.slice(1).flatMap((row) => (row[at]?.trim() ? [row[at].trim()] : []));
  const columns: (Column | undefined)[] = hasHeader
    ? distinctColumns(rows[0]!, below)
    : [...DEFAULT_COLUMNS];
  // "Door" beside a column of marks heads what the leaves are made of, where its cells say so.
  columns.forEach((column, at) => {
    const cells = below(at);
    const reads = (typed: string) =>
      readColumn('leafConstruction', typed, practice).ok ||
      usualMeaning('leafConstruction', typed) !== undefined;
    if (
      !column &&
      columnNamed(rows[0]![at]!) === 'mark' &&
      !columns.includes('leafConstruction') &&
      cells.filter(reads).length > cells.length * MATERIALS
    )
      columns[at] = 'leafConstruction';
  });
  const ignored = hasHeader
    ? rows[0]!.filter((cell, index) => !columns[index] && cell.trim() !== '')
    : [];
  // Cells beyond the headings are not lost: they go into the note.
  const widest = rows.reduce((most, row) => Math.max(most, row.length), columns.length);
  const mapping: ListMapping = {
    headerRow: 0,
    columns: Array.from({ length: widest }, (_, at) => columns[at] ?? REMARK),
    words,
    system: practice.system,
    decimalComma: false,
  };
  const faults: CellFault[] = [];
  const headings = hasHeader ? rows[0]! : [];
  const openings = rows.slice(hasHeader ? 1 : 0).map((row, index) => {
    const { patch, unread } = readRow(row, index, headings, mapping, practice);
    for (const one of unread) faults.push({ row: index, ...one });
    const blank: OpeningFacts = { mark: `new ${index + 1}`, kind: 'single' };
    return applyPatch(blank, patch);
  });
  return { columns, openings, faults, ignored };
}
