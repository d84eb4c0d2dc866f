import { GRAVITY, type Ticks } from '../measure/index.js';

/** Horizontal pull on the top hinge and shear on each, in newtons. */
export interface HingeForces {
  pull: number;
  shear: number;
}

/**
 * pull = mass × g × (width / 2 + axis offset) / distance between the centres of the top and the
 * bottom hinge; shear = mass × g / number. Mass in grams, lengths in ticks; the offset is that of
 * the axis outside the leaf's hinge edge.
 */
export function hingeForces(
  mass: number,
  width: Ticks,
  axisOffset: Ticks,
  centreDistance: Ticks,
  count: number,
): HingeForces {
  const weight = (mass / 1000) * GRAVITY;
  return { pull: (weight * (width / 2 + axisOffset)) / centreDistance, shear: weight / count };
}
