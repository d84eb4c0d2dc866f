import type { Ticks } from '../measure/index.js';
import type { LeafId, OpeningFacts } from '../opening/index.js';
import type { SolvedChain } from './chain.js';
import type { SizedLeaf } from './sizes.js';

/** The leaves of an opening out of its two solved stacks. */
export function leavesOf(
  facts: OpeningFacts,
  width: SolvedChain,
  height: SolvedChain,
  thickness: Ticks,
): SizedLeaf[] {
  const w = (key: string) => (width.solved ? width.members.get(key)?.each.at(-1) : undefined);
  const h = (key: string) => (height.solved ? height.members.get(key)?.each[0] : undefined);
  const bottom = height.solved ? (h('undercut') ?? 0) + (h('thresholdHeight') ?? 0) : undefined;
  const leaf = (id: LeafId, quantity: 1 | 2, widthKey: string, heightKey: string): SizedLeaf => ({
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
  const pair = facts.kind === 'pair' || facts.kind === 'double-egress';
  return [leaf('leaf', pair ? 2 : 1, 'leafWidth', 'leafHeight')];
}
