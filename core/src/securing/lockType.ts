import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  slides,
  swingsBothWays,
  type Alternative,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { LockKind } from './facts.js';
import { memoize } from '../measure/index.js';
import type { LockUse, Practice, PracticeValues } from '../practice/index.js';
import type { LockSpec } from '../catalogue/index.js';
import { proposalFor } from './functions.js';
import { hasRods, isDeadBolt, isExit, LOCK_FORMS } from './lockForms.js';
import { panicOf } from './panic.js';
import { wantsExitDevice } from './uses.js';
import { type Role, ROLE } from '../roles/index.js';

/** What the kind of lock follows from, beside the facts. */
export interface LockPlace {
  facts: OpeningFacts;
  practice: Practice;
  thickness: number | undefined;
  /** Width of what is solid at the lock edge, where it is limited. */
  stile: number | undefined;
  use: LockUse;
  role: Role | undefined;
  /** Functions by id, the project's own among them. */
  all: ReadonlyMap<string, LockSpec>;
  /** Whether out must be one motion. */
  oneMotion: boolean;
}

const SWINGING: readonly LockKind[] = [
  'none',
  'cylindrical',
  'tubular',
  'mortise',
  'profile',
  'multipoint',
  'sash',
  'mortise-dead',
  'deadbolt',
  'rim-lock',
  'night-latch',
  'narrow-stile',
  'rim-exit',
  'mortise-exit',
  'roller',
  'gate',
  'cold-room',
];
const PAIRED: readonly LockKind[] = [...SWINGING, 'rods-surface', 'rods-concealed'];
const SLIDING: readonly LockKind[] = ['none', 'sliding'];
const POCKET: readonly LockKind[] = [...SLIDING, 'deadbolt'];
const BOTH_WAYS: readonly LockKind[] = ['none', 'deadbolt', 'narrow-stile'];
const GLASS: readonly LockKind[] = ['none', 'patch'];

/** Leaves that swing opposite ways cannot latch into each other: rods of their own, or nothing. */
const OPPOSITE: readonly LockKind[] = ['none', 'rods-surface', 'rods-concealed'];

/** The kinds of lock that an opening of a kind takes. */
export function lockKindsFor(facts: OpeningFacts): readonly LockKind[] {
  if (facts.leafConstruction === 'glass') return GLASS;
  if (facts.kind === 'pocket') return POCKET;
  if (slides(facts.kind)) return SLIDING;
  if (swingsBothWays(facts.kind)) return BOTH_WAYS;
  if (facts.kind === 'double-egress') return OPPOSITE;
  return PAIRED;
}

/** The backset a kind would take, for holding it against the stile: the practice's least that is made. */
function leastBackset(kind: LockKind, practice: Practice): number {
  const { narrowBacksets, backsets, backset } = practice.values;
  return kind === 'narrow-stile'
    ? Math.min(...narrowBacksets.value)
    : Math.min(backset.value, ...backsets.value);
}

/** How far a pocket reaches into the leaf from its edge. */
export function caseDepth(kind: LockKind, backset: number, practice: Practice): number | undefined {
  const { body } = LOCK_FORMS[kind];
  if (!body || LOCK_FORMS[kind].sits !== 'pocket') return undefined;
  const usual =
    kind === 'narrow-stile'
      ? Math.max(...practice.values.narrowBacksets.value.slice(0, 3))
      : practice.values.backset.value;
  const { across } = practice.values.bodies.value[body];
  // Hooks and rollers do not grow with the backset of a handle.
  return kind === 'sliding' || kind === 'roller' ? across : across + (backset - usual);
}

/** How far a kind reaches over or into the leaf from its edge, at its least backset; undefined for none. */
function reachFromEdge(kind: LockKind, practice: Practice): number | undefined {
  const { sits, body } = LOCK_FORMS[kind];
  const bodies = practice.values.bodies.value;
  switch (sits) {
    case 'pocket':
      return caseDepth(kind, leastBackset(kind, practice), practice);
    case 'bore':
      return leastBackset(kind, practice) + bodies.lockBore.across / 2;
    case 'notch':
    case 'inside-face':
      return bodies[body!].across;
    default:
      return undefined;
  }
}

/** Uses that a dead bolt or a night latch alone may serve. */
const ALONE: ReadonlySet<LockUse> = new Set(['entrance', 'dwelling', 'shop']);

