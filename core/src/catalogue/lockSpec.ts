import { bad, good, type Result } from '../measure/index.js';

/** What a key, a turn or a stop works on. */
export type Works = 'latch' | 'bolt' | 'outside' | 'inside';

/** What keeps a leaf closed by itself: nothing, a spring latch, one with a dead-latch pin, a roller. */
export type LatchKind = 'none' | 'spring' | 'dead-latching' | 'roller';

/**
 * A lock function by what each side has and what that does. Everything else (who can pass, with what,
 * in which state) is derived from it; nothing of that is written here.
 */
export interface LockSpec {
  /** Small letters and hyphens; `own-…` for those of a project. */
  id: string;
  /** What a project calls its own; shipped ones have their words. */
  name?: string | undefined;
  /** The usual BHMA number where one is certain. */
  number?: string | undefined;
  latch: LatchKind;
  /** Whether it has a dead bolt. */
  bolt: boolean;
  /** Handle outside: withdraws the latch while it is not blocked; rigid; or none. */
  outsideHandle: 'moves' | 'rigid' | 'none';
  /** Handle inside, or the bar of an exit device. */
  insideHandle: 'moves' | 'rigid' | 'none';
  /** Whether the inside handle withdraws latch and bolt at once. */
  handleDrawsBolt: boolean;
  /** What a key does from each side: `latch` withdraws it, `outside` blocks and frees the handle there. */
  outsideKey: readonly Works[];
  insideKey: readonly Works[];
  /** What the turn inside does: throws and withdraws the bolt, blocks and frees the outside handle. */
  insideTurn: readonly Works[];
  /** A turn outside, of a communicating door: what it works on. */
  outsideTurn: readonly Works[];
  /** A button inside that blocks the outside handle. */
  insideButton: boolean;
  /** Stops in the edge that block and free the outside handle. */
  edgeStops: boolean;
  /** What frees the outside handle again once it was blocked from inside. */
  freedBy: readonly ('inside-handle' | 'closing' | 'outside-key')[];
  /** What holds the latch drawn until it is let go: dogging or a snib inside, a key outside. */
  heldBackBy: readonly ('inside' | 'outside-key')[];
  /** Lets out only after the delay that its listing gives: a delayed egress device. */
  delayed: boolean;
  /** Whether closing the leaf throws the bolt. */
  boltsOnClosing: boolean;
  /** Whether the outside handle is blocked until something frees it. */
  startsBlocked: boolean;
  /** A tool outside that undoes what was locked from inside. */
  emergency: boolean;
  /** Outside handle by power: without it blocked (fail secure) or free (fail safe). */
  power: 'none' | 'fail-secure' | 'fail-safe';
  /** Whether that power is a battery of its own, with its reader in the trim: no wire, no supply. */
  battery: boolean;
}

const PLAIN: Omit<LockSpec, 'id' | 'name'> = {
  latch: 'dead-latching',
  bolt: false,
  outsideHandle: 'moves',
  insideHandle: 'moves',
  handleDrawsBolt: false,
  outsideKey: [],
  insideKey: [],
  insideTurn: [],
  outsideTurn: [],
  insideButton: false,
  edgeStops: false,
  freedBy: [],
  heldBackBy: [],
  delayed: false,
  boltsOnClosing: false,
  startsBlocked: false,
  emergency: false,
  power: 'none',
  battery: false,
};

const spec = (id: string, rest: Partial<LockSpec>, number?: string): LockSpec => ({
  ...PLAIN,
  ...rest,
  id,
  ...(number ? { number } : {}),
});

/** Dead bolt and latch in one case: the inside handle draws both, the key outside too. */
const BOLTED: Partial<LockSpec> = {
  bolt: true,
  handleDrawsBolt: true,
  outsideKey: ['bolt', 'latch'],
  insideTurn: ['bolt'],
};

/** A bolt alone: no latch, no handles. */
const BOLT_ALONE: Partial<LockSpec> = {
  latch: 'none',
  bolt: true,
  outsideHandle: 'none',
  insideHandle: 'none',
  outsideKey: ['bolt'],
};

/** An exit device: its bar is the inside handle, and dogging holds the latch drawn. */
const EXIT: Partial<LockSpec> = { heldBackBy: ['inside'] };

