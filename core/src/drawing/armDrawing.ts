import { armAt, armRow, ARMS, armSweep } from '../closing/index.js';
import type { DecidedOpening } from '../deciding/index.js';
import { swingPlan } from '../hanging/index.js';
import { valueOrUndefined } from '../model/index.js';
import { corners, rotated } from '../sizing/index.js';
import { extentsOf, rect, type DrawingModel, type Element, type Point } from './model.js';

/** Half the width of an arm as drawn, and of a closer's body off its face, in thicknesses of the leaf. */
const ARM = 0.12;

/** A bar between two points, as wide as an arm is. */
function bar(from: Point, to: Point, half: number): Point[] {
  const apart = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [x, y] = [(-(to.y - from.y) / apart) * half, ((to.x - from.x) / apart) * half];
  return [
    { x: from.x + x, y: from.y + y },
    { x: to.x + x, y: to.y + y },
    { x: to.x - x, y: to.y - y },
    { x: from.x - x, y: from.y - y },
  ];
}

/**
 * The closer in plan, the leaf opened so far: leaf, head, body, arm or roller in its track, and the path
 * of the elbow over the whole swing. In the leaf's own hand (hinges left, pull side up). Undefined where no
 * arm is seen.
 */
export function armDrawing(decided: DecidedOpening, degrees: number): DrawingModel | undefined {
  const { facts, practice } = decided;
  const { sizing, hanging, closing } = decided.results;
  const plan = swingPlan(practice, sizing, hanging);
  const name = ARMS.find((one) => one === closing.device);
  if (!plan || !name) return undefined;
  const row = armRow(name, facts, practice);
  const at = armAt(name, row, plan, degrees);
  const { thickness, width, axis } = plan;
  const half = thickness * ARM;
  const elements: Element[] = [];
  const jamb = thickness * 1.4;
  elements.push(rect('frame', -jamb, -thickness * 1.5, 0, 0, 'frameFace'));
  const wall = valueOrUndefined(facts.sideWall);
  if (wall !== undefined)
    elements.push(rect('wall', -wall - thickness * 0.3, 0, -wall, width * 0.8, 'sideWall'));
  elements.push({ kind: 'line', layer: 'hidden', closed: true, points: corners(plan, 0) });
  elements.push({
    kind: 'line',
    layer: 'leaf',
    closed: true,
    part: 'sizing.leafWidth',
    points: corners(plan, degrees),
  });
  elements.push({
    kind: 'line',
    layer: 'swing',
    points: Array.from({ length: 49 }, (_, step) =>
      rotated(plan, { x: plan.hingeGap + width, y: 0 }, (Math.max(degrees, 1) * step) / 48),
    ),
  });
  const { widest } = armSweep(name, row, plan);
  const path = Array.from({ length: 61 }, (_, step) =>
    armAt(name, row, plan, (widest * step) / 60),
  ).flatMap((one) => (one ? [one.elbow] : []));
  elements.push({ kind: 'line', layer: 'hidden', part: 'closing.armAngle', points: path });
  if (row.fore === 0) {
    const y = at?.shoe.y ?? 0;
    elements.push(
      rect(
        'hardware',
        axis.x,
        y - half * 0.6,
        axis.x + row.shoeAlong,
        y + half * 0.6,
        'closing.device',
      ),
    );
  }
  if (at) {
    elements.push({
      kind: 'line',
      layer: 'hardware',
      closed: true,
      part: 'closing.device',
      points: bar(at.spindle, at.elbow, half),
    });
    if (row.fore > 0)
      elements.push({
        kind: 'line',
        layer: 'hardware',
        closed: true,
        part: 'closing.device',
        points: bar(at.elbow, at.shoe, half * 0.7),
      });
    for (const centre of [at.spindle, at.elbow, at.shoe])
      elements.push({
        kind: 'circle',
        layer: 'hardware',
        part: 'closing.template',
        centre,
        radius: half * 1.3,
      });
  }
  const text = width * 0.03;
  const closed = armAt(name, row, plan, 0);
  if (closed && degrees === 0) {
    const below = -thickness * 1.5 - text * 2;
    for (const [point, line] of [
      [closed.spindle, 0],
      [closed.shoe, 1],
    ] as const)
      elements.push({
        kind: 'dimension',
        layer: 'dimension',
        axis: 'horizontal',
        part: 'closing.template',
        from: { x: axis.x, y: below },
        to: { x: point.x, y: below },
        at: below - line * text * 2.2,
        ticks: Math.round(point.x - axis.x),
        rounding: 'nearest',
        basis: 'derived',
      });
  }
  // The same frame whatever the angle.
  const still: Element[] = [
    rect('hidden', -width * 0.55, -thickness * 2 - text * 6, width * 1.08, width * 1.02),
  ];
  return { view: 'swing', elements, extents: extentsOf(still, 0), textHeight: text };
}
