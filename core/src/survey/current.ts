import type { OpeningFacts } from '../model/index.js';
import type { Reading } from './reading.js';
import { hingeReading, readingKinds, type ReadingKind } from './names.js';

/** Two people measured the same thing, neither knowing of the other, and do not agree. */
export interface ReadingConflict {
  name: string;
  readings: Reading[];
}

/** The readings that hold: of each name the one that no later one replaces. */
export interface CurrentReadings {
  held: ReadonlyMap<string, Reading>;
  conflicts: ReadingConflict[];
}

/** The last taken of several that stand side by side; text order of the times is their order. */
function newest(readings: Reading[]): Reading {
  return readings.reduce((best, one) =>
    one.at > best.at || (one.at === best.at && one.id > best.id) ? one : best,
  );
}

/**
 * What a survey's readings come to. A reading names those it replaces; two of one name of which
 * neither replaces the other were taken apart, and are a conflict where they differ.
 */
export function currentReadings(readings: readonly Reading[]): CurrentReadings {
  const replaced = new Set(readings.flatMap((reading) => reading.replaces ?? []));
  const standing = new Map<string, Reading[]>();
  for (const reading of readings) {
    if (replaced.has(reading.id)) continue;
    const list = standing.get(reading.name);
    if (list) list.push(reading);
    else standing.set(reading.name, [reading]);
  }
  const held = new Map<string, Reading>();
  const conflicts: ReadingConflict[] = [];
  for (const [name, list] of standing) {
    held.set(name, newest(list));
    if (new Set(list.map((reading) => reading.value)).size > 1)
      conflicts.push({ name, readings: list });
  }
  return { held, conflicts };
}

/** What an old leaf may be cut through or drilled for; its first reading says whether it is there. */
const OF_HOLE = /^(viewer|plate|vent|closer)(?:From|Up|Across)/;

/** A survey's values by name: lengths in ticks, choices and texts as recorded. Skipped ones are absent. */
export class Survey {
  readonly held: ReadonlyMap<string, Reading>;
  readonly conflicts: ReadingConflict[];

  constructor(readings: readonly Reading[] = []) {
    const current = currentReadings(readings);
    this.held = current.held;
    this.conflicts = current.conflicts;
  }

  number(name: string): number | undefined {
    const value = this.held.get(name)?.value;
    return typeof value === 'number' ? value : undefined;
  }

  text(name: string): string | undefined {
    const value = this.held.get(name)?.value;
    return typeof value === 'string' ? value : undefined;
  }

  /**
   * Lists the readings this survey may take, given how many hinges were counted; of a frame that is renewed the wall
   * at six places.
   *
   * @param copy whether the new leaf is copied from the old one
   */
  kinds(copy = false): ReadingKind[] {
    const state = this.text('frameState');
    const lining = state === 'rusted' || state === 'split';
    const all = readingKinds(this.number('hingeCount') ?? 3, copy, lining);
    return copy ? all.filter(({ name }) => this.held.has(name) || this.dependsOn(name)) : all;
  }

  /** Whether something follows from a reading of a leaf that is copied: no gap of one that hangs well, nothing of a hole that is not there. */
  private dependsOn(name: string): boolean {
    const gap = name.startsWith('gap') || name === 'headGapNow';
    if (gap) return this.text('hangs') !== 'well';
    const hole = OF_HOLE.exec(name)?.[1];
    return (
      !hole || name === `${hole}FromTop` || this.held.get(`${hole}FromTop`)?.skipped === undefined
    );
  }

  /** Positions of the hinges as read, from the top; undefined unless all counted ones are there. */
  get hinges(): number[] | undefined {
    const count = this.number('hingeCount');
    if (count === undefined) return undefined;
    const read = Array.from({ length: count }, (_, index) => this.number(hingeReading(index + 1)));
    return read.every((position) => position !== undefined) ? read : undefined;
  }

  get empty(): boolean {
    return this.held.size === 0;
  }
}

const UNREAD = new Survey();

/** The survey of an opening. */
export function surveyOf({ readings }: OpeningFacts): Survey {
  return readings && readings.length > 0 ? new Survey(readings) : UNREAD;
}

/** Readings with one more, which replaces whatever stands of its name. */
export function withReading(
  readings: readonly Reading[],
  reading: Omit<Reading, 'replaces'>,
): Reading[] {
  const replaced = new Set(readings.flatMap((one) => one.replaces ?? []));
  const standing = readings.filter((one) => one.name === reading.name && !replaced.has(one.id));
  return [
    ...readings,
    standing.length > 0 ? { ...reading, replaces: standing.map((one) => one.id) } : reading,
  ];
}
