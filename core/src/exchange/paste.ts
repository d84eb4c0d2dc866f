import { own } from '../measure/index.js';
import type { OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { columnNamed, distinctColumns } from './headings.js';
import { wordKey, type ListMapping } from './listMapping.js';
import {
  applyPatch,
  splitPatch,
  readColumn,
  type CellFault,
  type Column,
  type FactsPatch,
} from './patch.js';
import { usualMeaning } from './likelyMeaning.js';
import { impliedKind } from './impliedKind.js';
import { factsInRemark } from './remarkText.js';

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
  const openings: OpeningFacts[] = [];
  const faults: CellFault[] = [];
  rows.slice(hasHeader ? 1 : 0).forEach((row, index) => {
    let patch: FactsPatch = {};
    let aside: FactsPatch = {};
    const late: FactsPatch[] = [];
    const extra: string[] = [];
    const remarks: string[] = [];
    row.forEach((typed, at) => {
      const column = columns[at];
      if (typed.trim() === '') return;
      if (!column) {
        const heading = hasHeader ? rows[0]![at]?.trim() : undefined;
        remarks.push(typed);
        extra.push(heading ? `${heading}: ${typed.trim()}` : typed.trim());
        return;
      }
      const word = own(own(words, column) ?? {}, wordKey(typed));
      if (word === '') return;
      if (column === 'note') remarks.push(typed);
      const read = readColumn(column, word ?? typed, practice);
      if (!read.ok) {
        faults.push({ row: index, column, typed, fault: read.fault });
        return;
      }
      const said = splitPatch(column, read.value);
      aside = { ...aside, ...said.aside };
      if (column === 'hand') late.push(said.about);
      else patch = { ...patch, ...said.about };
    });
    const blank: OpeningFacts = { mark: `new ${index + 1}`, kind: 'single' };
    const about = { ...aside, ...patch };
    const hand = late.find(({ active }) => active !== undefined);
    let facts = applyPatch(
      applyPatch(blank, about),
      impliedKind(about, hand ?? {}, columns, remarks),
    );
    for (const patch of late) facts = applyPatch(facts, handFor(facts, patch));
    if (remarks.length > 0)
      facts = { ...factsInRemark(remarks.join('; '), facts.kind, practice), ...facts };
    if (extra.length > 0) {
      const note = [facts.note, `${extra.join('; ')}.`].filter(Boolean).join(' ');
      facts = applyPatch(facts, { note: note.slice(0, 2000) });
    }
    openings.push(facts);
  });
  return { columns, openings, faults, ignored };
}

/** On a pair a bare hand code names the active leaf. */
export function handFor(facts: Partial<OpeningFacts>, patch: FactsPatch): FactsPatch {
  const pair = facts.kind === 'pair' || facts.kind === 'unequal-pair';
  if (!pair || patch.hingeSide === undefined || patch.hingeSide === 'unknown') return patch;
  return { active: patch.hingeSide, swing: patch.swing };
}
