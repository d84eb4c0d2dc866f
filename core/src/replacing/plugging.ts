import type { Ticks } from '../measure/index.js';

/** A stretch of an old recess that nothing new covers. Ticks from the frame head, top first. */
export interface Plug {
  of: 'hinge' | 'strike';
  /** Which one, from the top, counted from 1. */
  index: number;
  from: Ticks;
  to: Ticks;
}

type Span = readonly [Ticks, Ticks];

/** What of the old spans the new ones leave uncovered; shorter remainders than `least` need no plug. */
export function exposedSpans(old: Span, fresh: readonly Span[], least: Ticks): Span[] {
  let left: Span[] = [old];
  for (const [from, to] of fresh) {
    left = left.flatMap(([a, b]): Span[] => {
      if (to <= a || from >= b) return [[a, b]];
      return [
        [a, Math.max(a, from)],
        [Math.min(b, to), b],
      ];
    });
  }
  return left.filter(([a, b]) => b - a > least);
}

/** The plugging list of a frame: old hinge recesses that the new hinges do not cover. */
export function hingePlugs(
  old: { belowHead: readonly Ticks[]; height: Ticks },
  fresh: { belowHead: readonly Ticks[]; height: Ticks },
  least: Ticks,
): Plug[] {
  const spans = fresh.belowHead.map((top): Span => [top, top + fresh.height]);
  return old.belowHead.flatMap((top, index) =>
    exposedSpans([top, top + old.height], spans, least).map(([from, to]) => ({
      of: 'hinge' as const,
      index: index + 1,
      from,
      to,
    })),
  );
}
