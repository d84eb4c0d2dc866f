import { memoize } from '../measure/index.js';
import { roomKey, type Building, type Room } from './building.js';
import { ROOM_USE, ROOM_USES, type RoomUse } from './roomUses.js';
import type { OpeningFacts } from './registry.js';
import { headOf, SPACE_WORDS } from './spaceWords.js';

/** Whole words only: pathology is no path, a courtroom no court. */
const whole = (words: string) =>
  new RegExp(`(?<![\\p{L}])(?:${words})(?:['’]s)?(?![\\p{L}])`, 'iu');

/** Words by which a room's use is guessed, in the order they are tried. */
const WORDS: readonly [RegExp, RoomUse][] = ROOM_USES.toSorted(
  (a, b) => ROOM_USE[a].tried - ROOM_USE[b].tried,
).map((use) => [whole(ROOM_USE[use].words), use]);

/**
 * What a room of that name is likely used for.
 *
 * @example guessRoomUse('Boiler room') // 'plant'
 */
export const guessRoomUse = (name: string): RoomUse | undefined =>
  useNamed(WORDS, headOf(name)) ?? useNamed(WORDS, name);

/** The last word says whether a name is that of a space to pass: a store corridor is no store. */
const PASSED = (['stair', 'entrance', 'corridor', 'outdoors'] as const).map(
  (use) => [new RegExp(whole(SPACE_WORDS[use]), 'giu'), use] as const,
);

const useNamed = memoize((words: typeof WORDS, name: string): RoomUse | undefined => {
  for (const [pattern, use] of words) {
    const found = pattern.exec(name);
    if (!found) continue;
    const ends = found.index + found[0].length;
    const passed = PASSED.find(([space]) =>
      [...name.matchAll(space)].some((one) => one.index + one[0].length > ends),
    );
    return passed?.[1] ?? use;
  }
  return undefined;
});

/**
 * The rooms that openings name and the building does not have, in the order they are named, each with
 * the storey most of its openings stand on and a guess at its use.
 */
export function unlistedRooms(openings: readonly OpeningFacts[], building: Building): Room[] {
  const listed = new Set(building.rooms.map((room) => roomKey(room.name)));
  const storeys = new Map<string, Map<string, number>>();
  const names = new Map<string, string>();
  for (const { from, to, storey } of openings) {
    for (const name of [from, to]) {
      if (!name || listed.has(roomKey(name))) continue;
      const key = roomKey(name);
      if (!names.has(key)) names.set(key, name.trim());
      const counts = storeys.get(key) ?? new Map<string, number>();
      if (storey) counts.set(storey, (counts.get(storey) ?? 0) + 1);
      storeys.set(key, counts);
    }
  }
  return [...names].map(([key, name]) => {
    const storey = [...storeys.get(key)!].sort((a, b) => b[1] - a[1])[0]?.[0];
    const use = guessRoomUse(name);
    return { name, ...(storey ? { storey } : {}), ...(use ? { use } : {}) };
  });
}

/** The building with rooms added, and their storeys where it has not got them. */
export function withRooms(building: Building, rooms: readonly Room[]): Building {
  const storeys = [...building.storeys];
  for (const { storey } of rooms) if (storey && !storeys.includes(storey)) storeys.push(storey);
  return { storeys, rooms: [...building.rooms, ...rooms] };
}

/**
 * The changes of openings that a room's new name brings: openings name rooms by their name.
 *
 * @returns for each opening that names the room, the patch
 */
export function renameRoom(
  openings: readonly { id: string; facts: OpeningFacts }[],
  before: string,
  after: string,
): { id: string; patch: Partial<Pick<OpeningFacts, 'from' | 'to'>> }[] {
  const is = (name: string | undefined) => name !== undefined && roomKey(name) === roomKey(before);
  return openings.flatMap(({ id, facts }) => {
    const patch = {
      ...(is(facts.from) ? { from: after } : {}),
      ...(is(facts.to) ? { to: after } : {}),
    };
    return Object.keys(patch).length > 0 ? [{ id, patch }] : [];
  });
}

/**
 * The building with one room made part of another: it goes, and openings that name it name the other.
 *
 * @returns the building, and for each opening that named the room the patch
 */
export function mergeRooms(
  building: Building,
  openings: readonly { id: string; facts: OpeningFacts }[],
  gone: string,
  into: string,
): { building: Building; patches: ReturnType<typeof renameRoom> } {
  const rooms = building.rooms.filter(({ name }) => roomKey(name) !== roomKey(gone));
  return { building: { ...building, rooms }, patches: renameRoom(openings, gone, into) };
}
