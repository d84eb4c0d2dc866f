import { bad, good, type Result } from '../measure/index.js';

/** Columns of the heading lines, in their usual order. */
export const HEADING_COLUMNS = [
  'mark',
  'from',
  'to',
  'role',
  'kind',
  'size',
  'thickness',
  'leaf',
  'frame',
  'hand',
  'rating',
  'clearWidth',
] as const;
export type HeadingColumn = (typeof HEADING_COLUMNS)[number];

/** What the columns are called. */
export const HEADING_NAMES: Readonly<Record<HeadingColumn, string>> = {
  mark: 'Mark',
  from: 'From',
  to: 'To',
  role: 'Role',
  kind: 'Kind',
  size: 'Opening',
  thickness: 'Thickness',
  leaf: 'Leaf',
  frame: 'Frame',
  hand: 'Hand',
  rating: 'Rating',
  clearWidth: 'Clear width',
};

export const PAPERS = ['A4', 'A3', 'Letter', 'Tabloid'] as const;
export type Paper = (typeof PAPERS)[number];

/** Openings kept apart from others that take the same hardware, by their marks, with why. */
export interface Apart {
  id: string;
  marks: string[];
  reason: string;
}

/** What a project keeps of its schedule: names of sets, what is kept apart, and how it is printed. */
export interface ScheduleSettings {
  names?: { number: number; name: string }[];
  apart?: Apart[];
  /** Who takes part, printed on the front page: architect, owner, contractor. */
  parties?: { what: string; who: string }[];
  /** General notes, a paragraph a line. */
  notes?: string;
  /** Columns of the heading lines; the usual ones where none are chosen. */
  columns?: HeadingColumn[];
  paper?: Paper;
}

const MOST = { names: 2000, apart: 500, marks: 5000, parties: 20 } as const;

const isText = (value: unknown, most: number): value is string =>
  typeof value === 'string' && value.trim() !== '' && value.length <= most;

const isList = (value: unknown, most: number): value is unknown[] =>
  Array.isArray(value) && value.length <= most;

const has = (value: unknown, keys: readonly string[]): value is Record<string, unknown> =>
  typeof value === 'object' &&
  value !== null &&
  !Array.isArray(value) &&
  Object.keys(value).every((key) => keys.includes(key));

const distinct = (list: readonly unknown[]) => new Set(list).size === list.length;

const CHECKS: Record<keyof ScheduleSettings, (value: unknown) => boolean> = {
  names: (value) =>
    isList(value, MOST.names) &&
    value.every(
      (one) =>
        has(one, ['number', 'name']) &&
        Number.isSafeInteger(one['number']) &&
        (one['number'] as number) > 0 &&
        isText(one['name'], 80),
    ) &&
    distinct(value.map((one) => (one as { number: number }).number)),
  apart: (value) =>
    isList(value, MOST.apart) &&
    value.every(
      (one) =>
        has(one, ['id', 'marks', 'reason']) &&
        typeof one['id'] === 'string' &&
        /^[a-z0-9-]{1,40}$/.test(one['id']) &&
        isText(one['reason'], 400) &&
        isList(one['marks'], MOST.marks) &&
        one['marks'].length > 0 &&
        one['marks'].every((mark) => isText(mark, 40)),
    ) &&
    distinct(value.map((one) => (one as Apart).id)) &&
    distinct(value.flatMap((one) => (one as Apart).marks)),
  parties: (value) =>
    isList(value, MOST.parties) &&
    value.every(
      (one) => has(one, ['what', 'who']) && isText(one['what'], 40) && isText(one['who'], 200),
    ),
  notes: (value) => typeof value === 'string' && value.length <= 8000,
  columns: (value) =>
    isList(value, HEADING_COLUMNS.length) &&
    value.length > 0 &&
    value.every((one) => HEADING_COLUMNS.includes(one as HeadingColumn)) &&
    distinct(value),
  paper: (value) => PAPERS.includes(value as Paper),
};

/** Checks settings as they come in. Faults: `schedule.shape`, `schedule.value` (which part). */
export function readScheduleSettings(json: unknown): Result<ScheduleSettings> {
  if (!has(json, Object.keys(CHECKS))) return bad('schedule.shape');
  for (const [name, value] of Object.entries(json))
    if (!CHECKS[name as keyof ScheduleSettings](value)) return bad('schedule.value', { name });
  return good(json as ScheduleSettings);
}
