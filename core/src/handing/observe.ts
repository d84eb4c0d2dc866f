import type { Observation } from './facts.js';
import { ALL_HANDS, namesOf, opposite, type Hand } from './hand.js';

/**
 * Whether a hand would have looked like this. From the knuckle side hinges are where
 * `namesOf(...).knuckleSide` says; from outside where the hand says; from inside the other way.
 */
export function agrees(hand: Hand, seen: Observation): boolean {
  const names = namesOf(hand);
  if (seen.stood === 'in-frame') {
    if (names.backToJamb !== seen.swingsTo) return false;
    return seen.opensOutward === undefined || seen.opensOutward === (hand.swing === 'out');
  }
  switch (seen.stood) {
    case 'outside':
      return (
        hand.hinges === seen.hinges &&
        (!seen.knuckles || (seen.knuckles === 'seen') === (names.knuckles === 'outside'))
      );
    case 'inside':
      return (
        opposite(hand.hinges) === seen.hinges &&
        (!seen.knuckles || (seen.knuckles === 'seen') === (names.knuckles === 'inside'))
      );
    case 'knuckle-side':
      return names.knuckleSide === seen.hinges;
    case 'other-side':
      return opposite(names.knuckleSide) === seen.hinges;
  }
}

/** The hands that would have looked like this. */
export function handsSeen(seen: Observation): Hand[] {
  return ALL_HANDS.filter((hand) => agrees(hand, seen));
}

/** What a set of observations leaves possible. */
export type Resolved =
  | { state: 'fixed'; hand: Hand }
  | { state: 'open'; possible: Hand[]; ask: HandQuestion | undefined }
  | {
      state: 'contradiction';
      /** Leaving out any one of these (by index) makes the rest agree. */
      culprits: { index: number; leaves: Hand[] }[];
    };

/** The questions that can decide a hand, each answered by looking once. */
export type HandQuestion = 'hinges-from-outside' | 'swing' | 'outside-side';

/** Splits the possibilities best: the answer leaves as few hands as can be. */
function questionFor(possible: Hand[]): HandQuestion {
  const sides = new Set(possible.map((hand) => hand.hinges)).size;
  const swings = new Set(possible.map((hand) => hand.swing)).size;
  return swings > 1 && (sides === 1 || possible.length === 2) ? 'swing' : 'hinges-from-outside';
}

/** What of a hand was recorded. */
export interface RecordedHand {
  hinges?: Hand['hinges'] | undefined;
  swing?: Hand['swing'] | undefined;
}

/**
 * Holds observations (and recorded facts) against the four hands: fixed, open with the one question
 * that decides, or a contradiction with which observation would have to be wrong.
 */
export function resolveHand(observations: Observation[], facts: RecordedHand = {}): Resolved {
  const fits = (list: Observation[]) =>
    ALL_HANDS.filter(
      (hand) =>
        (facts.hinges === undefined || hand.hinges === facts.hinges) &&
        (facts.swing === undefined || hand.swing === facts.swing) &&
        list.every((seen) => agrees(hand, seen)),
    );
  const possible = fits(observations);
  if (possible.length === 1) return { state: 'fixed', hand: possible[0]! };
  if (possible.length > 1) return { state: 'open', possible, ask: questionFor(possible) };
  const culprits = observations
    .map((_, index) => ({
      index,
      leaves: fits(observations.filter((__, other) => other !== index)),
    }))
    .filter((candidate) => candidate.leaves.length > 0);
  return { state: 'contradiction', culprits };
}
