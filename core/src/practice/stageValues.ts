import { PRACTICE_IDS, type PracticeId, type Region } from './types.js';
import { type Sourced, type ValueKind } from './sourcedValue.js';
import { sourced } from './sourced.js';
import type { SourceBy } from './sources.js';

/** Values that a stage brings, by name, each for every shipped practice. */
export type StageValues = Readonly<Record<string, Readonly<Record<PracticeId, Sourced<unknown>>>>>;

/** The values as a practice holds them. */
export type ValuesOf<V extends StageValues> = { [K in keyof V]: V[K]['british'] };

/** One value for all practices. */
export function everywhere<T>(value: Sourced<T>): Record<PracticeId, Sourced<T>> {
  return byPractice(() => value);
}

/**
 * Gives one value for the two practices of the United States, one for the metric ones.
 *
 * @param us value and source there
 * @param metric value elsewhere, with the source that Britain has for it
 * @param sources what it is called where other codes govern
 */
export function usAndMetric<T>(
  us: Sourced<T>,
  metric: Sourced<T>,
  sources: Partial<SourceBy> = {},
): Record<PracticeId, Sourced<T>> {
  const cited = (source = metric.source): Sourced<T> => ({ ...metric, source });
  return byRegion({
    us,
    british: cited(sources.british),
    continental: cited(sources.continental),
    australasian: cited(sources.australasian),
  });
}

/** One value for each region: both practices of the United States have theirs. */
export function byRegion<T>(of: Record<Region, Sourced<T>>): Record<PracticeId, Sourced<T>> {
  const { us, ...others } = of;
  return { 'us-commercial': us, 'us-residential': us, ...others };
}

/** One value for all practices, with the source that each region has for it. */
export function sourcedBy<T>(
  value: T,
  unit: Sourced<T>['unit'],
  sources: SourceBy,
  kind?: ValueKind,
): Record<PracticeId, Sourced<T>> {
  const cited = (source: string) => sourced(value, unit, source, kind);
  return byRegion({
    us: cited(sources.us),
    british: cited(sources.british),
    continental: cited(sources.continental),
    australasian: cited(sources.australasian),
  });
}

/** A value made for each practice by its id. */
export function byPractice<T>(of: (id: PracticeId) => Sourced<T>): Record<PracticeId, Sourced<T>> {
  return Object.fromEntries(PRACTICE_IDS.map((id) => [id, of(id)])) as Record<
    PracticeId,
    Sourced<T>
  >;
}
