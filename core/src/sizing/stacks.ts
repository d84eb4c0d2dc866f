import { roundTo, wholeUp, type Ticks } from '../measure/index.js';
import type { SizingRecord } from './decisions.js';
import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  slides,
  type Decisions,
  type FieldName,
  type LeafId,
  type Message,
} from '../model/index.js';
import type { Gaps, Practice } from '../practice/index.js';
import { bodyHeight, bodyWidth } from './rebated.js';
import { solveChain, type Member, type SolvedChain } from './chain.js';
import { heelGap } from './swing.js';
import { foldLeavesOf } from './leaves.js';
import { timberMovement } from './movement.js';
import { intendedDevice } from './sizes.js';
import type { AroundLeaf } from './neededLeaf.js';
import { frameOpening } from './wall.js';

/** Gaps by the frame's material; undefined where they depend on a material nobody has said. */
export function usualGaps(record: SizingRecord, practice: Practice): Partial<Gaps> {
  const { gapsSteel, gapsTimber } = practice.values;
  const material = valueOrUndefined(record.facts.frameMaterial);
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
  totalWhy: (() => Message) | undefined;
  members: ChainNote[];
}

/** What a member is decided as, the fact it is recorded in, and why it has its usual value. */
export interface ChainNote {
  key: string;
  name: keyof Decisions['sizing'] & ('leafWidth' | 'leafHeight' | GapName);
  fact: string;
  why?: (() => Message) | undefined;
  leaf?: LeafId | undefined;
}

type GapName =
  | 'hingeGap'
  | 'lockGap'
  | 'headGap'
  | 'meetingGap'
  | 'foldGap'
  | 'rebate'
  | 'mullion'
  | 'undercut'
  | 'thresholdHeight'
  | 'floorFinish';

/** A length of a leaf that is copied, and whether the fact of that name tells the old leaf's. */
export interface CopiedSize {
  ticks: Ticks;
  recorded: boolean;
}

const copiedWhy = () => message('sizing.leaf.copied');

/**
 * The stack across the width, solved in whichever direction it is determined.
 *
 * @param copied width of a leaf that is copied from the old one
 */
