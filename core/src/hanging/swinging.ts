import type { Ticks } from '../measure/index.js';
import {
  length,
  meetsInMiddle,
  said,
  term,
  type HangingDevice,
  type Said,
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
  widestBesideWall,
  widestToObstacle,
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
      ...waysToGain(settling, practice, sizes, plan, clear),
    ],
    facts,
  });
  checkClear(settling, practice, clear, 'hanging.clearWidth');
}

/** The clear width wanted: as recorded, else what an accessible route asks for; undefined where neither. */
function wantedClear(
  settling: Settling,
  practice: Practice,
): { value: Ticks; source: string } | undefined {
  const recorded = settling.fact('clearWanted');
  if (recorded !== undefined) return { value: recorded, source: 'recorded' };
  return settling.fact('accessible') === true ? practice.values.clearWidth : undefined;
}

function checkClear(settling: Settling, practice: Practice, clear: Ticks, part: string): void {
  const wanted = wantedClear(settling, practice);
  if (!wanted || clear >= wanted.value) return;
  settling.find(
    'stop',
    'hanging.clearShort',
    {
      clear: { ticks: clear, rounding: 'down' },
      wanted: { ticks: wanted.value },
      short: { ticks: wanted.value - clear, rounding: 'up' },
    },
    wanted.source,
    [part, 'accessible', 'clearWanted'],
  );
}

/** Open further than square, as far as is usual where nothing stands in the way. */
const WIDE_OPEN = 110;

/**
 * Ways to gain clear width where it is short, each with what it comes to, computed by the same
 * rotation: hinges that swing the leaf clear, opening wider than 90°, the next thinner usual leaf, a
 * wider frame.
 */
function waysToGain(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
  clear: Ticks,
): Said[] {
  const wanted = wantedClear(settling, practice);
  const { frameWidth, stopWidth } = sizes;
  if (!wanted || clear >= wanted.value || frameWidth === undefined) return [];
  const way = (code: string, ticks: number): Said[] => {
    const whole = -ticksUp(-ticks);
    return whole > clear
      ? [
          said(code, {
            clear: { ticks: whole, rounding: 'down' },
            enough: { term: whole >= wanted.value ? 'enough.yes' : 'enough.no' },
          }),
        ]
      : [];
  };
  const trim = settling.fact('trimProjection');
  const wide = Math.min(WIDE_OPEN, trim === undefined ? WIDE_OPEN : widestAngle(plan, trim));
  const thinner = { ...plan, thickness: Math.round(plan.thickness * THINNER) };
  return [
    ...way('hanging.gain.swingClear', frameWidth - 2 * stopWidth),
    ...way('hanging.gain.wide', clearWidth(plan, frameWidth, stopWidth, wide, stopWidth)),
    ...way('hanging.gain.thinner', clearWidth(thinner, frameWidth, stopWidth, 90, stopWidth)),
    said('hanging.gain.frame', {
      frame: { ticks: frameWidth + wanted.value - clear, rounding: 'up' },
    }),
  ];
}

/** A leaf of 1 3/4 in becomes one of 1 3/8, of 44 mm one of 35. */
const THINNER = 0.8;

/** Clear width of a bi-fold door: the frame less the leaves folded square to it, one against the other. */
export function decideFolded(settling: Settling, sizes: Sizes): void {
  const leaf = sizes.leaves[0]!;
  const { frameWidth } = sizes;
  if (frameWidth === undefined || leaf.thickness === undefined) return;
  const pack = leaf.quantity * leaf.thickness + (sizes.hingeGap ?? 0);
  settling.fix('clearWidth', length(frameWidth - pack, 'down'), {
    reasons: [
      said('hanging.clear.folded', {
        frame: { ticks: frameWidth },
        count: leaf.quantity,
        thickness: { ticks: leaf.thickness },
      }),
    ],
    facts: ['frameWidth', 'foldLeaves'],
  });
}

/**
 * Whether the lock edge passes a square jamb, and how far the leaf opens past its trim; gives that
 * angle, undefined where nothing that would stop it is recorded.
 */
export function decideSwing(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
  device: HangingDevice,
): number | undefined {
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
    return undefined;
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
  return decideWidest(settling, practice, plan);
}

/** How far the leaf opens: until it meets its trim, a side wall or an obstacle, whichever comes first. */
function decideWidest(settling: Settling, practice: Practice, plan: SwingPlan): number | undefined {
  const trim = settling.fact('trimProjection');
  const wall = settling.fact('sideWall');
  const [along, out] = [settling.fact('obstacleAlong'), settling.fact('obstacleOut')];
  const handle = {
    inset: practice.values.handleInset.value,
    out: settling.fact('handleProjection') ?? practice.values.handleProjection.value,
  };
  const limits: { degrees: number; why: Said }[] = [];
  if (trim !== undefined) {
    limits.push({
      degrees: widestAngle(plan, trim),
      why: said('hanging.widest', {
        trim: { ticks: trim },
        barrel: { ticks: Math.round(plan.axis.y) },
      }),
    });
  }
  if (wall !== undefined) {
    limits.push({
      degrees: widestBesideWall(plan, wall, handle),
      why: said('hanging.widest.wall', { wall: { ticks: wall }, handle: { ticks: handle.out } }),
    });
  }
  if (along !== undefined && out !== undefined) {
    limits.push({
      degrees: widestToObstacle(plan, along, out),
      why: said('hanging.widest.obstacle', { along: { ticks: along }, out: { ticks: out } }),
    });
  }
  const first = limits.sort((a, b) => a.degrees - b.degrees)[0];
  if (!first) return undefined;
  const angle = Math.floor(first.degrees * 10) / 10;
  settling.fix(
    'widestAngle',
    { type: 'angle', degrees: angle },
    { reasons: [first.why], facts: ['trimProjection', 'sideWall', 'obstacleAlong', 'obstacleOut'] },
  );
  if (angle < 90) {
    settling.find(
      'stop',
      'hanging.opensShort',
      { angle: { degrees: angle } },
      'rotation about the axis',
      ['hanging.widestAngle'],
    );
  }
  return first.degrees;
}
