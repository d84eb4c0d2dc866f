import { getOwn, parseLength, parseSize, wholeDown, type System } from '../measure/index.js';
import type { Practice } from '../practice/index.js';
import { headingsAt } from './headingRow.js';
import { columnClaim, columnNamed, looksLikeMarks, TakenColumns } from './headings.js';
import { usualMeaning } from './likelyMeaning.js';
import { NO_MEMORY, REMARK, wordKey, type ListMapping, type ListMemory } from './listMapping.js';
import { readColumn } from './patch.js';
import { type Column } from './factsPatch.js';

/** Why a column was taken for what it is. */
export interface ColumnGuess {
  column: Column | '';
  by: 'memory' | 'name' | 'contents' | 'none';
  /** Share of its filled cells that read as that, 0 to 1. */
  reads: number;
}

export interface ListGuess {
  mapping: ListMapping;
  guesses: ColumnGuess[];
}

/** Rows in which a heading is looked for, and cells by which contents are judged. */
const HEAD_ROWS = 30;
const SAMPLE = 200;

/** Kinds of contents, the most telling first. Widths and heights are told apart by their order. */
const TELLING: readonly Column[] = [
  'size',
  'hand',
  'rating',
  'kind',
  'frameMaterial',
  'leafConstruction',
];

/**
 * Guesses how a list is to be read: the heading row (the first thirty rows' best), each column from
 * what the project remembers, its name, and its contents (contents win where a name does not fit
 * them), the decimal comma, and whether bare numbers are inches or millimetres.
 *
 * @param cells rows of columns as text, ragged rows allowed
 */
export function guessList(
  cells: string[][],
  practice: Practice,
  memory: ListMemory = NO_MEMORY,
): ListGuess {
  const headerRow = findHeader(cells, memory);
  const width = cells.slice(0, 500).reduce((most, row) => Math.max(most, row.length), 0);
  const headings = headingsAt(cells, headerRow);
  const heading = (cells[headerRow] ?? []).map(wordKey).join('|');
  const below = cells
    .slice(headerRow + 1)
    .filter((row) => filled(row) > 1 && (!heading || row.map(wordKey).join('|') !== heading));
  const samples = Array.from({ length: width }, (_, at) => sample(below, at));
  const decimalComma = usesComma(samples);
  const system = systemOf(samples, practice.system);
  const reads = (column: Column, at: number) =>
    share(samples[at]!, column, practice, system, decimalComma, memory);
  const fits = (column: Column, at: number) =>
    reads(column, at) > 0.7 && telling(column, samples[at]!);
  const taken = new TakenColumns();
  const headingOf = (at: number) => headings[at] ?? '';
  const rememberedOf = (at: number) => recalled(memory, headingOf(at));
  const byLeaf = practice.values.nominalNames.value === 'leaf';
  const claimOf = (at: number) => columnClaim(headingOf(at), byLeaf);
  const guesses = Array.from({ length: width }, (): ColumnGuess => ({
    column: '',
    by: 'none',
    reads: 0,
  }));
  // What is remembered goes before names, a fact's own name before a word used for it, marks before what is none.
  const rank = (at: number) => {
    const claim = claimOf(at);
    if (rememberedOf(at) !== undefined) return 0;
    if (!claim) return 5;
    const unlike = claim.column === 'mark' && !looksLikeMarks(samples[at]!);
    return (claim.exact ? 1 : 3) + (unlike ? 1 : 0);
  };
  const order = guesses.map((_, at) => at).sort((a, b) => rank(a) - rank(b) || a - b);
  for (const at of order) {
    const remembered = rememberedOf(at);
    if (remembered !== undefined) {
      if (remembered === '' || remembered === REMARK || taken.take(remembered))
        guesses[at] = {
          column: remembered,
          by: 'memory',
          reads: remembered ? reads(remembered, at) : 1,
        };
      continue;
    }
    const claim = claimOf(at);
    if (!claim) continue;
    if (taken.has(claim.column)) {
      // "Door" beside a column of marks heads what the leaves are made of, where its cells say so.
      if (claim.column === 'mark' && fits('leafConstruction', at) && taken.take('leafConstruction'))
        guesses[at] = {
          column: 'leafConstruction',
          by: 'contents',
          reads: reads('leafConstruction', at),
        };
      else if (claim.column !== 'mark') guesses[at] = { column: REMARK, by: 'name', reads: 1 };
      continue;
    }
    const named = claim.column;
    const read = reads(named, at);
    // “Type A, B, C” is the maker's letter for a leaf: where few cells read as a kind it is none.
    if (named === 'kind' && !claim.exact && read < 0.5 && samples[at]!.length > 0) continue;
    if (read < 0.2 && TELLING.some((other) => other !== named && fits(other, at))) continue;
    // "Door" may head marks, and materials as well: what repeats and reads as a material is none.
    if (
      named === 'mark' &&
      !claim.exact &&
      !looksLikeMarks(samples[at]!) &&
      TELLING.some((other) => !taken.has(other) && fits(other, at))
    )
      continue;
    taken.take(named);
    guesses[at] = { column: named, by: 'name', reads: read };
  }
  guessByContents(guesses, samples, taken, reads, headerRow < 0);
  guesses.forEach((guess, at) => {
    if (guess.by === 'none' && headingOf(at) && samples[at]!.length > 0) guess.column = REMARK;
  });
  return {
    guesses,
    mapping: {
      headerRow,
      columns: guesses.map((guess) => guess.column),
      words: { ...memory.words },
      system,
      decimalComma,
    },
  };
}

