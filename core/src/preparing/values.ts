import { inches, mm } from '../measure/index.js';
import { everywhere, sourced, TRADE, usAndMetric, type ValuesOf } from '../practice/index.js';

/** Figures of the trade for the workshop. */
export const PREPARING_VALUES = {
  /** Centre to centre of the holes of a row, of the bit: so that little is left to pare. */
  rowPitch: everywhere(sourced(0.75, 'ratio', TRADE, 'limit')),
  /** The router’s bit and guide collar that templates are told for, by their diameters. */
  routerBit: usAndMetric(
    sourced(inches(0.5), 'length', `${TRADE}: hinge templates`, 'preference'),
    sourced(mm(12), 'length', `${TRADE}: hinge templates`, 'preference'),
  ),
  routerCollar: usAndMetric(
    sourced(inches(0.625), 'length', `${TRADE}: hinge templates`, 'preference'),
    sourced(mm(16), 'length', `${TRADE}: hinge templates`, 'preference'),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof PREPARING_VALUES> {}
}
