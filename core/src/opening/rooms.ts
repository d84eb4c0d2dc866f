import { roomKey, type Building, type Room, type RoomUse } from './building.js';
import type { OpeningFacts } from './registry.js';

/** Whole words only: pathology is no path, a courtroom no court. */
const whole = (words: string) =>
  new RegExp(`(?<![\\p{L}])(?:${words})(?:['’]s)?(?![\\p{L}])`, 'iu');

/** Words by which a room's use is guessed, tried in this order. */
const WORDS: readonly [RegExp, RoomUse][] = [
  [
    whole(
      'closet|cupboard|stores?|storage|cabinet|archive|bin|cellar|wardrobe|pantry|larder|linen|janitor|cleaner|garage',
    ),
    'store',
  ],
  [
    whole(
      'toilets?|wc|showers?|bath|bathroom|women|men|ladies|gents|cloaks|wash|washroom|lavatory|restrooms?|en ?suite',
    ),
    'sanitary',
  ],
  [
    whole(
      'plant|boiler|electrical|dimmer|riser|meter|server|comms|rack|machine|switchgear|mechanical',
    ),
    'plant',
  ],
  [whole('stairs?|staircase|stairwell|lift'), 'stair'],
  [whole('corridor|passage|passageway|hallway|lobby|landing'), 'corridor'],
  [whole('foyer|entrance|reception|porch|vestibule'), 'entrance'],
  [
    whole(
      'street|yard|exterior|outside|outdoors?|terrace|garden|roof|courtyard|car park|lane|drive|driveway|balcony|deck|patio|alley',
    ),
    'outdoors',
  ],
  [
    whole(
      'auditorium|stage|rehearsal|assembly|bar|café|cafe|restaurant|gallery|meeting|chapel|courtroom|lecture|gym|gymnasium',
    ),
    'assembly',
  ],
  [whole('bed|bedroom|nursery'), 'sleeping'],
  [whole('kitchen|living|dining|sitting|parlour|lounge|front room|back room'), 'living'],
  [
    whole(
      'office|workshop|studio|copy|dock|servery|dressing|study|lab|laboratory|pathology|classroom|room',
    ),
    'work',
  ],
];

/** What a room of that name is likely used for. */
export function guessRoomUse(name: string): RoomUse | undefined {
  return WORDS.find(([words]) => words.test(name))?.[1];
}

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
