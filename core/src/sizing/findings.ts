import { valueOrUndefined, meetsInMiddle, swings } from '../model/index.js';
import { GAPS_AROUND, ratedGapLimit } from '../laws/index.js';
import type { SizingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';
import { ROLE } from '../roles/index.js';
import type { Sizes } from './result.js';

/** Checks sizes and gaps against what can be made and what a rating usually allows. */
export function checkSizes(record: SizingRecord, practice: Practice, sizes: Sizes): void {
  const { leafLeast, leafWidest, leafHighest, leafUsual } = practice.values;
  const { kind, role } = record.facts;
  // Gates and doors of goods are as wide as what passes.
  const ofAnyWidth = role !== undefined && role !== 'unknown' && ROLE[role].make.ofAnyWidth;
  const alone = swings(kind) && !meetsInMiddle(kind) && !ofAnyWidth;
  for (const leaf of sizes.leaves) {
    const { width, height } = leaf;
    const outOfRange =
      (width !== undefined && (width < leafLeast.value || width > leafWidest.value)) ||
      (height !== undefined && (height < leafLeast.value || height > leafHighest.value));
    if (outOfRange) {
      record.report(
        'stop',
        'sizing.impossible',
        {
          width: width === undefined ? '?' : { ticks: width, rounding: 'down' },
          height: height === undefined ? '?' : { ticks: height, rounding: 'down' },
        },
        leafLeast.source,
        ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'],
      );
    } else if (alone && width !== undefined && width > leafUsual.value) {
      record.report(
        'check',
        'sizing.wideLeaf',
        { width: { ticks: width, rounding: 'down' }, most: { ticks: leafUsual.value } },
        leafUsual.source,
        ['kind', 'frameWidth', 'leafWidth'],
      );
    }
  }
  for (const gap of ['hingeGap', 'lockGap', 'headGap', 'meetingGap', 'undercut'] as const) {
    const ticks = sizes[gap];
    if (ticks !== undefined && ticks < 0) {
      record.report(
        'stop',
        'sizing.gapNegative',
        { gap: { term: `part.${gap}` }, ticks: { ticks: -ticks } },
        'arithmetic of the recorded figures',
        [gap],
      );
    }
  }
  const rating = valueOrUndefined(record.facts.rating);
  if (rating) checkRatedGaps(record, practice, sizes);
}

function checkRatedGaps(record: SizingRecord, practice: Practice, sizes: Sizes): void {
  const { values } = practice;
  const limit = ratedGapLimit(record.facts, practice);
  for (const gap of GAPS_AROUND) {
    const ticks = sizes[gap];
    if (ticks === undefined || ticks <= limit.value) continue;
    record.report(
      'check',
      'sizing.ratedGap',
      { gap: { term: `part.${gap}` }, ticks: { ticks }, limit: { ticks: limit.value } },
      limit.source,
      [gap],
    );
  }
  const undercut = sizes.undercut;
  if (undercut !== undefined && undercut > values.ratedUndercutLimit.value) {
    record.report(
      'check',
      'sizing.ratedUndercut',
      { ticks: { ticks: undercut }, limit: { ticks: values.ratedUndercutLimit.value } },
      values.ratedUndercutLimit.source,
      ['undercut'],
    );
  }
}