export function widthChain(
  record: SizingRecord,
  practice: Practice,
  usual: Partial<Gaps>,
  thickness: Ticks,
  copied?: CopiedSize,
): ChainRun {
  const { facts } = record;
  const { values } = practice;
  const device = intendedDevice(facts, practice);
  const frame = frameOpening(record, practice, 'Width');
  const gapReason = () =>
    message('sizing.gap.practice', { practice: practice.name, source: values.gapsSteel.source });
  const members: Member[] = [];
  const notes: ChainRun['members'] = [];
  const add = (
    key: string,
    name: ChainNote['name'],
    fact: FieldName,
    times: number,
    usualTicks: Ticks | undefined,
    why?: () => Message,
    leaf?: LeafId,
  ) => {
    members.push({
      key,
      times,
      fixed:
        fact === 'leafWidth'
          ? copied?.recorded
            ? undefined
            : bodyWidth(facts, practice)
          : (record.fact(fact) as Ticks | undefined),
      usual: usualTicks,
    });
    notes.push({ key, name, fact, why, leaf });
  };

  if (facts.kind === 'bi-fold') {
    const count = foldLeavesOf(facts);
    add('hingeGap', 'hingeGap', 'hingeGap', 1, usual.hinge, gapReason);
    add('leafWidth', 'leafWidth', 'leafWidth', count, undefined);
    add('foldGap', 'foldGap', 'meetingGap', count - 1, usual.meeting, gapReason);
    add('lockGap', 'lockGap', 'lockGap', 1, usual.lock, gapReason);
    return {
      result: solveChain(frame.total, members, 'lockGap'),
      totalFact: 'frameWidth',
      totalWhy: frame.why,
      members: notes,
    };
  }
  if (slides(facts.kind)) {
    const overlap = values.slidingOverlap;
    const why = () =>
      message('sizing.overlap.practice', {
        overlap: { ticks: overlap.value },
        source: overlap.source,
      });
    const fixed = valueOrUndefined(record.facts.leafWidth);
    members.push({ key: 'leafWidth', times: 1, fixed, usual: undefined });
    members.push({
      key: 'overlap',
      times: 1,
      usual: facts.kind === 'sliding' ? -2 * overlap.value : -overlap.value,
    });
    notes.push({ key: 'leafWidth', name: 'leafWidth', fact: 'leafWidth', why });
    return {
      result: solveChain(frame.total, members, 'overlap'),
      totalFact: 'frameWidth',
      totalWhy: frame.why,
      members: notes,
    };
  }

  const paired = meetsInMiddle(facts.kind);
  const movement = timberMovement(
    record,
    practice,
    bodyWidth(facts, practice) ?? (frame.total && (paired ? frame.total / 2 : frame.total)),
  );
  const moved = (gap: Ticks | undefined) =>
    gap === undefined || !movement
      ? gap
      : // To a whole step, as gaps are set, so that the sum that follows can be read off.
        roundTo(gap + movement.ticks, values.gapStep.value, 'up');
  const continuous = device === 'continuous';
  let hingeUsual = usual.hinge;
  let hingeWhy = gapReason;
  if (continuous) {
    hingeUsual = values.continuousHingeGap.value;
    hingeWhy = () => message('sizing.gap.continuous', { source: values.continuousHingeGap.source });
  } else if (device === 'centre-pivot') {
    const a = values.centrePivotIn.value;
    const needed = roundTo(heelGap(a, thickness), values.gapStep.value, 'up');
    hingeUsual = Math.max(usual.hinge ?? 0, needed);
    hingeWhy = () =>
      message('sizing.gap.heel', {
        needed: { ticks: wholeUp(heelGap(a, thickness)), rounding: 'up' },
        inset: { ticks: a },
        thickness: { ticks: thickness },
      });
  }
  add('hingeGap', 'hingeGap', 'hingeGap', paired ? 2 : 1, hingeUsual, hingeWhy);
  if (paired) {
    const edge = valueOrUndefined(record.facts.meetingEdge) ?? 'square';
    const mullion = edge === 'mullion';
    if (edge === 'rebated') {
      members.push({ key: 'rebate', times: 1, usual: -values.rebate.value });
      notes.push({ key: 'rebate', name: 'rebate', fact: 'meetingEdge' });
    }
    if (facts.kind === 'unequal-pair') {
      add('activeWidth', 'leafWidth', 'leafWidth', 1, undefined, undefined, 'active');
      add('inactiveWidth', 'leafWidth', 'inactiveWidth', 1, undefined, undefined, 'inactive');
    } else {
      add('leafWidth', 'leafWidth', 'leafWidth', 2, undefined);
    }
    if (mullion) {
      // A removable mullion makes each side a single: a lock gap to either side of it.
      const { mullionWidth } = values;
      add('lockGap', 'lockGap', 'lockGap', 2, usual.lock, gapReason);
      add('mullion', 'mullion', 'mullionWidth', 1, mullionWidth.value, () =>
        message('sizing.mullion', { source: mullionWidth.source }),
      );
    } else {
      add(
        'meetingGap',
        'meetingGap',
        'meetingGap',
        1,
        moved(usual.meeting),
        movement?.why ?? gapReason,
      );
    }
    const gives = facts.widthGives ?? (mullion ? 'lockGap' : 'meetingGap');
    return {
      result: solveChain(frame.total, members, gives),
      totalFact: 'frameWidth',
      totalWhy: frame.why,
      members: notes,
    };
  }
  add(
    'leafWidth',
    'leafWidth',
    'leafWidth',
    1,
    copied?.ticks,
    copied === undefined ? undefined : copiedWhy,
  );
  add('lockGap', 'lockGap', 'lockGap', 1, moved(usual.lock), movement?.why ?? gapReason);
  const gives = facts.widthGives ?? 'lockGap';
  return {
    result: solveChain(frame.total, members, gives),
    totalFact: 'frameWidth',
    totalWhy: frame.why,
    members: notes,
  };
}

/** What is usual under a leaf, over a threshold, or over a floor that rises; and why. */
function usualUndercut(
  record: SizingRecord,
  practice: Practice,
  usual: Partial<Gaps>,
): { threshold: boolean; undercut: Ticks | undefined; why: () => Message } {
  const { facts } = record;
  const { values } = practice;
  const threshold = (valueOrUndefined(record.facts.threshold) ?? 'none') !== 'none';
  let undercut = threshold ? usual.undercutOverThreshold : usual.undercut;
  let why = (): Message =>
    message(threshold ? 'sizing.undercut.threshold' : 'sizing.undercut.practice', {
      practice: practice.name,
    });
  if (slides(facts.kind)) {
    undercut = values.slidingUndercut.value;
    why = () => message('sizing.undercut.sliding', { source: values.slidingUndercut.source });
  }
  const rise = valueOrUndefined(record.facts.floorRise);
  if (
    rise !== undefined &&
    undercut !== undefined &&
    rise + values.floorRiseClearance.value > undercut
  ) {
    undercut = rise + values.floorRiseClearance.value;
    why = () =>
      message('sizing.undercut.rise', {
        rise: { ticks: rise },
        clearance: { ticks: values.floorRiseClearance.value },
      });
  }
  return { threshold, undercut, why };
}

