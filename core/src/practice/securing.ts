import { inches, mm } from '../measure/index.js';
import type { HeightItem, HeightRow, SecuringValues, StrikePlate } from './securingTypes.js';
import { sourced, TRADE } from './sourced.js';

type Rows<Key extends string> = [Key, number, number, number][];

/** Rows of usual, least and most, in a unit. */
function heightTable(
  rows: Rows<HeightItem>,
  unit: (value: number) => number,
): Record<HeightItem, HeightRow> {
  return Object.fromEntries(
    rows.map(([item, usual, from, to]) => [
      item,
      { usual: unit(usual), from: unit(from), to: unit(to) },
    ]),
  ) as Record<HeightItem, HeightRow>;
}

const plate = (unit: (value: number) => number, ...figures: number[]): StrikePlate => {
  const [height, width, gauge, radius] = figures.map(unit) as [number, number, number, number];
  return { height, width, gauge, radius };
};
const pair = (unit: (value: number) => number, latch: number, bolt: number) => ({
  latch: unit(latch),
  bolt: unit(bolt),
});

const US_COMMERCIAL_HEIGHTS = heightTable(
  [
    ['lock', 40 + 5 / 16, 38, 44],
    ['deadbolt', 48, 40, 48],
    ['nightLatch', 48, 40, 60],
    ['exit', 40 + 5 / 16, 39, 40 + 5 / 16],
    ['pushPlate', 45, 42, 48],
    ['pull', 42, 40, 45],
    ['bar', 42, 38, 44],
    ['roller', 45, 34, 48],
    ['viewer', 60, 43, 60],
  ],
  inches,
);

export const US_RESIDENTIAL_HEIGHTS = heightTable(
  [
    ['lock', 36, 34, 40 + 5 / 16],
    ['deadbolt', 41.5, 40, 44],
    ['nightLatch', 48, 40, 60],
    ['exit', 40 + 5 / 16, 39, 40 + 5 / 16],
    ['pushPlate', 45, 42, 48],
    ['pull', 42, 36, 45],
    ['bar', 42, 38, 44],
    ['roller', 45, 34, 48],
    ['viewer', 60, 43, 60],
  ],
  inches,
);

const BRITISH_HEIGHTS = heightTable(
  [
    ['lock', 1000, 900, 1050],
    // About a third of the height; accessible not above 1050.
    ['deadbolt', 700, 600, 1050],
    ['nightLatch', 1200, 1200, 1500],
    ['exit', 1000, 900, 1100],
    ['pushPlate', 1100, 1000, 1200],
    ['pull', 1100, 1000, 1200],
    ['bar', 1000, 900, 1100],
    ['roller', 1000, 1000, 1050],
    ['viewer', 1500, 1200, 1500],
  ],
  mm,
);

export const CONTINENTAL_HEIGHTS = heightTable(
  [
    ['lock', 1050, 850, 1050],
    ['deadbolt', 1050, 850, 1350],
    ['nightLatch', 1200, 1050, 1500],
    ['exit', 1050, 900, 1100],
    ['pushPlate', 1050, 900, 1200],
    ['pull', 1050, 900, 1200],
    ['bar', 1050, 900, 1100],
    ['roller', 1000, 1000, 1050],
    ['viewer', 1500, 1200, 1500],
  ],
  mm,
);

export const AUSTRALASIAN_HEIGHTS = heightTable(
  [
    ['lock', 1000, 900, 1100],
    ['deadbolt', 1150, 1100, 1350],
    ['nightLatch', 1150, 1050, 1500],
    ['exit', 1000, 900, 1100],
    ['pushPlate', 1000, 900, 1200],
    ['pull', 1000, 900, 1200],
    ['bar', 1000, 900, 1100],
    ['roller', 1000, 1000, 1050],
    ['viewer', 1500, 1200, 1500],
  ],
  mm,
);

const HEIGHTS = `${TRADE}: above the finished floor`;

