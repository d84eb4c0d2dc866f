import { MAX_TICKS, own, type Fault, type Result, type System } from '../measure/index.js';
import { readLocks, readProducts, type LockSpec, type Product } from '../catalogue/index.js';
import {
  FIELDS,
  LEAF_IDS,
  fieldOf,
  practiceFor,
  projectBasis,
  readBuilding,
  SET_STAGES,
  type Building,
  type Choice,
  type Observation,
  type OpeningFacts,
  type ProjectBasis,
  type Reading,
  type SetStage,
  type WrittenItem,
} from '../opening/index.js';
import {
  PRACTICE_IDS,
  readEditedPractices,
  type EditedPractice,
  type PracticeId,
} from '../practice/index.js';
import { readKeying, type Keying } from '../securing/index.js';
import { fitsKind } from '../survey/index.js';
import { writeField, type FieldValue } from './fieldText.js';
import { applyPatch, readColumn } from './patch.js';
import { handFor } from './paste.js';

/** A project as its file holds it, read. */
export interface ProjectFile {
  name: string;
  /** A shipped practice's id, or that of one in `practices`. */
  practice: string;
  note?: string;
  /** The project's own practices. */
  practices?: EditedPractice[];
  building?: Building;
  /** The project's own products, beside those that ship. */
  products?: Product[];
  /** The project's own lock functions. */
  locks?: LockSpec[];
  /** Who holds which keys. */
  keying?: Keying;
  openings: OpeningFacts[];
}

/** A fault in a file with the place it stands at, for one sentence each. */
export interface FileFault {
  where: string;
  fault: Fault;
}

export type ReadProject = { ok: true; project: ProjectFile } | { ok: false; faults: FileFault[] };

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The most faults one reading reports. */
const MOST_FAULTS = 100;

/**
 * Reads a project file (JSON text, format described in docs/project-file.md). Lengths and masses may
 * be written as people write them or as bare numbers in the project's unit. All faults are reported,
 * at most 100; nothing is half read.
 */
export function readProject(text: string): ReadProject {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    return fail('', 'file.json', { detail: (error as Error).message });
  }
  return readProjectObject(json);
}

/** The keys a file may have. */
const KEYS = [
  'format',
  'version',
  '$schema',
  'name',
  'practice',
  'note',
  'practices',
  'building',
  'products',
  'locks',
  'keying',
  'openings',
];

type Complain = (where: string, code: string, params?: Fault['params']) => void;

/** A part of the file by its own reader; what is wrong with it is told at its key. */
function readPart<T>(
  json: Json,
  key: string,
  read: (part: unknown) => Result<T>,
  complain: Complain,
): T | undefined {
  if (json[key] === undefined) return undefined;
  const result = read(json[key]);
  if (result.ok) return result.value;
  complain(key, result.fault.code, result.fault.params);
  return undefined;
}

function fail(where: string, code: string, params: Fault['params'] = {}): ReadProject {
  return { ok: false, faults: [{ where, fault: { code, params } }] };
}

