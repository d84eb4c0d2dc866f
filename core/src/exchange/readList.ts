import { getOwn, type Fault } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { headingsAt } from './headingRow.js';
import { columnNamed, COMPOSITE, factsOfColumn, TakenColumns } from './headings.js';
import { REMARK, wordKey, type ListMapping } from './listMapping.js';
import type { Column } from './factsPatch.js';
import { readRow, type ListRow } from './readRow.js';

const STOREY = /floor|storey|story|level|basement|attic|roof|ground|mezzanine/i;

/** How many rows are read between two tellings of progress. */
const PROGRESS_ROWS = 250;

/**
 * Reads the rows of a list under a mapping. Blank rows and repeated headings are passed over; a row
 * of one cell alone is a section heading, which names the storey of what follows where it sounds like
 * one and the list has no column of storeys. A cell that cannot be read is left out and reported; its
 * row is still read.
 *
 * @param progress told the share that is done, 0 to 1
 */
export function readListRows(
  cells: string[][],
  mapping: ListMapping,
  practice: Practice,
  progress?: (done: number) => void,
): ListRow[] {
  const headings = headingsAt(cells, mapping.headerRow);
  const heading = (cells[mapping.headerRow] ?? []).map(wordKey).join('|');
  const hasStorey = mapping.columns.includes('storey');
  const columns = onceEach(mapping.columns);
  const read: ListRow[] = [];
  const marks = new Map<string, ListRow>();
  let storey: string | undefined;
  for (let at = mapping.headerRow + 1; at < cells.length; at++) {
    const row = cells[at]!;
    if (at % PROGRESS_ROWS === 0) progress?.(at / cells.length);
    const filled = row.filter((cell) => cell.trim() !== '');
    if (filled.length === 0 || (heading && row.map(wordKey).join('|') === heading)) continue;
    if (filled.length === 1 && mapping.columns.filter(Boolean).length > 2) {
      if (!hasStorey && STOREY.test(filled[0]!)) storey = storeyOf(filled[0]!);
      continue;
    }
    const one = readRow(row, at, headings, { ...mapping, columns }, practice);
    if (storey && one.patch.storey === undefined) one.patch = { ...one.patch, storey };
    const same = marks.get(markKey(one.mark));
    if (one.mark === '') one.fault = { code: 'list.noMark', params: {} };
    else if (same) {
      const params = { mark: one.mark, row: same.at + 1 };
      one.fault = { code: 'list.repeated', params };
    } else marks.set(markKey(one.mark), one);
    read.push(one);
  }
  return read;
}

/** The columns with those that would set a fact a second time turned into remarks: nothing is overwritten. */
function onceEach(columns: ListMapping['columns']): ListMapping['columns'] {
  const taken = new TakenColumns();
  return columns.map((column) =>
    column === '' || column === REMARK || taken.take(column) ? column : REMARK,
  );
}

/** `GROUND FLOOR` names the storey Ground. */
function storeyOf(section: string): string {
  const name = section.trim().replace(/\s+floor$/i, '') || section.trim();
  const loud = name === name.toUpperCase() && /[A-Z]{2}/.test(name);
  return (loud ? name[0]! + name.slice(1).toLowerCase() : name).slice(0, 40);
}

/** One spelling of a mark, by which rows and openings are matched. */
export function markKey(mark: string): string {
  return mark.trim().toLowerCase().replace(/\s+/g, ' ');
}

/** The words of a list that were not understood, with how often, the most frequent first. */
export function unknownWords(
  rows: ListRow[],
): { column: Column; word: string; count: number; fault: Fault }[] {
  const words = new Map<string, { column: Column; word: string; count: number; fault: Fault }>();
  for (const { unread } of rows) {
    for (const { column, typed, fault } of unread) {
      const key = `${column}\u0000${wordKey(typed)}`;
      const known = words.get(key);
      if (known) known.count++;
      else words.set(key, { column, word: typed, count: 1, fault });
    }
  }
  return [...words.values()].sort((a, b) => b.count - a.count);
}

/** The facts a column can set, so that a blank cell can be told from a column that is not there. */
export function factsOfColumns(columns: readonly string[]): Set<keyof OpeningFacts> {
  const facts = new Set<keyof OpeningFacts>();
  for (const column of columns) {
    if (getOwn(COMPOSITE, column))
      for (const fact of factsOfColumn(column)) facts.add(fact as keyof OpeningFacts);
    else if (column === REMARK) facts.add('note');
    else if (column && columnNamed(column)) facts.add(column as keyof OpeningFacts);
  }
  return facts;
}