/** What speaks against a kind of lock at a place; undefined where nothing does. */
export function againstKind(kind: LockKind, place: LockPlace): Message | undefined {
  const { facts, practice, thickness, stile, use } = place;
  const form = LOCK_FORMS[kind];
  const { values } = practice;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const construction = valueOrUndefined(facts.leafConstruction);
  if (facts.kind === 'pocket' && kind === 'deadbolt') return message('securing.straightBolt');
  if (kind === 'none') {
    const free = use === 'passage' || use === 'push-pull' || use === 'stair';
    return free && !(rated && practice.values.ratedLatch.value === 'always')
      ? undefined
      : message('securing.against.none');
  }
  if (wantsExitDevice(facts, practice, place.role) && !isExit(kind))
    return message('securing.against.notExit');
  if (isExit(kind) && facts.egress === false) return message('securing.against.noWayOut');
  if (kind === 'roller' && (rated || (use !== 'passage' && use !== 'push-pull')))
    return message('securing.against.roller');
  if (kind === 'cold-room' && use !== 'cold-room') return message('securing.against.coldRoom');
  if (kind === 'gate' && facts.exterior !== true) return message('securing.against.gate');
  if (kind === 'narrow-stile' && construction !== 'aluminium-narrow')
    return message('securing.against.narrow');
  if ((kind === 'night-latch' || isDeadBolt(kind)) && !ALONE.has(use))
    return message('securing.against.alone');
  if (rated && (kind === 'rim-lock' || kind === 'night-latch' || isDeadBolt(kind)))
    return message('securing.against.rated');
  if (thickness !== undefined && form.sits === 'pocket' && form.body) {
    const through = values.bodies.value[form.body].through;
    const needed = through + 2 * values.caseSkinLeast.value;
    if (isTimber(facts) && needed > thickness)
      return message('securing.against.thin', {
        case: { ticks: through },
        needed: { ticks: needed, rounding: 'up' },
        leaf: { ticks: thickness },
      });
  }
  if (form.sits === 'bore' && facts.meetingEdge === 'rebated' && meetsInMiddle(facts.kind))
    return message('securing.against.rebated');
  if (thickness !== undefined && form.sits === 'bore') {
    const { from, to } = values.boredLeaf.value;
    if (thickness < from)
      return message('securing.against.boredThin', {
        least: { ticks: from },
        leaf: { ticks: thickness },
      });
    if (thickness > to)
      return message('securing.against.boredThick', {
        most: { ticks: to },
        leaf: { ticks: thickness },
      });
  }
  const depth = reachFromEdge(kind, practice);
  if (stile !== undefined && depth !== undefined) {
    const needed = depth + (kind === 'narrow-stile' ? 0 : values.caseMargin.value);
    if (needed > stile)
      return message('securing.against.stile', {
        needed: { ticks: needed, rounding: 'up' },
        stile: { ticks: stile },
      });
  }
  return undefined;
}

/** Whether the leaf is of wood, so that a pocket needs material on both sides of it. */
export function isTimber(facts: OpeningFacts): boolean {
  return valueOrUndefined(facts.leafConstruction)?.startsWith('timber') ?? false;
}

/** The kinds a practice works with in the one direction or the other, and what is left for a thin leaf. */
const kindsOf = memoize((values: PracticeValues): readonly LockKind[] => {
  const used = [
    values.lockUsual.value,
    values.lockHighUse.value,
    ...Object.values(values.lockFor.value),
  ];
  const never = (kind: string) =>
    kind === 'none' || kind === 'gate' || kind === 'rim-exit' || kind === 'cold-room';
  return [...new Set([...used, 'tubular', 'rim-lock'])].filter(
    (kind) => !never(kind),
  ) as LockKind[];
});

