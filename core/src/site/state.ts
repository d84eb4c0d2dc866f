import { wholeDown } from '../measure/index.js';
import type { LeafId } from '../model/index.js';
import type { ReadGaps } from './places.js';
import type { SiteRecord, SiteRecordOf } from './records.js';

/** A defect with how it stands. */
export interface Defect {
  id: string;
  reported: SiteRecordOf<'defect'>;
  settled: SiteRecordOf<'settled'> | undefined;
}

/** One set of readings of a leaf, with what had been foretold for it. */
export interface GapReadings {
  at: string;
  by: string;
  gaps: ReadGaps;
  predicted: ReadGaps | undefined;
}

/** What the records of one opening come to. */
export interface SiteState {
  /** Steps by name, the last word on each. */
  steps: ReadonlyMap<string, SiteRecordOf<'step'>>;
  /** Readings of each leaf, the newest last; those of one place add up until hinges are moved. */
  gaps: ReadonlyMap<LeafId, readonly GapReadings[]>;
  /** Moves that no reading followed yet. */
  moved: ReadonlyMap<LeafId, SiteRecordOf<'moved'>>;
  /** By round, then by test. */
  tests: ReadonlyMap<string, ReadonlyMap<string, SiteRecordOf<'test'>>>;
  defects: readonly Defect[];
  deviations: readonly SiteRecordOf<'deviation'>[];
  /** What stands there, by part. */
  installed: ReadonlyMap<string, SiteRecordOf<'installed'>>;
  notes: readonly SiteRecordOf<'note'>[];
  places: ReadonlyMap<string, SiteRecordOf<'place'>>;
  signed: readonly SiteRecordOf<'signed'>[];
  /** Day it is to be looked at again, by the last round that was signed. */
  due: string | undefined;
}

/** By time, then by id: the same order on every device. */
export function inOrder(records: readonly SiteRecord[]): SiteRecord[] {
  const once = new Map(records.map((record) => [record.id, record]));
  return [...once.values()].sort((a, b) =>
    a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : a.id > b.id ? 1 : 0,
  );
}

/** Puts the records of an opening together, in whatever order and however often they came. */
export function siteState(records: readonly SiteRecord[]): SiteState {
  const steps = new Map<string, SiteRecordOf<'step'>>();
  const gaps = new Map<LeafId, GapReadings[]>();
  const moved = new Map<LeafId, SiteRecordOf<'moved'>>();
  const tests = new Map<string, Map<string, SiteRecordOf<'test'>>>();
  const defects = new Map<string, Defect>();
  const deviations: SiteRecordOf<'deviation'>[] = [];
  const installed = new Map<string, SiteRecordOf<'installed'>>();
  const notes: SiteRecordOf<'note'>[] = [];
  const places = new Map<string, SiteRecordOf<'place'>>();
  const signed: SiteRecordOf<'signed'>[] = [];
  const settled: SiteRecordOf<'settled'>[] = [];
  for (const record of inOrder(records)) {
    switch (record.kind) {
      case 'step':
        steps.set(record.step, record);
        break;
      case 'gaps': {
        const list = gaps.get(record.leaf) ?? [];
        const move = moved.get(record.leaf);
        const before = move ? undefined : list.pop();
        list.push({
          at: record.at,
          by: record.by,
          gaps: { ...before?.gaps, ...record.gaps },
          predicted: move?.predicted ?? before?.predicted,
        });
        gaps.set(record.leaf, list);
        moved.delete(record.leaf);
        break;
      }
      case 'moved':
        moved.set(record.leaf, record);
        break;
      case 'test': {
        const round = tests.get(record.round) ?? new Map<string, SiteRecordOf<'test'>>();
        tests.set(record.round, round.set(record.test, record));
        break;
      }
      case 'defect':
        defects.set(record.defect, { id: record.defect, reported: record, settled: undefined });
        break;
      case 'settled':
        settled.push(record);
        break;
      case 'deviation':
        deviations.push(record);
        break;
      case 'installed':
        installed.set(record.part, record);
        break;
      case 'note':
        notes.push(record);
        break;
      case 'place':
        places.set(record.photo, record);
        break;
      case 'signed':
        signed.push(record);
        break;
    }
  }
  // Clocks of two devices differ: what was settled may carry an earlier time than what it settles.
  for (const record of settled) {
    const defect = defects.get(record.defect);
    if (defect) defect.settled = record;
  }
  return {
    steps,
    gaps,
    moved,
    tests,
    defects: [...defects.values()],
    deviations,
    installed,
    notes,
    places,
    signed,
    due: signed.filter(closes).at(-1)?.due,
  };
}

/** Whether a signature closes its round: everything was tried, or why it was left is said. */
export function closes({ untried, left }: SiteRecordOf<'signed'>): boolean {
  return untried === 0 || left !== undefined;
}

/** The round that is under way: taking over until that is signed, then the inspection begun on a day. */
export function currentRound({ signed, tests }: SiteState, day: string): string {
  const done = new Set(signed.filter(closes).map(({ round }) => round));
  if (!done.has('acceptance')) return 'acceptance';
  const begun = [...tests.keys()].filter((round) => !done.has(round)).sort();
  return begun.at(-1) ?? `inspection-${day}`;
}

/** A day so many months after another; the last of a shorter month. Days are ISO 8601. */
export function monthsAfter(day: string, months: number): string {
  const [year, month, of] = day.split('-').map(Number) as [number, number, number];
  const all = year * 12 + (month - 1) + months;
  const [y, m] = [wholeDown(all / 12), (all % 12) + 1];
  const leap = (y % 4 === 0 && y % 100 !== 0) || y % 400 === 0;
  const last = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][m - 1]!;
  const two = (value: number) => String(value).padStart(2, '0');
  return `${String(y).padStart(4, '0')}-${two(m)}-${two(Math.min(of, last))}`;
}
