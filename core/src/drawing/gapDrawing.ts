import { formatLength, type Ticks } from '../measure/index.js';
import {
  edgeOf,
  GAP_PLACES,
  pointOf,
  type GapEdge,
  type GapPlace,
  type HungGeometry,
  type ReadGaps,
  type WantedGaps,
} from '../site/index.js';
import { rect, type DrawingModel, type Element, type Point } from './model.js';

/** How much wider a gap is drawn than it is: a leaf is a thousand times its gap. */
const TIMES = 12;

/**
 * The gaps of a leaf from its pull side, hinges at the left: drawn many times too wide, each with its figure where it
 * is read. A gap out of what is allowed is drawn as off, one not read as a question; every figure is the part
 * `gap:PLACE`, so that a page can ask for it.
 *
 * @param gaps what was read or foretold; places that are not there are drawn as wanted
 * @param chosen the place that is read next
 */
export function gapDrawing(
  leaf: HungGeometry,
  wanted: WantedGaps,
  gaps: ReadGaps,
  system: 'inch' | 'metric',
  chosen?: GapPlace,
): DrawingModel {
  const { width, height } = leaf;
  const elements: Element[] = [];
  const text = height * 0.034;
  const wide = (place: GapPlace): Ticks => {
    const limits = wanted[edgeOf(place)];
    return (gaps[place] ?? limits.wanted) * TIMES;
  };
  // The frame stands where the gaps say; the leaf is drawn square.
  const [left, right, over, under] = (['hinge', 'lock', 'head', 'floor'] as const).map((edge) => {
    const order =
      edge === 'hinge' || edge === 'lock'
        ? ['bottom', 'middle', 'top']
        : ['hinge', 'middle', 'lock'];
    return order.map((at) => {
      const place = `${edge}-${at}` as GapPlace;
      const { x, y } = pointOf(place, leaf);
      const gap = wide(place);
      switch (edge) {
        case 'hinge':
          return { x: -gap, y };
        case 'lock':
          return { x: width + gap, y };
        case 'head':
          return { x, y: height + gap };
        case 'floor':
          return { x, y: -gap };
      }
    });
  }) as [Point[], Point[], Point[], Point[]];
  const carried = ([a, , b]: Point[], along: 'x' | 'y', to: number): Point => {
    const other = along === 'x' ? 'y' : 'x';
    const share = (to - a![along]) / (b![along] - a![along]);
    return {
      [along]: to,
      [other]: a![other] + share * (b![other] - a![other]),
    } as unknown as Point;
  };
  const frame = (points: Point[]): Element => ({ kind: 'line', layer: 'frame', points });
  elements.push(
    frame([carried(left, 'y', 0), ...left, carried(left, 'y', height)]),
    frame([carried(right, 'y', 0), ...right, carried(right, 'y', height)]),
    frame([carried(over, 'x', 0), ...over, carried(over, 'x', width)]),
    {
      kind: 'line',
      layer: 'floor',
      points: [carried(under, 'x', 0), ...under, carried(under, 'x', width)],
    },
    rect('leaf', 0, 0, width, height),
  );
  const most = Math.max(...left.map(({ x }) => -x));
  leaf.hinges.forEach((y, at) => {
    const half = height * 0.024;
    elements.push(rect('hardware', -height * 0.012, y - half, height * 0.006, y + half));
    elements.push({
      kind: 'text',
      layer: 'label',
      at: { x: -most - text * 0.6, y: y - text * 0.35 },
      text: String(at + 1),
      anchor: 'end',
      scale: 0.8,
    });
  });
  if (leaf.latch !== undefined)
    elements.push({
      kind: 'circle',
      layer: 'hardware',
      centre: { x: width - height * 0.011, y: leaf.latch },
      radius: height * 0.008,
    });
  for (const place of GAP_PLACES) {
    const { x, y } = pointOf(place, leaf);
    const limits = wanted[edgeOf(place)];
    const gap = gaps[place];
    const out = gap !== undefined && (gap < limits.least || gap > limits.most);
    const edge = edgeOf(place);
    const shown = wide(place);
    // Figures of the sides stand on the leaf, those of head and floor beyond the frame: none meets another in a corner.
    const at: Point =
      edge === 'hinge'
        ? { x: x + text * 0.7, y: y - text * 0.35 }
        : edge === 'lock'
          ? { x: x - text * 0.7, y: y - text * 0.35 }
          : edge === 'head'
            ? { x, y: y + shown + text * 0.5 }
            : { x, y: y - shown - text * 1.25 };
    const part = `gap:${place}`;
    const layer =
      place === chosen ? 'tape' : out ? 'off' : gap === undefined ? 'question' : 'dimension';
    const to: Point =
      edge === 'hinge'
        ? { x: x - shown, y }
        : edge === 'lock'
          ? { x: x + shown, y }
          : edge === 'head'
            ? { x, y: y + shown }
            : { x, y: y - shown };
    elements.push({ kind: 'line', layer, part, points: [{ x, y }, to] });
    elements.push({
      kind: 'text',
      layer,
      part,
      at,
      text:
        gap === undefined
          ? '?'
          : formatLength(
              Math.round(gap),
              system === 'inch' ? { system, denominator: 64 } : { system, denominator: 16 },
            ),
      anchor: edge === 'hinge' ? 'start' : edge === 'lock' ? 'end' : 'middle',
      scale: place === chosen ? 1.25 : 1,
    });
  }
  const beyond = (edge: GapEdge) =>
    Math.max(...GAP_PLACES.filter((place) => edgeOf(place) === edge).map(wide)) + text * 1.9;
  return {
    view: 'survey',
    extents: {
      left: -beyond('hinge'),
      bottom: -beyond('floor'),
      right: width + beyond('lock'),
      top: height + beyond('head'),
    },
    textHeight: text,
    elements,
  };
}
