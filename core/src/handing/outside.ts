import {
  guessRoomUse,
  ROOM_USES,
  said,
  type OpeningFacts,
  type Room,
  type RoomUse,
  type Said,
} from '../opening/index.js';

/** From a gate's garden the street or lane is still the outside. */
const LANE =
  /(?<![\p{L}])(?:street|lane|drive|driveway|alley|car park|sidewalk|pavement)(?![\p{L}])/iu;
/** Rooms that others are entered from, whatever is done in them. */
const PASSED = /(?<![\p{L}])(?:dock|garage|stairs?)(?![\p{L}])/iu;
const PUBLIC: ReadonlySet<RoomUse> = new Set(['outdoors', 'entrance', 'corridor', 'stair']);
const PRIVATE: ReadonlySet<RoomUse> = new Set(['store', 'sanitary', 'plant']);

export interface Outside {
  outside: 'from' | 'to';
  why: () => Said;
}

type OutsideCode = `outside.${'street' | 'closet' | 'corridor' | 'first'}`;

/** The two rooms an opening stands between, where the building has them. */
export interface BetweenRooms {
  from?: Room | undefined;
  to?: Room | undefined;
}

/**
 * Which of the two rooms is the outside, the side the door is locked against people. Where the
 * building tells what both are used for: the more public use. Else by their names: the street, else
 * the corridor, else the room a closet opens from, else the room named first.
 */
export function outsideOf(facts: OpeningFacts, rooms: BetweenRooms = {}): Outside {
  const from = facts.from ?? '';
  const to = facts.to ?? '';
  const byUse = outsideByUse(rooms);
  if (byUse) return byUse;
  const pick = (outside: 'from' | 'to', code: OutsideCode): Outside => ({
    outside,
    why: () =>
      said(code, {
        room: (outside === 'from' ? from : to) || outside,
        other: (outside === 'from' ? to : from) || '',
      }),
  });
  const lanes = [LANE.test(from), LANE.test(to)];
  if (lanes[0] !== lanes[1]) return pick(lanes[0] ? 'from' : 'to', 'outside.street');
  const uses = [guessRoomUse(from), guessRoomUse(to)];
  const streets = uses.map((use) => use === 'outdoors');
  if (streets[0] !== streets[1]) return pick(streets[0] ? 'from' : 'to', 'outside.street');
  const passed = [PASSED.test(from), PASSED.test(to)];
  const inner = uses.map((use, at) => use !== undefined && PRIVATE.has(use) && !passed[at]);
  if (inner[0] !== inner[1]) return pick(inner[0] ? 'to' : 'from', 'outside.closet');
  const open = uses.map((use, at) => passed[at] || (use !== undefined && PUBLIC.has(use)));
  if (open[0] !== open[1]) return pick(open[0] ? 'from' : 'to', 'outside.corridor');
  return pick('from', 'outside.first');
}

function outsideByUse({ from, to }: BetweenRooms): Outside | undefined {
  if (!from?.use || !to?.use || from.use === to.use) return undefined;
  const fromFirst = ROOM_USES.indexOf(from.use) < ROOM_USES.indexOf(to.use);
  const [room, other] = fromFirst ? [from, to] : [to, from];
  return {
    outside: fromFirst ? 'from' : 'to',
    why: () =>
      said('outside.use', {
        room: room.name,
        use: { term: `roomUse.${room.use!}` },
        other: other.name,
        otherUse: { term: `roomUse.${other.use!}` },
      }),
  };
}
