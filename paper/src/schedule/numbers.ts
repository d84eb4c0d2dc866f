import { groupSets, isSettled, type KnownSet, type ScheduledOpening } from '@riegel/core';
import type { ScheduleJob } from './schedulePdf.js';

/** Numbers of sets, by opening. */
export function numbersOf(
  openings: readonly ScheduledOpening[],
  known: KnownSet[],
  { settings }: Pick<ScheduleJob, 'settings'>,
): Map<string, number> {
  const { sets } = groupSets(
    openings.map((one) => ({ ...one, settled: isSettled(one.decided) })),
    known,
    settings.apart,
  );
  return new Map(sets.flatMap(({ number, openings: of }) => of.map(({ id }) => [id, number])));
}
