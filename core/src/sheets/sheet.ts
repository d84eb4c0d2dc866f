import type { DecidedOpening } from '../deciding/index.js';
import {
  extentsOf,
  placeLeaves,
  type DrawingModel,
  type Element,
  type PlacedLeaf,
  type Point,
} from '../drawing/index.js';
import { formatLength, type Ticks } from '../measure/index.js';
import type { LeafId } from '../model/index.js';
import { termText } from '../phrasing/index.js';
import { unitsOf } from '../scheduling/index.js';
import { cutsOf, type Cut } from './cuts.js';

/** A dimension from the datum, measured where the drawing is in true size. */
export interface Ordinate {
  axis: 'vertical' | 'horizontal';
  /** On the datum, and on what is dimensioned. */
  from: Point;
  to: Point;
  ticks: Ticks;
}

/** A member set out in true size: a drawing, and its dimensions from one datum. Ticks, x right, y up. */
export interface PrepSheet {
  member: 'leaf' | 'frame';
  leaf: LeafId;
  title: string;
  /** What all heights are measured from. */
  datum: string;
  drawing: DrawingModel;
  ordinates: Ordinate[];
  cuts: Cut[];
}

/** Between the parts of a developed member, and of text columns, in parts of its height. */
const GAP = 0.09;
const TEXT = 1 / 62;

/**
 * The sheets of an opening: a leaf each, seen from outside with its hinge edge and its lock edge turned out beside
 * it, and the frame's jambs as they face each other. Empty while size or hand is open: nothing is cut by half a
 * hand.
 */
export function prepSheets(decided: DecidedOpening): PrepSheet[] {
  const placed = placeLeaves(decided);
  if (!placed || placed.sliding) return [];
  const cuts = cutsOf(decided);
  return placed.leaves.flatMap((leaf) => {
    if (!leaf.hinges || !leaf.swing || leaf.swing === 'both' || leaf.height <= 0) return [];
    const own = cuts.filter((cut) => cut.leaf === leaf.hung.leaf.id);
    return [leafSheet(decided, leaf, own), frameSheet(decided, leaf, own)];
  });
}

/** Which way a leaf is drawn: hinges at the left or mirrored, its pull face outside or not. */
const drawnAs = ({ hinges, swing }: PlacedLeaf) => ({
  flip: hinges === 'right',
  pullOutside: swing === 'out',
});

class Setting {
  readonly elements: Element[] = [];
  readonly ordinates: Ordinate[] = [];

  constructor(
    private readonly decided: DecidedOpening,
    readonly text: Ticks,
    /** Right-hand members are the mirror image of left-hand ones. */
    private readonly flip: boolean,
  ) {}

  private x = (x: number) => (this.flip ? -x : x);

  box(
    left: number,
    right: number,
    top: number,
    bottom: number,
    layer: 'leaf' | 'frame' | 'hardware' | 'hidden',
    part?: string,
  ): void {
    const [a, b] = [this.x(left), this.x(right)];
    this.elements.push({
      kind: 'line',
      layer,
      closed: true,
      points: [
        { x: Math.min(a, b), y: -bottom },
        { x: Math.max(a, b), y: -bottom },
        { x: Math.max(a, b), y: -top },
        { x: Math.min(a, b), y: -top },
      ],
      ...(part ? { part } : {}),
    });
  }

  round(x: number, down: number, radius: number, hidden: boolean, part: string): void {
    this.elements.push({
      kind: 'circle',
      layer: hidden ? 'hidden' : 'hardware',
      centre: { x: this.x(x), y: -down },
      radius,
      part,
    });
  }

  label(text: string, x: number, down: number, scale = 1): void {
    this.elements.push({
      kind: 'text',
      layer: 'label',
      at: { x: this.x(x), y: -down },
      text,
      anchor: 'middle',
      scale,
    });
  }

