import { asTerm, decisionTable, type Recorder } from '../model/index.js';

export const VERDICTS = ['keep', 'move', 'renew'] as const;
export type Verdict = (typeof VERDICTS)[number];
export const PARTS = ['frame', 'leaf', 'hinges', 'lock', 'strike', 'closer'] as const;
export type ExistingPart = (typeof PARTS)[number];

const verdict = asTerm<Verdict>('verdict');

/** What the stage decides, by name. */
export const REPLACING_DECISIONS = decisionTable('replacing', {
  frame: verdict,
  leaf: verdict,
  hinges: verdict,
  lock: verdict,
  strike: verdict,
  closer: verdict,
});

export type ReplacingRecord = Recorder<(typeof REPLACING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    replacing: (typeof REPLACING_DECISIONS)['specs'];
  }
}
