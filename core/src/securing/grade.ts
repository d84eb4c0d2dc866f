import type { LockSpec } from '../catalogue/index.js';
import type { Practice } from '../practice/index.js';
import type { Role } from '../roles/index.js';
import type { LockKind } from './facts.js';
import { derivedProperties } from './functions.js';
import { LOCK_FORMS } from './lockForms.js';

/** Roles whose lock is that of a home’s own entrance or its garage. */
const HOMES: ReadonlySet<Role | undefined> = new Set(['apartment', 'house-entrance', 'garage']);

/**
 * Gives the standard and grade that a lock is ordered by: of its kind, but where its case is let into the leaf
 * that of locks which one handle opens from inside whatever is thrown, and that of locks of rated leaves.
 *
 * @param spec its function, once decided
 * @param rated whether the leaf is
 * @returns empty where none is usual
 */
export function gradeOf(
  kind: LockKind,
  spec: LockSpec | undefined,
  role: Role | undefined,
  rated: boolean,
  { values }: Practice,
): string {
  const usual = values.lockGrade.value[kind];
  const { home, escape, rated: forRated } = values.lockGradeFor.value;
  // A turn alone is no handle that lets people out.
  if (LOCK_FORMS[kind].sits !== 'pocket' || !spec || spec.latch === 'none') return usual;
  const { freeOut, canBeLocked } = derivedProperties(spec);
  if (freeOut && canBeLocked && (home || escape))
    return HOMES.has(role) && home ? home : escape || usual;
  return rated && forRated ? forRated : usual;
}
