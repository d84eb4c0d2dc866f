import type { OpeningFacts } from '../model/index.js';
import type { Role } from '../roles/index.js';

const POOL = /(?<![\p{L}])(?:pools?|swimming|hot tub|schwimmbad|schwimmbecken)(?![\p{L}])/iu;

/** The side of a gate on which there is a pool, by the names of its two sides; undefined for all else. */
export function poolBeside(
  { from, to }: Pick<OpeningFacts, 'from' | 'to'>,
  role: Role | undefined,
): 'from' | 'to' | undefined {
  if (role !== 'gate') return undefined;
  if (to && POOL.test(to)) return 'to';
  return from && POOL.test(from) ? 'from' : undefined;
}
