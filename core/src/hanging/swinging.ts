import type { Ticks } from '../measure/index.js';
import {
  length,
  meetsInMiddle,
  said,
  term,
  type HangingDevice,
  type Settling,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import {
  clearWidth,
  heelGap,
  intrusion,
  lockEdgeGap,
  ticksUp,
  widestAngle,
  type Sizes,
  type SwingPlan,
} from '../sizing/index.js';

/** Clear width at 90° by rotation about the axis; for pairs both leaves open, and the active alone. */
export function decideClearWidth(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
): void {
  const { frameWidth, stopWidth } = sizes;
  if (frameWidth === undefined) return;
  const reach = ticksUp(intrusion(plan, 90, stopWidth));
  const { kind } = settling.facts;
  const facts = ['frameWidth', 'stopWidth', 'leafThickness'];
  if (meetsInMiddle(kind)) {
    const second = sizes.leaves[1] ?? sizes.leaves[0]!;
    const alone = frameWidth - reach - (sizes.hingeGap ?? 0) - (second.width ?? 0);
    const both = frameWidth - 2 * reach;
    settling.fix('clearWidth', length(both, 'down'), {
      reasons: [
        said('hanging.clear.both', {
          frame: { ticks: frameWidth },
          reach: { ticks: reach, rounding: 'up' },
        }),
      ],
      facts,
    });
    settling.fix('clearWidthActive', length(alone, 'down'), {
      reasons: [
        said('hanging.clear.active', {
          frame: { ticks: frameWidth },
          reach: { ticks: reach, rounding: 'up' },
          second: { ticks: (second.width ?? 0) + (sizes.hingeGap ?? 0) },
        }),
      ],
      facts,
    });
    checkClear(settling, practice, alone, 'hanging.clearWidthActive');
    return;
  }
  const clear = -ticksUp(-clearWidth(plan, frameWidth, stopWidth, 90, stopWidth));
  settling.fix('clearWidth', length(clear, 'down'), {
    reasons: [
      said('hanging.clear', {
        frame: { ticks: frameWidth },
        stop: { ticks: stopWidth },
        reach: { ticks: reach, rounding: 'up' },
      }),
    ],
    facts,
  });
  checkClear(settling, practice, clear, 'hanging.clearWidth');
}

function checkClear(settling: Settling, practice: Practice, clear: Ticks, part: string): void {
  const wanted = practice.values.clearWidth;
  if (settling.fact('accessible') !== true || clear >= wanted.value) return;
  settling.find(
    'stop',
    'hanging.clearShort',
    {
      clear: { ticks: clear, rounding: 'down' },
      wanted: { ticks: wanted.value },
      short: { ticks: wanted.value - clear, rounding: 'up' },
    },
    wanted.source,
    [part, 'accessible'],
  );
}

/** Whether the lock edge passes a square jamb, and how far the leaf opens past its trim. */
export function decideSwing(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
  device: HangingDevice,
): void {
  if (device === 'centre-pivot' || device === 'double-acting-spring') {
    if (device === 'centre-pivot') {
      const a = practice.values.centrePivotIn.value;
      const needed = ticksUp(heelGap(a, plan.thickness));
      if (sizes.hingeGap !== undefined && sizes.hingeGap < needed) {
        settling.find(
          'stop',
          'hanging.heelGap',
          { gap: { ticks: sizes.hingeGap }, needed: { ticks: needed, rounding: 'up' } },
          'rotation about the axis',
          ['hingeGap'],
        );
      }
    }
    return;
  }
  const needed = ticksUp(lockEdgeGap(plan));
  const gap = sizes.lockGap ?? sizes.meetingGap;
  if (gap !== undefined) {
    const square = needed <= gap;
    settling.fix('lockEdge', term(square ? 'lockEdge.square' : 'lockEdge.bevelled'), {
      reasons: [
        said(square ? 'hanging.lockEdge.square' : 'hanging.lockEdge.bevelled', {
          needed: { ticks: needed, rounding: 'up', fine: true },
          gap: { ticks: gap },
          by: { ticks: Math.max(0, needed - gap), rounding: 'up', fine: true },
          bevel: { degrees: practice.values.lockBevel.value },
        }),
      ],
      facts: ['lockGap', 'leafThickness'],
    });
  }
  const trim = settling.fact('trimProjection');
  if (trim !== undefined) {
    const angle = Math.floor(widestAngle(plan, trim) * 10) / 10;
    settling.fix(
      'widestAngle',
      { type: 'angle', degrees: angle },
      {
        reasons: [
          said('hanging.widest', {
            trim: { ticks: trim },
            barrel: { ticks: Math.round(plan.axis.y) },
          }),
        ],
        facts: ['trimProjection'],
      },
    );
  }
}
