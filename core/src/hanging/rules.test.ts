import { inches, mm } from '../measure/index.js';
import { readings } from '../testing/readings.js';
import { asDeclared, chosen, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';

const butts = chosen('hanging.form', 'full-mortise');
const centre = chosen('hanging.device', 'centre-pivot');
const house = { frameMaterial: 'timber', frameWidth: undefined, frameHeight: undefined } as const;
const STANDS = {
  widthTop: mm(768),
  heightHinge: mm(1992),
  hingeCount: 3,
  hingeDatum: 'frame-head',
  hingePoint: 'top-edge',
  hinge1: mm(178),
  hinge2: mm(889),
  hinge3: mm(1600),
  hingeHeight: mm(100),
};

const RULES: Readonly<Record<string, TriedRule>> = {
  'hanging.clearShort': {
    level: 'stop',
    found: { frameWidth: inches(34), accessible: true, choices: butts },
    not: { frameWidth: inches(36) },
    unknown: { accessible: UNKNOWN },
  },
  // √(2.75² + 0.875²) − 2.75 = 0.136 in.
  'hanging.heelGap': {
    found: { choices: centre, hingeGap: inches(0.125) },
    not: { hingeGap: inches(0.140625) },
    unknown: { hingeGap: UNKNOWN },
  },
  'hanging.noGrade': {
    found: {
      leafMass: 155_000,
      closer: 'any',
      backCheck: true,
      leafThickness: mm(60),
    },
    not: { backCheck: false, closer: 'none' },
    unknown: { leafMass: UNKNOWN },
    practice: 'british',
  },
  'hanging.noRoom': {
    found: { frameHeight: inches(40), choices: chosen('hanging.count', 12) },
    not: { choices: chosen('hanging.count', 3) },
    unknown: { frameHeight: UNKNOWN },
  },
  'hanging.setIgnored': {
    found: { hingePositions: { leaf: [inches(6), inches(70)] } },
    not: { hingePositions: { leaf: [inches(6), inches(30), inches(70)] } },
    unknown: { hingePositions: undefined },
  },
  // Hinges of 4 1/2 in, one below the other.
  'hanging.setOverlap': {
    found: { hingePositions: { leaf: [inches(6), inches(10.4375), inches(70)] } },
    not: { hingePositions: { leaf: [inches(6), inches(10.5), inches(70)] } },
    unknown: { hingePositions: undefined },
  },
  'hanging.useUnknown': {
    found: { frequency: UNKNOWN },
    not: { frequency: 'medium' },
    unknown: { frequency: undefined },
    unknownToo: true,
  },
  'hanging.patternMisses': {
    found: {
      ...house,
      readings: readings(STANDS),
      choices: chosen('hanging.pattern', 'british-150-225'),
    },
    not: { choices: {} },
    unknown: { readings: [] },
    practice: 'british',
  },
  'hanging.drillInListed': {
    found: {
      role: 'bedroom',
      leafEdge: 'rebated',
      frameMaterial: 'timber',
      frameWidth: mm(841),
      frameHeight: mm(1983),
      leafThickness: mm(40),
      leafConstruction: 'timber-hollow',
      rating: 30,
      closer: 'any',
    },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
    practice: 'continental',
  },
};

describe('a rule of hanging', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});
