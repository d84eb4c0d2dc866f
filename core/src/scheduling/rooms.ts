import { roomGraph, roomKey } from '../model/index.js';
import type { ScheduledOpening } from './scheduledOpening.js';

/** The doors at one room. */
export interface RoomDoors {
  room: string;
  storey: string;
  doors: { id: string; mark: string; other: string; set: number | undefined }[];
}

/** The schedule by room: every room that openings name, by name, with the doors at it in the order given. */
export function doorsByRoom(
  openings: readonly ScheduledOpening[],
  setOf: ReadonlyMap<string, number>,
): RoomDoors[] {
  const { rooms, index } = roomGraph(openings, sidesOf);
  const list = rooms.map(({ name }): RoomDoors => ({ room: name, storey: '', doors: [] }));
  for (const { id, mark, decided } of openings) {
    const { from, to, storey = '' } = decided.facts;
    const at = new Set<number>();
    for (const [name, other] of [
      [to, from],
      [from, to],
    ]) {
      const place = name ? index.get(roomKey(name)) : undefined;
      if (place === undefined || at.has(place)) continue;
      at.add(place);
      const room = list[place]!;
      if (room.storey === '') room.storey = storey;
      room.doors.push({ id, mark, other: other ?? '', set: setOf.get(id) });
    }
  }
  const byName = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
  return list.sort((a, b) => byName.compare(a.room, b.room));
}

const sidesOf = ({ decided }: ScheduledOpening) => [decided.facts.from, decided.facts.to] as const;
