import { wholeUp } from '../measure/index.js';
import { wayKey, type ProjectBasis, type Room, type EgressFlow } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Space } from '../role/index.js';
import { egressGraph, type DoorFacts, type EgressGraph } from './graph.js';
import { costOf, egressPaths, type EgressPaths } from './paths.js';

/** What is known of one room’s ways out. */
export interface RoomEgress {
  key: string;
  name: string;
  /** Cost of its shortest way out; Infinity where there is none. */
  distance: number;
  /** Its own people, and all whose way out leads through it, itself included. */
  own: number | undefined;
  people: number;
  /** Whether all of them are counted. */
  whole: boolean;
  /** Doors by which somebody can leave it. */
  ways: number;
  safe: boolean;
  space: Space;
}

/** One edge of the graph with what follows of it, seen from its first room. */
export interface DoorEgress {
  one: string;
  two: string;
  count: number;
  escape: EgressFlow['escape'];
  people: number;
  share: number;
  whole: boolean;
  /** Ways out of the room they come from, this one among them. */
  ways: number;
}

/** The ways out of a building. */
export interface Egress {
  rooms: readonly RoomEgress[];
  doors: readonly DoorEgress[];
  /** People that arrive in the open when everybody takes the shortest ways, split over them. */
  arriving: number;
  /** By the two rooms, in both orders. */
  ways: ReadonlyMap<string, EgressFlow>;
}

/**
 * The ways out of a building by its rooms and the doors between them: which way people leave through each, how
 * many, how many each door must be wide enough for. Where nothing leads to the open nothing is told.
 *
 * People of a room split evenly over its doors that come nearer to the open; all of them may come by each, so
 * the number that decides on exit devices is not split (IBC 1010.2.9; Approved Document B).
 */
export function egressOf(
  openings: Iterable<DoorFacts>,
  listed: ReadonlyMap<string, Room>,
  practice: Practice,
): Egress {
  const graph = egressGraph(openings, listed, practice);
  const paths = egressPaths(graph);
  const { rooms, doors, at } = graph;
  if (!rooms.some(({ safe }) => safe)) return NOTHING;
  const direct = doors.map((_, door) => directionOf(graph, paths, door));
  const usable = (room: number) =>
    at[room]!.filter((door) => direct[door]![doors[door]!.one === room ? 'forth' : 'back']);
  const nearer = (room: number) =>
    usable(room).filter(
      (door) => paths.distance[otherEnd(doors[door]!, room)]! < paths.distance[room]!,
    );
  const total = totals(graph, paths, nearer);
  const flow = flows(graph, paths, nearer);
  const discount = practice.values.discountLargest.value;
  const waysOf = (room: number) => usable(room).reduce((sum, door) => sum + doors[door]!.count, 0);
  const shareOf = (room: number): number => {
    const count = waysOf(room);
    return count === 0 ? 0 : flow.inside[room]! / Math.max(1, discount ? count - 1 : count);
  };
  const told = doors.map((edge, door): DoorEgress => {
    const { forth, back } = direct[door]!;
    const ends = [...(forth ? [edge.one] : []), ...(back ? [edge.two] : [])];
    return {
      one: rooms[edge.one]!.name,
      two: rooms[edge.two]!.name,
      count: edge.count,
      escape: forth && back ? 'both' : forth ? 'to' : back ? 'from' : undefined,
      people: Math.max(0, ...ends.map((room) => total[room]!.people)),
      share: wholeUp(Math.max(0, ...ends.map(shareOf))),
      whole: ends.every((room) => total[room]!.whole),
      // From both ends: those of the room with fewer.
      ways: ends.length === 0 ? 1 : Math.max(1, Math.min(...ends.map(waysOf))),
    };
  });
  return {
    doors: told,
    arriving: flow.arriving,
    ways: waysBetween(told),
    rooms: rooms.map(({ key, name, people, safe, space }, room) => ({
      key,
      name,
      distance: paths.distance[room]!,
      own: people,
      people: total[room]!.people,
      whole: total[room]!.whole,
      ways: waysOf(room),
      safe,
      space,
    })),
  };
}

const NOTHING: Egress = { rooms: [], doors: [], arriving: 0, ways: new Map() };

const otherEnd = ({ one, two }: { one: number; two: number }, room: number) =>
  room === one ? two : one;

/**
 * Which way people leave through a door. Towards the room that is nearer to the open, where it comes there
 * without coming back; between spaces that people pass through also the other way, since it is the second way
 * out when the first is lost, for whoever comes into it from elsewhere: nobody turns back in a vestibule. Nobody
 * leaves a stair into a storey, but where it may come out.
 */
