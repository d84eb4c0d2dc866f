import { memoize, wholeUp } from '../measure/index.js';
import { LOAD_USES, type LoadUse, type Room } from '../model/index.js';
import { type Practice } from '../practice/index.js';
import { roleWords, type Role } from '../roles/index.js';

const SQUARE_FEET_PER_SQUARE_METRE = 1 / 0.09290304;

type Words = Readonly<Record<string, string>>;

const patternsOf = memoize((words: Words) =>
  Object.entries(words).flatMap(([use, text]): [LoadUse, RegExp][] => {
    const list = roleWords(text).map((one) => one.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
    return LOAD_USES.includes(use as LoadUse) && list.length > 0
      ? [[use as LoadUse, new RegExp(`(?<![\\p{L}])(?:${list.join('|')})(?![\\p{L}])`, 'iu')]]
      : [];
  }),
);

/** What a room is used for by the people in it: as recorded, else by its name, else by its role. */
export function loadUseOf(
  room: Room | undefined,
  name: string,
  role: Role | undefined,
  { values }: Practice,
): LoadUse | undefined {
  if (room?.load) return room.load;
  const named = patternsOf(values.loadWords.value).find(([, pattern]) => pattern.test(name))?.[0];
  return named ?? ((role && values.loadByRole.value[role]) as LoadUse | undefined);
}

/**
 * People in a room: a number given for it beats its area by the factor of its use, rounded up (IBC 1004.5,
 * Approved Document B table D1); undefined while neither is known, 0 where nobody stays.
 */
export function peopleOf(
  room: Room | undefined,
  name: string,
  role: Role | undefined,
  practice: Practice,
): number | undefined {
  if (room?.people !== undefined) return room.people;
  const use = loadUseOf(room, name, role, practice);
  if (!use) return role === undefined && room?.area !== undefined ? undefined : 0;
  if (room?.area === undefined) return undefined;
  const area = practice.system === 'inch' ? room.area * SQUARE_FEET_PER_SQUARE_METRE : room.area;
  // A hair above a whole number by the conversion is that number.
  return wholeUp(area / practice.values.areaPerPerson.value[use]);
}
