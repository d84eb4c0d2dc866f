import { type Ticks } from '../measure/index.js';
import type { PatternMatch } from '../hanging/index.js';

/** What would happen at one hinge if the leaf were cut to a chart. */
export type Effect = 'fits' | 'eased' | 'holes' | 'overlap' | 'apart';

export interface HingeEffect {
  /** Counted from the top. */
  index: number;
  chart: Ticks;
  survey: Ticks;
  /** Survey − chart: positive where the frame's hinge stands lower. */
  off: Ticks;
  effect: Effect;
}

/**
 * What a chart would have given against what is there, hinge by hinge: within the fit nothing, within
 * the ease it is eased, up to `holes` new screws run into the old ones, less than a hinge's
 * height the recesses overlap and a strip stays open, more and a whole new recess stands beside the old.
 */
export function compareHinges(
  match: PatternMatch,
  height: Ticks,
  tolerances: { fit: Ticks; ease: Ticks; holes: Ticks },
): HingeEffect[] {
  return match.residuals.map((off, index) => {
    const away = Math.abs(off);
    const effect: Effect =
      away <= tolerances.fit
        ? 'fits'
        : away <= tolerances.ease
          ? 'eased'
          : away < tolerances.holes
            ? 'holes'
            : away < height
              ? 'overlap'
              : 'apart';
    const chart = match.positions[index]!;
    return { index: index + 1, chart, survey: chart + off, off, effect };
  });
}
