import { GRAMS_PER_POUND, inches, mm, TICKS_PER_INCH, wholeDown } from '../measure/index.js';
import { METRIC_BODIES, US_BODIES } from './bodies.js';
import { METRIC_SECURING, US_SECURING } from './securing.js';
import { sourced, TRADE } from './sourced.js';
import type { CarriedRow, NominalSize, BaseValues, SurfaceMass, UseClass } from './types.js';
import type { Sourced } from './sourcedValue.js';

export { sourced, TRADE };

const SQUARE_FOOT = 0.09290304;

/** Pounds as whole grams, as masses are stored. */
function pounds(value: number): number {
  return Math.round(value * GRAMS_PER_POUND);
}

/** Pounds per square foot at a thickness to grams per square metre. */
function psf(pounds: number, thicknessInches: number, scales: boolean): SurfaceMass {
  return {
    gramsPerSquareMetre: (pounds * GRAMS_PER_POUND) / SQUARE_FOOT,
    at: inches(thicknessInches),
    scales,
  };
}

/** `36 × 84` becomes the code 3070. */
function usNominal(width: number, height: number): NominalSize {
  const code = (value: number) => `${wholeDown(value / 12)}${value % 12}`;
  const long = width % 12 > 9 || height % 12 > 9;
  const name = long
    ? `${wholeDown(width / 12)}-${width % 12} x ${wholeDown(height / 12)}-${height % 12}`
    : code(width) + code(height);
  return { name, width: width * TICKS_PER_INCH, height: height * TICKS_PER_INCH };
}

export function metricNominals(widths: number[], heights: number[]): NominalSize[] {
  return heights.flatMap((height) =>
    widths.map((width) => ({ name: `${width} × ${height}`, width: mm(width), height: mm(height) })),
  );
}

type Corner = BaseValues['corner']['value'];

/** Masses that a number of hinges carry together, in grams. */
function carried(...rows: [count: number, toMass: number][]): Sourced<CarriedRow[]> {
  return sourced(
    rows.map(([count, toMass]) => ({ count, toMass })),
    'table',
    `${TRADE}: typical, the maker's figure decides`,
    'limit',
  );
}

/** Walls that follow no module. */
const NO_MODULE = sourced(
  { step: 0, wall: 0, leaf: 0 },
  'length',
  `${TRADE}: walls follow no module`,
);

const trim = (hinge: number, head: number, lock: number, bottom: number) => ({
  hinge: mm(hinge),
  head: mm(head),
  lock: mm(lock),
  bottom: mm(bottom),
});
const UNCUT = trim(0, 0, 0, 0);

