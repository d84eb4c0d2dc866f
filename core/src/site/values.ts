import { inches, mm } from '../measure/index.js';
import {
  everywhere,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
  byRegion,
} from '../practice/index.js';
import type { HangingDevice } from '../model/index.js';
import type { WorkCosts } from './solveGaps.js';

/** How far a hinge or pivot is brought sideways and up or down on site. Ticks. */
export interface HingeReach {
  side: number;
  /** None where its height is cut into the leaf. */
  height: number;
  /** What one turn of its screw moves it by; none where it is packed or let in deeper by hand. */
  aTurn: number;
}

/** What may be moved of each device; one that is not named is not adjusted by its hinges. */
export type HingeReaches = Readonly<Partial<Record<HangingDevice, HingeReach>>>;

const packed = (side: number): HingeReach => ({ side, height: 0, aTurn: 0 });
const SCREWED: HingeReach = { side: mm(3), height: mm(3), aTurn: mm(1) };

const reaches = (pack: number): HingeReaches => ({
  butt: packed(pack),
  rising: packed(pack),
  'spring-hinge': packed(pack),
  'tee-hinge': packed(pack),
  continuous: packed(pack),
  concealed: packed(mm(0.5)),
  'drill-in': { ...SCREWED, side: mm(2) },
  'adjustable-concealed': SCREWED,
  'offset-pivot': SCREWED,
  'centre-pivot': SCREWED,
});

/** The shims that are made, thinnest first. */
export interface Shims {
  step: number;
  /** More than this behind one hinge lets its screws no longer hold. */
  most: number;
}

