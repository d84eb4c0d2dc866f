import type { Sourced, ValueKind } from './sourcedValue.js';

/** Builds one sourced value. */
export function sourced<T>(
  value: T,
  unit: Sourced<T>['unit'],
  source: string,
  kind: ValueKind = 'default',
): Sourced<T> {
  return { value, unit, source, kind };
}

export const TRADE = 'trade practice';
