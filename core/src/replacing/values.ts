import { inches, mm } from '../measure/index.js';
import { everywhere, sourced, TRADE, usAndMetric, type ValuesOf } from '../practice/index.js';

/** Figures of the trade for work in existing frames. */
export const REPLACING_VALUES = {
  /** Recess remainders narrower than this need no plug. */
  plugLeast: everywhere(sourced(mm(1), 'length', TRADE)),
  /** The hole of a viewer. */
  viewerBore: usAndMetric(
    sourced(inches(9 / 16), 'length', `${TRADE}: viewers`),
    sourced(mm(14), 'length', `${TRADE}: viewers`),
  ),
  /** Screw holes so far from the old ones hold beside them. */
  screwHolesApart: everywhere(sourced(inches(1 / 4), 'length', TRADE)),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof REPLACING_VALUES> {}
}
