import { inches, roundTo, TICKS_PER_MM, type Ticks } from '../measure/index.js';
import {
  length,
  said,
  Settling,
  slides,
  term,
  type Basis,
  type HangingDevice,
  type LeafId,
  type OpeningFacts,
  type Said,
  type StageOutcome,
} from '../opening/index.js';
import type { Gaps, Practice } from '../practice/index.js';
import { solveChain, type Member, type SolvedChain, type SolvedFrom } from './chain.js';
import { checkSizes } from './findings.js';
import { nominalOf } from './nominal.js';
import { heelGap } from './swing.js';

/** A leaf as sized; a length is absent while it is open. */
export interface SizedLeaf {
  id: LeafId;
  /** Equal leaves are decided once. */
  quantity: 1 | 2;
  width?: Ticks | undefined;
  height?: Ticks | undefined;
  thickness?: Ticks | undefined;
  /** Height of the leaf's bottom above the finished floor. */
  bottom?: Ticks | undefined;
}

/** What later stages read of the sizes. All in ticks. */
export interface Sizes extends StageOutcome {
  leaves: SizedLeaf[];
  frameWidth?: Ticks | undefined;
  frameHeight?: Ticks | undefined;
  hingeGap?: Ticks | undefined;
  lockGap?: Ticks | undefined;
  headGap?: Ticks | undefined;
  meetingGap?: Ticks | undefined;
  undercut?: Ticks | undefined;
  stopWidth: Ticks;
  /** Floor finish still to be laid: the finished floor stands this far above the measured one. */
  floorFinish: Ticks;
}

/** The device a person chose, or the one the opening's kind demands: sizing's gaps depend on it. */
export function intendedDevice(facts: OpeningFacts): HangingDevice | undefined {
  const chosen = facts.choices?.['hanging.device']?.value as HangingDevice | undefined;
  if (slides(facts.kind)) return 'sliding-gear';
  if (facts.kind === 'double-acting') {
    return chosen === 'double-acting-spring' ? chosen : 'centre-pivot';
  }
  return chosen;
}

/** Gaps by the frame's material; undefined where they depend on a material nobody has said. */
function usualGaps(settling: Settling, practice: Practice): Partial<Gaps> {
  const { gapsSteel, gapsTimber } = practice.values;
  const material = settling.fact('frameMaterial');
  if (material) return (material === 'timber' ? gapsTimber : gapsSteel).value;
  const same: Partial<Gaps> = {};
  for (const key of Object.keys(gapsSteel.value) as (keyof Gaps)[]) {
    if (gapsSteel.value[key] === gapsTimber.value[key]) same[key] = gapsSteel.value[key];
  }
  return same;
}

/** Runs the sizing stage: both stacks as chains, leaf sizes, undercut, nominal name. */
export function decideSizing(facts: OpeningFacts, practice: Practice): Sizes {
  const settling = new Settling(facts, 'sizing');
  const values = practice.values;
  const usual = usualGaps(settling, practice);
  const thickness = decideThickness(settling, practice);
  const width = widthChain(settling, practice, usual, thickness);
  const height = heightChain(settling, practice, usual);
  recordChain(settling, width, 'width');
  recordChain(settling, height, 'height');

  const wallBase = { face: settling.fact('frameFace'), packing: settling.fact('packing') };
  wallOpening(settling, practice, width.result, height.result, wallBase);

  const at = (chain: SolvedChain, key: string): Ticks[] | undefined =>
    chain.solved ? chain.members.get(key)?.each : undefined;
  const leaves = leavesOf(facts, width.result, height.result, thickness);
  const sizes: Sizes = Object.assign(settling, {
    leaves,
    frameWidth: width.result.solved ? width.result.total : undefined,
    frameHeight: height.result.solved ? height.result.total : undefined,
    hingeGap: at(width.result, 'hingeGap')?.[0],
    lockGap: at(width.result, 'lockGap')?.[0],
    meetingGap: at(width.result, 'meetingGap')?.[0],
    headGap: at(height.result, 'headGap')?.[0],
    undercut: at(height.result, 'undercut')?.[0],
    stopWidth:
      settling.fact('stopWidth') ?? (facts.kind === 'double-acting' ? 0 : values.stopWidth.value),
    floorFinish: settling.fact('floorFinish') ?? 0,
  });
  decideNominal(settling, practice, sizes);
  checkSizes(settling, practice, sizes);
  return sizes;
}