  /** Running dimensions beside a part: each height once, spread where they would lie on each other. */
  run(heights: readonly Ticks[], edge: number, column: number): void {
    const sorted = [...new Set(heights.map((one) => Math.round(one)))].sort((a, b) => a - b);
    const least = this.text * 1.35;
    const places = spread(sorted, least);
    const { system } = this.decided.practice;
    sorted.forEach((down, at) => {
      const shown = places[at]!;
      this.elements.push({
        kind: 'line',
        layer: 'dimension',
        points: [
          { x: this.x(edge), y: -down },
          { x: this.x(edge + (column - edge) * 0.55), y: -down },
          { x: this.x(column - Math.sign(column - edge) * this.text * 0.3), y: -shown },
        ],
      });
      this.elements.push({
        kind: 'text',
        layer: 'dimension',
        at: { x: this.x(column), y: -shown - this.text * 0.35 },
        text: formatLength(down, { system, denominator: this.decided.practice.denominator }),
        anchor: column > edge !== this.flip ? 'start' : 'end',
      });
      if (down !== 0)
        this.ordinates.push({
          axis: 'vertical',
          from: { x: this.x(edge), y: 0 },
          to: { x: this.x(edge), y: -down },
          ticks: down,
        });
    });
  }

  across(from: number, to: number, down: number): void {
    this.ordinates.push({
      axis: 'horizontal',
      from: { x: this.x(from), y: -down },
      to: { x: this.x(to), y: -down },
      ticks: Math.round(Math.abs(to - from)),
    });
    this.elements.push({
      kind: 'dimension',
      layer: 'dimension',
      axis: 'horizontal',
      from: { x: this.x(Math.min(from, to)), y: -down },
      to: { x: this.x(Math.max(from, to)), y: -down },
      at: -down - this.text * 2.2,
      ticks: Math.round(Math.abs(to - from)),
      rounding: 'nearest',
      basis: 'derived',
    });
  }

  model(): DrawingModel {
    const extents = extentsOf(this.elements, this.text * 2);
    return { view: 'elevation-outside', extents, textHeight: this.text, elements: this.elements };
  }
}

/** Places at least so far apart, as near as may be to where they are wanted. */
export function spread(wanted: readonly number[], least: number): number[] {
  const places = [...wanted];
  for (let round = 0; round < 60; round++) {
    let moved = false;
    for (let at = 1; at < places.length; at++) {
      const short = least - (places[at]! - places[at - 1]!);
      if (short <= 1e-6) continue;
      places[at - 1]! -= short / 2;
      places[at]! += short / 2;
      moved = true;
    }
    if (!moved) break;
  }
  return places;
}

const ROUND: ReadonlySet<string> = new Set([
  'solid.lockBore',
  'solid.rose',
  'solid.thumbturn',
  'solid.viewer',
]);

const titleOf = ({ facts }: DecidedOpening, leaf: PlacedLeaf, member: string): string =>
  [facts.mark, member, leaf.hung.leaf.id === 'leaf' ? '' : termText(`leaf.${leaf.hung.leaf.id}`)]
    .filter(Boolean)
    .join(', ');

