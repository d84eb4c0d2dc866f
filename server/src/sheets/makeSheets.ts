import { decideOpening } from '@riegel/core';
import {
  basisOf,
  drawingsZip,
  sheetsPdf,
  stickPdf,
  submittalZip,
  type Progress,
} from '@riegel/paper';
import { unfold, type StoredScheduleJob } from '../schedule/makeSchedule.js';

/** Which openings, and where a code that is scanned leads. */
export interface StoredSheetsJob extends StoredScheduleJob {
  wanted: string[];
  address: string;
}

const unfolded = ({ wanted, address, ...job }: StoredSheetsJob) => ({
  ...unfold(job),
  wanted,
  address,
});

/** The sheets of some openings as PDF. */
export async function makeSheetsPdf(job: StoredSheetsJob, told?: Progress): Promise<Uint8Array> {
  return new Uint8Array(await sheetsPdf(unfolded(job), told));
}

/** The story sticks of one opening. */
export async function makeStickPdf({
  tiled,
  ...stored
}: StoredSheetsJob & { tiled: boolean }): Promise<Uint8Array> {
  const job = unfolded(stored);
  const facts = job.openings.find(({ id }) => id === job.wanted[0])?.facts;
  const decided = decideOpening(facts ?? { mark: '', kind: 'single' }, basisOf(job));
  return new Uint8Array(await stickPdf(decided, tiled, `${decided.facts.mark}: story stick`));
}

/** The drawings of some openings as one ZIP. */
export const makeDrawingsZip = (job: StoredSheetsJob, told?: Progress): Promise<Uint8Array> =>
  drawingsZip(unfolded(job), told);

/** Everything that goes to those who approve. */
export const makeSubmittalZip = (job: StoredSheetsJob, told?: Progress): Promise<Uint8Array> =>
  submittalZip(unfolded(job), told);
