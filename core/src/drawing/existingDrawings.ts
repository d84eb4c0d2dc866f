import { mm } from '../measure/index.js';
import {
  neededLeaf,
  type CopiedLeaf,
  type Corner,
  type CutPlan,
  type Fitting,
} from '../sizing/index.js';
import type { HingeEffect } from '../replacing/index.js';
import type { EdgeCut } from '../sizing/index.js';
import { extentsOf, rect, type DrawingModel, type Element, type Point } from './model.js';

/** The largest stray of a corner is drawn as this share of the width; gaps as many times their size. */
const STRAY = 0.09;
const GAPS_TIMES = 7;
const MAX_TIMES = 40;
/** What is less than this is told as nothing. */
const UNSEEN = mm(0.25);

/**
 * The opening as it stands, its crookedness drawn many times what it is, with the leaf that fits inside
 * it and a square frame dashed behind.
 *
 * @returns the model and how many times the strays of the corners are exaggerated
 */
export function asItStands(
  fitting: Fitting,
  index = 0,
): { model: DrawingModel; times: number } | undefined {
  const fitted = fitting.leaves[index];
  if (!fitted) return undefined;
  const { shape } = fitted;
  const width = (shape.lockBottom.x + shape.lockTop.x) / 2;
  const height = shape.hingeTop.y;
  const strays: [Corner, Point][] = [
    [shape.lockBottom, { x: width, y: 0 }],
    [shape.lockTop, { x: width, y: height }],
  ];
  const most = Math.max(...strays.map(([at, to]) => Math.hypot(at.x - to.x, at.y - to.y)), 1);
  const times = Math.max(1, Math.min(MAX_TIMES, Math.round((width * STRAY) / most)));
  const far = (at: Corner, from: Point): Point => ({
    x: from.x + (at.x - from.x) * times,
    y: from.y + (at.y - from.y) * times,
  });
  const drawn = {
    hingeBottom: shape.hingeBottom,
    hingeTop: shape.hingeTop,
    lockBottom: far(shape.lockBottom, { x: width, y: 0 }),
    lockTop: far(shape.lockTop, { x: width, y: height }),
    bow: shape.bow * Math.min(times, 6),
  };
  const { gaps } = fitting;
  const leaf = neededLeaf(
    { ...drawn, bow: 0 },
    {
      hinge: gaps.hinge * GAPS_TIMES,
      lock: gaps.lock * GAPS_TIMES,
      head: gaps.head * GAPS_TIMES,
      undercut: gaps.undercut * GAPS_TIMES,
    },
  );
  const text = height / 19;
  const middle = {
    x: (drawn.lockBottom.x + drawn.lockTop.x) / 2 - drawn.bow,
    y: (drawn.lockBottom.y + drawn.lockTop.y) / 2,
  };
  const elements: Element[] = [
    rect('hidden', 0, 0, width, height),
    {
      kind: 'line',
      layer: 'frame',
      closed: true,
      points: [
        { x: -mm(60), y: drawn.hingeBottom.y },
        { x: -mm(60), y: drawn.hingeTop.y + mm(60) },
        { x: drawn.lockTop.x + mm(60), y: drawn.lockTop.y + mm(60) },
        { x: drawn.lockBottom.x + mm(60), y: drawn.lockBottom.y },
        drawn.lockBottom,
        middle,
        drawn.lockTop,
        drawn.hingeTop,
        drawn.hingeBottom,
      ],
    },
    {
      kind: 'line',
      layer: 'leaf',
      closed: true,
      part: 'sizing.order',
      points: [leaf.hingeBottom, leaf.lockBottom, leaf.lockTop, leaf.hingeTop],
    },
    ...sides(shape, drawn, text),
  ];
  return {
    times,
    model: {
      view: 'as-it-stands',
      elements,
      extents: extentsOf(elements, text * 1.4),
      textHeight: text,
    },
  };
}

