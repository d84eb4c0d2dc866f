import type { OpeningFacts } from '../model/index.js';
import { applyPatch } from './patch.js';
import { type FactsPatch } from './factsPatch.js';
import { factsOfColumns, markKey } from './readList.js';
import type { ListRow, UnreadCell } from './readRow.js';
import type { Fault } from '../measure/index.js';

/** An opening as the project holds it. */
export interface HeldOpening {
  id: string;
  version: number;
  facts: OpeningFacts;
}

/** A fact in which list and project differ, and who moved since the last list. */
export interface ListDifference {
  fact: keyof OpeningFacts;
  before: unknown;
  after: unknown;
  /**
   * `list`: the list brings it. `here`: the list says what it said last time, somebody changed it in
   * the project since. `both`: the list and the project were changed, differently.
   */
  by: 'list' | 'here' | 'both';
}

export type RowStatus = 'added' | 'changed' | 'unchanged' | 'unreadable';

/** A row of the list held against the project. */
export interface ComparedRow {
  at: number;
  mark: string;
  status: RowStatus;
  /** The opening it answers to. */
  id?: string;
  version?: number;
  facts: OpeningFacts;
  differences: ListDifference[];
  unread: UnreadCell[];
  fault?: Fault;
}

export interface ListComparison {
  rows: ComparedRow[];
  /** Openings of the project that the list does not name. */
  missing: { id: string; version: number; mark: string; wasListed: boolean }[];
}

/** What the last list said, by mark. */
export type LastList = Record<string, FactsPatch>;

const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/**
 * Holds a list against the project and against the list before it, opening by opening by mark. A fact
 * that only the project changed since the last list is kept apart, so that an architect's new issue
 * does not undo the specifier's work unasked.
 */
export function compareList(
  rows: ListRow[],
  openings: HeldOpening[],
  columns: readonly string[],
  last: LastList = {},
): ListComparison {
  const held = new Map(openings.map((opening) => [markKey(opening.facts.mark), opening]));
  const covered = factsOfColumns(columns);
  const named = new Set<string>();
  const compared = rows.map((row): ComparedRow => {
    const { at, mark, unread, fault } = row;
    const key = markKey(mark);
    const opening = held.get(key);
    const fresh = { kind: 'single', ...row.patch, mark } as OpeningFacts;
    const base = { at, mark, unread, ...(fault ? { fault } : {}) };
    if (fault) return { ...base, status: 'unreadable', facts: fresh, differences: [] };
    named.add(key);
    if (!opening) return { ...base, status: 'added', facts: fresh, differences: [] };
    const differences = differ(row, opening.facts, covered, last[key]);
    return {
      ...base,
      id: opening.id,
      version: opening.version,
      status: differences.length > 0 ? 'changed' : 'unchanged',
      facts: opening.facts,
      differences,
    };
  });
  const missing = openings
    .filter((opening) => !named.has(markKey(opening.facts.mark)))
    .map(({ id, version, facts }) => ({
      id,
      version,
      mark: facts.mark,
      wasListed: last[markKey(facts.mark)] !== undefined,
    }));
  return { rows: compared, missing };
}

function differ(
  row: ListRow,
  facts: OpeningFacts,
  covered: Set<keyof OpeningFacts>,
  last: FactsPatch | undefined,
): ListDifference[] {
  const unread = factsOfColumns(row.unread.map((cell) => cell.column));
  const differences: ListDifference[] = [];
  const names = new Set([...Object.keys(row.patch), ...Object.keys(last ?? {})]);
  for (const name of names) {
    const fact = name as keyof OpeningFacts;
    if (fact === 'mark') continue;
    const listed = row.patch[fact];
    // A cell that is empty now clears only what the list itself had said; one not understood, nothing.
    if (listed === undefined && (!covered.has(fact) || unread.has(fact))) continue;
    const before = facts[fact];
    if (same(before, listed)) continue;
    const listMoved = !last || !same(last[fact], listed);
    const hereMoved = last !== undefined && !same(last[fact], before);
    differences.push({
      fact,
      before,
      after: listed,
      by: listMoved ? (hereMoved ? 'both' : 'list') : 'here',
    });
  }
  return differences;
}

/** The facts of a row with the accepted differences taken over. */
export function acceptRow(
  row: ComparedRow,
  accepted: (difference: ListDifference) => boolean,
): OpeningFacts {
  const patch: Record<string, unknown> = {};
  for (const difference of row.differences)
    if (accepted(difference)) patch[difference.fact] = difference.after;
  return applyPatch(row.facts, patch as FactsPatch);
}

/** What a list said, kept for the next issue to be held against. */
export function lastList(rows: ListRow[]): LastList {
  const last: LastList = {};
  for (const row of rows) if (!row.fault) last[markKey(row.mark)] = row.patch;
  return last;
}