/** The same for JSON that is already parsed. */
export function readProjectObject(json: unknown): ReadProject {
  if (!isObject(json)) return fail('', 'file.notObject');
  const faults: FileFault[] = [];
  const complain = (where: string, code: string, params: Fault['params'] = {}) =>
    faults.push({ where, fault: { code, params } });

  if (json['format'] !== undefined && json['format'] !== 'riegel-project')
    complain('format', 'file.format');
  if (json['version'] !== undefined && json['version'] !== 1)
    complain('version', 'file.version', { version: shownValue(json['version']) });
  if (json['name'] !== undefined && typeof json['name'] !== 'string') complain('name', 'file.name');
  const name =
    typeof json['name'] === 'string' && json['name'].trim()
      ? json['name'].trim().slice(0, 120)
      : 'Untitled';
  const practiceId = json['practice'] ?? 'us-commercial';
  const own = readPart(json, 'practices', readEditedPractices, complain) ?? [];
  const building = readPart(json, 'building', readBuilding, complain);
  const products = readPart(json, 'products', readProducts, complain) ?? [];
  const locks = readPart(json, 'locks', readLocks, complain) ?? [];
  const keying = readPart(json, 'keying', readKeying, complain);
  const named = own.some((edited) => edited.id === practiceId);
  if (!named && !PRACTICE_IDS.includes(practiceId as PracticeId)) {
    complain('practice', 'file.practice', {
      practice: shownValue(practiceId),
      known: PRACTICE_IDS.join(', '),
    });
  }
  const list = json['openings'];
  if (!Array.isArray(list)) {
    complain('openings', 'file.openings');
    return { ok: false, faults };
  }
  const basis = projectBasis(typeof practiceId === 'string' ? practiceId : '', own);
  const openings: OpeningFacts[] = [];
  list.forEach((entry, index) => {
    if (faults.length > MOST_FAULTS) return;
    if (!isObject(entry)) {
      complain(`opening ${index + 1}`, 'file.openingNotObject');
      return;
    }
    const facts = readOpening(entry, index, basis, faults);
    if (facts) openings.push(facts);
  });
  for (const key of Object.keys(json)) {
    if (!KEYS.includes(key)) {
      complain(key, 'file.unknownKey', { key });
    }
  }
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MOST_FAULTS) };
  return {
    ok: true,
    project: {
      name,
      practice: basis.practice.id,
      ...(typeof json['note'] === 'string' ? { note: json['note'].slice(0, 4000) } : {}),
      ...(own.length > 0 ? { practices: own } : {}),
      ...(building ? { building } : {}),
      ...(products.length > 0 ? { products } : {}),
      ...(locks.length > 0 ? { locks } : {}),
      ...(keying ? { keying } : {}),
      openings,
    },
  };
}

/** A value that should be a word, as a sentence shows it. */
function shownValue(value: unknown): string {
  return typeof value === 'object' ? 'an object' : String(value).slice(0, 80);
}

function readOpening(
  entry: Json,
  index: number,
  basis: ProjectBasis,
  faults: FileFault[],
): OpeningFacts | undefined {
  const mark = entry['mark'];
  const name = typeof mark === 'string' || typeof mark === 'number' ? String(mark) : '';
  const where = name ? `opening ${name}` : `opening ${index + 1}`;
  const practice = practiceFor(
    typeof entry['practice'] === 'string' ? entry['practice'] : undefined,
    basis,
  );
  const before = faults.length;
  let facts = { mark: name, kind: 'single' } as OpeningFacts;
  if (!name.trim()) faults.push({ where, fault: { code: 'file.noMark', params: {} } });
  for (const [key, value] of Object.entries(entry)) {
    if (value === null || value === undefined) continue;
    const field = fieldOf(key);
    if (field || key === 'size' || key === 'hand') {
      if (typeof value === 'object') {
        faults.push({
          where: `${where}, ${key}`,
          fault: { code: 'file.notValue', params: { key } },
        });
        continue;
      }
      const text = typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
      const read = readColumn(key, text, practice);
      if (read.ok)
        facts = applyPatch(
          facts,
          key === 'hand'
            ? handFor({ kind: entry['kind'] as OpeningFacts['kind'] }, read.value)
            : read.value,
        );
      else faults.push({ where: `${where}, ${key}`, fault: read.fault });
      continue;
    }
    const reader = own(LISTS, key);
    if (!reader) {
      faults.push({ where, fault: { code: 'file.unknownKey', params: { key } } });
      continue;
    }
    const read = reader(value);
    if (read === undefined)
      faults.push({ where: `${where}, ${key}`, fault: { code: `file.${key}`, params: {} } });
    else facts = applyPatch(facts, { [key]: read });
  }
  return faults.length === before ? facts : undefined;
}

/** The most hinges of one leaf that may be set by hand. */
export const MOST_SET = 12;

const STOOD = ['outside', 'inside', 'knuckle-side', 'other-side'];
const SIDES = ['left', 'right'];

