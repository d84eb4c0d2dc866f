import {
  basisOfFile,
  faultPlace,
  phraseText,
  readProject,
  scheduleOf,
  decideOpenings,
  withWays,
  type ProjectBasis,
  type ProjectFile,
  type Schedule,
  type ScheduledOpening,
} from '@riegel/core';
import type { ScheduleJob } from '@riegel/paper';

/** A project file as every command works on it. */
export interface Opened {
  project: ProjectFile;
  basis: ProjectBasis;
  openings: ScheduledOpening[];
  schedule: Schedule;
}

/** Reads and decides a project file; else one sentence for each fault. */
export function openProject(content: string): Opened | { faults: string[] } {
  const read = readProject(content);
  if (!read.ok)
    return {
      faults: read.faults.map(
        (fault) => faultPlace(fault) + phraseText(fault.fault, { system: 'inch' }),
      ),
    };
  const { project } = read;
  const basis = withWays(basisOfFile(project), project.openings);
  const held = project.openings.map((facts, at) => ({ id: String(at), facts }));
  const openings = Array.from(decideOpenings(held, basis), ([{ id, facts }, decided]) => ({
    id,
    mark: facts.mark,
    items: decided.items,
    decided,
  }));
  return { project, basis, openings, schedule: scheduleOf(openings, [], project.schedule) };
}

/** What documents are made from. */
export function jobOf({ project, basis }: Opened, date: string): ScheduleJob {
  return {
    projectName: project.name,
    practice: project.practice ?? basis.practice.id,
    practices: project.practices ?? [],
    building: project.building,
    products: project.products ?? [],
    locks: project.locks ?? [],
    settings: project.schedule ?? {},
    keying: project.keying,
    note: project.note ?? '',
    date,
    known: [],
    openings: project.openings.map((facts, at) => ({ id: String(at), facts })),
  };
}