/** Gaps wanted around a leaf that is copied, before anything of it is sized; below from today's floor. */
export function wantedAround(
  record: SizingRecord,
  practice: Practice,
  usual: Partial<Gaps>,
): AroundLeaf {
  const { gapsTimber } = practice.values;
  const { threshold, undercut } = usualUndercut(record, practice, usual);
  const wanted = (name: 'hinge' | 'lock' | 'head') =>
    record.fact(`${name}Gap`) ?? usual[name] ?? gapsTimber.value[name];
  const under = record.fact('undercut') ?? undercut ?? gapsTimber.value.undercut;
  return {
    hinge: wanted('hinge'),
    lock: wanted('lock'),
    head: wanted('head'),
    undercut:
      under +
      (threshold ? (record.fact('thresholdHeight') ?? 0) : 0) +
      (record.fact('floorFinish') ?? 0),
  };
}

/** The stack up the height, from the measured floor to the frame head. */
export function heightChain(
  record: SizingRecord,
  practice: Practice,
  usual: Partial<Gaps>,
  copied?: CopiedSize,
): ChainRun {
  const frame = frameOpening(record, practice, 'Height');
  const { facts } = record;
  const { values } = practice;
  const gapReason = () =>
    message('sizing.gap.practice', { practice: practice.name, source: values.gapsSteel.source });
  const { threshold, undercut, why } = usualUndercut(record, practice, usual);
  const members: Member[] = [
    { key: 'floorFinish', times: 1, fixed: valueOrUndefined(record.facts.floorFinish), usual: 0 },
    {
      key: 'thresholdHeight',
      times: 1,
      fixed: threshold ? valueOrUndefined(record.facts.thresholdHeight) : 0,
      usual: undefined,
    },
    { key: 'undercut', times: 1, fixed: valueOrUndefined(record.facts.undercut), usual: undercut },
  ];
  const notes: ChainRun['members'] = [
    { key: 'undercut', name: 'undercut', fact: 'undercut', why },
    { key: 'headGap', name: 'headGap', fact: 'headGap', why: gapReason },
  ];
  if (threshold)
    notes.push({ key: 'thresholdHeight', name: 'thresholdHeight', fact: 'thresholdHeight' });
  const finish = valueOrUndefined(record.facts.floorFinish);
  if (finish) notes.push({ key: 'floorFinish', name: 'floorFinish', fact: 'floorFinish' });
  if (facts.kind === 'stable') {
    const lower = valueOrUndefined(record.facts.lowerLeafHeight);
    const division = values.stableDivision;
    members.push(
      {
        key: 'lowerHeight',
        times: 1,
        fixed: lower,
        usual:
          undercut === undefined
            ? undefined
            : division.value - (valueOrUndefined(record.facts.undercut) ?? undercut),
      },
      { key: 'stableGap', times: 1, usual: values.stableGap.value },
      { key: 'upperHeight', times: 1 },
    );
    notes.push(
      {
        key: 'lowerHeight',
        name: 'leafHeight',
        fact: 'lowerLeafHeight',
        leaf: 'lower',
        why: () =>
          message('sizing.stable.division', {
            division: { ticks: division.value },
            source: division.source,
          }),
      },
      { key: 'upperHeight', name: 'leafHeight', fact: 'leafHeight', leaf: 'upper' },
    );
  } else {
    const fixed = copied?.recorded ? undefined : bodyHeight(record.facts, practice);
    members.push({ key: 'leafHeight', times: 1, fixed, usual: copied?.ticks });
    notes.push({
      key: 'leafHeight',
      name: 'leafHeight',
      fact: 'leafHeight',
      why: copied === undefined ? undefined : copiedWhy,
    });
  }
  members.push({
    key: 'headGap',
    times: 1,
    fixed: valueOrUndefined(record.facts.headGap),
    usual: usual.head,
  });
  const gives = facts.heightGives ?? 'undercut';
  return {
    result: solveChain(frame.total, members, gives),
    totalFact: 'frameHeight',
    totalWhy: frame.why,
    members: notes,
  };
}
