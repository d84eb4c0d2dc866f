import { bad, good, parseSize, type Fault, type Result, type System } from '../measure/index.js';
import { fieldOf, type OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { readField } from './fieldText.js';

/** Columns beyond the plain facts: a size and a four-hand code each set two facts. */
export type Column = string;

/** A change to an opening's facts; a key with `undefined` clears the fact. */
export type FactsPatch = Partial<OpeningFacts>;

const HANDS: Record<string, FactsPatch> = {
  lh: { hingeSide: 'left', swing: 'in' },
  rh: { hingeSide: 'right', swing: 'in' },
  lhr: { hingeSide: 'left', swing: 'out' },
  rhr: { hingeSide: 'right', swing: 'out' },
};

/**
 * Reads one cell of a column into a change. Besides the facts there are `size` (the frame opening, or
 * the leaf where the practice names sizes by the leaf) and `hand` (a four-hand code; a bare `left` is
 * refused, since schools mean opposite things by it).
 */
export function readColumn(column: Column, typed: string, practice: Practice): Result<FactsPatch> {
  const text = typed.trim();
  if (column === 'size') return readSize(text, practice.system, practice);
  if (column === 'hand') {
    if (text === '') return good({});
    const hand =
      HANDS[
        text
          .toLowerCase()
          .replace(/[\s.-]|active$/g, '')
          .replace(/active|a$/, '')
      ];
    if (!hand) return bad('column.hand', { text });
    // A pair's hand is that of its active leaf; its hinges are on that side.
    return good(/a(ctive)?$/i.test(text) ? { active: hand.hingeSide, swing: hand.swing } : hand);
  }
  const field = fieldOf(column);
  if (!field) return bad('column.unknown', { column });
  const value = readField(field, typed, practice.system);
  return value.ok ? good({ [field.name]: value.value } as FactsPatch) : value;
}

function readSize(text: string, system: System, practice: Practice): Result<FactsPatch> {
  if (text === '') return good({});
  const size = parseSize(text, system);
  if (!size.ok) return size;
  return good(
    practice.values.nominalNames.value === 'leaf'
      ? { leafWidth: size.value.width, leafHeight: size.value.height }
      : { frameWidth: size.value.width, frameHeight: size.value.height },
  );
}

/** Facts with a change applied; cleared facts are left out. */
export function applyPatch(facts: OpeningFacts, patch: FactsPatch): OpeningFacts {
  const merged: Record<string, unknown> = { ...facts, ...patch };
  for (const key of Object.keys(merged)) if (merged[key] === undefined) delete merged[key];
  return merged as unknown as OpeningFacts;
}

/** A cell that could not be read: where it stands, what was typed, and why. */
export interface CellFault {
  row: number;
  column: Column;
  typed: string;
  fault: Fault;
}
