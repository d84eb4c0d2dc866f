import type { DecidedOpening } from '../deciding/index.js';
import { valueOrUndefined, swingsBothWays } from '../model/index.js';
import { lipOf, rotated, type Lip, type SwingPlan } from '../sizing/index.js';
import { extentsOf, rect, type DrawingModel, type Element, type Point } from './model.js';
import { horizontal } from './elevation.js';
import { hingeEdge, placeLeaves, type PlacedLeaf } from './place.js';
import { openModel } from './openModel.js';
import { planShape, type Above } from './hardware/index.js';
import { strokesOn } from './solidsDrawing.js';

/** The plan: outside below, inside above; leaves closed and open at 90°, their sweep, clear width. */
export function plan(decided: DecidedOpening): DrawingModel {
  const placed = placeLeaves(decided);
  if (!placed) return openModel('plan');
  const { width, face, leaves } = placed;
  const text = Math.max(width, (leaves[0]!.width || width) * 1.4) / 26;
  const thickness = leaves[0]!.thickness;
  const stop = decided.results.sizing.stopWidth;
  const depth = Math.max(thickness * 2.4, face * 2);
  const elements: Element[] = [];
  // The leaf's pull face lies on y = 0 of its own plan; the frame is drawn about it.
  const pullOut = leaves.some((leaf) => leaf.swing === 'out');
  // A swinging leaf lies flush with the face it is pulled from; one that swings both ways in the middle.
  const flushBelow = pullOut && leaves.every((leaf) => leaf.swing === 'out');
  const middle = swingsBothWays(decided.facts.kind) ? (thickness - depth) / 2 : undefined;
  const bottom = middle ?? (flushBelow ? 0 : -depth + thickness);
  const top = bottom + depth;
  for (const side of [-1, 1] as const) {
    const inner = side === -1 ? 0 : width;
    const outer = inner + side * face;
    elements.push(
      rect(
        'frame',
        Math.min(inner, outer),
        bottom,
        Math.max(inner, outer),
        top,
        'sizing.frameWidth',
      ),
    );
    const wallEnd = outer + side * face * 2.2;
    elements.push(
      rect(
        'wall',
        Math.min(outer, wallEnd),
        bottom + depth * 0.12,
        Math.max(outer, wallEnd),
        top - depth * 0.12,
      ),
    );
  }
  for (const leaf of leaves) {
    if (leaf.hung.leaf.id === 'lower') continue;
    elements.push(...leafPlan(decided, leaf, width, stop));
  }
  const clear = decided.decisions.find((decision) => decision.key === 'hanging.clearWidth');
  const value = clear?.value?.type === 'length' ? clear.value.ticks : undefined;
  const lowest = Math.min(
    bottom,
    ...elements.flatMap((element) =>
      element.kind === 'line' ? element.points.map((point) => point.y) : [],
    ),
  );
  const highest = Math.max(
    top,
    ...elements.flatMap((element) =>
      element.kind === 'line' ? element.points.map((point) => point.y) : [],
    ),
  );
  if (value !== undefined && value > 0) {
    const { from, to } = clearSpan(decided, leaves, width, stop, value);
    elements.push(
      horizontal('hanging.clearWidth', from, to, top, highest + text * 1.6, value, 'down', decided),
    );
  }
  const labels: Element[] = [
    {
      kind: 'text',
      layer: 'label',
      part: 'handing.outside',
      at: { x: width / 2, y: lowest - text * 2.2 },
      text: sideLabel(decided, 'outside'),
      anchor: 'middle',
    },
    {
      kind: 'text',
      layer: 'label',
      part: 'handing.outside',
      at: { x: width / 2, y: highest + text * 3.6 },
      text: sideLabel(decided, 'inside'),
      anchor: 'middle',
    },
  ];
  const all = [...elements, ...labels];
  return { view: 'plan', elements: all, extents: extentsOf(all, text * 1.6), textHeight: text };
}

function sideLabel(decided: DecidedOpening, side: 'outside' | 'inside'): string {
  const { facts } = decided;
  const { handing } = decided.results;
  const room = (handing.outside === 'from') === (side === 'outside') ? facts.from : facts.to;
  return room ? `${side}: ${room}` : side;
}

function clearSpan(
  decided: DecidedOpening,
  leaves: PlacedLeaf[],
  width: number,
  stop: number,
  clear: number,
) {
  if (leaves.length > 1 && decided.facts.kind !== 'stable')
    return { from: (width - clear) / 2, to: (width + clear) / 2 };
  if (!leaves[0]!.hinges) return { from: 0, to: clear };
  return leaves[0]!.hinges === 'left'
    ? { from: width - stop - clear, to: width - stop }
    : { from: stop, to: stop + clear };
}

/** From a leaf's own plan (hinge edge at x = 0, pull side up) to the drawing's. */
function toDrawing(
  leaf: PlacedLeaf,
  width: number,
  pullsDown: boolean,
  drop = 0,
): (point: Point) => Point {
  const right = leaf.hinges === 'right';
  return ({ x, y }) => ({ x: right ? width - x : x, y: (pullsDown ? -y : y) - drop });
}

