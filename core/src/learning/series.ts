import { closerExercise, CLOSER_SKILLS } from './closerExercise.js';
import type { Exercise, LearningBench } from './exercise.js';
import { LEARNING_BENCHES } from './exercise.js';
import { gapExercise, GAP_SKILLS } from './gapExercise.js';
import { HAND_SCHOOLS, handExercise, type HandSchool } from './handExercise.js';
import { lockExercise, LOCK_SKILLS } from './lockExercise.js';

/** What can be trained, by bench: a mistake in one of them brings that one again. */
export const SKILLS: Readonly<Record<LearningBench, readonly string[]>> = {
  hand: HAND_SCHOOLS,
  lock: LOCK_SKILLS,
  closer: CLOSER_SKILLS,
  gaps: GAP_SKILLS,
};

/** The part of an exercise's skill that it can be asked for by. */
export const skillOf = ({ bench, skill }: Exercise): string =>
  SKILLS[bench].find((one) => skill === `${bench}.${one}` || skill.startsWith(`${bench}.${one}.`))!;

/** One question, of a skill where one is named. The same seed asks the same. */
export function exerciseOf(bench: LearningBench, seed: number, skill?: string): Exercise {
  switch (bench) {
    case 'hand':
      return handExercise(
        seed,
        HAND_SCHOOLS.find((one) => one === skill) as HandSchool | undefined,
      );
    case 'lock':
      return lockExercise(seed, skill);
    case 'closer':
      return closerExercise(seed, skill);
    case 'gaps':
      return gapExercise(seed, skill);
  }
}

/** The seed of a series' question: far apart, so that neighbours have nothing in common. */
export const seedAt = (series: number, at: number): number =>
  (Math.imul(series >>> 0, 0x9e3779b1) + Math.imul(at + 1, 0x85ebca6b)) >>> 0;

/** A teacher's series: the same questions to all who open it; of all benches in turn where none is named. */
export function seriesOf(series: number, count: number, bench?: LearningBench): Exercise[] {
  return Array.from({ length: count }, (_, at) =>
    exerciseOf(bench ?? LEARNING_BENCHES[at % LEARNING_BENCHES.length]!, seedAt(series, at)),
  );
}
