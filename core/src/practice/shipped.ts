import { inches, mm } from '../measure/index.js';
import { AUSTRALASIAN_HEIGHTS, CONTINENTAL_HEIGHTS, US_RESIDENTIAL_HEIGHTS } from './securing.js';
import { METRIC, metricNominals, sourced, TRADE, US } from './shared.js';
import type { Gaps, Practice, PracticeId, BaseValues } from './types.js';
import type { Sourced } from './sourcedValue.js';

/** Gaps in the order of the trade table: hinge, lock, head, meeting, undercut, over a threshold. */
function gaps(figures: [number, number, number, number, number, number]): Sourced<Gaps> {
  const [hinge, lock, head, meeting, undercut, undercutOverThreshold] = figures as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  return sourced({ hinge, lock, head, meeting, undercut, undercutOverThreshold }, 'length', TRADE);
}

const eighth = inches(1 / 8);

const usCommercial: BaseValues = {
  ...US,
  gapsSteel: gaps([eighth, eighth, eighth, eighth, inches(3 / 4), inches(3 / 8)]),
  gapsTimber: gaps([eighth, eighth, eighth, eighth, inches(1 / 2), eighth]),
  leafThickness: sourced(inches(1.75), 'length', TRADE),
};

const usResidential: BaseValues = {
  ...US,
  nominalNames: sourced('leaf', 'term', `${TRADE}: dwellings by the slab, 2-8 × 6-8 is 32 × 80`),
  gapsSteel: gaps([eighth, eighth, eighth, eighth, inches(1 / 2), eighth]),
  gapsTimber: gaps([eighth, eighth, eighth, inches(3 / 16), inches(1 / 2), eighth]),
  leafThickness: sourced(inches(1.375), 'length', TRADE),
  assumedUse: sourced('low', 'term', `${TRADE}: dwelling inside doors 6 to 25 passages a day`),
  leastClearance: sourced(inches(3 / 4), 'length', `${TRADE}: on 1 3/8 in leaves`, 'preference'),
  butts: sourced(
    (
      [
        [11 / 8, 37, 3.5],
        [14 / 8, 37, 4],
        [14 / 8, 48, 4.5],
        [14 / 8, 1200, 5],
        [9 / 4, 1200, 5],
      ] as const
    ).map(([thickness, width, height]) => ({
      toThickness: inches(thickness),
      toWidth: inches(width),
      height: inches(height),
    })),
    'table',
    `${TRADE}: residential, 3 1/2 on inside leaves, 4 on entrances`,
  ),
  corner: sourced('round-five-eighths', 'term', `${TRADE}: routed recesses of prehung leaves`),
  backset: sourced(inches(2.375), 'length', `${TRADE}: residential`),
  lockHeight: sourced(inches(36), 'length', TRADE),
  boredLeaf: {
    ...US.boredLeaf,
    value: { from: inches(1.375), to: inches(1.75) },
    source: `${TRADE}: residential, kits beyond`,
  },
  heights: { ...US.heights, value: US_RESIDENTIAL_HEIGHTS },
  lockUsual: sourced('tubular', 'term', `${TRADE}: residential`, 'preference'),
};

/** Frames in masonry have no stud behind them. */
const IN_MASONRY = sourced(0, 'length', `${TRADE}: walls of masonry`);

const BRITISH_PATTERNS: BaseValues['patterns'] = sourced(
  [
    {
      id: 'british-150-225',
      top: { from: 'leaf-top', to: 'edge', distance: mm(150) },
      bottom: { from: 'leaf-bottom', to: 'edge', distance: mm(225) },
      rest: 'equal',
    },
    {
      id: 'british-150-225-high',
      top: { from: 'leaf-top', to: 'edge', distance: mm(150) },
      bottom: { from: 'leaf-bottom', to: 'edge', distance: mm(225) },
      rest: 'high',
      highDistance: mm(200),
    },
    {
      id: 'british-150-230',
      top: { from: 'leaf-top', to: 'edge', distance: mm(150) },
      bottom: { from: 'leaf-bottom', to: 'edge', distance: mm(230) },
      rest: 'equal',
    },
  ],
  'table',
  `${TRADE}; older work 230`,
  'preference',
);

