import { toMm } from '../measure/index.js';
import { valueOrUndefined, type OpeningFacts, type Results } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { latchesShut } from './force.js';
import type { ClosingLeaf, CloserMakeup, CloserSettings } from './run.js';
import type { ClosingTimes } from './tuning.js';

/** The bench of an opening: its leaf, its closer as it comes, and what is wanted of it. */
export interface ClosingBench {
  leaf: ClosingLeaf;
  settings: CloserSettings;
  makeup: CloserMakeup;
  times: ClosingTimes;
}

const metres = (ticks: number) => toMm(ticks) / 1000;

/** What the bench of an opening begins with; undefined while it has no closer with valves, or no size or mass. */
export function closingBench(
  facts: OpeningFacts,
  practice: Practice,
  results: Pick<Results, 'closing' | 'hanging' | 'sealing' | 'securing'>,
): ClosingBench | undefined {
  const { values } = practice;
  const { size } = results.closing;
  const hung = results.hanging.leaves[0]!;
  const { width, height } = hung.leaf;
  if (!size || width === undefined || height === undefined || hung.mass === undefined)
    return undefined;
  const { perimeter } = results.sealing;
  const push = values.sealPush.value;
  const seal =
    perimeter === 'sound'
      ? push.sound
      : perimeter === 'smoke'
        ? push.smoke
        : perimeter === 'none'
          ? push.none
          : perimeter === 'silencers'
            ? push.silencer
            : push.seal;
  const latches = latchesShut(facts, results.securing);
  const { factory } = values.closerMakeup.value;
  return {
    leaf: {
      width: metres(width),
      height: metres(height),
      mass: hung.mass / 1000,
      seal,
      latch: latches
        ? (facts.lowFrictionLatch === true ? values.lowLatchPush : values.latchPush).value
        : 0,
      pressure: valueOrUndefined(facts.pressure) ?? 0,
    },
    settings: {
      closing: size.felt.closing,
      closingOpen: size.felt.closingOpen,
      spring: 0,
      sweep: factory,
      latch: factory,
      backCheck: factory,
    },
    makeup: values.closerMakeup.value,
    times: values.closingTimes.value,
  };
}