/** What does not differ between the schools; each practice spreads this and overrides its own. */
const COMMON = {
  lockBevel: sourced(3.5, 'angle', 'trade practice: 1/8 in in 2 in', 'default'),
  surfaceMasses: sourced(
    {
      'steel-honeycomb-18': psf(5.2, 1.75, false),
      'steel-honeycomb-16': psf(6.3, 1.75, false),
      'steel-honeycomb-14': psf(7.5, 1.75, false),
      'steel-stiffened-16': psf(7.8, 1.75, false),
      'timber-particle': psf(5.0, 1.75, true),
      // Röhrenspan: about 25 kg for a room leaf of 860 × 1985 × 40.
      'timber-tubular': { gramsPerSquareMetre: 15_000, at: mm(40), scales: true },
      'timber-stave': psf(4.5, 1.75, true),
      'timber-mineral': psf(4.8, 1.75, true),
      'timber-panelled-softwood': psf(3.0, 1.75, true),
      'timber-panelled-hardwood': psf(4.0, 1.75, true),
      'timber-hollow': psf(1.6, 1.375, false),
      'aluminium-narrow': psf(1.9, 1.75, false),
      glass: { gramsPerSquareMetre: 0, at: mm(1), scales: false },
    },
    'table',
    `${TRADE}: typical surface masses`,
    'default',
  ),
  trimLimits: sourced(
    {
      'steel-honeycomb-18': UNCUT,
      'steel-honeycomb-16': UNCUT,
      'steel-honeycomb-14': UNCUT,
      'steel-stiffened-16': UNCUT,
      'timber-particle': trim(6, 6, 6, 12),
      'timber-tubular': trim(6, 6, 6, 12),
      'timber-stave': trim(6, 6, 6, 19),
      'timber-mineral': trim(3, 3, 3, 6),
      'timber-panelled-softwood': trim(10, 10, 10, 25),
      'timber-panelled-hardwood': trim(10, 10, 10, 25),
      'timber-hollow': trim(5, 6, 5, 12),
      'aluminium-narrow': UNCUT,
      glass: UNCUT,
    },
    'table',
    `${TRADE}: typical; the leaf maker decides`,
    'limit',
  ),
  sawFrom: sourced(mm(6), 'length', `${TRADE}: saw above 6 mm, plane below`, 'preference'),
  movementFlat: sourced(0.0025, 'ratio', 'timber movement tables: flat-sawn, per 1 % moisture'),
  movementQuarter: sourced(
    0.0015,
    'ratio',
    'timber movement tables: quarter-sawn, per 1 % moisture',
  ),
  boardWidth: sourced(
    mm(125),
    'length',
    `${TRADE}: boards of 100 to 150 mm, each moves in its own joints`,
  ),
  moistureSwing: sourced(4, 'count', `${TRADE}: per cent, outside leaf, typical`),
  usualGlass: sourced(
    { pane: mm(6), unit: mm(12) },
    'length',
    `${TRADE}: 6 mm toughened; outside sealed units, of two panes together`,
    'default',
  ),
  glassPerMm: sourced(2500, 'surface mass', 'glass: 2.5 kg/m² per mm', 'default'),
  highUse: sourced(400, 'count', `${TRADE}: passages a day`, 'preference'),
  mediumUse: sourced(40, 'count', `${TRADE}: passages a day`, 'preference'),
  closerRaise: sourced(0.2, 'ratio', 'EN 1935 grading practice', 'default'),
  backCheckRaise: sourced(0.75, 'ratio', 'EN 1935 grading practice', 'default'),
  grades: sourced(
    [
      { grade: 7, toMass: 40_000 },
      { grade: 11, toMass: 80_000 },
      { grade: 12, toMass: 100_000 },
      { grade: 13, toMass: 120_000 },
      { grade: 14, toMass: 160_000 },
    ],
    'table',
    'EN 1935',
    'limit',
  ),
  liftAlone: sourced(25_000, 'mass', 'manual handling practice', 'limit'),
  countThreeAlways: sourced(false as boolean, 'term', TRADE, 'preference'),
  assumedUse: sourced('medium' as UseClass, 'term', 'practice default while use is not recorded'),
} satisfies Partial<BaseValues>;

