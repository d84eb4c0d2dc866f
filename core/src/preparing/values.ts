import { inches, mm } from '../measure/index.js';
import { everywhere, sourced, TRADE, usAndMetric, type ValuesOf } from '../practice/index.js';

/** Figures of the trade for the workshop. */
export const PREPARING_VALUES = {
  /** Centre to centre of the holes of a row, of the bit: so that little is left to pare. */
  rowPitch: everywhere(sourced(2 / 3, 'ratio', `${TRADE}: ridges that a chisel takes`, 'limit')),
  /** The hole of a lever key: round for its pin, a slot below it as wide and as long as its bit. */
  leverKey: everywhere(
    sourced(
      { pin: mm(10), slot: mm(6), bit: mm(20) },
      'length',
      `${TRADE}: lever keys; the key in hand decides`,
    ),
  ),
  /** The flange of a rim lock that is let into the edge: how far across it, and how thick. */
  rimFlange: everywhere(
    sourced({ wide: mm(14), thick: mm(2) }, 'length', `${TRADE}: rim locks; the lock decides`),
  ),
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
