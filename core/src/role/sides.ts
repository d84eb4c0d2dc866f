import { memoize } from '../measure/index.js';
import { headOf, ROOM_USE, type RoomUse } from '../model/index.js';
import { spaceNamed, spaceOf, type Space } from './spaces.js';
import { ROLE, ROLES, roleWords, type Role } from '../roles/index.js';

export type Words = Readonly<Record<Role, string>>;

/** The patterns of a practice's words, made once; in the order of the table, “patient toilet” before “toilet”. */
const patternsOf = memoize((words: Words) =>
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

const HALL = /^(hall|hallway|diele)( \d{1,2})?$/i;

/** Whether a name is that of a hall, which may be a room of a house, be passed through, or hold many. */
export const isHall = (name: string | undefined): boolean => HALL.test(name?.trim() ?? '');

type Patterns = readonly (readonly [Role, RegExp])[];

/** A role that a name has a word of, and where in it. */
interface Named {
  role: Role;
  starts: number;
  ends: number;
}

/** One of the two rooms of an opening, as it is read. */
export interface Side {
  name: string | undefined;
  space: Space | undefined;
  /** What its own door is, by its name, else by its use. */
  role: Role | undefined;
}

/** Reads a room by its name and its use. */
export function sideOf(name: string | undefined, use: RoomUse | undefined, words: Words): Side {
  const found = name ? roleNamed(name, patternsOf(words)) : undefined;
  // The last word says what a room is: a reception office is an office, a stage corridor a corridor.
  const named = name && !use ? spaceNamed(name) : undefined;
  const inSpace = named !== undefined && found !== undefined && !ROLE[found.role].readAs.through;
  const later =
    inSpace &&
    (found.ends > named.ends || (found.ends === named.ends && found.starts < named.starts));
  const role =
    inSpace && !later ? undefined : (found?.role ?? (use && (ROOM_USE[use].door ?? undefined)));
  return { name, space: later ? 'room' : spaceOf(name, use), role };
}

/** What a name says before it says where, else what all of it says; a stair says so as a space. */
function roleNamed(name: string, patterns: Patterns): Named | undefined {
  const head = headOf(name);
  if (isStair(head)) return undefined;
  return roleIn(patterns, head) ?? (head === name ? undefined : roleIn(patterns, name));
}

/**
 * The first role of the table that a name has a word of, unless a longer one of another role takes that word in
 * (“changing places” is no changing room), or a later one says what the room is: a library office is an office.
 */
function roleIn(patterns: Patterns, name: string): Named | undefined {
  let best: Named | undefined;
  for (const [role, pattern] of patterns) {
    const found = pattern.exec(name);
    if (!found) continue;
    const [starts, ends] = [found.index, found.index + found[0].length];
    const takesIn = best && starts <= best.starts && ends >= best.ends;
    const longer = takesIn && ends - starts > best!.ends - best!.starts;
    const later = best && starts >= best.ends && ROLE[role].readAs.lastWord;
    if (!best || longer || (later && (role === 'office' || ROLE[best.role].readAs.lastWord)))
      best = { role, starts, ends };
  }
  return best;
}

/** A cellar stair is a stair, the cupboard under it is not. */
function isStair(name: string): boolean {
  return (
    /(?<![\p{L}])stair(s|case|well)?( (?:no\.? ?)?#?[\w.-]+)?$/iu.test(name.trim()) &&
    !/under/i.test(name)
  );
}
