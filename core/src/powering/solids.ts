import {
  centredSpan,
  valueOrUndefined,
  solid,
  type OpeningFacts,
  type Solid,
  type MeasuredLeaf,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';

/**
 * The raceway of a wire from the hinge edge to the lock: level, in the middle of the thickness, at
 * the height of the hinge that passes it on.
 *
 * @param at `from`: height of that hinge's middle above the leaf's bottom, the lock's where none;
 *   `start`: where the hinge's own recess ends
 */
export function poweringSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
  at: { from: number; start: number },
): Solid[] {
  if (valueOrUndefined(facts.wireToLeaf) !== true || leaf.id === 'inactive' || leaf.id === 'upper')
    return [];
  const { wire, lockCase } = practice.values.bodies.value;
  // It ends short of the lock; what is bored from the case to meet it is a part of the case's own work.
  const end = leaf.width - lockCase.across - 2 * lockCase.keep;
  const start = at.start + wire.keep;
  if (end <= start) return [];
  return [
    solid(
      'wireToLeaf',
      'solid.wire',
      leaf.id,
      'in',
      {
        x: [start, end],
        y: centredSpan(at.from, wire.up),
        z: centredSpan(leaf.thickness / 2, wire.through),
      },
      wire.keep,
    ),
  ];
}
