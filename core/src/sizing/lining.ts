import { valueOrUndefined, message } from '../model/index.js';
import type { SizingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';

/**
 * Depth of the lining or jamb = wall thickness + what the wall board's tapered edge needs on each face, so
 * that the trim sits square. Only where the wall was measured.
 */
export function decideLining(record: SizingRecord, practice: Practice): void {
  const wall = valueOrUndefined(record.facts.wallThickness);
  if (wall === undefined) return;
  const { boardAllowance } = practice.values;
  record.decide('liningDepth', wall + 2 * boardAllowance.value, {
    reasons: () => [
      message('sizing.lining', {
        wall: { ticks: wall },
        board: { ticks: boardAllowance.value },
        source: boardAllowance.source,
      }),
    ],
    facts: ['wallThickness'],
  });
}
