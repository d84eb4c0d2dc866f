import { asLength, asSizeOrLength, asTerm, decisionTable, type Recorder } from '../model/index.js';
import type { StrikeForm } from '../practice/index.js';
import type { LeafBolts, LockKind } from './facts.js';
import type { StrikeReuse } from './strikeReuse.js';

/** What the stage decides, by name. */
export const SECURING_DECISIONS = decisionTable('securing', {
  kind: asTerm<LockKind>('lockKind'),
  function: asTerm<string>('lock'),
  secondFunction: asTerm<string>('lock'),
  height: asLength(),
  secondHeight: asLength(),
  backset: asLength(),
  centre: asLength(),
  cylinder: asSizeOrLength(),
  strike: asTerm<StrikeForm | 'rods' | 'top-rod'>('strike'),
  engagement: asLength('down'),
  oldStrike: asTerm<StrikeReuse['verdict']>('oldStrike'),
  bar: asLength('down'),
  bolts: asTerm<LeafBolts>('bolts'),
  coordinator: asTerm<'yes' | 'none'>('coordinator'),
});

export type SecuringRecord = Recorder<(typeof SECURING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    securing: (typeof SECURING_DECISIONS)['specs'];
  }
}
