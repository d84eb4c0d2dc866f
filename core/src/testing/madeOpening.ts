import { inches, mm } from '../measure/index.js';
import { decideOpening } from '../deciding/index.js';
import { OPENING_KINDS, type OpeningFacts, type ProjectBasis } from '../model/index.js';
import { LOCK_USES, OCCUPANCIES, PRACTICE_IDS, type PracticeId } from '../practice/index.js';
import { ROLES } from '../roles/index.js';
import { LOCK_KINDS } from '../securing/index.js';

/** Names as drawings have them, English and German. */
const ROOMS = [
  'Corridor',
  'Corridor 2',
  'Office 12',
  'Street',
  'Stair A',
  'Stair B',
  'Foyer',
  'Auditorium',
  'Classroom 4',
  'Store',
  'Accessible WC',
  'WC Damen',
  'Balcony',
  'Roof',
  'Yard',
  'Garage',
  'Bedroom 2',
  'Boiler room',
  'Cold room',
  'Nursery',
  'Flat 3',
  'Kitchen',
  'Flur',
  'Treppenhaus',
  'Heizraum',
  'Pool deck',
  'Server room',
  'Room 7',
];
const LEAVES = [
  'steel-honeycomb-18',
  'timber-particle',
  'timber-mineral',
  'timber-hollow',
  'timber-panelled-hardwood',
  'aluminium-narrow',
  'glass',
] as const;
const LINES = [
  'Storeroom lock, mortise',
  'Classroom lockset, cylindrical',
  'Passage set',
  'Exit device, rim, night latch',
  'Mortice sash lock, five levers',
  'As agreed with the owner',
];

/** Numbers from a seed, the same for the same seed, on every machine. */
export function numbersFrom(seed: number) {
  let state = seed >>> 0;
  const below = (most: number): number => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 2 ** 32) * most);
  };
  return {
    below,
    one: <T>(list: readonly T[]): T => list[below(list.length)]!,
    chance: (share: number) => below(10_000) < share * 10_000,
  };
}

type Numbers = ReturnType<typeof numbersFrom>;

/**
 * Makes an opening as a schedule, an import or somebody in a hurry would give it: any kind, role, rating, people,
 * direction, use, choice, written line; what is said of it is likely or not.
 *
 * @param numbers where chance comes from
 * @param basisOf the project of each practice
 */
export function madeOpening(
  { below, one, chance }: Numbers,
  basisOf: (practice: PracticeId) => ProjectBasis,
): { facts: OpeningFacts; practice: PracticeId } {
  const practice = one(PRACTICE_IDS);
  const us = practice.startsWith('us');
  const kind = one([...OPENING_KINDS, 'single', 'single', 'single', 'pair', 'pair'] as const);
  const two = kind.includes('pair') || kind === 'double-egress';
  const width = us ? inches(30 + below(13)) : mm(760 + below(360));
  const some = <T>(share: number, value: () => T): T | undefined =>
    chance(share) ? value() : undefined;
  const facts: OpeningFacts = {
    mark: '1',
    kind,
    from: some(0.9, () => one(ROOMS)),
    to: some(0.9, () => one(ROOMS)),
    role: some(0.4, () => one(ROLES)),
    frameMaterial: one(['steel', 'timber', 'aluminium'] as const),
    frameWidth: some(0.93, () => (two ? 2 * width : width)),
    frameHeight: us ? inches(84) : mm(2110),
    leafConstruction: some(0.9, () => one(LEAVES)),
    hingeSide: some(0.85, () => one(['left', 'right'] as const)),
    swing: some(0.85, () => one(['in', 'out'] as const)),
    active: some(0.7, () => one(['left', 'right'] as const)),
    outside: some(0.3, () => one(['from', 'to'] as const)),
    rating: some(0.8, () => one([0, 0, 20, 30, 45, 60, 90])),
    smoke: some(0.4, () => chance(0.5)),
    egress: some(0.6, () => chance(0.8)),
    escape: some(0.5, () => one(['from', 'to', 'both'] as const)),
    exterior: some(0.4, () => chance(0.4)),
    occupants: some(0.5, () => one([4, 30, 49, 50, 60, 61, 110, 111, 160, 164, 220, 300, 900])),
    occupancy: some(0.4, () => one(OCCUPANCIES)),
    accessible: some(0.4, () => chance(0.6)),
    secured: some(0.4, () => chance(0.6)),
    lockUse: some(0.3, () => one(LOCK_USES)),
    lockKind: some(0.2, () => one(LOCK_KINDS)),
    deadBolt: some(0.1, () => true),
    bolts: some(0.1, () => one(['none', 'flush', 'automatic', 'surface'] as const)),
    closer: some(0.4, () => one(['none', 'any', 'floor', 'surface-push'] as const)),
    holdOpen: some(0.15, () => true),
    access: some(0.15, () => one(['none', 'reader', 'button', 'intercom'] as const)),
    electricLock: some(0.06, () => one(['sensor-magnet', 'hardware-magnet'] as const)),
    alarmReleases: some(0.1, () => chance(0.7)),
    stopSeal: some(0.1, () => one(['none', 'silencer', 'seal'] as const)),
    bottomSeal: some(0.1, () => one(['none', 'any', 'sweep'] as const)),
    meetingEdge: some(0.1, () => one(['square', 'rebated', 'astragal'] as const)),
    manualItems: some(0.08, () => [
      {
        stage: 'securing' as const,
        quantity: 1,
        unit: 'each' as const,
        description: one(LINES),
      },
    ]),
    omitted: some(0.03, () => ({ securing: 'by others' })),
  };
  if (chance(0.3)) {
    // What else could have been taken of what was decided.
    const { decisions } = decideOpening(facts, basisOf(practice));
    const open = decisions.filter(({ alternatives }) => alternatives.length > 1);
    const taken = open.filter(() => chance(0.2));
    facts.choices = Object.fromEntries(
      taken.map(({ key, alternatives }) => [
        key,
        { value: one(alternatives).value, reason: 'as agreed' },
      ]),
    );
  }
  if (chance(0.1))
    facts.choices = {
      ...facts.choices,
      'closing.holdOpen': { value: one(['arm', 'kick-down']), reason: 'as agreed' },
    };
  return { facts, practice };
}
