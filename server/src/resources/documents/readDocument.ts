import {
  phraseText,
  readBuilding,
  readEditedPractices,
  readKeying,
  readScheduleSettings,
  readLocks,
  readProducts,
  type Result,
} from '@riegel/core';
import { storedJson } from '../../base/openingRows/openingText.js';
import type { DocumentName } from '../../base/entities/document.entity.js';

/** A document to be written as part of an event. */
export interface DocumentWrite {
  name: DocumentName;
  /** The version it was made from; 0 when there was none. */
  version: number;
  /** As it is stored: JSON with sorted keys. */
  body: string;
}

const READERS: Record<Exclude<DocumentName, 'lists'>, (body: unknown) => Result<unknown>> = {
  building: readBuilding,
  practices: readEditedPractices,
  catalogue: readProducts,
  locks: readLocks,
  keying: readKeying,
  schedule: readScheduleSettings,
};

/** The most bytes a document may have, so that it fits into one statement beside its past. */
const MAX_DOCUMENT_BYTES = 6_000_000;

/** Checks a document's body by its name and gives it as it is stored, or the sentence that says what is wrong. */
export function readDocument(
  name: DocumentName,
  body: unknown,
): { ok: true; text: string } | { ok: false; message: string } {
  let value = body;
  if (name === 'lists') {
    if (typeof body !== 'object' || body === null || Array.isArray(body))
      return { ok: false, message: 'What is remembered of lists is one object.' };
  } else {
    const read = READERS[name](body);
    if (!read.ok) return { ok: false, message: phraseText(read.fault, { system: 'inch' }) };
    value = read.value;
  }
  const text = storedJson(value);
  return Buffer.byteLength(text) > MAX_DOCUMENT_BYTES
    ? { ok: false, message: 'It is too long to be kept: at most 6 MB.' }
    : { ok: true, text };
}
