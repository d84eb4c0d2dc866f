import { writeModel, type KnownSet } from '@riegel/core';
import { numbersOf, openingsOf, scheduleOfJob } from '@riegel/paper';
import { unfoldJob, type StoredScheduleJob } from './storedJob.js';

/** A schedule as it is handed out, and the set numbers it gave. */
export interface MadeSchedule {
  json: string;
  known: KnownSet[];
}

/** Decides, groups and numbers. */
export function makeSchedule(job: StoredScheduleJob): MadeSchedule {
  const { known, ...shown } = scheduleOfJob(unfoldJob(job));
  return { json: JSON.stringify(shown), known };
}

/** A model with the decided data of the doors it shares with the project; undefined where it is none. */
export function makeModel({
  model,
  ...stored
}: StoredScheduleJob & { model: Uint8Array }): { bytes: Uint8Array; written: number } | undefined {
  const job = unfoldJob(stored);
  const openings = openingsOf(job);
  const numbers = numbersOf(openings, job.known, job);
  const made = writeModel(
    // One letter a byte, there and back: what is not ours stays as it is.
    Buffer.from(model).toString('latin1'),
    new Map(openings.map(({ id, mark, decided }) => [mark, { decided, set: numbers.get(id) }])),
  );
  return made && { bytes: new Uint8Array(Buffer.from(made.text, 'latin1')), written: made.written };
}
