import type { DecidedOpening } from '../deciding/index.js';
import { termText } from '../phrasing/index.js';

/** How many words of a kind a name holds before it says “and others”. */
const MOST = 2;

/** The most frequent words first, at most two. */
function frequent(words: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1);
  const sorted = [...counts].sort((a, b) => b[1] - a[1]).map(([word]) => word);
  return sorted.length > MOST
    ? `${sorted.slice(0, MOST).join(', ')} and others`
    : sorted.join(', ');
}

/**
 * What a set is called until somebody names it: what its doors are, their kinds where they are no single leaves,
 * and the rating that all of them have.
 */
export function setName(openings: readonly DecidedOpening[]): string {
  const roles = openings.flatMap(({ results, practice }) =>
    results.opening.role ? [termText(`role.${results.opening.role}`, practice.language)] : [],
  );
  const kinds = openings
    .filter(({ facts }) => facts.kind !== 'single')
    .map(({ facts, practice }) => termText(`kind.${facts.kind}`, practice.language));
  const ratings = new Set(openings.map(({ facts }) => facts.rating));
  const [rating] = ratings;
  return [
    frequent(roles),
    kinds.length === openings.length ? frequent(kinds) : '',
    ratings.size === 1 && typeof rating === 'number' && rating > 0 ? `${rating} min` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
