import { schedulePdf, type ScheduleJob } from './schedulePdf.js';

/** Runs in a worker thread: a long schedule must not keep other people waiting. */
export default async function work(job: ScheduleJob): Promise<Uint8Array> {
  return new Uint8Array(await schedulePdf(job));
}
