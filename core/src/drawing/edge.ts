import type { DecidedOpening } from '../deciding/index.js';
import { setBackFor } from '../hanging/index.js';
import { buttOnEdge, concealedOnEdge, edgeShape, type Box } from './hardware/index.js';
import { extentsOf, rect, type DrawingModel, type Element } from './model.js';
import { horizontal, vertical } from './elevation.js';
import { placeLeaves, type PlacedLeaf } from './place.js';
import { openModel } from './openModel.js';
import { strokesOn } from './solidsDrawing.js';

/** What shows on an edge, or lies close behind it: pivots, seals and plates, on the lock edge the lock. */
function edgeSolids(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  which: 'hinge-edge' | 'lock-edge',
  widen: number,
): Element[] {
  const width = leaf.hung.leaf.width ?? 0;
  return decided.solids
    .filter(
      (one) =>
        one.leaf === leaf.hung.leaf.id &&
        one.on === 'leaf' &&
        one.how !== 'void' &&
        one.how !== 'joint' &&
        one.thing !== 'solid.hinge' &&
        one.thing !== 'solid.concealedHinge' &&
        (which === 'hinge-edge' ? one.x[0] < leaf.thickness : one.x[1] > width - leaf.thickness),
    )
    .flatMap((one) => {
      const behind = one.how === 'in' && (which === 'hinge-edge' ? one.x[0] > 0 : one.x[1] < width);
      const box: Box = {
        left: one.z[0] * widen,
        right: one.z[1] * widen,
        bottom: leaf.bottom + one.y[0],
        top: leaf.bottom + one.y[1],
      };
      const strokes = edgeShape(one.thing, box, decided.results.securing.spec?.bolt ?? false);
      return strokesOn(behind ? strokes.slice(0, 1) : strokes, (point) => point, one.owner, behind);
    });
}

/**
 * The leaf's hinge edge or lock edge, pull face to the left. The thickness is drawn five times too
 * wide, as edges are on a workshop sheet, so that recesses and set-back can be read.
 */
export function edge(decided: DecidedOpening, which: 'hinge-edge' | 'lock-edge'): DrawingModel {
  const placed = placeLeaves(decided);
  if (!placed) return openModel(which);
  const widen = 5;
  const text = placed.height / 27;
  const elements: Element[] = [];
  const { practice } = decided;
  for (const leaf of placed.leaves.filter(
    (_, index) => index === 0 || decided.facts.kind === 'stable',
  )) {
    const t = leaf.thickness * widen;
    const top = leaf.bottom + leaf.height;
    elements.push(rect('leaf', 0, leaf.bottom, t, top, 'sizing.leafThickness'));
    const id = leaf.hung.leaf.id;
    const suffix = id === 'upper' || id === 'lower' ? `@${id}` : '';
    elements.push(...edgeSolids(decided, leaf, which, widen));
    if (which === 'hinge-edge') {
      const { positions, hingeHeight } = leaf.hung;
      const concealed = decided.solids.find(
        (one) => one.thing === 'solid.concealedHinge' && one.leaf === id && one.on === 'leaf',
      );
      const setBack = concealed ? 0 : setBackFor(practice, leaf.thickness) * widen;
      const [near, far] = concealed
        ? [concealed.z[0] * widen, concealed.z[1] * widen]
        : [0, t - setBack];
      for (const [index, position] of (positions ?? []).entries()) {
        const h = hingeHeight ?? 0;
        const plate: Box = {
          left: near,
          right: far,
          bottom: top - position - h,
          top: top - position,
        };
        elements.push(
          ...strokesOn(
            concealed ? concealedOnEdge(plate) : buttOnEdge(plate, t * 0.16),
            (point) => point,
            'hanging.positions',
          ),
        );
        elements.push(
          vertical(
            `hanging.positions${suffix}`,
            0,
            top - position,
            top,
            -text * (2.8 + index * 1.5),
            position,
            'nearest',
            decided,
          ),
        );
        if (index === 0) {
          elements.push(
            vertical(
              `hanging.hingeHeight${suffix}`,
              t,
              top - position - h,
              top - position,
              t + text * 2.8,
              h,
              'nearest',
              decided,
            ),
          );
          if (!concealed)
            elements.push(
              horizontal(
                'hanging.setBack',
                t - setBack,
                t,
                top - position - h,
                top - position - h - text * 1.1,
                setBack / widen,
                'nearest',
                decided,
              ),
            );
        }
      }
    } else {
      const bevelled = decided.decisions.some(
        (decision) =>
          decision.name === 'lockEdge' &&
          decision.value?.type === 'term' &&
          decision.value.term === 'lockEdge.bevelled',
      );
      elements.push({
        kind: 'text',
        layer: 'label',
        part: 'hanging.lockEdge',
        at: { x: -text * 0.7, y: leaf.bottom + leaf.height / 2 },
        text: bevelled ? 'edge bevelled' : 'edge square',
        anchor: 'end',
      });
    }
    elements.push(
      vertical(
        `sizing.leafHeight${suffix}`,
        t,
        leaf.bottom,
        top,
        t + text * 4.6,
        leaf.height,
        'down',
        decided,
      ),
    );
    if (elements.length > 0 && id !== 'lower') {
      elements.push(
        horizontal(
          'sizing.leafThickness',
          0,
          t,
          top,
          top + text * 1.4,
          leaf.thickness,
          'nearest',
          decided,
        ),
      );
    }
  }
  const t = (placed.leaves[0]!.thickness || placed.width / 20) * widen;
  const bottom = Math.min(...placed.leaves.map((leaf) => leaf.bottom));
  elements.push(
    {
      kind: 'text',
      layer: 'label',
      at: { x: 0, y: bottom - text * 1.5 },
      text: 'pull',
      anchor: 'middle',
      scale: 0.9,
    },
    {
      kind: 'text',
      layer: 'label',
      at: { x: t, y: bottom - text * 1.5 },
      text: 'push',
      anchor: 'middle',
      scale: 0.9,
    },
    {
      kind: 'text',
      layer: 'label',
      at: { x: t / 2, y: bottom - text * 3 },
      text: which === 'hinge-edge' ? 'hinge edge' : 'lock edge',
      anchor: 'middle',
    },
  );
  return { view: which, elements, extents: extentsOf(elements, text * 1.8), textHeight: text };
}
