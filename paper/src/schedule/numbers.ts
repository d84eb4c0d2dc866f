import { scheduleOf, type KnownSet, type ScheduledOpening } from '@riegel/core';
import type { ScheduleJob } from './schedulePdf.js';

/** Numbers of sets, by opening. */
export function numbersOf(
  openings: readonly ScheduledOpening[],
  known: KnownSet[],
  job: Pick<ScheduleJob, 'settings'>,
): Map<string, number> {
  const { sets } = scheduleOf(openings, known, job.settings);
  return new Map(sets.flatMap(({ number, openings: ids }) => ids.map((id) => [id, number])));
}
