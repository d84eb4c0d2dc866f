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
  leafWidest: everywhere(sourced(mm(6000), 'length', 'what is made', 'limit')),
  leafHighest: everywhere(sourced(mm(9000), 'length', 'what is made', 'limit')),
  /** Steps that leaves are ordered in, and that gaps are rounded up to. */
  orderStep: usAndMetric(sourced(inches(1 / 16), 'length', TRADE), sourced(mm(1), 'length', TRADE)),
  gapStep: usAndMetric(sourced(inches(1 / 16), 'length', TRADE), sourced(mm(0.5), 'length', TRADE)),
  /** How much more than the widest gap a leaf may be lower than its opening and still bear its name. */
  nominalHeightMost: everywhere(
    sourced(inches(1 / 2), 'length', `${TRADE}: the undercut beyond a gap`),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SIZING_VALUES> {}
}
