import { LEFT_OUT, WRITTEN } from './agreement.js';
import { FAULT, SPECIAL_WIDTH, STAIR_SWING, SWING, TOILET, WIDTH } from './crowd.js';
import { RATED_GAPS, RATED_GLASS, RATED_HOLES, RATED_PLATES } from './edges.js';
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
import { RELEASED, WIRED } from './power.js';
import { FED, HUNG, NOTHING_OVER, ORDER, SHUT, STRUCK } from './set.js';
import { APPROACH, CARRIED, FINGERS, FORCE } from './touch.js';

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
  STAIR_SWING,
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
  RATED_GAPS,
  RATED_HOLES,
  RATED_GLASS,
  RATED_PLATES,
  GARAGE,
  POOL,
  REACH_IN,
  SEEN,
  FORCE,
  APPROACH,
  FINGERS,
  CARRIED,
  HUNG,
  SHUT,
  STRUCK,
  ORDER,
  FED,
  WIRED,
  RELEASED,
  NOTHING_OVER,
  WRITTEN,
  LEFT_OUT,
];