/** The figures of locks in inches; the residential practice sets its own beside. */
export const US_SECURING: SecuringValues = {
  heights: sourced(US_COMMERCIAL_HEIGHTS, 'length', HEIGHTS, 'preference'),
  reach: sourced({ from: inches(34), to: inches(48) }, 'length', 'ADA 404.2.7', 'limit'),
  escape: sourced({ from: inches(34), to: inches(48) }, 'length', 'IBC 1010: 34 to 48 in', 'limit'),
  backsets: sourced([2.375, 2.75, 3.75, 5].map(inches), 'length', `${TRADE}: made backsets`),
  narrowBacksets: sourced(
    [15 / 16, 31 / 32, 1.125, 1.5].map(inches),
    'length',
    `${TRADE}: narrow aluminium stiles`,
  ),
  lockUsual: sourced('cylindrical', 'term', `${TRADE}: commercial`, 'preference'),
  lockHighUse: sourced('mortise', 'term', `${TRADE}: heavy use`, 'preference'),
  trimMargin: sourced(inches(0.375), 'length', `${TRADE}: beyond the trim`, 'limit'),
  caseMargin: sourced(inches(0.5), 'length', `${TRADE}: behind the case`, 'limit'),
  caseSkin: sourced(inches(0.375), 'length', `${TRADE}: each side of a case in timber`, 'limit'),
  fingerRoom: sourced(inches(1), 'length', `${TRADE}: grip to stop`, 'limit'),
  boredLeaf: sourced(
    { from: inches(1.375), to: inches(2) },
    'length',
    `${TRADE}: commercial to 2 in, kits beyond`,
    'limit',
  ),
  lockBlocking: sourced(inches(5), 'length', `${TRADE}: lock block of a flush leaf, typical`),
  throws: sourced(
    {
      bored: pair(inches, 0.5, 1),
      mortise: pair(inches, 0.75, 1),
      rim: pair(inches, 0.625, 1),
      exit: pair(inches, 0.75, 0),
      sliding: pair(inches, 0, 0.75),
    },
    'length',
    `${TRADE}: typical; the maker's figure decides`,
  ),
  latchWarn: sourced(inches(0.375), 'length', `${TRADE}: latch in the strike`, 'preference'),
  latchLeast: sourced(inches(0.25), 'length', `${TRADE}: latch in the strike`, 'limit'),
  boltWarn: sourced(inches(0.625), 'length', `${TRADE}: dead bolt in the strike`, 'preference'),
  ratedPairThrow: sourced(inches(0.75), 'length', `${TRADE}: 5/8 or 3/4 in, as listed`, 'limit'),
  latchOffset: sourced(
    0,
    'length',
    `${TRADE}: heights are told to the latch; the product's own decides`,
  ),
  latchBolt: sourced(inches(0.5), 'length', `${TRADE}: typical`),
  deadLatchPin: sourced(inches(0.1875), 'length', `${TRADE}: typical`),
  stopPlay: sourced(
    { none: 0, silencer: inches(1 / 16), seal: inches(1 / 8) },
    'length',
    `${TRADE}: silencer or seal 1/16 to 1/8 in`,
  ),
  jambBeyond: sourced(
    { steel: inches(1 / 8), timber: inches(1 / 16) },
    'length',
    `${TRADE}: 1 15/16 in rabbets for 1 3/4 in leaves`,
  ),
  strikes: sourced(
    {
      bored: plate(inches, 2.75, 1.125, 1 / 16, 0.25),
      mortise: plate(inches, 4.875, 1.25, 3 / 32, 0),
      long: plate(inches, 4.875, 1.25, 3 / 32, 0),
      rim: plate(inches, 3.5, 1, 0.125, 0),
      keep: plate(inches, 6, 0.9375, 3 / 32, 0),
    },
    'length',
    'ANSI/BHMA A115 cut-outs; typical',
  ),
  lipPast: sourced(inches(0.25), 'length', `${TRADE}: beyond the jamb`),
  lipStep: sourced(inches(0.125), 'length', `${TRADE}: made lips`),
  holeBeyond: sourced(inches(0.125), 'length', `${TRADE}: beyond the bolt`),
  strikeSpare: sourced(inches(1 / 32), 'length', `${TRADE}: 1/32 to 1/16 in`),
  strikeTolerance: sourced(inches(1 / 16), 'length', TRADE, 'limit'),
  strikeScrew: sourced(inches(3), 'length', `${TRADE}: into the stud, entrance doors`),
  cylinderStep: sourced(mm(5), 'length', `${TRADE}: made halves`),
  cylinderLeast: sourced(mm(30), 'length', `${TRADE}: shortest made half`),
  cylinderProud: sourced(mm(3), 'length', `${TRADE}: out of its plate, outside`, 'limit'),
  plateThickness: sourced(inches(0.375), 'length', `${TRADE}: rose or plate, typical`),
  mortiseCylinders: sourced(
    [1, 1.125, 1.25, 1.375, 1.5, 1.75, 2].map(inches),
    'length',
    `${TRADE}: made lengths`,
  ),
  cylinderInto: sourced(inches(0.75), 'length', `${TRADE}: thread in the case, typical`),
  spindleGrip: sourced(inches(0.75), 'length', `${TRADE}: into each handle, typical`),
  screwStep: sourced(inches(0.25), 'length', `${TRADE}: made lengths`),
  flushBoltReach: sourced(inches(12), 'length', `${TRADE}: lever to the end`),
  flushBoltLever: sourced(inches(78), 'length', `${TRADE}: longer rods above 7 ft 6 in`),
  barLengths: sourced([36, 48].map(inches), 'length', `${TRADE}: made bars, cut to the leaf`),
  barMargin: sourced(inches(2), 'length', `${TRADE}: typical`),
  panicFrom: sourced(50, 'count', 'IBC 1010.1.2.1: 50 or more people', 'limit'),
  fronts: sourced(
    { bored: plate(inches, 2.25, 1, 0.125, 0.25), pocket: plate(inches, 2, 1.25, 0.21875, 0) },
    'length',
    `${TRADE}: 2 1/4 × 1 and 8 × 1 1/4 in`,
  ),
  pilots: sourced(
    {
      front: inches(3 / 32),
      strike: inches(3 / 32),
      strikeLong: inches(1 / 8),
      surface: inches(1 / 8),
    },
    'length',
    `${TRADE}: in hardwood one size more`,
  ),
  faceHoles: sourced(
    { spindle: inches(0.875), key: inches(1.25), profile: inches(0.75) },
    'length',
    `${TRADE}: typical; the maker's template decides`,
  ),
  centres: sourced(
    { mortise: inches(2.5), profile: mm(72), sash: mm(57) },
    'length',
    `${TRADE}: spindle to key; profile 72 inside, 92 entrance`,
  ),
  bitStep: sourced(inches(1 / 16), 'length', `${TRADE}: made bits`),
  pocketOver: sourced(inches(1 / 16), 'length', `${TRADE}: bit over the case, 1 to 2 mm`),
};

