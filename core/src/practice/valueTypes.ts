import { LOCK_FIGURES } from './lockFigures.js';
import { LOCK_USES, ROLE_CLOSINGS, ROLE_SMOKES } from './roleAnswers.js';
import type { PracticeValues, ValueName } from './types.js';

/** What a figure within a practice's value is, so that it is read and shown in one way. */
export type FigureType =
  | { type: 'length' | 'mass' | 'number' | 'text' | 'yes-no' }
  | { type: 'choice'; options: readonly string[] };

const LENGTHS = new Set([
  'hinge',
  'lock',
  'head',
  'meeting',
  'undercut',
  'undercutOverThreshold',
  'bottom',
  'toThickness',
  'toWidth',
  'toHeight',
  'height',
  'width',
  'distance',
  'highDistance',
  'at',
  'below',
]);

const YES_NO = new Set(['scales', 'holdsScrews', 'holdsLock']);

const CHOICES: Record<string, readonly string[]> = {
  'top.from': ['leaf-top', 'frame-head'],
  'bottom.from': ['leaf-bottom', 'floor'],
  'top.to': ['edge', 'centre'],
  'bottom.to': ['edge', 'centre'],
  rest: ['equal', 'high', 'as-measured'],
};

/** Kinds of lock a practice may take as its usual ones. */
const LOCKS = ['cylindrical', 'tubular', 'mortise', 'profile', 'sash', 'rim-lock'];

const KINDS = Object.keys(LOCK_FIGURES);

const TERMS: Partial<Record<ValueName, readonly string[]>> = {
  nominalNames: ['frame opening', 'leaf'],
  assumedUse: ['high', 'medium', 'low'],
  corner: ['square', 'round-quarter', 'round-five-eighths'],
  lockUsual: LOCKS,
  lockHighUse: LOCKS,
  lockFor: KINDS,
  roleUse: LOCK_USES,
  roleClosing: ROLE_CLOSINGS,
  roleSmoke: ROLE_SMOKES,
  frameByRole: ['steel', 'timber', 'aluminium', ''],
  useByRole: ['high', 'medium', 'low', ''],
  leafEdgeUsual: ['flush', 'rebated'],
  stopUsual: ['wall', 'floor'],
  floorUsual: ['smooth', 'light', 'rough', 'carpet'],
  roomsOf: ['buildings', 'dwellings', 'buildings and dwellings'],
  boredTrim: ['with the lock', 'apart'],
  narrowCylinder: ['mortise', 'profile'],
  oneMotion: ['always', 'ways out'],
  ratedLatch: ['always', 'as tested'],
  doubleKeyed: ['stop', 'check'],
};

/** Values that name a leaf; empty where a role’s own is asked for. */
const LEAVES: ReadonlySet<string> = new Set(['leafByRole', 'leafRated', 'leafOutside']);

/**
 * What a figure of a value is. Values of unit length or mass are that; in tables the column tells.
 *
 * @param path keys from the value to the figure, list indices left out: `['toWidth']`, `['top', 'from']`
 */
export function figureType(
  name: ValueName,
  values: PracticeValues,
  path: readonly string[],
): FigureType {
  const value = values[name];
  const last = path[path.length - 1];
  const choice = CHOICES[path.join('.')];
  if (choice) return { type: 'choice', options: choice };
  const terms = TERMS[name];
  if (LEAVES.has(name))
    return { type: 'choice', options: [...Object.keys(values.surfaceMasses.value), ''] };
  if (terms && path.length === 0) return { type: 'choice', options: terms };
  if (typeof value.value === 'boolean' || YES_NO.has(last ?? '')) return { type: 'yes-no' };
  if (last === 'name' || last === 'id' || value.unit === 'term') return { type: 'text' };
  if (name === 'hingeGauges') return { type: 'length' };
  if (last === 'heavy' && name === 'butts') return { type: 'yes-no' };
  if (last === 'toMass' || value.unit === 'mass') return { type: 'mass' };
  if (value.unit === 'length') return { type: 'length' };
  if (last !== undefined && LENGTHS.has(last)) return { type: 'length' };
  return { type: name === 'hingeWidths' ? 'length' : 'number' };
}

/** A value as rows of figures: one row for a single figure or a record, one for each entry of a list. */
export interface ValueTable {
  columns: string[][];
  rows: { label: string | undefined; figures: unknown[] }[];
  /** Whether rows may be added and taken out. */
  open: boolean;
}

function leaves(value: unknown, path: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return [path];
  return Object.entries(value).flatMap(([key, inner]) => leaves(inner, [...path, key]));
}

/** The figure at a path, undefined where there is none. */
export function figureAt(value: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>((inner, key) => (inner as Record<string, unknown>)?.[key], value);
}

/** A copy of a value with one figure set otherwise; undefined takes it out. */
export function withFigure(value: unknown, path: readonly string[], figure: unknown): unknown {
  if (path.length === 0) return figure;
  const [key, ...rest] = path as [string, ...string[]];
  if (Array.isArray(value)) {
    return value.map((entry, index) =>
      String(index) === key ? withFigure(entry, rest, figure) : (entry as unknown),
    );
  }
  const copy = { ...(value as Record<string, unknown>) };
  const inner = withFigure(copy[key], rest, figure);
  if (inner === undefined) delete copy[key];
  else copy[key] = inner;
  return copy;
}

/** How a value is laid out for editing. Paths of rows begin with the row's key where it has one. */
export function valueTable(value: unknown): ValueTable {
  if (Array.isArray(value)) {
    const columns: string[][] = [];
    for (const entry of value as unknown[])
      for (const path of leaves(entry))
        if (!columns.some((known) => known.join('.') === path.join('.'))) columns.push(path);
    return {
      columns,
      open: true,
      rows: value.map((entry) => ({
        label: undefined,
        figures: columns.map((path) => figureAt(entry, path)),
      })),
    };
  }
  if (typeof value === 'object' && value !== null) {
    const entries = Object.entries(value);
    const deep = entries.some(([, inner]) => typeof inner === 'object');
    const columns = deep ? leaves(entries[0]![1]) : [[]];
    return {
      columns,
      open: false,
      rows: entries.map(([label, inner]) => ({
        label,
        figures: columns.map((path) => figureAt(inner, path)),
      })),
    };
  }
  return { columns: [[]], open: false, rows: [{ label: undefined, figures: [value] }] };
}
