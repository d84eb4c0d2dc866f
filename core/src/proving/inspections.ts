import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import { valueOrUndefined } from '../model/index.js';
import { monthsAfter } from '../site/index.js';
import { ROLE } from '../roles/index.js';

/**
 * Months until an opening is to be inspected again: rated leaves by their practice's interval, in common parts of
 * dwellings the shorter one; undefined where nothing asks for it.
 */
export function inspectionMonths(decided: DecidedOpening): number | undefined {
  const { practice, results } = decided;
  const facts = wholeFacts(decided);
  if ((valueOrUndefined(facts.rating) ?? 0) <= 0) return undefined;
  const { inspectionMonths: usual, commonPartsMonths } = practice.values;
  const { role } = results.opening;
  const common = role !== undefined && ROLE[role].place.commonPart;
  return common && valueOrUndefined(facts.occupancy) === 'residential'
    ? commonPartsMonths.value
    : usual.value;
}

/** The day an opening is to be looked at again after a round signed on a day; undefined where nothing asks for it. */
export function dueAfter(decided: DecidedOpening, day: string): string | undefined {
  const months = inspectionMonths(decided);
  return months === undefined ? undefined : monthsAfter(day, months);
}

/** An opening that is to be looked at, on which day. */
export interface Due {
  projectId: string;
  project: string;
  openingId: string;
  mark: string;
  from?: string | undefined;
  to?: string | undefined;
  due: string;
}

export type DueState = 'overdue' | 'month' | 'quarter' | 'later';

/** How near days are, seen from one. */
function nearness(today: string): (due: string) => DueState {
  const [month, quarter] = [monthsAfter(today, 1), monthsAfter(today, 3)];
  return (due) =>
    due < today ? 'overdue' : due <= month ? 'month' : due <= quarter ? 'quarter' : 'later';
}

/** How near a day is, seen from another. */
export const dueState = (due: string, today: string): DueState => nearness(today)(due);

/** How much is how near: of days, each with how many are due on it. */
export function countDue(
  days: Iterable<{ due: string; count: number }>,
  today: string,
): Record<DueState, number> {
  const counts: Record<DueState, number> = { overdue: 0, month: 0, quarter: 0, later: 0 };
  const near = nearness(today);
  for (const { due, count } of days) counts[near(due)] += count;
  return counts;
}

/** What is due, soonest first, and how much of it is how near. */
export function dueList(
  all: readonly Due[],
  today: string,
): { list: Due[]; counts: Record<DueState, number> } {
  const counts = countDue(
    all.map(({ due }) => ({ due, count: 1 })),
    today,
  );
  const list = [...all].sort((a, b) =>
    a.due !== b.due
      ? a.due < b.due
        ? -1
        : 1
      : a.project !== b.project
        ? a.project < b.project
          ? -1
          : 1
        : a.mark < b.mark
          ? -1
          : 1,
  );
  return { list, counts };
}
