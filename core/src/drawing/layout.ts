import type { Basis } from '../opening/index.js';
import { formatExact, showLength, toMm, type ShownLength } from '../measure/index.js';
import type { Units } from '../phrasing/index.js';
import { arcPoints, type DrawingModel, type Element, type Layer, type Point } from './model.js';

/** A drawable thing in millimetres with y down, as SVG and PDF want it. */
export type Primitive =
  | { kind: 'path'; layer: Layer; part?: string; points: Point[]; closed: boolean }
  | { kind: 'circle'; layer: Layer; part?: string; centre: Point; radius: number }
  | {
      kind: 'text';
      layer: Layer;
      part?: string;
      at: Point;
      anchor: 'start' | 'middle' | 'end';
      size: number;
      /** Degrees clockwise. */
      turn: number;
      text: string;
      length?: ShownLength;
      exact?: string;
      basis?: Basis;
    };

export interface Layout {
  /** Left, top, width, height for a view box. */
  box: [number, number, number, number];
  /** Height of a text of scale 1. */
  textHeight: number;
  primitives: Primitive[];
}

/** Millimetres, not ticks: browsers do not set type larger than 10,000 units. */
const down = (point: Point): Point => ({ x: toMm(point.x), y: -toMm(point.y) });

/** Turns a drawing model into drawable primitives in millimetres, figures in the project's units. */
export function layout(model: DrawingModel, units: Units): Layout {
  const { left, bottom, right, top } = model.extents;
  return {
    box: [toMm(left), -toMm(top), toMm(right - left), toMm(top - bottom)],
    textHeight: toMm(model.textHeight),
    primitives: model.elements.flatMap((element) => primitivesOf(element, model.textHeight, units)),
  };
}

function primitivesOf(element: Element, textHeight: number, units: Units): Primitive[] {
  const part = element.part ? { part: element.part } : {};
  switch (element.kind) {
    case 'line':
      return [
        {
          kind: 'path',
          layer: element.layer,
          ...part,
          points: element.points.map(down),
          closed: element.closed ?? false,
        },
      ];
    case 'arc':
      return [
        {
          kind: 'path',
          layer: element.layer,
          ...part,
          points: arcPoints(element).map(down),
          closed: false,
        },
      ];
    case 'circle':
      return [
        {
          kind: 'circle',
          layer: element.layer,
          ...part,
          centre: down(element.centre),
          radius: toMm(element.radius),
        },
      ];
    case 'text':
      return [
        {
          kind: 'text',
          layer: element.layer,
          ...part,
          at: down(element.at),
          anchor: element.anchor,
          size: toMm(textHeight) * (element.scale ?? 1),
          turn: 0,
          text: element.text,
        },
      ];
    case 'dimension':
      return dimension(element, textHeight, units);
  }
}

function dimension(
  element: Element & { kind: 'dimension' },
  textHeight: number,
  units: Units,
): Primitive[] {
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
  const span = horizontal ? Math.abs(ends[1].x - ends[0].x) : Math.abs(ends[1].y - ends[0].y);
  const middle = { x: (ends[0].x + ends[1].x) / 2, y: (ends[0].y + ends[1].y) / 2 };
  const small = span < textHeight * 2.2;
  // A short vertical dimension is read upright, between its line and what it measures.
  const outward = Math.sign(element.at - (element.from.x + element.to.x) / 2) || 1;
  const upright = !horizontal && small;
  // One shorter than its own figure has it beyond its line, where no stroke crosses it.
  const beyond = upright && span < textHeight * 1.1;
  const at = horizontal
    ? {
        x: middle.x,
        y: small ? element.at - textHeight * 1.15 : element.at + textHeight * 0.32,
      }
    : upright
      ? {
          x: element.at + outward * textHeight * (beyond ? 0.5 : -0.45),
          y: middle.y - textHeight * 0.32,
        }
      : { x: element.at - textHeight * 0.3, y: middle.y };
  const text: Primitive = {
    kind: 'text',
    layer: 'dimension',
    ...part,
    at: down(at),
    anchor: upright ? (outward > 0 !== beyond ? 'end' : 'start') : 'middle',
    size: toMm(textHeight) * 0.92,
    turn: horizontal || upright ? 0 : -90,
    text: length.text,
    length,
    exact: formatExact(element.ticks, units.system),
    basis: element.basis,
  };
  return [...witness, path(ends), ...slashes, text];
}
