import { asCode, asTerm, type Side, decisionTable, type Recorder } from '../model/index.js';

/** What the stage decides, by name. */
export const HANDING_DECISIONS = decisionTable('handing', {
  outside: asCode(),
  slide: asTerm<Side>('slide'),
  hand: asCode(),
  knuckles: asTerm<'inside' | 'outside'>('knuckles'),
});

export type HandingRecord = Recorder<(typeof HANDING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    handing: (typeof HANDING_DECISIONS)['specs'];
  }
}
