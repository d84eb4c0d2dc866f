import type { Box, Clash } from '../checking/index.js';
import { mm } from '../measure/index.js';
import { termText } from '../phrasing/index.js';
import type { Solid } from '../model/index.js';
import { extentsOf, rect, type DrawingModel, type Element, type Layer } from './model.js';

type Axis = 'x' | 'y' | 'z';

/** A leaf's own extents. */
interface Whole {
  width: number;
  height: number;
  thickness: number;
}

/**
 * A clash shown close: the place from the face, and a cut through it. The cut is upright across the
 * thickness where the clash is longest along the width, else level.
 *
 * @param solids all solids of the opening; those near the place are drawn
 */
export function clashDrawings(
  clash: Clash,
  solids: readonly Solid[],
  leaf: Whole,
): { face: DrawingModel; cut: DrawingModel; level: boolean } {
  const size = (axis: Axis) => Math.abs(clash.box[axis][1] - clash.box[axis][0]);
  const level = size('x') <= size('y');
  const near = solids.filter(
    (solid) => solid.leaf === clash.leaf && solid.on === clash.on && solid.how !== 'joint',
  );
  const shown = [...near, ...[clash.a, clash.b].filter((one) => one?.how === 'joint')] as Solid[];
  return {
    level,
    face: close(clash, shown, leaf, 'x', 'y'),
    cut: level
      ? close(clash, cutAt(shown, 'y', clash.box), leaf, 'x', 'z')
      : close(clash, cutAt(shown, 'x', clash.box), leaf, 'z', 'y'),
  };
}

/** What a cut through the middle of a box meets. */
function cutAt(solids: readonly Solid[], axis: Axis, box: Box): Solid[] {
  const middle = (box[axis][0] + box[axis][1]) / 2;
  return solids.filter((solid) => solid[axis][0] <= middle && middle <= solid[axis][1]);
}

/** The neighbourhood of a clash in two axes: leaf, solids, and the clash itself, cropped around it. */
function close(
  clash: Clash,
  solids: readonly Solid[],
  leaf: Whole,
  across: Axis,
  up: Axis,
): DrawingModel {
  const whole: Record<Axis, number> = { x: leaf.width, y: leaf.height, z: leaf.thickness };
  const span = (axis: Axis) => Math.abs(clash.box[axis][1] - clash.box[axis][0]);
  const room = Math.max(span(across), span(up), whole.z) * 0.55 + mm(12);
  const window = {
    left: Math.min(...clash.box[across]) - room,
    right: Math.max(...clash.box[across]) + room,
    bottom: Math.min(...clash.box[up]) - room,
    top: Math.max(...clash.box[up]) + room,
  };
  const elements: Element[] = [];
  const put = (layer: Layer, box: Box, part?: string) => {
    const left = Math.max(window.left, Math.min(...box[across]));
    const right = Math.min(window.right, Math.max(...box[across]));
    const bottom = Math.max(window.bottom, Math.min(...box[up]));
    const top = Math.min(window.top, Math.max(...box[up]));
    if (right < left || top < bottom) return undefined;
    // Pushed to a line where it has no depth, so that it is still seen.
    const least = mm(0.4);
    elements.push(
      rect(layer, left, bottom, Math.max(right, left + least), Math.max(top, bottom + least), part),
    );
    return { x: (left + right) / 2, y: (bottom + top) / 2 };
  };
  if (clash.on === 'leaf')
    put('leaf', { x: [0, leaf.width], y: [0, leaf.height], z: [0, leaf.thickness] });
  const text = Math.max(window.right - window.left, window.top - window.bottom) / 17;
  const owners = new Set([clash.a, clash.b]);
  for (const solid of solids) {
    const layer: Layer = solid.how === 'void' ? 'glass' : owners.has(solid) ? 'hardware' : 'hidden';
    put(layer, solid, solid.owner);
  }
  put('clash', clash.box);
  const names = [clash.a, clash.b].filter((one): one is Solid => one !== undefined);
  names.forEach((solid, index) => {
    const inside = (value: number, from: number, to: number) => Math.max(from, Math.min(to, value));
    const middle = (axis: Axis) => (solid[axis][0] + solid[axis][1]) / 2;
    const above = index === 0;
    const from = {
      x: inside(middle(across), window.left + room * 0.3, window.right - room * 0.3),
      y: inside(above ? Math.max(...solid[up]) : Math.min(...solid[up]), window.bottom, window.top),
    };
    const at = above ? window.top + text * 0.8 : window.bottom - text * 1.6;
    elements.push(
      {
        kind: 'line',
        layer: 'dimension',
        points: [from, { x: from.x, y: above ? at - text * 0.2 : at + text * 0.9 }],
      },
      {
        kind: 'text',
        layer: 'label',
        at: { x: from.x, y: at },
        text: termText(solid.thing).replace(/^(the|a) /, ''),
        anchor: 'middle',
        part: solid.owner,
      },
    );
  });
  return {
    view: 'clash',
    elements,
    extents: extentsOf(elements, text * 1.3),
    textHeight: text,
  };
}
