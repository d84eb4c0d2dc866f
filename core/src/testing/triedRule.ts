import { decideOpening } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from './door.js';

type Facts = Partial<OpeningFacts>;

/**
 * A rule: the opening it is found in, what about it is changed so that it just is not found, and what is
 * changed so that what it rests on is unknown. What is unknown finds nothing unless `unknownToo`.
 */
export interface TriedRule {
  found: Facts;
  not: Facts;
  unknown: Facts;
  unknownToo?: boolean;
  practice?: PracticeId;
}

export const UNKNOWN = 'unknown' as const;

/** Something else taken than what follows. */
export const chosen = (key: string, value: string | number) => ({ [key]: { value, reason: 'x' } });

/** Whether a rule is found in the three openings that try it. */
export function tried(code: string, rule: TriedRule): Record<'found' | 'not' | 'unknown', boolean> {
  const has = (more: Facts) =>
    decideOpening(
      { ...DOOR, ...rule.found, ...more },
      PRACTICES[rule.practice ?? 'us-commercial'],
    ).findings.some((finding) => finding.code === code);
  return { found: has({}), not: has(rule.not), unknown: has(rule.unknown) };
}

/** What `tried` says of a rule that does as it shall. */
export const asItShall = ({ unknownToo = false }: TriedRule) => ({
  found: true,
  not: false,
  unknown: unknownToo,
});
