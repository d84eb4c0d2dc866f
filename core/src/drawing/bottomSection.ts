import type { DecidedOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { extentsOf, rect, type DrawingModel, type Element } from './model.js';

/** How much of the leaf above its bottom is drawn, in thicknesses. */
const SHOWN = 1.9;

/**
 * The bottom of the closed leaf cut through: floor, threshold with its bevels, the gap, and what seals it;
 * the pull side to the left. Undefined while sizes are open.
 */
export function bottomSection(decided: DecidedOpening): DrawingModel | undefined {
  const { practice, results } = decided;
  const { sizing, sealing, closing } = results;
  const leaf = sizing.leaves[sizing.leaves.length - 1]!;
  const { undercut } = sizing;
  const { thickness } = leaf;
  if (thickness === undefined || undercut === undefined) return undefined;
  const { sweep, dropSurface, dropHalf, dropFull } = practice.values.bodies.value;
  const rise = sealing.threshold?.height ?? 0;
  // The gap is that between leaf and what is below it.
  const below = Math.min(rise, undercut);
  const bottom = Math.max(undercut, below);
  const reach = thickness * 1.1;
  const top = bottom + thickness * SHOWN;
  const elements: Element[] = [
    {
      kind: 'line',
      layer: 'frame',
      points: [
        { x: -reach, y: 0 },
        { x: thickness + reach, y: 0 },
      ],
    },
  ];
  if (sealing.threshold) {
    // Bevelled 1 : 2 on both sides, as deep as the leaf and its stops.
    const run = rise * 2;
    elements.push({
      kind: 'line',
      layer: 'hardware',
      closed: true,
      part: 'sealing.threshold',
      points: [
        { x: -thickness * 0.5 - run, y: 0 },
        { x: -thickness * 0.5, y: rise },
        { x: thickness * 1.5, y: rise },
        { x: thickness * 1.5 + run, y: 0 },
      ],
    });
  }
  elements.push(rect('leaf', 0, bottom, thickness, top, 'sizing.leafWidth'));
  const part = 'sealing.bottom';
  /** A strip from a carrier down onto what is below it, a bulb at its end. */
  const hanging = (x: number, from: number, half: number): Element[] => [
    rect('hardware', x - half, below + half, x + half, from, part),
    { kind: 'circle', layer: 'hardware', part, centre: { x, y: below + half }, radius: half },
  ];
  const half = Math.max(thickness * 0.07, mm(2));
  switch (sealing.bottom) {
    case 'sweep':
      elements.push(
        rect('hardware', thickness, bottom, thickness + sweep.through, bottom + sweep.up, part),
        ...hanging(thickness + sweep.through / 2, bottom, half),
      );
      break;
    case 'drop-surface': {
      const from = sealing.face === 'pull' ? -dropSurface.through : thickness;
      elements.push(
        rect('hardware', from, bottom, from + dropSurface.through, bottom + dropSurface.up, part),
        ...hanging(from + dropSurface.through / 2, bottom, half),
      );
      break;
    }
    case 'drop-half':
    case 'drop-full': {
      const size = sealing.bottom === 'drop-full' ? dropFull : dropHalf;
      const middle = sealing.bottom === 'drop-full' ? thickness / 2 : thickness - size.through / 2;
      elements.push(
        rect(
          'hardware',
          middle - size.through / 2,
          bottom,
          middle + size.through / 2,
          bottom + size.up,
          part,
        ),
        ...hanging(middle, bottom, half),
      );
      break;
    }
    case 'threshold':
      elements.push({
        kind: 'circle',
        layer: 'hardware',
        part,
        centre: { x: thickness / 2, y: (below + bottom) / 2 },
        radius: Math.max((bottom - below) / 2, half),
      });
      break;
    case 'none':
  }
  if (closing.device === 'floor')
    elements.push(
      rect('hidden', thickness * 0.2, -thickness * 0.9, thickness * 0.8, 0, 'closing.device'),
    );
  const text = thickness * 0.16;
  elements.push({
    kind: 'dimension',
    layer: 'dimension',
    axis: 'vertical',
    part: 'sizing.undercut',
    from: { x: 0, y: 0 },
    to: { x: 0, y: bottom },
    at: -reach * 0.55 - text,
    ticks: undercut,
    rounding: 'nearest',
    basis: 'derived',
  });
  if (sealing.threshold)
    elements.push({
      kind: 'dimension',
      layer: 'dimension',
      axis: 'vertical',
      part: 'sealing.threshold',
      from: { x: thickness * 1.5, y: 0 },
      to: { x: thickness * 1.5, y: rise },
      at: thickness + reach + text * 2,
      ticks: rise,
      rounding: 'up',
      basis: 'derived',
    });
  elements.push({
    kind: 'dimension',
    layer: 'dimension',
    axis: 'horizontal',
    part: 'sizing.leafThickness',
    from: { x: 0, y: top },
    to: { x: thickness, y: top },
    at: top + text * 2,
    ticks: thickness,
    rounding: 'nearest',
    basis: 'derived',
  });
  return { view: 'swing', elements, extents: extentsOf(elements, text * 3), textHeight: text };
}
