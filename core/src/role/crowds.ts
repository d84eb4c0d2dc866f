import { hasActiveLeaf, valueOrUndefined, type OpeningFacts } from '../model/index.js';
import type { Occupancy } from '../practice/index.js';
import { type Role, ROLE } from '../roles/index.js';

/** Occupancies of so many people that a common way out serves enough of them until somebody counts. */
const CROWDED: ReadonlySet<Occupancy> = new Set<Occupancy>(['assembly', 'education']);

/** Whether it is a pair by which a hall, or a whole building, is left, of which nobody has said what it is used for. */
export function isForMany(
  { occupancy, kind, egress }: Pick<OpeningFacts, 'occupancy' | 'kind' | 'egress'>,
  role: Role,
): boolean {
  const { common, asksPeople } = ROLE[role].escape;
  return (
    (common || asksPeople) &&
    hasActiveLeaf(kind) &&
    valueOrUndefined(occupancy) === undefined &&
    egress === true
  );
}

/** Whether it is a common way out of a building for many, and nobody has counted who leaves by it. */
export function isUncounted(
  { occupants, occupancy }: Pick<OpeningFacts, 'occupants' | 'occupancy'>,
  role: Role | undefined,
): boolean {
  const group = valueOrUndefined(occupancy);
  return (
    valueOrUndefined(occupants) === undefined &&
    role !== undefined &&
    ROLE[role].escape.common &&
    group !== undefined &&
    CROWDED.has(group)
  );
}
