import { memoize } from '../measure/index.js';
import { isPorch, type RoomUse } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { fromOutdoors, type Reads } from './outdoors.js';
import { isHall, sideOf, type Side, type Words } from './sides.js';
import { spacesOf } from './spaces.js';
import { type Role, ROLE } from '../roles/index.js';

/** What is known of the two rooms an opening stands between. */
export interface TwoRooms {
  from: string | undefined;
  to: string | undefined;
  /** What the building says they are used for. */
  fromUse: RoomUse | undefined;
  toUse: RoomUse | undefined;
  /** Whether the opening is recorded as one to the open. */
  exterior?: boolean | undefined;
  /** Whether it is known to be of a building that is no dwelling: by its occupancy, or by so many people. */
  ofBuilding?: boolean | undefined;
}

/** Garages of buildings, for many cars. */
const PARKING = /(?<![\p{L}])(?:parking|car park|carpark|tiefgarage|parkgarage)(?![\p{L}])/iu;

/** The door at the foot or the head of a stair to a room under the roof. */
const LOFT = /(?<![\p{L}])(?:loft|attic)(?![\p{L}])/iu;

const guessFor = memoize(
  (
    words: Words,
    // What varies most comes last: what is kept branches there.
    rooms: string,
    ofBuilding: boolean,
    exterior: boolean,
    fromUse: string | undefined,
    toUse: string | undefined,
    from: string | undefined,
    to: string | undefined,
  ): Role | undefined => {
    const dwelling = rooms === 'dwellings';
    const ofHouses = !ofBuilding || dwelling;
    const reads = { dwelling, houses: ofHouses && rooms !== 'buildings', hall: ofHouses };
    const uses = { fromUse: fromUse as RoomUse | undefined, toUse: toUse as RoomUse | undefined };
    const one = sideOf(from, uses.fromUse, words);
    const two = sideOf(to, uses.toUse, words);
    const [outer, other] = spacesOf({ from, to, ...uses });
    if (isPorch(from)) one.space = outer;
    if (isPorch(to)) two.space = other;
    if (exterior && one.space !== 'outdoors' && two.space !== 'outdoors') {
      // A porch, or whatever was named first, is then the side of the open.
      const outer = two.space === 'entrance' && one.space !== 'entrance' ? two : one;
      return fromOutdoors(outer, outer === one ? two : one, reads);
    }
    return between(one, two, reads);
  },
);

/**
 * What a door is likely to be, by the names and uses of the two rooms (handbook, “Roles”); undefined where
 * they do not tell. A guess, and shown as one.
 */
export function guessRole(rooms: TwoRooms, practice: Practice): Role | undefined {
  const { from, to, fromUse, toUse, exterior = false, ofBuilding = false } = rooms;
  const { roleWords: words, roomsOf } = practice.values;
  return guessFor(words.value, roomsOf.value, ofBuilding, exterior, fromUse, toUse, from, to);
}

/** What the door of a room is by the room alone, its name or its use; undefined where they do not tell. */
export function roleOfRoom(
  name: string,
  use: RoomUse | undefined,
  { values }: Practice,
): Role | undefined {
  return sideOf(name, use, values.roleWords.value).role;
}

/** Whether a space is one people pass through. */
function isOpen({ space }: Side): boolean {
  return space === 'corridor' || space === 'entrance';
}

/** Rooms a door is named after on lists that name one room only; spaces to pass have doors of many kinds. */
const namedAlone = ({ role, space }: Side): Role | undefined =>
  role && !ROLE[role].readAs.through ? role : space === 'stair' ? 'stair' : undefined;

/** What two rooms say of the door between them; `undefined` that nobody can tell, `null` that others may. */
type Reading = (one: Side, two: Side, reads: Reads) => Role | undefined | null;

/** A list that names one room only means the corridor by the other. */
const oneRoom: Reading = (one, two, { dwelling }) => {
  if (one.space !== undefined || two.space === undefined || two.space === 'outdoors') return null;
  return dwelling && two.role === 'store' ? 'closet' : namedAlone(two);
};

