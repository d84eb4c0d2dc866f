import {
  known,
  said,
  type OpeningFacts,
  type Room,
  type RoomUse,
  type Said,
} from '../opening/index.js';
import type { LockUse } from './facts.js';
import type { Practice } from '../practice/index.js';
import type { LockWishes } from './finder.js';

/** What a lock for a use must do, as wishes to the finder. Out goes everybody, by one motion. */
export const USE_WISHES: Readonly<Record<LockUse, LockWishes>> = {
  passage: { egress: true, leftOpen: true, fromInside: false, fromOutside: false },
  privacy: { egress: true, fromInside: true, privacy: true },
  office: { egress: true, leftOpen: true, fromInside: true, keyless: false, deadBolt: false },
  classroom: { egress: true, leftOpen: true, fromOutside: true, fromInside: false },
  'lock-down': { egress: true, leftOpen: true, lockDown: true },
  store: { egress: true, locksItself: true, deadBolt: false, keyless: false },
  entrance: { egress: true, fromInside: true, fromOutside: true, deadBolt: true, keyless: false },
  dormitory: { egress: true, leftOpen: true, fromInside: true, deadBolt: true, keyless: false },
  exit: { egress: true, locksItself: true, keyless: false },
};

/** The function the trade expects for a use where a simpler one would do as well. */
export const USE_PREFERS: Partial<Record<LockUse, string>> = { entrance: 'entrance' };

/** What the room behind a door is used for says what its lock is for. */
const BY_ROOM: Partial<Record<RoomUse, LockUse>> = {
  sanitary: 'privacy',
  sleeping: 'dormitory',
  work: 'office',
  store: 'store',
  plant: 'store',
  entrance: 'entrance',
};

/** What a lock is for, and why. */
export interface DerivedUse {
  use: LockUse;
  why: () => Said;
}

/** Whether people enough leave this way that exit devices are asked for. */
export function wantsExitDevice(facts: OpeningFacts, practice: Practice): boolean {
  const people = known(facts.occupants);
  return (
    people !== undefined && people >= practice.values.panicFrom.value && facts.egress !== false
  );
}

/**
 * What the lock is for: as recorded; by the people a way out serves; by the use of the room behind
 * where the building has it; else by whether the door is locked against people. Undefined while
 * nothing of that is known.
 *
 * @param rooms the room outside, and the one inside
 */
export function useOf(
  facts: OpeningFacts,
  practice: Practice,
  rooms: { outside?: Room | undefined; inside?: Room | undefined } = {},
): DerivedUse | undefined {
  const recorded = known(facts.lockUse);
  if (recorded) return { use: recorded, why: () => said('securing.use.recorded') };
  if (wantsExitDevice(facts, practice))
    return {
      use: 'exit',
      why: () =>
        said('securing.use.people', {
          people: known(facts.occupants)!,
          from: practice.values.panicFrom.value,
        }),
    };
  const secured = known(facts.secured);
  const room = rooms.inside;
  const street = rooms.outside?.use === 'outdoors';
  const inner = room?.use && BY_ROOM[room.use];
  // Work behind a door to the open is not locked from inside with a button.
  const byRoom = inner === 'office' && street ? 'store' : inner;
  // A toilet is locked by who is in it, whether or not the door is locked against others.
  const fits =
    byRoom === 'privacy' ||
    (byRoom !== undefined && secured !== false && (byRoom !== 'entrance' || street));
  if (room?.use && byRoom && fits)
    return {
      use: byRoom,
      why: () =>
        said('securing.use.room', { room: room.name, use: { term: `roomUse.${room.use}` } }),
    };
  if (secured === undefined) return undefined;
  return secured
    ? { use: 'store', why: () => said('securing.function.secured') }
    : { use: 'passage', why: () => said('securing.function.free') };
}
