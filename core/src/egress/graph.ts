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
  /** Whether it counts as safe: in the open, and neither roof nor balcony; or a stair whose way out is not listed. */
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
  return withStairsAsGoals({ rooms, doors, at, index: graph.index });
}

/** Whether a stair leads to a room of the graph by which one is in the open without another storey. */
const dischargesInto = ({ safe, space }: EgressRoom) => safe || space === 'entrance';

/**
 * A stair is always a way out. One that no listed door leads out of, to the open or into the entrance, goes on to
 * a storey that is not listed: whoever is in it has arrived.
 */
function withStairsAsGoals(graph: EgressGraph): EgressGraph {
  const { rooms, doors, at } = graph;
  const leadsOut = (stair: number): boolean => {
    const seen = new Set([stair]);
    for (const one of seen)
      for (const door of at[one]!) {
        const { one: a, two: b } = doors[door]!;
        const end = a === one ? b : a;
        if (dischargesInto(rooms[end]!)) return true;
        // Through a vestibule of its own, and from one flight to the next.
        if (rooms[end]!.space === 'stair') seen.add(end);
      }
    return false;
  };
  return {
    ...graph,
    rooms: rooms.map((room, index) =>
      room.space === 'stair' && !leadsOut(index) ? { ...room, safe: true } : room,
    ),
  };
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
