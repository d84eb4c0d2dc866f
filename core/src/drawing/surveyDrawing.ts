import { mm } from '../measure/index.js';
import type { Side } from '../model/index.js';
import { readingKind, type Survey } from '../survey/index.js';
import { extentsOf, mirror, rect, type DrawingModel, type Element, type Point } from './model.js';

/** What stands in for a size that was not read yet, so that there is something to point at. */
const ABOUT = { width: mm(850), height: mm(2040), hinge: mm(100), lock: mm(1000) };
const FACE = mm(70);
const LEAF_GAP = mm(9);

/**
 * The opening as the surveyor sees it, from the side where the knuckles show: what was read stands as
 * dimensions, the reading to take next as a stretched tape.
 *
 * @param hinges on which hand the surveyor sees the hinges
 * @param current name of the reading to take next
 */
export function surveyDrawing(
  survey: Survey,
  hinges: Side,
  current: string | undefined,
): DrawingModel {
  const read = (...names: string[]) =>
    names.map((name) => survey.number(name)).find((one) => one !== undefined);
  const width = read('widthTop', 'widthBottom', 'leafWidthTop', 'leafWidthBottom') ?? ABOUT.width;
  const height = read('heightHinge', 'heightLock', 'leafHeightHinge') ?? ABOUT.height;
  const text = height / 24;
  const elements: Element[] = [
    {
      kind: 'line',
      layer: 'floor',
      points: [
        { x: -FACE * 4, y: 0 },
        { x: width + FACE * 4, y: 0 },
      ],
    },
    {
      kind: 'line',
      layer: 'frame',
      closed: true,
      points: [
        { x: -FACE, y: 0 },
        { x: -FACE, y: height + FACE },
        { x: width + FACE, y: height + FACE },
        { x: width + FACE, y: 0 },
        { x: width, y: 0 },
        { x: width, y: height },
        { x: 0, y: height },
        { x: 0, y: 0 },
      ],
    },
    rect('leaf', LEAF_GAP, LEAF_GAP, width - LEAF_GAP, height - LEAF_GAP),
    ...hingeBoxes(survey, height),
    ...lockShape(survey, width),
    ...taken(survey, width, height, text, current),
    ...(current ? stretched(current, survey, width, height, text) : []),
  ];
  const seen = hinges === 'right' ? mirror(elements, width) : elements;
  return {
    view: 'survey',
    elements: seen,
    extents: extentsOf(seen, text * 1.2),
    textHeight: text,
  };
}

/** Where a reading's v stands on this opening: hinges where they were read, else evenly. */
function hingeTops(survey: Survey, height: number): number[] {
  const count = survey.number('hingeCount') ?? 3;
  return Array.from({ length: count }, (_, index) => {
    const read = survey.number(`hinge${index + 1}`);
    const even = count === 1 ? 0.5 : 0.08 + (0.8 * index) / (count - 1);
    return read ?? height * even;
  });
}

function hingeBoxes(survey: Survey, height: number): Element[] {
  const tall = survey.number('hingeHeight') ?? ABOUT.hinge;
  return hingeTops(survey, height).map((below) =>
    rect('hardware', -mm(8), height - below - tall, mm(10), height - below),
  );
}

function lockShape(survey: Survey, width: number): Element[] {
  const at = {
    x: width - (survey.number('backset') ?? mm(60)) - LEAF_GAP,
    y: survey.number('lockHeight') ?? ABOUT.lock,
  };
  const reach = mm(110);
  return [
    { kind: 'circle', layer: 'hardware', centre: at, radius: mm(16) },
    rect('hardware', at.x - reach, at.y - mm(9), at.x, at.y + mm(9)),
  ];
}

/** Readings that stand as dimensions within the drawing: where they are, and across or up. */
const DIMENSIONS: Record<string, 'horizontal' | 'vertical'> = {
  widthTop: 'horizontal',
  widthMiddle: 'horizontal',
  widthBottom: 'horizontal',
  heightHinge: 'vertical',
  heightLock: 'vertical',
  lockHeight: 'vertical',
};

