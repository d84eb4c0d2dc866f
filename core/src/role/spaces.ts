import { memoize } from '../measure/index.js';
import { headOf, isPorch, ROOM_USE, SPACE_WORDS, type RoomUse } from '../model/index.js';

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
  return spaceNamed(name)?.space ?? 'room';
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
