import type { Layer, Point } from '../model.js';

/**
 * A line of a piece of hardware in the plane it is looked at in, in ticks. `detail` lines are drawn only
 * where the piece is seen; where it is hidden its outline is dashed.
 */
export type Stroke =
  | { kind: 'line'; layer: Extract<Layer, 'hardware' | 'detail'>; points: Point[]; closed: boolean }
  | {
      kind: 'circle';
      layer: Extract<Layer, 'hardware' | 'detail'>;
      centre: Point;
      radius: number;
    };

/** A box in the plane of a view. */
export interface Box {
  left: number;
  bottom: number;
  right: number;
  top: number;
}

export const widthOf = ({ left, right }: Box): number => right - left;
export const heightOf = ({ bottom, top }: Box): number => top - bottom;
export const middleOf = ({ left, bottom, right, top }: Box): Point => ({
  x: (left + right) / 2,
  y: (bottom + top) / 2,
});

export function boxAbout({ x, y }: Point, width: number, height: number): Box {
  return { left: x - width / 2, bottom: y - height / 2, right: x + width / 2, top: y + height / 2 };
}

export function corners({ left, bottom, right, top }: Box): Point[] {
  return [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
}

export function outlineOf(points: Point[]): Stroke {
  return { kind: 'line', layer: 'hardware', points, closed: true };
}

export const boxed = (box: Box): Stroke => outlineOf(corners(box));

/** A box with its corners cut by so much, as castings are. */
export function chamfered(box: Box, cut: number): Stroke {
  const c = Math.min(cut, widthOf(box) / 2, heightOf(box) / 2);
  const { left, bottom, right, top } = box;
  return outlineOf([
    { x: left + c, y: bottom },
    { x: right - c, y: bottom },
    { x: right, y: bottom + c },
    { x: right, y: top - c },
    { x: right - c, y: top },
    { x: left + c, y: top },
    { x: left, y: top - c },
    { x: left, y: bottom + c },
  ]);
}

/** A bar from one point to another, so thick, its ends square. */
export function bar(from: Point, to: Point, thickness: number): Stroke {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [(-dy / length) * (thickness / 2), (dx / length) * (thickness / 2)];
  return outlineOf([
    { x: from.x + nx, y: from.y + ny },
    { x: to.x + nx, y: to.y + ny },
    { x: to.x - nx, y: to.y - ny },
    { x: from.x - nx, y: from.y - ny },
  ]);
}

export function detail(...points: Point[]): Stroke {
  return { kind: 'line', layer: 'detail', points, closed: false };
}

export function ring(centre: Point, radius: number): Stroke {
  return { kind: 'circle', layer: 'detail', centre, radius };
}

export function disc(centre: Point, radius: number): Stroke {
  return { kind: 'circle', layer: 'hardware', centre, radius };
}

/** A screw: its head, and the slot across it. */
export function screw({ x, y }: Point, radius: number): Stroke[] {
  return [ring({ x, y }, radius), detail({ x: x - radius, y }, { x: x + radius, y })];
}

/** So many even steps between two figures, both ends among them. */
export function steps(from: number, to: number, count: number): number[] {
  return Array.from({ length: count }, (_, index) => from + ((to - from) * index) / (count - 1));
}
