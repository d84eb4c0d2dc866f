import type { LoadUse } from '../model/index.js';
import type {
  FrameMaterial,
  LeafConstruction,
  LockUse,
  Occupancy,
  Plates,
  PracticeId,
  RoleClosing,
  RoleSmoke,
  UseClass,
} from '../practice/index.js';

/** What is usual, and in which practices it is otherwise. */
export type Varies<T> = { readonly usual: T } & { readonly [P in PracticeId]?: T };

/**
 * What an answer is in a practice.
 *
 * @example inPractice({ usual: 'rated', british: 'locked' }, 'british') // 'locked'
 */
export const inPractice = <T>(answer: Varies<T>, practice: PracticeId): T =>
  answer[practice] ?? answer.usual;

/** Words of room names beside the usual ones, or in their place. */
export type MoreWords = { readonly and: string } | { readonly instead: string };

/**
 * Everything that is asked of a role. Each question has an answer in each record: where nothing is special that
 * is what stands there, so that a role added without an answer does not compile.
 */
export interface RoleRecord {
  readonly id: string;
  /** Words of room names by which the role is guessed, parted by commas, with the abbreviations of drawings. */
  readonly rooms: {
    readonly usual: string;
    /** Where only buildings are specified that are no dwellings. */
    readonly buildings?: MoreWords;
    /** Where only dwellings are. */
    readonly dwellings?: MoreWords;
    readonly australasian?: MoreWords;
    readonly german?: MoreWords;
  };
  /** How a name that has a word of the role is read. */
  readonly readAs: {
    /** Its place among the roles: the first that has a word of a name. */
    readonly place: number;
    /** The room has a door of its own kind wherever it leads. */
    readonly ownDoor: boolean;
    /** The last such word of a name says what the room is: a library office is an office. */
    readonly lastWord: boolean;
    /** The space is passed through: its own words say so. */
    readonly through: boolean;
    /** In a dwelling what stands there stands in a closet. */
    readonly closetInDwelling: boolean;
    /** In a dwelling it is a room like others. */
    readonly passedInDwelling: boolean;
    /** A door to the open from such a room is one of a house. */
    readonly domestic: boolean;
    /** Such rooms stand on roofs, with doors of their own kind. */
    readonly onRoofs: boolean;
  };
  readonly lock: {
    /** What its lock is for. */
    readonly use: Varies<LockUse>;
    /** What it is for where the door is usually free and somebody says that it is locked. */
    readonly whenLocked: LockUse | null;
    /** Whether a reader that lets people in lets go the lock. */
    readonly letIn: boolean;
    /** Whether people may have to come back through it from a stair. */
    readonly reentry: boolean;
    /** Whether it keeps its bar, whoever is let in. */
    readonly barWhenLetIn: boolean;
  };
  readonly closing: {
    /** When it closes by itself. */
    readonly when: Varies<RoleClosing>;
    /** Whether some codes let it stand rated without a closer. */
    readonly mayStandWithout: boolean;
    /** Whether neither of its two spaces is more private than the other. */
    readonly eitherSide: boolean;
    /** Whether it usually stands open, held by a release. */
    readonly heldOpen: boolean;
    /** Whether the leaf is thrown open so often that back check is usual. */
    readonly backCheck: boolean;
  };
  /** When it holds smoke back. */
  readonly smoke: Varies<RoleSmoke>;
  /** Sound insulation asked for, dB; 0 where none is. */
  readonly sound: Varies<number>;
  readonly escape: {
    /** Whether people leave the building by it, or pass it on the way. */
    readonly wayOut: 'always' | 'to the open' | 'no';
    /** Whether whoever is in the building leaves by it. */
    readonly common: boolean;
    /** Whether people gather in the room: an assembly where they are enough. */
    readonly gathering: boolean;
    /** Whether the number of people is asked for. */
    readonly asksPeople: boolean;
    /** Whether ways out lead through the room: freely, only where there is no other, or to no safe place. */
    readonly through: 'room' | 'last' | 'unsafe';
    /** Whether electrical equipment decides how it opens. */
    readonly amperes: boolean;
  };
  /** What the room says of itself that it is used for. */
  readonly occupancy: Occupancy | null;
  /** How many people it holds by its floor area. */
  readonly load: LoadUse | null;
  readonly make: {
    /** Of what leaf and frame usually are; empty where each is ordered for itself and asked. */
    readonly leaf: Varies<LeafConstruction | ''>;
    readonly frame: Varies<FrameMaterial | ''>;
    /** How often it is passed: high from 400 passages a day, medium from 40. */
    readonly frequency: Varies<UseClass>;
    /** A hinge of its own kind. */
    readonly hinge: 'tee-hinge' | 'rising' | null;
    /** Whether it is as wide as what passes. */
    readonly ofAnyWidth: boolean;
    /** Whether its rating is asked for. */
    readonly rated: Varies<'asked' | 'not in dwellings' | 'never'>;
  };
  readonly place: {
    /** Whether both its sides are in the open: it keeps no weather out. */
    readonly inTheOpen: boolean;
    /** Whether it brings its own seals against cold. */
    readonly cold: boolean;
    /** Whether it stands between a garage and a house. */
    readonly garage: boolean;
    /** Whether it stands in the common parts of a block of flats. */
    readonly commonPart: boolean;
  };
  /** Who needs the second leaf of a pair. */
  readonly secondLeaf: 'people' | 'equipment' | 'home';
  /** Whether people come in by both leaves all day. */
  readonly bothLeavesDaily: boolean;
  /** Whether both leaves stay shut but for work behind them. */
  readonly keptShut: boolean;
  /** Clear width asked for, ticks: always where beds pass, else on accessible routes; 0 is none of its own. */
  readonly clearWidth: Varies<number>;
  /** Whether beds are moved through it. */
  readonly beds: boolean;
  readonly plates: {
    readonly fitted: Varies<Plates>;
    /** Whether it has them though the leaf stays where it is left. */
    readonly alsoLeftOpen: boolean;
  };
  /** Viewers, where somebody wants to see who stands there. */
  readonly viewers: 'none' | 'one' | 'two';
  /** Whether it is taken to be on an accessible route where nobody said so. */
  readonly accessible: Varies<'assumed' | 'asked'>;
  /** Whether somebody in a wheelchair draws it shut after them. */
  readonly pulledShut: boolean;
  /** Whether each of the two rooms has a leaf of its own. */
  readonly twoLeaves: boolean;
  /** Whether a contact watches it where it is wired. */
  readonly watched: boolean;
}

/** Declares a role. */
export const defineRole = <const Id extends string>(
  role: RoleRecord & { readonly id: Id },
): RoleRecord & { readonly id: Id } => role;
