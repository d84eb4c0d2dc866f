import { inches, mm } from '../measure/index.js';
import { everywhere, sourced, TRADE, usAndMetric, type ValuesOf } from '../practice/index.js';

const holds = (holdsScrews: boolean, holdsLock: boolean) => ({ holdsScrews, holdsLock });

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
  /** Steps that leaves are ordered in, and that gaps are rounded up to. */
  orderStep: usAndMetric(sourced(inches(1 / 16), 'length', TRADE), sourced(mm(1), 'length', TRADE)),
  gapStep: usAndMetric(sourced(inches(1 / 16), 'length', TRADE), sourced(mm(0.5), 'length', TRADE)),
  /** How much more than the widest gap a leaf may be lower than its opening and still bear its name. */
  nominalHeightMost: everywhere(
    sourced(inches(1 / 2), 'length', `${TRADE}: the undercut beyond a gap`),
  ),
  /** The highest threshold on an accessible route; above the second it is bevelled. */
  thresholdMost: usAndMetric(
    sourced(inches(1 / 2), 'length', 'ADA 404.2.5: 1/2 in', 'limit'),
    sourced(mm(15), 'length', 'Approved Document M: 15 mm', 'limit'),
  ),
  thresholdSquare: usAndMetric(
    sourced(inches(1 / 4), 'length', 'ADA 303: bevelled 1:2 above 1/4 in', 'limit'),
    sourced(mm(5), 'length', 'Approved Document M: above 5 mm bevelled or rounded', 'limit'),
  ),
  /** Glass in rated leaves: about so much usual at the higher ratings; told as the side of a square. */
  ratedGlassSide: usAndMetric(
    sourced(inches(10), 'length', 'NFPA 80: about 100 in² at 90 min, as listed', 'limit'),
    sourced(mm(254), 'length', 'as tested (EN 1634)', 'limit'),
  ),
  ratedGlassFrom: everywhere(sourced(90, 'count', 'NFPA 80; as listed or tested', 'limit')),
  /** Plates on rated leaves are labelled above this height. */
  plateUnlabelled: usAndMetric(
    sourced(inches(16), 'length', 'NFPA 80: above 16 in labelled', 'limit'),
    sourced(mm(406), 'length', 'as tested (EN 1634)', 'limit'),
  ),
  /** Room between the two leaves of a communicating frame: for their plates and the silencers. */
  twoLeavesBetween: usAndMetric(
    sourced(inches(1), 'length', `${TRADE}: communicating frames`),
    sourced(mm(25), 'length', `${TRADE}: communicating frames`),
  ),
  /** How far a rebated leaf lies over the frame, at both sides and the head (DIN 18101). */
  leafOverlap: everywhere(sourced(mm(13), 'length', 'DIN 18101: 860 over 834, 1985 over 1972')),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SIZING_VALUES> {}
}
