import { readingKind, type Reading } from '../survey/index.js';
import { formatLength } from '../measure/index.js';
import { termIn } from './languages.js';
import type { Units } from './phrase.js';

/**
 * Words a choice of a reading as a person reads it.
 * @param value - the choice as it is kept; one that is told by itself stands as it is.
 * @param units - whose words they are.
 * @returns the word for it.
 * @example choiceText('leaf-top', { system: 'inch' }) // 'the top of the leaf'
 */
export function choiceText(value: string, units: Units): string {
  const code = `reading.is.${value}`;
  const word = termIn(code, units.language);
  return word === code ? value : word;
}

/**
 * Words what was read, or why it was left out.
 * @param reading - a reading with lengths in ticks.
 * @param units - the units it is told in.
 * @returns its value; a lean to the other side with a minus.
 */
export function readingText(reading: Reading, units: Units): string {
  if (reading.skipped !== undefined) return `left out: ${reading.skipped}`;
  const { value } = reading;
  const type = readingKind(reading.name)?.type;
  if (typeof value !== 'number' || type === 'count')
    return type === 'choice' ? choiceText(String(value), units) : String(value);
  return `${value < 0 ? '−' : ''}${formatLength(Math.abs(value), units)}`;
}
