import {
  byPractice,
  everywhere,
  ROLES,
  sourced,
  TRADE,
  type PracticeId,
  type Role,
} from '../practice/index.js';

/** Of what a leaf or a frame of each role is usually made; empty where it is of its own kind and asked. */
type ByRole = Record<Role, string>;

const usual = (of: ByRole, what: string) =>
  sourced(of, 'term', `${TRADE}: ${what}; assumed until somebody says`, 'preference');

const byRole = (of: string, ...others: [string, readonly Role[]][]): ByRole => ({
  ...(Object.fromEntries(ROLES.map((role) => [role, of])) as ByRole),
  ...Object.fromEntries(others.flatMap(([other, roles]) => roles.map((role) => [role, other]))),
});

const GLAZED: readonly Role[] = ['entrance', 'vestibule', 'shop'];
const OUTER: readonly Role[] = ['final-exit', 'exit-only', 'goods', 'roof', 'stage'];
const SERVICE: readonly Role[] = ['plant', 'riser', 'electrical', 'server'];
const HOME: readonly Role[] = ['bedroom', 'closet', 'bathroom'];
/** Doors that are ordered each for itself. */
const OWN: readonly Role[] = ['cold-room', 'gate'];
/** Outer doors of dwellings. */
const HOUSE: readonly Role[] = ['balcony', 'house-entrance'];

const LEAVES: Record<PracticeId, ByRole> = {
  'us-commercial': byRole(
    'timber-particle',
    ['aluminium-narrow', GLAZED],
    ['steel-honeycomb-16', OUTER],
    ['steel-honeycomb-18', [...SERVICE, 'stair', 'strong-room']],
    ['timber-hollow', ['closet']],
    ['timber-stave', HOUSE],
    ['', OWN],
  ),
  'us-residential': byRole(
    'timber-hollow',
    ['timber-particle', ['garage', 'apartment', 'stair']],
    ['aluminium-narrow', GLAZED],
    ['steel-honeycomb-18', [...OUTER, ...SERVICE]],
    ['timber-stave', HOUSE],
    ['', OWN],
  ),
  british: byRole(
    'timber-particle',
    ['aluminium-narrow', GLAZED],
    ['steel-honeycomb-18', OUTER],
    ['timber-hollow', ['closet']],
    ['timber-stave', HOUSE],
    ['', OWN],
  ),
  continental: byRole(
    'timber-particle',
    ['aluminium-narrow', [...GLAZED, 'cross-corridor']],
    ['steel-honeycomb-18', [...OUTER, ...SERVICE, 'stair']],
    ['timber-hollow', ['closet']],
    ['timber-stave', HOUSE],
    ['', OWN],
  ),
  australasian: byRole(
    'timber-particle',
    ['aluminium-narrow', GLAZED],
    ['steel-honeycomb-18', OUTER],
    ['timber-hollow', HOME],
    ['timber-stave', HOUSE],
    ['', OWN],
  ),
};

const FRAMES: Record<PracticeId, ByRole> = {
  'us-commercial': byRole('steel', ['aluminium', GLAZED], ['timber', HOUSE], ['', OWN]),
  'us-residential': byRole('timber', ['aluminium', GLAZED], ['steel', OUTER], ['', OWN]),
  british: byRole('timber', ['aluminium', GLAZED], ['steel', OUTER], ['', OWN]),
  continental: byRole(
    'steel',
    ['aluminium', [...GLAZED, 'cross-corridor']],
    ['timber', [...HOME, ...HOUSE]],
    ['', OWN],
  ),
  australasian: byRole('steel', ['aluminium', GLAZED], ['timber', [...HOME, ...HOUSE]], ['', OWN]),
};

const FINISH: Record<PracticeId, string> = {
  'us-commercial': 'satin chrome',
  'us-residential': 'satin nickel',
  british: 'satin stainless',
  continental: 'satin stainless',
  australasian: 'satin chrome',
};

/** Minutes from which a timber leaf gives way to another make, which, and by what. */
const RATED: Record<PracticeId, readonly [number, string, string]> = {
  'us-commercial': [60, 'timber-mineral', 'ANSI/WDMA I.S. 1A: mineral core from 60 minutes'],
  'us-residential': [60, 'timber-mineral', 'ANSI/WDMA I.S. 1A: mineral core from 60 minutes'],
  british: [90, 'steel-honeycomb-18', `${TRADE}: timber to FD60`],
  continental: [60, 'steel-honeycomb-18', `${TRADE}: timber to T 30; T 90 in steel`],
  australasian: [60, 'timber-mineral', 'AS 1905.1: tested cores'],
};

/** How often a door is passed by what it is (400 passages a day and more are high, 40 medium). */
const BUSY: readonly Role[] = [...GLAZED, 'assembly', 'toilet-group'];
const SELDOM: readonly Role[] = [...HOME, 'balcony', 'roof', 'house-entrance', 'apartment'];
const QUIET: readonly Role[] = [...SERVICE, 'store', 'strong-room', 'exit-only', 'communicating'];

const USES: Record<PracticeId, ByRole> = {
  // Commercial schedules give service rooms the hinges of the corridor.
  'us-commercial': byRole('medium', ['high', BUSY], ['low', SELDOM]),
  'us-residential': byRole('low', ['high', BUSY], ['medium', ['stair', 'cross-corridor', 'goods']]),
  british: byRole('medium', ['high', BUSY], ['low', [...SELDOM, ...QUIET]]),
  continental: byRole('medium', ['high', BUSY], ['low', [...SELDOM, ...QUIET]]),
  australasian: byRole('medium', ['high', BUSY], ['low', [...SELDOM, ...QUIET]]),
};

/** What is usual where nobody recorded it. */
export const USUAL_VALUES = {
  leafByRole: byPractice((id) => usual(LEAVES[id], 'leaves by what the door is')),
  frameByRole: byPractice((id) => usual(FRAMES[id], 'frames by what the door is')),
  leafRated: byPractice((id) => sourced(RATED[id][1], 'term', RATED[id][2], 'preference')),
  leafRatedFrom: byPractice((id) => sourced(RATED[id][0], 'count', RATED[id][2], 'preference')),
  /** The leaf that stands to the weather where the role’s own is of timber. */
  leafOutside: everywhere(
    sourced('steel-honeycomb-18', 'term', `${TRADE}: service doors to the open`, 'preference'),
  ),
  useByRole: byPractice((id) => usual(USES[id], 'passages a day by what the door is')),
  /** What a leaf that must be tight lies over. */
  floorUsual: everywhere(
    sourced('smooth', 'term', `${TRADE}: a hard floor under a door that seals`, 'preference'),
  ),
  finishUsual: byPractice((id) =>
    sourced(FINISH[id], 'term', `${TRADE}: the usual appearance of the practice`, 'preference'),
  ),
};
