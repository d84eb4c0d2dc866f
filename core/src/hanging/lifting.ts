import { wholeUp } from '../measure/index.js';
import type { Practice } from '../practice/index.js';

/** From so many times what one person lifts a lifter is needed: four hands and no more fit to a leaf. */
const MOST_PEOPLE = 4;

/**
 * Counts the people who lift a leaf, the same number wherever it is told (manual handling practice).
 *
 * @param mass grams; undefined where it is not known, which is treated as heavy
 */
export function peopleToLift(
  mass: number | undefined,
  { values }: Practice,
): { people: number; lifter: boolean } {
  const alone = values.liftAlone.value;
  if (mass === undefined) return { people: 2, lifter: false };
  return {
    people: Math.max(1, Math.min(MOST_PEOPLE, wholeUp(mass / alone))),
    lifter: mass > alone * MOST_PEOPLE,
  };
}
