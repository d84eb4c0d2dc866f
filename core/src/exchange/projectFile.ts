import type { LockSpec, Product } from '../catalogue/index.js';
import type { Fault } from '../measure/index.js';
import type { Building, OpeningFacts } from '../model/index.js';
import type { ProjectBasis } from '../model/index.js';
import { projectBasis, type EditedPractice } from '../project/index.js';
import type { ScheduleSettings } from '../scheduling/index.js';
import type { Keying } from '../securing/index.js';

/** A project as its file holds it, read. */
export interface ProjectFile {
  name: string;
  /** A shipped practice's id, or that of one in `practices`. */
  practice: string;
  note?: string;
  /** The project's own practices. */
  practices?: EditedPractice[];
  building?: Building;
  /** The project's own products, beside those that ship. */
  products?: Product[];
  /** The project's own lock functions. */
  locks?: LockSpec[];
  /** Who holds which keys. */
  keying?: Keying;
  /** Names of sets, what is kept apart, and how the schedule is printed. */
  schedule?: ScheduleSettings;
  openings: OpeningFacts[];
}

/**
 * What the openings of a file are decided with: its own practices, rooms, products and functions, as the
 * screens and the server decide them.
 */
export function basisOfFile(project: Omit<ProjectFile, 'openings'>): ProjectBasis {
  const { practice, practices, building, products, locks } = project;
  return projectBasis(practice, practices, building, products, locks);
}

/** A fault in a file with the place it stands at, for one sentence each. */
export interface FileFault {
  where: string;
  fault: Fault;
}

export type ReadProject = { ok: true; project: ProjectFile } | { ok: false; faults: FileFault[] };

/** Where and what of a fault in one sentence. */
export function faultPlace(fault: FileFault): string {
  return fault.where ? `${fault.where[0]!.toUpperCase()}${fault.where.slice(1)}: ` : '';
}
