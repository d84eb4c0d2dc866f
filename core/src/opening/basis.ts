import {
  buildPractice,
  isOwnPractice,
  practiceOf,
  type EditedPractice,
  type Practice,
} from '../practice/index.js';
import {
  lockSpecsWith,
  SHIPPED_PRODUCTS,
  type LockSpec,
  type Product,
} from '../catalogue/index.js';
import { NO_BUILDING, roomKey, type Building, type Room } from './building.js';

/** What a project gives to each of its openings: practice, own practices, rooms, catalogue. */
export interface ProjectBasis {
  practice: Practice;
  practices: ReadonlyMap<string, Practice>;
  rooms: ReadonlyMap<string, Room>;
  /** By id: what ships, and the project's own, which go before. */
  products: ReadonlyMap<string, Product>;
  /** Lock functions by id: what ships, and the project's own. */
  locks: ReadonlyMap<string, LockSpec>;
}

const SHIPPED = new Map(SHIPPED_PRODUCTS.map((product) => [product.id, product]));

/** The shipped catalogue with a project's own products in it. */
export function catalogueWith(own: readonly Product[]): ReadonlyMap<string, Product> {
  if (own.length === 0) return SHIPPED;
  return new Map([...SHIPPED, ...own.map((product) => [product.id, product] as const)]);
}

/** A basis out of what a project stores. */
export function projectBasis(
  practiceId: string,
  own: readonly EditedPractice[] = [],
  building: Building = NO_BUILDING,
  products: readonly Product[] = [],
  locks: readonly LockSpec[] = [],
): ProjectBasis {
  const practices = new Map(own.map((edited) => [edited.id, buildPractice(edited)]));
  return {
    practices,
    practice: practices.get(practiceId) ?? practiceOf(practiceId),
    rooms: new Map(building.rooms.map((room) => [roomKey(room.name), room])),
    products: catalogueWith(products),
    locks: lockSpecsWith(locks),
  };
}

/** A basis of one practice and nothing else. */
export function bareBasis(practice: Practice): ProjectBasis {
  return {
    practice,
    practices: new Map(),
    rooms: new Map(),
    products: SHIPPED,
    locks: lockSpecsWith([]),
  };
}

/** The practice an opening is decided in: its own where it names one that there is. */
export function practiceFor(named: string | undefined, basis: ProjectBasis): Practice {
  if (named === undefined) return basis.practice;
  if (isOwnPractice(named)) return basis.practices.get(named) ?? basis.practice;
  return practiceOf(named);
}

/** The room an opening names, where the building has it. */
export function roomNamed(name: string | undefined, basis: ProjectBasis): Room | undefined {
  return name === undefined ? undefined : basis.rooms.get(roomKey(name));
}
