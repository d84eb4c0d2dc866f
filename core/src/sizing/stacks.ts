import { inches, mm, roundTo, type Ticks } from '../measure/index.js';
import type { Settling } from '../opening/index.js';
import {
  meetsInMiddle,
  said,
  slides,
  type LeafId,
  type OpeningFacts,
  type Said,
} from '../opening/index.js';
import type { Gaps, Practice } from '../practice/index.js';
import { solveChain, type Member, type SolvedChain } from './chain.js';
import { heelGap } from './swing.js';
import { foldLeavesOf } from './leaves.js';
import { timberMovement } from './movement.js';
import { intendedDevice } from './sizes.js';
import { frameOpening } from './wall.js';

/** Gaps by the frame's material; undefined where they depend on a material nobody has said. */
export function usualGaps(settling: Settling, practice: Practice): Partial<Gaps> {
  const { gapsSteel, gapsTimber } = practice.values;
  const material = settling.fact('frameMaterial');
  if (material) return (material === 'timber' ? gapsTimber : gapsSteel).value;
  const same: Partial<Gaps> = {};
  for (const key of Object.keys(gapsSteel.value) as (keyof Gaps)[]) {
    if (gapsSteel.value[key] === gapsTimber.value[key]) same[key] = gapsSteel.value[key];
  }
  return same;
}

/** A solved stack with what its members are recorded as. */
export interface ChainRun {
  result: SolvedChain;
  totalFact: 'frameWidth' | 'frameHeight';
  /** Why the frame opening is what it is, when it follows from the wall's. */
  totalWhy: Said | undefined;
  /** Fact each member is recorded in, and why it has its usual value. */
  members: {
    key: string;
    fact: string;
    why?: Said;
    leaf?: LeafId;
    rounding: 'down' | 'up' | 'nearest';
  }[];
}

/** The stack across the width, solved in whichever direction it is determined. */
export function widthChain(
  settling: Settling,
  practice: Practice,
  usual: Partial<Gaps>,
  thickness: Ticks,
): ChainRun {
  const { facts } = settling;
  const { values } = practice;
  const device = intendedDevice(facts);
  const frame = frameOpening(settling, practice, 'Width');
  const gapReason = said('sizing.gap.practice', {
    practice: practice.name,
    source: values.gapsSteel.source,
  });
  const members: Member[] = [];
  const notes: ChainRun['members'] = [];
  const add = (
    key: string,
    fact: keyof OpeningFacts,
    times: number,
    usualTicks: Ticks | undefined,
    rounding: 'down' | 'up',
    why?: Said,
    leaf?: LeafId,
  ) => {
    members.push({
      key,
      times,
      fixed: settling.fact(fact) as Ticks | undefined,
      usual: usualTicks,
    });
    notes.push({ key, fact, rounding, ...(why ? { why } : {}), ...(leaf ? { leaf } : {}) });
  };

  if (facts.kind === 'bi-fold') {
    const count = foldLeavesOf(facts);
    add('hingeGap', 'hingeGap', 1, usual.hinge, 'up', gapReason);
    add('leafWidth', 'leafWidth', count, undefined, 'down');
    add('foldGap', 'meetingGap', count - 1, usual.meeting, 'up', gapReason);
    add('lockGap', 'lockGap', 1, usual.lock, 'up', gapReason);
    return {
      result: solveChain(frame.total, members, 'lockGap'),
      totalFact: 'frameWidth',
      totalWhy: frame.why,
      members: notes,
    };
  }
  if (slides(facts.kind)) {
    const overlap = values.slidingOverlap;
    const why = said('sizing.overlap.practice', {
      overlap: { ticks: overlap.value },
      source: overlap.source,
    });
    const fixed = settling.fact('leafWidth');
    members.push({ key: 'leafWidth', times: 1, fixed, usual: undefined });
    members.push({
      key: 'overlap',
      times: 1,
      usual: facts.kind === 'sliding' ? -2 * overlap.value : -overlap.value,
    });
    notes.push({ key: 'leafWidth', fact: 'leafWidth', rounding: 'down', why });
    return {
      result: solveChain(frame.total, members, 'overlap'),
      totalFact: 'frameWidth',
      totalWhy: frame.why,
      members: notes,
    };
  }

  const paired = meetsInMiddle(facts.kind);
  const movement = timberMovement(
    settling,
    practice,
    settling.fact('leafWidth') ?? (frame.total && (paired ? frame.total / 2 : frame.total)),
  );
  const moved = (gap: Ticks | undefined) =>
    gap === undefined ? undefined : gap + (movement?.ticks ?? 0);
  const continuous = device === 'continuous';
  let hingeUsual = usual.hinge;
  let hingeWhy = gapReason;
  if (continuous) {
    hingeUsual = values.continuousHingeGap.value;
    hingeWhy = said('sizing.gap.continuous', { source: values.continuousHingeGap.source });
  } else if (device === 'centre-pivot') {
    const a = values.centrePivotIn.value;
    const needed = roundTo(
      heelGap(a, thickness),
      practice.system === 'inch' ? inches(1 / 16) : mm(0.5),
      'up',
    );
    hingeUsual = Math.max(usual.hinge ?? 0, needed);
    hingeWhy = said('sizing.gap.heel', {
      needed: { ticks: Math.ceil(heelGap(a, thickness)), rounding: 'up' },
      inset: { ticks: a },
      thickness: { ticks: thickness },
    });
  }
  add('hingeGap', 'hingeGap', paired ? 2 : 1, hingeUsual, 'up', hingeWhy);
  if (paired) {
    const edge = settling.fact('meetingEdge') ?? 'square';
    const mullion = edge === 'mullion';
    if (edge === 'rebated') {
      members.push({ key: 'rebate', times: 1, usual: -values.rebate.value });
      notes.push({ key: 'rebate', fact: 'meetingEdge', rounding: 'up' });
    }
    if (facts.kind === 'unequal-pair') {
      add('activeWidth', 'leafWidth', 1, undefined, 'down', undefined, 'active');
      add('inactiveWidth', 'inactiveWidth', 1, undefined, 'down', undefined, 'inactive');
    } else {
      add('leafWidth', 'leafWidth', 2, undefined, 'down');
    }
    if (mullion) {
      // A removable mullion makes each side a single: a lock gap to either side of it.
      const { mullionWidth } = values;
      add('lockGap', 'lockGap', 2, usual.lock, 'up', gapReason);
      add(
        'mullion',
        'mullionWidth',
        1,
        mullionWidth.value,
        'up',
        said('sizing.mullion', { source: mullionWidth.source }),
      );
    } else {
      add('meetingGap', 'meetingGap', 1, moved(usual.meeting), 'up', movement?.why ?? gapReason);
    }
    const gives = facts.widthGives ?? (mullion ? 'lockGap' : 'meetingGap');
    return {
      result: solveChain(frame.total, members, gives),
      totalFact: 'frameWidth',
      totalWhy: frame.why,
      members: notes,
    };
  }
  add('leafWidth', 'leafWidth', 1, undefined, 'down');
  add('lockGap', 'lockGap', 1, moved(usual.lock), 'up', movement?.why ?? gapReason);
  const gives = facts.widthGives ?? 'lockGap';
  return {
    result: solveChain(frame.total, members, gives),
    totalFact: 'frameWidth',
    totalWhy: frame.why,
    members: notes,
  };
}

