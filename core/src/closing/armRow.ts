import { memoize } from '../measure/index.js';
import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { ArmName } from './armNames.js';
import type { ArmRow } from './values.js';

/** The arm by its usual template, or by that which lets the leaf open wide where it shall. */
export function armRow(name: ArmName, facts: OpeningFacts, practice: Practice) {
  const { closerArms, closerShoeWide } = practice.values;
  const row = closerArms.value[name];
  const wide = name === 'regular' && (valueOrUndefined(facts.openTo) ?? 90) > WIDE_FROM;
  return wide ? wideRow(row, closerShoeWide.value) : row;
}

/** The same arm with its shoe where the leaf opens wide. */
const wideRow = memoize((row: ArmRow, shoeAlong: number): ArmRow => ({ ...row, shoeAlong }));

/** Above this the usual template of a regular arm does not reach. Degrees. */
const WIDE_FROM = 120;