/** Readers of the facts that are lists or maps; undefined when they are not as described. */
const LISTS: Record<string, (value: unknown) => unknown> = {
  observations: (value) => {
    if (!Array.isArray(value) || value.length > 50) return undefined;
    const read = value.map((seen) => readObservation(seen));
    return read.every((seen) => seen !== undefined) ? read : undefined;
  },
  readings: (value) => {
    if (!Array.isArray(value) || value.length > 1000) return undefined;
    const read = value.map((reading) => readReading(reading));
    return read.every((reading) => reading !== undefined) ? read : undefined;
  },
  choices: (value) => {
    if (!isObject(value)) return undefined;
    const choices: Record<string, Choice> = {};
    for (const [key, choice] of Object.entries(value)) {
      if (!/^[a-z]+\.[a-zA-Z]+(@[a-z]+)?$/.test(key) || !isObject(choice)) return undefined;
      const { value: chosen, reason, version } = choice;
      if (version !== undefined && !(Number.isInteger(version) && (version as number) >= 1))
        return undefined;
      if (
        (typeof chosen !== 'string' && typeof chosen !== 'number') ||
        typeof reason !== 'string' ||
        !reason.trim()
      )
        return undefined;
      if (String(chosen).length > 80 || reason.length > 1000) return undefined;
      choices[key] = {
        value: chosen,
        reason: reason.trim(),
        ...(version === undefined ? {} : { version: version as number }),
      };
    }
    return choices;
  },
  written: (value) => {
    if (!Array.isArray(value) || value.length > 200) return undefined;
    const read = value.map((item) => readWritten(item));
    return read.every((item) => item !== undefined) ? read : undefined;
  },
  none: (value) => {
    if (!isObject(value)) return undefined;
    const entries = Object.entries(value);
    return entries.every(
      ([stage, reason]) =>
        SET_STAGES.includes(stage as SetStage) &&
        typeof reason === 'string' &&
        reason.trim() &&
        reason.length <= 1000,
    )
      ? value
      : undefined;
  },
  hingePositions: (value) =>
    isObject(value) &&
    Object.entries(value).every(
      ([leaf, tops]) =>
        LEAF_IDS.includes(leaf as never) &&
        Array.isArray(tops) &&
        tops.length <= MOST_SET &&
        tops.every((top) => Number.isInteger(top) && top >= 0 && top <= MAX_TICKS),
    )
      ? value
      : undefined,
  tested: (value) => {
    if (!isObject(value)) return undefined;
    const { function: tested, steps, by, at } = value;
    const text = (one: unknown, most: number) =>
      typeof one === 'string' && one.length > 0 && one.length <= most;
    return Object.keys(value).length === 4 &&
      text(tested, 40) &&
      text(by, 80) &&
      text(at, 40) &&
      isObject(steps) &&
      Object.entries(steps).every(
        ([step, seen]) => /^\d{1,3}$/.test(step) && (seen === 'ok' || seen === 'fault'),
      )
      ? value
      : undefined;
  },
  how: (value) =>
    isObject(value) &&
    Object.entries(value).every(
      ([key, how]) => fieldOf(key) && (how === 'given' || how === 'measured'),
    )
      ? value
      : undefined,
};

function readObservation(seen: unknown): Observation | undefined {
  if (!isObject(seen)) return undefined;
  const who = {
    ...(typeof seen['by'] === 'string' ? { by: seen['by'].slice(0, 80) } : {}),
    ...(typeof seen['at'] === 'string' ? { at: seen['at'].slice(0, 40) } : {}),
  };
  if (seen['stood'] === 'in-frame' && SIDES.includes(String(seen['swingsTo']))) {
    return {
      stood: 'in-frame',
      swingsTo: seen['swingsTo'] as 'left' | 'right',
      ...(typeof seen['opensOutward'] === 'boolean' ? { opensOutward: seen['opensOutward'] } : {}),
      ...who,
    };
  }
  if (!STOOD.includes(String(seen['stood'])) || !SIDES.includes(String(seen['hinges'])))
    return undefined;
  const knuckles = seen['knuckles'];
  if (knuckles !== undefined && knuckles !== 'seen' && knuckles !== 'not-seen') return undefined;
  return {
    stood: seen['stood'] as 'outside',
    hinges: seen['hinges'] as 'left',
    ...(knuckles ? { knuckles } : {}),
    ...who,
  };
}

