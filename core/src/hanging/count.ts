import type { Ticks } from '../measure/index.js';
import { said, type Said } from '../opening/index.js';
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
): { count: number; reasons: Said[] } {
  const { counts, countStep, countWideFrom, massCarried } = practice.values;
  const rows = counts.value;
  const row = rows.find((candidate) => leaf.height <= candidate.toHeight);
  const last = rows[rows.length - 1]!;
  let count = row
    ? row.count
    : last.count + Math.ceil((leaf.height - last.toHeight) / countStep.value);
  const reasons: Said[] = [
    said('hanging.count.height', {
      count,
      height: { ticks: leaf.height, rounding: 'down' },
      source: counts.source,
    }),
  ];
  if (halfLeaf && count > 2) {
    count = 2;
    reasons.splice(0, 1, said('hanging.count.half', { count }));
  }
  if (leaf.width > countWideFrom.value) {
    count += 1;
    reasons.push(
      said('hanging.count.wide', {
        width: { ticks: leaf.width, rounding: 'down' },
        limit: { ticks: countWideFrom.value },
      }),
    );
  }
  if (mass !== undefined && mass > massCarried.value[weight]) {
    count += 1;
    reasons.push(
      said('hanging.count.mass', {
        mass: { grams: mass },
        limit: { grams: massCarried.value[weight] },
      }),
    );
  }
  return { count, reasons };
}

/** Intermediate pivots of an offset set: one to 90 in (2286 mm) of leaf height, one more each 30 in. */
export function intermediatePivots(practice: Practice, height: Ticks): number {
  const { countStep } = practice.values;
  return Math.max(1, 1 + Math.ceil((height - 3 * countStep.value) / countStep.value));
}
