import type { Ticks } from '../measure/index.js';
import type { Practice } from '../practice/index.js';
import {
  valueOrUndefined,
  slides,
  swingsBothWays,
  type HangingDevice,
  type LeafId,
  type OpeningFacts,
} from '../model/index.js';

/** A leaf as sized; a length is absent while it is open. */
export interface SizedLeaf {
  id: LeafId;
  /** Equal leaves are decided once. */
  quantity: number;
  width?: Ticks | undefined;
  height?: Ticks | undefined;
  thickness?: Ticks | undefined;
  /** Height of the leaf's bottom above the finished floor. */
  bottom?: Ticks | undefined;
}

/**
 * The device a person chose, or the one that kind, make or use call for: sizing's gaps depend on it, so that a leaf
 * is cut for the gap its hinge takes.
 */
export function intendedDevice(
  facts: OpeningFacts,
  { values }: Practice,
): HangingDevice | undefined {
  const chosen = facts.choices?.['hanging.device']?.value as HangingDevice | undefined;
  if (facts.kind === 'bi-fold') return 'folding-gear';
  if (slides(facts.kind)) return 'sliding-gear';
  if (swingsBothWays(facts.kind)) {
    return chosen === 'double-acting-spring' ? chosen : 'centre-pivot';
  }
  if (chosen ?? facts.nothingVisible === true) return chosen;
  const made = valueOrUndefined(facts.leafConstruction);
  if (wantsContinuous(facts)) return 'continuous';
  if (made === 'glass') return 'centre-pivot';
  const passages = valueOrUndefined(facts.passagesPerDay) ?? 0;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  return passages >= values.continuousUse.value || (made === 'aluminium-narrow' && !rated)
    ? 'continuous'
    : undefined;
}

/** Whether a continuous hinge is taken without being chosen: the frame's old screw holes no longer hold. */
export function wantsContinuous(facts: OpeningFacts): boolean {
  return (
    facts.screwHold === 'worn' &&
    !(typeof facts.rating === 'number' && facts.rating > 0) &&
    facts.nothingVisible !== true
  );
}
