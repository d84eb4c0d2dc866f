import type { DecidedOpening } from '../deciding/index.js';
import { swingPlan } from '../hanging/index.js';
import { valueOrUndefined } from '../model/index.js';
import { corners, rotated, type SwingPlan } from '../sizing/index.js';
import { extentsOf, rect, type DrawingModel, type Element, type Point } from './model.js';

/** How much of the leaf is drawn, in thicknesses from its hinge edge. */
const SHOWN = 3;

/**
 * The hinge side in plan, the leaf opened so far: jamb, stop, trim, barrel and hinge leaves, in the
 * leaf's own hand (hinges left, pull side up). Undefined while sizes or device are open.
 */
export function swingDrawing(decided: DecidedOpening, degrees: number): DrawingModel | undefined {
  const { facts, practice } = decided;
  const { sizing: sizes, hanging } = decided.results;
  const plan = swingPlan(practice, sizes, hanging);
  if (!plan) return undefined;
  const { thickness, hingeGap, axis } = plan;
  const trim = valueOrUndefined(facts.trimProjection) ?? 0;
  const stop = sizes.stopWidth;
  const length = Math.min(plan.width, thickness * SHOWN);
  const jamb = thickness * 1.6;
  const shown: SwingPlan = { ...plan, width: length };
  const elements: Element[] = [
    rect('frame', -jamb, -thickness - Math.max(stop, thickness * 0.4), 0, 0, 'frameFace'),
  ];
  if (stop > 0) elements.push(rect('frame', 0, -thickness - stop, stop, -thickness, 'stopWidth'));
  if (trim > 0) elements.push(rect('wall', -jamb * 1.25, 0, 0, trim, 'trimProjection'));
  elements.push({
    kind: 'line',
    layer: 'hidden',
    closed: true,
    points: corners(shown, 0),
  });
  const open = corners(shown, degrees);
  elements.push({
    kind: 'line',
    layer: 'leaf',
    closed: true,
    part: 'sizing.leafWidth',
    points: open,
  });
  const own = hanging.leaves[0]!;
  if (own.p !== undefined && hanging.device !== 'offset-pivot') {
    // The two hinge leaves: one on the rabbet, one on the leaf's edge, both to the barrel.
    const along = Math.min(thickness * 0.85, (own.hingeWidth ?? thickness * 2) / 2 - own.p);
    const frameLeaf: Point[] = [
      { x: axis.x, y: axis.y },
      { x: hingeGap * 0.25, y: 0 },
      { x: hingeGap * 0.25, y: -along },
    ];
    const leafLeaf = [
      { x: axis.x, y: axis.y },
      { x: hingeGap * 0.75, y: 0 },
      { x: hingeGap * 0.75, y: -along },
    ].map((point) => rotated(plan, point, degrees));
    for (const points of [frameLeaf, leafLeaf])
      elements.push({ kind: 'line', layer: 'hardware', part: 'hanging.hingeWidth', points });
  }
  elements.push({
    kind: 'circle',
    layer: 'hardware',
    part: 'hanging.hingeWidth',
    centre: axis,
    radius: Math.max(thickness * 0.09, hingeGap),
  });
  const pull = Array.from({ length: 33 }, (_, step) =>
    rotated(plan, { x: hingeGap + length, y: 0 }, (Math.max(degrees, 1) * step) / 32),
  );
  elements.push({ kind: 'line', layer: 'swing', points: pull });
  const text = thickness * 0.27;
  if (trim > 0)
    elements.push({
      kind: 'dimension',
      layer: 'dimension',
      axis: 'vertical',
      part: 'trimProjection',
      from: { x: -jamb * 1.25, y: 0 },
      to: { x: -jamb * 1.25, y: trim },
      at: -jamb * 1.25 - text * 1.6,
      ticks: trim,
      rounding: 'nearest',
      basis: facts.provenance?.['trimProjection'] === 'measured' ? 'measured' : 'given',
    });
  if (axis.y > 0)
    elements.push({
      kind: 'dimension',
      layer: 'dimension',
      axis: 'vertical',
      part: 'hanging.hingeWidth',
      from: { x: axis.x, y: 0 },
      to: { x: axis.x, y: axis.y },
      at: Math.max(axis.x, 0) + thickness * 0.9,
      ticks: Math.round(axis.y),
      rounding: 'nearest',
      basis: 'derived',
    });
  // The same frame whatever the angle, so that the picture stands still while the leaf swings.
  const reach = length + thickness * 0.75;
  const still: Element[] = [rect('hidden', -reach, -thickness * 1.9, reach, reach)];
  return {
    view: 'swing',
    elements,
    extents: extentsOf(still, 0),
    textHeight: text,
  };
}