/**
 * The functions that ship (handbook, “Securing”; ANSI/BHMA A156.2, A156.3, A156.13; EN 179, EN 12209);
 * numbers only where they are certain.
 */
export const LOCK_SPECS: readonly LockSpec[] = [
  spec('passage', { latch: 'spring' }, 'F75'),
  spec(
    'privacy',
    { latch: 'spring', insideButton: true, freedBy: ['inside-handle', 'closing'], emergency: true },
    'F76',
  ),
  spec(
    'privacy-bolt',
    { latch: 'spring', bolt: true, handleDrawsBolt: true, insideTurn: ['bolt'], emergency: true },
    'F19',
  ),
  spec(
    'privacy-latch',
    {
      latch: 'spring',
      insideTurn: ['outside'],
      freedBy: ['inside-handle', 'closing'],
      emergency: true,
    },
    'F22',
  ),
  spec('privacy-bathroom', { latch: 'spring', bolt: true, insideTurn: ['bolt'], emergency: true }),
  spec('office', { insideTurn: ['outside'], outsideKey: ['latch'] }, 'F81'),
  spec(
    'office-key',
    { insideButton: true, outsideKey: ['latch'], freedBy: ['outside-key', 'inside-handle'] },
    'F82',
  ),
  spec(
    'office-push-turn',
    {
      insideButton: true,
      insideTurn: ['outside'],
      outsideKey: ['latch'],
      freedBy: ['outside-key', 'inside-handle'],
    },
    'F109',
  ),
  spec('classroom', { outsideKey: ['outside', 'latch'] }, 'F84'),
  spec('classroom-hold-back', { outsideKey: ['outside', 'latch'], heldBackBy: ['outside-key'] }),
  spec('storeroom', { outsideHandle: 'rigid', outsideKey: ['latch'] }, 'F86'),
  spec('mortise-passage', { latch: 'spring' }, 'F01'),
  spec('mortise-office', { edgeStops: true, outsideKey: ['latch'] }, 'F04'),
  spec('mortise-classroom', { outsideKey: ['outside', 'latch'] }, 'F05'),
  spec('mortise-storeroom', { outsideHandle: 'rigid', outsideKey: ['latch'] }, 'F07'),
  spec('dormitory', BOLTED, 'F13'),
  spec('entrance', { ...BOLTED, edgeStops: true }),
  spec('apartment', { ...BOLTED, outsideHandle: 'rigid' }),
  spec(
    'guest',
    { ...BOLTED, outsideHandle: 'rigid', outsideKey: ['latch'], emergency: true },
    'F15',
  ),
  spec('guest-card', {
    bolt: true,
    handleDrawsBolt: true,
    outsideHandle: 'rigid',
    outsideKey: ['latch'],
    insideTurn: ['bolt'],
    emergency: true,
    power: 'fail-secure',
    battery: true,
  }),
  spec('staff-toilet', {
    ...BOLTED,
    outsideHandle: 'rigid',
    outsideKey: ['latch'],
    emergency: true,
  }),
  spec('classroom-inside', { outsideKey: ['outside', 'latch'], insideKey: ['outside'] }),
  spec('intruder', {
    bolt: true,
    handleDrawsBolt: true,
    outsideKey: ['outside', 'bolt', 'latch'],
    insideKey: ['outside', 'bolt'],
  }),
  spec('vestibule', { outsideKey: ['latch'], insideKey: ['outside'] }),
  spec('corridor', {
    insideButton: true,
    outsideKey: ['outside', 'latch'],
    freedBy: ['inside-handle', 'closing'],
  }),
  spec('corridor-bolting', { ...BOLTED, boltsOnClosing: true }),
  spec('service-station', { insideButton: true, outsideKey: ['latch'], freedBy: ['closing'] }),
  spec(
    'patio',
    { latch: 'spring', insideButton: true, freedBy: ['inside-handle', 'closing'] },
    'F77',
  ),
  spec('communicating', { latch: 'spring', insideTurn: ['outside'], outsideTurn: ['inside'] }),
  spec('communicating-half', {
    latch: 'spring',
    bolt: true,
    handleDrawsBolt: true,
    outsideHandle: 'none',
    insideTurn: ['bolt'],
  }),
  spec('store', {
    outsideKey: ['outside', 'inside', 'latch'],
    insideKey: ['outside', 'inside', 'latch'],
  }),
  spec('institution', {
    outsideHandle: 'rigid',
    insideHandle: 'rigid',
    outsideKey: ['latch'],
    insideKey: ['latch'],
  }),
  spec('utility', { outsideHandle: 'rigid', outsideKey: ['latch'] }),
  spec('deadbolt-single', { ...BOLT_ALONE, insideTurn: ['bolt'] }),
  spec('deadbolt-double', { ...BOLT_ALONE, insideKey: ['bolt'] }),
  spec('deadbolt-battery', { ...BOLT_ALONE, insideTurn: ['bolt'], battery: true }),
  spec('deadbolt-classroom', { ...BOLT_ALONE, insideHandle: 'moves', handleDrawsBolt: true }),
  spec('sash-lock', { latch: 'spring', bolt: true, outsideKey: ['bolt'], insideKey: ['bolt'] }),
  spec('sash-turn', { latch: 'spring', bolt: true, outsideKey: ['bolt'], insideTurn: ['bolt'] }),
  spec('sash-escape', {
    latch: 'spring',
    bolt: true,
    handleDrawsBolt: true,
    outsideKey: ['bolt'],
    insideTurn: ['bolt'],
  }),
  spec('changeover', {
    bolt: true,
    outsideHandle: 'rigid',
    outsideKey: ['bolt', 'latch'],
    insideTurn: ['bolt'],
  }),
  spec('panic-changeover', {
    bolt: true,
    handleDrawsBolt: true,
    outsideHandle: 'rigid',
    outsideKey: ['bolt', 'latch'],
    insideTurn: ['bolt'],
  }),
  spec('panic-split', {
    bolt: true,
    handleDrawsBolt: true,
    startsBlocked: true,
    outsideKey: ['outside', 'bolt'],
    insideKey: ['outside', 'bolt'],
  }),
  spec('panic-passage', {
    latch: 'spring',
    bolt: true,
    handleDrawsBolt: true,
    outsideKey: ['bolt'],
    insideKey: ['bolt'],
  }),
  spec('rim-deadlock', { ...BOLT_ALONE, insideKey: ['bolt'] }),
  spec('rim-night-latch', {
    latch: 'spring',
    outsideHandle: 'none',
    outsideKey: ['latch'],
    heldBackBy: ['inside'],
  }),
  spec('sliding-hook', { ...BOLT_ALONE, insideTurn: ['bolt'] }),
  spec('sliding-privacy', {
    ...BOLT_ALONE,
    outsideKey: [],
    insideTurn: ['bolt'],
    emergency: true,
  }),
  spec('gate-latch', { outsideHandle: 'rigid', outsideKey: ['latch'] }),
  spec('cold-room', { latch: 'spring', outsideKey: ['outside'] }),
  spec('exit-only', { ...EXIT, outsideHandle: 'none' }),
  spec('exit-night-latch', { ...EXIT, outsideHandle: 'rigid', outsideKey: ['latch'] }),
  spec('exit-classroom', { ...EXIT, startsBlocked: true, outsideKey: ['outside'] }),
  spec('exit-classroom-inside', {
    ...EXIT,
    startsBlocked: true,
    outsideKey: ['outside'],
    insideKey: ['outside'],
  }),
  spec('exit-passage', EXIT),
  spec('exit-delayed', {
    outsideHandle: 'rigid',
    outsideKey: ['latch'],
    delayed: true,
    power: 'fail-safe',
  }),
  spec('exit-retraction', {
    ...EXIT,
    outsideHandle: 'rigid',
    outsideKey: ['latch'],
    power: 'fail-secure',
  }),
  spec('exit-trim-fail-safe', {
    ...EXIT,
    outsideKey: ['latch'],
    power: 'fail-safe',
    startsBlocked: true,
  }),
  spec('exit-trim-fail-secure', {
    ...EXIT,
    outsideKey: ['latch'],
    power: 'fail-secure',
    startsBlocked: true,
  }),
  spec('dummy', { latch: 'none', outsideHandle: 'rigid', insideHandle: 'rigid' }),
  spec('dummy-half', { latch: 'none', outsideHandle: 'rigid', insideHandle: 'none' }),
  spec('push-pull', { latch: 'roller', outsideHandle: 'rigid', insideHandle: 'rigid' }),
  spec('electric-fail-secure', {
    outsideKey: ['latch'],
    power: 'fail-secure',
    startsBlocked: true,
  }),
  spec('electric-fail-safe', { outsideKey: ['latch'], power: 'fail-safe', startsBlocked: true }),
  spec('battery-reader', {
    outsideKey: ['latch'],
    power: 'fail-secure',
    startsBlocked: true,
    battery: true,
  }),
  spec('electric-strike', { outsideHandle: 'rigid', outsideKey: ['latch'], power: 'fail-secure' }),
];

