import type { ProjectBasis } from '@riegel/core';
import { Sheet } from '../pdf/sheet.js';
import { paperOf, type ScheduleJob } from '../schedule/schedulePdf.js';

/** A document of a project in its own words, begun with its title and day. */
export function sheetOf(job: ScheduleJob, basis: ProjectBasis, what: string): Sheet {
  const sheet = new Sheet({
    title: `${job.projectName}: ${what}`,
    paper: paperOf(job, basis),
    layout: 'portrait',
    footer: `${job.projectName} · ${what} · ${job.date}`,
  });
  sheet.title(job.projectName);
  sheet.paragraph(`${what[0]!.toUpperCase()}${what.slice(1)} · ${job.date}`, { size: 11 });
  return sheet;
}
