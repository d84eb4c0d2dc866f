import type { Side, Swing } from '../model/index.js';

/** The two facts that fix the hand of one swinging leaf. */
export interface Hand {
  /** Hinge side as seen from outside, the side the door is locked against people. */
  hinges: Side;
  /** In: away from a person outside. */
  swing: Swing;
}

export type HandCode = 'LH' | 'RH' | 'LHR' | 'RHR';

/** Every school's name for one hand. */
export interface HandNames {
  code: HandCode;
  bevel: 'regular' | 'reverse';
  /** Standing in the frame, back to the hinge jamb, it swings to this hand. */
  backToJamb: Side;
  /** Seen from the side where the knuckles show, the hinges are on this hand. */
  knuckleSide: Side;
  knuckles: 'inside' | 'outside';
}

export function opposite(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}

/**
 * All namings of a hand (ANSI/BHMA four-hand codes, the back-to-the-jamb school and the
 * knuckle-side school, which always give opposite words).
 *
 * @example namesOf({ hinges: 'right', swing: 'out' }).code // 'RHR'
 */
export function namesOf({ hinges, swing }: Hand): HandNames {
  return NAMES[hinges][swing];
}

function named(hand: Hand): HandNames {
  const reverse = hand.swing === 'out';
  const initial = hand.hinges === 'left' ? 'LH' : 'RH';
  // Pulled from the side where the knuckles show: outside for reverse hands, where left stays left.
  const knuckleSide = reverse ? hand.hinges : opposite(hand.hinges);
  return {
    code: (reverse ? `${initial}R` : initial) as HandCode,
    bevel: reverse ? 'reverse' : 'regular',
    backToJamb: opposite(knuckleSide),
    knuckleSide,
    knuckles: reverse ? 'outside' : 'inside',
  };
}

const NAMES: Readonly<Record<Side, Readonly<Record<Swing, HandNames>>>> = {
  left: {
    in: named({ hinges: 'left', swing: 'in' }),
    out: named({ hinges: 'left', swing: 'out' }),
  },
  right: {
    in: named({ hinges: 'right', swing: 'in' }),
    out: named({ hinges: 'right', swing: 'out' }),
  },
};

/** All four hands, in the order of the trade table. */
export const ALL_HANDS: readonly Hand[] = [
  { hinges: 'left', swing: 'in' },
  { hinges: 'right', swing: 'in' },
  { hinges: 'left', swing: 'out' },
  { hinges: 'right', swing: 'out' },
];

/** The mirror image of a hand. */
export function mirrored(hand: Hand): Hand {
  return { hinges: opposite(hand.hinges), swing: hand.swing };
}
