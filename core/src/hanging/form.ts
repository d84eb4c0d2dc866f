import { length, meetsInMiddle, said, term, type Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { Sizes } from '../sizing/index.js';
import type { HungLeaf } from './hung.js';

/** Shapes a butt hinge is made in: let in on both sides, or cranked so that the leaf leaves the opening. */
export type ButtForm = 'full-mortise' | 'swing-clear';

/**
 * The butt's shape: swing-clear where a wanted clear width is out of reach of an ordinary one, and
 * within reach of it.
 *
 * @param p barrel centre outside the pull face of an ordinary butt
 */
export function decideForm(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  p: number,
): ButtForm {
  const { frameWidth, hingeGap, stopWidth } = sizes;
  const { thickness } = hung.leaf;
  const wanted =
    settling.fact('clearWanted') ??
    (settling.fact('accessible') === true ? practice.values.clearWidth.value : undefined);
  let derived: ButtForm = 'full-mortise';
  const reasons = [said('hanging.form.usual')];
  // Of a pair the active leaf alone must give the way: the other one stands in it, closed.
  const second = meetsInMiddle(settling.facts.kind)
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
    if (usual < wanted && clear >= wanted) {
      derived = 'swing-clear';
      reasons.splice(
        0,
        1,
        said('hanging.form.clear', {
          usual: { ticks: Math.floor(usual), rounding: 'down' },
          clear: { ticks: clear, rounding: 'down' },
          wanted: { ticks: wanted },
        }),
      );
    }
  }
  return settling.choose<string>('form', derived, (value) => term(`form.${value}`), {
    leaf: hung.leaf.id,
    reasons,
    alternatives: [
      derived === 'swing-clear'
        ? { value: 'full-mortise', against: said('hanging.against.clearShort') }
        : { value: 'full-mortise' },
      derived === 'swing-clear'
        ? { value: 'swing-clear' }
        : { value: 'swing-clear', against: said('hanging.against.swingClearSeen') },
    ],
    facts: ['accessible', 'clearWanted', 'frameWidth'],
  }) as ButtForm;
}

/** How far the leaf must be able to open, as asked, against how far it does. */
export function checkOpening(settling: Settling, reached: number | undefined): void {
  const wanted = settling.fact('openTo');
  if (wanted === undefined) return;
  if (reached === undefined) {
    settling.find('check', 'hanging.openToUnknown', { wanted: { degrees: wanted } }, 'recorded', [
      'openTo',
      'trimProjection',
    ]);
  } else if (reached < wanted) {
    settling.find(
      'stop',
      'hanging.openToShort',
      { wanted: { degrees: wanted }, angle: { degrees: Math.floor(reached * 10) / 10 } },
      'rotation about the axis',
      ['openTo', 'hanging.hingeWidth', 'trimProjection'],
    );
  }
}

/** A length decision that stands as computed. */
export function fixLength(
  settling: Settling,
  name: string,
  ticks: number,
  reason: Parameters<typeof said>,
  leaf: HungLeaf['leaf']['id'],
  facts: string[] = [],
): void {
  settling.fix(name, length(ticks), { leaf, reasons: [said(...reason)], facts });
}
