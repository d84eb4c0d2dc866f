import {
  readKeying,
  writeModel,
  type KnownSet,
  type ScheduleSettings,
  type TakeOffOptions,
} from '@riegel/core';
import {
  numbersOf,
  openingsOf,
  pricesXlsx,
  questionsPdf,
  scheduleCsv,
  scheduleOfJob,
  schedulePdf,
  scheduleXlsx,
  takeOffXlsx,
  type Progress,
  type Revision,
  type ScheduleBy,
  type ScheduleJob,
} from '@riegel/paper';
import { unfoldDeciding } from '../documents/decidingBasis.js';
import type { DecidingTexts } from '../documents/documents.service.js';

/** Everything a schedule is made from, as stored. */
export interface StoredScheduleJob {
  projectName: string;
  practice: string;
  note: string;
  date: string;
  deciding: DecidingTexts;
  settings: ScheduleSettings;
  /** Who holds which keys, JSON. */
  keying: string | null;
  /** Releases before, told on the front page. */
  revisions?: Revision[];
  openings: { id: string; facts: string }[];
  known: KnownSet[];
}

/** A schedule as it is handed out, and the set numbers it gave. */
export interface MadeSchedule {
  json: string;
  csv: string;
  known: KnownSet[];
}

/** A stored job as documents are made from it. */
export function unfold({ deciding, openings, keying, ...rest }: StoredScheduleJob): ScheduleJob {
  const keys = keying === null ? undefined : readKeying(JSON.parse(keying));
  return {
    ...rest,
    ...unfoldDeciding(deciding),
    keying: keys?.ok ? keys.value : undefined,
    openings: openings.map(({ id, facts }) => ({
      id,
      facts: JSON.parse(facts) as ScheduleJob['openings'][number]['facts'],
    })),
  };
}

/** Decides, groups and numbers. */
export function makeSchedule(job: StoredScheduleJob): MadeSchedule {
  const schedule = scheduleOfJob(unfold(job));
  const { known, ...shown } = schedule;
  return { json: JSON.stringify(shown), csv: scheduleCsv(schedule), known };
}

export async function makeSchedulePdf(
  { by, ...job }: StoredScheduleJob & { by: ScheduleBy },
  told?: Progress,
): Promise<Uint8Array> {
  return new Uint8Array(await schedulePdf(unfold(job), by, told));
}

export async function makeScheduleXlsx(job: StoredScheduleJob): Promise<Uint8Array> {
  return new Uint8Array(await scheduleXlsx(unfold(job)));
}

export async function makeTakeOffXlsx({
  options,
  ...job
}: StoredScheduleJob & { options: TakeOffOptions }): Promise<Uint8Array> {
  return new Uint8Array(await takeOffXlsx(unfold(job), options));
}

export async function makePricesXlsx({
  options,
  ...job
}: StoredScheduleJob & { options: TakeOffOptions }): Promise<Uint8Array> {
  return new Uint8Array(await pricesXlsx(unfold(job), options));
}

/** A model with the decided data of the doors it shares with the project; undefined where it is none. */
export function makeModel({
  model,
  ...stored
}: StoredScheduleJob & { model: Uint8Array }): { bytes: Uint8Array; written: number } | undefined {
  const job = unfold(stored);
  const openings = openingsOf(job);
  const numbers = numbersOf(openings, job.known, job);
  const made = writeModel(
    // One letter a byte, there and back: what is not ours stays as it is.
    Buffer.from(model).toString('latin1'),
    new Map(openings.map(({ id, mark, decided }) => [mark, { decided, set: numbers.get(id) }])),
  );
  return made && { bytes: new Uint8Array(Buffer.from(made.text, 'latin1')), written: made.written };
}

export async function makeQuestionsPdf(job: StoredScheduleJob): Promise<Uint8Array> {
  return new Uint8Array(await questionsPdf(unfold(job)));
}
