import { decisionName, partsText, phraseText, termText, valueParts } from '../phrasing/index.js';
import {
  byMark,
  headingOf,
  lineOf,
  orderedItems,
  unitsOf,
  type ScheduledOpening,
} from '../scheduling/index.js';

/** The version of what decides; a release keeps which one it was made with. */
export const CORE_VERSION = '0.1.0';

/** One decision as it was told. */
export interface ReleasedDecision {
  key: string;
  /** `Hanging, hinge height`. */
  name: string;
  /** What was decided, in words; empty while open. */
  value: string;
  /** Its first reason. */
  why: string;
}

/** An opening as a release holds it: in words, so that it is read for ever as it was. */
export interface ReleasedOpening {
  id: string;
  mark: string;
  set: number | null;
  heading: Record<string, string>;
  items: string[];
  decisions: ReleasedDecision[];
}

/** Openings in words, in the order of their marks. */
export function releasedOf(
  openings: readonly ScheduledOpening[],
  setOf: ReadonlyMap<string, number>,
): ReleasedOpening[] {
  return [...openings]
    .sort((a, b) => byMark.compare(a.mark, b.mark))
    .map(({ id, mark, items, decided }) => {
      const units = unitsOf(decided);
      return {
        id,
        mark,
        set: setOf.get(id) ?? null,
        heading: { ...headingOf(decided) },
        items: orderedItems(items).map((item) => {
          const { quantity, description, size, finish } = lineOf(item, units);
          return [`${quantity} ${description}`, size, finish].filter(Boolean).join(', ');
        }),
        decisions: decided.decisions.map(({ key, stage, name, leaf, value, reasons }) => ({
          key,
          name: [
            termText(`stage.${stage}`, units.language),
            decisionName(stage, name, units.language).toLowerCase(),
            ...(leaf ? [termText(`leaf.${leaf}`, units.language)] : []),
          ].join(', '),
          value: value ? partsText(valueParts(value, units)) : '',
          why: reasons[0] ? phraseText(reasons[0], units) : '',
        })),
      };
    });
}
