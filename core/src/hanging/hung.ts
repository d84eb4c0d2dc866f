import type { Ticks } from '../measure/index.js';
import type { HangingDevice, StageOutcome } from '../opening/index.js';
import type { SizedLeaf } from '../sizing/index.js';

import type { ButtForm } from './form.js';
import type { HingeLoad } from './loads.js';
import type { SurveyedHinges } from './matching.js';

/** How one leaf is hung; absent parts are open. */
export interface HungLeaf {
  leaf: SizedLeaf;
  mass?: number;
  hingeHeight?: Ticks;
  hingeWidth?: Ticks;
  count?: number;
  /** Top edges of the hinges below the leaf's top, top hinge first. */
  positions?: Ticks[];
  /** The same by the pattern, where they were set otherwise. */
  pattern?: Ticks[];
  /** Barrel centre outside the pull face. */
  p?: Ticks;
  weight?: 'standard' | 'heavy';
  /** What each hinge carries, top hinge first. */
  loads?: HingeLoad[];
  /** Shape of a butt; swing-clear ones carry the leaf out of the opening. */
  form?: ButtForm;
}

/** What later stages and the drawing read of the hanging. */
export interface Hanging extends StageOutcome {
  device: HangingDevice;
  leaves: HungLeaf[];
  axis?: { x: number; y: number };
  /** Which hinge from the top passes a wire to the leaf. */
  wireHinge?: number | undefined;
  /** The frame's own hinges where they were surveyed. */
  existing?: SurveyedHinges | undefined;
}
