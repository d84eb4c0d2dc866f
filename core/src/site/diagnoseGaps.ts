import type { Ticks } from '../measure/index.js';
import { message, type Message } from '../model/index.js';
import { edgeOf, GAP_PLACES, type ReadGaps, type HungGeometry } from './places.js';
import type { WantedGaps } from './solveGaps.js';

/** What two readings differ by along their edge, carried to the whole of it. */
const slope = (
  gaps: ReadGaps,
  from: (typeof GAP_PLACES)[number],
  to: (typeof GAP_PLACES)[number],
): Ticks | undefined => {
  const [a, b] = [gaps[from], gaps[to]];
  return a === undefined || b === undefined ? undefined : b - a;
};

/** How far a middle lies off the line of its ends. */
export function belly(gaps: ReadGaps, edge: 'hinge' | 'lock'): Ticks | undefined {
  const [top, middle, bottom] = [
    gaps[`${edge}-top`],
    gaps[`${edge}-middle`],
    gaps[`${edge}-bottom`],
  ];
  return top === undefined || middle === undefined || bottom === undefined
    ? undefined
    : middle - (top + bottom) / 2;
}

const sum = (a: Ticks | undefined, b: Ticks | undefined) =>
  a === undefined || b === undefined ? undefined : a + b;

/**
 * By how much a leaf leans, told at its lock corner; positive where it hangs down. It leans only where hinge
 * edge, lock edge and head agree on it, as far as they were read: one that disagrees shows a frame out of
 * square. Undefined where they do not agree, or only one of them was read.
 */
function leanOf(gaps: ReadGaps, leaf: HungGeometry): Ticks | undefined {
  const inner = leaf.height - 2 * leaf.inset;
  const across = leaf.width - 2 * leaf.inset;
  const scaled = (by: Ticks | undefined, over: Ticks) =>
    by === undefined ? undefined : (by / over) * leaf.width;
  const shown = [
    scaled(slope(gaps, 'hinge-bottom', 'hinge-top'), inner),
    scaled(slope(gaps, 'lock-top', 'lock-bottom'), inner),
    scaled(slope(gaps, 'head-hinge', 'head-lock'), across),
  ].filter((one) => one !== undefined);
  if (shown.length < 2) return undefined;
  const most = shown.reduce((one, other) => (Math.abs(other) > Math.abs(one) ? other : one));
  const agree = shown.every((one) => one * most >= 0 && Math.abs(one) >= Math.abs(most) / 3);
  return agree ? shown.reduce((all, one) => all + one, 0) / shown.length : undefined;
}

/**
 * Tells what the gaps say of leaf, hinges and frame. What hinges can change (the leaf stands askew or to one side) is told
 * apart from what they cannot: the sum of both sides, of head and floor, a corner out of square, a bow.
 *
 * @param least differences smaller than this are no fault
 */
export function diagnoseGaps(
  gaps: ReadGaps,
  leaf: HungGeometry,
  wanted: WantedGaps,
  least: Ticks,
): Message[] {
  const told: Message[] = [];
  const amount = (value: Ticks) => ({ ticks: Math.round(Math.abs(value)) });
  const tight = GAP_PLACES.filter(
    (place) => edgeOf(place) === 'hinge' && (gaps[place] ?? Infinity) < wanted.hinge.least,
  );
  if (tight.length > 0) told.push(message('site.gap.hingeBound', { places: tight.length }));

  const inner = leaf.height - 2 * leaf.inset;
  const across = leaf.width - 2 * leaf.inset;
  const turn = leanOf(gaps, leaf);
  if (turn !== undefined && Math.abs(turn) > least) {
    const by = amount(turn);
    if (turn < 0) told.push(message('site.gap.raised', { by }));
    else {
      const [top, bottom] = [gaps['hinge-top'], gaps['hinge-bottom']];
      const { wanted: right } = wanted.hinge;
      // What stands out has sprung; what stands in was let in too deep, or its knuckle is worn.
      const sprung = top !== undefined && bottom !== undefined && top - right >= right - bottom;
      told.push(message(sprung ? 'site.gap.sprung' : 'site.gap.dropped', { by }));
    }
  }
  // A head that is square to its jamb shows the same angle as the hinge edge.
  const down = slope(gaps, 'head-hinge', 'head-lock');
  const lean = slope(gaps, 'hinge-bottom', 'hinge-top');
  if (down !== undefined && (lean !== undefined || turn === undefined)) {
    const crooked = (down / across - (lean ?? 0) / inner) * leaf.width;
    if (Math.abs(crooked) > least)
      told.push(
        message(crooked > 0 ? 'site.gap.headRises' : 'site.gap.headFalls', { by: amount(crooked) }),
      );
  }
  const both = (['top', 'middle', 'bottom'] as const).map((at) =>
    sum(gaps[`hinge-${at}`], gaps[`lock-${at}`]),
  );
  const taper = both[0] === undefined || both[2] === undefined ? undefined : both[2] - both[0];
  if (taper !== undefined && Math.abs(taper) > least)
    told.push(
      message(taper > 0 ? 'site.gap.widerBelow' : 'site.gap.widerAbove', { by: amount(taper) }),
    );
  const widths = both.filter((one) => one !== undefined);
  if (widths.length > 0) {
    const mean = widths.reduce((all, one) => all + one, 0) / widths.length;
    const [low, high] = [
      wanted.hinge.least + wanted.lock.least,
      wanted.hinge.most + wanted.lock.most,
    ];
    if (mean < low) told.push(message('site.gap.leafWide', { by: amount(low - mean) }));
    else if (mean > high) told.push(message('site.gap.leafNarrow', { by: amount(mean - high) }));
  }
  const heights = (['hinge', 'middle', 'lock'] as const)
    .map((at) => sum(gaps[`head-${at}`], gaps[`floor-${at}`]))
    .filter((one) => one !== undefined);
  if (heights.length > 0) {
    const mean = heights.reduce((all, one) => all + one, 0) / heights.length;
    const [low, high] = [
      wanted.head.least + wanted.floor.least,
      wanted.head.most + wanted.floor.most,
    ];
    if (mean < low) told.push(message('site.gap.leafHigh', { by: amount(low - mean) }));
    else if (mean > high) told.push(message('site.gap.leafLow', { by: amount(mean - high) }));
  }
  const bows = { hinge: belly(gaps, 'hinge'), lock: belly(gaps, 'lock') };
  if (bows.hinge !== undefined && Math.abs(bows.hinge) > least)
    told.push(
      message(
        // A leaf that is bowed in its plane shows on both edges, opposite; one alone is the frame's, or a hinge's.
        bows.lock !== undefined && Math.abs(bows.hinge + bows.lock) < least
          ? 'site.gap.bowed'
          : 'site.gap.middleHinge',
        { by: amount(bows.hinge) },
      ),
    );
  else if (bows.lock !== undefined && Math.abs(bows.lock) > least)
    told.push(message('site.gap.jambBowed', { by: amount(bows.lock) }));
  return told;
}

/** Where on the leaf the latch goes after some moves: towards the lock and up. Ticks. */
export function latchMoves(
  leaf: HungGeometry,
  moves: { top: Ticks; bottom: Ticks; up: Ticks },
): { across: Ticks; up: Ticks } | undefined {
  if (leaf.latch === undefined) return undefined;
  const [top, bottom] = [leaf.hinges[0]!, leaf.hinges[leaf.hinges.length - 1]!];
  const turn = (moves.top - moves.bottom) / (top - bottom);
  return {
    across: moves.top + turn * (leaf.latch - top),
    up: moves.up - turn * leaf.width,
  };
}