/** Of a leaf that is copied: its own lengths, where those of the frame beside them were not read. */
const OF_LEAF: Record<string, { axis: 'horizontal' | 'vertical'; beside: string }> = {
  leafWidthTop: { axis: 'horizontal', beside: 'widthTop' },
  leafWidth: { axis: 'horizontal', beside: 'widthMiddle' },
  leafWidthBottom: { axis: 'horizontal', beside: 'widthBottom' },
  leafHeightHinge: { axis: 'vertical', beside: 'heightHinge' },
  leafHeight: { axis: 'vertical', beside: 'heightLock' },
};

/** The lengths that stand as dimensions: of the frame, and of an old leaf that is read to be copied. */
function dimensionsOf(survey: Survey): [name: string, axis: 'horizontal' | 'vertical'][] {
  const copying = ['leafWidthTop', 'leafWidthBottom', 'leafHeightHinge', 'hangs'].some((name) =>
    survey.held.has(name),
  );
  const own = copying
    ? Object.entries(OF_LEAF).filter(([, { beside }]) => survey.number(beside) === undefined)
    : [];
  return [
    ...Object.entries(DIMENSIONS),
    ...own.map(([name, { axis }]): [string, 'horizontal' | 'vertical'] => [name, axis]),
  ];
}

function taken(
  survey: Survey,
  width: number,
  height: number,
  text: number,
  current: string | undefined,
): Element[] {
  const elements: Element[] = [];
  for (const [name, axis] of dimensionsOf(survey)) {
    const ticks = survey.number(name);
    if (ticks === undefined || name === current) continue;
    const { a, b } = ends(name, survey, width, height);
    const outside = axis === 'vertical' ? sideOf(name, width, text) : a.y;
    elements.push({
      kind: 'dimension',
      layer: 'dimension',
      part: name,
      from: a,
      to: b,
      at: outside,
      axis,
      ticks,
      rounding: 'nearest',
      basis: 'measured',
    });
  }
  for (const name of ['diagonalFromHingeTop', 'diagonalFromLockTop']) {
    if (survey.number(name) === undefined || name === current) continue;
    const { a, b } = ends(name, survey, width, height);
    elements.push({ kind: 'line', layer: 'hidden', part: name, points: [a, b] });
  }
  return elements;
}

function sideOf(name: string, width: number, text: number): number {
  if (name === 'heightHinge' || name === 'leafHeightHinge') return -FACE - text * 1.4;
  return width + FACE + text * (name === 'heightLock' || name === 'leafHeight' ? 3.2 : 1.4);
}

function ends(name: string, survey: Survey, width: number, height: number): { a: Point; b: Point } {
  const { tape, hinge } = readingKind(name)!;
  if (hinge !== undefined) {
    const below = hingeTops(survey, height)[hinge - 1] ?? height / 2;
    return { a: { x: 0, y: height - below }, b: { x: 0, y: height } };
  }
  const place = ({ u, v }: { u: number; v: number }) => ({ x: u * width, y: v * height });
  if (name === 'lockHeight' || name === 'strikeHeight') {
    const up = survey.number('lockHeight') ?? ABOUT.lock;
    const x = name === 'lockHeight' ? width - mm(60) : width;
    return { a: { x, y: 0 }, b: { x, y: up } };
  }
  return { a: place(tape.a), b: place(tape.b) };
}

/** The tape over the drawing, hooks at its ends; a ring where there is only a place to look at. */
function stretched(
  name: string,
  survey: Survey,
  width: number,
  height: number,
  text: number,
): Element[] {
  const { a, b } = ends(name, survey, width, height);
  const long = Math.hypot(b.x - a.x, b.y - a.y);
  if (long < text * 2) {
    const centre = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    return [
      { kind: 'circle', layer: 'tape', part: name, centre, radius: text * 1.1 },
      { kind: 'circle', layer: 'tape', part: name, centre, radius: text * 0.2 },
    ];
  }
  const across = { x: (-(b.y - a.y) / long) * text * 0.6, y: ((b.x - a.x) / long) * text * 0.6 };
  const hook = (at: Point): Element => ({
    kind: 'line',
    layer: 'tape',
    part: name,
    points: [
      { x: at.x - across.x, y: at.y - across.y },
      { x: at.x + across.x, y: at.y + across.y },
    ],
  });
  return [{ kind: 'line', layer: 'tape', part: name, points: [a, b] }, hook(a), hook(b)];
}