/** The stack up the height, from the measured floor to the frame head. */
export function heightChain(
  settling: Settling,
  practice: Practice,
  usual: Partial<Gaps>,
): ChainRun {
  const frame = frameOpening(settling, practice, 'Height');
  const { facts } = settling;
  const { values } = practice;
  const gapReason = said('sizing.gap.practice', {
    practice: practice.name,
    source: values.gapsSteel.source,
  });
  const threshold = settling.fact('threshold') === 'present';
  let undercut = threshold ? usual.undercutOverThreshold : usual.undercut;
  let why = said(threshold ? 'sizing.undercut.threshold' : 'sizing.undercut.practice', {
    practice: practice.name,
  });
  if (slides(facts.kind)) {
    undercut = values.slidingUndercut.value;
    why = said('sizing.undercut.sliding', { source: values.slidingUndercut.source });
  }
  const rise = settling.fact('floorRise');
  if (
    rise !== undefined &&
    undercut !== undefined &&
    rise + values.floorRiseClearance.value > undercut
  ) {
    undercut = rise + values.floorRiseClearance.value;
    why = said('sizing.undercut.rise', {
      rise: { ticks: rise },
      clearance: { ticks: values.floorRiseClearance.value },
    });
  }
  const members: Member[] = [
    { key: 'floorFinish', times: 1, fixed: settling.fact('floorFinish'), usual: 0 },
    {
      key: 'thresholdHeight',
      times: 1,
      fixed: threshold ? settling.fact('thresholdHeight') : 0,
      usual: undefined,
    },
    { key: 'undercut', times: 1, fixed: settling.fact('undercut'), usual: undercut },
  ];
  const notes: ChainRun['members'] = [
    { key: 'undercut', fact: 'undercut', why, rounding: 'up' },
    { key: 'headGap', fact: 'headGap', why: gapReason, rounding: 'up' },
  ];
  if (threshold) notes.push({ key: 'thresholdHeight', fact: 'thresholdHeight', rounding: 'up' });
  const finish = settling.fact('floorFinish');
  if (finish) notes.push({ key: 'floorFinish', fact: 'floorFinish', rounding: 'up' });
  if (facts.kind === 'stable') {
    const lower = settling.fact('lowerLeafHeight');
    const division = values.stableDivision;
    members.push(
      {
        key: 'lowerHeight',
        times: 1,
        fixed: lower,
        usual:
          undercut === undefined
            ? undefined
            : division.value - (settling.fact('undercut') ?? undercut),
      },
      { key: 'stableGap', times: 1, usual: values.stableGap.value },
      { key: 'upperHeight', times: 1 },
    );
    notes.push(
      {
        key: 'lowerHeight',
        fact: 'lowerLeafHeight',
        leaf: 'lower',
        rounding: 'down',
        why: said('sizing.stable.division', {
          division: { ticks: division.value },
          source: division.source,
        }),
      },
      { key: 'upperHeight', fact: 'leafHeight', leaf: 'upper', rounding: 'down' },
    );
  } else {
    members.push({ key: 'leafHeight', times: 1, fixed: settling.fact('leafHeight') });
    notes.push({ key: 'leafHeight', fact: 'leafHeight', rounding: 'down' });
  }
  members.push({ key: 'headGap', times: 1, fixed: settling.fact('headGap'), usual: usual.head });
  const gives = facts.heightGives ?? 'undercut';
  return {
    result: solveChain(frame.total, members, gives),
    totalFact: 'frameHeight',
    totalWhy: frame.why,
    members: notes,
  };
}
