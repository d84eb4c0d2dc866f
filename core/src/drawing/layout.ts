import { formatExact, showLength, toMm } from '../measure/index.js';
import type { Units } from '../phrasing/index.js';
import { arcPoints, type DrawingModel, type Element, type Layer, type Point } from './model.js';
import { crosses, grown, overlap, textBox, type TextBox } from './textBoxes.js';
import type { Primitive } from './primitive.js';

export interface Layout {
  /** Left, top, width, height for a view box. */
  box: [number, number, number, number];
  /** Height of a text of scale 1. */
  textHeight: number;
  primitives: Primitive[];
}

/** Millimetres, not ticks: browsers do not set type larger than 10,000 units. */
const down = (point: Point): Point => ({ x: toMm(point.x), y: -toMm(point.y) });

/** Lines that a figure or a word stands clear of; what is dashed or thin may pass behind it. */
const SOLID: ReadonlySet<Layer> = new Set(['leaf', 'frame', 'hardware', 'dimension', 'floor']);

type Text = Extract<Primitive, { kind: 'text' }>;

/** What an element is drawn as: its lines, and the places its words may take, the best first. */
interface Parts {
  lines: Primitive[];
  places: Text[];
}

/**
 * Turns a drawing model into drawable primitives in millimetres, figures in the project's units. A figure or
 * a word that would lie on a line or on another takes the next of its places that is free; the sheet is as
 * large as all of them need.
 */
export function layout(model: DrawingModel, units: Units): Layout {
  const parts = model.elements.map((element) => partsOf(element, model.textHeight, units));
  const textHeight = toMm(model.textHeight);
  const taken = new Taken(
    parts.flatMap(({ lines }) => lines),
    textHeight * 0.1,
  );
  const primitives: Primitive[] = [];
  for (const { lines, places } of parts) {
    primitives.push(...lines);
    if (places.length > 0) primitives.push(taken.take(places));
  }
  const { left, bottom, right, top } = model.extents;
  return {
    box: taken.around([toMm(left), -toMm(top), toMm(right), -toMm(bottom)]),
    textHeight,
    primitives,
  };
}

/** The room on a sheet that is taken by lines and words. */
class Taken {
  private readonly segments: (readonly [Point, Point])[] = [];
  private readonly words: TextBox[] = [];

  constructor(
    lines: readonly Primitive[],
    private readonly hair: number,
  ) {
    for (const one of lines) {
      if (one.kind !== 'path' || !SOLID.has(one.layer)) continue;
      const { points, closed } = one;
      for (let at = 1; at < points.length; at++) this.segments.push([points[at - 1]!, points[at]!]);
      if (closed && points.length > 2) this.segments.push([points.at(-1)!, points[0]!]);
    }
  }

  /** The first of some places that is free, else the one that lies on least. */
  take(places: readonly Text[]): Text {
    let best = places[0]!;
    let least = Infinity;
    for (const place of places) {
      const faults = this.faults(textBox(place));
      if (faults < least) [best, least] = [place, faults];
      if (faults === 0) break;
    }
    this.words.push(textBox(best));
    return best;
  }

  private faults(box: TextBox): number {
    const inner = grown(box, -this.hair);
    const words = this.words.filter((one) => overlap(one, inner)).length;
    return words * 4 + this.segments.filter(([from, to]) => crosses(from, to, inner)).length;
  }

  /** Left, top, width and height of a sheet that holds all words with a margin. */
  around([left, top, right, bottom]: [number, number, number, number]): Layout['box'] {
    for (const word of this.words) {
      const box = grown(word, this.hair * 4);
      left = Math.min(left, box.left);
      top = Math.min(top, box.top);
      right = Math.max(right, box.right);
      bottom = Math.max(bottom, box.bottom);
    }
    return [left, top, right - left, bottom - top];
  }
}

function partsOf(element: Element, textHeight: number, units: Units): Parts {
  const part = element.part ? { part: element.part } : {};
  switch (element.kind) {
    case 'line':
      return drawn({
        kind: 'path',
        layer: element.layer,
        ...part,
        points: element.points.map(down),
        closed: element.closed ?? false,
      });
    case 'arc':
      return drawn({
        kind: 'path',
        layer: element.layer,
        ...part,
        points: arcPoints(element).map(down),
        closed: false,
      });
    case 'circle':
      return drawn({
        kind: 'circle',
        layer: element.layer,
        ...part,
        centre: down(element.centre),
        radius: toMm(element.radius),
      });
    case 'text': {
      const size = toMm(textHeight) * (element.scale ?? 1);
      const at = down(element.at);
      // A word may move up or down by a line or two; what it names stays beside it.
      return {
        lines: [],
        places: [0, 1.15, -1.15, 2.3, -2.3, 3.5, -3.5, 5, -5].map((lines) => ({
          kind: 'text',
          layer: element.layer,
          ...part,
          at: { x: at.x, y: at.y + lines * size },
          anchor: element.anchor,
          size,
          turn: 0,
          text: element.text,
        })),
      };
    }
    case 'dimension':
      return dimension(element, textHeight, units);
  }
}

const drawn = (line: Primitive): Parts => ({ lines: [line], places: [] });

