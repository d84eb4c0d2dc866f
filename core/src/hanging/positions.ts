import type { Ticks } from '../measure/index.js';
import type { HingePattern } from '../practice/index.js';

/** What a pattern is read against. Lengths in ticks; `bottom` above the finished floor. */
export interface PatternFrame {
  leafHeight: Ticks;
  hingeHeight: Ticks;
  count: number;
  headGap: Ticks;
  bottom: Ticks;
}

/**
 * Top edges of the hinges below the top of the leaf, top hinge first. Clear gaps between the outer
 * hinges are equal: (L − (n−2)h) / (n−1); with `high` the second hinge stands its own distance under
 * the first. Undefined when the hinges would overlap or leave the leaf.
 *
 * @example US steel, 7 ft leaf: [4 7/8 in, …] (5 in below the head less the head gap)
 */
export function hingePositions(pattern: HingePattern, frame: PatternFrame): Ticks[] | undefined {
  const { leafHeight, hingeHeight: h, count } = frame;
  const centred = (to: 'edge' | 'centre') => (to === 'centre' ? h / 2 : 0);
  const first =
    pattern.top.distance -
    (pattern.top.from === 'frame-head' ? frame.headGap : 0) -
    centred(pattern.top.to);
  const lastBottom =
    pattern.bottom.distance -
    (pattern.bottom.from === 'floor' ? frame.bottom : 0) -
    centred(pattern.bottom.to);
  const last = leafHeight - lastBottom - h;
  const measured = pattern.below;
  if (pattern.rest === 'as-measured' && measured?.length === count - 1) {
    const tops = [first, ...measured.map((below) => first + below)].map(Math.round);
    return within(tops, h, leafHeight) ? tops : undefined;
  }
  const tops = spread(
    first,
    last,
    h,
    count,
    pattern.rest === 'high' ? pattern.highDistance : undefined,
  );
  return within(tops, h, leafHeight) ? tops : undefined;
}

/** Whether hinges stand in order on the leaf without overlapping. */
function within(tops: Ticks[], h: Ticks, leafHeight: Ticks): boolean {
  return (
    tops[0]! >= 0 &&
    tops[tops.length - 1]! + h <= leafHeight &&
    tops.every((top, index) => index === 0 || top >= tops[index - 1]! + h)
  );
}

function spread(first: Ticks, last: Ticks, h: Ticks, count: number, high?: Ticks): Ticks[] {
  if (count < 2) return [Math.round(first)];
  if (high !== undefined && count > 2) {
    return [Math.round(first), ...spread(first + h + high, last, h, count - 1)];
  }
  const run = last - first - h;
  const gap = (run - (count - 2) * h) / (count - 1);
  const tops: Ticks[] = [];
  for (let index = 0; index < count; index++) tops.push(Math.round(first + index * (h + gap)));
  return tops;
}

/** The pattern read for one half of a stable door: its inner end takes the top distance. */
export function halfPattern(pattern: HingePattern, half: 'upper' | 'lower'): HingePattern {
  return half === 'upper'
    ? {
        ...pattern,
        bottom: { from: 'leaf-bottom', to: pattern.top.to, distance: pattern.top.distance },
      }
    : { ...pattern, top: { from: 'leaf-top', to: pattern.top.to, distance: pattern.top.distance } };
}
