import {
  judgeGaps,
  type GapBench,
  type ReadGaps,
  type SiteRecordOf,
  type SiteState,
} from '../site/index.js';
import type { ProvingTest } from './provingTests.js';
import type { Measured } from './measured.js';

/** Whether a figure lies where it shall; undefined where no bound is told. */
export function withinBounds(value: number, { least, most }: Measured): boolean | undefined {
  if (least === undefined && most === undefined) return undefined;
  return value >= (least ?? -Infinity) && value <= (most ?? Infinity);
}

/** How far a round of tests has come. */
export interface RoundCount {
  right: number;
  faults: number;
  untried: number;
}

/** Counts a round: a test that nobody recorded is one that nobody tried. */
export function countRound(
  tests: readonly ProvingTest[],
  found: ReadonlyMap<string, SiteRecordOf<'test'>> = new Map(),
): RoundCount {
  const count: RoundCount = { right: 0, faults: 0, untried: 0 };
  for (const { id } of tests) {
    const outcome = found.get(id)?.outcome;
    if (outcome === 'right') count.right++;
    else if (outcome === 'fault') count.faults++;
    else count.untried++;
  }
  return count;
}

/** Whether the gaps last read on every leaf lie within what is allowed; undefined while one was not read whole. */
export function gapsWithin(benches: readonly GapBench[], { gaps }: SiteState): boolean | undefined {
  let all = true;
  for (const { leaf, wanted } of benches) {
    const read: ReadGaps | undefined = gaps.get(leaf)?.at(-1)?.gaps;
    if (!read || Object.keys(read).length < 12) return undefined;
    if (judgeGaps(read, wanted).list.length > 0) all = false;
  }
  return benches.length > 0 ? all : undefined;
}