const SHIPPED: ReadonlyMap<string, LockSpec> = new Map(LOCK_SPECS.map((one) => [one.id, one]));

/** Functions by id: what ships, and a project's own, which go before. */
export function lockSpecsWith(own: readonly LockSpec[]): ReadonlyMap<string, LockSpec> {
  return own.length === 0
    ? SHIPPED
    : new Map([...SHIPPED, ...own.map((one) => [one.id, one] as const)]);
}

const LISTS = ['outsideKey', 'insideKey', 'insideTurn', 'outsideTurn'] as const;

/** A spec in its stored form, or undefined when it is none; unknown keys are refused. */
export function readLockSpec(value: unknown): LockSpec | undefined {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return undefined;
  const given = value as Record<string, unknown>;
  const known = new Set([...Object.keys(PLAIN), 'id', 'name', 'number']);
  if (Object.keys(given).some((key) => !known.has(key))) return undefined;
  const whole = { ...PLAIN, ...given } as LockSpec;
  const works = ['latch', 'bolt', 'outside', 'inside'];
  const freers = ['inside-handle', 'closing', 'outside-key'];
  const among = (list: unknown, values: string[]) =>
    Array.isArray(list) &&
    list.length <= values.length &&
    list.every((one) => values.includes(one as string));
  const flags = [
    'bolt',
    'handleDrawsBolt',
    'insideButton',
    'edgeStops',
    'boltsOnClosing',
    'startsBlocked',
    'emergency',
    'delayed',
    'battery',
  ] as const;
  const ok =
    typeof whole.id === 'string' &&
    /^[a-z][a-z0-9-]{0,39}$/.test(whole.id) &&
    (whole.name === undefined ||
      (typeof whole.name === 'string' && whole.name.trim() !== '' && whole.name.length <= 80)) &&
    (whole.number === undefined ||
      (typeof whole.number === 'string' && whole.number.length <= 12)) &&
    ['none', 'spring', 'dead-latching', 'roller'].includes(whole.latch) &&
    ['moves', 'rigid', 'none'].includes(whole.outsideHandle) &&
    ['moves', 'rigid', 'none'].includes(whole.insideHandle) &&
    ['none', 'fail-secure', 'fail-safe'].includes(whole.power) &&
    LISTS.every((name) => among(whole[name], works)) &&
    among(whole.freedBy, freers) &&
    among(whole.heldBackBy, ['inside', 'outside-key']) &&
    flags.every((name) => typeof whole[name] === 'boolean');
  return ok ? whole : undefined;
}

/** The most functions a project composes for itself. */
const MAX_OWN = 200;

/**
 * A project's own functions as they come in: each `own-…` with a name of its own. Faults:
 * `locks.shape`, `locks.value` (which).
 */
export function readLocks(json: unknown): Result<LockSpec[]> {
  if (!Array.isArray(json) || json.length > MAX_OWN) return bad('locks.shape');
  const seen = new Set<string>();
  const read: LockSpec[] = [];
  for (const [index, one] of (json as unknown[]).entries()) {
    const spec = readLockSpec(one);
    const name = spec?.name ?? spec?.id ?? String(index + 1);
    if (!spec?.name || !spec.id.startsWith('own-') || seen.has(spec.id))
      return bad('locks.value', { name });
    seen.add(spec.id);
    read.push(spec);
  }
  return good(read);
}
