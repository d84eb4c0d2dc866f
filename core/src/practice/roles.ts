import { everywhere } from './stageValues.js';
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
  'communicating',
  'patio',
  'shop',
  'gate',
  'cold-room',
  'stair',
  'exit',
  'exit-only',
] as const;
export type LockUse = (typeof LOCK_USES)[number];

/** When a door of a role closes by itself: always, where it is rated, or not unless wanted. */
export const ROLE_CLOSINGS = ['always', 'rated', 'never'] as const;
export type RoleClosing = (typeof ROLE_CLOSINGS)[number];

const USE: Record<Role, LockUse> = {
  office: 'office',
  meeting: 'passage',
  classroom: 'classroom',
  store: 'store',
  'strong-room': 'reader',
  electrical: 'store',
  plant: 'store',
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
  'guest-room': 'guest',
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
  store: 'rated',
  'strong-room': 'always',
  electrical: 'rated',
  plant: 'always',
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

/** Words of room names by which a role is guessed; whole words, the first role that has one. */
const WORDS: Record<Role, string> = {
  'patient-toilet': 'patient toilet, patient bathroom, patient wc',
  'cold-room': 'cold room, cold store, freezer, walk-in cooler, chill room',
  'guest-room': 'guest room, guestroom, hotel room, guest bedroom suite',
  apartment: 'flat, apartment, apt, maisonette, condominium',
  'strong-room': 'strong room, pharmacy, drug store, safe, vault, cash room',
  server: 'server, telephone room, comms, data room, telecom, rack room',
  electrical: 'electrical, switchgear, switch room, transformer, dimmer room, meter room',
  plant:
    'plant, boiler, mechanical, riser, pump room, refuse, lift machine, elevator machine, generator',
  store:
    'store, stores, storage, closet, cupboard, linen, janitor, cleaner, archive, cellar, pantry, larder, wardrobe',
  'toilet-group':
    'men, women, ladies, gents, toilets, girls, boys, changing, locker room, restrooms, showers',
  'toilet-single': 'toilet, wc, lavatory, restroom, washroom, accessible toilet',
  bathroom: 'bathroom, bath, powder room, shower room, en suite, ensuite',
  stair: 'stair, stairs, staircase, stairwell',
  roof: 'roof',
  goods: 'goods, receiving, loading, dock, delivery',
  classroom: 'classroom, seminar, teaching, training',
  treatment: 'exam, examination, treatment, lab, laboratory, consulting, imaging, pathology',
  'patient-room': 'patient, ward',
  meeting: 'meeting, conference, boardroom, interview',
  assembly:
    'auditorium, theatre, theater, chapel, lecture, ballroom, cinema, gymnasium, gym, restaurant, bar, café, cafe, rehearsal, recital, gallery, courtroom',
  stage: 'stage, scene',
  office: 'office, bureau, study',
  kitchen: 'kitchen, servery, scullery',
  shop: 'shop, showroom, salon, retail',
  bedroom: 'bedroom, living, sitting, dining, lounge, nursery, parlour, front room, back room',
  garage: 'garage',
  balcony: 'balcony, terrace, patio, deck, loggia',
  gate: 'gate, lane',
  vestibule: 'vestibule, draught lobby, airlock',
  entrance: 'entrance, foyer, reception',
  'final-exit': '',
  'exit-only': '',
  'cross-corridor': '',
  communicating: '',
  closet: '',
  'house-entrance': '',
};

/** German words beside the English ones, for the continental practice. */
const GERMAN: Partial<Record<Role, string>> = {
  office: 'büro, arbeitszimmer',
  meeting: 'besprechung, konferenz',
  classroom: 'klasse, klassenzimmer, unterricht',
  store: 'lager, abstellraum, putzraum, archiv, keller',
  electrical: 'elektro, verteiler, trafo',
  plant: 'technik, heizung, lüftung',
  server: 'serverraum, edv',
  stair: 'treppe, treppenhaus, treppenraum',
  'toilet-group': 'herren, damen, umkleide',
  'toilet-single': 'behinderten-wc',
  bathroom: 'bad, badezimmer',
  bedroom: 'schlafzimmer, wohnzimmer, kinderzimmer, zimmer',
  kitchen: 'küche',
  apartment: 'wohnung',
  entrance: 'eingang, empfang',
  vestibule: 'windfang',
  assembly: 'saal, aula',
  balcony: 'balkon, terrasse, loggia',
};

const continentalWords = Object.fromEntries(
  ROLES.map((role) => [role, [WORDS[role], GERMAN[role]].filter(Boolean).join(', ')]),
) as Record<Role, string>;

const words = (own: Record<Role, string>) =>
  sourced(own, 'term', `${TRADE}: names of rooms; a guess`);

/** The tables of roles that a practice holds. */
export const ROLE_TABLES = {
  roleUse: everywhere(sourced(USE, 'term', `${TRADE}: what each door is for`, 'preference')),
  roleClosing: everywhere(
    sourced(CLOSING, 'term', `${TRADE}; rated leaves by NFPA 80, EN 1634 and national rules`),
  ),
  roleWords: {
    ...everywhere(words(WORDS)),
    continental: words(continentalWords),
  } satisfies Record<PracticeId, unknown>,
};

/** The words of a role as a list. */
export function roleWords(text: string): string[] {
  return text.split(',').flatMap((one) => one.trim().toLowerCase() || []);
}
