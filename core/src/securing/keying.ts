import type { LockSpec } from '../catalogue/index.js';
import { bad, good, type Result } from '../measure/index.js';
import { roomGraph, roomKey, type RoomDoor, type RoomGraph } from '../model/index.js';
import type { LockKind } from './facts.js';
import { derivedProperties } from './functions.js';

/** The holders of one key, and the doors it opens. */
export interface KeyGroup {
  id: string;
  name: string;
  /** Who holds it, in free text. */
  holders?: string | undefined;
  /** Every keyed door of the project; else those of the storeys and rooms named. */
  everywhere: boolean;
  storeys: string[];
  rooms: string[];
  /** Exceptions by the marks of openings: opened besides, and not opened. */
  plus: string[];
  minus: string[];
}

/** Who holds which keys of a project. */
export interface Keying {
  groups: KeyGroup[];
}

export const MAX_KEY_GROUPS = 500;

/** Checks a keying as it comes in. Faults: `keying.shape`, `keying.value` (which group). */
export function readKeying(json: unknown): Result<Keying> {
  const groups = (json as Partial<Keying> | null)?.groups;
  if (
    typeof json !== 'object' ||
    json === null ||
    Object.keys(json).some((key) => key !== 'groups') ||
    !Array.isArray(groups) ||
    groups.length > MAX_KEY_GROUPS
  )
    return bad('keying.shape');
  const texts = (list: unknown, most: number, each: number) =>
    Array.isArray(list) &&
    list.length <= most &&
    list.every((one) => typeof one === 'string' && one.trim() !== '' && one.length <= each);
  const seen = new Set<string>();
  const keys = ['id', 'name', 'holders', 'everywhere', 'storeys', 'rooms', 'plus', 'minus'];
  for (const [index, group] of (groups as unknown[]).entries()) {
    if (typeof group !== 'object' || group === null) return bad('keying.shape');
    const { id, name, holders, everywhere, storeys, rooms, plus, minus } = group as KeyGroup;
    const ok =
      Object.keys(group).every((key) => keys.includes(key)) &&
      typeof id === 'string' &&
      /^[a-z0-9-]{1,40}$/.test(id) &&
      !seen.has(id) &&
      typeof name === 'string' &&
      name.trim() !== '' &&
      name.length <= 80 &&
      (holders === undefined || (typeof holders === 'string' && holders.length <= 200)) &&
      typeof everywhere === 'boolean' &&
      texts(storeys, 200, 40) &&
      texts(rooms, 1000, 80) &&
      texts(plus, 5000, 40) &&
      texts(minus, 5000, 40);
    if (!ok) return bad('keying.value', { name: typeof name === 'string' ? name : index + 1 });
    seen.add(id);
  }
  return good({ groups: groups as KeyGroup[] });
}

/** What passes a door in one direction: anybody; a key; anybody while it is left open; nobody. */
export type AccessMode = 'free' | 'key' | 'left-open' | 'nobody' | 'unknown';

/** How a door is passed from each side. */
export interface Passing {
  in: AccessMode;
  out: AccessMode;
  /** Whether it can stand unlocked, so that anybody comes in. */
  canStayOpen: boolean;
  keyed: boolean;
}

/** How a lock lets people pass, from its derived properties; in is from the keyed side. */
export function passingOf(kind: LockKind | undefined, spec: LockSpec | undefined): Passing {
  if (kind === undefined)
    return { in: 'unknown', out: 'unknown', canStayOpen: false, keyed: false };
  if (kind === 'none') return { in: 'free', out: 'free', canStayOpen: true, keyed: false };
  if (!spec) return { in: 'unknown', out: 'unknown', canStayOpen: false, keyed: false };
  const { canBeLocked, keyAlwaysEnters, canStayOpen, canTrap } = derivedProperties(spec);
  return {
    in: !canBeLocked ? 'free' : keyAlwaysEnters ? 'key' : canStayOpen ? 'left-open' : 'nobody',
    out: !canTrap ? 'free' : spec.insideKey.length > 0 ? 'key' : 'nobody',
    canStayOpen,
    keyed: spec.outsideKey.length > 0 || spec.insideKey.length > 0,
  };
}

