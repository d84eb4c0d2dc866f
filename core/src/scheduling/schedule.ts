import { itemSizeParts, itemText, partsText, termText, type Units } from '../phrasing/index.js';
import type { Item } from '../model/index.js';
import { SET_STAGES } from '../stageRegistry/index.js';
import { checkedLaws, type CheckedLaw } from './checkedLaws.js';
import { nearSets } from './differences.js';
import { headingOf, unitsOf, type Heading } from './heading.js';
import { isSettled, orderedItems } from './ordered.js';
import {
  acceptedFindings,
  assumedOf,
  findingsByRule,
  openQuestions,
  type AcceptedFinding,
  type RuleFindings,
  type OpenItem,
} from './openItems.js';
import { doorsByRoom, type RoomDoors } from './rooms.js';
import { setName } from './setName.js';
import { byMark, groupSets, type KnownSet } from './sets.js';
import type { ScheduleSettings } from './settings.js';
import type { ScheduledOpening } from './scheduledOpening.js';

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

/** A hardware set in words. */
export interface ScheduledSet {
  number: number;
  name: string;
  /** Why it is kept apart from others like it. */
  apart: string | undefined;
  /** Ids of its openings, in the order of the headings. */
  openings: string[];
  headings: Heading[];
  lines: Line[];
}

/** One opening of the schedule by opening: its set, and what it takes stage by stage. */
export interface MatrixRow {
  id: string;
  heading: Heading;
  set: number | undefined;
  stages: string[];
}

/** The whole schedule in words, ready to be shown or printed. */
export interface Schedule {
  sets: ScheduledSet[];
  /** Openings with something open that may change what they take: no set yet. */
  undecided: { id: string; heading: Heading; lines: Line[]; open: string[] }[];
  /** Openings that take no hardware. */
  without: Heading[];
  /** By opening, in the order of marks. */
  matrix: { stages: string[]; rows: MatrixRow[] };
  rooms: RoomDoors[];
  /** Sets that differ in one line: of the smaller, and of the other. */
  near: { first: number; second: number; one: Line | undefined; other: Line | undefined }[];
  /** Open decisions and findings are printed, never hidden. */
  open: (OpenItem & { stage: string })[];
  findings: RuleFindings[];
  accepted: AcceptedFinding[];
  /** What was assumed and nobody confirmed, with the openings it is assumed of. */
  assumed: OpenItem[];
  /** What every law came to: kept, not kept, not checked. */
  checked: CheckedLaw[];
  known: KnownSet[];
}

/** One ordered item in words. */
export function lineOf(item: Item, units: Units): Line {
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

/** Builds the schedule, with everything that is still open beside it. */
export function scheduleOf(
  openings: readonly ScheduledOpening[],
  before: KnownSet[] = [],
  settings: ScheduleSettings = {},
): Schedule {
  const grouped = groupSets(
    openings.map((opening) => ({ ...opening, settled: isSettled(opening.decided) })),
    before,
    settings.apart,
  );
  const names = new Map(settings.names?.map(({ number, name }) => [number, name]));
  const linesOf = ({ decided, items }: ScheduledOpening) =>
    orderedItems(items).map((item) => lineOf(item, unitsOf(decided)));
  const sets = grouped.sets.map((set): ScheduledSet => ({
    number: set.number,
    name: names.get(set.number) ?? setName(set.openings.map(({ decided }) => decided)),
    apart: set.apart,
    openings: set.openings.map(({ id }) => id),
    headings: set.openings.map(({ decided }) => headingOf(decided)),
    lines: linesOf(set.openings[0]!),
  }));
  const sorted = [...openings].sort((a, b) => byMark.compare(a.mark, b.mark));
  const setOf = new Map(sets.flatMap(({ number, openings: ids }) => ids.map((id) => [id, number])));
  return {
    sets,
    undecided: grouped.undecided.map((one) => ({
      id: one.id,
      heading: headingOf(one.decided),
      lines: linesOf(one),
      open: openQuestions([one]).map(({ text }) => text),
    })),
    without: grouped.without.map(({ decided }) => headingOf(decided)),
    matrix: {
      stages: SET_STAGES.map((stage) => termText(`stage.${stage}`)),
      rows: sorted.map((one) => ({
        id: one.id,
        heading: headingOf(one.decided),
        set: setOf.get(one.id),
        stages: stageTexts(one),
      })),
    },
    rooms: doorsByRoom(sorted, setOf),
    near: nearSets(grouped.sets).map(({ first, second, difference }) => {
      const units = unitsOf(sorted[0]!.decided);
      const words = (item: Item | undefined) => item && lineOf(item, units);
      return { first, second, one: words(difference.first), other: words(difference.second) };
    }),
    open: openQuestions(sorted),
    findings: findingsByRule(sorted),
    accepted: acceptedFindings(sorted),
    assumed: assumedOf(sorted),
    checked: checkedLaws(sorted),
    known: grouped.known,
  };
}

/** What an opening takes of each stage, a cell each. */
function stageTexts({ items, decided }: ScheduledOpening): string[] {
  const units = unitsOf(decided);
  const ordered = orderedItems(items);
  const open = new Set(
    decided.decisions.flatMap(({ stage, status }) => (status === 'open' ? [stage] : [])),
  );
  return SET_STAGES.map((stage) => {
    const texts = ordered
      .filter((item) => item.stage === stage)
      .map((item) => {
        const { quantity, description, size } = lineOf(item, units);
        return `${quantity} ${[description, size].filter(Boolean).join(', ')}`;
      });
    return [...texts, ...(open.has(stage) ? ['open'] : [])].join('; ') || '–';
  });
}
