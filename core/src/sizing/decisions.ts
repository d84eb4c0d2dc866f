import {
  asArea,
  asCode,
  asLength,
  asPositions,
  asSize,
  asTerm,
  decisionTable,
  type Recorder,
} from '../model/index.js';

/** What the stage decides, by name. */
export const SIZING_DECISIONS = decisionTable('sizing', {
  frameWidth: asLength(),
  frameHeight: asLength(),
  leafWidth: asLength('down'),
  leafHeight: asLength('down'),
  leafThickness: asLength(),
  hingeGap: asLength('up'),
  lockGap: asLength('up'),
  meetingGap: asLength('up'),
  foldGap: asLength('up'),
  headGap: asLength('up'),
  undercut: asLength('up'),
  rebate: asLength('up'),
  mullion: asLength('up'),
  overAll: asSize(),
  thresholdHeight: asLength('up'),
  floorFinish: asLength('up'),
  outsideWidth: asLength(),
  outsideHeight: asLength(),
  wallWidth: asLength('up'),
  wallHeight: asLength('up'),
  liningDepth: asLength('up'),
  liningHinge: asPositions(),
  liningHead: asPositions(),
  liningLock: asPositions(),
  nominal: asCode(),
  ventilation: asArea(),
  square: asTerm<'true' | 'crooked'>('square'),
  order: asSize(),
  orderSecond: asSize(),
});

export type SizingRecord = Recorder<(typeof SIZING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    sizing: (typeof SIZING_DECISIONS)['specs'];
  }
}
