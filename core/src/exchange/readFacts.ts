import { bad, good, type Result } from '../measure/index.js';
import { fieldOf, readRecord, RECORDS } from '../stages/index.js';
import type { OpeningFacts } from '../opening/index.js';

/**
 * Checks facts in their stored form (ticks, grams, codes) as they come in over the wire.
 * Faults: `facts.notObject`, `facts.unknownField`, `facts.value` (each naming the field).
 */
export function readFacts(value: unknown): Result<OpeningFacts> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return bad('facts.notObject');
  const facts: Record<string, unknown> = {};
  for (const [name, fact] of Object.entries(value)) {
    if (fact === undefined || fact === null) continue;
    const field = fieldOf(name);
    if (field) {
      const value = field.shape.read(fact);
      if (value === undefined) return bad('facts.value', { field: name });
      facts[name] = value;
    } else {
      if (!Object.hasOwn(RECORDS, name)) return bad('facts.unknownField', { field: name });
      const list = readRecord(name, fact);
      if (list === undefined) return bad('facts.value', { field: name });
      facts[name] = list;
    }
  }
  if (facts['mark'] === undefined) return bad('facts.value', { field: 'mark' });
  if (facts['kind'] === undefined) return bad('facts.value', { field: 'kind' });
  return good(facts as unknown as OpeningFacts);
}
