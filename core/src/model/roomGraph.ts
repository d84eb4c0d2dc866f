import { roomKey } from './building.js';

/** A door between two rooms, by their indices; `one` is the room named first. */
export interface RoomDoor<Door> {
  one: number;
  two: number;
  door: Door;
}

/** A building as rooms and the doors between them: ways out and keys alike are walked on it. */
export interface RoomGraph<Door> {
  /** Each room once, by the name it is first given. */
  rooms: readonly { key: string; name: string }[];
  doors: readonly RoomDoor<Door>[];
  /** Of each room the doors at it, by index. */
  at: readonly (readonly number[])[];
  index: ReadonlyMap<string, number>;
}

/**
 * Rooms as nodes, doors as edges; a door that names only one room, or the same twice, adds its room and no edge.
 *
 * @param sides the two rooms of a door by their names
 * @param listed names of rooms that are there whether or not a door leads to them
 */
export function roomGraph<Door>(
  doors: Iterable<Door>,
  sides: (door: Door) => readonly [string | undefined, string | undefined],
  listed: Iterable<string> = [],
): RoomGraph<Door> {
  const rooms: { key: string; name: string }[] = [];
  const at: number[][] = [];
  const index = new Map<string, number>();
  const nodeOf = (name: string): number => {
    const key = roomKey(name);
    const known = index.get(key);
    if (known !== undefined) return known;
    index.set(key, rooms.length);
    rooms.push({ key, name });
    at.push([]);
    return rooms.length - 1;
  };
  for (const name of listed) nodeOf(name);
  const edges: RoomDoor<Door>[] = [];
  for (const door of doors) {
    const [first, second] = sides(door);
    const one = first ? nodeOf(first) : undefined;
    const two = second ? nodeOf(second) : undefined;
    if (one === undefined || two === undefined || one === two) continue;
    at[one]!.push(edges.length);
    at[two]!.push(edges.length);
    edges.push({ one, two, door });
  }
  return { rooms, doors: edges, at, index };
}
