import type { FactsPatch, Practice } from '@riegel/core';
import { cellOf, editText, readCell, type Line, type RegisterColumn } from './columns.js';
import type { Place } from './CellEditor.js';
import type { Unread } from './unread.js';

/** A stretch of cells, its ends included. */
export interface Range {
  top: number;
  bottom: number;
  left: number;
  right: number;
}

/** A text that goes into a cell. */
export interface Written {
  place: Place;
  text: string;
}

/** So many lines a page key leads on. */
const PAGE = 18;

/** Where a key leads from a place, whether or not there is such a place; undefined of keys that lead nowhere. */
export function stepTo(
  key: string,
  { row, column }: Place,
  last: Place,
  control: boolean,
): Place | undefined {
  switch (key) {
    case 'ArrowUp':
      return { row: row - 1, column };
    case 'ArrowDown':
      return { row: row + 1, column };
    case 'ArrowLeft':
      return { row, column: column - 1 };
    case 'ArrowRight':
      return { row, column: column + 1 };
    case 'PageUp':
      return { row: row - PAGE, column };
    case 'PageDown':
      return { row: row + PAGE, column };
    case 'Home':
      return { row: control ? 0 : row, column: 0 };
    case 'End':
      return { row: control ? last.row : row, column: last.column };
    default:
      return undefined;
  }
}

/** The cells of a stretch, line by line. */
export function placesOf({ top, bottom, left, right }: Range): Place[] {
  const places: Place[] = [];
  for (let row = top; row <= bottom; row++)
    for (let column = left; column <= right; column++) places.push({ row, column });
  return places;
}

/** What emptying a stretch writes: nothing into what an opening cannot be without. */
export function emptied(range: Range, columns: readonly RegisterColumn[]): Written[] {
  return placesOf(range)
    .filter(({ column }) => !['mark', 'kind'].includes(columns[column]!.id))
    .map((place) => ({ place, text: '' }));
}

/** What filling a stretch down writes: into every line what stands in the first. */
export function filledDown(
  range: Range,
  first: Line,
  columns: readonly RegisterColumn[],
  practice: Practice,
): Written[] {
  return placesOf({ ...range, top: range.top + 1 }).map((place) => ({
    place,
    text: editText(first, columns[place.column]!, practice),
  }));
}

/** Lines and columns as the text that is copied: what is typed is copied as it is typed, the rest as it is shown. */
export function copied(
  lines: readonly Line[],
  columns: readonly RegisterColumn[],
  practice: Practice,
): string {
  return lines
    .map((line) =>
      columns
        .map((column) =>
          column.editable && column.id !== 'hand'
            ? editText(line, column, practice)
            : cellOf(line, column).text,
        )
        .join('\t'),
    )
    .join('\n');
}

/** A pasted text as cells, line by line. */
export function blockOf(text: string): string[][] {
  return text
    .replace(/\r?\n$/, '')
    .split(/\r?\n/)
    .map((row) => row.split('\t'));
}

/**
 * What pasting writes into the cells that are there: one text into every cell of the stretch, else the block from
 * the place on. Undefined where it is a list rather than cells: wider than two columns, longer than the lines
 * that are left, or onto no line at all.
 */
export function pasted(
  text: string,
  range: Range,
  at: Place,
  count: number,
): Written[] | undefined {
  const block = blockOf(text);
  if (count === 0 || block.some((row) => row.length > 2) || block.length > count - at.row)
    return undefined;
  if (block.length === 1 && block[0]!.length === 1)
    return placesOf(range).map((place) => ({ place, text: block[0]![0]! }));
  return block.flatMap((row, r) =>
    row.map((cell, c) => ({
      place: { row: at.row + r, column: at.column + c },
      text: cell,
    })),
  );
}

/** What texts come to: a change for each opening, and what could not be read, by its cell; `undefined` clears a cell. */
export interface Taken {
  patches: { id: string; patch: FactsPatch }[];
  unread: [key: string, unread: Unread | undefined][];
}

/** Reads texts into cells: what can be read is one change for each opening, what cannot stays with its cell. */
export function taken(
  written: readonly Written[],
  lineAt: (row: number) => Line | undefined,
  columns: readonly RegisterColumn[],
  practice: Practice,
): Taken {
  const patches = new Map<string, FactsPatch>();
  const unread: Taken['unread'] = [];
  for (const { place, text } of written) {
    const line = lineAt(place.row);
    const column = columns[place.column];
    if (!line || !column?.editable) continue;
    const key = `${line.id}:${column.id}`;
    const read = readCell(line, column, text, practice);
    if ('fault' in read) unread.push([key, { text, message: read.fault }]);
    else {
      unread.push([key, undefined]);
      patches.set(line.id, { ...patches.get(line.id), ...read.patch });
    }
  }
  return { patches: [...patches].map(([id, patch]) => ({ id, patch })), unread };
}