const toTheOpen: Reading = (one, two, reads) => {
  if (one.space === 'outdoors') return fromOutdoors(one, two, reads);
  return two.space === 'outdoors' ? fromOutdoors(two, one, reads) : null;
};

const ofGarage: Reading = (one, two, { dwelling }) => {
  if (one.role !== 'garage' && two.role !== 'garage') return null;
  const [garage, other] = one.role === 'garage' ? [one, two] : [two, one];
  // A garage with stairs of its own is that of a building, not of a house.
  if (!dwelling && other.space === 'stair') return 'stair';
  return PARKING.test(garage.name ?? '') ? other.role : 'garage';
};

const betweenDwellings: Reading = (one, two) =>
  one.role === two.role && (one.role === 'guest-room' || one.role === 'apartment')
    ? 'communicating'
    : null;

const ownDoor: Reading = (one, two, { dwelling }) => {
  const own = [two.role, one.role].find((role) => role && ROLE[role].readAs.ownDoor);
  if (!own) return null;
  if (own === 'store' && (dwelling || isHome(one) || isHome(two))) return 'closet';
  // What heats a house stands in a closet of it.
  return dwelling && ROLE[own].readAs.closetInDwelling ? 'closet' : own;
};

/** In a dwelling stairs and halls are rooms like others. */
const withinDwelling: Reading = (one, two, { dwelling }) => {
  const home = [two, one].some((side) => side.role === 'bedroom' || isHomeKitchen(side, one, two));
  if (home) return 'bedroom';
  if (!dwelling || one.space === undefined || two.space === undefined) return null;
  const named = [two.role, one.role].find((role) => role && !ROLE[role].readAs.passedInDwelling);
  return named ?? 'bedroom';
};

const toStair: Reading = (one, two, { houses }) => {
  if (one.space !== 'stair' && two.space !== 'stair') return null;
  const loft = LOFT.test(one.name ?? '') || LOFT.test(two.name ?? '');
  return houses && loft ? 'bedroom' : 'stair';
};

const alongCorridor: Reading = (one, two) => {
  if (isOpen(one) && isOpen(two)) {
    const vestibule = one.role === 'vestibule' || two.role === 'vestibule';
    const entrances = one.space === 'entrance' && two.space === 'entrance';
    return vestibule || entrances ? 'vestibule' : 'cross-corridor';
  }
  if (isOpen(one)) return two.role;
  return isOpen(two) ? one.role : null;
};

/** A hall may be a room or be passed through: a door beside it is that of the other room. */
const besideHall: Reading = (one, two) => {
  if (isHall(one.name)) return two.role;
  return isHall(two.name) ? one.role : null;
};

const betweenRooms: Reading = (one, two) => {
  // Who serves goes through with both hands full, whichever room is named first.
  if (one.role === 'kitchen' && two.role === 'assembly') return 'kitchen';
  // A room whose purpose nobody knows may be anything, whatever it is entered from.
  return one.role && two.role ? two.role : undefined;
};

/** The first that says something holds. */
const READINGS: readonly Reading[] = [
  oneRoom,
  toTheOpen,
  ofGarage,
  betweenDwellings,
  ownDoor,
  withinDwelling,
  toStair,
  alongCorridor,
  besideHall,
  betweenRooms,
];

function between(one: Side, two: Side, reads: Reads): Role | undefined {
  for (const reading of READINGS) {
    const role = reading(one, two, reads);
    if (role !== null) return role;
  }
  return undefined;
}

/** Whether a space is one of a dwelling. */
function isHome({ role, name }: Side): boolean {
  return role === 'bedroom' || role === 'bathroom' || isHall(name);
}

/** A kitchen beside a hall or a living room is one of a dwelling. */
function isHomeKitchen(side: Side, one: Side, two: Side): boolean {
  if (side.role !== 'kitchen') return false;
  const other = side === one ? two : one;
  return other.role === 'bedroom' || isHall(other.name);
}