/** A leaf cut across, from its hinge edge; a rebated one with its lips over the frame on the pull face. */
function sectionOf(gap: number, width: number, thickness: number, lip: Lip | undefined): Point[] {
  const { over, deep } = lip ?? { over: 0, deep: 0 };
  const far = gap + width;
  return [
    { x: gap - over, y: 0 },
    { x: far + over, y: 0 },
    ...(lip
      ? [
          { x: far + over, y: -deep },
          { x: far, y: -deep },
        ]
      : []),
    { x: far, y: -thickness },
    { x: gap, y: -thickness },
    ...(lip
      ? [
          { x: gap, y: -deep },
          { x: gap - over, y: -deep },
        ]
      : []),
  ];
}

function leafPlan(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  frameWidth: number,
  stop: number,
): Element[] {
  const { thickness, width } = leaf;
  const { facts, practice } = decided;
  if (!leaf.hinges || !leaf.swing) {
    const elements = [
      rect('leaf', leaf.left, -thickness, leaf.left + width, 0, 'sizing.leafWidth'),
    ];
    const to = valueOrUndefined(decided.facts.slideTo);
    if (to && decided.facts.kind === 'bi-fold') {
      // Folded, the leaves stand square to the opening, one against the other, at their side.
      const index = Math.round(
        (leaf.left - (decided.results.sizing.hingeGap ?? 0)) / Math.max(1, width),
      );
      const at = (decided.results.sizing.hingeGap ?? 0) + index * thickness;
      const from = to === 'left' ? at : frameWidth - at - thickness;
      elements.push(rect('open', from, -thickness, from + thickness, width, 'handing.slide'));
    } else if (to) {
      const shift = (to === 'left' ? -1 : 1) * width;
      elements.push(
        rect('open', leaf.left + shift, -thickness, leaf.left + width + shift, 0, 'handing.slide'),
      );
    }
    return elements;
  }
  const { x } = hingeEdge(leaf);
  const gap = leaf.hinges === 'left' ? x : frameWidth - x;
  const axis = decided.results.hanging.axis ?? { x: gap / 2, y: 0 };
  const own: SwingPlan = { width, thickness, hingeGap: gap, axis };
  const both = leaf.swing === 'both';
  // The leaves of a double-egress pair stand in one plane though they pull to opposite sides.
  const drop = decided.facts.kind === 'double-egress' && leaf.swing === 'out' ? thickness : 0;
  const elements: Element[] = [];
  const ways = both ? [true, false] : [leaf.swing === 'out'];
  ways.forEach((pullsDown, index) => {
    // The other way of a double-acting leaf turns about the same axis from the same closed place.
    const map = toDrawing(leaf, frameWidth, pullsDown, both && !pullsDown ? -thickness : drop);
    const outline = sectionOf(gap, width, thickness, lipOf(facts, practice, thickness));
    const box = (degrees: number): Point[] =>
      outline.map((corner) => map(rotated(own, corner, degrees)));
    if (index === 0)
      elements.push({
        kind: 'line',
        layer: 'leaf',
        closed: true,
        part: 'sizing.leafWidth',
        points: box(0),
      });
    elements.push({
      kind: 'line',
      layer: 'open',
      closed: true,
      part: 'handing.hand',
      points: box(90),
    });
    if (index === 0 && !both)
      elements.push(...onFaces(decided, leaf, (point) => map({ x: gap + point.x, y: point.y })));
    const sweep = Array.from({ length: 25 }, (_, step) =>
      map(rotated(own, { x: gap + width, y: 0 }, (90 * step) / 24)),
    );
    elements.push({ kind: 'line', layer: 'hidden', part: 'handing.hand', points: sweep });
    if (index === 0) {
      elements.push({
        kind: 'circle',
        layer: 'hardware',
        part: 'hanging.device',
        centre: map(axis),
        radius: Math.max(thickness / 5, width / 110),
      });
    }
  });
  if (stop > 0 && !swingsBothWays(decided.facts.kind)) {
    const map = toDrawing(leaf, frameWidth, leaf.swing === 'out', drop);
    const corner = [
      { x: 0, y: -thickness },
      { x: stop, y: -thickness },
      { x: stop, y: -thickness - stop },
      { x: 0, y: -thickness - stop },
    ].map(map);
    elements.push({
      kind: 'line',
      layer: 'frame',
      closed: true,
      part: 'stopWidth',
      points: corner,
    });
    if (decided.facts.kind === 'single' || decided.facts.kind === 'stable') {
      elements.push({
        kind: 'line',
        layer: 'frame',
        closed: true,
        part: 'stopWidth',
        points: corner.map((point) => ({ x: frameWidth - point.x, y: point.y })),
      });
    }
  }
  return elements;
}

/** What stands on the faces of a closed leaf, seen from above. */
function onFaces(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  place: (point: Point) => Point,
): Element[] {
  const { lever, knob } = decided.practice.values.bodies.value;
  const { spec, outsidePull } = decided.results.securing;
  const handle = valueOrUndefined(decided.facts.handle) ?? 'lever';
  const size = handle === 'knob' ? knob : lever;
  const above: Above = {
    handle,
    reach: size.through,
    grip: handle === 'knob' ? knob.across : lever.across,
    handled: (face) => {
      if (!spec) return true;
      const outside = (face === 'pull') === outsidePull;
      return (outside ? spec.outsideHandle : spec.insideHandle) !== 'none';
    },
  };
  return decided.solids
    .filter((one) => one.leaf === leaf.hung.leaf.id && one.on === 'leaf')
    .flatMap((one) => strokesOn(planShape(one, above), place, one.owner));
}