const apart = (a: Corner, b: Corner) => Math.round(Math.hypot(a.x - b.x, a.y - b.y));

function sides(
  shape: Fitting['leaves'][number]['shape'],
  drawn: Record<'hingeTop' | 'hingeBottom' | 'lockTop' | 'lockBottom', Corner>,
  text: number,
): Element[] {
  const { hingeTop, hingeBottom, lockTop, lockBottom } = shape;
  const side = (
    axis: 'horizontal' | 'vertical',
    from: Point,
    to: Point,
    at: number,
    ticks: number,
  ): Element => ({
    kind: 'dimension',
    layer: 'dimension',
    from,
    to,
    at,
    axis,
    ticks,
    rounding: 'nearest',
    basis: 'measured',
  });
  return [
    side(
      'horizontal',
      drawn.hingeTop,
      drawn.lockTop,
      Math.max(drawn.hingeTop.y, drawn.lockTop.y) + mm(60) + text * 1.2,
      apart(hingeTop, lockTop),
    ),
    side(
      'horizontal',
      drawn.hingeBottom,
      drawn.lockBottom,
      Math.min(0, drawn.lockBottom.y) - text * 1.8,
      apart(hingeBottom, lockBottom),
    ),
    side('vertical', hingeBottom, hingeTop, -mm(60) - text * 1.3, apart(hingeBottom, hingeTop)),
    side(
      'vertical',
      drawn.lockBottom,
      drawn.lockTop,
      Math.max(drawn.lockTop.x, drawn.lockBottom.x) + mm(60) + text * 1.3,
      apart(lockBottom, lockTop),
    ),
  ];
}

/**
 * Draws the blank with what comes off it, the cuts many times their size, a figure at every corner; and the
 * old leaf laid over it, where it is copied, what the new one gains on it as many times its size.
 */
export function cutsDrawing(
  plan: CutPlan,
  copied?: CopiedLeaf,
): { model: DrawingModel; times: number } {
  const { width, height } = plan.blank;
  const cut = (edge: EdgeCut['edge']) => plan.cuts.find((one) => one.edge === edge)!.ends;
  const most = Math.max(1, ...plan.cuts.flatMap((one) => one.ends));
  const times = Math.max(1, Math.min(MAX_TIMES, Math.round((width * 0.14) / most)));
  const [hingeTop, hingeBottom] = cut('hinge');
  const [lockTop, lockBottom] = cut('lock');
  const [headHinge, headLock] = cut('head');
  const [bottomHinge, bottomLock] = cut('bottom');
  const corners = {
    hb: { x: hingeBottom * times, y: bottomHinge * times },
    lb: { x: width - lockBottom * times, y: bottomLock * times },
    lt: { x: width - lockTop * times, y: height - headLock * times },
    ht: { x: hingeTop * times, y: height - headHinge * times },
  };
  const text = height / 19;
  const elements: Element[] = [
    rect('waste', 0, 0, width, height),
    {
      kind: 'line',
      layer: 'leaf',
      closed: true,
      points: [corners.hb, corners.lb, corners.lt, corners.ht],
    },
  ];
  if (copied) elements.push(oldLeafOver(corners, copied, times));
  const figure = (
    axis: 'horizontal' | 'vertical',
    from: Point,
    to: Point,
    at: number,
    ticks: number,
    part: string,
  ) => {
    if (ticks < UNSEEN) return;
    elements.push({
      kind: 'dimension',
      layer: 'dimension',
      part,
      from,
      to,
      at,
      axis,
      ticks,
      rounding: 'nearest',
      basis: 'derived',
    });
  };
  const above = height + text * 1.3;
  const below = -text * 1.9;
  const leftOf = -text * 1.2;
  const rightOf = width + text * 1.2;
  figure('horizontal', corners.lt, { x: width, y: height }, above, lockTop, 'lock');
  figure('horizontal', corners.lb, { x: width, y: 0 }, below, lockBottom, 'lock');
  figure('horizontal', { x: 0, y: height }, corners.ht, above, hingeTop, 'hinge');
  figure('horizontal', { x: 0, y: 0 }, corners.hb, below, hingeBottom, 'hinge');
  figure('vertical', corners.ht, { x: 0, y: height }, leftOf, headHinge, 'head');
  figure('vertical', corners.lt, { x: width, y: height }, rightOf, headLock, 'head');
  figure('vertical', { x: 0, y: 0 }, corners.hb, leftOf, bottomHinge, 'bottom');
  figure('vertical', { x: width, y: 0 }, corners.lb, rightOf, bottomLock, 'bottom');
  for (const [word, at] of [
    ['hinge', { x: width * 0.2, y: height * 0.5 }],
    ['lock', { x: width * 0.72, y: height * 0.5 }],
    ['head', { x: width * 0.5, y: height * 0.84 }],
    ['bottom', { x: width * 0.5, y: height * 0.16 }],
  ] as const) {
    elements.push({ kind: 'text', layer: 'label', at, text: word, anchor: 'middle', scale: 0.9 });
  }
  return {
    times,
    model: { view: 'cuts', elements, extents: extentsOf(elements, text * 2.8), textHeight: text },
  };
}