function decideThickness(settling: Settling, practice: Practice): Ticks {
  const recorded = settling.fact('leafThickness');
  const { leafThickness } = practice.values;
  settling.fix('leafThickness', length(recorded ?? leafThickness.value), {
    basis: recorded === undefined ? 'derived' : settling.basisOf('leafThickness'),
    reasons:
      recorded === undefined
        ? [
            said('sizing.thickness.practice', {
              practice: practice.name,
              source: leafThickness.source,
            }),
          ]
        : [],
    facts: ['leafThickness'],
  });
  return recorded ?? leafThickness.value;
}

interface ChainRun {
  result: SolvedChain;
  totalFact: 'frameWidth' | 'frameHeight';
  /** Fact each member is recorded in, and why it has its usual value. */
  members: {
    key: string;
    fact: string;
    why?: Said;
    leaf?: LeafId;
    rounding: 'down' | 'up' | 'nearest';
  }[];
}

function widthChain(
  settling: Settling,
  practice: Practice,
  usual: Partial<Gaps>,
  thickness: Ticks,
): ChainRun {
  const { facts } = settling;
  const { values } = practice;
  const device = intendedDevice(facts);
  const gapReason = said('sizing.gap.practice', {
    practice: practice.name,
    source: values.gapsSteel.source,
  });
  const members: Member[] = [];
  const notes: ChainRun['members'] = [];
  const add = (
    key: string,
    fact: keyof OpeningFacts,
    times: 1 | 2,
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
      result: solveChain(settling.fact('frameWidth'), members, 'overlap'),
      totalFact: 'frameWidth',
      members: notes,
    };
  }

  const paired =
    facts.kind === 'pair' || facts.kind === 'unequal-pair' || facts.kind === 'double-egress';
  const continuous = device === 'continuous';
  let hingeUsual = usual.hinge;
  let hingeWhy = gapReason;
  if (continuous) {
    hingeUsual = values.continuousHingeGap.value;
    hingeWhy = said('sizing.gap.continuous', { source: values.continuousHingeGap.source });
  } else if (device === 'centre-pivot' && facts.kind === 'double-acting') {
    const a = values.centrePivotIn.value;
    const needed = roundTo(heelGap(a, thickness), inches(1 / 16), 'up');
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
    add('meetingGap', 'meetingGap', 1, usual.meeting, 'up', gapReason);
    const gives = facts.widthGives ?? 'meetingGap';
    return {
      result: solveChain(settling.fact('frameWidth'), members, gives),
      totalFact: 'frameWidth',
      members: notes,
    };
  }
  add('leafWidth', 'leafWidth', 1, undefined, 'down');
  add('lockGap', 'lockGap', 1, usual.lock, 'up', gapReason);
  const gives = facts.widthGives ?? 'lockGap';
  return {
    result: solveChain(settling.fact('frameWidth'), members, gives),
    totalFact: 'frameWidth',
    members: notes,
  };
}

function heightChain(settling: Settling, practice: Practice, usual: Partial<Gaps>): ChainRun {
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
    result: solveChain(settling.fact('frameHeight'), members, gives),
    totalFact: 'frameHeight',
    members: notes,
  };
}

const BASIS: Record<SolvedFrom, (settling: Settling, fact: string) => Basis> = {
  fixed: (settling, fact) => settling.basisOf(fact),
  usual: () => 'derived',
  chain: () => 'derived',
};

