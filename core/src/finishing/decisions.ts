import { asCode, decisionTable, type Recorder } from '../model/index.js';

export const FINISHING_DECISIONS = decisionTable('finishing', {
  appearance: asCode(),
  hinges: asCode(),
  locks: asCode(),
  plates: asCode(),
});

export type FinishingRecord = Recorder<(typeof FINISHING_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    finishing: (typeof FINISHING_DECISIONS)['specs'];
  }
}
