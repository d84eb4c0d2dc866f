import {
  valueOrUndefined,
  message,
  slides,
  type Basis,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { WholeOpening } from '../role/index.js';

/** Whether a leaf closes by itself, why, and on what that rests. */
export interface ClosingNeed {
  closes: boolean;
  why: () => Message;
  basis: Basis;
}

/**
 * Whether the leaf closes by itself: as recorded, as its rating asks, or as its role is used to; undefined
 * while nothing of that is known (NFPA 80 6.1.4; handbook, “Closer or not”).
 */
export function closingNeed(
  facts: OpeningFacts,
  practice: Practice,
  { role, pool }: Pick<WholeOpening, 'role' | 'pool'>,
): ClosingNeed | undefined {
  const recorded = valueOrUndefined(facts.closer);
  const how = facts.provenance?.['closer'];
  const rating = valueOrUndefined(facts.rating);
  if (slides(facts.kind))
    return { closes: false, why: () => message('closing.need.slides'), basis: 'derived' };
  if (recorded !== undefined && how !== 'assumed')
    return {
      closes: recorded !== 'none',
      why: () => message(recorded === 'none' ? 'closing.need.without' : 'closing.need.recorded'),
      basis: how ?? 'given',
    };
  if (pool && recorded === undefined)
    return { closes: true, why: () => message('closing.need.pool'), basis: 'derived' };
  if (isLetIn(facts) && recorded === undefined)
    return { closes: true, why: () => message('closing.need.letIn'), basis: 'derived' };
  if (role && practice.values.roleClosing.value[role] === 'locked' && recorded === undefined)
    return {
      closes: false,
      why: () => message('closing.need.locked', { source: practice.values.roleClosing.source }),
      basis: 'derived',
    };
  if (asksOfRated(facts, practice, role)) return undefined;
  if (rating !== undefined && rating > 0)
    return {
      closes: true,
      why: () => message('closing.need.rated', { source: practice.values.ratedLatch.source }),
      basis: 'derived',
    };
  if (recorded !== undefined && role)
    return {
      closes: true,
      why: () => message('closing.need.role', { role: { term: `role.${role}` } }),
      basis: 'assumed',
    };
  if (facts.closer === 'unknown' || !role) return undefined;
  const usual = practice.values.roleClosing.value[role];
  const dwelling = practice.values.roomsOf.value === 'dwellings';
  if (usual === 'rated' && facts.exterior === true && !dwelling)
    return { closes: true, why: () => message('closing.need.exterior'), basis: 'derived' };
  if (usual === 'rated' && rating === undefined) return undefined;
  return {
    closes: false,
    why: () =>
      usual === 'rated'
        ? message('closing.need.notRated', { role: { term: `role.${role}` } })
        : message('closing.need.notRole', { role: { term: `role.${role}` } }),
    basis: 'derived',
  };
}

/** Whether something electric keeps people out: it holds nothing until the leaf is shut again. */
function isLetIn(facts: OpeningFacts): boolean {
  const magnet = valueOrUndefined(facts.electricLock) ?? 'none';
  return valueOrUndefined(facts.lockUse) === 'reader' || magnet !== 'none';
}

/** Whether it is rated where rated leaves close by themselves in some buildings only, and nobody said of which this is. */
export function asksOfRated(
  facts: OpeningFacts,
  { values }: Practice,
  role: WholeOpening['role'],
): boolean {
  return (
    (valueOrUndefined(facts.rating) ?? 0) > 0 &&
    valueOrUndefined(facts.closer) === undefined &&
    role !== undefined &&
    values.roleClosing.value[role] === 'asked'
  );
}
