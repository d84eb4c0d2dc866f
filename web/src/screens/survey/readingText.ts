import {
  formatLength,
  readingKind,
  type Practice,
  type Reading,
  type ReadingKind,
} from '@riegel/core';
import { termText } from '../../base/words.js';

/** A choice as a person reads it. */
export function choiceText(value: string): string {
  const code = `reading.is.${value}`;
  const word = termText(code);
  return word === code ? value : word;
}

/** A reading's value as a person reads it; empty while there is none. */
export function readingValue(reading: Reading | undefined, practice: Practice): string {
  if (!reading) return '';
  if (reading.skipped !== undefined) return `left out: ${reading.skipped}`;
  const kind = readingKind(reading.name);
  const { value } = reading;
  if (typeof value === 'number' && kind?.type !== 'count') {
    const shown = formatLength(Math.abs(value), {
      system: practice.system,
      denominator: practice.system === 'inch' ? 32 : practice.denominator,
    });
    return value < 0 ? `−${shown}` : shown;
  }
  return kind?.type === 'choice' ? choiceText(String(value)) : String(value);
}

/** Name of a reading. */
export function readingName(kind: Pick<ReadingKind, 'name'>): string {
  return termText(`reading.${kind.name}`);
}

/** Where to hold the tape for it. */
export function holdText(kind: ReadingKind): string {
  return termText(kind.hinge === undefined ? `hold.${kind.name}` : 'hold.hinge');
}
