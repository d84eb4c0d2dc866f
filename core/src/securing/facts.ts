import {
  choiceFact,
  hasActiveLeaf,
  lengthFact,
  swings,
  yesNoFact,
  type FactsOf,
  type RecordsOf,
} from '../model/index.js';
import { LOCK_USES } from '../practice/index.js';
import { described, map, object, text, word, words } from '../shape/index.js';

/** Kinds of lock by how they sit in or on the leaf. */
export const LOCK_KINDS = [
  'none',
  'cylindrical',
  'tubular',
  'deadbolt',
  'mortise',
  'profile',
  'multipoint',
  'sash',
  'mortise-dead',
  'rim-lock',
  'night-latch',
  'unit',
  'narrow-stile',
  'rim-exit',
  'mortise-exit',
  'rods-surface',
  'rods-concealed',
  'sliding',
  'roller',
  'gate',
  'patch',
  'cold-room',
] as const;
export type LockKind = (typeof LOCK_KINDS)[number];

/** What holds the inactive leaf of a pair. */
export const LEAF_BOLTS = ['none', 'flush', 'automatic', 'constant', 'surface'] as const;
export type LeafBolts = (typeof LEAF_BOLTS)[number];

/** Facts about what the lock is for and what is there already. */
export const SECURING_FACTS = {
  /** What the lock is for. */
  lockUse: choiceFact(LOCK_USES, 'lockUse', { by: 'owner', first: true }),
  lockKind: choiceFact(LOCK_KINDS, 'lockKind', { by: 'locksmith', first: true }),
  /** Whether a dead bolt is wanted. */
  deadBolt: yesNoFact({ by: 'architect', first: true }),
  /** What the hand takes hold of. */
  handle: choiceFact(['lever', 'knob'], 'handle', { by: 'architect', first: true }),
  backset: lengthFact({ by: 'locksmith', first: true }),
  /** Middle of the lock above the finished floor. */
  lockHeight: lengthFact({ by: 'architect', first: true }),
  /** Middle of the lock below the leaf's top: as an old leaf has it. */
  lockFromTop: lengthFact({ by: 'locksmith' }),
  /** Bolts that hold the inactive leaf. */
  bolts: choiceFact(LEAF_BOLTS, 'bolts', {
    by: 'architect',
    first: true,
    applies: (kind) => hasActiveLeaf(kind) || kind === 'double-acting-pair',
  }),
  /** How far latch and dead bolt come out, where the lock is there already. */
  latchThrow: lengthFact({ by: 'locksmith' }),
  boltThrow: lengthFact({ by: 'locksmith' }),
  /** Whether its latch bolt is one that rides over the strike with little friction. */
  lowFrictionLatch: yesNoFact({ by: 'architect', applies: swings }),
  /** Existing strike: its middle above the floor, from the stop to its cut-out's far edge, the cut-out. */
  strikeAt: lengthFact({ by: 'architect' }),
  strikeDepth: lengthFact({ by: 'architect' }),
  strikeCutHeight: lengthFact({ by: 'architect' }),
  strikeCutWidth: lengthFact({ by: 'architect' }),
  /** Whether the floor must stay plain, or carts would hit a bottom rod. */
  plainFloor: yesNoFact({ by: 'architect', applies: swings }),
};

/** Steps of a lock's acceptance test as they were seen; those of another function no longer count. */
export interface LockTest {
  /** The function that was tested, its id. */
  function: string;
  /** By number of the step, from 1: as it should be, or not. */
  steps: Record<string, 'ok' | 'fault'>;
  by: string;
  /** When last, ISO 8601 in UTC. */
  at: string;
}

/** Facts of the stage that are lists. */
export const SECURING_RECORDS = {
  /** The acceptance test of the fitted lock, as far as it was gone through. */
  tested: object(
    {
      function: described(words(40), 'The function that was tested, its id.'),
      steps: map(text(3, /^\d{1,3}$/), word(['ok', 'fault'])),
      by: words(80),
      at: described(words(40), 'ISO 8601, UTC'),
    },
    {},
  ),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof SECURING_FACTS> {}
  interface OpeningFacts extends RecordsOf<typeof SECURING_RECORDS> {}
}