/** Figures for fitting, proving and keeping. */
export const SITE_VALUES = {
  /** How far from a corner a gap is read. */
  gapInset: usAndMetric(
    sourced(inches(4), 'length', `${TRADE}: a hand's breadth`),
    sourced(mm(100), 'length', `${TRADE}: a hand's breadth`),
  ),
  /** How far gaps of leaves that are not rated may lie off what is wanted. */
  gapOff: usAndMetric(
    sourced(inches(1 / 16), 'length', 'ANSI/SDI A250.8: clearance ± 1/16 in'),
    sourced(mm(1), 'length', `${TRADE}: 2 to 4 mm about a gap of 3`, 'preference'),
  ),
  /** Of the gap over the floor. */
  floorGapOff: usAndMetric(
    sourced(inches(1 / 8), 'length', TRADE, 'preference'),
    sourced(mm(3), 'length', TRADE, 'preference'),
  ),
  /** A gap that is less touches with the next damp day. */
  gapLeast: usAndMetric(
    sourced(inches(1 / 32), 'length', TRADE, 'limit'),
    sourced(mm(1), 'length', TRADE, 'limit'),
  ),
  /** Least gap beside rated leaves: strips need air to swell into. */
  ratedGapLeast: usAndMetric(
    sourced(inches(1 / 16), 'length', 'NFPA 80: 1/8 ± 1/16 in', 'limit'),
    sourced(mm(2), 'length', 'BS 8214: 2 to 4 mm', 'limit'),
    { continental: 'the approval of the door', australasian: 'AS 1905.1: as tested' },
  ),
  /** Differences smaller than this along an edge are no fault. */
  gapSlope: everywhere(sourced(mm(0.8), 'length', `${TRADE}: what a hand reads with a feeler`)),
  /** A reading beyond this is asked about again. */
  gapReadMost: everywhere(sourced(mm(25), 'length', TRADE)),
  shims: usAndMetric(
    sourced({ step: inches(1 / 64), most: inches(1 / 16) } as Shims, 'length', TRADE),
    sourced({ step: mm(0.25), most: mm(1.5) } as Shims, 'length', `${TRADE}: card of 0.25 mm`),
  ),
  /** What a plane is set to. */
  planeStep: usAndMetric(
    sourced(inches(1 / 64), 'length', `${TRADE}: a shaving or two`),
    sourced(mm(0.5), 'length', `${TRADE}: a shaving or two`),
  ),
  /** What is less than this no tape and no feeler of a fitter reads along a leaf. */
  gapReads: usAndMetric(
    sourced(inches(1 / 64), 'length', TRADE),
    sourced(mm(0.5), 'length', TRADE),
  ),
  /** What each deed about gaps costs, by which the least work is found: hinges before planes, right ones last. */
  gapWork: everywhere(
    sourced(
      { hinge: 1, spoilt: 4, uneven: 0.5, lock: 3, head: 4, floor: 5 } as WorkCosts,
      'table',
      `${TRADE}: hinges first, then the plane; lock edge before head before foot`,
      'preference',
    ),
  ),
  hingeReach: usAndMetric(
    sourced(reaches(inches(1 / 16)), 'length', `${TRADE}: typical of each kind`),
    sourced(reaches(mm(1.5)), 'length', `${TRADE}: typical of each kind`),
  ),
  /** How far knuckles of light plain butts are bent, at most. */
  bendMost: everywhere(sourced(mm(0.8), 'length', `${TRADE}: 1/32 in`, 'limit')),
  /** How far a latch bolt is thrown, at least. */
  latchThrow: usAndMetric(
    sourced(inches(1 / 2), 'length', 'NFPA 80: as the listing of the lock has it', 'limit'),
    sourced(mm(10), 'length', 'BS EN 12209, BS EN 179: projection of a latch bolt', 'limit'),
    {
      continental: 'EN 12209, EN 179: projection of a latch bolt',
      australasian: 'AS 4145.2; as tested',
    },
  ),
  /** What a strike takes up without being moved. */
  strikeTakes: everywhere(sourced(mm(1.5), 'length', TRADE)),
  /** Angles from which a leaf shall close and latch, degrees, and how often each. */
  closingFrom: everywhere(
    sourced([10, 30, 90] as readonly number[], 'table', `${TRADE}: acceptance of closers`),
  ),
  closingTimesEach: everywhere(sourced(3, 'count', `${TRADE}: acceptance of closers`)),
  /** Forces of a leaf on the way out, newtons: to release its latch, to set it in motion, to open it wide; 0 where none is told. */
  escapeForces: usAndMetric(
    sourced(
      { release: 66.7, motion: 133.4, wide: 66.7 },
      'table',
      'NFPA 101 7.2.1.4.5: 15, 30 and 15 lbf',
      'limit',
    ),
    sourced(
      { release: 80, motion: 0, wide: 0 },
      'table',
      'BS EN 1125: at most 80 N on the bar of an unloaded leaf',
      'limit',
    ),
    {
      continental: 'EN 1125: at most 80 N on the bar of an unloaded leaf',
      australasian: `${TRADE}: about 80 N on the bar of an unloaded leaf`,
    },
  ),
  /** Months between inspections of rated leaves. */
  inspectionMonths: byRegion({
    us: sourced(12, 'count', 'NFPA 80, 5.2: yearly', 'limit'),
    british: sourced(12, 'count', 'BS 9999; BS 8214: at least yearly', 'limit'),
    continental: sourced(12, 'count', 'the approval of the door; DIN 14677: yearly', 'limit'),
    australasian: sourced(6, 'count', 'AS 1851: every six months', 'limit'),
  }),
  /** Of rated leaves in the common parts of blocks of flats. */
  commonPartsMonths: {
    ...everywhere(sourced(12, 'count', 'as other rated leaves')),
    british: sourced(
      3,
      'count',
      'Fire Safety (England) Regulations 2022, regulation 10: blocks above 11 m quarterly',
      'limit',
    ),
  },
  /** Years an inspection's record is kept. */
  recordYears: usAndMetric(
    sourced(3, 'count', 'NFPA 80, 5.2.3: three years', 'limit'),
    sourced(3, 'count', `${TRADE}: three years`),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SITE_VALUES> {}
}
