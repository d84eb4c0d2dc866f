import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { asDeclared, chosen, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';

const panelled = {
  leafConstruction: 'timber-panelled-hardwood',
  lockKind: 'mortise',
  midRail: 0,
} as const;
const wayOut = { egress: true, occupants: 300, occupancy: 'assembly', swing: 'out' } as const;
const pairExit = { kind: 'pair', lockKind: 'rods-surface', egress: true } as const;
const written = (description: string) =>
  [{ stage: 'securing', quantity: 1, unit: 'each', description }] as OpeningFacts['manualItems'];

const twoLeaves = {
  kind: 'pair',
  frameWidth: inches(72),
  lockKind: 'mortise',
  lockUse: 'office',
} as const;
const mortised = { lockKind: 'mortise', lockUse: 'office' } as const;
const bored = { lockKind: 'cylindrical', lockUse: 'office' } as const;
const framed = {
  leafConstruction: 'timber-panelled-hardwood',
  lockKind: 'sash',
  midRail: 0,
  secured: false,
} as const;

const RULES: Readonly<Record<string, TriedRule>> = {
  'securing.straightBolt': {
    found: { kind: 'pocket', lockKind: 'deadbolt', lockUse: 'privacy', secured: true },
    not: { lockKind: 'sliding' },
    unknown: { lockKind: UNKNOWN },
  },
  'securing.height.reach': {
    level: 'check',
    found: { ...mortised, accessible: true, lockHeight: inches(48.5) },
    not: { lockHeight: inches(48) },
    unknown: { accessible: UNKNOWN },
  },
  'securing.height.escape': {
    level: 'check',
    found: { ...mortised, egress: true, lockHeight: inches(48.5) },
    not: { lockHeight: inches(48) },
    unknown: { egress: UNKNOWN },
  },
  'securing.height.range': {
    found: { ...mortised, lockHeight: inches(60) },
    not: { lockHeight: inches(40) },
    unknown: { lockHeight: UNKNOWN },
  },
  'securing.against.manualRated': {
    found: { ...twoLeaves, bolts: 'flush', rating: 90 },
    not: { rating: 0 },
    unknown: { bolts: UNKNOWN },
  },
  'securing.against.manualStore': {
    found: { ...twoLeaves, bolts: 'flush', rating: 90, role: 'store' },
    not: { rating: 0 },
    unknown: { bolts: UNKNOWN },
  },
  'securing.against.manualWayOut': {
    found: { ...twoLeaves, bolts: 'flush', egress: true },
    not: { egress: false },
    unknown: { egress: UNKNOWN },
  },
  'securing.against.manualWidth': {
    found: { ...twoLeaves, bolts: 'flush', clearWanted: inches(60) },
    not: { clearWanted: inches(32) },
    unknown: { clearWanted: UNKNOWN },
  },
  'securing.against.surface': {
    found: { ...twoLeaves, bolts: 'surface', rating: 20 },
    not: { rating: 0 },
    unknown: { bolts: UNKNOWN },
  },
  'securing.against.loose': {
    found: { ...twoLeaves, bolts: 'none' },
    not: { bolts: 'flush' },
    unknown: { bolts: UNKNOWN },
  },
  'securing.against.glassBolts': {
    found: {
      ...twoLeaves,
      leafConstruction: 'glass',
      glassThickness: mm(12),
      lockKind: 'patch',
      bolts: 'automatic',
    },
    not: { bolts: 'surface' },
    unknown: { bolts: UNKNOWN },
  },
  'securing.trimOver.stile': {
    found: { ...framed, stileWidth: mm(92), backset: mm(57) },
    not: { stileWidth: mm(93) },
    unknown: { stileWidth: UNKNOWN },
    practice: 'british',
  },
  'securing.trimOver.blocking': {
    found: { ...bored, leafConstruction: 'timber-hollow', blocking: 'lock', backset: inches(4) },
    not: { backset: inches(2.75) },
    unknown: { blocking: UNKNOWN },
  },
  'securing.trimOver.glass': {
    found: { ...bored, glassWidth: inches(28), glassHeight: inches(60) },
    not: { glassWidth: inches(24) },
    unknown: { glassWidth: UNKNOWN },
  },
  'securing.shortLatch': {
    level: 'stop',
    found: {
      lockKind: 'cylindrical',
      lockUse: 'office',
      latchThrow: inches(0.5),
      lockGap: inches(0.375),
    },
    not: { lockGap: inches(0.125) },
    unknown: { lockGap: UNKNOWN },
  },
  // 4 3/8 in of case and margin.
  'securing.caseWide': {
    found: { ...panelled, stileWidth: inches(4.34375) },
    not: { stileWidth: inches(4.375) },
    unknown: { stileWidth: UNKNOWN },
  },
  'securing.poolLatch': {
    found: { role: 'gate', from: 'Garden', to: 'Pool', lockHeight: inches(53) },
    not: { lockHeight: inches(54) },
    unknown: { lockHeight: UNKNOWN },
  },
  'securing.smokeBarrier': {
    found: {
      kind: 'double-egress',
      role: 'cross-corridor',
      rating: 20,
      smoke: true,
      occupancy: 'institutional',
    },
    not: { smoke: false },
    unknown: { occupancy: UNKNOWN },
  },
  'securing.stairSide': {
    found: { from: 'Corridor', to: 'Stair 2', stairReentry: 'command', rating: 90 },
    not: { outside: 'to' },
    unknown: { stairReentry: UNKNOWN },
  },
  'securing.amperesOpen': {
    found: { role: 'electrical' },
    not: { amperes: 799 },
    unknown: { role: UNKNOWN },
  },
  'securing.thinLeaf': {
    level: 'note',
    found: { lockKind: 'sash', secured: false, leafThickness: mm(35) },
    not: { leafThickness: mm(36) },
    unknown: { leafThickness: UNKNOWN },
    practice: 'british',
  },
  'securing.fingers': {
    found: { lockKind: 'cylindrical', handle: 'knob', backset: inches(2.375) },
    not: { backset: inches(2.75) },
    unknown: { handle: UNKNOWN },
  },
  'securing.cylinderProud': {
    found: {
      lockKind: 'profile',
      lockUse: 'store',
      leafConstruction: 'steel-honeycomb-18',
      leafThickness: mm(35),
    },
    not: { leafThickness: mm(45) },
    unknown: { leafThickness: UNKNOWN },
    practice: 'continental',
  },
  // The longest bar made is 48 in, 2 in less than its leaf.
  'securing.barShort': {
    found: { frameWidth: inches(50.5), lockKind: 'rim-exit' },
    not: { frameWidth: inches(50.25) },
    unknown: { frameWidth: UNKNOWN },
  },
  'securing.exitStile': {
    found: {
      lockKind: 'rim-exit',
      leafConstruction: 'aluminium-narrow',
      stileWidth: inches(1.75),
    },
    not: { stileWidth: inches(1.875) },
    unknown: { stileWidth: UNKNOWN },
  },
  'securing.noBottomRod': {
    level: 'check',
    found: { ...pairExit, plainFloor: true, rating: 20 },
    not: { plainFloor: false },
    unknown: { plainFloor: UNKNOWN },
  },
  'securing.rodFloor': {
    found: { ...pairExit, threshold: UNKNOWN },
    not: { threshold: 'plain' },
    unknown: { lockKind: UNKNOWN },
  },
  // A latch of 1/2 in where rated pairs are listed with 3/4 in.
  'securing.ratedThrow': {
    found: { kind: 'pair', rating: 20, lockKind: 'cylindrical', closer: 'any' },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'securing.noCoordinator': {
    found: {
      kind: 'pair',
      rating: 90,
      closer: 'any',
      lockKind: 'mortise',
      meetingEdge: 'astragal',
      bolts: 'automatic',
      choices: chosen('securing.coordinator', 'none'),
    },
    not: { choices: {} },
    unknown: { bolts: UNKNOWN, rating: UNKNOWN, closer: UNKNOWN },
  },
  // The pin's middle lies 1 11/32 in behind the stop.
  'securing.pinFalls': {
    found: {
      lockKind: 'cylindrical',
      lockUse: 'store',
      strikeAt: inches(40),
      strikeCutWidth: inches(1.25),
      strikeDepth: inches(1.5),
    },
    not: { strikeDepth: inches(1.21875) },
    unknown: { strikeDepth: UNKNOWN },
  },
  'securing.secondLock': {
    level: 'check',
    found: { lockKind: 'cylindrical', deadBolt: true, egress: false },
    not: { deadBolt: false },
    unknown: { deadBolt: UNKNOWN },
  },
  'securing.twoMotions': {
    level: 'note',
    found: { lockKind: 'profile', lockUse: 'classroom', egress: false },
    // Who bolts a toilet or an office from inside knows that the bolt comes first.
    not: { lockUse: 'privacy' },
    unknown: { lockUse: UNKNOWN },
    practice: 'continental',
  },
  'securing.panicMissing': {
    level: 'stop',
    found: { ...wayOut, lockKind: 'mortise', lockUse: 'passage' },
    not: { occupants: 49 },
    unknown: { occupants: UNKNOWN },
  },
  'securing.useDiffers': {
    found: { from: 'Corridor', to: 'Office', lockUse: 'entrance' },
    not: { lockUse: 'store' },
    unknown: { lockUse: UNKNOWN },
  },
  'securing.swingsAgainst': {
    level: 'stop',
    found: {
      ...wayOut,
      escape: 'from',
      outside: 'from',
      lockKind: 'none',
      occupants: 50,
      swing: 'in',
      occupancy: 'business',
    },
    not: { occupants: 49 },
    unknown: { swing: UNKNOWN },
  },
  'securing.barOnPull': {
    level: 'stop',
    found: { ...wayOut, escape: 'from', outside: 'from', lockKind: 'rim-exit', swing: 'in' },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  'securing.barOutside': {
    found: { lockKind: 'rim-exit', swing: 'in' },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  'securing.writtenDiffers': {
    found: { role: 'store', manualItems: written('Passage set') },
    not: { manualItems: written('Storeroom lock') },
    unknown: { role: undefined },
  },
  'securing.notMet': {
    found: { lockKind: 'roller', lockUse: 'store' },
    not: { lockUse: 'push-pull' },
    unknown: { lockUse: undefined },
  },
};

describe('a rule of securing', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});
