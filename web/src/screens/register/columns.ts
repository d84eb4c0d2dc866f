import {
  fieldOf,
  phraseText,
  readColumn,
  TERMS,
  termText,
  writeField,
  type FactsPatch,
  type OpeningFacts,
  type Part,
  type Practice,
} from '@riegel/core';
import { cellOfRow, type PackedRow } from '../../worker/row.js';
import { fieldText } from '../../parts/FieldInput.js';

/** A line as the register shows it: facts, and what was decided of them once that has come. */
export interface Line {
  id: string;
  facts: OpeningFacts;
  row: PackedRow | undefined;
}

export interface RegisterColumn {
  id: string;
  title: string;
  width: number;
  /** Facts are edited; what is derived is only shown. */
  editable: boolean;
  right?: boolean;
  /** Shows the unit in the head, once. */
  length?: boolean;
}

export const COLUMNS: readonly RegisterColumn[] = [
  { id: 'mark', title: 'Mark', width: 62, editable: true },
  { id: 'from', title: 'From', width: 112, editable: true },
  { id: 'to', title: 'To', width: 116, editable: true },
  { id: 'kind', title: 'Kind', width: 104, editable: true },
  { id: 'frameWidth', title: 'Width', width: 76, editable: true, right: true, length: true },
  { id: 'frameHeight', title: 'Height', width: 80, editable: true, right: true, length: true },
  { id: 'leafConstruction', title: 'Leaf', width: 112, editable: true },
  { id: 'frameMaterial', title: 'Frame', width: 82, editable: true },
  { id: 'hand', title: 'Hand', width: 84, editable: true },
  { id: 'rating', title: 'Rating', width: 62, editable: true, right: true },
  { id: 'leafSize', title: 'Leaf size', width: 112, editable: false, right: true, length: true },
  { id: 'hinges', title: 'Hinges', width: 96, editable: false },
];

/** What a cell shows, and the plain text by which it is sorted, found and copied. */
export function cellOf(
  line: Line,
  column: RegisterColumn,
): { parts: Part[]; text: string; basis: string } {
  const decided = line.row && cellOfRow(line.row, column.id);
  if (decided) return decided;
  const value = line.facts[column.id as keyof OpeningFacts];
  const field = fieldOf(column.id);
  if (value === undefined || !field) return { parts: [], text: '', basis: 'given' };
  const text =
    field.options && value !== 'unknown'
      ? (TERMS[`short.${field.terms}.${String(value)}`] ??
        TERMS[`${field.terms}.${String(value)}`] ??
        String(value))
      : field.type === 'text'
        ? String(value)
        : writeField(field, value as string, 'metric');
  return { parts: [text], text, basis: 'given' };
}

/** The text an edit of a cell starts from. */
export function editText(line: Line, column: RegisterColumn, practice: Practice): string {
  if (column.id === 'hand') return line.row?.handCode ?? '';
  const field = fieldOf(column.id);
  return field ? fieldText(field, line.facts, practice) : '';
}

/** Reads what was typed into a cell: a change, or the sentence that says why not. */
export function readCell(
  line: Line | undefined,
  column: RegisterColumn,
  typed: string,
  practice: Practice,
): { patch: FactsPatch } | { fault: string } {
  const read = readColumn(column.id, typed, practice);
  if (!read.ok) {
    return {
      fault: phraseText(
        {
          code: read.fault.code,
          params: { ...read.fault.params, field: termText(`fact.${column.id}`) },
        },
        { system: practice.system },
      ),
    };
  }
  const pair = line && (line.facts.kind === 'pair' || line.facts.kind === 'unequal-pair');
  if (column.id === 'hand' && pair && read.value.hingeSide && read.value.hingeSide !== 'unknown') {
    return { patch: { active: read.value.hingeSide, swing: read.value.swing } };
  }
  return { patch: read.value };
}

/** The options of a choice column, as code and words. */
export function optionsOf(column: RegisterColumn): [string, string][] | undefined {
  const field = fieldOf(column.id);
  return field?.options?.map((option) => [option, termText(`${field.terms}.${option}`)]);
}
