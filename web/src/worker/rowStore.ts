import type { OpeningFacts } from '@riegel/core';
import type { PackedRow } from './row.js';
import { countProgress, type StageCount } from './progress.js';

interface Known {
  row: PackedRow;
  /** What it was decided of and with: where either is another it is decided anew. */
  facts: OpeningFacts;
  basis: string;
}

interface Asked {
  id: string;
  facts: OpeningFacts;
}

/** What all lines come to together. */
export interface Totals {
  lines: number;
  stops: number;
  checks: number;
  open: number;
  /** Roles that were guessed. */
  guessed: number;
  stages: StageCount[];
}

/**
 * The decided lines of a project. Each line of a list looks only at its own, so that one that comes draws
 * one line and not the list; totals are kept as lines come and go, not counted anew.
 */
export class RowStore {
  private readonly known = new Map<string, Known>();
  private readonly listeners = new Set<() => void>();
  private sums: Totals = { lines: 0, stops: 0, checks: 0, open: 0, guessed: 0, stages: [] };
  private changes = 0;

  get(id: string): PackedRow | undefined {
    return this.known.get(id)?.row;
  }

  /** The openings that are not decided as they stand. Lines of openings that are no more go. */
  stale<T extends Asked>(openings: readonly T[], keyOf: (one: T) => string): T[] {
    if (this.known.size > openings.length) {
      const left = new Set(openings.map(({ id }) => id));
      for (const [id, { row }] of this.known) {
        if (left.has(id)) continue;
        this.known.delete(id);
        this.count(row, -1);
      }
      this.tell();
    }
    return openings.filter((one) => {
      const known = this.known.get(one.id);
      return known?.facts !== one.facts || known.basis !== keyOf(one);
    });
  }

  /** Takes the answers to some openings, in the order they were asked in, and tells who looks. */
  put<T extends Asked>(
    asked: readonly T[],
    keyOf: (one: T) => string,
    rows: readonly PackedRow[],
  ): void {
    asked.forEach((one, index) => {
      const { id, facts } = one;
      const row = rows[index]!;
      const before = this.known.get(id);
      if (before) this.count(before.row, -1);
      this.count(row, 1);
      this.known.set(id, { row, facts, basis: keyOf(one) });
    });
    this.tell();
  }

  /**
   * Puts the numbers of hardware sets onto the lines they are of, and takes them off all others; a line that is
   * decided anew has none until the next come.
   */
  putSets(numbers: ReadonlyMap<string, number>): void {
    for (const [id, known] of this.known) {
      const number = numbers.get(id);
      const before = known.row.cells['set'];
      if (before === undefined && number === undefined) continue;
      if (number !== undefined && before?.[0] === String(number)) continue;
      const { set: _, ...cells } = known.row.cells;
      const { set: __, ...bases } = known.row.bases;
      known.row =
        number === undefined
          ? { ...known.row, cells, bases }
          : {
              ...known.row,
              cells: { ...cells, set: [String(number)] },
              bases: { ...bases, set: 'derived' },
            };
    }
    this.tell();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Grows with every change: for what depends on all of them. */
  readonly version = (): number => this.changes;

  /** The same object until something changes. */
  readonly totals = (): Totals => this.sums;

  private count(row: PackedRow, by: 1 | -1): void {
    const { sums } = this;
    sums.lines += by;
    sums.stops += by * row.stops;
    sums.checks += by * row.checks;
    sums.open += by * row.open;
    if (row.guessed) sums.guessed += by;
    countProgress(sums.stages, row.progress, by);
  }

  private tell(): void {
    this.changes += 1;
    this.sums = { ...this.sums };
    for (const listener of this.listeners) listener();
  }
}
