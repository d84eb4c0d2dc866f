import type { Fact } from './factSpec.js';
import type { OpeningFacts } from './registry.js';

export type Side = 'left' | 'right';
export type Swing = 'in' | 'out';

export const HANGING_DEVICES = [
  'butt',
  'tee-hinge',
  'drill-in',
  'rising',
  'continuous',
  'concealed',
  'adjustable-concealed',
  'spring-hinge',
  'spring-concealed',
  'offset-pivot',
  'centre-pivot',
  'double-acting-spring',
  'sliding-gear',
  'folding-gear',
] as const;
export type HangingDevice = (typeof HANGING_DEVICES)[number];

/** A finding that a person accepted; it holds while the finding rests on the same. */
export interface Acceptance {
  /** The finding’s rule. */
  code: string;
  /** What it rested on, as `fingerprintOf` has it. */
  on: string;
  reason: string;
  by: string;
  /** When, ISO 8601 in UTC. */
  at: string;
}

/** The value of a fact, or undefined when it is absent or unknown. */
export function valueOrUndefined<T>(fact: Fact<T> | undefined): T | undefined {
  return fact === undefined || fact === 'unknown' ? undefined : (fact as T);
}

/** Whether the leaf closes by itself; undefined while nobody said. */
export function closesByItself({
  closer,
}: {
  closer?: Fact<string> | undefined;
}): boolean | undefined {
  const closing = valueOrUndefined(closer);
  return closing === undefined ? undefined : closing !== 'none';
}

/** Says whether a fact is only taken for granted: nobody recorded it, so that it asks and never stops. */
export function isAssumed({ provenance }: OpeningFacts, name: keyof OpeningFacts): boolean {
  return provenance?.[name] === 'assumed';
}
