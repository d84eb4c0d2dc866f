import type { Ticks } from '../measure/index.js';
import type { TrimLimits } from '../practice/index.js';
import type { CopiedLeaf } from './copiedLeaf.js';
import type { AroundLeaf, NeededLeaf } from './neededLeaf.js';
import type { LeafOrder } from './orderLeaf.js';
import type { OutOfSquare, Quadrilateral } from './outOfSquare.js';
import type { SizedLeaf } from './sizes.js';

/** What later stages read of the sizes. All in ticks. */
export interface Sizes {
  readonly leaves: readonly SizedLeaf[];
  readonly frameWidth: Ticks | undefined;
  readonly frameHeight: Ticks | undefined;
  readonly hingeGap: Ticks | undefined;
  readonly lockGap: Ticks | undefined;
  readonly headGap: Ticks | undefined;
  readonly meetingGap: Ticks | undefined;
  readonly undercut: Ticks | undefined;
  readonly stopWidth: Ticks;
  /** Overlap of a rebated meeting edge. */
  readonly rebate: Ticks;
  /** Width of a removable mullion between the leaves; 0 when there is none. */
  readonly mullion: Ticks;
  /** Floor finish still to be laid: the finished floor stands this far above the measured one. */
  readonly floorFinish: Ticks;
  /** What a survey of the frame comes to. */
  readonly fitting: Fitting | undefined;
}

/** One leaf of an opening as it stands: its part of the opening, what fits, and what to order. */
export interface FittedLeaf {
  shape: Quadrilateral;
  needed: NeededLeaf;
  order: LeafOrder;
}

/** What an existing frame, or an old leaf that is copied, comes to. */
export interface Fitting {
  /** How the frame stands; undefined where it was not read. */
  square: OutOfSquare | undefined;
  gaps: AroundLeaf;
  limits: TrimLimits | undefined;
  leaves: FittedLeaf[];
  /** The old leaf and what the new one gains on it, where it is copied. */
  copied: CopiedLeaf | undefined;
}
