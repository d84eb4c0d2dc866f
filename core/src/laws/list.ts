import { LEFT_OUT, WRITTEN } from './agreement.js';
import { FAULT, SPECIAL_WIDTH, SWING, TOILET, WIDTH } from './crowd.js';
import {
  CLOSES,
  FRAME_RATED,
  LATCHES,
  LEAF_RATED,
  NOT_RATED,
  SECOND_LEAF,
  SMOKE,
  STANDS_OPEN,
} from './fire.js';
import { GARAGE, POOL, REACH_IN, SEEN } from './hurt.js';
import type { Law } from './law.js';
import {
  BACK_IN,
  BAR,
  BOTH_LEAVES,
  CHILD,
  COLD,
  HELP,
  LET_IN,
  REENTRY,
  THROUGH,
} from './leaving.js';
import { FED, HUNG, NOTHING_OVER, ORDER, SHUT } from './set.js';

/** Every law, in the order they are held: who leaves, how many, fire, harm, the set, what agrees. */
export const LAWS: readonly Law[] = [
  BAR,
  THROUGH,
  BOTH_LEAVES,
  HELP,
  CHILD,
  BACK_IN,
  REENTRY,
  COLD,
  LET_IN,
  WIDTH,
  SWING,
  TOILET,
  SPECIAL_WIDTH,
  FAULT,
  CLOSES,
  LATCHES,
  SECOND_LEAF,
  STANDS_OPEN,
  SMOKE,
  LEAF_RATED,
  FRAME_RATED,
  NOT_RATED,
  GARAGE,
  POOL,
  REACH_IN,
  SEEN,
  HUNG,
  SHUT,
  ORDER,
  FED,
  NOTHING_OVER,
  WRITTEN,
  LEFT_OUT,
];
