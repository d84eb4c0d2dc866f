import { GRAVITY, type Ticks } from '../measure/index.js';

/** What one hinge carries, in newtons: `out` pulls it from the jamb when positive, presses it when negative. */
export interface HingeLoad {
  out: number;
  shear: number;
}

/**
 * Loads of every hinge of one leaf. The leaf's weight turns about the hinges with the moment
 * mass × g × (width / 2 + axis offset); a stiff leaf on equal hinges shares it by each hinge's
 * distance from their common middle: out = M × (y − ȳ) / Σ(y − ȳ)². The outs add up to nothing, their
 * moments to M; with two hinges, or a third in the middle, the top one gets M / distance. Shear is
 * shared equally.
 *
 * @param mass grams
 * @param centres heights of the hinges' middles above the leaf's bottom, in ticks, in any order
 */
export function hingeLoads(
  mass: number,
  width: Ticks,
  axisOffset: Ticks,
  centres: readonly Ticks[],
): HingeLoad[] {
  const weight = (mass / 1000) * GRAVITY;
  const moment = weight * (width / 2 + axisOffset);
  const middle = centres.reduce((sum, y) => sum + y, 0) / centres.length;
  const squares = centres.reduce((sum, y) => sum + (y - middle) ** 2, 0);
  return centres.map((y) => ({
    out: squares > 0 ? (moment * (y - middle)) / squares : 0,
    shear: weight / centres.length,
  }));
}

/** A way to place the hinges between the outer two, with what it comes to. */
export interface School {
  id: 'equal' | 'high';
  /** Top edges below the leaf's top. */
  positions: Ticks[];
  /** Greatest pull on one hinge, in newtons. */
  pull: number;
  /** Longest edge of the leaf between two hinges, over which it can bow. */
  run: Ticks;
}

/** The longest clear run of edge between neighbouring hinges. */
export function longestRun(positions: readonly Ticks[], hingeHeight: Ticks): Ticks {
  return positions
    .slice(1)
    .reduce((most, top, index) => Math.max(most, top - positions[index]! - hingeHeight), 0);
}

/**
 * The two schools for the hinges between: spread equally, which keeps the leaf straight, or one close
 * under the top, which shares the pull. Undefined with fewer than three hinges or no room for the high one.
 *
 * @param below clear distance of the high hinge under the top one
 */
export function compareSchools(
  leaf: { mass: number; width: Ticks; height: Ticks; axisOffset: Ticks },
  hingeHeight: Ticks,
  outer: { first: Ticks; last: Ticks; count: number },
  below: Ticks,
): [School, School] | undefined {
  const { first, last, count } = outer;
  if (count < 3) return undefined;
  const spread = (from: Ticks, parts: number) =>
    Array.from({ length: parts }, (_, index) =>
      Math.round(from + ((last - from) * index) / (parts - 1)),
    );
  const second = first + hingeHeight + below;
  if (second + hingeHeight > last) return undefined;
  const school = (id: School['id'], positions: Ticks[]): School => {
    const loads = hingeLoads(
      leaf.mass,
      leaf.width,
      leaf.axisOffset,
      positions.map((top) => leaf.height - top - hingeHeight / 2),
    );
    return {
      id,
      positions,
      pull: Math.max(...loads.map((load) => load.out)),
      run: longestRun(positions, hingeHeight),
    };
  };
  return [
    school('equal', spread(first, count)),
    school('high', [first, ...spread(second, count - 1)]),
  ];
}