function recordChain(settling: Settling, run: ChainRun, axis: 'width' | 'height'): void {
  const { result, totalFact } = run;
  if (!result.solved) {
    openChain(settling, run, axis, result);
    return;
  }
  settling.fix(totalFact, length(result.total), {
    basis: BASIS[result.totalFrom](settling, totalFact),
    reasons: result.totalFrom === 'chain' ? [said('sizing.frame.fromLeaf', {})] : [],
    facts: [totalFact],
  });
  for (const note of run.members) {
    const member = result.members.get(note.key)!;
    const name = note.key.replace(/^(active|inactive|upper|lower)(Width|Height)$/, 'leaf$2');
    const reasons: Said[] = [];
    if (member.from === 'usual' && note.why) reasons.push(note.why);
    if (member.from === 'chain') {
      reasons.push(chainReason(axis, result, note.key));
      if (note.why && name === 'leafWidth') reasons.push(note.why);
    }
    settling.fix(name, length(member.each[member.each.length - 1]!, note.rounding), {
      basis: BASIS[member.from](settling, note.fact),
      reasons,
      facts: [note.fact],
      leaf: note.leaf,
    });
  }
}

/** The sum with its figures: `frame opening 36 − 1/8 − 1/8`. */
function chainReason(
  axis: 'width' | 'height',
  chain: SolvedChain & { solved: true },
  key: string,
): Said {
  const params: Said['params'] = {
    total: { ticks: chain.total },
    times: chain.members.get(key)!.each.length,
  };
  const others = [...chain.members.values()].filter(
    (m) => m.key !== key && m.each.some((t) => t !== 0),
  );
  others.forEach((member, index) => {
    params[`m${index}`] = { ticks: member.each.reduce((a, b) => a + b, 0) };
    params[`n${index}`] = { term: `part.${member.key}` };
  });
  params['parts'] = others.length;
  return said(`sizing.chain.${axis}`, params);
}

function openChain(
  settling: Settling,
  run: ChainRun,
  axis: 'width' | 'height',
  result: SolvedChain & { solved: false },
): void {
  const facts = [run.totalFact, ...run.members.map((note) => note.fact)];
  if (result.missing.length === 0) {
    settling.find(
      'stop',
      'sizing.doesNotClose',
      {
        axis: { term: `axis.${axis}` },
        excess: { ticks: Math.abs(result.excess) },
        direction: { term: result.excess > 0 ? 'direction.over' : 'direction.under' },
      },
      'arithmetic of the recorded figures',
      facts,
    );
  }
  const needsMaterial =
    settling.fact('frameMaterial') === undefined && result.missing.includes('undercut');
  const question = needsMaterial
    ? said('ask.frameMaterial')
    : result.missing.includes('thresholdHeight') && result.missing.length === 1
      ? said('ask.thresholdHeight')
      : said(`ask.${axis}`, {});
  const asked = needsMaterial ? ['frameMaterial'] : facts;
  const recorded = settling.fact(run.totalFact);
  if (recorded !== undefined) {
    settling.fix(run.totalFact, length(recorded), {
      basis: settling.basisOf(run.totalFact),
      facts: [run.totalFact],
    });
  }
  const leafNames = run.members.filter(
    (note) => /(Width|Height)$/.test(note.key) && note.key !== 'thresholdHeight',
  );
  for (const note of leafNames) {
    const name = note.key.replace(/^(active|inactive|upper|lower)(Width|Height)$/, 'leaf$2');
    settling.open(name, question, asked, { leaf: note.leaf });
  }
}

