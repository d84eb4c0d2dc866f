/** Whether a value may not be passed, is the trade's usual preference, or only fills a gap. */
export type ValueKind = 'limit' | 'preference' | 'default';

/** One value of a practice with where it comes from. */
export interface Sourced<T> {
  value: T;
  unit: 'length' | 'mass' | 'surface mass' | 'angle' | 'count' | 'ratio' | 'table' | 'term';
  source: string;
  kind: ValueKind;
}
