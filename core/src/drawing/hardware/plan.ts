import { inches } from '../../measure/index.js';
import type { Solid } from '../../model/index.js';
import type { Point } from '../model.js';
import { bar, boxed, detail, disc, type Box, type Stroke } from './stroke.js';

/** From a lever's middle to its end (usual makes). */
const LEVER = inches(4.625);

/** What a leaf seen from above must know. Lengths in ticks. */
export interface Above {
  handle: 'lever' | 'knob';
  /** How far the handle stands off the face, and how thick its end is. */
  reach: number;
  grip: number;
  /** Whether there is a handle on the face: some sides of a lock have none. */
  handled: (face: 'pull' | 'push') => boolean;
}

/**
 * What stands on the faces of a leaf, seen from above: x from the hinge edge, y from the pull face outwards
 * (the leaf itself lies below it). What is let into the leaf is not seen in a plan.
 */
export function planShape(solid: Solid, above: Above): Stroke[] {
  const { how, thing, x, z } = solid;
  if (how !== 'on-pull' && how !== 'on-push') return [];
  const out = how === 'on-pull' ? 1 : -1;
  const face = how === 'on-pull' ? -z[1] : -z[0];
  const box: Box = { left: x[0], right: x[1], bottom: -z[1], top: -z[0] };
  if (thing === 'solid.rose') {
    const middle = (x[0] + x[1]) / 2;
    const strokes = [boxed(box)];
    if (!above.handled(how === 'on-pull' ? 'pull' : 'push')) return strokes;
    const neck = { x: middle, y: face };
    const end: Point = { x: middle, y: face + out * above.reach };
    if (above.handle === 'knob')
      return [...strokes, bar(neck, end, above.grip * 0.35), disc(end, above.grip / 2)];
    return [
      ...strokes,
      bar(neck, end, above.grip * 0.8),
      bar({ x: middle + above.grip / 2, y: end.y }, { x: middle - LEVER, y: end.y }, above.grip),
    ];
  }
  if (thing === 'solid.surfaceCloser') {
    // Arm and forearm from the spindle out to the frame's face or along its soffit.
    const spindle = { x: (x[0] + x[1]) / 2, y: (-z[0] - z[1]) / 2 };
    const far = face + out * (z[1] - z[0]) * 2.6;
    const elbow = { x: spindle.x + (x[1] - x[0]) * 0.5, y: how === 'on-pull' ? far : spindle.y };
    const shoe = { x: spindle.x + (x[1] - x[0]) * (how === 'on-pull' ? 0.1 : 1.1), y: face };
    const thick = (z[1] - z[0]) * 0.22;
    return [
      boxed(box),
      bar(spindle, elbow, thick),
      bar(elbow, shoe, thick * 0.8),
      disc(spindle, thick * 0.8),
    ];
  }
  if (thing === 'solid.exitBar') {
    const pad = (box.bottom + box.top) / 2;
    return [boxed(box), detail({ x: box.left, y: pad }, { x: box.right, y: pad })];
  }
  return [boxed(box)];
}
