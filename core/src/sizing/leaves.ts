import type { Ticks } from '../measure/index.js';
import { valueOrUndefined, meetsInMiddle, type LeafId, type OpeningFacts } from '../model/index.js';
import { memberOf, type SolvedChain } from './chain.js';
import type { SizedLeaf } from './sizes.js';

/** How many leaves a bi-fold door has: as recorded, at least two; two where nobody said. */
export function foldLeavesOf(facts: OpeningFacts): number {
  return Math.max(2, valueOrUndefined(facts.foldLeaves) ?? 2);
}

/** The leaves of an opening out of its two solved stacks. */
export function leavesOf(
  facts: OpeningFacts,
  width: SolvedChain,
  height: SolvedChain,
  thickness: Ticks,
): SizedLeaf[] {
  const w = (key: string) => memberOf(width, key)?.each.at(-1);
  const h = (key: string) => memberOf(height, key)?.each[0];
  const bottom = height.solved ? (h('undercut') ?? 0) + (h('thresholdHeight') ?? 0) : undefined;
  const leaf = (id: LeafId, quantity: number, widthKey: string, heightKey: string): SizedLeaf => ({
    id,
    quantity,
    thickness,
    width: w(widthKey),
    height: h(heightKey),
    bottom: bottom,
  });
  if (facts.kind === 'unequal-pair') {
    return [
      leaf('active', 1, 'activeWidth', 'leafHeight'),
      leaf('inactive', 1, 'inactiveWidth', 'leafHeight'),
    ];
  }
  if (facts.kind === 'stable') {
    const lower = leaf('lower', 1, 'leafWidth', 'lowerHeight');
    const upper = leaf('upper', 1, 'leafWidth', 'upperHeight');
    if (upper.bottom !== undefined && lower.height !== undefined) {
      upper.bottom += lower.height + (h('stableGap') ?? 0);
    }
    return [upper, lower];
  }
  const pair = meetsInMiddle(facts.kind);
  const count = facts.kind === 'bi-fold' ? foldLeavesOf(facts) : pair ? 2 : 1;
  return [leaf('leaf', count, 'leafWidth', 'leafHeight')];
}
