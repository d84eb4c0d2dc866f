import { bad, good, type Result } from '../measure/index.js';
import { practiceOf } from './practices.js';
import {
  areEditions,
  figureType,
  underEditions,
  type Editions,
  LOCK_USES,
  PRACTICE_IDS,
  valueTable,
  type HingePattern,
  type Practice,
  type PracticeId,
  type PracticeValues,
  type ValueName,
} from '../practice/index.js';
import { ROLES } from '../roles/index.js';

/** One value of a practice set otherwise, with where the new value comes from. */
export interface PracticeChange {
  value: unknown;
  source: string;
  note?: string | undefined;
}

/** A project's own practice: a shipped one under another name, with the values that differ. */
export interface EditedPractice {
  /** `own-…`, so that no shipped practice is meant by it. */
  id: string;
  name: string;
  base: PracticeId;
  /** Country and editions that are adopted, by the code's id; the usual ones where none is named. */
  editions?: Editions | undefined;
  changes: Partial<Record<ValueName, PracticeChange>>;
}

const OWN = /^own-[a-z0-9-]{1,36}$/;
const MAX_PRACTICES = 40;

/** Whether an id is that of a project's own practice. */
export function isOwnPractice(id: string): boolean {
  return OWN.test(id);
}

/** The shipped practice with the edited values in place of its own; their kind and unit stay. */
export function buildPractice(edited: EditedPractice): Practice {
  const base = underEditions(practiceOf(edited.base), edited.editions ?? {});
  const values: Record<string, unknown> = { ...base.values };
  for (const [name, change] of Object.entries(edited.changes)) {
    const shipped = base.values[name as ValueName];
    const value = completed(change.value, shipped.value);
    values[name] = { ...shipped, value, source: change.source };
  }
  return { ...base, id: edited.id, name: edited.name, values: values as unknown as PracticeValues };
}

const isTable = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What tables are kept by that grows: roles, and what locks are for. */
const GROWING: readonly (readonly string[])[] = [ROLES, LOCK_USES];

const isByGrowing = (table: Record<string, unknown>): boolean =>
  GROWING.some((all) => Object.keys(table).every((key) => all.includes(key)));

/** A table that was edited before there were all the roles, or uses, of today: those that came later as shipped. */
function completed(value: unknown, shipped: unknown): unknown {
  return isTable(value) && isTable(shipped) && isByGrowing(shipped)
    ? { ...shipped, ...value }
    : value;
}

/**
 * Whether a value has the shape of the shipped one: numbers finite and not negative where the shipped
 * are not, texts where texts stand, the same keys, lists of the same kind of rows (of any length but
 * none).
 */
export function fitsShape(value: unknown, like: unknown, alsoLike: unknown = like): boolean {
  if (typeof like === 'number') {
    return (
      typeof value === 'number' &&
      Number.isFinite(value) &&
      (value >= 0 || (alsoLike as number) < 0) &&
      Math.abs(value) < 1e9
    );
  }
  if (typeof like === 'string') return typeof value === 'string' && value.length <= MAX_TEXT;
  if (typeof like === 'boolean') return typeof value === 'boolean';
  if (Array.isArray(like)) {
    return (
      Array.isArray(value) &&
      value.length > 0 &&
      value.length <= 500 &&
      value.every((row) => like.some((one) => fitsShape(row, one)))
    );
  }
  if (typeof like === 'object' && like !== null) {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
    const [keys, wanted] = [Object.keys(value), Object.keys(like)];
    return (
      wanted.every((key) => keys.includes(key)) &&
      keys.every((key) =>
        fitsShape((value as Record<string, unknown>)[key], (like as Record<string, unknown>)[key]),
      )
    );
  }
  return value === undefined;
}

/** The longest text of a value: the names of rooms of one role. */
const MAX_TEXT = 2000;

/** Whether every figure that is one of some words is one of them. */
function areOptions(name: ValueName, value: unknown, values: PracticeValues): boolean {
  const { columns, rows } = valueTable(value);
  return columns.every((path, column) => {
    const type = figureType(name, values, path);
    if (type.type !== 'choice') return true;
    return rows.every(
      ({ figures }) =>
        figures[column] === undefined || type.options.includes(figures[column] as string),
    );
  });
}

const isLength = (value: unknown): boolean =>
  typeof value === 'number' && Number.isInteger(value) && value >= 0 && value < 1e8;

/** Whether a value is a list of hinge patterns, surveyed ones with their positions among them. */
export function arePatterns(value: unknown): value is HingePattern[] {
  if (!Array.isArray(value) || value.length === 0 || value.length > 500) return false;
  return (value as Partial<HingePattern>[]).every((pattern) => {
    if (typeof pattern !== 'object' || pattern === null) return false;
    const { id, top, bottom, rest, highDistance, below } = pattern;
    if (typeof id !== 'string' || !/^[a-z0-9-]{1,60}$/.test(id)) return false;
    if (!top || !['leaf-top', 'frame-head'].includes(top.from)) return false;
    if (!bottom || !['leaf-bottom', 'floor'].includes(bottom.from)) return false;
    if (
      ![top, bottom].every(
        ({ to, distance }) => ['edge', 'centre'].includes(to) && isLength(distance),
      )
    )
      return false;
    if (rest === 'equal') return true;
    if (rest === 'high') return isLength(highDistance);
    return rest === 'as-measured' && Array.isArray(below) && below.every(isLength);
  });
}

/** Checks a project's own practices as they come in. Faults: `practice.shape`, `practice.editions`, `practice.value`. */
export function readEditedPractices(json: unknown): Result<EditedPractice[]> {
  if (!Array.isArray(json) || json.length > MAX_PRACTICES) return bad('practice.shape');
  const ids = new Set<string>();
  for (const one of json as Partial<EditedPractice>[]) {
    if (typeof one !== 'object' || one === null) return bad('practice.shape');
    const { id, name, base, editions, changes } = one;
    if (typeof id !== 'string' || !OWN.test(id) || ids.has(id)) return bad('practice.shape');
    if (typeof name !== 'string' || !name.trim() || name.length > 80) return bad('practice.shape');
    if (!PRACTICE_IDS.includes(base as PracticeId)) return bad('practice.shape');
    if (editions !== undefined && !areEditions(base!, editions)) return bad('practice.editions');
    if (typeof changes !== 'object' || changes === null) return bad('practice.shape');
    ids.add(id);
    const shipped = practiceOf(base!).values;
    for (const [key, change] of Object.entries(changes)) {
      const like = shipped[key as ValueName];
      if (
        !like ||
        typeof change?.source !== 'string' ||
        !change.source.trim() ||
        change.source.length > 200 ||
        (change.note !== undefined &&
          (typeof change.note !== 'string' || change.note.length > 1000)) ||
        !(key === 'patterns'
          ? arePatterns(change.value)
          : fitsShape(completed(change.value, like.value), like.value)) ||
        !areOptions(key as ValueName, change.value, shipped)
      ) {
        return bad('practice.value', { name: key });
      }
    }
  }
  return good(json as EditedPractice[]);
}
