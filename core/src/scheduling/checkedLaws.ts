import { LAWS } from '../laws/index.js';
import { termText } from '../phrasing/index.js';
import { unitsOf } from './heading.js';
import type { ScheduledOpening } from './scheduledOpening.js';

/** A law with what it came to over the openings of a schedule. */
export interface CheckedLaw {
  /** What it states. */
  text: string;
  /** How many openings it holds of. */
  kept: number;
  /** Marks of those it does not hold of. */
  broken: string[];
  /** What could not be checked: the facts that are not recorded, and the marks. */
  notChecked: { lacks: string; marks: string[] }[];
}

/**
 * Tells of every law that speaks of any opening what it came to: printed with the schedule, so that no finding is
 * not taken for checked where it was not.
 */
export function checkedLaws(openings: readonly ScheduledOpening[]): CheckedLaw[] {
  const laws = new Map<string, CheckedLaw>();
  const language = openings[0] && unitsOf(openings[0].decided).language;
  for (const { id } of LAWS)
    laws.set(id, { text: termText(`law.${id}`, language), kept: 0, broken: [], notChecked: [] });
  for (const { decided, mark } of openings) {
    for (const id of decided.laws.kept) laws.get(id)!.kept += 1;
    for (const id of decided.laws.broken) laws.get(id)!.broken.push(mark);
    for (const { law, lacks } of decided.laws.notChecked) {
      const words = lacks.map((name) => termText(`fact.${name}`, language)).join(' or ');
      const { notChecked } = laws.get(law)!;
      const before = notChecked.find((one) => one.lacks === words);
      if (before) before.marks.push(mark);
      else notChecked.push({ lacks: words, marks: [mark] });
    }
  }
  return [...laws.values()].filter(
    ({ kept, broken, notChecked }) => kept + broken.length + notChecked.length > 0,
  );
}