const british: BaseValues = {
  ...METRIC,
  strikeScrew: IN_MASONRY,
  gapsSteel: gaps([mm(3), mm(3), mm(3), mm(3), mm(8), mm(3)]),
  gapsTimber: gaps([mm(3), mm(3), mm(3), mm(3), mm(8), mm(3)]),
  leafThickness: sourced(mm(44), 'length', `${TRADE}: 44 mm, in dwellings 35`),
  nominalSizes: sourced(
    [
      ...metricNominals([610, 686, 711, 762, 813, 838, 864, 914], [1981]),
      ...metricNominals([526, 626, 726, 826, 926], [2040]),
    ],
    'table',
    `${TRADE}: named by the leaf`,
  ),
  patterns: BRITISH_PATTERNS,
  patternSteel: sourced('british-150-225', 'term', TRADE),
  patternTimber: sourced('british-150-225', 'term', TRADE),
};

/** The same figures, called by what they are called where other codes govern. */
function cited(values: BaseValues, sources: Partial<Record<keyof BaseValues, string>>): BaseValues {
  const named = Object.fromEntries(
    Object.entries(sources).map(([name, source]) => [
      name,
      { ...values[name as keyof BaseValues], source },
    ]),
  );
  return { ...values, ...named };
}

/** What nobody else has a standard for. */
const BY_TRADE = {
  closerRaise: `${TRADE}: a closer’s share of a hinge’s load`,
  backCheckRaise: `${TRADE}: a back check’s share of a hinge’s load`,
  grades: `${TRADE}: hinges by mass`,
};
const CONTINENTAL_SOURCES = {
  ratedPairThrow: 'as tested (EN 1634-1)',
  panicFrom: 'EN 1125; the national rule',
};
const AUSTRALASIAN_SOURCES = {
  ...BY_TRADE,
  ratedGapLimitTimber: 'AS 1905.1: as tested, typical: 3 ± 1 mm',
  ratedGapLimitSteel: 'AS 1905.1: as tested, typical',
  massCarried: `${TRADE}: typical; the maker decides`,
  escape: 'NCC D3D26: 900 to 1100 mm',
  ratedPairThrow: 'as tested (AS 1905.1)',
  panicFrom: 'NCC D3D26: bars by class; the fire strategy',
};
const BRITISH_SOURCES = {
  closerRaise: 'BS EN 1935 grading practice',
  backCheckRaise: 'BS EN 1935 grading practice',
  grades: 'BS EN 1935',
  ratedGapLimitTimber: 'BS EN 1634-1 test evidence, typical: 3 ± 1 mm',
  ratedGapLimitSteel: 'BS EN 1634-1 test evidence, typical',
  massCarried: 'BS EN 1935 grade 14; the maker decides',
  escape: 'BS EN 179, BS EN 1125',
  ratedPairThrow: 'as tested (BS EN 1634-1)',
  panicFrom: 'Approved Document B: more than 60 people',
};

const continental: BaseValues = {
  ...METRIC,
  strikeScrew: IN_MASONRY,
  reach: sourced(
    { from: mm(850), to: mm(1050) },
    'length',
    'DIN 18040-1, 4.3.3: handles at 850 mm, to 1050 in particular cases',
    'limit',
  ),
  backset: sourced(mm(55), 'length', `${TRADE}: 55, 60, 65`),
  backsets: sourced([55, 60, 65, 80].map(mm), 'length', `${TRADE}: made backsets`),
  lockHeight: sourced(mm(1050), 'length', TRADE),
  heights: { ...METRIC.heights, value: CONTINENTAL_HEIGHTS },
  lockUsual: sourced('profile', 'term', `${TRADE}: profile cylinder`, 'preference'),
  lockHighUse: sourced('profile', 'term', `${TRADE}: profile cylinder`, 'preference'),
  gapsSteel: gaps([mm(3.5), mm(3.5), mm(3.5), mm(4), mm(7), mm(3)]),
  gapsTimber: gaps([mm(3.5), mm(3.5), mm(3.5), mm(4), mm(7), mm(3)]),
  leafThickness: sourced(mm(40), 'length', TRADE),
  // 22 mm on each side, face and joint together: a rebate of 841 in an opening of 885, 1983 in 2005.
  steelFrameFace: sourced(mm(12), 'length', 'DIN 18101, DIN 18111: what stands in the opening'),
  timberJamb: sourced(mm(12), 'length', 'DIN 18101: from the rebate to the back of the lining'),
  packingSteel: sourced(mm(10), 'length', 'DIN 18101: 841 in 885'),
  packingTimber: sourced(mm(10), 'length', 'DIN 18101: 841 in 885'),
  wallModule: sourced(
    { step: mm(125), wall: mm(10), leaf: mm(15) },
    'length',
    'DIN 4172, DIN 18100: 875 × 2000 built as 885 × 2005 for a leaf of 860 × 1985',
  ),
  nominalSizes: sourced(
    metricNominals([610, 735, 860, 985, 1110, 1235], [1985, 2110]),
    'table',
    `${TRADE}: named by the leaf`,
  ),
  patterns: sourced(
    [
      {
        id: 'continental-241',
        top: { from: 'frame-head', to: 'centre', distance: mm(241) },
        bottom: { from: 'floor', to: 'centre', distance: mm(307) },
        rest: 'equal',
      },
      {
        id: 'continental-241-high',
        top: { from: 'frame-head', to: 'centre', distance: mm(241) },
        bottom: { from: 'floor', to: 'centre', distance: mm(307) },
        rest: 'high',
        highDistance: mm(250),
      },
    ],
    'table',
    `DIN 18101, DIN 18268: lines 1435 mm apart at 1985, 1560 mm at 2110; the frame maker's pattern decides`,
    'preference',
  ),
  patternSteel: sourced('continental-241', 'term', TRADE),
  patternTimber: sourced('continental-241', 'term', TRADE),
};

