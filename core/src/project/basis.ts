import {
  lockSpecsWith,
  SHIPPED_PRODUCTS,
  type LockSpec,
  type Product,
} from '../catalogue/index.js';
import {
  NO_BUILDING,
  roomKey,
  type Building,
  type ProjectBasis,
  type EgressFlow,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { buildPractice, isOwnPractice, type EditedPractice } from './editedPractices.js';
import { practiceOf, PRACTICES } from './practices.js';

const SHIPPED_LIST = Object.values(PRACTICES);
const SHIPPED = new Map(SHIPPED_PRODUCTS.map((product) => [product.id, product]));

const NO_WAYS: ReadonlyMap<string, EgressFlow> = new Map();

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
  ways: ReadonlyMap<string, EgressFlow> = NO_WAYS,
): ProjectBasis {
  const practices = new Map(own.map((edited) => [edited.id, buildPractice(edited)]));
  return {
    practices,
    shipped: SHIPPED_LIST,
    practice: practices.get(practiceId) ?? practiceOf(practiceId),
    rooms: new Map(building.rooms.map((room) => [roomKey(room.name), room])),
    products: catalogueWith(products),
    locks: lockSpecsWith(locks),
    ways,
  };
}

/** A basis of one practice and nothing else. */
export function bareBasis(practice: Practice): ProjectBasis {
  return {
    practice,
    practices: new Map(),
    shipped: SHIPPED_LIST,
    rooms: new Map(),
    products: SHIPPED,
    locks: lockSpecsWith([]),
    ways: NO_WAYS,
  };
}

/** The practice an opening is decided in: its own where it names one that there is. */
export function practiceFor(named: string | undefined, basis: ProjectBasis): Practice {
  if (named === undefined) return basis.practice;
  if (isOwnPractice(named)) return basis.practices.get(named) ?? basis.practice;
  return practiceOf(named);
}
