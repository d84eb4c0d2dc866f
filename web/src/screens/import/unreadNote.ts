import type { OpeningFacts, UnreadCell } from '@riegel/core';
import { columnName } from './columnNames.js';

/** What could not be read goes into the opening's note, so that nothing of a list is lost. */
export function noteOfUnread(facts: OpeningFacts, unread: readonly UnreadCell[]): OpeningFacts {
  if (unread.length === 0) return facts;
  const cells = unread
    .map((cell) => `${columnName(cell.column)} given as “${cell.typed.trim()}”`)
    .join('; ');
  const note = [facts.note, `Not read: ${cells}.`].filter(Boolean).join(' ').slice(0, 2000);
  return { ...facts, note };
}