function directionOf(
  { rooms, doors, at }: EgressGraph,
  { distance, leaves }: EgressPaths,
  door: number,
): { forth: boolean; back: boolean } {
  const { one, two, forth, back, told } = doors[door]!;
  const goes = (from: number, to: number) => {
    if (isDischarge(from, to)) return true;
    if (rooms[from]!.safe || !leaves(from, to)) return false;
    if (told) return true;
    const [leaving, entered] = [rooms[from]!, rooms[to]!];
    // Through a room of somebody’s own only where no other way is as near.
    if (entered.passage !== 'free')
      return distance[from]! >= distance[to]! + costOf(entered) && distance[to]! < distance[from]!;
    if (distance[to]! < distance[from]!) return true;
    return (
      leaving.passage === 'free' &&
      entered.passage === 'free' &&
      leaving.space !== 'stair' &&
      leaving.space !== 'outdoors' &&
      somebodyElse(from, to)
    );
  };
  /** Whether a stair may come out here: into a corridor with a door to the open of its own. Which storey, nobody said. */
  const isDischarge = (stair: number, room: number) =>
    !told &&
    rooms[stair]!.space === 'stair' &&
    rooms[room]!.space === 'corridor' &&
    at[room]!.some((other) => rooms[otherEnd(doors[other]!, room)]!.space === 'outdoors');
  /** Whether people come into a space from elsewhere than the room they would go on to, or stay in it. */
  const somebodyElse = (room: number, beside: number) =>
    (rooms[room]!.people ?? 0) > 0 ||
    at[room]!.some((other) => {
      const end = otherEnd(doors[other]!, room);
      return end !== beside && !rooms[end]!.safe;
    });
  return { forth: forth && goes(one, two), back: back && goes(two, one) };
}

/** Rooms from the one farthest from the open to the nearest; those with no way out are left out. */
function inwardFirst({ rooms }: EgressGraph, { distance }: EgressPaths): number[] {
  return rooms
    .map((_, room) => room)
    .filter((room) => distance[room]! < Infinity)
    .sort((a, b) => distance[b]! - distance[a]!);
}

/** Everybody whose shortest ways lead through a room, each counted once however many there are. */
function totals(
  graph: EgressGraph,
  paths: EgressPaths,
  nearer: (room: number) => number[],
): Total[] {
  const { rooms, doors } = graph;
  const inhabited = rooms.flatMap(({ people }, room) => (people === 0 ? [] : [room]));
  const place = new Map(inhabited.map((room, bit) => [room, bit]));
  const words = wholeUp(inhabited.length / 32);
  const sets = rooms.map((_, room) => {
    const set = new Int32Array(words);
    const bit = place.get(room);
    if (bit !== undefined) set[bit >> 5]! |= 1 << (bit & 31);
    return set;
  });
  const sum = (set: Int32Array): Total => {
    let people = 0;
    let whole = true;
    for (let word = 0; word < words; word++)
      for (let left = set[word]!; left !== 0; left &= left - 1) {
        const own = rooms[inhabited[word * 32 + (31 - Math.clz32(left & -left))]!]!.people;
        if (own === undefined) whole = false;
        else people += own;
      }
    return { people, whole };
  };
  const result = rooms.map(({ people }): Total => ({
    people: people ?? 0,
    whole: people !== undefined,
  }));
  for (const room of inwardFirst(graph, paths)) {
    const set = sets[room]!;
    result[room] = sum(set);
    for (const door of nearer(room)) {
      const into = sets[otherEnd(doors[door]!, room)]!;
      for (let word = 0; word < words; word++) into[word]! |= set[word]!;
    }
  }
  return result;
}

/** People who are counted, and whether all are. */
interface Total {
  people: number;
  whole: boolean;
}

/** People who come through each room when all go by their nearer doors, evenly. */
function flows(
  graph: EgressGraph,
  paths: EgressPaths,
  nearer: (room: number) => number[],
): { inside: number[]; arriving: number } {
  const { rooms, doors } = graph;
  const inside = rooms.map(({ people }) => people ?? 0);
  let arriving = 0;
  for (const room of inwardFirst(graph, paths)) {
    const here = inside[room]!;
    if (rooms[room]!.safe) {
      arriving += here;
      continue;
    }
    const by = nearer(room);
    const leaves = by.reduce((sum, door) => sum + doors[door]!.count, 0);
    for (const door of by) {
      inside[otherEnd(doors[door]!, room)]! += (here * doors[door]!.count) / leaves;
    }
  }
  return { inside, arriving };
}

const TURNED = { to: 'from', from: 'to', both: 'both' } as const;

function waysBetween(doors: readonly DoorEgress[]): Map<string, EgressFlow> {
  const ways = new Map<string, EgressFlow>();
  for (const { one, two, escape, people, share, whole, ways: shared } of doors) {
    ways.set(wayKey(one, two), { escape, people, share, whole, ways: shared });
    ways.set(wayKey(two, one), {
      escape: escape && TURNED[escape],
      people,
      share,
      whole,
      ways: shared,
    });
  }
  return ways;
}

/** What a project gives to its openings, with the ways out that they make together. */
export function withWays(basis: ProjectBasis, openings: Iterable<DoorFacts>): ProjectBasis {
  return { ...basis, ways: egressOf(openings, basis.rooms, basis.practice).ways };
}
