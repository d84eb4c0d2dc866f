import {
  asLength,
  asPositions,
  asSize,
  asTerm,
  decisionTable,
  type Recorder,
} from '../model/index.js';
import type { Plates } from '../practice/index.js';

export const PROTECTING_DECISIONS = decisionTable('protecting', {
  plates: asTerm<Plates>('plates'),
  plate: asSize(),
  mopPlate: asSize(),
  stretcher: asSize(),
  viewer: asPositions(),
  fingerGuard: asLength(),
});

export type ProtectingRecord = Recorder<(typeof PROTECTING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    protecting: (typeof PROTECTING_DECISIONS)['specs'];
  }
}
