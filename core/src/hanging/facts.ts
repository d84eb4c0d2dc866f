import { MAX_TICKS } from '../measure/index.js';
import {
  choiceFact,
  countFact,
  LEAF_IDS,
  lengthFact,
  massFact,
  swings,
  yesNoFact,
  type FactsOf,
  type RecordsOf,
} from '../model/index.js';
import { described, integer, list, map, word } from '../shape/index.js';

const swinging = { applies: swings };

/** The most hinges of one leaf that may be set by hand. */
export const MAX_SET = 12;

/** Facts about what the leaf weighs, what stands in its way and what may be let in. */
export const HANGING_FACTS = {
  leafMass: massFact({ by: 'leafMaker', first: true }),
  trimProjection: lengthFact({ by: 'architect', ...swinging, first: true }),
  /** How far the leaf shall open, degrees. */
  openTo: countFact(180, { by: 'architect', ...swinging, first: true }),
  clearWanted: lengthFact({ by: 'architect', first: true }),
  /** Whether the hardware that carries and closes the leaf shall not be seen. */
  nothingVisible: yesNoFact({ by: 'architect', ...swinging, first: true }),
  glassWidth: lengthFact({ by: 'architect', first: true }),
  glassHeight: lengthFact({ by: 'architect', first: true }),
  glassThickness: lengthFact({ by: 'leafMaker', first: true }),
  /** What is clear beside the lock edge on the pull side, to the next wall or thing. */
  besideLock: lengthFact({ ...swinging, by: 'architect' }),
  /** A wall square to the opening beside the hinge jamb, on the pull side: how far from the rabbet. */
  sideWall: lengthFact({ ...swinging, by: 'architect' }),
  /** Something the leaf would meet on the pull side: along the wall from the hinge rabbet, and out. */
  obstacleAlong: lengthFact({ ...swinging, by: 'architect' }),
  obstacleOut: lengthFact({ ...swinging, by: 'architect' }),
  handleProjection: lengthFact({ ...swinging, by: 'architect' }),
  acidTimber: yesNoFact({ by: 'architect' }),
  /** Lower edge of the glass above the leaf's bottom, and its edge in from the lock edge. */
  glassAt: lengthFact({ by: 'architect' }),
  glassFromLock: lengthFact({ by: 'architect' }),
  /** Whether the screw holes of the frame still hold. */
  screwHold: choiceFact(['sound', 'worn'], 'screwHold', { ...swinging, by: 'leafMaker' }),
  /** Depth of jamb and backing that a concealed hinge may be let into. */
  jambDepth: lengthFact({ ...swinging, by: 'frameMaker' }),
  /** What the floor is where a case would be let in. */
  slab: choiceFact(['free', 'post-tensioned', 'heated', 'waterproofed'], 'slab', {
    ...swinging,
    by: 'architect',
  }),
  slabDepth: lengthFact({ ...swinging, by: 'architect' }),
  /** Room above the leaf to lift it out. */
  headroom: lengthFact({ ...swinging, by: 'architect' }),
};

/** Facts of the stage that are lists. */
export const HANGING_RECORDS = {
  /** Where hinges were set by hand, by leaf. */
  hingePositions: described(
    map(word(LEAF_IDS), list(integer(0, MAX_TICKS), MAX_SET)),
    'Top edges of hinges below the leaf’s top, in whole ticks, by leaf.',
  ),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof HANGING_FACTS> {}
  interface OpeningFacts extends RecordsOf<typeof HANGING_RECORDS> {}
}