/** The kind of lock for a place, with why: the usual one, unless leaf, stile or use ask for another. */
export function proposeKind(place: LockPlace): { kind: LockKind; why: Message } {
  const { facts, practice, use } = place;
  const construction = valueOrUndefined(facts.leafConstruction);
  const free = use === 'passage' || use === 'push-pull' || use === 'stair';
  if (construction === 'glass')
    return free
      ? { kind: 'none', why: message('securing.kind.glassFree') }
      : { kind: 'patch', why: message('securing.kind.glass') };
  if (facts.kind === 'bi-fold' && facts.provenance?.['secured'] === 'assumed')
    return { kind: 'none', why: message('securing.kind.folds') };
  if (slides(facts.kind))
    return free
      ? { kind: 'none', why: message('securing.kind.slidesFree') }
      : { kind: 'sliding', why: message('securing.kind.slides') };
  if (swingsBothWays(facts.kind))
    return free
      ? { kind: 'none', why: message('securing.kind.swingsFree') }
      : construction === 'aluminium-narrow'
        ? { kind: 'narrow-stile', why: message('securing.kind.narrow') }
        : { kind: 'deadbolt', why: message('securing.kind.swings') };
  const panic = panicOf(facts, practice, place.role);
  // A final exit keeps its bar, whoever is let in by it.
  const letIn = use === 'reader' && place.role !== undefined && ROLE[place.role].lock.barWhenLetIn;
  const exits = use === 'exit' || use === 'exit-only' || letIn || panic.wanted !== 'no';
  if (facts.kind === 'double-egress') return ofOppositeLeaves(place, free && !exits);
  // A pair that people leave by and that latches: a device on each leaf, either opens alone.
  const pair = meetsInMiddle(facts.kind);
  const freePair =
    pair &&
    (use === 'stair' ||
      (practice.region === 'us' &&
        use === 'passage' &&
        place.role !== undefined &&
        ROLE[place.role].closing.heldOpen));
  if (exits || freePair) {
    const why = panic.wanted === 'no' ? message('securing.kind.exit') : panic.why();
    if (pair && facts.meetingEdge !== 'mullion')
      return facts.nothingVisible === true
        ? { kind: 'rods-concealed', why: message('securing.kind.rodsConcealed') }
        : { kind: 'rods-surface', why: message('securing.kind.rods') };
    return { kind: 'rim-exit', why };
  }
  const usual = practice.values.lockFor.value[use];
  if (usual === 'none' && !againstKind('none', place))
    return { kind: 'none', why: message('securing.kind.pushPull') };
  if (construction === 'aluminium-narrow')
    return { kind: 'narrow-stile', why: message('securing.kind.narrow') };
  return usualKind(place, usual);
}

/** Of the kinds that fit, the first in which some function does what is asked. */
function usualKind(place: LockPlace, usual: LockKind): { kind: LockKind; why: Message } {
  const { facts, practice, use } = place;
  const { values } = practice;
  const high =
    facts.frequency === 'high' ||
    (valueOrUndefined(facts.passagesPerDay) ?? 0) >= values.highUse.value;
  const bored = LOCK_FORMS[usual].sits === 'bore' && usual !== 'deadbolt';
  // A latch shorter than listings of rated pairs ask for is not proposed to be warned of.
  const wanted = values.ratedPairThrow.value;
  const short = values.throws.value[LOCK_FORMS[usual].throws].latch < wanted;
  const ratedPair =
    (valueOrUndefined(facts.rating) ?? 0) > 0 &&
    meetsInMiddle(facts.kind) &&
    facts.meetingEdge !== 'mullion' &&
    short;
  const stronger = bored && (high || ratedPair);
  const first = stronger ? (values.lockHighUse.value as LockKind) : usual;
  const named = values.lockGrade.value[first];
  const grade = { grade: named || { term: `lockKind.${first}` }, source: values.lockFor.source };
  const why = stronger
    ? high
      ? message('securing.kind.highUse', grade)
      : message('securing.kind.ratedPair', { throw: { ticks: wanted }, ...grade })
    : message('securing.kind.usual', { use: { term: `lockUse.${use}` }, ...grade });
  const against = againstKind(first, place);
  if (!against && doesIt(first, place)) return { kind: first, why };
  const others = [...new Set([usual, ...kindsOf(values)])];
  const fitting = others.filter((kind) => kind !== first && !againstKind(kind, place));
  const other = fitting.find((kind) => doesIt(kind, place));
  if (other)
    return {
      kind: other,
      why:
        against ??
        message('securing.kind.other', {
          kind: { term: `lockKind.${first}` },
          use: { term: `lockUse.${use}` },
        }),
    };
  return against && fitting[0] ? { kind: fitting[0], why: against } : { kind: first, why };
}

/** Whether a kind is made in a function that does all that is asked. */
function doesIt(kind: LockKind, { facts, use, all, oneMotion }: LockPlace): boolean {
  const deadBolt = valueOrUndefined(facts.deadBolt);
  return proposalFor(all, kind, use, deadBolt, oneMotion, false).best !== undefined;
}

/** Leaves of a double-egress pair: rods on each where they must latch, else push only. */
function ofOppositeLeaves(place: LockPlace, free: boolean): { kind: LockKind; why: Message } {
  if (free && !againstKind('none', place))
    return { kind: 'none', why: message('securing.kind.oppositeFree') };
  return {
    kind: place.facts.nothingVisible === true ? 'rods-concealed' : 'rods-surface',
    why: message('securing.kind.opposite'),
  };
}

/** Whether a kind latches a leaf by itself at all: what holds by rods, bolts and latches does. */
export function opposesEachOther(facts: OpeningFacts, kind: LockKind): boolean {
  return facts.kind === 'double-egress' && kind !== 'none' && !hasRods(kind);
}

/** Every kind for the opening with what speaks against it. */
export function kindAlternatives(place: LockPlace): Alternative[] {
  return lockKindsFor(place.facts).map((value) => {
    const against = againstKind(value, place);
    return against ? { value, against } : { value };
  });
}