/** The US figures of the trade, shared by the commercial and the residential practice. */
export const US = {
  ...COMMON,
  ...US_SECURING,
  continuousHingeGap: sourced(inches(5 / 16), 'length', `${TRADE}: geared hinge, typical`),
  ratedGapLimitTimber: sourced(inches(1 / 8), 'length', 'NFPA 80', 'limit'),
  ratedGapLimitSteel: sourced(inches(3 / 16), 'length', 'NFPA 80: 1/8 ± 1/16 in', 'limit'),
  ratedUndercutLimit: sourced(inches(3 / 4), 'length', 'NFPA 80, or the listing', 'limit'),
  rebate: sourced(inches(1 / 2), 'length', `${TRADE}, typical`),
  stableGap: sourced(inches(1 / 8), 'length', TRADE),
  stableDivision: sourced(inches(42), 'length', `${TRADE}, typical`),
  slidingOverlap: sourced(inches(1), 'length', `${TRADE}, typical`),
  slidingUndercut: sourced(inches(1 / 2), 'length', `${TRADE}, typical`),
  floorRiseClearance: sourced(inches(1 / 8), 'length', TRADE, 'preference'),
  stopWidth: sourced(inches(5 / 8), 'length', `${TRADE}, typical`),
  steelFrameFace: sourced(inches(2), 'length', `${TRADE}: 2 in faces typical`),
  timberJamb: sourced(inches(3 / 4), 'length', TRADE),
  packingSteel: sourced(inches(3 / 16), 'length', `${TRADE}: 1/4 to 1/2 in in all`),
  packingTimber: sourced(inches(3 / 8), 'length', `${TRADE}: 1/2 to 1 in in all`),
  clearWidth: sourced(inches(32), 'length', 'ADA 404.2.3', 'limit'),
  nominalSizes: sourced(
    [80, 84, 86, 94, 96].flatMap((height) =>
      [24, 26, 28, 30, 32, 34, 36, 40, 42, 44, 46, 48, 60, 64, 68, 72, 84, 96].map((width) =>
        usNominal(width, height),
      ),
    ),
    'table',
    `${TRADE}: named by the frame opening`,
  ),
  nominalNames: sourced('frame opening' as 'frame opening' | 'leaf', 'term', TRADE),
  wallModule: NO_MODULE,
  nominalLeast: sourced(inches(1 / 16), 'length', TRADE),
  nominalMost: sourced(inches(3 / 4), 'length', TRADE),
  hardwareAllowance: sourced(pounds(10), 'mass', `${TRADE}: allowance for hardware`),
  heavyMass: sourced(pounds(200), 'mass', `${TRADE}: typical`, 'preference'),
  heavyWidth: sourced(
    inches(36),
    'length',
    `${TRADE}: wider, 1 3/4 in thick or more`,
    'preference',
  ),
  butts: sourced(
    (
      [
        [9 / 8, 36, 3],
        [11 / 8, 32, 3.5],
        [11 / 8, 37, 4],
        [14 / 8, 36, 4.5],
        [14 / 8, 48, 5],
        [14 / 8, 1200, 6],
        [20 / 8, 42, 5, true],
        [20 / 8, 1200, 6, true],
      ] as [number, number, number, boolean?][]
    ).map(([thickness, width, height, heavy]) => ({
      toThickness: inches(thickness),
      toWidth: inches(width),
      height: inches(height),
      heavy: heavy ?? false,
    })),
    'table',
    'ANSI/BHMA A156.1 sizing practice',
    'preference',
  ),
  hingeWidths: sourced([3.5, 4, 4.5, 5, 6, 7, 8].map(inches), 'table', `${TRADE}: made widths`),
  setBack: sourced(inches(1 / 4), 'length', TRADE),
  setBackThick: sourced(inches(3 / 8), 'length', `${TRADE}: from 2 1/4 in thickness`),
  setBackThickFrom: sourced(inches(9 / 4), 'length', TRADE),
  trimAllowance: sourced(inches(1 / 8), 'length', TRADE),
  leastClearance: sourced(inches(1), 'length', `${TRADE}: on 1 3/4 in leaves`, 'preference'),
  counts: sourced(
    [
      { toHeight: inches(60), count: 2 },
      { toHeight: inches(90), count: 3 },
      { toHeight: inches(120), count: 4 },
    ],
    'table',
    `${TRADE}; NFPA 80 for rated leaves`,
    'preference',
  ),
  countStep: sourced(
    inches(30),
    'length',
    `${TRADE}: one more for each 30 in or part`,
    'preference',
  ),
  countWideFrom: sourced(inches(48), 'length', TRADE, 'preference'),
  massCarried: sourced(
    { standard: pounds(200), heavy: pounds(285) },
    'mass',
    `${TRADE}: typical, the maker's figure decides`,
  ),
  recess: sourced({ standard: inches(0.134), heavy: inches(0.18) }, 'length', `${TRADE}: typical`),
  patterns: sourced(
    [
      {
        id: 'us-steel',
        top: { from: 'frame-head', to: 'edge', distance: inches(5) },
        bottom: { from: 'floor', to: 'edge', distance: inches(10) },
        rest: 'equal',
      },
      {
        id: 'us-timber-7-11',
        top: { from: 'leaf-top', to: 'edge', distance: inches(7) },
        bottom: { from: 'leaf-bottom', to: 'edge', distance: inches(11) },
        rest: 'equal',
      },
      {
        id: 'us-timber-7-11-high',
        top: { from: 'leaf-top', to: 'edge', distance: inches(7) },
        bottom: { from: 'leaf-bottom', to: 'edge', distance: inches(11) },
        rest: 'high',
        highDistance: inches(8),
      },
    ],
    'table',
    TRADE,
    'preference',
  ),
  patternSteel: sourced('us-steel', 'term', TRADE),
  patternTimber: sourced('us-timber-7-11', 'term', TRADE),
  surveyTolerance: sourced(inches(1 / 8), 'length', TRADE, 'preference'),
  stileWidth: sourced(inches(4.5), 'length', `${TRADE}, typical`),
  mullionWidth: sourced(inches(2), 'length', `${TRADE}: removable mullion, typical`),
  boardAllowance: sourced(inches(1 / 16), 'length', `${TRADE}: measure the board's edge`),
  handleProjection: sourced(inches(2.75), 'length', `${TRADE}: lever, typical`),
  handleInset: sourced(inches(2.75), 'length', `${TRADE}: backset, typical`),
  hingeFit: sourced(inches(1 / 32), 'length', TRADE, 'limit'),
  hingeEase: sourced(inches(1 / 16), 'length', TRADE, 'limit'),
  offsetPivotOut: sourced(inches(3 / 4), 'length', `${TRADE}: 3/4 in offset, typical`),
  centrePivotIn: sourced(inches(2.75), 'length', `${TRADE}: typical`),
  continuousBarrel: sourced(inches(1 / 4), 'length', `${TRADE}: geared hinge, typical`),
  swingClearOut: sourced(inches(1 / 4), 'length', `${TRADE}, typical`),
  concealedAxisOut: sourced(
    inches(1 / 8),
    'length',
    `${TRADE}: typical, the maker's figure decides`,
  ),
  concealedMasses: carried([2, pounds(88)], [3, pounds(132)], [4, pounds(176)]),
  adjustableMasses: carried([2, pounds(176)], [3, pounds(264)], [4, pounds(350)]),
  concealedLeaf: sourced(
    inches(1.375),
    'length',
    `${TRADE}: typical, the maker's figure decides`,
    'limit',
  ),
  adjustableLeaf: sourced(
    inches(1.5625),
    'length',
    `${TRADE}: typical, the maker's figure decides`,
    'limit',
  ),
  concealedJamb: sourced(inches(1.25), 'length', `${TRADE}: recess and backing, typical`, 'limit'),
  adjustableJamb: sourced(inches(1.75), 'length', `${TRADE}: recess and backing, typical`, 'limit'),
  springMass: sourced(pounds(85), 'mass', `${TRADE}: two springs, light leaf`, 'limit'),
  springCount: sourced(2, 'count', TRADE),
  longScrewMass: sourced(pounds(100), 'mass', TRADE, 'preference'),
  longScrew: sourced(inches(3), 'length', TRADE),
  corner: sourced('square' as Corner, 'term', `${TRADE}: template hinges`),
  floorCase: sourced(
    inches(2),
    'length',
    `${TRADE}: cement case of a floor-set foot, typical`,
    'limit',
  ),
  liftOut: sourced(inches(5 / 8), 'length', `${TRADE}: typical`),
  topRail: sourced(inches(4.5), 'length', `${TRADE}, typical`),
  midRail: sourced(inches(8), 'length', `${TRADE}, typical`),
  midRailAt: sourced(
    inches(34),
    'length',
    `${TRADE}: its lower edge above the leaf's bottom, typical`,
  ),
  bottomRail: sourced(inches(9.5), 'length', `${TRADE}, typical; 10 in for accessible push sides`),
  narrowStile: sourced(inches(2.125), 'length', `${TRADE}: narrow-stile aluminium, typical`),
  leastSkin: sourced(inches(1 / 8), 'length', TRADE, 'limit'),
  bodies: sourced(US_BODIES, 'length', `${TRADE}: typical; the maker's template decides`),
  backset: sourced(inches(2.75), 'length', `${TRADE}: commercial`),
  lockHeight: sourced(inches(40 + 5 / 16), 'length', `${TRADE}: strike centre above the floor`),
  plateMargin: sourced(inches(1), 'length', `${TRADE}: leaf less 2 in`),
} satisfies Partial<BaseValues>;

