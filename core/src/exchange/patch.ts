import {
  bad,
  good,
  normaliseText,
  type Fault,
  type Result,
  type System,
} from '../measure/index.js';
import { fieldOf } from '../stageRegistry/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { readField } from './fieldText.js';
import { readHand } from './handText.js';
import { factsOfColumn } from './headings.js';
import { readRating } from './ratingText.js';
import { readSize, readWallSize, readWidth } from './sizeText.js';
import type { Column, FactsPatch } from './factsPatch.js';

/** A width with a word for two leaves. */
const NAMES_LEAVES = /^(?:\(2\)|2 ?@|2 no|pr\b|pair\b)|\b(?:pr\.?|pair)$/i;

/**
 * Reads one cell of a column into a change. Besides the facts there are `size` (`sizeText.ts`) and `hand`
 * (`handText.ts`); a rating may say smoke as well (`ratingText.ts`).
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
  if (column === 'wallSize') return readWallSize(text, system);
  if (column === 'hand') return text === '' ? good({}) : readHand(text);
  if ((column === 'frameWidth' || column === 'leafWidth') && NAMES_LEAVES.test(text))
    return readWidth(column, text, system);
  const field = fieldOf(column);
  if (!field) return bad('column.unknown', { column });
  const value = readField(field, typed, system);
  if (!value.ok) return value;
  const smoke = field.name === 'rating' && readRating(normaliseText(text), system)?.smoke;
  return good({ [field.name]: value.value, ...(smoke ? { smoke } : {}) } as FactsPatch);
}

/**
 * What a column says of its own facts and what aside: a size that it is a pair, a rating that it holds smoke
 * back. What is said aside yields to the column that is about it.
 */
export function splitPatch(
  column: Column,
  patch: FactsPatch,
): { about: FactsPatch; aside: FactsPatch } {
  const facts = factsOfColumn(column);
  const entries = Object.entries(patch);
  return {
    about: Object.fromEntries(entries.filter(([name]) => facts.includes(name))),
    aside: Object.fromEntries(entries.filter(([name]) => !facts.includes(name))),
  };
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
