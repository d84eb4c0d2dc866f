/** A lane: threads of its own, so that one kind of work does not hold another. */
export interface Lane {
  threads: number;
  /** How many may wait; beyond, a person is told to come back. */
  queue: number;
  /** Heap of a thread, and the time a piece of work may take. */
  megabytes: number;
  milliseconds: number;
}

export const LANES = {
  /** Large bodies parsed and checked, strength of passwords. */
  bodies: { threads: 1, queue: 40, megabytes: 512, milliseconds: 20_000 },
  /** Schedules, printed or not, and lists written. */
  documents: { threads: 1, queue: 16, megabytes: 1024, milliseconds: 60_000 },
  /** Documents of many openings, made in the background. */
  batch: { threads: 1, queue: 4, megabytes: 1024, milliseconds: 600_000 },
  /** Door lists out of files of unknown origin. */
  files: { threads: 2, queue: 8, megabytes: 384, milliseconds: 30_000 },
  pictures: { threads: 1, queue: 8, megabytes: 256, milliseconds: 15_000 },
} as const satisfies Record<string, Lane>;

export type LaneName = keyof typeof LANES;
