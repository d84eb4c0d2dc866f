import { PRACTICE_IDS, type PracticeId } from './types.js';
import { type Sourced } from './sourcedValue.js';

/** Values that a stage brings, by name, each for every shipped practice. */
export type StageValues = Readonly<Record<string, Readonly<Record<PracticeId, Sourced<unknown>>>>>;

/** The values as a practice holds them. */
export type ValuesOf<V extends StageValues> = { [K in keyof V]: V[K]['british'] };

/** One value for all practices. */
export function everywhere<T>(value: Sourced<T>): Record<PracticeId, Sourced<T>> {
  return byPractice(() => value);
}

/** One value for the two practices of the United States, one for the metric ones. */
export function usAndMetric<T>(us: Sourced<T>, metric: Sourced<T>): Record<PracticeId, Sourced<T>> {
  return {
    'us-commercial': us,
    'us-residential': us,
    british: metric,
    continental: metric,
    australasian: metric,
  };
}

/** A value made for each practice by its id. */
export function byPractice<T>(of: (id: PracticeId) => Sourced<T>): Record<PracticeId, Sourced<T>> {
  return Object.fromEntries(PRACTICE_IDS.map((id) => [id, of(id)])) as Record<
    PracticeId,
    Sourced<T>
  >;
}