const australasian: BaseValues = {
  ...METRIC,
  reach: sourced(
    { from: mm(900), to: mm(1100) },
    'length',
    'AS 1428.1, 13.5: 900 to 1100 mm',
    'limit',
  ),
  backset: sourced(mm(60), 'length', `${TRADE}: 60 or 70`),
  backsets: sourced([60, 70].map(mm), 'length', `${TRADE}: made backsets`),
  heights: { ...METRIC.heights, value: AUSTRALASIAN_HEIGHTS },
  lockUsual: sourced('tubular', 'term', TRADE, 'preference'),
  lockHighUse: sourced('mortise', 'term', TRADE, 'preference'),
  gapsSteel: gaps([mm(3), mm(3), mm(3), mm(3), mm(10), mm(3)]),
  gapsTimber: gaps([mm(3), mm(3), mm(3), mm(3), mm(10), mm(3)]),
  leafThickness: sourced(mm(40), 'length', `${TRADE}: 40 mm, in dwellings 35`),
  clearWidth: sourced(mm(850), 'length', 'national guidance', 'limit'),
  nominalSizes: sourced(
    metricNominals([620, 670, 720, 770, 820, 870, 920], [2040]),
    'table',
    `${TRADE}: named by the leaf`,
  ),
  patterns: BRITISH_PATTERNS,
  patternSteel: sourced('british-150-225', 'term', TRADE),
  patternTimber: sourced('british-150-225', 'term', TRADE),
};

/** The five practices that ship, by id, without the values that stages bring. */
export const BASE_PRACTICES: Record<PracticeId, Omit<Practice, 'values'> & { values: BaseValues }> =
  {
    'us-commercial': {
      id: 'us-commercial',
      base: 'us-commercial',
      editions: {},
      name: 'US commercial',
      system: 'inch',
      region: 'us',
      language: 'us',
      denominator: 16,
      handNames: 'four-hand',
      cites: [],
      values: cited(usCommercial, BY_TRADE),
    },
    'us-residential': {
      id: 'us-residential',
      base: 'us-residential',
      editions: {},
      name: 'US residential',
      system: 'inch',
      region: 'us',
      language: 'us',
      denominator: 16,
      handNames: 'four-hand',
      cites: [],
      values: cited(usResidential, BY_TRADE),
    },
    british: {
      id: 'british',
      base: 'british',
      editions: {},
      name: 'British',
      system: 'metric',
      region: 'british',
      language: 'british',
      denominator: 16,
      handNames: 'knuckle-side',
      cites: [],
      values: cited(british, BRITISH_SOURCES),
    },
    continental: {
      id: 'continental',
      base: 'continental',
      editions: {},
      name: 'German (DIN)',
      system: 'metric',
      region: 'continental',
      language: 'continental',
      denominator: 16,
      handNames: 'knuckle-side',
      cites: [],
      values: cited(continental, CONTINENTAL_SOURCES),
    },
    australasian: {
      id: 'australasian',
      base: 'australasian',
      editions: {},
      name: 'Australian and New Zealand',
      system: 'metric',
      region: 'australasian',
      language: 'australian',
      denominator: 16,
      handNames: 'knuckle-side',
      cites: [],
      values: cited(australasian, AUSTRALASIAN_SOURCES),
    },
  };
