import {
  bad,
  good,
  parseLength,
  parseSize,
  type Fault,
  type Result,
  type System,
} from '../measure/index.js';
import { fieldOf } from '../stages/index.js';
import type { OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { readField } from './fieldText.js';
import { readHand } from './handText.js';

/** Columns beyond the plain facts: a size and a four-hand code each set two facts. */
export type Column = string;

/** A change to an opening's facts; a key with `undefined` clears the fact. */
export type FactsPatch = Partial<OpeningFacts>;

/**
 * Reads one cell of a column into a change. Besides the facts there are `size` (the frame opening, or
 * the leaf where the practice names sizes by the leaf; a third figure is the thickness) and `hand`
 * (see `handText.ts`).
 *
 * @param system how bare numbers are read, where a list is written otherwise than its project
 */
export function readColumn(
  column: Column,
  typed: string,
  practice: Practice,
  system: System = practice.system,
): Result<FactsPatch> {
  const text = typed.trim();
  if (column === 'size') return readSize(text, system, practice);
  if (column === 'hand') return text === '' ? good({}) : readHand(text);
  const field = fieldOf(column);
  if (!field) return bad('column.unknown', { column });
  const value = readField(field, typed, system);
  return value.ok ? good({ [field.name]: value.value } as FactsPatch) : value;
}

function readSize(text: string, system: System, practice: Practice): Result<FactsPatch> {
  if (text === '') return good({});
  const third = /^(.*?\s*[x×*].*?)\s*[x×*]\s*([^x×*]+)$/i.exec(text);
  const size = parseSize(third ? third[1]! : text, system);
  if (!size.ok) return size;
  const thickness = third ? parseLength(third[2]!, system) : undefined;
  if (thickness && !thickness.ok) return thickness;
  const { width, height } = size.value;
  return good({
    ...(practice.values.nominalNames.value === 'leaf'
      ? { leafWidth: width, leafHeight: height }
      : { frameWidth: width, frameHeight: height }),
    ...(thickness ? { leafThickness: thickness.value } : {}),
  });
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
