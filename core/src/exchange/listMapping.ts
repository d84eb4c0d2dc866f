import { normaliseText, type System } from '../measure/index.js';
import { headingsAt } from './headingRow.js';
import type { Column } from './factsPatch.js';

/** A column's cells go into the opening's note, with their heading. */
export const REMARK = 'remark';

/** How a door list is read: where it starts, what each column means, what its own words mean. */
export interface ListMapping {
  /** Index of the heading row; -1 where the list has none. */
  headerRow: number;
  /** For each column of the list: a fact, `size`, `hand`, `remark`, or empty to leave it out. */
  columns: (Column | '')[];
  /** By column and by the list's own word: what to read instead; empty text leaves the cell out. */
  words: Record<Column, Record<string, string>>;
  /** How bare numbers in lengths and sizes are read. */
  system: System;
  /** Whether `36,5` is thirty-six and a half. */
  decimalComma: boolean;
}

/** What a project remembers of its lists: headings and words, by their normalised text. */
export interface ListMemory {
  headings: Record<string, Column | ''>;
  words: Record<Column, Record<string, string>>;
}

export const NO_MEMORY: ListMemory = { headings: {}, words: {} };

/** What is to be remembered of a mapping, added to what was remembered before. */
export function remember(before: ListMemory, cells: string[][], mapping: ListMapping): ListMemory {
  const headings = { ...before.headings };
  headingsAt(cells, mapping.headerRow).forEach((heading, at) => {
    const name = wordKey(heading);
    if (name) headings[name] = mapping.columns[at] ?? '';
  });
  const words = { ...before.words };
  for (const [column, map] of Object.entries(mapping.words)) {
    words[column] = { ...words[column], ...map };
  }
  return { headings, words };
}

/** One spelling of a list's own word. */
export function wordKey(text: string): string {
  return normaliseText(text).slice(0, 120);
}
