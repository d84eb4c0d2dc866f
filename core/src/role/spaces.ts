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

/** Whole words; a bare path, court or hall says nothing, one with a number of three figures is a corridor. */
const whole = (words: string) => new RegExp(`(?<![\\p{L}])(?:${words})(?![\\p{L}])`, 'giu');
const NAMES: readonly [Space, RegExp][] = [
  [
    'outdoors',
    whole(
      'street|exterior|external|extr?|outside|outdoors?|yard|terrace|garden|roof|courtyard|car park|parking(?: lot)?|lane|drive|driveway|balcony|deck|patio|alley|sidewalk|pavement|plaza|playground|play area|grade|straße|hof|garten|außen|aussen|freien?',
    ),
  ],
  ['stair', whole('stairs?|staircase|stairwell|treppe|treppenhaus|treppenraum')],
  [
    'entrance',
    whole(
      'entrance hall|entrance|entry|foyer|reception|porch|vestibule|vest|atrium|dr(?:aught|aft) lobby|wind lobby|windfang|eingang|eingangshalle|empfang',
    ),
  ],
  [
    'corridor',
    whole(
      'corridor|corr|passage|passageway|hallway|hall(?= ?[A-Z]?\\d{3})|circulation|circ|lobby|elevator lobby|lift lobby|landing|concourse|flur|gang|korridor|diele',
    ),
  ],
];

/** What a name says a space is, and where in the name its last word for it ends. */
export function spaceNamed(name: string): { space: Space; ends: number } | undefined {
  for (const [space, words] of NAMES) {
    const found = [...name.matchAll(words)].pop();
    if (found) return { space, ends: found.index + found[0].length };
  }
  return undefined;
}

/** What a space is: by its use where the building has it, else by its name, which is a guess. */
export function spaceOf(name: string | undefined, use: RoomUse | undefined): Space | undefined {
  if (use) return BY_USE[use] ?? 'room';
  if (!name) return undefined;
  return spaceNamed(name)?.space ?? 'room';
}
