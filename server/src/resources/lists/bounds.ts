/** What a list may hold. A file beyond any of these is refused before it is unfolded further. */
export const BOUNDS = {
  fileBytes: 8_000_000,
  /** A building model holds far more than its doors. */
  modelBytes: 64_000_000,
  sheets: 30,
  rows: 20_000,
  columns: 256,
  cells: 1_500_000,
  cellCharacters: 5000,
  /** Of all cells together: many cells may name one long text. */
  characters: 20_000_000,
  entries: 2000,
  inflatedBytes: 120_000_000,
} as const;

/** A file that is refused, with the sentence that says why and what to do. */
export class ListRefused extends Error {}

/** A sheet of a file: rows of cells as text, ragged. */
export interface Sheet {
  name: string;
  cells: string[][];
}

export type ReadFile =
  | { ok: true; kind: 'text' | 'workbook' | 'model'; detail: string; sheets: Sheet[] }
  | { ok: false; why: string };