/** The figures of locks that the metric schools share. */
export const METRIC_SECURING: SecuringValues = {
  ...US_SECURING,
  heights: sourced(BRITISH_HEIGHTS, 'length', HEIGHTS, 'preference'),
  reach: sourced({ from: mm(800), to: mm(1050) }, 'length', 'national guidance', 'limit'),
  escape: sourced({ from: mm(900), to: mm(1100) }, 'length', 'EN 179, EN 1125', 'limit'),
  backsets: sourced([44, 57].map(mm), 'length', `${TRADE}: British made backsets`),
  narrowBacksets: sourced([24, 25, 28, 35].map(mm), 'length', `${TRADE}: narrow metal stiles`),
  lockUsual: sourced('sash', 'term', TRADE, 'preference'),
  lockHighUse: sourced('sash', 'term', TRADE, 'preference'),
  trimMargin: sourced(mm(10), 'length', `${TRADE}: beyond the trim`, 'limit'),
  caseMargin: sourced(mm(12), 'length', `${TRADE}: behind the case`, 'limit'),
  caseSkin: sourced(mm(10), 'length', `${TRADE}: each side of a case in timber`, 'limit'),
  fingerRoom: sourced(mm(25), 'length', `${TRADE}: grip to stop`, 'limit'),
  boredLeaf: sourced({ from: mm(35), to: mm(50) }, 'length', `${TRADE}: kits beyond`, 'limit'),
  lockBlocking: sourced(mm(125), 'length', `${TRADE}: lock block of a flush leaf, typical`),
  throws: sourced(
    {
      bored: pair(mm, 12, 25),
      mortise: pair(mm, 12, 20),
      rim: pair(mm, 16, 22),
      exit: pair(mm, 19, 0),
      sliding: pair(mm, 0, 18),
    },
    'length',
    `${TRADE}: typical; the maker's figure decides`,
  ),
  latchWarn: sourced(mm(8), 'length', `${TRADE}: of a 12 mm latch in the strike`, 'preference'),
  latchLeast: sourced(mm(6), 'length', `${TRADE}: latch in the strike`, 'limit'),
  boltWarn: sourced(mm(15), 'length', `${TRADE}: dead bolt in the strike`, 'preference'),
  ratedPairThrow: sourced(mm(10), 'length', 'as tested (EN 1634)', 'limit'),
  latchBolt: sourced(mm(12), 'length', `${TRADE}: typical`),
  deadLatchPin: sourced(mm(5), 'length', `${TRADE}: typical`),
  stopPlay: sourced(
    { none: 0, silencer: mm(1.5), seal: mm(3) },
    'length',
    `${TRADE}: silencer or seal 1.5 to 3 mm`,
  ),
  jambBeyond: sourced({ steel: mm(2), timber: mm(1) }, 'length', `${TRADE}: typical`),
  strikes: sourced(
    {
      bored: plate(mm, 57, 25, 2, 0),
      mortise: plate(mm, 170, 24, 3, 0),
      long: plate(mm, 235, 24, 3, 0),
      rim: plate(mm, 75, 25, 3, 0),
      keep: plate(mm, 150, 24, 2, 0),
    },
    'length',
    `${TRADE}: 20 or 24 × 170 to 235 mm`,
  ),
  lipPast: sourced(mm(6), 'length', `${TRADE}: beyond the jamb`),
  lipStep: sourced(mm(1), 'length', `${TRADE}: made lips`),
  holeBeyond: sourced(mm(3), 'length', `${TRADE}: beyond the bolt`),
  strikeSpare: sourced(mm(1), 'length', `${TRADE}: 0.8 to 1.6 mm`),
  strikeTolerance: sourced(mm(1.5), 'length', TRADE, 'limit'),
  strikeScrew: sourced(mm(75), 'length', `${TRADE}: into the stud, entrance doors`),
  plateThickness: sourced(mm(8), 'length', `${TRADE}: rose or plate, typical`),
  mortiseCylinders: sourced([25, 28, 32, 35, 38, 45, 50].map(mm), 'length', `${TRADE}: made`),
  cylinderInto: sourced(mm(19), 'length', `${TRADE}: thread in the case, typical`),
  spindleGrip: sourced(mm(20), 'length', `${TRADE}: into each handle, typical`),
  screwStep: sourced(mm(5), 'length', `${TRADE}: made lengths`),
  flushBoltReach: sourced(mm(300), 'length', `${TRADE}: lever to the end`),
  flushBoltLever: sourced(mm(1980), 'length', `${TRADE}: longer rods above 2285 mm`),
  barLengths: sourced([900, 1200].map(mm), 'length', `${TRADE}: made bars, cut to the leaf`),
  barMargin: sourced(mm(50), 'length', `${TRADE}: typical`),
  panicFrom: sourced(
    61,
    'count',
    'Approved Document B: more than 60 people; national rule',
    'limit',
  ),
  fronts: sourced(
    { bored: plate(mm, 57, 25, 3, 6), pocket: plate(mm, 70, 24, 3, 0) },
    'length',
    `${TRADE}: 20 or 24 × 235 mm, typical`,
  ),
  pilots: sourced(
    { front: mm(2.5), strike: mm(2.5), strikeLong: mm(3.5), surface: mm(3) },
    'length',
    `${TRADE}: in hardwood one size more`,
  ),
  faceHoles: sourced(
    { spindle: mm(20), key: mm(32), profile: mm(17) },
    'length',
    `${TRADE}: typical; the maker's template decides`,
  ),
  centres: sourced(
    { mortise: mm(64), profile: mm(72), sash: mm(57) },
    'length',
    `${TRADE}: spindle to key; profile 72 inside, 92 entrance`,
  ),
  bitStep: sourced(mm(1), 'length', `${TRADE}: made bits`),
  pocketOver: sourced(mm(1.5), 'length', `${TRADE}: bit over the case, 1 to 2 mm`),
};
