import { monthsAfter, type SiteState } from '@riegel/core';

/** Months that the chart goes back. */
const MONTHS = 12;

/** Defects by the month they were reported and put right in. */
export function defectsByMonth(states: Iterable<SiteState>, now: string) {
  const first = `${monthsAfter(`${now.slice(0, 7)}-01`, -(MONTHS - 1)).slice(0, 7)}-01`;
  const months = Array.from({ length: MONTHS }, (_, at) => monthsAfter(first, at).slice(0, 7));
  const rows = new Map(months.map((month) => [month, { month, reported: 0, settled: 0 }]));
  for (const { defects } of states)
    for (const { reported, settled } of defects) {
      const begun = rows.get(reported.at.slice(0, 7));
      if (begun) begun.reported++;
      const ended = settled && rows.get(settled.at.slice(0, 7));
      if (ended) ended.settled++;
    }
  return [...rows.values()];
}