function dimension(
  element: Element & { kind: 'dimension' },
  textHeight: number,
  units: Units,
): Parts {
  const horizontal = element.axis === 'horizontal';
  const part = element.part ? { part: element.part } : {};
  const ends = [element.from, element.to].map((point) =>
    horizontal ? { x: point.x, y: element.at } : { x: element.at, y: point.y },
  ) as [Point, Point];
  const tick = textHeight * 0.28;
  const path = (points: Point[]): Primitive => ({
    kind: 'path',
    layer: 'dimension',
    ...part,
    points: points.map(down),
    closed: false,
  });
  const witness = [element.from, element.to].map((point, index) => {
    const end = ends[index]!;
    const beyond = horizontal
      ? { x: end.x, y: end.y + Math.sign(end.y - point.y) * tick }
      : { x: end.x + Math.sign(end.x - point.x) * tick, y: end.y };
    const start = horizontal
      ? { x: point.x, y: point.y + Math.sign(end.y - point.y) * tick }
      : { x: point.x + Math.sign(end.x - point.x) * tick, y: point.y };
    return path([start, beyond]);
  });
  const slashes = ends.map((end) =>
    path([
      { x: end.x - tick, y: end.y - tick },
      { x: end.x + tick, y: end.y + tick },
    ]),
  );
  const length = showLength(element.ticks, {
    system: units.system,
    denominator: units.denominator ?? 16,
    rounding: element.rounding,
  });
  const figure = (place: Place): Text => ({
    kind: 'text',
    layer: 'dimension',
    ...part,
    at: down(place.at),
    anchor: place.anchor,
    size: toMm(textHeight) * 0.92,
    turn: place.turned ? -90 : 0,
    text: length.text,
    length,
    exact: formatExact(element.ticks, units.system),
    basis: element.basis,
  });
  return {
    lines: [...witness, path(ends), ...slashes],
    places: (horizontal ? placesAlong(ends, textHeight) : placesUp(element, ends, textHeight)).map(
      figure,
    ),
  };
}

interface Place {
  at: Point;
  anchor: 'start' | 'middle' | 'end';
  turned?: boolean;
}

/** Where the figure of a level dimension may stand: on its line, under it, beyond either end. */
function placesAlong([a, b]: [Point, Point], text: number): Place[] {
  const [left, right] = a.x < b.x ? [a.x, b.x] : [b.x, a.x];
  const { y } = a;
  const middle = (left + right) / 2;
  const share = (part: number) => left + (right - left) * part;
  const over = (x: number): Place => ({ at: { x, y: y + text * 0.32 }, anchor: 'middle' });
  const under = (x: number): Place => ({ at: { x, y: y - text * 1.15 }, anchor: 'middle' });
  const small = right - left < text * 2.2;
  const beside: Place[] = [
    { at: { x: right + text * 0.55, y: y - text * 0.34 }, anchor: 'start' },
    { at: { x: left - text * 0.55, y: y - text * 0.34 }, anchor: 'end' },
    { at: { x: middle, y: y + text * 1.5 }, anchor: 'middle' },
    { at: { x: middle, y: y - text * 2.3 }, anchor: 'middle' },
  ];
  return small
    ? [under(middle), over(middle), ...beside]
    : [over(middle), under(middle), over(share(0.25)), over(share(0.75)), ...beside];
}

/** Where the figure of an upright dimension may stand: turned along its line; a short one is read upright. */
function placesUp(
  { from, to, at }: Extract<Element, { kind: 'dimension' }>,
  [a, b]: [Point, Point],
  text: number,
): Place[] {
  const [bottom, top] = a.y < b.y ? [a.y, b.y] : [b.y, a.y];
  const span = top - bottom;
  const middle = (bottom + top) / 2;
  const outward = Math.sign(at - (from.x + to.x) / 2) || 1;
  const turned = (y: number, side: 1 | -1): Place => ({
    at: { x: at + (side < 0 ? -text * 0.3 : text * 0.98), y },
    anchor: 'middle',
    turned: true,
  });
  const level = (away: number, y: number, towards: number): Place => ({
    at: { x: at + towards * text * away, y: y - text * 0.34 },
    anchor: towards > 0 ? 'start' : 'end',
  });
  const outside = [
    level(0.5, middle, outward),
    level(0.5, middle, -outward),
    { at: { x: at, y: top + text * 0.5 }, anchor: 'middle' as const },
    { at: { x: at, y: bottom - text * 1.2 }, anchor: 'middle' as const },
    level(0.5, top + text * 0.9, outward),
    level(0.5, bottom - text * 0.9, outward),
  ];
  if (span >= text * 2.2)
    return [
      turned(middle, -1),
      turned(middle, 1),
      turned(bottom + span * 0.25, -1),
      turned(bottom + span * 0.75, -1),
      turned(bottom + span * 0.25, 1),
      turned(bottom + span * 0.75, 1),
      ...outside,
    ];
  // A short one stands between its line and what it measures, one shorter than its figure beyond its line.
  const within = level(0.45, middle, -outward);
  return span < text * 1.1 ? outside : [within, ...outside];
}
