import { inches, mm } from '../measure/index.js';
import {
  byRegion,
  everywhere,
  sourced,
  TRADE,
  usAndMetric,
  type LockUse,
  type ValuesOf,
} from '../practice/index.js';
import type { LockKind } from './facts.js';

type LockFor = Record<LockUse, LockKind>;

/** Bored and mortise locks of commercial work in the United States, by use. */
const US_COMMERCIAL: LockFor = {
  passage: 'cylindrical',
  'push-pull': 'none',
  privacy: 'mortise',
  office: 'cylindrical',
  classroom: 'cylindrical',
  'lock-down': 'cylindrical',
  store: 'cylindrical',
  reader: 'mortise',
  entrance: 'mortise',
  apartment: 'mortise',
  dwelling: 'tubular',
  dormitory: 'mortise',
  guest: 'mortise',
  'guest-card': 'mortise',
  communicating: 'mortise',
  patio: 'tubular',
  shop: 'deadbolt',
  gate: 'gate',
  'cold-room': 'cold-room',
  stair: 'mortise',
  'stair-locked': 'mortise',
  exit: 'rim-exit',
  'exit-only': 'rim-exit',
};
const US_RESIDENTIAL: LockFor = {
  ...US_COMMERCIAL,
  passage: 'tubular',
  privacy: 'tubular',
  office: 'tubular',
  classroom: 'tubular',
  store: 'tubular',
  stair: 'tubular',
};
const every = (kind: LockKind): LockFor =>
  Object.fromEntries(
    Object.keys(US_COMMERCIAL).map((use) => [
      use,
      use === 'push-pull'
        ? 'none'
        : use === 'gate' || use === 'cold-room'
          ? use
          : use.startsWith('exit')
            ? 'rim-exit'
            : kind,
    ]),
  ) as LockFor;
const AUSTRALASIAN: LockFor = {
  ...every('mortise'),
  passage: 'tubular',
  privacy: 'tubular',
  office: 'tubular',
  store: 'mortise',
  dwelling: 'tubular',
  patio: 'tubular',
  shop: 'deadbolt',
};

const source = (what: string) => `${TRADE}: ${what}`;
const byUse = (value: LockFor, what: string) => sourced(value, 'term', source(what), 'preference');

/** Standards and grades that a kind of lock is ordered by. */
const US_GRADES: Record<LockKind, string> = {
  none: '',
  cylindrical: 'ANSI/BHMA A156.2, grade 1',
  tubular: 'ANSI/BHMA A156.2, grade 2',
  deadbolt: 'ANSI/BHMA A156.36, grade 1',
  mortise: 'ANSI/BHMA A156.13, grade 1',
  // Kinds that are not sold there have no standard of theirs.
  profile: '',
  multipoint: '',
  sash: '',
  'mortise-dead': '',
  'rim-lock': '',
  'night-latch': 'ANSI/BHMA A156.36',
  unit: 'ANSI/BHMA A156.2, grade 1',
  'narrow-stile': '',
  'rim-exit': 'ANSI/BHMA A156.3, grade 1',
  'mortise-exit': 'ANSI/BHMA A156.3, grade 1',
  'rods-surface': 'ANSI/BHMA A156.3, grade 1',
  'rods-concealed': 'ANSI/BHMA A156.3, grade 1',
  sliding: 'ANSI/BHMA A156.14',
  roller: '',
  gate: '',
  patch: '',
  'cold-room': '',
};
const AS_GRADES: Record<LockKind, string> = {
  ...US_GRADES,
  cylindrical: 'AS 4145.2',
  tubular: 'AS 4145.2',
  deadbolt: 'AS 4145.2',
  mortise: 'AS 4145.2',
  sash: 'AS 4145.2',
  profile: 'AS 4145.2',
  'mortise-dead': 'AS 4145.2',
  multipoint: 'AS 4145.2',
  'night-latch': 'AS 4145.2',
  unit: 'AS 4145.2',
  sliding: 'AS 4145.2',
  'rim-exit': '',
  'mortise-exit': '',
  'rods-surface': '',
  'rods-concealed': '',
};
const EN_GRADES: Record<LockKind, string> = {
  ...US_GRADES,
  profile: 'EN 12209',
  multipoint: 'EN 15685',
  sash: 'EN 12209',
  'mortise-dead': 'EN 12209',
  cylindrical: 'EN 12209',
  tubular: 'EN 12209',
  deadbolt: 'EN 12209',
  mortise: 'EN 12209',
  'night-latch': 'EN 12209',
  unit: 'EN 12209',
  'rim-exit': 'EN 1125',
  'mortise-exit': 'EN 1125',
  'rods-surface': 'EN 1125',
  'rods-concealed': 'EN 1125',
  sliding: 'EN 12209',
};
const GERMAN_GRADES: Record<LockKind, string> = {
  ...EN_GRADES,
  profile: 'DIN 18251, class 3',
  'narrow-stile': 'DIN 18251-2',
};
const BRITISH_GRADES: Record<LockKind, string> = {
  ...(Object.fromEntries(
    Object.entries(EN_GRADES).map(([kind, grade]) => [kind, grade && `BS ${grade}`]),
  ) as typeof EN_GRADES),
  'mortise-dead': 'BS 3621 or BS 8621, as insurers ask',
  'night-latch': 'BS 8621 or BS 3621, as insurers ask',
};

