import type { Ticks } from '../measure/index.js';
import type { NominalSize, Practice } from '../practice/index.js';

/**
 * The trade name of a size, or undefined for made to measure. Practices that name by the frame
 * opening take an exact frame size, else the smallest listed nominal that exceeds the leaf by 1/16 to
 * 3/4 in in width; metric ones take the listed leaf within 3 mm. Search order is by width, then height.
 */
export function nominalOf(
  practice: Practice,
  leaf: { width: Ticks; height: Ticks } | undefined,
  frame: { width: Ticks; height: Ticks } | undefined,
): NominalSize | undefined {
  const { nominalSizes, nominalNames, nominalLeast, nominalMost, nominalHeightMost } =
    practice.values;
  if (nominalNames.value === 'leaf') {
    if (!leaf) return undefined;
    const off = (size: NominalSize) =>
      Math.max(Math.abs(size.width - leaf.width), Math.abs(size.height - leaf.height));
    return best(nominalSizes.value, (size) => off(size) <= nominalMost.value, off);
  }
  if (frame) {
    const exact = nominalSizes.value.find(
      (size) => size.width === frame.width && size.height === frame.height,
    );
    if (exact) return exact;
  }
  if (!leaf) return undefined;
  // Heights also lose the undercut, so their allowance is wider than the width's.
  const heightMost = nominalMost.value + nominalHeightMost.value;
  return best(
    nominalSizes.value,
    (size) => {
      const wider = size.width - leaf.width;
      const taller = size.height - leaf.height;
      return (
        wider >= nominalLeast.value &&
        wider <= nominalMost.value &&
        taller >= nominalLeast.value &&
        taller <= heightMost
      );
    },
    (size) => size.width * 1e6 + size.height,
  );
}

/** The cheapest of those that fit, the first of equals. */
function best(
  sizes: readonly NominalSize[],
  fits: (size: NominalSize) => boolean,
  cost: (size: NominalSize) => number,
): NominalSize | undefined {
  let chosen: NominalSize | undefined;
  for (const size of sizes) if (fits(size) && (!chosen || cost(size) < cost(chosen))) chosen = size;
  return chosen;
}
