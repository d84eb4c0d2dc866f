import { inches, mm, type Ticks } from '../measure/index.js';
import {
  byPractice,
  everywhere,
  type PracticeId,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
  LISTED,
  sourcedBy,
  byRegion,
  everyRegion,
} from '../practice/index.js';

const holds = (holdsScrews: boolean, holdsLock: boolean) => ({ holdsScrews, holdsLock });

/** Thickness to the weather; of rated leaves, and from which rating. */
const THICK: Record<PracticeId, readonly [Ticks, Ticks, number]> = {
  'us-commercial': [inches(1.75), inches(1.75), 20],
  'us-residential': [inches(1.75), inches(1.75), 20],
  british: [mm(44), mm(54), 60],
  continental: [mm(68), mm(50), 30],
  australasian: [mm(40), mm(48), 30],
};
const THICK_HOME: Record<PracticeId, Ticks> = {
  'us-commercial': inches(1.75),
  'us-residential': inches(1.375),
  british: mm(35),
  continental: mm(40),
  australasian: mm(35),
};
const RATED_THICK: Record<PracticeId, string> = {
  'us-commercial': `${TRADE}: 1 3/4 in`,
  'us-residential': `${TRADE}: rated leaves of 1 3/4 in`,
  british: `${TRADE}: FD 30 in 44 mm, FD 60 in 54 mm; as tested`,
  continental: `${TRADE}: T 30 in 42 to 50 mm; as tested`,
  australasian: `${TRADE}: tested leaves of 47 or 48 mm`,
};

const AS_TESTED = {
  continental: 'as tested (EN 1634-1)',
  australasian: 'as tested (AS 1905.1)',
} as const;

