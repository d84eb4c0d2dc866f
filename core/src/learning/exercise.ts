import type { LockSpec } from '../catalogue/index.js';
import type { ClosingBench, CloserSettings } from '../closing/index.js';
import type { Hand } from '../handing/index.js';
import type { Message } from '../model/index.js';
import type { GapBench, HingeMoves, ReadGaps } from '../site/index.js';

/** The four things that people get wrong again and again. */
export const LEARNING_BENCHES = ['hand', 'lock', 'closer', 'gaps'] as const;
export type LearningBench = (typeof LEARNING_BENCHES)[number];

/** One of the answers that are offered. */
export interface Answer {
  id: string;
  say: Message;
  /** What mistake it is; absent of the right one. */
  mistake?: Message;
}

/** What is shown with a question. */
export type Picture =
  | { kind: 'hand'; hand: Hand; seen: HandSeen }
  | { kind: 'lock'; specs: Readonly<Record<string, LockSpec>> }
  | {
      kind: 'closer';
      bench: ClosingBench;
      settings: CloserSettings;
      /** The settings that each answer comes to. */
      after: Readonly<Record<string, CloserSettings>>;
    }
  | {
      kind: 'gaps';
      bench: GapBench;
      gaps: ReadGaps;
      /** What each answer does. */
      moves: Readonly<Record<string, HingeMoves>>;
    };

/** From where a door is shown, and how. */
export interface HandSeen {
  from: 'outside' | 'inside';
  view: 'plan' | 'standing';
}

/** A question with its answers; the truth is what the core that decides projects says. */
export interface Exercise {
  bench: LearningBench;
  seed: number;
  /** What it trains: mistakes are repeated by it. */
  skill: string;
  question: Message;
  picture: Picture;
  choices: Answer[];
  truth: string;
  why: Message[];
}
