import { inches, mm } from '../measure/index.js';
import { readings } from '../testing/readings.js';
import { asDeclared, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';

/** An opening 4 mm wider at its foot, 6 mm higher at its lock side. */
const CROOKED = {
  widthTop: mm(768),
  widthMiddle: mm(770),
  widthBottom: mm(772),
  heightHinge: mm(1990),
  heightLock: mm(1996),
};
const across = (one: number, other: number) => ({
  diagonalFromHingeTop: mm(one),
  diagonalFromLockTop: mm(other),
});
const house = {
  frameMaterial: 'timber',
  frameWidth: undefined,
  frameHeight: undefined,
  leafConstruction: 'timber-mineral',
  readings: readings(CROOKED),
} as const;
const square = readings({
  ...CROOKED,
  widthTop: mm(770),
  widthBottom: mm(770),
  heightLock: mm(1990),
});

/** An old leaf, read on its own. */
const OLD = { leafWidth: mm(762), leafHeight: mm(1981), leafHeightHinge: mm(1981) };
const GAPS = {
  gapHeadLock: mm(3),
  headGapNow: mm(3),
  gapLockTop: mm(3),
  gapLockBottom: mm(3),
  gapFloorHinge: mm(6),
  gapFloorLock: mm(6),
};
const copied = {
  frameMaterial: 'timber',
  frameWidth: undefined,
  frameHeight: undefined,
  leafConstruction: 'timber-stave',
  copyLeaf: true,
} as const;

const RULES: Readonly<Record<string, TriedRule>> = {
  'sizing.doesNotClose': {
    found: { leafWidth: inches(36), hingeGap: inches(1 / 8), lockGap: inches(1 / 8) },
    not: { leafWidth: inches(35.75) },
    unknown: { leafWidth: UNKNOWN },
  },
  'sizing.wideLeaf': {
    found: { frameWidth: inches(72) },
    not: { kind: 'pair', active: 'left' },
    unknown: { frameWidth: UNKNOWN },
  },
  'sizing.remeasure': {
    found: { ...house, readings: readings({ ...CROOKED, ...across(2134, 2160) }) },
    not: { readings: readings({ ...CROOKED, ...across(2134.5, 2138.6) }) },
    unknown: { readings: readings(CROOKED) },
    practice: 'british',
  },
  'sizing.ratedTrim': {
    found: { ...house, rating: 30, closer: 'any' },
    not: { listedTrim: mm(3) },
    unknown: { rating: UNKNOWN },
    practice: 'british',
  },
  'sizing.cutBeyond': {
    found: { ...house, rating: 30, closer: 'any', listedTrim: mm(3) },
    not: { readings: readings({ ...CROOKED, widthBottom: mm(770), heightLock: mm(1992) }) },
    unknown: { readings: [] },
    practice: 'british',
  },
  'sizing.asMadeGaps': {
    level: 'check',
    found: { ...house, leafConstruction: 'steel-honeycomb-16' },
    not: { readings: square },
    unknown: { readings: [] },
    practice: 'british',
  },
  'sizing.copyUnread': {
    found: { ...copied, readings: readings(OLD) },
    not: { readings: readings({ ...OLD, ...GAPS }) },
    unknown: { readings: [] },
    practice: 'british',
  },
  'sizing.copyTaper': {
    found: { ...copied, readings: readings({ ...OLD, ...GAPS, leafHeightHinge: mm(1984) }) },
    not: { readings: readings({ ...OLD, ...GAPS }) },
    unknown: { readings: [] },
    practice: 'british',
  },
  'sizing.copyHinge': {
    found: { ...copied, readings: readings({ ...OLD, ...GAPS, gapHingeTop: mm(5) }) },
    not: { readings: readings({ ...OLD, ...GAPS, gapHingeTop: mm(3) }) },
    unknown: { readings: [] },
    practice: 'british',
  },
  'sizing.leafAgainstFrame': {
    found: {
      ...copied,
      readings: readings({ ...OLD, ...GAPS, heightLock: mm(1992), widthTop: mm(767) }),
    },
    // Just the millimetre and a half that is allowed.
    not: { readings: readings({ ...OLD, ...GAPS, heightLock: mm(1991.5), widthTop: mm(767) }) },
    unknown: { readings: readings({ ...OLD, ...GAPS, widthTop: mm(767) }) },
    practice: 'british',
  },
};

describe('a rule of sizing', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});
