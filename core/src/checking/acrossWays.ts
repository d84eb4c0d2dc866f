import type { Egress, RoomEgress } from '../egress/index.js';
import { roomKey } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { ComparisonKey, AcrossFinding } from './acrossFinding.js';

/** Rooms that a space joins from which it is a corridor to be measured, not a lobby. */
const CORRIDOR_FROM = 4;

/**
 * What the graph of rooms tells of a building’s ways out: rooms with none, rooms for more people than one way
 * out may serve, corridors that end blind. Nothing is said where nothing leads to the open: the list is not of
 * a whole building then.
 */
export function waysOutFindings(
  openings: readonly ComparisonKey[],
  { rooms, doors }: Egress,
  { values }: Practice,
): AcrossFinding[] {
  const { value: limit, source } = values.oneWayOut;
  const inside = rooms.filter(({ safe }) => !safe);
  const named = new Set(
    openings.flatMap(({ facts: { from, to } }) =>
      [from, to].flatMap((one) => (one ? roomKey(one) : [])),
    ),
  );
  const cut = inside.filter(({ key, distance }) => distance === Infinity && named.has(key));
  const names = new Map(cut.map(({ key, name }) => [key, name]));
  const of = (room: RoomEgress, level: AcrossFinding['level'], code: AcrossFinding['code']) => ({
    level,
    code,
    params: { room: room.name, people: room.people, limit },
    source,
    openings: openingsAt(openings, [room.key]),
  });
  const joined = (name: string) =>
    doors.filter(({ one, two }) => one === name || two === name).length;
  const oneWay = inside.filter(({ ways, distance }) => ways === 1 && distance < Infinity);
  return [
    ...togetherOf([...names.keys()], openings).map((keys): AcrossFinding => ({
      level: 'check',
      code: 'checking.across.noWayOut',
      params: { rooms: keys.map((key) => names.get(key)!).join(', ') },
      source: 'the building’s rooms and doors',
      openings: openingsAt(openings, keys),
    })),
    ...oneWay
      .filter(({ people }) => people > limit)
      .map((room) => of(room, 'check', 'checking.across.oneWay')),
    ...oneWay
      .filter(
        ({ people, space, name }) =>
          people <= limit && space === 'corridor' && joined(name) >= CORRIDOR_FROM,
      )
      .map((room) => of(room, 'note', 'checking.across.deadEnd')),
  ];
}

function openingsAt(openings: readonly ComparisonKey[], keys: readonly string[]): string[] {
  return openings
    .filter(({ facts }) => [facts.from, facts.to].some((one) => one && keys.includes(roomKey(one))))
    .map(({ id }) => id);
}

/** Rooms that doors join, whoever may leave by them, told together. */
function togetherOf(rooms: readonly string[], openings: readonly ComparisonKey[]): string[][] {
  const left = new Set(rooms);
  const groups: string[][] = [];
  for (const first of rooms) {
    if (!left.delete(first)) continue;
    const group = [first];
    for (let at = 0; at < group.length; at++)
      for (const { facts } of openings) {
        const ends = [facts.from, facts.to].map((one) => (one ? roomKey(one) : ''));
        if (!ends.includes(group[at]!)) continue;
        for (const end of ends) if (left.delete(end)) group.push(end);
      }
    groups.push(group);
  }
  return groups;
}
