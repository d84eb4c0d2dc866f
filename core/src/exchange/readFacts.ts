import { bad, good, MAX_TICKS, own, type Result } from '../measure/index.js';
import { fieldOf, type Field, type OpeningFacts } from '../opening/index.js';
import { isOwnPractice } from '../practice/index.js';
import { readList } from './projectFile.js';

/** The heaviest leaf that is taken, 5 t; anything above is a slip. Grams. */
const MOST_MASS = 5_000_000;

function valueFits(field: Field, value: unknown): boolean {
  if (value === 'unknown' && field.type !== 'text') return field.mayBeUnknown;
  switch (field.type) {
    case 'text':
      return (
        typeof value === 'string' &&
        value.length <= (field.most ?? 200) &&
        (field.name !== 'mark' || value.trim() !== '')
      );
    case 'length':
      return Number.isInteger(value) && (value as number) >= 0 && (value as number) <= MAX_TICKS;
    case 'mass':
      return Number.isInteger(value) && (value as number) > 0 && (value as number) <= MOST_MASS;
    case 'count':
    case 'minutes':
      return (
        Number.isInteger(value) &&
        (value as number) >= 0 &&
        (value as number) <= (field.most ?? 1e9)
      );
    case 'yes-no':
      return typeof value === 'boolean';
    case 'choice':
      return (
        field.options!.includes(value as string) ||
        (field.name === 'practice' && isOwnPractice(String(value)))
      );
  }
}

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
      if (!valueFits(field, fact)) return bad('facts.value', { field: name });
      facts[name] = fact;
    } else {
      const list = readList(name, fact);
      if (list === undefined)
        return bad(own(KNOWN_LISTS, name) ? 'facts.value' : 'facts.unknownField', { field: name });
      facts[name] = list;
    }
  }
  if (facts['mark'] === undefined) return bad('facts.value', { field: 'mark' });
  if (facts['kind'] === undefined) return bad('facts.value', { field: 'kind' });
  return good(facts as unknown as OpeningFacts);
}

const KNOWN_LISTS: Record<string, true> = {
  observations: true,
  readings: true,
  choices: true,
  written: true,
  none: true,
  how: true,
  hingePositions: true,
  tested: true,
};