/** Figures that the three metric schools share. */
export const METRIC = {
  ...COMMON,
  ...METRIC_SECURING,
  continuousHingeGap: sourced(mm(8), 'length', `${TRADE}: geared hinge, typical`),
  ratedGapLimitTimber: sourced(
    mm(4),
    'length',
    'EN 1634 test evidence, typical: 3 ± 1 mm',
    'limit',
  ),
  ratedGapLimitSteel: sourced(mm(4), 'length', 'EN 1634 test evidence, typical', 'limit'),
  ratedUndercutLimit: sourced(
    mm(10),
    'length',
    'test evidence: 8 to 10 mm; 3 mm with smoke seal',
    'limit',
  ),
  rebate: sourced(mm(13), 'length', `${TRADE}, typical`),
  stableGap: sourced(mm(3), 'length', TRADE),
  stableDivision: sourced(mm(1100), 'length', `${TRADE}, typical`),
  slidingOverlap: sourced(mm(25), 'length', `${TRADE}, typical`),
  slidingUndercut: sourced(mm(10), 'length', `${TRADE}, typical`),
  floorRiseClearance: sourced(mm(3), 'length', TRADE, 'preference'),
  stopWidth: sourced(mm(16), 'length', `${TRADE}, typical`),
  steelFrameFace: sourced(mm(50), 'length', `${TRADE}, typical`),
  timberJamb: sourced(mm(32), 'length', `${TRADE}: 12 to 38 mm`),
  packingSteel: sourced(mm(10), 'length', `${TRADE}: 5 to 10 mm`),
  packingTimber: sourced(mm(10), 'length', `${TRADE}: 5 to 10 mm`),
  clearWidth: sourced(mm(800), 'length', 'national guidance: 800 to 850 mm by use', 'limit'),
  nominalNames: sourced('leaf' as 'frame opening' | 'leaf', 'term', TRADE),
  wallModule: NO_MODULE,
  nominalLeast: sourced(mm(-3), 'length', TRADE),
  nominalMost: sourced(mm(3), 'length', TRADE),
  hardwareAllowance: sourced(4000, 'mass', `${TRADE}: allowance for hardware`),
  heavyMass: sourced(90_000, 'mass', `${TRADE}: typical`, 'preference'),
  heavyWidth: sourced(mm(950), 'length', TRADE, 'preference'),
  butts: sourced(
    [
      { toThickness: mm(35), toWidth: mm(950), toMass: 25_000, height: mm(76) },
      { toThickness: mm(35), toWidth: mm(950), toMass: 45_000, height: mm(100) },
      { toThickness: mm(45), toWidth: mm(950), toMass: 80_000, height: mm(102) },
      { toThickness: mm(45), toWidth: mm(950), toMass: 120_000, height: mm(120) },
      { toThickness: mm(70), toWidth: mm(3000), height: mm(127), heavy: true },
    ],
    'table',
    `${TRADE}: 76 or 100 to 35 mm, 102 to 44 mm, 120 or 127 heavier or wider than 950`,
    'preference',
  ),
  hingeWidths: sourced([67, 76, 89, 102, 127, 152].map(mm), 'table', `${TRADE}: made widths`),
  setBack: sourced(mm(6), 'length', TRADE),
  setBackThick: sourced(mm(10), 'length', `${TRADE}: from 57 mm thickness`),
  setBackThickFrom: sourced(mm(57), 'length', TRADE),
  trimAllowance: sourced(mm(3), 'length', TRADE),
  leastClearance: sourced(
    mm(0),
    'length',
    `${TRADE}: the knuckle stands proud by itself`,
    'preference',
  ),
  counts: sourced(
    [
      { toHeight: mm(2250), count: 3 },
      { toHeight: mm(3000), count: 4 },
    ],
    'table',
    `${TRADE}: 3 in new work, 4 above 2250 mm`,
    'preference',
  ),
  countStep: sourced(mm(750), 'length', TRADE, 'preference'),
  countWideFrom: sourced(mm(1220), 'length', TRADE, 'preference'),
  countThreeAlways: sourced(true as boolean, 'term', TRADE, 'preference'),
  massCarried: sourced(
    { standard: 90_000, heavy: 120_000 },
    'mass',
    'EN 1935 grade 14; the maker decides',
  ),
  recess: sourced({ standard: mm(2.5), heavy: mm(3) }, 'length', `${TRADE}: typical`),
  surveyTolerance: sourced(mm(3), 'length', TRADE, 'preference'),
  stileWidth: sourced(mm(114), 'length', `${TRADE}, typical`),
  mullionWidth: sourced(mm(50), 'length', `${TRADE}: removable mullion, typical`),
  boardAllowance: sourced(mm(2), 'length', `${TRADE}: measure the board's edge`),
  handleProjection: sourced(mm(65), 'length', `${TRADE}: lever, typical`),
  handleInset: sourced(mm(60), 'length', `${TRADE}: backset, typical`),
  hingeFit: sourced(mm(0.8), 'length', TRADE, 'limit'),
  hingeEase: sourced(mm(1.6), 'length', TRADE, 'limit'),
  offsetPivotOut: sourced(mm(19), 'length', `${TRADE}: 19 mm offset, typical`),
  centrePivotIn: sourced(mm(70), 'length', `${TRADE}: typical`),
  continuousBarrel: sourced(mm(6), 'length', `${TRADE}: geared hinge, typical`),
  swingClearOut: sourced(mm(6), 'length', `${TRADE}, typical`),
  concealedAxisOut: sourced(mm(3), 'length', `${TRADE}: typical, the maker's figure decides`),
  concealedMasses: carried([2, 40_000], [3, 60_000], [4, 80_000]),
  adjustableMasses: carried([2, 80_000], [3, 120_000], [4, 160_000]),
  concealedLeaf: sourced(
    mm(35),
    'length',
    `${TRADE}: typical, the maker's figure decides`,
    'limit',
  ),
  adjustableLeaf: sourced(
    mm(40),
    'length',
    `${TRADE}: typical, the maker's figure decides`,
    'limit',
  ),
  concealedJamb: sourced(mm(32), 'length', `${TRADE}: recess and backing, typical`, 'limit'),
  adjustableJamb: sourced(mm(44), 'length', `${TRADE}: recess and backing, typical`, 'limit'),
  springMass: sourced(40_000, 'mass', `${TRADE}: two springs, light leaf`, 'limit'),
  springCount: sourced(2, 'count', TRADE),
  longScrewMass: sourced(45_000, 'mass', TRADE, 'preference'),
  longScrew: sourced(mm(75), 'length', TRADE),
  corner: sourced('square' as Corner, 'term', TRADE),
  floorCase: sourced(
    mm(50),
    'length',
    `${TRADE}: cement case of a floor-set foot, typical`,
    'limit',
  ),
  liftOut: sourced(mm(16), 'length', `${TRADE}: typical`),
  topRail: sourced(mm(114), 'length', `${TRADE}, typical`),
  midRail: sourced(mm(200), 'length', `${TRADE}, typical`),
  midRailAt: sourced(
    mm(860),
    'length',
    `${TRADE}: its lower edge above the leaf's bottom, typical`,
  ),
  bottomRail: sourced(mm(230), 'length', `${TRADE}, typical`),
  narrowStile: sourced(mm(54), 'length', `${TRADE}: narrow-stile aluminium, typical`),
  leastSkin: sourced(mm(4), 'length', TRADE, 'limit'),
  bodies: sourced(METRIC_BODIES, 'length', `${TRADE}: typical; the maker's template decides`),
  backset: sourced(mm(57), 'length', `${TRADE}: British 44 or 57`),
  lockHeight: sourced(mm(1000), 'length', `${TRADE}: middle above the floor`),
  plateMargin: sourced(mm(25), 'length', `${TRADE}: leaf less 50 mm`),
} satisfies Partial<BaseValues>;
