import { inches } from '../measure/index.js';
import { everywhere, sourced, TRADE, type ValuesOf } from '../practice/index.js';

/** Figures of the trade that only the securing works with; its tables stand in the practice. */
export const SECURING_VALUES = {
  /** A lock further than this from the glass is not reached through it. */
  nearGlass: everywhere(sourced(inches(40), 'length', TRADE)),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SECURING_VALUES> {}
}
