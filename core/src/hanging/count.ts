import { wholeUp, type Ticks } from '../measure/index.js';
import { message, type Alternative, type Why } from '../model/index.js';
import type { Practice } from '../practice/index.js';

/**
 * Number of hinges by leaf height, one more where the leaf is wide and one more where its mass is
 * above what the class carries.
 */
export function hingeCount(
  practice: Practice,
  leaf: { width: Ticks; height: Ticks },
  mass: number | undefined,
  weight: 'standard' | 'heavy',
  halfLeaf = false,
): { count: number; reasons: Why } {
  const { counts, countStep, countWideFrom, massCarried } = practice.values;
  const rows = counts.value;
  const row = rows.find((candidate) => leaf.height <= candidate.toHeight);
  const last = rows[rows.length - 1]!;
  const byHeight = row
    ? row.count
    : last.count + wholeUp((leaf.height - last.toHeight) / countStep.value);
  const halved = halfLeaf && byHeight > 2;
  const wide = leaf.width > countWideFrom.value;
  const carried = massCarried.value[weight];
  const heavy = mass !== undefined && mass > carried;
  return {
    count: (halved ? 2 : byHeight) + (wide ? 1 : 0) + (heavy ? 1 : 0),
    reasons: () => [
      halved
        ? message('hanging.count.half', { count: 2 })
        : message('hanging.count.height', {
            count: byHeight,
            height: { ticks: leaf.height, rounding: 'down' },
            source: counts.source,
          }),
      ...(wide
        ? [
            message('hanging.count.wide', {
              width: { ticks: leaf.width, rounding: 'down' },
              limit: { ticks: countWideFrom.value },
            }),
          ]
        : []),
      ...(heavy
        ? [message('hanging.count.mass', { mass: { grams: mass }, limit: { grams: carried } })]
        : []),
    ],
  };
}

/** Intermediate pivots of an offset set: one to 90 in (2286 mm) of leaf height, one more each 30 in. */
export function intermediatePivots(practice: Practice, height: Ticks): number {
  const { countStep } = practice.values;
  return Math.max(1, 1 + wholeUp((height - 3 * countStep.value) / countStep.value));
}

/** Numbers of hinges to choose from, two to the most; fewer than the rule's are told so. */
export function hingeNumbers(wanted: number, most: number): Alternative[] {
  return Array.from({ length: most - 1 }, (_, index): Alternative => {
    const value = index + 2;
    return value < wanted
      ? { value, against: message('hanging.against.fewer', { count: wanted }) }
      : { value };
  });
}
