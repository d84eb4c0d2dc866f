import { inches, mm } from '../measure/index.js';
import {
  everywhere,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
  CLOSER_SIZES,
  sourcedBy,
} from '../practice/index.js';
import type { ArmName } from './armNames.js';

/** One size of closer: the largest leaf, its moments in N·m, how much of the opening work it gives back. */
export interface CloserSize {
  size: number;
  toWidth: number;
  /** Grams. */
  toMass: number;
  /** Closing moment from 0 to 4°, and about 90°, at least. */
  closing: number;
  closingOpen: number;
  /** Opening moment from 0 to 60°, at most. */
  opening: number;
  /** Per cent, from 0 to 4°, at least. */
  efficiency: number;
}

const size = (
  number: number,
  width: number,
  kilograms: number,
  [closing, closingOpen, opening, efficiency]: [number, number, number, number],
): CloserSize => ({
  size: number,
  toWidth: mm(width),
  toMass: kilograms * 1000,
  closing,
  closingOpen,
  opening,
  efficiency,
});

const EN_1154 = [
  size(1, 750, 20, [9, 3, 26, 50]),
  size(2, 850, 40, [13, 4, 36, 50]),
  size(3, 950, 60, [18, 6, 47, 55]),
  size(4, 1100, 80, [26, 9, 62, 60]),
  size(5, 1250, 100, [37, 12, 83, 65]),
  size(6, 1400, 120, [54, 18, 134, 65]),
  size(7, 1600, 160, [87, 29, 215, 65]),
];

/** Widest leaf of each size by where it is, in the practice of the United States. */
export interface UsSize {
  size: number;
  inside: number;
  outside: number;
}

const US: UsSize[] = [
  { size: 2, inside: inches(32), outside: inches(24) },
  { size: 3, inside: inches(36), outside: inches(30) },
  { size: 4, inside: inches(48), outside: inches(36) },
  { size: 5, inside: inches(54), outside: inches(42) },
  { size: 6, inside: inches(60), outside: inches(48) },
];

/** Where the arm's joints stand, from the hinge axis along the wall and out of the face it works on. */
export interface ArmRow {
  /** The closer's spindle: along the leaf (or the frame, where the body stands there) and off the face. */
  spindleAlong: number;
  spindleOut: number;
  /** The shoe of the forearm; of a track its height off the face and where it ends. */
  shoeAlong: number;
  shoeOut: number;
  main: number;
  /** 0 where a roller runs in a track. */
  fore: number;
}

const arm = (
  spindleAlong: number,
  spindleOut: number,
  shoeAlong: number,
  shoeOut: number,
  main: number,
  fore: number,
): ArmRow => ({
  spindleAlong: mm(spindleAlong),
  spindleOut: mm(spindleOut),
  shoeAlong: mm(shoeAlong),
  shoeOut: mm(shoeOut),
  main: mm(main),
  fore: mm(fore),
});

const ARMS: Record<ArmName, ArmRow> = {
  regular: arm(200, 32, 310, 10, 215, 260),
  'track-pull': arm(170, 30, 430, 12, 200, 0),
  parallel: arm(180, 32, 150, 45, 215, 245),
  'track-push': arm(170, 30, 560, 20, 320, 0),
  'top-jamb': arm(200, 32, 330, 30, 230, 300),
};

const source = (what: string) => `${TRADE}: ${what}`;

