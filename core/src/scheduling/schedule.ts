import type { DecidedOpening } from '../deciding/index.js';
import { formatLength } from '../measure/index.js';
import {
  itemSizeParts,
  itemText,
  partsText,
  phraseText,
  termText,
  valueParts,
  type Units,
} from '../phrasing/index.js';
import type { Item } from '../opening/index.js';
import { assumptionsOf } from '../role/index.js';
import { fieldOf } from '../stages/index.js';
import { groupSets, type HardwareSet, type KnownSet } from './sets.js';

/** An opening as scheduling sees it. */
export interface ScheduledOpening {
  id: string;
  mark: string;
  items: readonly Item[];
  decided: DecidedOpening;
}

/** The heading line of one opening in a set, in words. */
export interface Heading {
  mark: string;
  from: string;
  to: string;
  /** What the door is. */
  role: string;
  kind: string;
  size: string;
  thickness: string;
  leaf: string;
  frame: string;
  hand: string;
  rating: string;
  clearWidth: string;
}

/** One line of a set's hardware, in words. */
export interface Line {
  quantity: number;
  unit: string;
  description: string;
  size: string;
  finish: string;
  stage: string;
  remarks: string;
}

/** The schedule by set, ready to be shown or printed. */
export interface Schedule {
  sets: { number: number; headings: Heading[]; lines: Line[] }[];
  /** Openings without any hardware yet. */
  without: Heading[];
  /** Open decisions and stops are printed, never hidden. */
  open: { mark: string; stage: string; question: string }[];
  findings: { mark: string; level: string; text: string; source: string }[];
  /** What was assumed and nobody confirmed, with the openings it is assumed of. */
  assumed: { text: string; marks: string[] }[];
  known: KnownSet[];
}

/** The units of an opening's practice. */
export function unitsOf(decided: DecidedOpening): Units {
  const { system, denominator, language } = decided.practice;
  return { system, denominator, language };
}

/** What a person reads first of a fact that may be open. */
function decisionText(decided: DecidedOpening, key: string): string {
  const decision = decided.decisions.find((candidate) => candidate.key === key);
  if (!decision?.value) return decision ? 'open' : '';
  return partsText(valueParts(decision.value, unitsOf(decided)));
}

/** What the door is, with a question mark while it is guessed; nothing where nobody asks. */
function roleText(decided: DecidedOpening): string {
  const role = decisionText(decided, 'opening.role');
  const guessed = decided.results.opening.guessed;
  return role && guessed ? `${role} ?` : role;
}

export function headingOf(decided: DecidedOpening): Heading {
  const { facts } = decided;
  const { sizing: sizes } = decided.results;
  const { system, language } = decided.practice;
  const shown = (ticks: number | undefined) =>
    ticks === undefined
      ? '?'
      : formatLength(ticks, { system, denominator: decided.practice.denominator });
  const { assumed } = decided.results.opening;
  const rating = facts.rating;
  return {
    mark: facts.mark,
    from: facts.from ?? '',
    to: facts.to ?? '',
    // A guess is marked as one wherever it is printed.
    role: roleText(decided),
    kind: termText(`kind.${facts.kind}`, language),
    size: `${shown(sizes.frameWidth)} × ${shown(sizes.frameHeight)}`,
    thickness: decisionText(decided, 'sizing.leafThickness'),
    leaf: makeText('construction', facts.leafConstruction, assumed.leafConstruction, language),
    frame: makeText('frameMaterial', facts.frameMaterial, assumed.frameMaterial, language),
    hand: decisionText(decided, 'handing.hand') || decisionText(decided, 'handing.slide'),
    rating:
      rating === undefined
        ? 'open'
        : rating === 'unknown'
          ? 'unknown'
          : rating === 0
            ? 'none'
            : `${rating} min`,
    clearWidth: decisionText(decided, 'hanging.clearWidth'),
  };
}

/** The cells of a heading, in the order every schedule prints them. */
export function headingCells(heading: Heading): string[] {
  return [
    heading.mark,
    heading.from,
    heading.to,
    heading.role,
    heading.kind,
    heading.size,
    heading.thickness,
    heading.leaf,
    heading.frame,
    heading.hand,
    heading.rating,
    heading.clearWidth,
  ];
}

/** What a leaf or a frame is made of; with a question mark where it is assumed. */
function makeText(
  terms: 'construction' | 'frameMaterial',
  recorded: string | undefined,
  assumed: string | undefined,
  language: Units['language'],
): string {
  if (recorded === undefined && assumed === undefined) return 'open';
  if (recorded === 'unknown') return recorded;
  const text = termText(`${terms}.${recorded ?? assumed}`, language);
  return recorded === undefined ? `${text} ?` : text;
}

/** What is assumed of the openings, the same of several told once. */
function assumedOf(openings: readonly ScheduledOpening[]): Schedule['assumed'] {
  const told = new Map<string, string[]>();
  for (const { decided, mark } of openings)
    for (const { fact, value } of assumptionsOf(decided)) {
      const { language } = unitsOf(decided);
      const field = fieldOf(fact);
      const words = field?.options
        ? termText(`${field.terms}.${String(value)}`, language)
        : value === true
          ? 'yes'
          : value === false
            ? 'no'
            : String(value);
      const text = `${termText(`fact.${fact}`, language)}: ${words}`;
      const marks = told.get(text);
      if (marks) marks.push(mark);
      else told.set(text, [mark]);
    }
  return [...told].map(([text, marks]) => ({ text, marks }));
}

function lineOf(item: Item, units: Units): Line {
  return {
    quantity: item.quantity,
    unit: termText(`unit.${item.unit}`),
    description: itemText(item, units.language),
    size: partsText(itemSizeParts(item, units)),
    finish: item.finish ? termText(item.finish, units.language) : '',
    stage: termText(`stage.${item.stage}`),
    remarks: [item.handed ? 'by hand of opening' : '', item.standard ?? '']
      .filter(Boolean)
      .join('; '),
  };
}

/** Builds the schedule by set, with everything that is still open beside it. */
export function scheduleBySet(openings: ScheduledOpening[], before: KnownSet[] = []): Schedule {
  const grouped = groupSets(openings, before);
  const sets = grouped.sets.map((set: HardwareSet<ScheduledOpening>) => ({
    number: set.number,
    headings: set.openings.map((opening) => headingOf(opening.decided)),
    lines: set.items.map((item) => lineOf(item, unitsOf(set.openings[0]!.decided))),
  }));
  const sorted = [...grouped.sets.flatMap((set) => set.openings), ...grouped.without];
  const schedule: Schedule = {
    sets,
    without: grouped.without.map((opening) => headingOf(opening.decided)),
    open: [],
    findings: [],
    assumed: assumedOf(sorted),
    known: grouped.known,
  };
  for (const { decided, mark } of sorted) {
    const units = unitsOf(decided);
    const asked = new Set<string>();
    for (const decision of decided.decisions) {
      if (decision.status !== 'open' || !decision.question) continue;
      const question = phraseText(decision.question, units);
      if (asked.has(question)) continue;
      asked.add(question);
      schedule.open.push({ mark, stage: termText(`stage.${decision.stage}`), question });
    }
    for (const finding of decided.findings) {
      schedule.findings.push({
        mark,
        level: finding.level,
        text: phraseText(finding, units),
        source: finding.source,
      });
    }
  }
  return schedule;
}
