import { wholeDown, wholeUp, type Ticks } from '../measure/index.js';
import {
  isAssumed,
  valueOrUndefined,
  meetsInMiddle,
  message,
  type HangingDevice,
  type Message,
} from '../model/index.js';
import type { HangingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';
import {
  clearWidth,
  heelGap,
  intrusion,
  lockEdgeGap,
  widestAngle,
  widestBesideWall,
  widestToObstacle,
  type Sizes,
  type SwingPlan,
} from '../sizing/index.js';

/**
 * Clear width at 90° by rotation about the axis; for pairs both leaves open, and the active alone, which
 * is given back.
 */
export function decideClearWidth(
  record: HangingRecord,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
): Ticks | undefined {
  const { frameWidth, stopWidth } = sizes;
  if (frameWidth === undefined) return undefined;
  const reach = wholeUp(intrusion(plan, 90, stopWidth));
  const { kind } = record.facts;
  const facts = ['frameWidth', 'stopWidth', 'leafThickness'];
  if (meetsInMiddle(kind)) {
    if (sizes.mullion > 0) return ofMullion(record, practice, sizes, reach);
    const second = sizes.leaves[1] ?? sizes.leaves[0]!;
    const alone = frameWidth - reach - (sizes.hingeGap ?? 0) - (second.width ?? 0);
    const both = frameWidth - 2 * reach;
    record.decide('clearWidth', both, {
      reasons: () => [
        message('hanging.clear.both', {
          frame: { ticks: frameWidth },
          reach: { ticks: reach, rounding: 'up' },
        }),
      ],
      facts,
    });
    record.decide('clearWidthActive', alone, {
      reasons: () => [
        message('hanging.clear.active', {
          frame: { ticks: frameWidth },
          reach: { ticks: reach, rounding: 'up' },
          second: { ticks: (second.width ?? 0) + (sizes.hingeGap ?? 0) },
        }),
      ],
      facts,
    });
    checkClear(record, practice, alone, 'hanging.clearWidthActive');
    return alone;
  }
  if (record.facts.leafEdge === 'rebated') {
    // A rebated leaf opens before the frame: what is left is between the stops.
    const between = frameWidth - 2 * stopWidth;
    record.decide('clearWidth', between, {
      reasons: () => [
        message('hanging.clear.rebated', {
          frame: { ticks: frameWidth },
          stop: { ticks: stopWidth },
        }),
      ],
      facts: [...facts, 'leafEdge'],
    });
    checkClear(record, practice, between, 'hanging.clearWidth');
    return undefined;
  }
  const clear = wholeDown(clearWidth(plan, frameWidth, stopWidth, 90, stopWidth));
  record.decide('clearWidth', clear, {
    reasons: () => [
      message('hanging.clear', {
        frame: { ticks: frameWidth },
        stop: { ticks: stopWidth },
        reach: { ticks: reach, rounding: 'up' },
      }),
      ...waysToGain(record, practice, sizes, plan, clear),
    ],
    facts,
  });
  checkClear(record, practice, clear, 'hanging.clearWidth');
  return undefined;
}

/** With a mullion each leaf opens by itself: half the opening less half the mullion, and both alike. */
function ofMullion(
  record: HangingRecord,
  practice: Practice,
  { frameWidth, mullion }: Sizes,
  reach: Ticks,
): Ticks {
  const each = wholeDown((frameWidth! - mullion) / 2) - reach;
  for (const name of ['clearWidth', 'clearWidthActive'] as const)
    record.decide(name, each, {
      reasons: () => [
        message('hanging.clear.mullion', {
          frame: { ticks: frameWidth! },
          mullion: { ticks: mullion },
          reach: { ticks: reach, rounding: 'up' },
        }),
      ],
      facts: ['frameWidth', 'mullionWidth', 'meetingEdge'],
    });
  checkClear(record, practice, each, 'hanging.clearWidthActive');
  return each;
}

/** The clear width wanted: as recorded, else what an accessible route asks for; undefined where neither. */
function wantedClear(
  record: HangingRecord,
  practice: Practice,
): { value: Ticks; source: string } | undefined {
  const recorded = valueOrUndefined(record.facts.clearWanted);
  if (recorded !== undefined)
    return {
      value: recorded,
      source:
        record.facts.provenance?.['clearWanted'] === 'assumed'
          ? practice.values.clearByRole.source
          : 'recorded',
    };
  return valueOrUndefined(record.facts.accessible) === true
    ? practice.values.clearWidth
    : undefined;
}

function checkClear(record: HangingRecord, practice: Practice, clear: Ticks, part: string): void {
  const wanted = wantedClear(record, practice);
  if (!wanted || clear >= wanted.value) return;
  record.report(
    // What nobody recorded asks only.
    isAssumed(record.facts, 'accessible') ? 'check' : 'stop',
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

/**
 * Ways to gain clear width where it is short, each with what it comes to, computed by the same
 * rotation: hinges that swing the leaf clear, opening wider than 90°, the next thinner usual leaf, a
 * wider frame.
 */
function waysToGain(
  record: HangingRecord,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
  clear: Ticks,
): Message[] {
  const wanted = wantedClear(record, practice);
  const { frameWidth, stopWidth } = sizes;
  const { wideOpen, thinnerLeaf } = practice.values;
  if (!wanted || clear >= wanted.value || frameWidth === undefined) return [];
  const gained = (ticks: number) => {
    const whole = wholeDown(ticks);
    const clearer = { ticks: whole, rounding: 'down' as const };
    const enough = { term: whole >= wanted.value ? 'enough.yes' : 'enough.no' };
    return whole > clear ? { clear: clearer, enough } : undefined;
  };
  const trim = valueOrUndefined(record.facts.trimProjection);
  const most = wideOpen.value;
  const wide = Math.min(most, trim === undefined ? most : widestAngle(plan, trim));
  const thinner = { ...plan, thickness: Math.round(plan.thickness * thinnerLeaf.value) };
  const bySwing = gained(frameWidth - 2 * stopWidth);
  const byAngle = gained(clearWidth(plan, frameWidth, stopWidth, wide, stopWidth));
  const byLeaf = gained(clearWidth(thinner, frameWidth, stopWidth, 90, stopWidth));
  const { thickness } = thinner;
  return [
    ...(bySwing ? [message('hanging.gain.swingClear', bySwing)] : []),
    ...(byAngle
      ? [message('hanging.gain.wide', { ...byAngle, angle: { degrees: wholeDown(wide) } })]
      : []),
    ...(byLeaf
      ? [message('hanging.gain.thinner', { ...byLeaf, thickness: { ticks: thickness } })]
      : []),
    message('hanging.gain.frame', {
      frame: { ticks: frameWidth + wanted.value - clear, rounding: 'up' },
    }),
  ];
}

/** Clear width of a bi-fold door: the frame less the leaves folded square to it, one against the other. */
export function decideFolded(record: HangingRecord, sizes: Sizes): void {
  const { quantity, thickness } = sizes.leaves[0]!;
  const { frameWidth } = sizes;
  if (frameWidth === undefined || thickness === undefined) return;
  const pack = quantity * thickness + (sizes.hingeGap ?? 0);
  record.decide('clearWidth', frameWidth - pack, {
    reasons: () => [
      message('hanging.clear.folded', {
        frame: { ticks: frameWidth },
        count: quantity,
        thickness: { ticks: thickness },
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
  record: HangingRecord,
  practice: Practice,
  sizes: Sizes,
  plan: SwingPlan,
  device: HangingDevice,
): { lockEdge: 'square' | 'bevelled' | undefined; widest: number | undefined } {
  if (device === 'centre-pivot' || device === 'double-acting-spring') {
    if (device === 'centre-pivot') {
      const a = practice.values.centrePivotIn.value;
      const needed = wholeUp(heelGap(a, plan.thickness));
      if (sizes.hingeGap !== undefined && sizes.hingeGap < needed) {
        record.report(
          'stop',
          'hanging.heelGap',
          { gap: { ticks: sizes.hingeGap }, needed: { ticks: needed, rounding: 'up' } },
          'rotation about the axis',
          ['hingeGap'],
        );
      }
    }
    return { lockEdge: undefined, widest: undefined };
  }
  const needed = wholeUp(lockEdgeGap(plan));
  const gap = sizes.lockGap ?? sizes.meetingGap;
  let lockEdge: 'square' | 'bevelled' | undefined;
  if (gap !== undefined) {
    // A leaf that is copied keeps the bevel that it swung past its jamb with.
    const read = sizes.fitting?.copied?.bevelLock;
    const square = read === undefined ? needed <= gap : read === 0;
    lockEdge = square ? 'square' : 'bevelled';
    record.decide('lockEdge', lockEdge, {
      reasons: () => [
        ...(read === undefined ? [] : [message('hanging.lockEdge.copied')]),
        message(needed <= gap ? 'hanging.lockEdge.square' : 'hanging.lockEdge.bevelled', {
          needed: { ticks: needed, rounding: 'up', fine: true },
          gap: { ticks: gap },
          by: { ticks: Math.max(0, needed - gap), rounding: 'up', fine: true },
          bevel: { degrees: practice.values.lockBevel.value },
        }),
      ],
      facts: ['lockGap', 'leafThickness'],
    });
  }
  return { lockEdge, widest: decideWidest(record, practice, plan) };
}

/** How far the leaf opens: until it meets its trim, a side wall or an obstacle, whichever comes first. */
function decideWidest(
  record: HangingRecord,
  practice: Practice,
  plan: SwingPlan,
): number | undefined {
  const trim = valueOrUndefined(record.facts.trimProjection);
  const wall = valueOrUndefined(record.facts.sideWall);
  const [along, out] = [
    valueOrUndefined(record.facts.obstacleAlong),
    valueOrUndefined(record.facts.obstacleOut),
  ];
  const handle = {
    inset: practice.values.handleInset.value,
    out: valueOrUndefined(record.facts.handleProjection) ?? practice.values.handleProjection.value,
  };
  const limits: { degrees: number; why: () => Message }[] = [];
  if (trim !== undefined) {
    limits.push({
      degrees: widestAngle(plan, trim),
      why: () =>
        message('hanging.widest', {
          trim: { ticks: trim },
          barrel: { ticks: Math.round(plan.axis.y) },
        }),
    });
  }
  if (wall !== undefined) {
    limits.push({
      degrees: widestBesideWall(plan, wall, handle),
      why: () =>
        message('hanging.widest.wall', { wall: { ticks: wall }, handle: { ticks: handle.out } }),
    });
  }
  if (along !== undefined && out !== undefined) {
    limits.push({
      degrees: widestToObstacle(plan, along, out),
      why: () =>
        message('hanging.widest.obstacle', { along: { ticks: along }, out: { ticks: out } }),
    });
  }
  let first = limits[0];
  for (const limit of limits) if (limit.degrees < first!.degrees) first = limit;
  if (!first) return undefined;
  const angle = wholeDown(first.degrees * 10) / 10;
  record.decide('widestAngle', angle, {
    reasons: () => [first.why()],
    facts: ['trimProjection', 'sideWall', 'obstacleAlong', 'obstacleOut'],
  });
  if (angle < 90) {
    record.report(
      'stop',
      'hanging.opensShort',
      { angle: { degrees: angle } },
      'rotation about the axis',
      ['hanging.widestAngle'],
    );
  }
  return first.degrees;
}
