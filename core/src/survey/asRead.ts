import type { Practice, PracticeValues } from '../practice/index.js';
import type { Survey } from './current.js';

const READ = 'as read on the old leaf';

/** Corners of a recess by what was read of one. */
const CORNERS: Readonly<Record<string, PracticeValues['corner']['value']>> = {
  square: 'square',
  quarter: 'round-quarter',
  'five-eighths': 'round-five-eighths',
};

/** Cases that a lock in a pocket may have. */
const CASES = ['lockCase', 'sashCase', 'deadCase', 'profileCase'] as const;

/**
 * Puts what was read of hinges and lock in the place of the practice's usual figures: what stays, or is copied, keeps
 * its measures.
 */
export function practiceAsRead(practice: Practice, survey: Survey): Practice {
  const setBack = survey.number('hingeSetBack');
  const corner = survey.text('hingeCorner');
  const lockCase = survey.number('lockCase');
  if (setBack === undefined && corner === undefined && lockCase === undefined) return practice;
  const values: PracticeValues = { ...practice.values };
  const set = <K extends keyof PracticeValues>(name: K, value: PracticeValues[K]['value']) => {
    values[name] = { ...values[name], value, source: READ } as PracticeValues[K];
  };
  if (setBack !== undefined) {
    set('setBack', setBack);
    set('setBackThick', setBack);
  }
  const shape = corner && CORNERS[corner];
  if (shape) set('corner', shape);
  if (lockCase !== undefined) {
    const bodies = { ...values.bodies.value };
    // A diameter and a height are read by one name: a bore is never as large as a case.
    if (lockCase <= values.boreMost.value)
      bodies.lockBore = { ...bodies.lockBore, across: lockCase, up: lockCase };
    else for (const name of CASES) bodies[name] = { ...bodies[name], up: lockCase };
    set('bodies', bodies);
  }
  return { ...practice, values };
}
