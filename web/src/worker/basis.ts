import {
  projectBasis,
  type Building,
  type EditedPractice,
  type LockSpec,
  type Product,
  type ProjectBasis,
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
}

let last: { key: string; basis: ProjectBasis } | undefined;

/** The basis of the data; built once while the key stays. */
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
  return last.basis;
}
