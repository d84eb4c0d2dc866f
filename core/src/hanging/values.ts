import { mm } from '../measure/index.js';
import { everywhere, sourced, TRADE, usAndMetric, type ValuesOf } from '../practice/index.js';

/** Figures of the trade that the hanging works with, beside the tables that other stages read too. */
export const HANGING_VALUES = {
  /** From this thickness a wide leaf wants the heavy class. */
  heavyThickness: everywhere(sourced(mm(44), 'length', `${TRADE}: leaves of 44 mm (1 3/4 in)`)),
  /** How far a leaf may pass the class's mass, on more hinges, before butts are given up. */
  buttsBeyond: everywhere(sourced(1.5, 'ratio', TRADE, 'limit')),
  /** The most spring hinges of one leaf. */
  springsMost: everywhere(sourced(3, 'count', TRADE, 'limit')),
  /** Least EN 1935 grade on a rated leaf. */
  ratedGrade: everywhere(sourced(13, 'count', 'EN 1935: rated leaves', 'limit')),
  /** How far a leaf opens where nothing stands in the way. */
  wideOpen: everywhere(sourced(110, 'angle', TRADE)),
  /** The next thinner usual leaf: 1 3/4 to 1 3/8 in, 44 to 35 mm. */
  thinnerLeaf: usAndMetric(
    sourced(0.8, 'ratio', `${TRADE}: 1 3/4 in to 1 3/8 in`),
    sourced(0.8, 'ratio', `${TRADE}: 44 mm to 35 mm`),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof HANGING_VALUES> {}
}
