import { bad, good, type Result } from '../measure/index.js';
import { ROOM_USES, type RoomUse } from './roomUses.js';

/** What a room is used for by the number of people it may hold. */
export const LOAD_USES = [
  'standing',
  'chairs',
  'tables',
  'meeting',
  'classroom',
  'office',
  'reading',
  'shop',
  'exercise',
  'exhibition',
  'stage',
  'kitchen',
  'workshop',
  'industrial',
  'treatment',
  'inpatient',
  'sleeping',
  'dwelling',
  'lockers',
  'equipment',
  'store',
  'parking',
] as const;
export type LoadUse = (typeof LOAD_USES)[number];

/** A room or space of the building. Openings name it by its name. */
export interface Room {
  name: string;
  number?: string | undefined;
  storey?: string | undefined;
  use?: RoomUse | undefined;
  /** Square metres, net or gross as the factor of its use asks. */
  area?: number | undefined;
  /** People it is for, where somebody counted them. */
  people?: number | undefined;
  /** What it is used for by the number of people, where its name does not say. */
  load?: LoadUse | undefined;
}

/** Storeys from the lowest to the highest, and the rooms on them. */
export interface Building {
  storeys: string[];
  rooms: Room[];
}

export const NO_BUILDING: Building = { storeys: [], rooms: [] };

const MAX_STOREYS = 200;
const MAX_ROOMS = 5000;

/** Square metres, and people, of one room. */
const MAX_AREA = 1_000_000;
const MAX_PEOPLE = 100_000;

const within = (value: unknown, most: number): boolean =>
  typeof value === 'number' && Number.isFinite(value) && value >= 0 && value <= most;

/** One spelling of a room's name. */
export function roomKey(name: string): string {
  return name.trim().toLowerCase().replace(/\s+/g, ' ');
}

/** Checks a building as it comes in. Faults: `building.shape`, `building.repeated`. */
export function readBuilding(json: unknown): Result<Building> {
  const { storeys, rooms } = (json ?? {}) as Partial<Building>;
  const text = (value: unknown, most: number) =>
    typeof value === 'string' && value.trim() !== '' && value.length <= most;
  if (!Array.isArray(storeys) || !Array.isArray(rooms)) return bad('building.shape');
  if (storeys.length > MAX_STOREYS || rooms.length > MAX_ROOMS) return bad('building.shape');
  if (!storeys.every((storey) => text(storey, 40))) return bad('building.shape');
  if (new Set(storeys.map(roomKey)).size !== storeys.length)
    return bad('building.repeated', { name: storeys.join(', ') });
  const seen = new Set<string>();
  const read: Room[] = [];
  for (const room of rooms as Partial<Room>[]) {
    if (typeof room !== 'object' || room === null || !text(room.name, 80))
      return bad('building.shape');
    const { name, number, storey, use, area, people, load } = room;
    if (number !== undefined && !text(number, 20)) return bad('building.shape');
    if (storey !== undefined && !text(storey, 40)) return bad('building.shape');
    if (use !== undefined && !ROOM_USES.includes(use)) return bad('building.shape');
    if (area !== undefined && !within(area, MAX_AREA)) return bad('building.shape');
    if (people !== undefined && !(within(people, MAX_PEOPLE) && Number.isInteger(people)))
      return bad('building.shape');
    if (load !== undefined && !LOAD_USES.includes(load)) return bad('building.shape');
    if (seen.has(roomKey(name!))) return bad('building.repeated', { name: name! });
    seen.add(roomKey(name!));
    read.push({
      name: name!.trim(),
      ...(number ? { number } : {}),
      ...(storey ? { storey } : {}),
      ...(use ? { use } : {}),
      ...(area !== undefined ? { area } : {}),
      ...(people !== undefined ? { people } : {}),
      ...(load ? { load } : {}),
    });
  }
  return good({ storeys: [...storeys], rooms: read });
}
