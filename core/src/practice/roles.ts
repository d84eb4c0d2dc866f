import { everywhere } from './stageValues.js';
import {
  AUSTRALASIAN_WORDS,
  BUILDING_WORDS,
  CONTINENTAL_WORDS,
  DWELLING_WORDS,
  ROOM_WORDS,
} from './roomWords.js';
import { sourced, TRADE } from './sourced.js';
import type { PracticeId } from './types.js';

/** What a door is, by what stands on its two sides; what it needs follows (handbook, “Roles”). */
export const ROLES = [
  'office',
  'meeting',
  'classroom',
  'store',
  'strong-room',
  'electrical',
  'plant',
  'riser',
  'server',
  'stair',
  'final-exit',
  'exit-only',
  'cross-corridor',
  'entrance',
  'vestibule',
  'assembly',
  'toilet-single',
  'toilet-group',
  'patient-room',
  'patient-toilet',
  'treatment',
  'guest-room',
  'communicating',
  'apartment',
  'house-entrance',
  'bedroom',
  'closet',
  'bathroom',
  'garage',
  'balcony',
  'gate',
  'cold-room',
  'kitchen',
  'goods',
  'shop',
  'stage',
  'roof',
] as const;
export type Role = (typeof ROLES)[number];

/** What a lock is for, in plain words; what it must do follows (`securing/uses.ts`). */
export const LOCK_USES = [
  'passage',
  'push-pull',
  'privacy',
  'office',
  'classroom',
  'lock-down',
  'store',
  'reader',
  'entrance',
  'apartment',
  'dwelling',
  'dormitory',
  'guest',
  'guest-card',
  'communicating',
  'patio',
  'shop',
  'gate',
  'cold-room',
  'stair',
  'stair-locked',
  'exit',
  'exit-only',
] as const;
export type LockUse = (typeof LOCK_USES)[number];

/**
 * When a door of a role closes by itself: always, where it is rated, not unless wanted, never, being kept
 * locked, or, rated, as somebody says: in one dwelling it need not, in a shared house it does.
 */
export const ROLE_CLOSINGS = ['always', 'rated', 'never', 'locked', 'asked'] as const;
export type RoleClosing = (typeof ROLE_CLOSINGS)[number];

/** When a door of a role holds smoke back: always, where it is rated, or not unless wanted. */
export const ROLE_SMOKES = ['always', 'rated', 'never'] as const;
export type RoleSmoke = (typeof ROLE_SMOKES)[number];

const USE: Record<Role, LockUse> = {
  office: 'office',
  meeting: 'passage',
  classroom: 'classroom',
  store: 'store',
  'strong-room': 'reader',
  electrical: 'store',
  plant: 'store',
  riser: 'store',
  server: 'reader',
  stair: 'stair',
  'final-exit': 'exit',
  'exit-only': 'exit-only',
  'cross-corridor': 'push-pull',
  entrance: 'shop',
  vestibule: 'push-pull',
  assembly: 'classroom',
  'toilet-single': 'privacy',
  'toilet-group': 'push-pull',
  'patient-room': 'passage',
  'patient-toilet': 'privacy',
  treatment: 'classroom',
  'guest-room': 'guest-card',
  communicating: 'communicating',
  apartment: 'apartment',
  'house-entrance': 'dwelling',
  bedroom: 'passage',
  closet: 'passage',
  bathroom: 'privacy',
  garage: 'dwelling',
  balcony: 'patio',
  gate: 'gate',
  'cold-room': 'cold-room',
  kitchen: 'push-pull',
  goods: 'store',
  shop: 'shop',
  stage: 'passage',
  roof: 'store',
};

const CLOSING: Record<Role, RoleClosing> = {
  office: 'rated',
  meeting: 'rated',
  classroom: 'rated',
  // What is always locked must come to by itself.
  store: 'always',
  'strong-room': 'always',
  electrical: 'rated',
  plant: 'always',
  riser: 'rated',
  server: 'always',
  stair: 'always',
  'final-exit': 'always',
  'exit-only': 'always',
  'cross-corridor': 'always',
  entrance: 'always',
  vestibule: 'always',
  assembly: 'rated',
  'toilet-single': 'never',
  'toilet-group': 'always',
  'patient-room': 'never',
  'patient-toilet': 'never',
  treatment: 'rated',
  'guest-room': 'always',
  communicating: 'never',
  apartment: 'rated',
  'house-entrance': 'never',
  bedroom: 'never',
  closet: 'never',
  bathroom: 'never',
  garage: 'always',
  balcony: 'never',
  gate: 'never',
  'cold-room': 'never',
  kitchen: 'always',
  goods: 'rated',
  shop: 'always',
  stage: 'rated',
  roof: 'rated',
};

