import { inches, mm } from '../measure/index.js';
import type { Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { Sizes } from './sizes.js';

/** Below and above these no leaf of a building door is made; outside them a figure is a slip. */
const LEAST_LEAF = inches(8);
const MOST_LEAF_WIDTH = mm(6000);
const MOST_LEAF_HEIGHT = mm(9000);

/** Checks sizes and gaps against what can be made and what a rating usually allows. */
export function checkSizes(settling: Settling, practice: Practice, sizes: Sizes): void {
  for (const leaf of sizes.leaves) {
    const { width, height } = leaf;
    const outOfRange =
      (width !== undefined && (width < LEAST_LEAF || width > MOST_LEAF_WIDTH)) ||
      (height !== undefined && (height < LEAST_LEAF || height > MOST_LEAF_HEIGHT));
    if (outOfRange) {
      settling.find(
        'stop',
        'sizing.impossible',
        {
          width: width === undefined ? '?' : { ticks: width, rounding: 'down' },
          height: height === undefined ? '?' : { ticks: height, rounding: 'down' },
        },
        'what is made',
        ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'],
      );
    }
  }
  for (const gap of ['hingeGap', 'lockGap', 'headGap', 'meetingGap', 'undercut'] as const) {
    const ticks = sizes[gap];
    if (ticks !== undefined && ticks < 0) {
      settling.find(
        'stop',
        'sizing.gapNegative',
        { gap: { term: `part.${gap}` }, ticks: { ticks: -ticks } },
        'arithmetic of the recorded figures',
        [gap],
      );
    }
  }
  const rating = settling.fact('rating');
  if (rating) checkRatedGaps(settling, practice, sizes);
}

function checkRatedGaps(settling: Settling, practice: Practice, sizes: Sizes): void {
  const { values } = practice;
  const construction = settling.fact('leafConstruction');
  const timber = construction?.startsWith('timber') ?? settling.fact('frameMaterial') === 'timber';
  const limit = timber ? values.ratedGapLimitTimber : values.ratedGapLimitSteel;
  for (const gap of ['hingeGap', 'lockGap', 'headGap', 'meetingGap'] as const) {
    const ticks = sizes[gap];
    if (ticks === undefined || ticks <= limit.value) continue;
    settling.find(
      'check',
      'sizing.ratedGap',
      { gap: { term: `part.${gap}` }, ticks: { ticks }, limit: { ticks: limit.value } },
      limit.source,
      [gap],
    );
  }
  const undercut = sizes.undercut;
  if (undercut !== undefined && undercut > values.ratedUndercutLimit.value) {
    settling.find(
      'check',
      'sizing.ratedUndercut',
      { ticks: { ticks: undercut }, limit: { ticks: values.ratedUndercutLimit.value } },
      values.ratedUndercutLimit.source,
      ['undercut'],
    );
  }
}
