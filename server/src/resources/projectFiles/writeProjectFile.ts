import { writeProject, type Keying, type OpeningFacts, type ScheduleSettings } from '@riegel/core';
import { unfoldDeciding } from '../documents/decidingBasis.js';
import type { DecidingTexts } from '../documents/documents.service.js';

/** A project as stored, to be written as its file. */
export interface StoredProject {
  name: string;
  practice: string;
  note: string;
  deciding: DecidingTexts;
  keying: string | null;
  schedule: string | null;
  openings: string[];
}

/** The project as its file (docs/project-file.md). */
export function writeProjectFile(stored: StoredProject): string {
  const { practices, building, products, locks } = unfoldDeciding(stored.deciding);
  const keying = stored.keying === null ? null : (JSON.parse(stored.keying) as Keying | null);
  const schedule =
    stored.schedule === null ? null : (JSON.parse(stored.schedule) as ScheduleSettings | null);
  return writeProject({
    ...(practices.length > 0 ? { practices } : {}),
    ...(building ? { building } : {}),
    ...(products.length > 0 ? { products } : {}),
    ...(locks.length > 0 ? { locks } : {}),
    ...(keying ? { keying } : {}),
    ...(schedule ? { schedule } : {}),
    name: stored.name,
    practice: stored.practice,
    ...(stored.note ? { note: stored.note } : {}),
    openings: stored.openings.map((text) => JSON.parse(text) as OpeningFacts),
  });
}
