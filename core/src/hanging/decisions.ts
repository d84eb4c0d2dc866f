import {
  asAngle,
  asCount,
  asForce,
  asLength,
  asMass,
  asPositions,
  asTerm,
  type HangingDevice,
  decisionTable,
  type Recorder,
} from '../model/index.js';
import type { UseClass } from '../practice/index.js';

/** The fewest and the most hinges of one leaf. */
export const COUNTS = [2, 12] as const;

/** Shapes a butt hinge is made in: full mortise, or cranked so that the leaf leaves the opening. */
export type ButtForm = 'full-mortise' | 'swing-clear';

/** What the stage decides, by name. */
export const HANGING_DECISIONS = decisionTable('hanging', {
  mass: asMass(),
  frequency: asTerm<UseClass>('use'),
  device: asTerm<HangingDevice>('device'),
  metal: asTerm<string>('metal'),
  screws: asTerm<string>('screws'),
  pin: asTerm<string>('pin'),
  size: asLength(),
  hingeHeight: asLength(),
  weight: asTerm<'standard' | 'heavy'>('weight'),
  bearing: asTerm<'plain' | 'bearing'>('bearing'),
  hingeWidth: asLength(),
  hingeLength: asLength('down'),
  form: asTerm<ButtForm>('form'),
  corner: asTerm<string>('corner'),
  recess: asLength(),
  setBack: asLength(),
  count: asCount(COUNTS),
  pattern: asTerm<string>('pattern'),
  positions: asPositions(),
  recessLeaf: asLength(),
  recessFrame: asLength(),
  axisMoves: asLength(),
  foot: asTerm<'floor' | 'jamb'>('foot'),
  headPivot: asTerm<'fixed' | 'retracting'>('headPivot'),
  heel: asLength(),
  pull: asForce(),
  grade: asCount(),
  longScrew: asLength(),
  wireHinge: asCount(),
  clearWidth: asLength('down'),
  clearWidthActive: asLength('down'),
  lockEdge: asTerm<'square' | 'bevelled'>('lockEdge'),
  widestAngle: asAngle(),
});

export type HangingRecord = Recorder<(typeof HANGING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    hanging: (typeof HANGING_DECISIONS)['specs'];
  }
}
