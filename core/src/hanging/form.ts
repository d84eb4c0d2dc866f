import { wholeDown } from '../measure/index.js';
import type { ButtForm } from './decisions.js';
import { valueOrUndefined, meetsInMiddle, message } from '../model/index.js';
import type { HangingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';
import type { SizedLeaf, Sizes } from '../sizing/index.js';

/**
 * The butt's shape: swing-clear where a wanted clear width is out of reach of an ordinary one, and
 * within reach of it.
 *
 * @param p barrel centre outside the pull face of an ordinary butt
 */
export function decideForm(
  record: HangingRecord,
  practice: Practice,
  sizes: Sizes,
  leaf: SizedLeaf,
  p: number,
): ButtForm {
  const { frameWidth, hingeGap, stopWidth } = sizes;
  const { thickness } = leaf;
  const wanted =
    valueOrUndefined(record.facts.clearWanted) ??
    (valueOrUndefined(record.facts.accessible) === true
      ? practice.values.clearWidth.value
      : undefined);
  let gained: { usual: number; clear: number } | undefined;
  // Of a pair the active leaf alone must give the way: the other one stands in it, closed.
  const second = meetsInMiddle(record.facts.kind)
    ? (sizes.leaves[1] ?? sizes.leaves[0]!).width
    : undefined;
  const lockSide = second === undefined ? stopWidth : second + (hingeGap ?? 0);
  if (
    wanted !== undefined &&
    frameWidth !== undefined &&
    hingeGap !== undefined &&
    thickness !== undefined
  ) {
    const usual = frameWidth - lockSide - Math.max(stopWidth, hingeGap / 2 + p + thickness);
    const clear = frameWidth - lockSide - stopWidth;
    if (usual < wanted && clear >= wanted) gained = { usual, clear };
  }
  return record.propose('form', gained ? 'swing-clear' : 'full-mortise', {
    leaf: leaf.id,
    reasons: () => [
      gained
        ? message('hanging.form.clear', {
            usual: { ticks: wholeDown(gained.usual), rounding: 'down' },
            clear: { ticks: gained.clear, rounding: 'down' },
            wanted: { ticks: wanted! },
          })
        : message('hanging.form.usual'),
    ],
    alternatives: () =>
      gained
        ? [
            { value: 'full-mortise', against: message('hanging.against.clearShort') },
            { value: 'swing-clear' },
          ]
        : [
            { value: 'full-mortise' },
            { value: 'swing-clear', against: message('hanging.against.swingClearSeen') },
          ],
    facts: ['accessible', 'clearWanted', 'frameWidth'],
  });
}

/** How far the leaf must be able to open, as asked, against how far it does. */
export function checkOpening(record: HangingRecord, reached: number | undefined): void {
  const wanted = valueOrUndefined(record.facts.openTo);
  if (wanted === undefined) return;
  if (reached === undefined) {
    record.report('check', 'hanging.openToUnknown', { wanted: { degrees: wanted } }, 'recorded', [
      'openTo',
      'trimProjection',
    ]);
  } else if (reached < wanted) {
    record.report(
      'stop',
      'hanging.openToShort',
      { wanted: { degrees: wanted }, angle: { degrees: wholeDown(reached * 10) / 10 } },
      'rotation about the axis',
      ['openTo', 'hanging.hingeWidth', 'trimProjection'],
    );
  }
}
