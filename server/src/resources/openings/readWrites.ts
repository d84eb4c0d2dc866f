import { phraseText, readFacts, type OpeningFacts } from '@riegel/core';
import { readDocument, type DocumentWrite } from '../documents/readDocument.js';
import { DOCUMENT_NAMES, type DocumentName } from '../../base/entities/document.entity.js';
import { idField } from '../../base/http/ids.js';
import { checked, Joi, MAX_FAULTS } from '../../base/http/joi.pipe.js';
import type { FieldFault } from '../../base/http/problem.js';
import { parseSound, UnsoundJson } from '../../base/http/wellFormed.js';
import { packWrites, type PackedWrites } from './packedWrites.js';
import { listedColumns, storedJson, type StoredFacts } from '../../base/openingRows/openingText.js';
import { Write } from './write.js';

/** A bulk write, checked, or what of it cannot be used. */
export type ReadWrites =
  | { ok: true; changes: PackedWrites; documents: DocumentWrite[]; kind?: 'import' }
  | { ok: false; status: 400 | 422; title?: string; faults: FieldFault[] };

export const MAX_CHANGES = 20_000;

/** Characters of one opening's facts: several hundred readings and pages of notes. */
const MAX_FACTS = 250_000;

const version = Joi.number().integer().min(1);
const change = Joi.object({
  op: Joi.string().valid('create', 'update', 'delete').required(),
  id: idField.when('op', { is: 'create', then: Joi.optional(), otherwise: Joi.required() }),
  version: version.when('op', { is: 'create', then: Joi.forbidden(), otherwise: Joi.required() }),
  facts: Joi.object()
    .unknown(true)
    .when('op', { is: 'delete', then: Joi.forbidden(), otherwise: Joi.required() }),
});
const document = Joi.object({
  name: Joi.string()
    .valid(...DOCUMENT_NAMES)
    .required(),
  version: Joi.number().integer().min(0).required(),
  body: Joi.any().required(),
});

/** The whole as the interface's documents tell it. */
export const writesSchema = Joi.object({
  changes: Joi.array().items(change).max(MAX_CHANGES).required(),
  documents: Joi.array().items(document).max(DOCUMENT_NAMES.length),
  kind: Joi.string().valid('import'),
});

/** Only the outside: counts are known before anything inside is looked at. */
const outside = Joi.object({
  changes: Joi.array().max(MAX_CHANGES).required(),
  documents: Joi.array().max(DOCUMENT_NAMES.length).default([]),
  kind: Joi.string().valid('import'),
});

/** Facts in their stored form, checked field by field by the core's own reader. */
export function storedFacts(
  value: unknown,
  at: string,
  faults: FieldFault[],
): StoredFacts | undefined {
  const read = readFacts(value);
  if (read.ok) {
    const stored = ofFacts(read.value);
    if (stored.text.length <= MAX_FACTS) return stored;
    faults.push({ field: at, message: 'One opening may have at most 250 kB.' });
    return undefined;
  }
  const field = read.fault.params['field'];
  faults.push({
    field: typeof field === 'string' ? `${at}.${field}` : at,
    message: phraseText(read.fault, { system: 'inch' }),
  });
  return undefined;
}

export function ofFacts(facts: OpeningFacts): StoredFacts {
  return { text: storedJson(facts), columns: listedColumns(facts) };
}

/** Reads a bulk write out of a request's bytes: all of it, or at most twenty faults. */
export function readWrites(bytes: Uint8Array): ReadWrites {
  let body: unknown;
  try {
    body = parseSound(new TextDecoder().decode(bytes));
  } catch (error) {
    if (error instanceof UnsoundJson)
      return { ok: false, status: 400, title: error.message, faults: [] };
    throw error;
  }
  return checkWrites(body);
}

/** The same for a body that is parsed already. */
export function checkWrites(body: unknown): ReadWrites {
  const whole = checked<{ changes: unknown[]; documents: unknown[]; kind?: 'import' }>(
    outside,
    body,
    true,
  );
  if ('faults' in whole) return { ok: false, status: 422, faults: whole.faults };
  const { changes, documents, kind } = whole.value;
  if (changes.length + documents.length === 0)
    return { ok: false, status: 422, faults: [{ field: 'changes', message: 'changes is empty.' }] };
  const faults: FieldFault[] = [];
  const ids = new Set<string>();
  const writes: Write[] = [];
  for (const [index, item] of changes.entries()) {
    if (faults.length >= MAX_FAULTS) break;
    const at = `changes.${index}`;
    const one = checked<{ op: Write['op']; id?: string; version?: number; facts?: unknown }>(
      change,
      item ?? {},
      true,
    );
    if ('faults' in one) {
      faults.push(
        ...one.faults.map(({ field, message }) => ({
          field: [at, field].filter(Boolean).join('.'),
          message,
        })),
      );
      continue;
    }
    const { op, id } = one.value;
    if (id !== undefined && ids.has(id))
      faults.push({ field: `${at}.id`, message: 'The same opening stands twice in this change.' });
    if (id !== undefined) ids.add(id);
    if (op === 'delete') {
      writes.push({ op, id: id!, version: one.value.version! });
      continue;
    }
    const facts = storedFacts(one.value.facts, `${at}.facts`, faults);
    if (!facts) continue;
    if (op === 'create') writes.push({ op, ...(id ? { id } : {}), facts });
    else writes.push({ op, id: id!, version: one.value.version!, facts });
  }
  const names = new Set<string>();
  const parts: DocumentWrite[] = [];
  for (const [index, item] of documents.entries()) {
    const one = checked<{ name: DocumentName; version: number; body: unknown }>(
      document,
      item ?? {},
      true,
    );
    if ('faults' in one) {
      faults.push(
        ...one.faults.map((fault) => ({ ...fault, field: `documents.${index}.${fault.field}` })),
      );
      continue;
    }
    const { name, body: content } = one.value;
    if (names.has(name))
      faults.push({ field: name, message: 'The same document stands twice in this change.' });
    names.add(name);
    const read = readDocument(name, content);
    if (read.ok) parts.push({ name, version: one.value.version, body: read.text });
    else faults.push({ field: name, message: read.message });
  }
  if (faults.length > 0) return { ok: false, status: 422, faults: faults.slice(0, MAX_FAULTS) };
  return {
    ok: true,
    changes: packWrites(writes),
    documents: parts,
    ...(kind ? { kind } : {}),
  };
}
