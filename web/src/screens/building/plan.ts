import {
  egressOf,
  roomKey,
  unlistedRooms,
  withRooms,
  type Building,
  type DoorEgress,
  type OpeningFacts,
  type Practice,
  type Room,
  type RoomEgress,
} from '@riegel/core';

/** Where rooms stand that are on no storey. */
export const NOWHERE = '';

/** A room as it is drawn. */
export interface PlanRoom {
  room: Room;
  /** Whether the building has it, or only openings name it. */
  listed: boolean;
  egress: RoomEgress | undefined;
}

/** The openings between two rooms as one line. */
export interface PlanDoors {
  key: string;
  one: string;
  two: string;
  openings: { id: string; mark: string; facts: OpeningFacts }[];
  egress: DoorEgress | undefined;
}

/** A building as a graph: rooms on their storeys, openings between them. */
export interface Plan {
  /** From the highest to the lowest; those on no storey last. */
  storeys: { name: string; rooms: PlanRoom[] }[];
  doors: PlanDoors[];
  byKey: ReadonlyMap<string, PlanRoom>;
}

/** What is drawn of a building: its rooms and those that openings name, with the ways out. */
export function planOf(
  openings: readonly { id: string; facts: OpeningFacts }[],
  building: Building,
  practice: Practice,
): Plan {
  const facts = openings.map((one) => one.facts);
  const known = new Set(building.rooms.map(({ name }) => roomKey(name)));
  const { rooms, storeys } = withRooms(building, unlistedRooms(facts, building));
  const listed = new Map(building.rooms.map((room) => [roomKey(room.name), room]));
  const egress = egressOf(facts, listed, practice);
  const ways = new Map(egress.rooms.map((one) => [one.key, one]));
  const byKey = new Map(
    rooms.map((room): [string, PlanRoom] => {
      const key = roomKey(room.name);
      return [key, { room, listed: known.has(key), egress: ways.get(key) }];
    }),
  );
  const told = new Map(egress.doors.map((one) => [doorsKey(one.one, one.two), one]));
  const doors = new Map<string, PlanDoors>();
  for (const { id, facts: of } of openings) {
    const { from, to, mark } = of;
    if (!from || !to || roomKey(from) === roomKey(to)) continue;
    const key = doorsKey(from, to);
    let edge = doors.get(key);
    if (!edge) {
      const [one, two] = [roomKey(from), roomKey(to)].sort() as [string, string];
      doors.set(key, (edge = { key, one, two, openings: [], egress: told.get(key) }));
    }
    edge.openings.push({ id, mark, facts: of });
  }
  const bands = [...[...storeys].reverse(), NOWHERE].map((name) => ({
    name,
    rooms: [...byKey.values()].filter(({ room }) =>
      name === NOWHERE ? !storeys.includes(room.storey ?? '') : room.storey === name,
    ),
  }));
  return {
    storeys: bands.filter(({ name, rooms: of }) => of.length > 0 || name !== NOWHERE),
    doors: [...doors.values()],
    byKey,
  };
}

function doorsKey(a: string, b: string): string {
  return [roomKey(a), roomKey(b)].sort().join('|');
}

/** Which way people leave between two rooms, seen from the room whose key comes first. */
export function leaves({ one, egress }: PlanDoors): 'on' | 'back' | 'both' | undefined {
  if (!egress?.escape) return undefined;
  if (egress.escape === 'both') return 'both';
  const along = egress.escape === 'to' ? roomKey(egress.two) : roomKey(egress.one);
  return along === one ? 'back' : 'on';
}

/** Marks on a line: all where they are few, else the first and how many. */
export function marksOn({ openings }: PlanDoors): string {
  const marks = openings.map(({ mark }) => mark);
  return marks.length <= 2 ? marks.join(', ') : `${marks[0]} +${marks.length - 1}`;
}
