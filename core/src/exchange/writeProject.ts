import type { System } from '../measure/index.js';
import { FACTS_VERSION, type OpeningFacts } from '../model/index.js';
import { practiceFor, projectBasis } from '../project/index.js';
import { FIELDS, RECORDS } from '../stageRegistry/index.js';
import { writeField, type FieldValue } from './fieldText.js';
import type { ProjectFile } from './projectFile.js';

/** Writes a project so that `readProject` gives the same facts back. */
export function writeProject(project: ProjectFile): string {
  const { name, practice, note, practices = [], building, products = [] } = project;
  const { locks = [], keying, schedule } = project;
  const basis = projectBasis(practice, practices);
  const openings = project.openings.map((facts) =>
    writeOpening(facts, practiceFor(facts.practice, basis).system),
  );
  const file = {
    format: 'riegel-project',
    version: FACTS_VERSION,
    name,
    practice,
    ...(note ? { note } : {}),
    ...(practices.length > 0 ? { practices } : {}),
    ...(building ? { building } : {}),
    ...(products.length > 0 ? { products } : {}),
    ...(locks.length > 0 ? { locks } : {}),
    ...(keying ? { keying } : {}),
    ...(schedule ? { schedule } : {}),
    openings,
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

function writeOpening(facts: OpeningFacts, system: System): Record<string, unknown> {
  const out: Record<string, unknown> = {};
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
  for (const key of Object.keys(RECORDS)) {
    const value = facts[key as keyof OpeningFacts];
    if (value !== undefined) out[key] = value;
  }
  return out;
}