/** Figures and tables of the trade that only the securing works with; its measures stand in the practice. */
export const SECURING_VALUES = {
  /** A lock further than this from the glass is not reached through it. */
  nearGlass: everywhere(sourced(inches(40), 'length', TRADE)),
  /** The usual kind of lock for what it is for. */
  lockFor: {
    'us-commercial': byUse(US_COMMERCIAL, 'bored and mortise locks, commercial'),
    'us-residential': byUse(US_RESIDENTIAL, 'bored lever, dead bolt above, residential'),
    british: byUse(
      { ...every('sash'), passage: 'tubular', patio: 'multipoint' },
      'tubular latches and mortice locks, British',
    ),
    continental: byUse(
      { ...every('profile'), patio: 'multipoint' },
      'mortise locks for profile cylinders',
    ),
    australasian: byUse(AUSTRALASIAN, 'tubular and mortice locks, Australasian'),
  },
  /** Where handles stand on accessible routes; 0 where the practice's own height serves. */
  accessibleHeight: byRegion({
    us: sourced(0, 'length', `${TRADE}: as elsewhere`),
    british: sourced(0, 'length', `${TRADE}: as elsewhere`),
    continental: sourced(mm(850), 'length', 'DIN 18040-1, 4.3.3: handles at 850 mm'),
    australasian: sourced(0, 'length', `${TRADE}: as elsewhere`),
  }),
  lockGrade: {
    'us-commercial': sourced(US_GRADES, 'term', 'ANSI/BHMA, editions as adopted'),
    'us-residential': sourced(
      {
        ...US_GRADES,
        tubular: 'ANSI/BHMA A156.2, grade 2',
        deadbolt: 'ANSI/BHMA A156.36, grade 2',
      },
      'term',
      'ANSI/BHMA, editions as adopted',
    ),
    british: sourced(BRITISH_GRADES, 'term', 'BS EN, editions as adopted'),
    continental: sourced(GERMAN_GRADES, 'term', 'the national standard, edition as adopted'),
    australasian: sourced(AS_GRADES, 'term', 'AS 4145, editions as adopted'),
  },
  /**
   * What locks let into the leaf are ordered by where one handle opens them from inside, at a home’s own entrance
   * and elsewhere, and on rated leaves; empty where it is as of the kind.
   */
  lockGradeFor: byRegion({
    us: sourced({ home: '', escape: '', rated: '' }, 'term', 'ANSI/BHMA, editions as adopted'),
    british: sourced({ home: 'BS 8621', escape: '', rated: '' }, 'term', 'BS 8621; BS EN 12209'),
    continental: sourced(
      { home: 'DIN 18251, class 4', escape: 'EN 179', rated: 'DIN 18250, class 3' },
      'term',
      'EN 179; the national standard, edition as adopted',
    ),
    australasian: sourced(
      { home: '', escape: '', rated: '' },
      'term',
      'AS 4145, editions as adopted',
    ),
  }),
  /** A leaf thinner by no more than this can be made to fit a bored lock. */
  nearlyFits: usAndMetric(
    sourced(inches(1 / 16), 'length', `${TRADE}: thin-leaf kits and packing roses`, 'limit'),
    sourced(mm(2), 'length', `${TRADE}: thin-leaf kits and packing roses`, 'limit'),
  ),
  /** A lock that stays in an old house may be so far off the height asked for. */
  heightNearly: usAndMetric(
    sourced(inches(1 / 2), 'length', `${TRADE}: locks that stay`, 'preference'),
    sourced(mm(12), 'length', `${TRADE}: locks that stay`, 'preference'),
  ),
  /** The cylinder of narrow-stile locks. */
  narrowCylinder: {
    ...everywhere(
      sourced<'profile' | 'mortise'>(
        'mortise',
        'term',
        `${TRADE}: narrow-stile locks`,
        'preference',
      ),
    ),
    continental: sourced<'profile' | 'mortise'>(
      'profile',
      'term',
      'DIN 18251-2: locks for tubular frames, profile cylinder',
      'preference',
    ),
  },
  /** Whether bored and tubular locks come with what the hand takes hold of, or it is ordered apart. */
  boredTrim: {
    ...everywhere(sourced('with the lock', 'term', `${TRADE}: lock sets`, 'preference')),
    british: sourced('apart', 'term', `${TRADE}: tubular latches and handles`, 'preference'),
    continental: sourced('apart', 'term', `${TRADE}: locks and furniture`, 'preference'),
  },
  /** Whether an accessible toilet whose leaf opens away from it has a rail to pull it shut by. */
  closingRail: {
    ...everywhere(sourced<boolean>(false, 'term', `${TRADE}: as somebody wants`, 'preference')),
    british: sourced(
      true,
      'term',
      'Approved Document M, volume 2, diagrams 18 and 20; BS 8300: a horizontal bar on the inside',
      'preference',
    ),
  },
  /** Whether out is one motion everywhere, or where the opening is on a way out. */
  oneMotion: usAndMetric(
    sourced('always', 'term', 'IBC 1010.2: one releasing motion', 'limit'),
    sourced('ways out', 'term', 'Approved Document B; BS EN 179, BS EN 1125', 'limit'),
    {
      continental: 'EN 179, EN 1125; the national rule',
      australasian: 'NCC D3D26: one downward or pushing action',
    },
  ),
  /** The release of a pool gate's latch, out of a child's reach. */
  poolLatch: usAndMetric(
    sourced(inches(54), 'length', 'ISPSC 305.3.3: 54 in', 'limit'),
    sourced(mm(1500), 'length', `${TRADE}: 1500 mm; the national rule`, 'limit'),
    { australasian: 'AS 1926.1: 1500 mm' },
  ),
  /** Whether a rated leaf always latches, or as its tested evidence says. */
  ratedLatch: {
    'us-commercial': sourced('always', 'term', 'NFPA 80', 'limit'),
    'us-residential': sourced('always', 'term', 'NFPA 80', 'limit'),
    british: sourced('as tested', 'term', 'BS EN 1634-1, BS 476-22: the tested door set', 'limit'),
    continental: sourced('always', 'term', 'DIN 18250; DIN 4102-5; EN 1634-1', 'limit'),
    australasian: sourced('as tested', 'term', 'AS 1905.1', 'limit'),
  },
  /** A dead bolt keyed on both sides at a dwelling’s way out. */
  doubleKeyed: usAndMetric(
    sourced('stop', 'term', 'IRC R311.2: no key or special knowledge from inside', 'limit'),
    sourced('check', 'term', 'Approved Document B, single dwellings; insurers', 'limit'),
    { continental: 'the national rule; insurers', australasian: 'NCC volume 2, H3; insurers' },
  ),
  /** Backsets that mortise locks are made in. */
  mortiseBacksets: {
    ...everywhere(sourced([2.5, 2.75].map(inches), 'length', source('made backsets'))),
    british: sourced([44, 57].map(mm), 'length', source('made backsets')),
    continental: sourced([55, 60, 65, 80].map(mm), 'length', source('made backsets')),
    australasian: sourced([60, 70].map(mm), 'length', source('made backsets')),
  },
  /** The least beside a case in timber; below it a thinner case, or a lock on the face. */
  caseSkinLeast: usAndMetric(
    sourced(inches(5 / 16), 'length', source('each side of a case in timber'), 'limit'),
    sourced(mm(8), 'length', source('a 16 mm case in a 35 mm leaf is everyday work'), 'limit'),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SECURING_VALUES> {}
}
