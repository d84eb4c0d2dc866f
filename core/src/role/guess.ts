import { remembered } from '../measure/index.js';
import {
  COVERED_WAYS,
  headOf,
  isPorch,
  type OpeningFacts,
  type RoomUse,
} from '../opening/index.js';
import { ROLES, roleWords, type Practice, type Role } from '../practice/index.js';
import type { Occupancy } from './facts.js';
import { spaceNamed, spaceOf, spacesOf, type Space } from './spaces.js';

/** What is known of the two rooms an opening stands between. */
export interface TwoRooms {
  from: string | undefined;
  to: string | undefined;
  /** What the building says they are used for. */
  fromUse: RoomUse | undefined;
  toUse: RoomUse | undefined;
  /** Whether the opening is recorded as one to the open. */
  exterior?: boolean | undefined;
}

const BY_USE: Partial<Record<RoomUse, Role>> = {
  work: 'office',
  living: 'bedroom',
  sleeping: 'bedroom',
  store: 'store',
  plant: 'plant',
  assembly: 'assembly',
};

const DOMESTIC: ReadonlySet<Role> = new Set(['bedroom', 'bathroom', 'kitchen', 'apartment']);
/** Rooms with a door of their own kind wherever it leads. */
const OWN: ReadonlySet<Role> = new Set([
  'store',
  'strong-room',
  'electrical',
  'plant',
  'riser',
  'server',
  'toilet-single',
  'toilet-group',
  'bathroom',
  'patient-toilet',
  'cold-room',
  'apartment',
  'guest-room',
  'goods',
]);

/** Garages of buildings, for many cars. */
const PARKING = /(?<![\p{L}])(?:parking|car park|carpark|tiefgarage|parkgarage)(?![\p{L}])/iu;

/** Rooms of plant that are closets in a dwelling. */
const IN_CLOSETS: ReadonlySet<Role> = new Set(['plant', 'electrical', 'riser', 'server']);

const HALL = /^(hall|hallway|diele)( \d{1,2})?$/i;
/** Halls that people come into from the street. */
const ARRIVAL = /(?<![\p{L}])(lobby|concourse)(?![\p{L}])/iu;

const COVERED = new RegExp(`(?<![\\p{L}])(?:${COVERED_WAYS})(?![\\p{L}])`, 'iu');

/** Rooms of a house that its back door leads to. */
const HOUSEHOLD = /^(?:laundry|utility|utility room|boot room|mud ?room|scullery|pantry)$/i;

/** Rooms that stand on roofs, with doors of their own kind. */
const UP_THERE: ReadonlySet<Role> = new Set(['plant', 'electrical', 'server']);
const STREET = /(?<![\p{L}])(?:street|sidewalk|pavement|straße|gehweg)(?![\p{L}])/iu;
const YARD = /(?<![\p{L}])(?:playground|play area|schulhof|pausenhof|spielplatz)(?![\p{L}])/iu;
/** The door at the foot or the head of a stair to a room under the roof. */
const LOFT = /(?<![\p{L}])(?:loft|attic)(?![\p{L}])/iu;

/** In a dwelling these are rooms like others. */
const PASSED: ReadonlySet<Role> = new Set(['kitchen', 'entrance', 'vestibule', 'stair']);

type Words = Readonly<Record<Role, string>>;

