import { RULES } from '../checking/index.js';
import { decideOpening } from '../deciding/index.js';
import type { Level, OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from './door.js';

type Facts = Partial<OpeningFacts>;

/**
 * A rule: the opening it is found in, what about it is changed so that it just is not found, and what is
 * changed so that what it rests on is unknown. What is unknown finds nothing unless `unknownToo`. A rule that may
 * be of several levels says of which it is here, and of which while what it rests on is unknown.
 */
export interface TriedRule {
  found: Facts;
  not: Facts;
  unknown: Facts;
  unknownToo?: boolean | Level;
  practice?: PracticeId;
  level?: Level;
}

export const UNKNOWN = 'unknown' as const;

/** Something else taken than what follows. */
export const chosen = (key: string, value: string | number) => ({ [key]: { value, reason: 'x' } });

/** The level of which a rule is found in the three openings that try it; undefined where it is not found. */
export function tried(
  code: string,
  rule: TriedRule,
): Record<'found' | 'not' | 'unknown', Level | undefined> {
  const levelWith = (more: Facts) =>
    decideOpening(
      { ...DOOR, ...rule.found, ...more },
      PRACTICES[rule.practice ?? 'us-commercial'],
    ).findings.find((finding) => finding.code === code)?.level;
  return { found: levelWith({}), not: levelWith(rule.not), unknown: levelWith(rule.unknown) };
}

/** What `tried` gives of a rule that does what it is declared to do. */
export function asDeclared(code: string, { level, unknownToo = false }: TriedRule) {
  const levels = RULES[code]?.levels ?? [];
  const found = level ?? levels[0];
  if (level === undefined && levels.length !== 1)
    throw new Error(`${code} may be of several levels: say of which it is here.`);
  return {
    found,
    not: undefined,
    unknown: unknownToo === true ? found : unknownToo || undefined,
  };
}
