import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import { gapBenches, type GapBench } from '../site/index.js';

/** The gap benches of a decided opening, a leaf each. */
export function gapBenchesOf(decided: DecidedOpening): GapBench[] {
  return gapBenches(wholeFacts(decided), decided.practice, decided.results);
}
