import { DEGREES } from '../sizing/index.js';

/** A swinging leaf beside another opening. Ticks, degrees. */
export interface SwingingBeside {
  /** Of the leaf next to the other opening. */
  readonly width: number;
  readonly thickness: number;
  /** Whether its hinges or its lock are on the other's side. */
  readonly side: 'hinge' | 'lock';
  /** From its frame's rabbet to that of the other, or to the corner between them. */
  readonly away: number;
  /** How far it opens. */
  readonly opens: number;
}

/** Whether the other stands in the same wall or in the wall square to it. */
export type Beside = 'same-wall' | 'corner';

interface Point {
  x: number;
  y: number;
}

/** So fine the swings of both are followed, degrees. */
const STEP = 3;

/**
 * Whether the leaves of two openings beside each other that open into one room strike each other, and how far
 * each is open where they first do: the least of both together. In plan, x along the wall towards the second and y
 * into the room; each leaf is the line from its hinge to its lock edge, and strikes within a leaf's thickness.
 */
export function strikesOf(
  one: SwingingBeside,
  two: SwingingBeside,
  at: Beside,
): { one: number; two: number } | undefined {
  const near = Math.max(one.thickness, two.thickness);
  let first: { one: number; two: number } | undefined;
  for (const a of angles(one.opens))
    for (const b of angles(two.opens)) {
      if (a + b === 0 || (first && a + b >= first.one + first.two)) continue;
      const [from, to] = firstLeaf(one, a);
      const [other, end] = at === 'corner' ? roundCorner(one, two, b) : along(one, two, b);
      if (apart(from, to, other, end) < near) first = { one: a, two: b };
    }
  return first;
}

function angles(most: number): number[] {
  const list: number[] = [];
  for (let degrees = 0; degrees < most; degrees += STEP) list.push(degrees);
  return [...list, most];
}

type Line = [Point, Point];

const turned = (hinge: Point, width: number, across: number, into: number): Line => [
  hinge,
  { x: hinge.x + width * across, y: hinge.y + width * into },
];

/** The first leaf: its jamb beside the other at 0, itself to the left of it. */
function firstLeaf({ width, side }: SwingingBeside, degrees: number): Line {
  const [cos, sin] = cosSin(degrees);
  return side === 'hinge'
    ? turned({ x: 0, y: 0 }, width, -cos, sin)
    : turned({ x: -width, y: 0 }, width, cos, sin);
}

/** The second in the same wall: its jamb as far to the right as the first says. */
function along({ away }: SwingingBeside, { width, side }: SwingingBeside, degrees: number): Line {
  const [cos, sin] = cosSin(degrees);
  return side === 'hinge'
    ? turned({ x: away, y: 0 }, width, cos, sin)
    : turned({ x: away + width, y: 0 }, width, -cos, sin);
}

/** The second in the wall square to it, opening back towards the first. */
function roundCorner(one: SwingingBeside, two: SwingingBeside, degrees: number): Line {
  const [cos, sin] = cosSin(degrees);
  const { width, side, away } = two;
  return side === 'hinge'
    ? turned({ x: one.away, y: away }, width, -sin, cos)
    : turned({ x: one.away, y: away + width }, width, -sin, -cos);
}

function cosSin(degrees: number): [number, number] {
  return [Math.cos(degrees * DEGREES), Math.sin(degrees * DEGREES)];
}

/** The distance of two lines; 0 where they cross. */
function apart(a: Point, b: Point, c: Point, d: Point): number {
  if (crosses(a, b, c, d)) return 0;
  return Math.min(toLine(a, c, d), toLine(b, c, d), toLine(c, a, b), toLine(d, a, b));
}

const side = (a: Point, b: Point, p: Point) =>
  (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);

function crosses(a: Point, b: Point, c: Point, d: Point): boolean {
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function toLine(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const share = ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy);
  const on = Math.max(0, Math.min(1, share));
  return Math.hypot(p.x - a.x - on * dx, p.y - a.y - on * dy);
}
