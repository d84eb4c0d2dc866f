import type { OpeningFacts } from '../model/index.js';
import type { Reading } from '../survey/index.js';
import { sameValue } from './same.js';

/** A fact that two people changed differently since they last agreed. */
export interface MergeField {
  name: string;
  before: unknown;
  mine: unknown;
  theirs: unknown;
}

/**
 * Readings never clash: each is an entry of its own. What either side took is kept, what either side
 * took away since `before` goes.
 */
function mergeReadings(
  before: readonly Reading[] = [],
  mine: readonly Reading[] = [],
  theirs: readonly Reading[] = [],
): Reading[] {
  const ids = (list: readonly Reading[]) => new Set(list.map((reading) => reading.id));
  const [known, kept] = [ids(before), ids(mine)];
  const there = ids(theirs);
  return [
    ...theirs.filter((reading) => !known.has(reading.id) || kept.has(reading.id)),
    ...mine.filter((reading) => !there.has(reading.id) && !known.has(reading.id)),
  ];
}

/**
 * Three-way merge by fact: what only one side changed is taken, what both changed differently is
 * returned for a person to decide (`merged` holds theirs there).
 */
export function merge3(
  before: OpeningFacts,
  mine: OpeningFacts,
  theirs: OpeningFacts,
): { merged: OpeningFacts; clashes: MergeField[] } {
  const keys = new Set([...Object.keys(before), ...Object.keys(mine), ...Object.keys(theirs)]);
  const merged: Record<string, unknown> = {};
  const clashes: MergeField[] = [];
  for (const name of keys) {
    const key = name as keyof OpeningFacts;
    if (name === 'readings') {
      const readings = mergeReadings(before.readings, mine.readings, theirs.readings);
      if (readings.length > 0) merged[name] = readings;
      continue;
    }
    const changedByMe = !sameValue(before[key], mine[key]);
    const changedByThem = !sameValue(before[key], theirs[key]);
    const value = changedByMe && !changedByThem ? mine[key] : theirs[key];
    if (changedByMe && changedByThem && !sameValue(mine[key], theirs[key])) {
      clashes.push({ name, before: before[key], mine: mine[key], theirs: theirs[key] });
    }
    if (value !== undefined) merged[name] = value;
  }
  return { merged: merged as unknown as OpeningFacts, clashes };
}
