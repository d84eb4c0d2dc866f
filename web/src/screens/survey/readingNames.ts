import type { ReadingKind } from '@riegel/core';
import { termText } from '../../base/words.js';

/** Name of a reading. */
export function readingName(kind: Pick<ReadingKind, 'name'>): string {
  return termText(`reading.${kind.name}`);
}

/** Where to hold the tape for it. */
export function holdText(kind: ReadingKind): string {
  return termText(kind.hinge === undefined ? `hold.${kind.name}` : 'hold.hinge');
}
