import { bad, good, getOwn, type Fault, type Result } from '../measure/index.js';
import { readLocks, readProducts } from '../catalogue/index.js';
import { fieldsAt, readRecord, recordAt, type Field } from '../stageRegistry/index.js';
import {
  currentFacts,
  FACTS_VERSION,
  readBuilding,
  type OpeningFacts,
  type ProjectBasis,
} from '../model/index.js';
import { practiceFor, projectBasis, readEditedPractices } from '../project/index.js';
import { PRACTICE_IDS, type Practice, type PracticeId } from '../practice/index.js';
import { readScheduleSettings } from '../scheduling/index.js';
import { readKeying } from '../securing/index.js';
import { readField } from './fieldText.js';
import { COMPOSITE } from './headings.js';
import { applyPatch, readColumn, splitPatch } from './patch.js';
import { type FactsPatch } from './factsPatch.js';
import { handFor } from './readRow.js';
import type { FileFault, ReadProject } from './projectFile.js';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The most faults one reading reports. */
const MAX_FAULTS = 100;

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
  'schedule',
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
  const version = json['version'] ?? 1;
  const known =
    Number.isInteger(version) && Number(version) >= 1 && Number(version) <= FACTS_VERSION;
  if (!known)
    complain('version', 'file.version', { version: shownValue(version), now: FACTS_VERSION });
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
  const schedule = readPart(json, 'schedule', readScheduleSettings, complain);
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
    if (faults.length > MAX_FAULTS) return;
    if (!isObject(entry)) {
      complain(`opening ${index + 1}`, 'file.openingNotObject');
      return;
    }
    const facts = readOpening(entry, index, basis, known ? Number(version) : 1, faults);
    if (facts) openings.push(facts);
  });
  for (const key of Object.keys(json)) {
    if (!KEYS.includes(key)) {
      complain(key, 'file.unknownKey', { key });
    }
  }
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, MAX_FAULTS) };
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
      ...(schedule ? { schedule } : {}),
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
  version: number,
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
    const fields = fieldsAt(key, version);
    if (fields.length > 0 || getOwn(COMPOSITE, key)) {
      if (typeof value === 'object') {
        faults.push({
          where: `${where}, ${key}`,
          fault: { code: 'file.notValue', params: { key } },
        });
        continue;
      }
      const text = typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
      const read =
        fields.length > 0 ? readAs(fields, text, practice) : readColumn(key, text, practice);
      if (read.ok) {
        const { about, aside } =
          fields.length > 0 ? { about: read.value, aside: {} } : splitPatch(key, read.value);
        const kind = entry['kind'] as OpeningFacts['kind'];
        // What has a key of its own is not said aside.
        const unsaid = Object.entries(aside).filter(([name]) => entry[name] === undefined);
        facts = applyPatch(facts, {
          ...Object.fromEntries(unsaid),
          ...(key === 'hand' ? handFor({ kind }, about) : about),
        });
      } else faults.push({ where: `${where}, ${key}`, fault: read.fault });
      continue;
    }
    const record = recordAt(key, version);
    if (record === undefined) {
      faults.push({ where, fault: { code: 'file.unknownKey', params: { key } } });
      continue;
    }
    const read = readRecord(record, value);
    if (read === undefined)
      faults.push({ where: `${where}, ${key}`, fault: { code: `file.${record}`, params: {} } });
    else facts = applyPatch(facts, { [key]: read });
  }
  return faults.length === before ? currentFacts({ ...facts, version }) : undefined;
}

/** A fact as the first of some ways reads it; what the last one says against it where none does. */
function readAs(fields: readonly Field[], text: string, practice: Practice): Result<FactsPatch> {
  let fault: Result<FactsPatch> = bad('column.unknown');
  for (const field of fields) {
    const read = readField(field, text, practice.system);
    if (read.ok) return good({ [field.name]: read.value } as FactsPatch);
    fault = read;
  }
  return fault;
}
