import type { Ticks } from '../measure/index.js';
import {
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

/** The device a person chose, or the one the opening's kind demands: sizing's gaps depend on it. */
export function intendedDevice(facts: OpeningFacts): HangingDevice | undefined {
  const chosen = facts.choices?.['hanging.device']?.value as HangingDevice | undefined;
  if (facts.kind === 'bi-fold') return 'folding-gear';
  if (slides(facts.kind)) return 'sliding-gear';
  if (swingsBothWays(facts.kind)) {
    return chosen === 'double-acting-spring' ? chosen : 'centre-pivot';
  }
  return chosen ?? (wantsContinuous(facts) ? 'continuous' : undefined);
}

/** Whether a continuous hinge is taken without being chosen: the frame's old screw holes no longer hold. */
export function wantsContinuous(facts: OpeningFacts): boolean {
  return (
    facts.screwHold === 'worn' &&
    !(typeof facts.rating === 'number' && facts.rating > 0) &&
    facts.nothingVisible !== true
  );
}
