import { decisionOf } from '../deciding/index.js';
import type { DecidedOpening } from '../deciding/index.js';
import { toMm } from '../measure/index.js';
import { hasActiveLeaf, valueOrUndefined, type Decision } from '../model/index.js';
import { extentsOf, mirror, rect, type DrawingModel, type Element } from './model.js';
import { hingeEdge, placeLeaves, type PlacedLeaf } from './place.js';
import { butt, continuous, type Box } from './hardware/index.js';
import { clashElements, solidElements, strokesOn } from './solidsDrawing.js';
import { glassPlace, lipOf } from '../sizing/index.js';
import { openModel } from './openModel.js';

/** The basis a decided length is drawn with. */
function basisOf(decided: DecidedOpening, key: string): Decision['basis'] {
  return decisionOf(decided, key)?.basis ?? 'derived';
}

/**
 * The elevation seen from outside, or from inside as its mirror image with its own knuckles shown or
 * hidden. Swing lines run from the lock-side corners to the middle of the hinge side: unbroken when
 * the leaf comes towards the person who looks.
 */
export function elevation(decided: DecidedOpening, from: 'outside' | 'inside'): DrawingModel {
  const view = from === 'outside' ? 'elevation-outside' : 'elevation-inside';
  const placed = placeLeaves(decided);
  if (!placed) return openModel(view);
  const { width, height, face, leaves } = placed;
  const text = Math.max(height, width) / 27;
  const floor = decided.results.sizing.floorFinish;
  const parts: Element[] = [
    {
      kind: 'line',
      layer: 'floor',
      points: [
        { x: -face * 3.2, y: floor },
        { x: width + face * 3.2, y: floor },
      ],
    },
    {
      kind: 'line',
      layer: 'frame',
      closed: true,
      part: 'sizing.frameWidth',
      points: [
        { x: -face, y: floor },
        { x: -face, y: height + face },
        { x: width + face, y: height + face },
        { x: width + face, y: floor },
        { x: width, y: floor },
        { x: width, y: height },
        { x: 0, y: height },
        { x: 0, y: floor },
      ],
    },
  ];
  for (const leaf of leaves) parts.push(...leafElements(decided, leaf, from, face));
  if (placed.sliding) parts.push(...slideArrow(decided, leaves[0]!, height));
  // Dimensions stand on the sides as seen from outside and are mirrored with everything else.
  const main = leaves[0]!;
  const hingesRight = main.hinges === 'right';
  const left = -face - text * 2.3;
  const right = width + face + text * 2.3;
  const overall = hingesRight ? left : right;
  const hingeSideAt = hingesRight ? right : left;
  parts.push(
    horizontal(
      'sizing.frameWidth',
      0,
      width,
      height,
      height + face + text * 3.3,
      width,
      'nearest',
      decided,
    ),
    vertical(
      'sizing.frameHeight',
      hingesRight ? 0 : width,
      floor,
      height,
      overall + (hingesRight ? -1 : 1) * text * 1.9,
      height - floor,
      'nearest',
      decided,
    ),
  );
  for (const leaf of leaves.filter((candidate) => candidate.hung.leaf.width !== undefined)) {
    if (leaf.hung.leaf.id === 'lower') continue;
    const id = leaf.hung.leaf.id;
    const suffix = id === 'leaf' || id === 'upper' ? '' : `@${id}`;
    parts.push(
      horizontal(
        `sizing.leafWidth${suffix}`,
        leaf.left,
        leaf.left + leaf.width,
        leaf.bottom + leaf.height,
        height + face + text * 1.4,
        leaf.width,
        'down',
        decided,
      ),
    );
  }
  for (const leaf of leaves.length > 1 && decided.facts.kind !== 'stable'
    ? leaves.slice(0, 1)
    : leaves) {
    if (leaf.hung.leaf.height === undefined) continue;
    const id = leaf.hung.leaf.id;
    const suffix = id === 'upper' || id === 'lower' ? `@${id}` : '';
    parts.push(
      vertical(
        `sizing.leafHeight${suffix}`,
        hingesRight ? 0 : width,
        leaf.bottom,
        leaf.bottom + leaf.height,
        overall,
        leaf.height,
        'down',
        decided,
      ),
      ...hingeDimensions(decided, leaf, hingeSideAt, text),
    );
  }
  const elements = from === 'inside' ? mirror(parts, width) : parts;
  return {
    view,
    elements: [
      ...elements,
      label(from === 'outside' ? 'from outside' : 'from inside', width / 2, floor - text * 1.8),
    ],
    extents: extentsOf(elements, text * 2.4),
    textHeight: text,
  };
}

