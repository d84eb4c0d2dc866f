import { type ProjectBasis, type Router, type ScheduledOpening } from '@riegel/core';
import { basisOf, openingsOf, paperOf, type ScheduleJob } from '../schedule/schedulePdf.js';
import { Sheet } from '../pdf/sheet.js';
import { numbersOf } from '../schedule/numbers.js';
import { bringPage, openingSheets } from './sheetPages.js';

/** Which openings get sheets, and how they are addressed. */
export interface SheetsJob extends ScheduleJob {
  /** Ids, in the order they are printed. */
  wanted: string[];
  /** Address of an opening but for its id. */
  address: string;
}

/** The bit and collar that templates are told for, as the practice has them. */
const routerOf = ({ practice }: ProjectBasis): Router => ({
  bit: practice.values.routerBit.value,
  collar: practice.values.routerCollar.value,
});

/** The openings that sheets are wanted of, in their order; those that are gone are left out. */
export function wantedOf(
  openings: readonly ScheduledOpening[],
  wanted: readonly string[],
): ScheduledOpening[] {
  const byId = new Map(openings.map((one) => [one.id, one]));
  return wanted.flatMap((id) => byId.get(id) ?? []);
}

/**
 * The preparation sheets of some openings as one PDF, an entry in the outline each.
 *
 * @param progress told the share that is done, 0 to 1
 */
export function sheetsPdf(job: SheetsJob, progress?: (done: number) => void): Promise<Buffer> {
  const basis = basisOf(job);
  const openings = openingsOf(job);
  const setOf = numbersOf(openings, job.known, job);
  const wanted = wantedOf(openings, job.wanted);
  const paper = paperOf(job, basis);
  const sheet = new Sheet({
    title: `${job.projectName}: preparation`,
    paper: paper === 'Tabloid' ? 'Letter' : paper === 'A3' ? 'A4' : paper,
    layout: 'portrait',
    footer: `${job.projectName} · preparation · ${job.date}`,
  });
  const frame = {
    projectName: job.projectName,
    basis,
    addressOf: (one: string) => job.address + one,
    setOf,
    router: routerOf(basis),
  };
  if (wanted.length > 0) bringPage(sheet, frame, wanted);
  wanted.forEach(({ id, decided }, at) => {
    openingSheets(sheet, frame, id, decided, wanted.length === 0);
    progress?.((at + 1) / (wanted.length + 1));
  });
  return sheet.finish();
}