/** A leaf from outside, its hinge edge turned out at one side, its lock edge at the other. */
function leafSheet(decided: DecidedOpening, leaf: PlacedLeaf, cuts: Cut[]): PrepSheet {
  const { flip, pullOutside } = drawnAs(leaf);
  const { width, height, thickness } = leaf;
  const setting = new Setting(decided, height * TEXT, flip);
  const gap = height * GAP;
  const onLeaf = cuts.filter(({ on }) => on === 'leaf');
  // From the outside face: that is how far a gauge is run from the face that is seen.
  const z = (value: number) => (pullOutside ? value : thickness - value);
  setting.box(0, width, 0, height, 'leaf');
  setting.box(-gap - thickness, -gap, 0, height, 'leaf');
  setting.box(width + gap, width + gap + thickness, 0, height, 'leaf');
  for (const cut of onLeaf) {
    const [top, bottom] = cut.down;
    const [a, b] = cut.across;
    if (cut.member === 'hinge-edge')
      setting.box(-gap - z(a), -gap - z(b), top, bottom, 'hardware', cut.owner);
    else if (cut.member === 'lock-edge')
      setting.box(width + gap + z(a), width + gap + z(b), top, bottom, 'hardware', cut.owner);
    else if (cut.member === 'pull-face' || cut.member === 'push-face') {
      const hidden = cut.how !== 'in' && (cut.member === 'pull-face') !== pullOutside;
      if (ROUND.has(cut.thing))
        setting.round((a + b) / 2, (top + bottom) / 2, (b - a) / 2, hidden, cut.owner);
      else setting.box(a, b, top, bottom, hidden ? 'hidden' : 'hardware', cut.owner);
    } else setting.box(a, b, top, bottom, 'hidden', cut.owner);
  }
  const heights = (member: Cut['member']) =>
    onLeaf.filter((cut) => cut.member === member).flatMap(({ down }) => down);
  setting.run(
    [0, ...heights('hinge-edge'), height],
    -gap - thickness,
    -gap - thickness - gap * 0.7,
  );
  setting.run(
    [0, ...heights('lock-edge'), height],
    width + gap + thickness,
    width + 2 * gap + thickness - gap * 0.3,
  );
  const bores = onLeaf.filter(({ thing }) => ROUND.has(thing));
  const centres = [...new Set(bores.map(({ down }) => (down[0] + down[1]) / 2))];
  if (centres.length > 0) setting.run(centres, width, width + gap * 0.32);
  const first = bores[0];
  if (first) setting.across((first.across[0] + first.across[1]) / 2, width, first.down[1]);
  setting.across(0, width, height);
  setting.label('hinge edge', -gap - thickness / 2, -setting.text * 0.9);
  setting.label(
    pullOutside ? 'pull face, outside' : 'push face, outside',
    width / 2,
    -setting.text * 0.9,
  );
  setting.label('lock edge', width + gap + thickness / 2, -setting.text * 0.9);
  return {
    member: 'leaf',
    leaf: leaf.hung.leaf.id,
    title: titleOf(decided, leaf, 'leaf'),
    datum: 'top of the leaf',
    drawing: setting.model(),
    ordinates: setting.ordinates,
    cuts: onLeaf,
  };
}

/** The jambs of a frame, each as it faces the opening, from its head to the finished floor. */
function frameSheet(decided: DecidedOpening, leaf: PlacedLeaf, cuts: Cut[]): PrepSheet {
  const { flip, pullOutside } = drawnAs(leaf);
  const {
    frameHeight = leaf.height,
    floorFinish,
    frameWidth = leaf.width,
  } = decided.results.sizing;
  const height = frameHeight - floorFinish;
  const { thickness } = leaf;
  const setting = new Setting(decided, height * TEXT, flip);
  const gap = height * GAP * 1.6;
  const onFrame = cuts.filter(({ on }) => on === 'frame');
  const z = (value: number) => (pullOutside ? value : thickness - value);
  // Edges that are rebated: where the leaf closes lies from the outside face inwards.
  const [hinge, lock] = [-gap, gap];
  setting.box(hinge - thickness, hinge, 0, height, 'frame');
  setting.box(lock, lock + thickness, 0, height, 'frame');
  for (const cut of onFrame) {
    const [top, bottom] = cut.down;
    const [a, b] = cut.across;
    if (cut.member === 'hinge-jamb')
      setting.box(hinge - z(a), hinge - z(b), top, bottom, 'hardware', cut.owner);
    else if (cut.member === 'lock-jamb')
      setting.box(lock + z(a), lock + z(b), top, bottom, 'hardware', cut.owner);
  }
  const heights = (member: Cut['member']) =>
    onFrame.filter((cut) => cut.member === member).flatMap(({ down }) => down);
  setting.run(
    [0, ...heights('hinge-jamb'), height],
    hinge - thickness,
    hinge - thickness - gap * 0.45,
  );
  setting.run(
    [0, ...heights('lock-jamb'), height],
    lock + thickness,
    lock + thickness + gap * 0.45,
  );
  setting.label('hinge jamb', hinge - thickness / 2, -setting.text * 0.9);
  setting.label('lock jamb', lock + thickness / 2, -setting.text * 0.9);
  setting.label(
    `between jambs ${formatLength(frameWidth, unitsOf(decided))}`,
    0,
    height + setting.text * 2,
  );
  return {
    member: 'frame',
    leaf: leaf.hung.leaf.id,
    title: titleOf(decided, leaf, 'frame'),
    datum: 'underside of the head',
    drawing: setting.model(),
    ordinates: setting.ordinates,
    cuts: onFrame,
  };
}
