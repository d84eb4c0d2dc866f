import { inches, mm } from '../measure/index.js';
import {
  everywhere,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
  sourcedBy,
  everyRegion,
  type SourceBy,
} from '../practice/index.js';

const METRIC_HEIGHTS = [76, 100, 102, 120, 127];

/** Figures of the trade that the hanging works with, beside the tables that other stages read too. */
/** Grades of hinges on rated leaves. */
const GRADES: SourceBy = {
  us: `${TRADE}: hinges of rated leaves`,
  british: 'BS EN 1935: rated leaves',
  continental: 'EN 1935: rated leaves',
  australasian: `${TRADE}: hinges of rated leaves`,
};

export const HANGING_VALUES = {
  /** From this thickness a wide leaf wants the heavy class. */
  heavyThickness: everywhere(sourced(mm(44), 'length', `${TRADE}: leaves of 44 mm (1 3/4 in)`)),
  /** How far a leaf may pass the class's mass, on more hinges, before butts are given up. */
  buttsBeyond: everywhere(sourced(1.5, 'ratio', TRADE, 'limit')),
  /** The most spring hinges of one leaf. */
  springsMost: everywhere(sourced(3, 'count', TRADE, 'limit')),
  /** Least EN 1935 grade on a rated leaf. */
  ratedGrade: sourcedBy(13, 'count', GRADES, 'limit'),
  /** How far a leaf opens where nothing stands in the way. */
  wideOpen: everywhere(sourced(110, 'angle', TRADE)),
  /** The next thinner usual leaf: 1 3/4 to 1 3/8 in, 44 to 35 mm. */
  thinnerLeaf: usAndMetric(
    sourced(0.8, 'ratio', `${TRADE}: 1 3/4 in to 1 3/8 in`),
    sourced(0.8, 'ratio', `${TRADE}: 44 mm to 35 mm`),
  ),
  /**
   * Full-mortise template hinges as they are made: height by width, each height's usual width first and
   * its wide-throw ones after. Where none is listed, any made width goes with any height.
   */
  hingePairs: usAndMetric(
    sourced<{ height: number; width: number }[]>(
      [
        [3.5, 3.5],
        [4, 4],
        [4, 5],
        [4.5, 4.5],
        [4.5, 5],
        [4.5, 6],
        [4.5, 7],
        [4.5, 8],
        [5, 4.5],
        [5, 5],
        [5, 6],
        [5, 7],
        [5, 8],
        [6, 5],
        [6, 6],
        [6, 7],
        [6, 8],
      ].map(([height, width]) => ({ height: inches(height!), width: inches(width!) })),
      'table',
      'ANSI/BHMA A156.7 template hinges',
    ),
    sourced(
      METRIC_HEIGHTS.flatMap((height) =>
        [67, 76, 89, 102, 127, 152].map((width) => ({ height: mm(height), width: mm(width) })),
      ),
      'table',
      `${TRADE}: any made width goes with any height`,
    ),
  ),
  /** Thickness of a hinge's leaf by its height: standard and heavy weight. */
  hingeGauges: usAndMetric(
    sourced<{ height: number; standard: number; heavy: number }[]>(
      [
        [3.5, 0.123, 0.146],
        [4, 0.13, 0.17],
        [4.5, 0.134, 0.18],
        [5, 0.146, 0.19],
        [6, 0.16, 0.203],
      ].map(([height, standard, heavy]) => ({
        height: inches(height!),
        standard: inches(standard!),
        heavy: inches(heavy!),
      })),
      'table',
      'ANSI/BHMA A156.1, A156.7',
    ),
    sourced(
      METRIC_HEIGHTS.map((height) => ({
        height: mm(height),
        standard: mm(2.5),
        heavy: mm(3),
      })),
      'table',
      `${TRADE}: typical`,
    ),
  ),
  /** From this many passages a day a continuous hinge comes first. */
  continuousUse: everywhere(
    sourced(2000, 'count', `${TRADE}: very high use or abuse`, 'preference'),
  ),
  /** Straps of T-hinges as made; a leaf higher than the pair's limit takes three. */
  straps: usAndMetric(
    sourced([12, 14, 16, 18, 24].map(inches), 'length', `${TRADE}: half across the gate`),
    sourced([300, 350, 400, 450, 600].map(mm), 'length', `${TRADE}: half across the gate`),
  ),
  strapPair: usAndMetric(
    sourced(inches(60), 'length', `${TRADE}: three above 5 ft`),
    sourced(mm(1500), 'length', `${TRADE}: three above 1.5 m`),
  ),
  /** Heaviest leaf on two drill-in hinges; three take half as much again. */
  drillInMass: sourcedBy(40_000, 'mass', {
    ...everyRegion(`${TRADE}; maker’s data`),
    continental: 'DIN 18268; maker’s data',
  }),
  /** The same of heavy ones, of three parts. */
  drillInHeavy: sourcedBy(80_000, 'mass', {
    ...everyRegion(`${TRADE}: to 120 kg on three; maker’s data`),
    continental: 'EN 1935, grades 11 to 13: to 120 kg on three; maker’s data',
  }),
  /** Knuckle of a T-hinge or a drill-in hinge: its height, and its middle out from the face. */
  surfaceKnuckle: everywhere(sourced(mm(60), 'length', `${TRADE}: maker’s data`)),
  surfaceBarrel: everywhere(sourced(mm(8), 'length', `${TRADE}: knuckles of 15 to 16 mm`)),
  /** What a closer and an exit device add to the mass of a leaf, beside the allowance for the rest. */
  closerMass: usAndMetric(
    sourced(4536, 'mass', `${TRADE}: about 10 lb`),
    sourced(4000, 'mass', `${TRADE}: about 4 kg`),
  ),
  exitMass: usAndMetric(
    sourced(6804, 'mass', `${TRADE}: 15 lb; with a closer 25 to 40 lb in all`),
    sourced(7000, 'mass', `${TRADE}: about 7 kg`),
  ),
  /** Mass of sheet lead, grams a square metre for each millimetre. */
  leadPerMm: everywhere(sourced(11_340, 'surface mass', 'density of lead, 11.34 g/cm³')),
  /** Plates of concealed hinges: how thick, how far they reach beyond the body at each end, and how much deeper the body's recess may be. */
  concealedPlate: usAndMetric(
    sourced(
      { thick: inches(1 / 8), end: inches(7 / 8), over: inches(1 / 32) },
      'length',
      `${TRADE}: typical; the maker's template decides`,
    ),
    sourced(
      { thick: mm(3), end: mm(22), over: mm(1) },
      'length',
      `${TRADE}: typical; the maker's template decides`,
    ),
  ),
  /** Thickness of a glass leaf where it is not recorded. */
  glassLeaf: usAndMetric(
    sourced(inches(1 / 2), 'length', `${TRADE}: tempered glass leaves`),
    sourced(mm(12), 'length', `${TRADE}: toughened glass leaves`),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof HANGING_VALUES> {}
}
