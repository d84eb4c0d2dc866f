import { memoize } from '../measure/index.js';
import {
  guessRoomUse,
  headOf,
  isPorch,
  ROOM_USE,
  ROOM_USES,
  message,
  type OpeningFacts,
  type Room,
  type Message,
} from '../model/index.js';

/** From a gate's garden the street or lane is still the outside. */
const LANE =
  /(?<![\p{L}])(?:street|lane|drive|driveway|alley|car park|sidewalk|pavement)(?![\p{L}])/iu;
/** Rooms that others are entered from, whatever is done in them. */
const PASSED = /(?<![\p{L}])(?:dock|garage|stairs?)(?![\p{L}])/iu;

export interface Outside {
  outside: 'from' | 'to';
  why: () => Message;
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
      message(code, {
        room: (outside === 'from' ? from : to) || outside,
        other: (outside === 'from' ? to : from) || '',
      }),
  });
  const one = nameSays(PATTERNS, from);
  const two = nameSays(PATTERNS, to);
  if (one.lane !== two.lane) return pick(one.lane ? 'from' : 'to', 'outside.street');
  if (one.street !== two.street) return pick(one.street ? 'from' : 'to', 'outside.street');
  if (one.porch !== two.porch) return pick(one.porch ? 'from' : 'to', 'outside.street');
  if (one.inner !== two.inner) return pick(one.inner ? 'to' : 'from', 'outside.closet');
  if (one.open !== two.open) return pick(one.open ? 'from' : 'to', 'outside.corridor');
  return pick('from', 'outside.first');
}

const PATTERNS = { lane: LANE, passed: PASSED };

/** What a room's name says of the side it is. */
const nameSays = memoize((patterns: typeof PATTERNS, name: string) => {
  const use = guessRoomUse(name);
  const passed = patterns.passed.test(headOf(name));
  return {
    lane: patterns.lane.test(headOf(name)),
    street: use === 'outdoors',
    porch: isPorch(name),
    inner: use !== undefined && ROOM_USE[use].side === 'private' && !passed,
    open: passed || (use !== undefined && ROOM_USE[use].side === 'public'),
  };
});

function outsideByUse({ from, to }: BetweenRooms): Outside | undefined {
  if (!from?.use || !to?.use || from.use === to.use) return undefined;
  const fromFirst = ROOM_USES.indexOf(from.use) < ROOM_USES.indexOf(to.use);
  const [room, other] = fromFirst ? [from, to] : [to, from];
  return {
    outside: fromFirst ? 'from' : 'to',
    why: () =>
      message('outside.use', {
        room: room.name,
        use: { term: `roomUse.${room.use!}` },
        other: other.name,
        otherUse: { term: `roomUse.${other.use!}` },
      }),
  };
}
