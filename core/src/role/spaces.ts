import { memoize } from '../measure/index.js';
import {
  headOf,
  isPorch,
  placeNamed,
  ROOM_USE,
  SPACE_WORDS,
  type Place,
  type RoomUse,
} from '../model/index.js';

/** What a space is for somebody on the way out, from the open inwards. */
export type Space = 'outdoors' | 'entrance' | 'stair' | 'corridor' | 'room';

/** In the order people pass them when they leave: the last first. */
export const OUTWARD: readonly Space[] = ['outdoors', 'entrance', 'stair', 'corridor', 'room'];

const NAMES = (['outdoors', 'stair', 'entrance', 'corridor'] as const).map(
  (space) =>
    [space, new RegExp(`(?<![\\p{L}])(?:${SPACE_WORDS[space]})(?![\\p{L}])`, 'giu')] as const,
);

/** What a name says a space is, and where in the name its last word for it stands. */
export const spaceNamed = (name: string) => namedBy(NAMES, headOf(name));

const namedBy = memoize(
  (
    names: typeof NAMES,
    name: string,
  ): { space: Space; starts: number; ends: number } | undefined => {
    for (const [space, words] of names) {
      const found = [...name.matchAll(words)].pop();
      if (found) return { space, starts: found.index, ends: found.index + found[0].length };
    }
    return undefined;
  },
);

/**
 * What a space is: by its use where the building has it, else by its name, which is a guess.
 *
 * @example spaceOf('Store corridor', undefined) // 'corridor'
 */
export function spaceOf(name: string | undefined, use: RoomUse | undefined): Space | undefined {
  if (use) return ROOM_USE[use].space;
  if (!name) return undefined;
  const place = placeNamed(name, undefined);
  const found = spaceNamed(name);
  if (found && isSpace(place, found.space)) return found.space;
  if (place.size > 0) return PASSED.find((space) => place.has(TRAIT[space])) ?? 'room';
  // What goes on behind the word is a room: a corridor office, a roof void.
  return found && !GOES_ON.test(headOf(name).slice(found.ends)) ? found.space : 'room';
}

const PASSED = ['outdoors', 'stair', 'entrance', 'corridor'] as const;
const TRAIT = {
  outdoors: 'open',
  stair: 'stair',
  entrance: 'entrance',
  corridor: 'passage',
} as const;
const GOES_ON = /\p{L}{3}/u;

/** Whether a place is such a space; a covered way is both a corridor and the open. */
function isSpace(place: Place, space: Space): boolean {
  switch (space) {
    case 'outdoors':
      return place.has('open') || place.has('pool');
    case 'stair':
      return place.has('stair');
    case 'entrance':
      return place.has('entrance');
    case 'corridor':
      return place.has('passage') || place.has('open');
    case 'room':
      return false;
  }
}

/** Two rooms as they stand on both sides of an opening, where the building says what they are used for. */
interface BothSides {
  from: string | undefined;
  to: string | undefined;
  fromUse: RoomUse | undefined;
  toUse: RoomUse | undefined;
}

/** What the spaces on both sides are. A porch is the open to the room behind it, not to the street before it. */
export function spacesOf({
  from,
  to,
  fromUse,
  toUse,
}: BothSides): [Space | undefined, Space | undefined] {
  const [one, two] = [spaceOf(from, fromUse), spaceOf(to, toUse)];
  const [first, second] = [!fromUse && isPorch(from), !toUse && isPorch(to)];
  if (first === second || one === undefined || two === undefined) return [one, two];
  if (first) return [two === 'outdoors' ? one : 'outdoors', two];
  return [one, one === 'outdoors' ? two : 'outdoors'];
}
