import { everywhere, sourced, TRADE, type ValuesOf } from '../practice/index.js';

/** Figures of the trade for the workshop. */
export const PREPARING_VALUES = {
  /** Centre to centre of the holes of a row, of the bit: so that little is left to pare. */
  rowPitch: everywhere(sourced(0.75, 'ratio', TRADE, 'limit')),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof PREPARING_VALUES> {}
}