function label(text: string, x: number, y: number): Element {
  return { kind: 'text', layer: 'label', at: { x, y }, text, anchor: 'middle' };
}

export function horizontal(
  part: string,
  from: number,
  to: number,
  y: number,
  at: number,
  ticks: number,
  rounding: 'down' | 'nearest' | 'up',
  decided: DecidedOpening,
): Element {
  return {
    kind: 'dimension',
    layer: 'dimension',
    axis: 'horizontal',
    part,
    from: { x: from, y },
    to: { x: to, y },
    at,
    ticks,
    rounding,
    basis: basisOf(decided, part),
  };
}

export function vertical(
  part: string,
  x: number,
  from: number,
  to: number,
  at: number,
  ticks: number,
  rounding: 'down' | 'nearest' | 'up',
  decided: DecidedOpening,
): Element {
  return {
    kind: 'dimension',
    layer: 'dimension',
    axis: 'vertical',
    part,
    from: { x, y: from },
    to: { x, y: to },
    at,
    ticks,
    rounding,
    basis: basisOf(decided, part),
  };
}

function leafElements(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  from: 'outside' | 'inside',
  head: number,
): Element[] {
  const { left, width, bottom, height } = leaf;
  const top = bottom + height;
  // From the side it is pulled from, a rebated leaf covers the gaps.
  const seen = leaf.swing !== undefined && (leaf.swing === 'out') === (from === 'outside');
  const over = seen ? (lipOf(decided.facts, decided.practice, leaf.thickness)?.over ?? 0) : 0;
  const elements: Element[] = [
    rect('leaf', left - over, bottom, left + width + over, top + over, 'sizing.leafWidth'),
  ];
  const glassWidth = valueOrUndefined(decided.facts.glassWidth);
  const glassHeight = valueOrUndefined(decided.facts.glassHeight);
  if (glassWidth && glassHeight && glassWidth < width && glassHeight < height) {
    const place = glassPlace(decided.facts, leaf, glassWidth, glassHeight);
    // In the leaf's own x, from the hinge edge; the drawing's runs from the left.
    const gx = leaf.hinges === 'right' ? left + width - place.left - glassWidth : left + place.left;
    const gy = bottom + place.bottom;
    elements.push(rect('glass', gx, gy, gx + glassWidth, gy + glassHeight, 'glassWidth'));
  }
  if (leaf.hinges && leaf.swing) {
    const { x, away } = hingeEdge(leaf);
    const far = x + away * width;
    const towards = leaf.swing === 'both' || (leaf.swing === 'out') === (from === 'outside');
    elements.push({
      kind: 'line',
      layer: towards ? 'swing' : 'hidden',
      part: 'handing.hand',
      points: [
        { x: far, y: top },
        { x, y: bottom + height / 2 },
        { x: far, y: bottom },
      ],
    });
    // What swings both ways has its outside where others are pulled.
    const pulled = leaf.swing === 'both' ? from === 'outside' : towards;
    const face = pulled ? 'pull' : 'push';
    elements.push(...solidElements(decided, leaf, face, head), ...clashElements(decided, leaf));
    // A concealed hinge has no knuckles: it is dashed on both faces.
    const knucklesSeen =
      leaf.swing === 'both' || decided.results.hanging.device.includes('concealed')
        ? undefined
        : (leaf.swing === 'out') === (from === 'outside');
    elements.push(...hingeMarks(leaf, decided.results.hanging.device, knucklesSeen));
  } else if (!leaf.hinges && leaf.hung.leaf.width !== undefined) {
    if (decisionOf(decided, 'handing.hand')?.status === 'open') {
      elements.push({
        kind: 'text',
        layer: 'question',
        part: 'handing.hand',
        at: { x: left + width / 2, y: bottom + height / 2 },
        text: 'hand open',
        anchor: 'middle',
        scale: 1.2,
      });
    }
  }
  if (hasActiveLeaf(decided.facts.kind) && leaf.active && leaf.hinges) {
    elements.push({
      kind: 'text',
      layer: 'label',
      part: 'handing.hand',
      at: { x: left + width / 2, y: bottom + height * 0.26 },
      text: 'active',
      anchor: 'middle',
    });
  }
  return elements;
}

