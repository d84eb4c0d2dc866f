import { normaliseText } from '../measure/index.js';
import { FIELDS, type OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { TERMS } from '../phrasing/index.js';
import { applyPatch, readColumn, type CellFault, type Column, type FactsPatch } from './patch.js';

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

const ALIASES: Record<string, Column> = {
  mark: 'mark',
  no: 'mark',
  'no.': 'mark',
  number: 'mark',
  'door no': 'mark',
  'door no.': 'mark',
  'door number': 'mark',
  'door mark': 'mark',
  door: 'mark',
  'opening no': 'mark',
  from: 'from',
  'from room': 'from',
  to: 'to',
  'to room': 'to',
  room: 'to',
  floor: 'storey',
  level: 'storey',
  type: 'kind',
  'opening type': 'kind',
  size: 'size',
  'w x h': 'size',
  'door size': 'size',
  'opening size': 'size',
  width: 'frameWidth',
  w: 'frameWidth',
  height: 'frameHeight',
  h: 'frameHeight',
  thickness: 'leafThickness',
  thk: 'leafThickness',
  hand: 'hand',
  handing: 'hand',
  rating: 'rating',
  fire: 'rating',
  'fire rating': 'rating',
  label: 'rating',
  frame: 'frameMaterial',
  'frame material': 'frameMaterial',
  leaf: 'leafConstruction',
  'door material': 'leafConstruction',
  'leaf material': 'leafConstruction',
  'leaf construction': 'leafConstruction',
  hinges: 'hingeSide',
  'hinge side': 'hingeSide',
  remarks: 'note',
  notes: 'note',
  passages: 'passagesPerDay',
};

function columnNamed(heading: string): Column | undefined {
  const clean = normaliseText(heading);
  if (ALIASES[clean]) return ALIASES[clean];
  const field = FIELDS.find(
    (candidate) =>
      candidate.name.toLowerCase() === clean.replace(/ /g, '') ||
      normaliseText(TERMS[`fact.${candidate.name}`] ?? '') === clean,
  );
  return field?.name;
}

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
 * out; its row is still read. A row without a mark is named after its place.
 */
export function readPaste(cells: string[][], practice: Practice): Pasted {
  const rows = cells.filter((row) => row.some((cell) => cell.trim() !== ''));
  const named = (rows[0] ?? []).map(columnNamed);
  const hasHeader = named.filter((column) => column !== undefined).length >= 2;
  const columns: (Column | undefined)[] = hasHeader ? named : [...DEFAULT_COLUMNS];
  const ignored = hasHeader
    ? rows[0]!.filter((cell, index) => !named[index] && cell.trim() !== '')
    : [];
  const openings: OpeningFacts[] = [];
  const faults: CellFault[] = [];
  rows.slice(hasHeader ? 1 : 0).forEach((row, index) => {
    let facts: OpeningFacts = { mark: `new ${index + 1}`, kind: 'single' };
    const late: FactsPatch[] = [];
    const extra: string[] = [];
    row.forEach((typed, at) => {
      const column = columns[at];
      if (typed.trim() === '') return;
      if (!column) {
        const heading = hasHeader ? rows[0]![at]?.trim() : undefined;
        extra.push(heading ? `${heading}: ${typed.trim()}` : typed.trim());
        return;
      }
      const read = readColumn(column, typed, practice);
      if (!read.ok) faults.push({ row: index, column, typed, fault: read.fault });
      else if (column === 'hand') late.push(read.value);
      else facts = applyPatch(facts, read.value);
    });
    for (const patch of late) facts = applyPatch(facts, handFor(facts, patch));
    if (extra.length > 0) {
      const note = [facts.note, `${extra.join('; ')}.`].filter(Boolean).join(' ');
      facts = applyPatch(facts, { note: note.slice(0, 2000) });
    }
    openings.push(facts);
  });
  return { columns, openings, faults, ignored };
}

/** On a pair a bare hand code names the active leaf. */
function handFor(facts: OpeningFacts, patch: FactsPatch): FactsPatch {
  const pair = facts.kind === 'pair' || facts.kind === 'unequal-pair';
  if (!pair || patch.hingeSide === undefined || patch.hingeSide === 'unknown') return patch;
  return { active: patch.hingeSide, swing: patch.swing };
}
