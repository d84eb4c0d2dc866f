import {
  formatLength,
  readingKind,
  type Practice,
  type Reading,
  type ReadingKind,
} from '@riegel/core';
import { termText } from '../../base/words.js';

const CORNER_WORDS: Record<string, string> = {
  square: 'square',
  quarter: '¼ in radius',
  'five-eighths': '⅝ in radius',
  'leaf-top': 'the top of the leaf',
  'frame-head': 'the frame’s head',
  'top-edge': 'their top edge',
  centre: 'their centre',
};

/** A choice as a person reads it. */
export function choiceText(value: string): string {
  return CORNER_WORDS[value] ?? value;
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
