import type { DecidedOpening } from '../deciding/index.js';
import { elevation } from './elevation.js';
import { upright, word } from './figures.js';
import { extentsOf, rect, type DrawingModel, type Element } from './model.js';
import { placeLeaves } from './place.js';

/**
 * The elevation with the heights of what a hand works: bands of what everybody reaches and of escape
 * hardware behind the leaf, the lock's height from the floor, the leaf's bottom and top and the
 * frame's head, and a dead bolt above it. Undefined while sizes are open.
 */
export function heightsDrawing(decided: DecidedOpening): DrawingModel | undefined {
  const placed = placeLeaves(decided);
  if (!placed) return undefined;
  const { practice } = decided;
  const { securing, sizing: sizes } = decided.results;
  const { reach, escape } = practice.values;
  const base = elevation(decided, 'outside');
  const text = base.textHeight;
  const floor = sizes.floorFinish;
  const { width, height, face } = placed;
  const out = face + text * 5.5;
  const band = (
    layer: 'reach' | 'escape',
    of: { from: number; to: number },
    left: number,
    right: number,
  ) => rect(layer, left, floor + of.from, right, floor + of.to, layer);
  const kept = base.elements.filter(
    (element) =>
      element.kind !== 'dimension' && !(element.kind === 'text' && element.part === undefined),
  );
  const elements: Element[] = [
    ...kept,
    band('reach', reach.value, -out, width * 0.5),
    band('escape', escape.value, width * 0.5, width + out),
    word('reach', -out + text * 0.3, floor + reach.value.to + text * 0.5, 'start'),
    word('way out', width + out - text * 0.3, floor + escape.value.to + text * 0.5, 'end'),
    ...edges(decided, width, out, floor, text),
  ];
  const lock = securing.height;
  if (lock !== undefined) {
    const y = floor + lock;
    elements.push(
      {
        kind: 'line',
        layer: 'force',
        part: 'securing.height',
        points: [
          { x: -out, y },
          { x: width + out, y },
        ],
      },
      upright('securing.height', width + face, floor, y, width + out + text * 1.4),
    );
    const leaf = securing.leaf;
    const at = leaf && placed.leaves.find((one) => one.hung.leaf.id === leaf.id);
    if (leaf && at) {
      elements.push(
        upright('securing.height', 0, at.bottom, y, -out - text * 1.4),
        upright('securing.height', 0, y, at.bottom + at.height, -out - text * 1.4),
      );
    }
    elements.push(upright('securing.height', width + face, y, height, width + out + text * 1.4));
    elements.push(
      word('leaf’s edges', -out - text * 2.4, height + text * 1.2, 'start'),
      word('floor, head', width + out + text * 2.4, height + text * 1.2, 'end'),
    );
  }
  const second = securing.secondHeight;
  if (second !== undefined)
    elements.push(
      {
        kind: 'line',
        layer: 'force',
        part: 'securing.secondHeight',
        points: [
          { x: 0, y: floor + second },
          { x: width + out, y: floor + second },
        ],
      },
      upright(
        'securing.secondHeight',
        width + face,
        floor,
        floor + second,
        width + out + text * 3.4,
      ),
    );
  return {
    view: 'heights',
    elements,
    extents: extentsOf(elements, text * 2),
    textHeight: text,
  };
}

/** The bounds of the bands as figures beside them. */
function edges(
  decided: DecidedOpening,
  width: number,
  out: number,
  floor: number,
  text: number,
): Element[] {
  const { reach, escape } = decided.practice.values;
  return [
    upright('reach', -out, floor, floor + reach.value.from, -out + text * 1.6),
    upright('reach', -out, floor, floor + reach.value.to, -out + text * 3.2),
    upright('escape', width + out, floor, floor + escape.value.from, width + out - text * 1.6),
    upright('escape', width + out, floor, floor + escape.value.to, width + out - text * 3.2),
  ];
}