function leavesOf(
  facts: OpeningFacts,
  width: SolvedChain,
  height: SolvedChain,
  thickness: Ticks,
): SizedLeaf[] {
  const w = (key: string) => (width.solved ? width.members.get(key)?.each.at(-1) : undefined);
  const h = (key: string) => (height.solved ? height.members.get(key)?.each[0] : undefined);
  const bottom = height.solved ? (h('undercut') ?? 0) + (h('thresholdHeight') ?? 0) : undefined;
  const leaf = (id: LeafId, quantity: 1 | 2, widthKey: string, heightKey: string): SizedLeaf => ({
    id,
    quantity,
    thickness,
    width: w(widthKey),
    height: h(heightKey),
    bottom: bottom,
  });
  if (facts.kind === 'unequal-pair') {
    return [
      leaf('active', 1, 'activeWidth', 'leafHeight'),
      leaf('inactive', 1, 'inactiveWidth', 'leafHeight'),
    ];
  }
  if (facts.kind === 'stable') {
    const lower = leaf('lower', 1, 'leafWidth', 'lowerHeight');
    const upper = leaf('upper', 1, 'leafWidth', 'upperHeight');
    if (upper.bottom !== undefined && lower.height !== undefined) {
      upper.bottom += lower.height + (h('stableGap') ?? 0);
    }
    return [upper, lower];
  }
  const pair = facts.kind === 'pair' || facts.kind === 'double-egress';
  return [leaf('leaf', pair ? 2 : 1, 'leafWidth', 'leafHeight')];
}

/** Wall opening = frame opening + faces or jambs + packing, across and up; either way round. */
function wallOpening(
  settling: Settling,
  practice: Practice,
  width: SolvedChain,
  height: SolvedChain,
  base: { face: Ticks | undefined; packing: Ticks | undefined },
): void {
  const { values } = practice;
  const material = settling.fact('frameMaterial');
  const steel = material !== 'timber';
  const face =
    base.face ?? (material ? (steel ? values.steelFrameFace : values.timberJamb).value : undefined);
  const packing =
    base.packing ??
    (material ? (steel ? values.packingSteel : values.packingTimber).value : undefined);
  for (const axis of ['Width', 'Height'] as const) {
    const fact = `wall${axis}` as const;
    const recorded = settling.fact(fact);
    const chain = axis === 'Width' ? width : height;
    const sides = axis === 'Width' ? 2 : 1;
    if (recorded !== undefined) {
      settling.fix(fact, length(recorded), { basis: settling.basisOf(fact), facts: [fact] });
    } else if (chain.solved && face !== undefined && packing !== undefined) {
      settling.fix(fact, length(chain.total + sides * (face + packing), 'up'), {
        reasons: [
          said(sides === 2 ? 'sizing.wall' : 'sizing.wall.head', {
            total: { ticks: chain.total },
            face: { ticks: face },
            packing: { ticks: packing },
          }),
        ],
        facts: [fact, 'frameFace', 'packing', 'frameMaterial'],
      });
    }
  }
}

function decideNominal(settling: Settling, practice: Practice, sizes: Sizes): void {
  if (settling.facts.kind !== 'single' && settling.facts.kind !== 'pair') return;
  const leaf = sizes.leaves[0]!;
  const whole =
    leaf.width !== undefined && leaf.height !== undefined
      ? { width: leaf.width * leaf.quantity, height: leaf.height }
      : undefined;
  const frame =
    sizes.frameWidth !== undefined && sizes.frameHeight !== undefined
      ? { width: sizes.frameWidth, height: sizes.frameHeight }
      : undefined;
  if (!whole && !frame) return;
  const byLeaf = practice.values.nominalNames.value === 'leaf';
  const single = byLeaf && whole ? { width: leaf.width!, height: leaf.height! } : whole;
  const nominal = nominalOf(practice, single, frame);
  settling.fix('nominal', term(nominal ? `=${nominal.name}` : 'nominal.madeToMeasure'), {
    reasons: [
      said(
        nominal ? (byLeaf ? 'sizing.nominal.leaf' : 'sizing.nominal.frame') : 'sizing.nominal.none',
      ),
    ],
    facts: ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'],
  });
  if (leaf.width !== undefined && sizes.undercut !== undefined) {
    settling.fix(
      'ventilation',
      {
        type: 'area',
        squareMm: Math.round(
          (leaf.width / TICKS_PER_MM) * leaf.quantity * (sizes.undercut / TICKS_PER_MM),
        ),
      },
      {
        reasons: [
          said('sizing.ventilation', {
            undercut: { ticks: sizes.undercut },
            width: { ticks: leaf.width * leaf.quantity },
          }),
        ],
      },
    );
  }
}