/** Figures that only the closing works with. */
export const CLOSING_VALUES = {
  closerSizes: sourcedBy(EN_1154, 'table', CLOSER_SIZES, 'limit'),
  closerWidths: usAndMetric(
    sourced(US, 'table', source('closer sizes by width, ANSI/BHMA A156.4')),
    sourced(US, 'table', source('closer sizes by width')),
  ),
  /** By which of the two tables a size is taken. */
  closerRule: usAndMetric(
    sourced('width', 'term', source('by width, inside or outside'), 'preference'),
    sourced('width and mass', 'term', 'BS EN 1154: the larger of the two', 'limit'),
    {
      continental: 'EN 1154: the larger of the two',
      australasian: 'AS 4145.5: the larger of the two',
    },
  ),
  /** The least size of a rated leaf; 0 where none is given. */
  ratedCloser: usAndMetric(
    sourced(0, 'count', 'NFPA 80 gives none'),
    sourced(3, 'count', 'BS EN 1154: at least 3 on rated leaves', 'limit'),
    {
      continental: 'EN 1154: at least 3 on rated leaves',
      australasian: 'AS 1905.1; as tested, usually 3',
    },
  ),
  /** The largest size that is made. */
  closerMost: usAndMetric(
    sourced(6, 'count', source('sizes 1 to 6')),
    sourced(7, 'count', CLOSER_SIZES.british),
    CLOSER_SIZES,
  ),
  /** From this height a leaf wants a size more. */
  closerTall: usAndMetric(
    sourced(inches(96), 'length', source('tall leaves a size more')),
    sourced(mm(2500), 'length', source('heights above the usual a size more')),
  ),
  /** Share of the power that a mounting brings to the leaf, per cent. */
  closerPower: everywhere(
    sourced(
      {
        regular: 100,
        'track-pull': 75,
        parallel: 72,
        'track-push': 75,
        'top-jamb': 95,
        concealed: 80,
        floor: 100,
        head: 90,
        spring: 100,
        operator: 100,
      },
      'table',
      source('parallel arms lose 25 to 30 %'),
    ),
  ),
  /** The arm a closer on each face has, where nothing asks for another. */
  closerPull: {
    ...everywhere(sourced('regular', 'term', source('regular arm'), 'preference')),
    continental: sourced('track-pull', 'term', source('slide track'), 'preference'),
  },
  closerPush: {
    ...everywhere(sourced('parallel', 'term', source('parallel arm'), 'preference')),
    continental: sourced('track-push', 'term', source('slide track'), 'preference'),
  },
  /** Face of the head that a body on the frame needs; soffit that a parallel arm's shoe needs. */
  topJambFace: usAndMetric(
    sourced(inches(1.75), 'length', source('maker’s data')),
    sourced(mm(45), 'length', source('maker’s data')),
  ),
  revealMost: usAndMetric(
    sourced(inches(4), 'length', source('deeper wants a bracket'), 'limit'),
    sourced(mm(100), 'length', source('deeper wants a bracket'), 'limit'),
  ),
  /** Leaf that a closer in the top rail wants. */
  concealedCloserLeaf: usAndMetric(
    sourced(inches(1.75), 'length', source('maker’s data'), 'limit'),
    sourced(mm(40), 'length', source('maker’s data'), 'limit'),
  ),
  /** Force to open an accessible leaf, newtons; and whether it holds for leaves to the open. */
  accessForce: {
    'us-commercial': sourced(22.2, 'count', 'ADA 404.2.9: 5 lbf, inside hinged leaves', 'limit'),
    'us-residential': sourced(22.2, 'count', 'ADA 404.2.9: 5 lbf, inside hinged leaves', 'limit'),
    british: sourced(
      30,
      'count',
      'Approved Document M, BS 8300: 30 N to 30°, then 22.5 N',
      'limit',
    ),
    continental: sourced(25, 'count', 'DIN 18040-1, EN 12217 class 3: 25 N', 'limit'),
    australasian: sourced(20, 'count', 'AS 1428.1: 20 N', 'limit'),
  },
  /** Whether the limit holds for rated leaves, too. */
  accessForceRated: usAndMetric(
    sourced(false, 'term', 'ADA 404.2.9: fire doors the least that the authority allows'),
    sourced(true, 'term', 'rated and other leaves alike; a free-swing or powered closer', 'limit'),
  ),
  accessForceOutside: usAndMetric(
    sourced(false, 'term', 'ADA 404.2.9: none for exterior hinged leaves'),
    sourced(true, 'term', 'inside and outside alike'),
  ),
  /** What is clear beside the lock edge on the pull side, so that a wheelchair gets past the leaf. */
  besideLock: {
    'us-commercial': sourced(
      inches(18),
      'length',
      'ADA 404.2.4.1: front approach, pull side',
      'limit',
    ),
    'us-residential': sourced(
      inches(18),
      'length',
      'ICC A117.1, 404.2.3: front approach, pull side',
      'limit',
    ),
    british: sourced(mm(300), 'length', 'Approved Document M, volume 2, 3.10', 'limit'),
    continental: sourced(
      mm(500),
      'length',
      'DIN 18040-1, 4.3.3: handle 500 mm from what stands beside it',
      'limit',
    ),
    australasian: sourced(mm(530), 'length', 'AS 1428.1, 13.3: front approach, pull side', 'limit'),
  },
  /** Where the force is measured: at the hardware, or at the leading edge. */
  forceAt: usAndMetric(
    sourced('hardware', 'term', 'ADA: at the hardware, or 30 in from the hinge if farther'),
    sourced('edge', 'term', 'at the leading edge'),
  ),
  forceAtLeast: usAndMetric(
    sourced(inches(30), 'length', 'ADA: 30 in from the hinge'),
    sourced(mm(750), 'length', source('at the leading edge of leaves of usual width')),
  ),
  /** Least seconds from 90 to 12° on an accessible route; of spring hinges from 70° to closed. */
  sweepLeast: usAndMetric(
    sourced(5, 'count', 'ADA 404.2.8.1: 90° to 12°', 'limit'),
    sourced(3, 'count', 'European accessible practice: 3 to 7 s from 90°', 'limit'),
  ),
  springLeast: usAndMetric(
    sourced(1.5, 'count', 'ADA 404.2.8.2: 70° to closed', 'limit'),
    sourced(1.5, 'count', source('spring hinges on accessible routes, 70° to closed'), 'limit'),
  ),
  /** What a seal pushes back at the lock edge, newtons. */
  sealPush: everywhere(
    sourced(
      { none: 0, silencer: 0, seal: 8, smoke: 10, sound: 18 },
      'table',
      source('seal resistance, 8 to 20 N at the edge'),
    ),
  ),
  /** A stop holds the leaf between these angles. */
  stopAngles: everywhere(
    sourced({ from: 85, to: 110 }, 'table', source('stop at 85 to 110°, back-check is none')),
  ),
  /** How far in from the lock edge a floor stop stands. */
  stopInset: usAndMetric(
    sourced(inches(4), 'length', source('near the lock edge')),
    sourced(mm(100), 'length', source('near the lock edge')),
  ),
  /** What stops a leaf where nothing is known of its surroundings. */
  stopUsual: usAndMetric(
    sourced('wall', 'term', source('wall stop at the lever’s height'), 'preference'),
    sourced('floor', 'term', source('floor stop'), 'preference'),
  ),
  /** Where the shoe of a regular arm stands so that the leaf opens to 180°. */
  closerShoeWide: everywhere(sourced(mm(240), 'length', source('template for 180°'))),
  /** Zones, valves and spring of a closer as the bench takes them. */
  closerMakeup: everywhere(
    sourced(
      {
        latchFrom: 12,
        backCheckFrom: 70,
        factory: 2.5,
        most: 4.5,
        perTurn: 0.08,
        springTurns: 8,
        sweepSeconds: 4.5,
        latchSeconds: 1.5,
      },
      'table',
      source('factory opening 2 1/2 to 2 3/4 turns, never more than 2 to 3 out from it'),
    ),
  ),
  /** Times that a well set closer keeps, seconds, and the speed of the edge that is a slam, m/s. */
  closingTimes: {
    ...everywhere(
      sourced(
        { sweepFrom: 3, sweepTo: 7, latchFrom: 0.5, latchTo: 3, slam: 0.3 },
        'table',
        'European accessible practice: 3 to 7 s from 90°',
      ),
    ),
    'us-commercial': sourced(
      { sweepFrom: 5, sweepTo: 7, latchFrom: 0.5, latchTo: 3, slam: 0.3 },
      'table',
      'ADA 404.2.8.1: 5 s from 90° to 12°',
    ),
    'us-residential': sourced(
      { sweepFrom: 5, sweepTo: 7, latchFrom: 0.5, latchTo: 3, slam: 0.3 },
      'table',
      'ADA 404.2.8.1: 5 s from 90° to 12°',
    ),
  },
  /** What a latch pushes back with at its strike, newtons. */
  latchPush: everywhere(sourced(8, 'count', source('latch resistance; a low-friction latch less'))),
  lowLatchPush: everywhere(sourced(3, 'count', source('latch resistance, low-friction'))),
  closerArms: everywhere(
    sourced(ARMS, 'length', source('usual arms; the product’s template decides')),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof CLOSING_VALUES> {}
}
