import { known, type OpeningFacts } from '../opening/index.js';
import type { Role } from '../practice/index.js';
import type { Occupancy } from './facts.js';

/** Doors that whoever is in the building leaves by. */
const COMMON: ReadonlySet<Role> = new Set(['entrance', 'stair']);
/** Occupancies of so many people that a common way out serves enough of them until somebody counts. */
const CROWDED: ReadonlySet<Occupancy> = new Set<Occupancy>(['assembly', 'education']);

/** Whether it is a common way out of a building for many, and nobody has counted who leaves by it. */
export function isUncounted(
  { occupants, occupancy }: Pick<OpeningFacts, 'occupants' | 'occupancy'>,
  role: Role | undefined,
): boolean {
  const group = known(occupancy);
  return (
    known(occupants) === undefined &&
    role !== undefined &&
    COMMON.has(role) &&
    group !== undefined &&
    CROWDED.has(group)
  );
}