const NO_SMOKE = Object.fromEntries(ROLES.map((role) => [role, 'never'])) as Record<
  Role,
  RoleSmoke
>;
/** Corridors are divided against smoke, and machines are kept from it, wherever they stand. */
const SMOKE: Record<Role, RoleSmoke> = { ...NO_SMOKE, 'cross-corridor': 'rated', server: 'always' };

const words = (own: Record<Role, string>) =>
  sourced(own, 'term', `${TRADE}: names of rooms; a guess`);

/** The tables of roles that a practice holds. */
export const ROLE_TABLES = {
  roleUse: everywhere(sourced(USE, 'term', `${TRADE}: what each door is for`, 'preference')),
  roleClosing: {
    ...everywhere(
      sourced(CLOSING, 'term', `${TRADE}; rated leaves by NFPA 80, EN 1634 and national rules`),
    ),
    'us-residential': sourced<Record<Role, RoleClosing>>(
      { ...CLOSING, store: 'rated' },
      'term',
      `${TRADE}; rated leaves by NFPA 80`,
    ),
    british: sourced<Record<Role, RoleClosing>>(
      { ...CLOSING, riser: 'locked', bedroom: 'asked', bathroom: 'asked', closet: 'asked' },
      'term',
      'Approved Document B, appendix C',
    ),
    australasian: sourced<Record<Role, RoleClosing>>(
      { ...CLOSING, garage: 'rated' },
      'term',
      `${TRADE}; AS 1905.1 and the national code for rated leaves`,
    ),
    continental: sourced(
      { ...CLOSING, riser: 'locked' } as Record<Role, RoleClosing>,
      'term',
      `${TRADE}: access doors of shafts are kept locked; the national rule decides`,
    ),
  } satisfies Record<PracticeId, unknown>,
  roleSmoke: {
    ...everywhere(
      sourced(SMOKE, 'term', `${TRADE}: doors across corridors, rooms of servers`, 'preference'),
    ),
    'us-commercial': sourced<Record<Role, RoleSmoke>>(
      { ...SMOKE, 'guest-room': 'rated', apartment: 'rated' },
      'term',
      'IBC 716.2.2.1: rated doors of corridors and smoke barriers; NFPA 105, UL 1784',
      'preference',
    ),
    'us-residential': sourced(NO_SMOKE, 'term', `${TRADE}: none inside a dwelling`, 'preference'),
    british: sourced<Record<Role, RoleSmoke>>(
      {
        ...SMOKE,
        stair: 'rated',
        vestibule: 'rated',
        apartment: 'rated',
        'guest-room': 'rated',
        'patient-room': 'rated',
        garage: 'rated',
      },
      'term',
      'Approved Document B, appendix C, table C1: the doors with the suffix S',
      'preference',
    ),
    continental: sourced<Record<Role, RoleSmoke>>(
      {
        ...SMOKE,
        'cross-corridor': 'always',
        stair: 'always',
        apartment: 'rated',
        'guest-room': 'rated',
      },
      'term',
      'MBO 35 (6), 36 (3): stairs and corridors; DIN 18095; the national rule decides',
      'preference',
    ),
  } satisfies Record<PracticeId, unknown>,
  roleWords: {
    ...everywhere(words(ROOM_WORDS)),
    'us-commercial': words({ ...ROOM_WORDS, ...BUILDING_WORDS }),
    'us-residential': words({ ...ROOM_WORDS, ...DWELLING_WORDS }),
    australasian: words({ ...ROOM_WORDS, ...AUSTRALASIAN_WORDS }),
    continental: words(CONTINENTAL_WORDS),
  } satisfies Record<PracticeId, unknown>,
};

/** The words of a role as a list. */
export function roleWords(text: string): string[] {
  return text.split(',').flatMap((one) => one.trim().toLowerCase() || []);
}
