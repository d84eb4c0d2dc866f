import type { Ticks } from '../measure/index.js';
import type { Basis } from '../model/index.js';

export const VIEWS = [
  'elevation-outside',
  'elevation-inside',
  'plan',
  'hinge-edge',
  'lock-edge',
  'stack',
] as const;
export type View = (typeof VIEWS)[number];

/** Drawings of existing work, beside the views of an opening. */
type ExistingView = 'survey' | 'as-it-stands' | 'cuts' | 'compare';

/** Close drawings of the hanging: the swing at the hinges, what they carry, a clash. */
type CloseView =
  'swing' | 'loads' | 'clash' | 'lock-section' | 'strike' | 'heights' | 'devices' | 'passages';

/** What a line or area stands for; writers give each layer its pen. */
export type Layer =
  | 'wall'
  | 'floor'
  | 'frame'
  | 'leaf'
  | 'hardware'
  | 'detail'
  | 'hidden'
  | 'swing'
  | 'open'
  | 'glass'
  | 'dimension'
  | 'label'
  | 'question'
  | 'tape'
  | 'waste'
  | 'off'
  | 'clash'
  | 'reach'
  | 'escape'
  | 'force';

export interface Point {
  x: number;
  y: number;
}

/** Elements in ticks, x to the right, y up. `part` is the decision key or fact an element shows. */
export type Element =
  | { kind: 'line'; layer: Layer; part?: string; points: Point[]; closed?: boolean }
  | {
      kind: 'arc';
      layer: Layer;
      part?: string;
      centre: Point;
      radius: number;
      from: number;
      to: number;
    }
  | { kind: 'circle'; layer: Layer; part?: string; centre: Point; radius: number }
  | {
      kind: 'text';
      layer: Layer;
      part?: string;
      at: Point;
      text: string;
      anchor: 'start' | 'middle' | 'end';
      scale?: number;
    }
  | {
      kind: 'dimension';
      layer: 'dimension';
      part?: string;
      from: Point;
      to: Point;
      /** Where the dimension line stands: y of a horizontal, x of a vertical one. */
      at: number;
      axis: 'horizontal' | 'vertical';
      ticks: Ticks;
      rounding: 'down' | 'nearest' | 'up';
      basis: Basis;
    };

/** One view as lines, arcs, texts and dimensions; SVG, PDF and the screen draw the same. */
export interface DrawingModel {
  view: View | ExistingView | CloseView;
  /** Extents in ticks that hold every element with its texts. */
  extents: { left: number; bottom: number; right: number; top: number };
  /** Height of a text of scale 1, in ticks. */
  textHeight: number;
  elements: Element[];
}

export function rect(
  layer: Layer,
  left: number,
  bottom: number,
  right: number,
  top: number,
  part?: string,
): Element {
  return {
    kind: 'line',
    layer,
    closed: true,
    points: [
      { x: left, y: bottom },
      { x: right, y: bottom },
      { x: right, y: top },
      { x: left, y: top },
    ],
    ...(part ? { part } : {}),
  };
}

/** A line through points, `[across, up]` each, closed unless told otherwise. */
export function outline(
  layer: Layer,
  points: readonly [number, number][],
  part?: string,
  closed = true,
): Element {
  return {
    kind: 'line',
    layer,
    closed,
    points: points.map(([x, y]) => ({ x, y })),
    ...(part ? { part } : {}),
  };
}

/** The extents of elements, with room around for texts. */
export function extentsOf(elements: Element[], margin: number): DrawingModel['extents'] {
  let [left, bottom, right, top] = [Infinity, Infinity, -Infinity, -Infinity];
  const reach = (x: number, y: number) => {
    left = Math.min(left, x);
    right = Math.max(right, x);
    bottom = Math.min(bottom, y);
    top = Math.max(top, y);
  };
  for (const element of elements) {
    if (element.kind === 'line') for (const point of element.points) reach(point.x, point.y);
    else if (element.kind === 'circle' || element.kind === 'arc') {
      for (const point of element.kind === 'arc'
        ? arcPoints(element)
        : [
            { x: element.centre.x - element.radius, y: element.centre.y - element.radius },
            { x: element.centre.x + element.radius, y: element.centre.y + element.radius },
          ])
        reach(point.x, point.y);
    } else if (element.kind === 'text') reach(element.at.x, element.at.y);
    else if (element.axis === 'horizontal') {
      reach(element.from.x, element.at);
      reach(element.to.x, element.at);
    } else {
      reach(element.at, element.from.y);
      reach(element.at, element.to.y);
    }
  }
  return { left: left - margin, bottom: bottom - margin, right: right + margin, top: top + margin };
}

/** The same drawing without figures and words, as close as its lines allow. */
export function withoutFigures(model: DrawingModel): DrawingModel {
  const elements = model.elements.filter(
    (one) => one.kind !== 'dimension' && !(one.kind === 'text' && one.layer === 'label'),
  );
  return { ...model, elements, extents: extentsOf(elements, model.textHeight * 0.3) };
}

/** Points along an arc, from one angle to the other in degrees counter-clockwise from +x. */
export function arcPoints(arc: {
  centre: Point;
  radius: number;
  from: number;
  to: number;
}): Point[] {
  const steps = 24;
  return Array.from({ length: steps + 1 }, (_, index) => {
    const angle = ((arc.from + ((arc.to - arc.from) * index) / steps) * Math.PI) / 180;
    return {
      x: arc.centre.x + arc.radius * Math.cos(angle),
      y: arc.centre.y + arc.radius * Math.sin(angle),
    };
  });
}

/** The mirror image of elements about a vertical line x = about / 2. */
export function mirror(elements: Element[], about: number): Element[] {
  const flip = (point: Point): Point => ({ x: about - point.x, y: point.y });
  return elements.map((element): Element => {
    switch (element.kind) {
      case 'line':
        return { ...element, points: element.points.map(flip) };
      case 'circle':
        return { ...element, centre: flip(element.centre) };
      case 'arc':
        return {
          ...element,
          centre: flip(element.centre),
          from: 180 - element.to,
          to: 180 - element.from,
        };
      case 'text': {
        const anchor = { start: 'end', middle: 'middle', end: 'start' } as const;
        return { ...element, at: flip(element.at), anchor: anchor[element.anchor] };
      }
      case 'dimension':
        return element.axis === 'horizontal'
          ? { ...element, from: flip(element.to), to: flip(element.from) }
          : { ...element, from: flip(element.from), to: flip(element.to), at: about - element.at };
    }
  });
}
