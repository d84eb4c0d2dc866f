import { COVERED_WAYS, isPorch } from '../model/index.js';
import { isHall, type Side } from './sides.js';
import { type Role, ROLE } from '../roles/index.js';

/** How rooms are read: as those of a dwelling, of what may be a house, and a hall as that of one. */
export interface Reads {
  dwelling: boolean;
  houses: boolean;
  hall: boolean;
}

/** Halls that people come into from the street. */
const ARRIVAL = /(?<![\p{L}])(lobby|concourse)(?![\p{L}])/iu;

const COVERED = new RegExp(`(?<![\\p{L}])(?:${COVERED_WAYS})(?![\\p{L}])`, 'iu');

/** Rooms of a house that its back door leads to. */
const HOUSEHOLD = /^(?:laundry|utility|utility room|boot room|mud ?room|scullery|pantry)$/i;

const STREET = /(?<![\p{L}])(?:street|sidewalk|pavement|straße|gehweg)(?![\p{L}])/iu;
const YARD = /(?<![\p{L}])(?:playground|play area|schulhof|pausenhof|spielplatz)(?![\p{L}])/iu;

/** What a door to the open is: by what is behind it, and by what it opens onto. */
export function fromOutdoors(outer: Side, inner: Side, reads: Reads): Role | undefined {
  const { dwelling, houses } = reads;
  if (inner.space === undefined) return undefined;
  if (inner.role && ROLE[inner.role].readAs.onRoofs) return inner.role;
  if (outer.role === 'roof') return 'roof';
  if (houses && isPorch(outer.name) && inner.space !== 'stair') return 'house-entrance';
  if (houses && HOUSEHOLD.test(inner.name?.trim() ?? '')) return 'house-entrance';
  if (inner.space === 'outdoors') return 'gate';
  if (inner.role && ROLE[inner.role].readAs.ownDoor && inner.role !== 'bathroom') return inner.role;
  if (outer.role === 'balcony') return 'balcony';
  if (inner.space === 'entrance') return dwelling ? 'house-entrance' : 'entrance';
  if (!dwelling && ARRIVAL.test(inner.name ?? '')) return 'entrance';
  const hall = reads.hall && isHall(inner.name);
  if (hall || dwelling || (inner.role && ROLE[inner.role].readAs.domestic)) return 'house-entrance';
  if (inner.role === 'shop' || inner.role === 'garage') return inner.role;
  // A school's own yard is where its classrooms let the children out.
  if (inner.role === 'classroom' && YARD.test(outer.name ?? '')) return 'classroom';
  // Whoever lives above the street comes in by the stair.
  if (inner.space === 'stair' && STREET.test(outer.name ?? '') && !/\d/.test(inner.name ?? ''))
    return 'entrance';
  // A covered way is the corridor of a school without one: its doors are those of the rooms.
  if (outer.name && COVERED.test(outer.name) && inner.role) return inner.role;
  // People come in by it as they leave.
  if (inner.role === 'assembly') return 'entrance';
  return 'final-exit';
}
