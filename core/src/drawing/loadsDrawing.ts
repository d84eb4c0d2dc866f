import type { HingeLoad } from '../hanging/index.js';
import type { Ticks } from '../measure/index.js';
import { formatQuantity } from '../measure/index.js';
import type { System } from '../measure/index.js';
import type { Basis } from '../model/index.js';
import { rect, type DrawingModel, type Element } from './model.js';

/** What the loads of a leaf's hinges are drawn from. Lengths in ticks, from the leaf's top down. */
export interface LoadsOf {
  height: Ticks;
  width: Ticks;
  hingeHeight: Ticks;
  positions: readonly Ticks[];
  loads: readonly HingeLoad[];
  /** Where rails meet the stile, as spans up from the leaf's bottom. */
  rails: readonly (readonly [Ticks, Ticks])[];
  /** Top edges that the pattern gives, as faint marks. */
  pattern: readonly Ticks[];
  basis: Basis;
}

/**
 * The hinge edge seen from the pull side, hinges left, each with what it carries: an arrow out of the
 * jamb or into it, and one down. The longest arrow is the greatest force of this leaf.
 */
export function loadsDrawing(of: LoadsOf, system: System): DrawingModel {
  const { height, width, hingeHeight, positions, loads, rails } = of;
  const text = height / 20;
  const shown = Math.min(width, height * 0.3);
  const elements: Element[] = [
    rect('leaf', 0, 0, shown, height, 'sizing.leafWidth'),
    rect('frame', -text * 1.6, -text * 0.6, -text * 0.35, height + text * 0.4),
  ];
  for (const [from, to] of rails)
    for (const y of [from, to])
      if (y > 0 && y < height)
        elements.push({
          kind: 'line',
          layer: 'hidden',
          points: [
            { x: 0, y },
            { x: shown, y },
          ],
        });
  for (const top of of.pattern)
    elements.push({
      kind: 'line',
      layer: 'dimension',
      points: [
        { x: -text * 2.2, y: height - top },
        { x: text * 1.2, y: height - top },
      ],
    });
  const most = Math.max(1, ...loads.map((load) => Math.max(Math.abs(load.out), load.shear)));
  const reach = text * 4;
  positions.forEach((top, index) => {
    const y = height - top;
    const part = `hinge:${index}`;
    elements.push(rect('hardware', -text * 0.55, y - hingeHeight, text * 0.75, y, part));
    elements.push({
      kind: 'dimension',
      layer: 'dimension',
      axis: 'vertical',
      part,
      from: { x: shown, y },
      to: { x: shown, y: height },
      at: shown + text * (2.4 + index * 1.5),
      ticks: top,
      rounding: 'nearest',
      basis: of.basis,
    });
    const load = loads[index];
    if (!load) return;
    const middle = y - hingeHeight / 2;
    const out = (load.out / most) * reach;
    const from = -text * 1.9;
    if (Math.abs(load.out) > most * 0.01) {
      // Pulled from the jamb: the arrow points to the leaf; pressed: to the jamb.
      const ends: [number, number] =
        load.out > 0 ? [from - Math.abs(out), from] : [from, from - Math.abs(out)];
      elements.push(...arrow({ x: ends[0], y: middle }, { x: ends[1], y: middle }, text, part));
      elements.push({
        kind: 'text',
        layer: 'label',
        part,
        at: { x: from - Math.abs(out) - text * 0.4, y: middle - text * 0.3 },
        text: formatQuantity(Math.abs(load.out), 'force', system),
        anchor: 'end',
      });
    }
    const down = (load.shear / most) * reach;
    if (down <= 0) return;
    elements.push(
      ...arrow({ x: text * 1.9, y: middle }, { x: text * 1.9, y: middle - down }, text, part),
    );
    elements.push({
      kind: 'text',
      layer: 'label',
      part,
      at: { x: text * 2.4, y: middle - Math.max(down, text) * 0.6 },
      text: formatQuantity(load.shear, 'force', system),
      anchor: 'start',
    });
  });
  return {
    view: 'loads',
    elements,
    // Wide enough for the longest arrow with its figure, so that the picture does not jump.
    extents: {
      left: -reach - text * 5.6,
      right: shown + text * (1.6 + positions.length * 1.5),
      bottom: -text * 1.4,
      top: height + text * 1.2,
    },
    textHeight: text,
  };
}

function arrow(
  from: { x: number; y: number },
  to: { x: number; y: number },
  text: number,
  part: string,
): Element[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length];
  const head = Math.min(text * 0.7, length * 0.6);
  const side = head * 0.45;
  return [
    { kind: 'line', layer: 'force', part, points: [from, to] },
    {
      kind: 'line',
      layer: 'force',
      part,
      closed: true,
      points: [
        to,
        { x: to.x - ux * head - uy * side, y: to.y - uy * head + ux * side },
        { x: to.x - ux * head + uy * side, y: to.y - uy * head - ux * side },
      ],
    },
  ];
}
