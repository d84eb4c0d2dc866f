import { guessRoomUse, ROOM_USE, roomKey, type Room } from '../model/index.js';

/** A lock as it stands beside others along a room. */
export interface LevelledLock {
  id: string;
  mark: string;
  /** The rooms it stands between, by their names. */
  rooms: (string | undefined)[];
  /** Above the finished floor, in ticks; undefined while it is open. */
  height: number | undefined;
  /** What it is, so that like is held against like: a lock, an exit device. */
  item: string;
}

/** The locks along one corridor: the height most of them stand at, and the odd ones out. */
export interface CorridorLevel {
  room: string;
  item: string;
  height: number;
  /** How many stand at it. */
  count: number;
  odd: LevelledLock[];
}

/**
 * Along each corridor, stair and entrance the height that most of its locks of a kind stand at, and
 * those that do not; the lower one where as many stand at two. Only rooms where locks can be compared.
 *
 * @param rooms of the building, by their keys; a room it does not have is told by its name
 */
export function levelsOf(
  locks: readonly LevelledLock[],
  rooms: ReadonlyMap<string, Room>,
): CorridorLevel[] {
  const along = new Map<string, { room: string; item: string; locks: LevelledLock[] }>();
  for (const lock of locks) {
    if (lock.height === undefined) continue;
    for (const room of lock.rooms) {
      if (!room) continue;
      const use = rooms.get(roomKey(room))?.use ?? guessRoomUse(room);
      if (!use || !ROOM_USE[use].along) continue;
      const key = `${roomKey(room)} ${lock.item}`;
      const group = along.get(key);
      if (group) group.locks.push(lock);
      else along.set(key, { room, item: lock.item, locks: [lock] });
    }
  }
  const levels: CorridorLevel[] = [];
  for (const { room, item, locks: among } of along.values()) {
    if (among.length < 2) continue;
    const counts = new Map<number, number>();
    for (const { height } of among) counts.set(height!, (counts.get(height!) ?? 0) + 1);
    const [height, count] = [...counts].sort((a, b) => b[1] - a[1] || a[0] - b[0])[0]!;
    // Where no two stand alike there is nothing to level to: all are told.
    const odd = count > 1 ? among.filter((one) => one.height !== height) : among;
    levels.push({ room, item, height, count, odd });
  }
  return levels;
}