/** Figures of the trade that the sizing works with, beside the tables that other stages read too. */
export const SIZING_VALUES = {
  /** What a core holds by itself: screws on its faces, a lock let in; otherwise blocking does. */
  cores: everywhere(
    sourced(
      {
        'steel-honeycomb-18': holds(false, true),
        'steel-honeycomb-16': holds(true, true),
        'steel-honeycomb-14': holds(true, true),
        'steel-stiffened-16': holds(true, true),
        'timber-particle': holds(false, false),
        'timber-tubular': holds(false, false),
        'timber-stave': holds(true, true),
        'timber-mineral': holds(false, false),
        'timber-panelled-softwood': holds(true, true),
        'timber-panelled-hardwood': holds(true, true),
        'timber-hollow': holds(false, false),
        'aluminium-narrow': holds(true, true),
        glass: holds(true, true),
      },
      'table',
      TRADE,
      'limit',
    ),
  ),
  /** A rail's tenon: into the stile, of its width; and of the leaf's thickness. */
  tenonLength: everywhere(sourced(2 / 3, 'ratio', 'joinery practice')),
  tenonThickness: everywhere(sourced(1 / 3, 'ratio', 'joinery practice')),
  /** Outside these no leaf of a building door is made, and a figure is a slip. */
  leafLeast: everywhere(sourced(inches(8), 'length', 'what is made', 'limit')),
  /** Leaves wider than this are pairs, but for gates, sliding leaves and beds in hospitals. */
  leafUsual: usAndMetric(
    sourced(inches(54), 'length', 'what is made; 48 in by IBC 1010.1.1 before 2021', 'limit'),
    sourced(mm(1400), 'length', 'what is made', 'limit'),
  ),
  leafWidest: everywhere(sourced(mm(6000), 'length', 'what is made', 'limit')),
  leafHighest: everywhere(sourced(mm(9000), 'length', 'what is made', 'limit')),
  /** Face of aluminium frames, in the opening. */
  aluminiumFace: usAndMetric(
    sourced(inches(2), 'length', `${TRADE}: aluminium sections`),
    sourced(mm(50), 'length', `${TRADE}: aluminium sections`),
  ),
  /** How much of a frame wrapped round the wall, or of a casing, is seen beside its opening; 0 where its face is all. */
  frameSeen: {
    ...everywhere(sourced(0, 'length', `${TRADE}: the face of the frame`, 'preference')),
    continental: sourced(mm(30), 'length', 'DIN 18111: seen faces of wrapped frames', 'preference'),
  },
  /** The edges of room doors of wood. */
  leafEdgeUsual: {
    ...everywhere(sourced<string>('flush', 'term', `${TRADE}: within the frame`, 'preference')),
    continental: sourced<string>(
      'rebated',
      'term',
      'DIN 18101: room doors lie over the frame; named by the size over all',
      'preference',
    ),
  },
  /** How thick a leaf to the weather is, and a rated one from so many minutes; `leafThickness` else. */
  leafThicknessOutside: byPractice((id) =>
    sourced(THICK[id][0], 'length', `${TRADE}: outer doors`, 'preference'),
  ),
  leafThicknessHome: byPractice((id) =>
    sourced(THICK_HOME[id], 'length', `${TRADE}: inner doors of dwellings`, 'preference'),
  ),
  leafThicknessRated: byPractice((id) =>
    sourced(THICK[id][1], 'length', RATED_THICK[id], 'preference'),
  ),
  leafThicknessRatedFrom: byPractice((id) =>
    sourced(THICK[id][2], 'count', RATED_THICK[id], 'preference'),
  ),
  /** How much lower the floor of a garage beside a house lies; 0 where none is asked for. */
  garageStep: {
    ...everywhere(sourced(0, 'length', 'no step asked for; the floor falls to the drive', 'limit')),
    british: sourced(
      mm(100),
      'length',
      'Approved Document B, volume 1, integral garages: 100 mm, or a floor that falls away from the door',
      'limit',
    ),
  },
  /** Steps that leaves are ordered in, and that gaps are rounded up to. */
  orderStep: usAndMetric(sourced(inches(1 / 16), 'length', TRADE), sourced(mm(1), 'length', TRADE)),
  gapStep: usAndMetric(sourced(inches(1 / 16), 'length', TRADE), sourced(mm(0.5), 'length', TRADE)),
  /** How much more than the widest gap a leaf may be lower than its opening and still bear its name. */
  nominalHeightMost: everywhere(
    sourced(inches(1 / 2), 'length', `${TRADE}: the undercut beyond a gap`),
  ),
  /** The highest threshold on an accessible route; above the second it is bevelled. */
  thresholdMost: byRegion({
    us: sourced(inches(1 / 2), 'length', 'ADA 404.2.5: 1/2 in', 'limit'),
    british: sourced(mm(15), 'length', 'Approved Document M: 15 mm', 'limit'),
    continental: sourced(mm(20), 'length', 'DIN 18040-1, 4.3.3: none; at most 20 mm', 'limit'),
    australasian: sourced(
      mm(35),
      'length',
      'AS 1428.1: 5 mm bevelled, to 35 mm with a threshold ramp 1 in 8',
      'limit',
    ),
  }),
  thresholdSquare: usAndMetric(
    sourced(inches(1 / 4), 'length', 'ADA 303: bevelled 1:2 above 1/4 in', 'limit'),
    sourced(mm(5), 'length', 'Approved Document M: above 5 mm bevelled or rounded', 'limit'),
    {
      continental: `${TRADE}: above 5 mm bevelled or rounded`,
      australasian: 'AS 1428.1: above 5 mm bevelled or rounded',
    },
  ),
  /** Glass in rated leaves: about so much usual at the higher ratings; told as the side of a square. */
  ratedGlassSide: usAndMetric(
    sourced(inches(10), 'length', 'NFPA 80: about 100 in² at 90 min, as listed', 'limit'),
    sourced(mm(254), 'length', 'as tested (BS EN 1634-1)', 'limit'),
    AS_TESTED,
  ),
  ratedGlassFrom: sourcedBy(90, 'count', LISTED, 'limit'),
  /** Plates on rated leaves are labelled above this height. */
  plateUnlabelled: usAndMetric(
    sourced(inches(16), 'length', 'NFPA 80: above 16 in labelled', 'limit'),
    sourced(mm(406), 'length', 'as tested (BS EN 1634-1)', 'limit'),
    AS_TESTED,
  ),
  /** How far a frame as read and the old leaf with its gaps may disagree before one is measured again. */
  secondOpinion: usAndMetric(
    sourced(inches(1 / 16), 'length', `${TRADE}: frame and leaf read apart`, 'preference'),
    sourced(mm(1.5), 'length', `${TRADE}: frame and leaf read apart`, 'preference'),
  ),
  /** Room between the two leaves of a communicating frame: for their plates and the silencers. */
  twoLeavesBetween: usAndMetric(
    sourced(inches(1), 'length', `${TRADE}: communicating frames`),
    sourced(mm(25), 'length', `${TRADE}: communicating frames`),
  ),
  /** How far a rebated leaf lies over the frame, at both sides and the head (DIN 18101). */
  leafOverlap: sourcedBy(mm(13), 'length', {
    ...everyRegion(`${TRADE}: leaves that lie over their frame`),
    continental: 'DIN 18101: 860 over 834, 1985 over 1972',
  }),
  /** Depth of the rebate in the edge of such a leaf. */
  leafRebate: sourcedBy(mm(25.5), 'length', {
    ...everyRegion(`${TRADE}: leaves that lie over their frame`),
    continental: 'DIN 18101',
  }),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SIZING_VALUES> {}
}
