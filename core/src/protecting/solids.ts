import {
  known,
  solid,
  span,
  type OpeningFacts,
  type Solid,
  type MeasuredLeaf,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';

/** A kick plate on the push face, as wide as the leaf less a margin on both sides. */
export function protectingSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
): Solid[] {
  const plate = known(facts.kickPlate);
  if (!plate || leaf.id === 'upper') return [];
  const { plateMargin, bodies } = practice.values;
  const lift = known(facts.bottomSeal) === 'sweep' ? bodies.value.sweep.up : 0;
  return [
    solid('kickPlate', 'solid.kickPlate', leaf.id, 'on-push', {
      x: [plateMargin.value, leaf.width - plateMargin.value],
      y: span(lift, plate),
      z: span(leaf.thickness, bodies.value.kickPlate.through),
    }),
  ];
}
