import {
  projectBasis,
  wayKey,
  type Building,
  type EditedPractice,
  type LockSpec,
  type OpeningFacts,
  type Product,
  type ProjectBasis,
  type EgressFlow,
} from '@riegel/core';

/** What a project's openings are decided with, as plain data that crosses to the worker. */
export interface BasisData {
  /** Changes whenever anything in it does. */
  key: string;
  practiceId: string;
  practices: EditedPractice[];
  building?: Building | undefined;
  /** The project's own products. */
  products?: Product[] | undefined;
  /** The project's own lock functions. */
  locks?: LockSpec[] | undefined;
  /** The ways out that all openings make together, and a key that changes with them. */
  ways?: ReadonlyMap<string, EgressFlow> | undefined;
  waysKey?: string | undefined;
}

let last: { key: string; basis: ProjectBasis } | undefined;
let lastWays: { of: ProjectBasis; key: string | undefined; basis: ProjectBasis } | undefined;

/** The basis of the data; built once while the keys stay. */
export function basisOf(data: BasisData): ProjectBasis {
  if (last?.key !== data.key) {
    last = {
      key: data.key,
      basis: projectBasis(
        data.practiceId,
        data.practices,
        data.building,
        data.products,
        data.locks,
      ),
    };
  }
  const { basis } = last;
  if (!data.ways) return basis;
  if (lastWays?.of !== basis || lastWays.key !== data.waysKey)
    lastWays = { of: basis, key: data.waysKey, basis: { ...basis, ways: data.ways } };
  return lastWays.basis;
}

/** What of the ways out an opening is decided with, as one word. */
export function wayText({ ways }: BasisData, { from, to }: OpeningFacts): string {
  const way = from && to ? ways?.get(wayKey(from, to)) : undefined;
  return way ? `${way.escape} ${way.people} ${way.share} ${way.whole}` : '';
}
