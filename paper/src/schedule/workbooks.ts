import type { TakeOffOptions } from '@riegel/core';
import { basisOf, openingsOf, scheduleOfJob, type ScheduleJob } from './schedulePdf.js';
import { openingTable, openTable, roomTable, setTable } from './tables.js';
import { priceTable, takeOffTables, type TakeOffInput } from './takeOffTables.js';
import { workbook } from './xlsx.js';

/** The schedule as a workbook: sets, openings, rooms, what is open. */
export function scheduleXlsx(job: ScheduleJob): Promise<Buffer> {
  const schedule = scheduleOfJob(job);
  return workbook([
    setTable(schedule),
    openingTable(schedule),
    roomTable(schedule),
    openTable(schedule),
  ]);
}

/** What of a job a take-off is made from. */
function takeOffInput(job: ScheduleJob): TakeOffInput {
  const basis = basisOf(job);
  const { known, settings, keying } = job;
  return { openings: openingsOf(job), basis, known, settings, keying };
}

/** Totals by product, with lists for the makers of frames and leaves. */
export const takeOffXlsx = (job: ScheduleJob, options: TakeOffOptions): Promise<Buffer> =>
  workbook(takeOffTables(takeOffInput(job), options));

/** A request for prices. */
export const pricesXlsx = (job: ScheduleJob, options: TakeOffOptions): Promise<Buffer> =>
  workbook([priceTable(takeOffInput(job), options)]);
