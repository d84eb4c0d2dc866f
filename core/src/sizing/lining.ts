import { length, said, type Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';

/**
 * Depth of the lining or jamb = wall thickness + what the wall board's tapered edge needs, so that the
 * trim sits square. Only where the wall was measured.
 */
export function decideLining(settling: Settling, practice: Practice): void {
  const wall = settling.fact('wallThickness');
  if (wall === undefined) return;
  const { boardAllowance } = practice.values;
  settling.fix('liningDepth', length(wall + boardAllowance.value, 'up'), {
    reasons: [
      said('sizing.lining', {
        wall: { ticks: wall },
        board: { ticks: boardAllowance.value },
        source: boardAllowance.source,
      }),
    ],
    facts: ['wallThickness'],
  });
}