/** What a heading meant last time, if it is remembered. */
function recalled(memory: ListMemory, heading: string): Column | '' | undefined {
  return heading ? getOwn(memory.headings, wordKey(heading)) : undefined;
}

const filled = (row: string[]) => row.filter((cell) => cell.trim() !== '').length;

/** The row, among the first, that names most columns; -1 when none names two. */
function findHeader(cells: string[][], memory: ListMemory): number {
  let best = -1;
  let most = 1;
  cells.slice(0, HEAD_ROWS).forEach((_, index) => {
    const names = headingsAt(cells, index).filter(
      (cell) =>
        cell.trim() !== '' &&
        (columnNamed(cell) !== undefined || recalled(memory, cell) !== undefined),
    ).length;
    if (names > most) {
      most = names;
      best = index;
    }
  });
  return best;
}

function sample(rows: string[][], at: number): string[] {
  const cells: string[] = [];
  const step = Math.max(1, wholeDown(rows.length / SAMPLE));
  for (let index = 0; index < rows.length && cells.length < SAMPLE; index += step) {
    const cell = rows[index]![at]?.trim();
    if (cell) cells.push(cell);
  }
  return cells;
}

function share(
  cells: string[],
  column: Column,
  practice: Practice,
  system: System,
  decimalComma: boolean,
  memory: ListMemory,
): number {
  if (cells.length === 0) return 0;
  if (column === REMARK) return 1;
  const words = getOwn(memory.words, column) ?? {};
  const good = cells.filter(
    (cell) =>
      getOwn(words, wordKey(cell)) !== undefined ||
      (column !== 'rating' && usualMeaning(column, cell) !== undefined) ||
      readColumn(column, decimalComma ? withPoint(cell) : cell, practice, system).ok,
  ).length;
  return good / cells.length;
}

function guessByContents(
  guesses: ColumnGuess[],
  samples: string[][],
  taken: TakenColumns,
  reads: (column: Column, at: number) => number,
  bare: boolean,
): void {
  const free = (at: number) => guesses[at]!.by === 'none' && samples[at]!.length > 0;
  const take = (at: number, column: Column) => {
    guesses[at] = { column, by: 'contents', reads: reads(column, at) };
    taken.take(column);
  };
  for (const column of TELLING) {
    if (taken.has(column)) continue;
    const best = samples
      .map((cells, at) => ({ at, cells, fits: free(at) ? reads(column, at) : 0 }))
      .filter(({ cells, fits }) => fits > 0.7 && telling(column, cells))
      .sort((a, b) => b.fits - a.fits)[0];
    if (best) take(best.at, column);
  }
  if (!taken.has('size') && !taken.has('wallSize')) {
    for (const column of ['frameWidth', 'frameHeight'] as const) {
      const at = samples.findIndex((cells, index) => free(index) && cells.every(isOpeningLength));
      if (!taken.has(column) && at >= 0) take(at, column);
    }
  }
  if (!taken.has('mark')) {
    const at = samples.findIndex((cells, index) => free(index) && looksLikeMarks(cells));
    if (at >= 0) take(at, 'mark');
  }
  if (bare) {
    for (const column of ['from', 'to'] as const) {
      const at = samples.findIndex(
        (cells, index) => free(index) && cells.some((cell) => /[a-z]{3}/i.test(cell)),
      );
      if (!taken.has(column) && at >= 0) take(at, column);
    }
  }
}

/** Numbers alone do not tell a rating from a count, nor `no` a rating from a yes-or-no. */
function telling(column: Column, cells: string[]): boolean {
  if (column !== 'rating') return true;
  const filled = cells.filter((cell) => !/^[-–—]$|^n\/?a$/i.test(cell));
  return (
    filled.every(
      (cell) =>
        /[a-z/]/i.test(cell) || ['0', '20', '30', '45', '60', '90', '120', '180'].includes(cell),
    ) && filled.some((cell) => /\d/.test(cell))
  );
}

/** A length between 400 mm and 4 m in either system, as openings have. */
function isOpeningLength(cell: string): boolean {
  const value = Number(cell.replace(',', '.'));
  const metric = value >= 400 && value <= 4000;
  return metric || (/['"]|\d[ -]\d/.test(cell) && parseLength(cell, 'inch').ok);
}

/** `36,5` and `1.234,5` with their comma as a point. */
export function withPoint(cell: string): string {
  return cell.replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2');
}

function usesComma(samples: string[][]): boolean {
  let comma = 0;
  let point = 0;
  for (const cell of samples.flat()) {
    if (/^\D?\d+,\d{1,2}( ?mm)?$/.test(cell)) comma++;
    if (/^\D?\d+\.\d+( ?mm)?$/.test(cell)) point++;
  }
  return comma > point;
}

function systemOf(samples: string[][], usual: System): System {
  let metric = 0;
  let inch = 0;
  for (const cell of samples.flat()) {
    const pair = /^(\d{3,4}(?:[.,]\d+)?) ?[x×*] ?(\d{4})/i.exec(cell);
    if (pair || /^\d{3,4} ?mm$/i.test(cell)) metric++;
    else if (/\d ?['"]/.test(cell) && (parseSize(cell, 'inch').ok || parseLength(cell, 'inch').ok))
      inch++;
    else if (/^\d{2}(\.\d+| \d+\/\d+)? ?[x×*] ?\d{2}/i.test(cell)) inch++;
  }
  return metric > inch ? 'metric' : inch > metric ? 'inch' : usual;
}