/** The patterns of a practice's words, made once; in the order of the table, “patient toilet” before “toilet”. */
const patternsOf = remembered((words: Words) =>
  (Object.keys(words) as Role[]).flatMap((role): [Role, RegExp][] => {
    const list = roleWords(words[role]);
    if (!ROLES.includes(role) || list.length === 0) return [];
    // The longest first: a transformer vault is neither a transformer alone nor a vault.
    const longest = list.toSorted((a, b) => b.length - a.length);
    const any = longest.map((one) => one.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|');
    // German joins what a room is for with the word for a room: Lagerraum, Heizungsraum, Sprechzimmer.
    const end = `(?:['’]s|(?:e?s|e?n)?(?:raum|zimmer))?`;
    return [[role, new RegExp(`(?<![\\p{L}])(?:${any})${end}(?![\\p{L}])`, 'iu')]];
  }),
);

interface Side {
  name: string | undefined;
  space: Space | undefined;
  /** What its own door is, by its name, else by its use. */
  role: Role | undefined;
}

function sideOf(name: string | undefined, use: RoomUse | undefined, words: Words): Side {
  const head = name && headOf(name);
  const found =
    name && !isStair(head!)
      ? (roleIn(patternsOf(words), head!) ?? roleIn(patternsOf(words), name))
      : undefined;
  // The last word says what a room is: a reception office is an office, a stage corridor a corridor.
  const named = name && !use ? spaceNamed(name) : undefined;
  const inSpace = named !== undefined && found !== undefined && !THROUGH.has(found.role);
  const later =
    inSpace &&
    (found.ends > named.ends || (found.ends === named.ends && found.starts < named.starts));
  const role = inSpace && !later ? undefined : (found?.role ?? (use && BY_USE[use]));
  return { name, space: later ? 'room' : spaceOf(name, use), role };
}

/** Rooms that people work and gather in: the last word says which. */
const HEADS: ReadonlySet<Role> = new Set([
  'classroom',
  'treatment',
  'patient-room',
  'meeting',
  'assembly',
  'stage',
  'office',
  'shop',
]);

/**
 * The first role of the table that a name has a word of, unless a longer one of another role takes that word in
 * (“changing places” is no changing room), or a later one says what the room is: a library office is an office.
 */
function roleIn(patterns: readonly [Role, RegExp][], name: string) {
  let best: { role: Role; starts: number; ends: number } | undefined;
  for (const [role, pattern] of patterns) {
    const found = pattern.exec(name);
    if (!found) continue;
    const [starts, ends] = [found.index, found.index + found[0].length];
    const takesIn = best && starts <= best.starts && ends >= best.ends;
    const longer = takesIn && ends - starts > best!.ends - best!.starts;
    const later = best && starts >= best.ends && HEADS.has(role);
    if (!best || longer || (later && (role === 'office' || HEADS.has(best.role))))
      best = { role, starts, ends };
  }
  return best;
}

/** Roles of spaces that people pass through: their own words say so. */
const THROUGH: ReadonlySet<Role> = new Set([
  'stair',
  'roof',
  'balcony',
  'gate',
  'entrance',
  'vestibule',
]);

/** A cellar stair is a stair, the cupboard under it is not. */
function isStair(name: string): boolean {
  return (
    /(?<![\p{L}])stair(s|case|well)?( (?:no\.? ?)?#?[\w.-]+)?$/iu.test(name.trim()) &&
    !/under/i.test(name)
  );
}

const guessFor = remembered(
  (
    words: Words,
    from: string | undefined,
    to: string | undefined,
    fromUse: string | undefined,
    toUse: string | undefined,
    rooms: string,
    exterior: boolean,
  ): Role | undefined => {
    const dwelling = rooms === 'dwellings';
    const houses = rooms !== 'buildings';
    const uses = { fromUse: fromUse as RoomUse | undefined, toUse: toUse as RoomUse | undefined };
    const one = sideOf(from, uses.fromUse, words);
    const two = sideOf(to, uses.toUse, words);
    const [outer, other] = spacesOf({ from, to, ...uses });
    if (isPorch(from)) one.space = outer;
    if (isPorch(to)) two.space = other;
    if (exterior && one.space !== 'outdoors' && two.space !== 'outdoors') {
      // A porch, or whatever was named first, is then the side of the open.
      const outer = two.space === 'entrance' && one.space !== 'entrance' ? two : one;
      return fromOutdoors(outer, outer === one ? two : one, dwelling, houses);
    }
    return between(one, two, dwelling, houses);
  },
);

/**
 * What a door is likely to be, by the names and uses of the two rooms (handbook, “Roles”); undefined where
 * they do not tell. A guess, and shown as one.
 */
export function guessRole(rooms: TwoRooms, practice: Practice): Role | undefined {
  const { from, to, fromUse, toUse, exterior = false } = rooms;
  const { roleWords: words, roomsOf } = practice.values;
  return guessFor(words.value, from, to, fromUse, toUse, roomsOf.value, exterior);
}

/** What the door of a room is by the room alone, its name or its use; undefined where they do not tell. */
export function roleOfRoom(
  name: string,
  use: RoomUse | undefined,
  { values }: Practice,
): Role | undefined {
  return sideOf(name, use, values.roleWords.value).role;
}

type Three = readonly [Role, Role, Role];

/** By what a building, or a part of it, is used for. */
const LIKELY: Partial<Record<Occupancy, Three>> = {
  assembly: ['assembly', 'meeting', 'store'],
  education: ['classroom', 'office', 'store'],
  institutional: ['patient-room', 'treatment', 'patient-toilet'],
  mercantile: ['shop', 'store', 'office'],
  factory: ['store', 'plant', 'office'],
  storage: ['store', 'goods', 'office'],
  residential: ['apartment', 'bedroom', 'bathroom'],
  dwelling: ['bedroom', 'bathroom', 'closet'],
};

/** The three likeliest where the rooms do not tell: by what is known of use, place and what passes. */
export function likelyRoles(
  { fromUse, toUse, exterior }: Pick<TwoRooms, 'fromUse' | 'toUse' | 'exterior'>,
  { secured, occupancy, traffic }: Pick<OpeningFacts, 'secured' | 'occupancy' | 'traffic'>,
): Three {
  if (fromUse === 'sanitary' || toUse === 'sanitary')
    return ['toilet-single', 'toilet-group', 'bathroom'];
  if (exterior === true) return ['entrance', 'final-exit', 'house-entrance'];
  if (traffic === 'beds') return ['patient-room', 'treatment', 'cross-corridor'];
  const usual = occupancy !== undefined && occupancy !== 'unknown' && LIKELY[occupancy];
  if (usual) return usual;
  if (traffic === 'carts') return ['store', 'goods', 'kitchen'];
  if (secured === false) return ['meeting', 'bedroom', 'toilet-group'];
  return ['office', 'store', 'toilet-single'];
}

/** Whether a space is one people pass through. */
function isOpen({ space }: Side): boolean {
  return space === 'corridor' || space === 'entrance';
}

/** Rooms a door is named after on lists that name one room only; spaces to pass have doors of many kinds. */
const namedAlone = ({ role, space }: Side): Role | undefined =>
  role && !THROUGH.has(role) ? role : space === 'stair' ? 'stair' : undefined;

function between(one: Side, two: Side, dwelling: boolean, houses: boolean): Role | undefined {
  if (one.space === undefined && two.space !== undefined && two.space !== 'outdoors')
    return dwelling && two.role === 'store' ? 'closet' : namedAlone(two);
  if (one.space === 'outdoors' || two.space === 'outdoors')
    return one.space === 'outdoors'
      ? fromOutdoors(one, two, dwelling, houses)
      : fromOutdoors(two, one, dwelling, houses);
  if (one.role === 'garage' || two.role === 'garage') {
    const other = one.role === 'garage' ? two : one;
    // A garage with stairs of its own is that of a building, not of a house.
    if (!dwelling && other.space === 'stair') return 'stair';
    return PARKING.test((other === one ? two : one).name ?? '') ? other.role : 'garage';
  }
  if (one.role === two.role && (one.role === 'guest-room' || one.role === 'apartment'))
    return 'communicating';
  const own = [two.role, one.role].find((role) => role && OWN.has(role));
  if (own === 'store' && (dwelling || isHome(one) || isHome(two))) return 'closet';
  // What heats a house stands in a closet of it.
  if (dwelling && own && IN_CLOSETS.has(own)) return 'closet';
  if (own) return own;
  const home = [two, one].find((side) => side.role === 'bedroom' || isHomeKitchen(side, one, two));
  if (home) return 'bedroom';
  // In a dwelling stairs and halls are rooms like others.
  if (dwelling && one.space !== undefined && two.space !== undefined)
    return [two.role, one.role].find((role) => role && !PASSED.has(role)) ?? 'bedroom';
  const loft = LOFT.test(one.name ?? '') || LOFT.test(two.name ?? '');
  if (one.space === 'stair' || two.space === 'stair') return houses && loft ? 'bedroom' : 'stair';
  if (isOpen(one) && isOpen(two)) {
    const vestibule = one.role === 'vestibule' || two.role === 'vestibule';
    return vestibule || (one.space === 'entrance' && two.space === 'entrance')
      ? 'vestibule'
      : 'cross-corridor';
  }
  if (isOpen(one)) return two.role;
  if (isOpen(two)) return one.role;
  // A hall may be a room or be passed through: a door beside it is that of the other room.
  if (HALL.test(one.name?.trim() ?? '')) return two.role;
  if (HALL.test(two.name?.trim() ?? '')) return one.role;
  // Who serves goes through with both hands full, whichever room is named first.
  if (one.role === 'kitchen' && two.role === 'assembly') return 'kitchen';
  // A room whose purpose nobody knows may be anything, whatever it is entered from.
  return one.role && two.role ? two.role : undefined;
}

/** Whether a space is one of a dwelling. */
function isHome({ role, name }: Side): boolean {
  return role === 'bedroom' || role === 'bathroom' || HALL.test(name?.trim() ?? '');
}

/** A kitchen beside a hall or a living room is one of a dwelling. */
function isHomeKitchen(side: Side, one: Side, two: Side): boolean {
  if (side.role !== 'kitchen') return false;
  const other = side === one ? two : one;
  return other.role === 'bedroom' || HALL.test(other.name?.trim() ?? '');
}

function fromOutdoors(
  outer: Side,
  inner: Side,
  dwelling: boolean,
  houses: boolean,
): Role | undefined {
  if (inner.space === undefined) return undefined;
  if (inner.role && UP_THERE.has(inner.role)) return inner.role;
  if (outer.role === 'roof') return 'roof';
  if (houses && isPorch(outer.name) && inner.space !== 'stair') return 'house-entrance';
  if (houses && HOUSEHOLD.test(inner.name?.trim() ?? '')) return 'house-entrance';
  if (inner.space === 'outdoors') return 'gate';
  if (inner.role && OWN.has(inner.role) && inner.role !== 'bathroom') return inner.role;
  if (outer.role === 'balcony') return 'balcony';
  if (inner.space === 'entrance') return dwelling ? 'house-entrance' : 'entrance';
  if (!dwelling && ARRIVAL.test(inner.name ?? '')) return 'entrance';
  const hall = HALL.test(inner.name?.trim() ?? '');
  if (hall || dwelling || (inner.role && DOMESTIC.has(inner.role))) return 'house-entrance';
  if (inner.role === 'shop' || inner.role === 'garage') return inner.role;
  // A school's own yard is where its classrooms let the children out.
  if (inner.role === 'classroom' && YARD.test(outer.name ?? '')) return 'classroom';
  // Whoever lives above the street comes in by the stair.
  if (inner.space === 'stair' && STREET.test(outer.name ?? '') && !/\d/.test(inner.name ?? ''))
    return 'entrance';
  // A covered way is the corridor of a school without one: its doors are those of the rooms.
  if (outer.name && COVERED.test(outer.name) && inner.role) return inner.role;
  // People come in by it as they leave.
  if (inner.role === 'assembly') return 'entrance';
  return 'final-exit';
}
