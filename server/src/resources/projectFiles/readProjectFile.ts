import { faultPlace, phraseText, readProjectObject } from '@riegel/core';
import { readDocument, type DocumentWrite } from '../documents/readDocument.js';
import type { DocumentName } from '../../base/entities/document.entity.js';
import type { FieldFault } from '../../base/http/problem.js';
import { parseSound, UnsoundJson } from '../../base/http/wellFormed.js';
import { packWrites, type PackedWrites } from '../openings/packedWrites.js';
import { MAX_CHANGES, ofFacts } from '../openings/readWrites.js';

/** A project file, checked and ready to be stored, or what of it cannot be used. */
export type ReadProjectFile =
  | {
      ok: true;
      name: string;
      practice: string;
      note: string;
      changes: PackedWrites;
      documents: DocumentWrite[];
    }
  | { ok: false; status: 400 | 422; title?: string; faults: FieldFault[] };

/** Reads a project file out of its bytes: all of it, or at most a hundred faults. */
export function readProjectFile(bytes: Uint8Array): ReadProjectFile {
  const refused = (message: string, field = ''): ReadProjectFile => ({
    ok: false,
    status: 422,
    faults: [{ field, message }],
  });
  let body: unknown;
  try {
    body = parseSound(new TextDecoder().decode(bytes));
  } catch (error) {
    if (error instanceof UnsoundJson)
      return { ok: false, status: 400, title: error.message, faults: [] };
    throw error;
  }
  const read = readProjectObject(body);
  if (!read.ok)
    return {
      ok: false,
      status: 422,
      faults: read.faults.map((fault) => ({
        field: fault.where,
        message: faultPlace(fault) + phraseText(fault.fault, { system: 'inch' }),
      })),
    };
  const { name, practice, note, openings, practices, building, products, locks, keying, schedule } =
    read.project;
  if (openings.length > MAX_CHANGES)
    return refused(`A project holds at most ${MAX_CHANGES} openings.`, 'openings');
  const parts: [DocumentName, unknown][] = [
    ['practices', practices],
    ['building', building],
    ['catalogue', products],
    ['locks', locks],
    ['keying', keying],
    ['schedule', schedule],
  ];
  const documents: DocumentWrite[] = [];
  for (const [part, content] of parts) {
    if (content === undefined) continue;
    const document = readDocument(part, content);
    if (!document.ok) return refused(document.message, part);
    documents.push({ name: part, version: 0, body: document.text });
  }
  return {
    ok: true,
    name,
    practice,
    note: note ?? '',
    changes: packWrites(openings.map((facts) => ({ op: 'create', facts: ofFacts(facts) }))),
    documents,
  };
}
