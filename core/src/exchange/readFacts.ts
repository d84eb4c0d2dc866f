import { bad, good, type Result } from '../measure/index.js';
import { faultPath, pathText } from '../shape/index.js';
import { fieldsAt, readRecord, recordAt, RECORDS, type Field } from '../stageRegistry/index.js';
import { currentFacts, FACTS_VERSION, type OpeningFacts } from '../model/index.js';

/**
 * Checks facts in their stored form (ticks, grams, codes) as they come in over the wire.
 * Faults: `facts.notObject`, `facts.unknownField`, `facts.value` (each naming the place, `manualItems[2].quantity`).
 */
export function readFacts(value: unknown): Result<OpeningFacts> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return bad('facts.notObject');
  const facts: Record<string, unknown> = {};
  const { version = 1 } = value as { version?: unknown };
  if (!Number.isInteger(version) || Number(version) < 1 || Number(version) > FACTS_VERSION)
    return bad('facts.value', { field: 'version' });
  for (const [name, fact] of Object.entries(value)) {
    if (fact === undefined || fact === null) continue;
    if (name === 'version') continue;
    const fields = fieldsAt(name, Number(version));
    if (fields.length > 0) {
      const value = readFirst(fields, fact);
      if (value === undefined) return bad('facts.value', { field: name });
      facts[name] = value;
    } else {
      const record = recordAt(name, Number(version));
      if (record === undefined) return bad('facts.unknownField', { field: name });
      const list = readRecord(record, fact);
      if (list === undefined) {
        const path = faultPath(RECORDS[record]!, fact) ?? [];
        return bad('facts.value', { field: pathText([name, ...path]) });
      }
      facts[name] = list;
    }
  }
  if (facts['mark'] === undefined) return bad('facts.value', { field: 'mark' });
  if (facts['kind'] === undefined) return bad('facts.value', { field: 'kind' });
  return good(currentFacts({ ...facts, version: Number(version) }));
}

function readFirst(fields: readonly Field[], fact: unknown): unknown {
  for (const { shape } of fields) {
    const read = shape.read(fact);
    if (read !== undefined) return read;
  }
  return undefined;
}
