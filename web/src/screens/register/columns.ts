import {
  FIELDS,
  fieldOf,
  hasActiveLeaf,
  lengthPart,
  partsText,
  phraseText,
  readColumn,
  TERMS,
  writeField,
  type FactsPatch,
  type Field,
  type OpeningFacts,
  type Part,
  type Practice,
  type SetStage,
  type Stage,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { cellOfRow, HARDWARE_COLUMNS, type PackedRow } from '../../worker/row.js';
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
  stage: Stage;
  /** Facts are edited; what is derived is only shown. */
  editable: boolean;
  right?: boolean;
  /** Shows the unit in the head, once. */
  length?: boolean;
}

type Own = Omit<RegisterColumn, 'stage' | 'editable'> & { stage?: Stage };

/** Facts whose name in a form is too long for a head, or that want another width. */
const OWN: Own[] = [
  { id: 'mark', title: 'Mark', width: 58 },
  { id: 'from', title: 'From', width: 94 },
  { id: 'to', title: 'To', width: 94 },
  { id: 'kind', title: 'Kind', width: 74 },
  { id: 'frameWidth', title: 'Width', width: 70, right: true, length: true },
  { id: 'frameHeight', title: 'Height', width: 82, right: true, length: true },
  { id: 'leafConstruction', title: 'Leaf', width: 104 },
  { id: 'frameMaterial', title: 'Frame', width: 72 },
  { id: 'hand', title: 'Hand', width: 80, stage: 'handing' },
  { id: 'rating', title: 'Rating', width: 62, right: true },
  // Guessed while rooms are typed, so it stands behind what is typed.
  { id: 'role', title: 'Role', width: 92 },
];

/** What is decided and only shown. */
/** What a column is called where the stage’s own name would be long. */
const TITLES: Partial<Record<SetStage, string>> = {
  protecting: 'Protection',
  sealing: 'Seals',
  powering: 'Power',
};

const DERIVED: Omit<RegisterColumn, 'editable'>[] = [
  { id: 'leafSize', title: 'Leaf size', width: 108, right: true, length: true, stage: 'sizing' },
  { id: 'hinges', title: 'Hinges', width: 96, stage: 'hanging' },
  {
    id: 'clearWidth',
    title: 'Clear width',
    width: 110,
    right: true,
    length: true,
    stage: 'hanging',
  },
  { id: 'lock', title: 'Lock', width: 150, stage: 'securing' },
  { id: 'lockFunction', title: 'Function', width: 150, stage: 'securing' },
  ...HARDWARE_COLUMNS.map((stage) => ({
    id: stage,
    title: TITLES[stage] ?? termText(`stage.${stage}`),
    width: stage === 'closing' ? 180 : 150,
    stage,
  })),
  // Numbered by the schedule, which knows the numbers that were given before.
  { id: 'set', title: 'Set', width: 56, right: true, stage: 'finishing' },
];

function ownColumn(own: Own): RegisterColumn {
  return { ...own, editable: true, stage: own.stage ?? fieldOf(own.id)!.stage };
}

/** Hand is typed as a code in one cell; the two facts behind it are no columns of their own. */
const BEHIND_HAND = new Set(['hingeSide', 'swing']);

function factColumn({ name, type, stage }: Field): RegisterColumn {
  const figure = type === 'length' || type === 'count' || type === 'minutes' || type === 'mass';
  return {
    id: name,
    title: termText(`fact.${name}`),
    width: figure ? 96 : 112,
    stage,
    editable: true,
    ...(figure ? { right: true } : {}),
    ...(type === 'length' ? { length: true } : {}),
  };
}

/** Every column there can be: those of the plain list first, then what follows, then all other facts. */
export const ALL_COLUMNS: readonly RegisterColumn[] = [
  ...OWN.map(ownColumn),
  ...DERIVED.map((one) => ({ ...one, editable: false })),
  ...FIELDS.filter(({ name }) => !OWN.some(({ id }) => id === name) && !BEHIND_HAND.has(name)).map(
    factColumn,
  ),
];

const byId = new Map(ALL_COLUMNS.map((column) => [column.id, column]));

export const columnOf = (id: string): RegisterColumn | undefined => byId.get(id);

/** The columns of a register nobody has arranged yet. */
export const COLUMNS: readonly RegisterColumn[] = [
  ...OWN.map(({ id }) => byId.get(id)!),
  byId.get('leafSize')!,
  byId.get('hinges')!,
];

interface Shown {
  parts: Part[];
  text: string;
  basis: string;
}

const NOTHING: Shown = { parts: [], text: '', basis: 'given' };

/** What a cell shows, and the plain text by which it is sorted, found and copied. */
export function cellOf(line: Line, column: RegisterColumn): Shown {
  const decided = line.row && cellOfRow(line.row, column.id);
  if (decided) return decided;
  const value = line.facts[column.id as keyof OpeningFacts];
  const field = fieldOf(column.id);
  if (value === undefined || !field) return NOTHING;
  const parts = partsOf(field, value, line.row);
  return { parts, text: partsText(parts), basis: 'given' };
}

function partsOf(field: Field, value: unknown, row: PackedRow | undefined): Part[] {
  const system = row?.system ?? 'metric';
  if (field.type === 'length' && typeof value === 'number')
    return [lengthPart(value, { system, denominator: row?.denominator ?? 16 })];
  if (field.options && value !== 'unknown')
    return [
      TERMS[`short.${field.terms}.${String(value)}`] ??
        TERMS[`${field.terms}.${String(value)}`] ??
        String(value),
    ];
  return [field.type === 'text' ? String(value) : writeField(field, value as string, system)];
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
  const pair = line && hasActiveLeaf(line.facts.kind);
  if (column.id === 'hand' && pair && read.value.hingeSide && read.value.hingeSide !== 'unknown') {
    return { patch: { active: read.value.hingeSide, swing: read.value.swing } };
  }
  return { patch: read.value };
}

/** The options of a choice column, as code and words. */
export function optionsOf(column: RegisterColumn): [string, string][] | undefined {
  const field = fieldOf(column.id);
  if (field?.type === 'yes-no')
    return [
      ['yes', 'yes'],
      ['no', 'no'],
    ];
  return field?.options?.map((option) => [option, termText(`${field.terms}.${option}`)]);
}