/** A door between two rooms as keying sees it. */
export interface KeyedDoor {
  id: string;
  mark: string;
  storey?: string | undefined;
  /** The side it is locked against, and the room behind; rooms by their names. */
  outside: string | undefined;
  inside: string | undefined;
  passing: Passing;
}

/** Whether a group's key opens a door. */
export function opensDoor(group: KeyGroup, door: KeyedDoor): boolean {
  if (!door.passing.keyed) return false;
  if (group.minus.includes(door.mark)) return false;
  if (group.plus.includes(door.mark) || group.everywhere) return true;
  const rooms = [door.outside, door.inside].filter((one) => one !== undefined).map(roomKey);
  return (
    (door.storey !== undefined && group.storeys.includes(door.storey)) ||
    group.rooms.some((room) => rooms.includes(roomKey(room)))
  );
}

/** A room as somebody comes to it. */
export interface ReachedRoom {
  name: string;
  /** Marks of the doors on the way, from the start. */
  by: string[];
  /** Whether from it everybody, without any key, comes back out. */
  freeOut: boolean;
}

/** Where the holders of a group come, and where they do not. */
export interface Reach {
  reached: ReachedRoom[];
  /** Rooms that doors name and they do not reach. */
  barred: string[];
  /** Doors nothing is known of, that could lead further. */
  unknown: string[];
}

const sidesOf = ({ outside, inside }: KeyedDoor) => [outside, inside] as const;

/** How a door is passed out of a room it stands at, and to which. */
function passedFrom({ one, two, door }: RoomDoor<KeyedDoor>, room: number) {
  const { mark, passing } = door;
  return room === one
    ? { to: two, pass: passing.in, canStayOpen: passing.canStayOpen, mark }
    : { to: one, pass: passing.out, canStayOpen: false, mark };
}

/**
 * Who can go where: from the starting rooms through every door that lets the holders of a group pass,
 * each taken in its most locked state or, where it can stand so, as left open. Which of the rooms they
 * come to everybody can leave again without a key, powered or not, is looked at the other way round.
 *
 * @param group undefined for somebody without any key
 * @param starts names of the rooms people come from: outdoors
 * @param leftOpen whether doors that can stand unlocked do
 */
export function accessMatrix(
  doors: readonly KeyedDoor[],
  group: KeyGroup | undefined,
  starts: readonly string[],
  leftOpen: boolean,
): Reach {
  const graph = roomGraph(doors, sidesOf);
  const { rooms, at, index } = graph;
  const from = starts.map((name) => index.get(roomKey(name))).filter((one) => one !== undefined);
  const ways = new Map<number, string[]>(from.map((one) => [one, []]));
  const unknown = new Set<string>();
  for (const [room, by] of ways)
    for (const place of at[room]!) {
      const edge = graph.doors[place]!;
      const { to, pass, canStayOpen, mark } = passedFrom(edge, room);
      if (pass === 'unknown') {
        unknown.add(mark);
        continue;
      }
      const passes =
        pass === 'free' ||
        (pass === 'key' && group !== undefined && opensDoor(group, edge.door)) ||
        (leftOpen && canStayOpen);
      if (passes && !ways.has(to)) ways.set(to, [...by, mark]);
    }
  const out = freeWaysOut(graph, from);
  return {
    reached: [...ways].map(([room, by]) => ({
      name: rooms[room]!.name,
      by,
      freeOut: out.has(room),
    })),
    barred: rooms.filter((_, room) => !ways.has(room)).map(({ name }) => name),
    unknown: [...unknown],
  };
}

/** Rooms from which a person without any key gets to the starting rooms, whatever is locked. */
function freeWaysOut({ doors, at }: RoomGraph<KeyedDoor>, starts: readonly number[]): Set<number> {
  const out = new Set<number>(starts);
  for (const room of out)
    for (const place of at[room]!) {
      const { one, two } = doors[place]!;
      const before = room === one ? two : one;
      if (passedFrom(doors[place]!, before).pass === 'free') out.add(before);
    }
  return out;
}

/** Keyed doors that no group opens. */
export function doorsWithoutKey(doors: readonly KeyedDoor[], { groups }: Keying): KeyedDoor[] {
  return doors.filter(
    (door) => door.passing.keyed && !groups.some((group) => opensDoor(group, door)),
  );
}