/** The old leaf's outline over the new one's, what each edge gained or lost drawn as large as the cuts. */
function oldLeafOver(
  corners: Record<'hb' | 'lb' | 'lt' | 'ht', Point>,
  { gains }: CopiedLeaf,
  times: number,
): Element {
  const { hinge, lock, head, bottom } = gains;
  const by = ({ x, y }: Point, dx: number, dy: number): Point => ({
    x: x + dx * times,
    y: y + dy * times,
  });
  return {
    kind: 'line',
    layer: 'hidden',
    closed: true,
    points: [
      by(corners.hb, hinge[1], bottom[0]),
      by(corners.lb, -lock[1], bottom[1]),
      by(corners.lt, -lock[0], -head[1]),
      by(corners.ht, hinge[0], -head[0]),
    ],
  };
}

/** The leaf's hinge edge by a chart beside that of the frame: boxes at their places, what each is off. */
export function compareDrawing(
  effects: readonly HingeEffect[],
  hingeHeight: number,
  leafHeight: number,
): DrawingModel {
  const text = leafHeight / 19;
  const strip = text * 3.2;
  const gap = text * 7;
  const elements: Element[] = [
    rect('leaf', 0, 0, strip, leafHeight),
    rect('frame', strip + gap, 0, 2 * strip + gap, leafHeight),
    label('chart', strip / 2, leafHeight + text * 0.8),
    label('frame', strip * 1.5 + gap, leafHeight + text * 0.8),
  ];
  for (const { chart, survey, off, effect } of effects) {
    const top = leafHeight - chart;
    const found = leafHeight - survey;
    elements.push(
      rect('hardware', strip * 0.35, top - hingeHeight, strip, top),
      rect('hardware', strip + gap, found - hingeHeight, strip * 1.65 + gap, found),
      {
        kind: 'line',
        layer: effect === 'fits' || effect === 'eased' ? 'dimension' : 'off',
        points: [
          { x: strip, y: top },
          { x: strip + gap, y: found },
        ],
      },
    );
    // What fits needs no figure.
    if (effect !== 'fits')
      elements.push({
        kind: 'dimension',
        layer: 'dimension',
        from: { x: 2 * strip + gap, y: top },
        to: { x: 2 * strip + gap, y: found },
        at: 2 * strip + gap + text * 2.6,
        axis: 'vertical',
        ticks: Math.abs(off),
        rounding: 'nearest',
        basis: 'derived',
      });
  }
  return {
    view: 'compare',
    elements,
    extents: extentsOf(elements, text * 2.6),
    textHeight: text,
  };
}

function label(text: string, x: number, y: number): Element {
  return { kind: 'text', layer: 'label', at: { x, y }, text, anchor: 'middle' };
}
