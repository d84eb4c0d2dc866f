import { valueOrUndefined, roomGraph, type OpeningFacts, type Room } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { roleOfRoom, spaceOf, type Space } from '../role/index.js';
import { peopleOf } from './people.js';
import { ROLE } from '../roles/index.js';

/** What of an opening the ways out of its building depend on. */
export type DoorFacts = Pick<OpeningFacts, 'from' | 'to' | 'egress' | 'escape'>;

/** One room as a node. */
export interface EgressRoom {
  key: string;
  name: string;
  space: Space;
  /** Whether it counts as safe: in the open, and neither roof nor balcony. */
  safe: boolean;
  /** Whether people on the way out pass through it as through a room of somebody’s own. */
  passage: 'free' | 'room' | 'last';
  /** People who are in it; undefined while neither their number nor the area is known. */
  people: number | undefined;
}

/** Doors between two rooms, all of them together. */
interface EgressDoors {
  one: number;
  two: number;
  /** How many. */
  count: number;
  /** Which way they may be passed by what was recorded. */
  forth: boolean;
  back: boolean;
  /** Whether somebody recorded the direction. */
  told: boolean;
}

export interface EgressGraph {
  rooms: readonly EgressRoom[];
  doors: readonly EgressDoors[];
  /** Of each room the doors at it, by index. */
  at: readonly (readonly number[])[];
  index: ReadonlyMap<string, number>;
}

/** The building’s graph with all doors between two rooms as one edge; doors nobody leaves by are left out. */
export function egressGraph(
  openings: Iterable<DoorFacts>,
  listed: ReadonlyMap<string, Room>,
  practice: Practice,
): EgressGraph {
  const graph = roomGraph(
    openings,
    ({ from, to }) => (from && to ? [from, to] : [undefined, undefined]),
    Array.from(listed.values(), ({ name }) => name),
  );
  const rooms = graph.rooms.map(({ key, name }) => nodeFor(key, name, listed.get(key), practice));
  const at: number[][] = rooms.map(() => []);
  const doors: EgressDoors[] = [];
  const between = new Map<number, number>();
  for (const { one: from, two: to, door } of graph.doors) {
    const told = valueOrUndefined(door.escape);
    if (valueOrUndefined(door.egress) === false) continue;
    const [one, two] = from < to ? [from, to] : [to, from];
    const along = told === undefined || told === 'both';
    const toTwo = told === (one === from ? 'to' : 'from');
    const key = one * MOST_ROOMS + two;
    const place = between.get(key);
    const edge = place === undefined ? blank(one, two) : doors[place]!;
    if (place === undefined) {
      between.set(key, doors.length);
      at[one]!.push(doors.length);
      at[two]!.push(doors.length);
      doors.push(edge);
    }
    edge.count += 1;
    edge.forth ||= along || toTwo;
    edge.back ||= along || !toTwo;
    edge.told ||= told !== undefined;
  }
  return { rooms, doors, at, index: graph.index };
}

const MOST_ROOMS = 1_000_000;

const blank = (one: number, two: number): EgressDoors => ({
  one,
  two,
  count: 0,
  forth: false,
  back: false,
  told: false,
});

function nodeFor(
  key: string,
  name: string,
  room: Room | undefined,
  practice: Practice,
): EgressRoom {
  const space = spaceOf(name, room?.use);
  const role = roleOfRoom(name, room?.use, practice);
  const open = space === 'outdoors';
  return {
    key,
    name,
    space: space ?? 'room',
    safe: open && !(role && ROLE[role].escape.through === 'unsafe'),
    passage:
      space !== 'room' ? 'free' : role && ROLE[role].escape.through === 'last' ? 'last' : 'room',
    people: open ? 0 : peopleOf(room, name, role, practice),
  };
}