/** Hinges at the edge: with their knuckles where they show, dashed where they do not. */
function hingeMarks(leaf: PlacedLeaf, device: string, seen: boolean | undefined): Element[] {
  const { x } = hingeEdge(leaf);
  const top = leaf.bottom + leaf.height;
  const { hingeHeight = 0, positions = [] } = leaf.hung;
  const half = Math.round(Math.max(leaf.width / 90, toMm(1)));
  const along = (bottom: number, height: number): Box => ({
    left: x - half,
    right: x + half,
    bottom,
    top: bottom + height,
  });
  const whole = device === 'continuous';
  const boxes = whole
    ? [along(leaf.bottom, leaf.height)]
    : positions.map((position) => along(top - position - hingeHeight, hingeHeight));
  return boxes.flatMap((box) =>
    strokesOn(
      seen ? (whole ? continuous(box) : butt(box)) : butt(box).slice(0, 1),
      (point) => point,
      whole ? 'hanging.device' : 'hanging.positions',
      !seen,
    ),
  );
}

function hingeDimensions(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  at: number,
  text: number,
): Element[] {
  const { hung } = leaf;
  if (!hung.positions || !leaf.hinges) return [];
  const top = leaf.bottom + leaf.height;
  const { x } = hingeEdge(leaf);
  const id = hung.leaf.id;
  const suffix = id === 'upper' || id === 'lower' ? `@${id}` : '';
  const outward = leaf.hinges === 'right' ? 1 : -1;
  return hung.positions.map((position, index) =>
    vertical(
      `hanging.positions${suffix}`,
      x,
      top - position,
      top,
      at + outward * index * text * 1.45,
      position,
      'nearest',
      decided,
    ),
  );
}

function slideArrow(decided: DecidedOpening, leaf: PlacedLeaf, height: number): Element[] {
  const to = valueOrUndefined(decided.facts.slideTo);
  const middle = leaf.left + leaf.width / 2;
  const y = leaf.bottom + height / 2;
  if (!to) {
    return [
      {
        kind: 'text',
        layer: 'question',
        part: 'handing.slide',
        at: { x: middle, y },
        text: 'side open',
        anchor: 'middle',
        scale: 1.2,
      },
    ];
  }
  const sign = to === 'left' ? -1 : 1;
  const end = middle + sign * leaf.width * 0.35;
  const head = leaf.width * 0.07;
  return [
    {
      kind: 'line',
      layer: 'swing',
      part: 'handing.slide',
      points: [
        { x: middle - sign * leaf.width * 0.35, y },
        { x: end, y },
      ],
    },
    {
      kind: 'line',
      layer: 'swing',
      part: 'handing.slide',
      points: [
        { x: end - sign * head, y: y + head },
        { x: end, y },
        { x: end - sign * head, y: y - head },
      ],
    },
  ];
}
