import type { Escape } from './facts.js';
import { OUTWARD, type Space } from './spaces.js';

/**
 * Which way people leave by what the two spaces are: towards the open, by entrance, stair, corridor.
 * Between like ones both ways; undefined where a room is not named. A guess.
 */
export function guessEscape(from: Space | undefined, to: Space | undefined): Escape | undefined {
  if (!from || !to) return undefined;
  const [one, two] = [OUTWARD.indexOf(from), OUTWARD.indexOf(to)];
  if (one === two) return from === 'room' ? undefined : 'both';
  return one > two ? 'to' : 'from';
}
