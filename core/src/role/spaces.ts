import type { RoomUse } from '../opening/index.js';

/** What a space is for somebody on the way out, from the open inwards. */
export type Space = 'outdoors' | 'entrance' | 'stair' | 'corridor' | 'room';

/** In the order people pass them when they leave: the last first. */
export const OUTWARD: readonly Space[] = ['outdoors', 'entrance', 'stair', 'corridor', 'room'];

const BY_USE: Partial<Record<RoomUse, Space>> = {
  outdoors: 'outdoors',
  entrance: 'entrance',
  stair: 'stair',
  corridor: 'corridor',
};

/** Whole words; a bare path, court or hall says nothing. */
const whole = (words: string) => new RegExp(`(?<![\\p{L}])(?:${words})(?![\\p{L}])`, 'iu');
const NAMES: readonly [Space, RegExp][] = [
  [
    'outdoors',
    whole(
      'street|exterior|outside|outdoors?|yard|terrace|garden|roof|courtyard|car park|parking lot|lane|drive|driveway|balcony|deck|patio|alley|sidewalk|pavement|straße|hof|garten',
    ),
  ],
  ['stair', whole('stairs?|staircase|stairwell|treppe|treppenhaus|treppenraum')],
  [
    'entrance',
    whole('entrance hall|entrance|foyer|reception|porch|vestibule|windfang|eingang|empfang'),
  ],
  ['corridor', whole('corridor|passage|passageway|hallway|lobby|landing|concourse|flur|gang')],
];

/** What a space is: by its use where the building has it, else by its name, which is a guess. */
export function spaceOf(name: string | undefined, use: RoomUse | undefined): Space | undefined {
  if (use) return BY_USE[use] ?? 'room';
  if (!name) return undefined;
  return NAMES.find(([, words]) => words.test(name))?.[0] ?? 'room';
}