function readReading(reading: unknown): Reading | undefined {
  if (!isObject(reading)) return undefined;
  const { id, name, value, skipped, how, by, at, replaces } = reading;
  const text = (one: unknown, most: number): one is string =>
    typeof one === 'string' && one.length <= most;
  if (!text(id, 40) || !text(name, 40) || !text(by, 120) || !text(at, 40)) return undefined;
  if (how !== 'tape' && how !== 'digital') return undefined;
  if (skipped !== undefined && !text(skipped, 300)) return undefined;
  if ((value === undefined) === (skipped === undefined)) return undefined;
  if (value !== undefined && typeof value !== 'number' && typeof value !== 'string')
    return undefined;
  if (!fitsKind({ name, value })) return undefined;
  if (
    replaces !== undefined &&
    !(Array.isArray(replaces) && replaces.every((one) => text(one, 40)))
  )
    return undefined;
  return {
    id,
    name,
    ...(value === undefined ? {} : { value }),
    ...(skipped === undefined ? {} : { skipped }),
    how,
    by,
    at,
    ...(replaces === undefined ? {} : { replaces: replaces as string[] }),
  };
}

function readWritten(item: unknown): WrittenItem | undefined {
  if (!isObject(item)) return undefined;
  const { stage, quantity, unit, description, size, finish } = item;
  if (!SET_STAGES.includes(stage as SetStage)) return undefined;
  if (
    typeof quantity !== 'number' ||
    !Number.isInteger(quantity) ||
    quantity < 1 ||
    quantity > 9999
  )
    return undefined;
  if (unit !== undefined && !['each', 'pair', 'set', 'length'].includes(String(unit)))
    return undefined;
  if (typeof description !== 'string' || !description.trim() || description.length > 200)
    return undefined;
  return {
    stage: stage as SetStage,
    quantity,
    unit: (unit ?? 'each') as WrittenItem['unit'],
    description: description.trim(),
    ...(typeof size === 'string' && size.trim() ? { size: size.trim().slice(0, 60) } : {}),
    ...(typeof finish === 'string' && finish.trim() ? { finish: finish.trim().slice(0, 60) } : {}),
  };
}

/** The readers by fact, for whoever validates facts that come in by another way. */
export function readList(key: string, value: unknown): unknown {
  return own(LISTS, key)?.(value);
}

/** Writes a project so that {@link readProject} gives the same facts back. */
export function writeProject(project: ProjectFile): string {
  const { name, practice, note, practices = [], building, products = [] } = project;
  const { locks = [], keying } = project;
  const basis = projectBasis(practice, practices);
  const openings = project.openings.map((facts) =>
    writeOpening(facts, practiceFor(facts.practice, basis).system),
  );
  const file = {
    format: 'riegel-project',
    version: 1,
    name,
    practice,
    ...(note ? { note } : {}),
    ...(practices.length > 0 ? { practices } : {}),
    ...(building ? { building } : {}),
    ...(products.length > 0 ? { products } : {}),
    ...(locks.length > 0 ? { locks } : {}),
    ...(keying ? { keying } : {}),
    openings,
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

function writeOpening(facts: OpeningFacts, system: System): Json {
  const out: Json = {};
  for (const field of FIELDS) {
    const value = facts[field.name] as FieldValue;
    if (value === undefined) continue;
    out[field.name] =
      typeof value === 'boolean' ||
      field.type === 'count' ||
      (field.type === 'minutes' && value !== 'unknown')
        ? value
        : writeField(field, value, system);
  }
  for (const key of Object.keys(LISTS)) {
    const value = facts[key as keyof OpeningFacts];
    if (value !== undefined) out[key] = value;
  }
  return out;
}

/** Where and what of a fault in one sentence. */
export function faultPlace(fault: FileFault): string {
  return fault.where ? `${fault.where[0]!.toUpperCase()}${fault.where.slice(1)}: ` : '';
}
