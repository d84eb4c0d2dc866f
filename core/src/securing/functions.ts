import type { LockSpec } from '../catalogue/index.js';
import { memoize } from '../measure/index.js';
import { valueOrUndefined, message, term, type Alternative } from '../model/index.js';
import { type LockUse, type Practice, DELAYED } from '../practice/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import { findLocks, type LockMatch, type LockWishes } from './finder.js';
import { LOCK_FORMS, hasRods, isDeadBolt, isExit } from './lockForms.js';
import { propertiesOf, type LockProperties } from './properties.js';
import { DWELLING_USES, SPECIAL, USE_PREFERS, USE_WISHES, type DerivedUse } from './uses.js';

/** What follows from a function; derived once for each. */
export const derivedProperties: (spec: LockSpec) => LockProperties = memoize((spec: LockSpec) =>
  propertiesOf(spec),
);

/** Whether a bored lock gets its dead bolt as a second lock above it, as dwellings have it. */
export function boltsAbove(kind: LockKind, use: LockUse): boolean {
  return LOCK_FORMS[kind].sits === 'bore' && kind !== 'deadbolt' && use === 'dwelling';
}

/** Whether a kind has no latch in any function: it locks when somebody throws its bolt. */
function isBoltAlone(kind: LockKind): boolean {
  return kind === 'sliding' || isDeadBolt(kind);
}

/** Wishes without what only a latch can do. */
function boltWishes({ locksItself, leftOpen: _, latches: __, ...wishes }: LockWishes): LockWishes {
  return locksItself === undefined ? wishes : { ...wishes, lockable: true };
}

/** What the trim of an exit device must do for a use; inside it is its bar. */
function exitWishes(use: LockUse): LockWishes {
  switch (use) {
    case 'passage':
    case 'push-pull':
    case 'stair':
      return { egress: true, leftOpen: true, lockable: false };
    case 'classroom':
      return { egress: true, leftOpen: true, fromOutside: true };
    case 'lock-down':
      return { egress: true, leftOpen: true, lockDown: true };
    case 'reader':
      return { egress: true, locksItself: true, power: true };
    case 'stair-locked':
      return { egress: true, freeWithoutPower: true };
    case 'exit-only':
      return { egress: true, locksItself: true, keyless: true };
    default:
      return { egress: true, locksItself: true, keyless: false, power: false };
  }
}

/**
 * What the lock must do: what follows from its use, and what was asked beside.
 *
 * @param oneMotion whether out must be one motion, not only without a key
 */
export function wishesFor(
  kind: LockKind,
  use: LockUse,
  deadBolt: boolean | undefined,
  oneMotion = true,
): LockWishes {
  if (isExit(kind)) return exitWishes(use);
  const { deadBolt: usual, ...rest } = isBoltAlone(kind)
    ? boltWishes(USE_WISHES[use])
    : USE_WISHES[use];
  const wishes: LockWishes =
    oneMotion && use !== 'push-pull' && rest.egress === undefined
      ? { ...rest, egress: true }
      : rest;
  // A bored lock has no dead bolt; one that is asked for stands above it.
  const above =
    LOCK_FORMS[kind].sits === 'bore' &&
    kind !== 'deadbolt' &&
    (boltsAbove(kind, use) || deadBolt !== undefined);
  const bolt = above ? undefined : (deadBolt ?? usual);
  return bolt === undefined ? wishes : { ...wishes, deadBolt: bolt };
}

/** What is offered for a kind of lock and a use; `best` does all that is asked. */
export interface Proposal {
  alternatives: Alternative[];
  best: LockSpec | undefined;
  /** The nearest, where none does all, with what it breaks. */
  nearest: LockMatch | undefined;
  /** Whether there is no choice: the kind is made in this one function only. */
  only: boolean;
}

/** The functions for a kind of lock and a use; the same for every opening, so found once. */
export const proposalFor = memoize(
  (
    all: ReadonlyMap<string, LockSpec>,
    kind: LockKind,
    use: LockUse,
    deadBolt: boolean | undefined,
    oneMotion: boolean,
    exitOnly: boolean,
  ): Proposal => {
    const specs = [...all.values()].filter(
      (spec) =>
        (spec.id.startsWith('own-') || LOCK_FORMS[kind].functions.includes(spec.id)) &&
        // Leaves that swing opposite ways have nobody to let in: no trim.
        (!exitOnly || spec.outsideHandle === 'none'),
    );
    const alternatives: Alternative[] = specs.map((spec) => {
      const { canTrap, freeOut } = derivedProperties(spec);
      const one = { value: spec.id, ...(spec.name ? { name: spec.name } : {}) };
      if (canTrap) return { ...one, against: message('securing.against.traps') };
      if (spec.delayed) return { ...one, against: message('securing.against.delayed') };
      return freeOut ? one : { ...one, against: message('securing.against.twoMotions') };
    });
    // What can hold people inside is never proposed, nor what lets them out late.
    const safe = specs.filter(
      (spec) =>
        (SPECIAL[spec.id] ?? use) === use &&
        !spec.id.startsWith('own-') &&
        !spec.delayed &&
        !derivedProperties(spec).canTrap,
    );
    // A latch that a card pushes back does not lock anybody out.
    const locks = USE_WISHES[use].locksItself === true;
    const sound = safe.filter((spec) => !(locks && derivedProperties(spec).canBeSlipped));
    const wishes = exitOnly
      ? { egress: true, locksItself: true, keyless: true }
      : wishesFor(kind, use, deadBolt, oneMotion);
    const ranked = findLocks(wishes, sound, derivedProperties);
    const does = ranked.filter(({ breaks }) => breaks.length === 0);
    const { functions } = LOCK_FORMS[kind];
    const preferred = (USE_PREFERS[use] ?? []).flatMap(
      (id) => does.find(({ spec }) => spec.id === id) ?? [],
    );
    // Of those that do it equally well the one the kind is made in first.
    const simplest = does
      .filter(({ beyond }) => beyond === does[0]!.beyond)
      .sort((a, b) => functions.indexOf(a.spec.id) - functions.indexOf(b.spec.id));
    return {
      alternatives,
      best: (preferred[0] ?? simplest[0])?.spec,
      nearest: does.length > 0 ? undefined : ranked[0],
      only: does.length === 0 && specs.length === 1 && ranked.length === 1,
    };
  },
);

/** What the function of a lock follows from. */
export interface FunctionFor {
  kind: LockKind;
  use: DerivedUse;
  all: ReadonlyMap<string, LockSpec>;
  /** Whether out must be one motion. */
  oneMotion: boolean;
  /** Leaves that swing opposite ways: a device each, no trim. */
  exitOnly: boolean;
}

/** Whether out must be one motion: always, or where the opening is on a way out. */
export function wantsOneMotion(record: SecuringRecord, practice: Practice): boolean {
  return (
    practice.values.oneMotion.value === 'always' || valueOrUndefined(record.facts.egress) === true
  );
}

/**
 * Decides the function of a lock of a kind: the simplest that does what its use asks for and lets people
 * out. Where none of the kind does, it is open and told: the best of the rest is never taken with a reason
 * that is not true. Finds what traps, takes two motions, can be slipped or does not latch.
 */
export function decideFunction(
  record: SecuringRecord,
  practice: Practice,
  { kind, use, all, oneMotion, exitOnly }: FunctionFor,
): LockSpec | undefined {
  const deadBolt = valueOrUndefined(record.facts.deadBolt);
  const { alternatives, best, nearest, only } = proposalFor(
    all,
    kind,
    use.use,
    deadBolt,
    oneMotion,
    exitOnly,
  );
  const facts = ['lockUse', 'role', 'secured', 'lockKind', 'deadBolt'];
  const chosen = record.facts.choices?.[record.key('function')]?.value;
  const taken = alternatives.some(({ value }) => value === chosen);
  if (!best) {
    const params = {
      kind: { term: `lockKind.${kind}` },
      use: { term: `lockUse.${use.use}` },
      wish: { term: `wish.${nearest?.breaks[0] ?? 'lockable'}` },
    };
    if (!taken)
      record.report('check', 'securing.notMet', params, 'every state of the functions', [
        'securing.kind',
        'lockUse',
      ]);
    if (!taken && !only) {
      record.ask('function', () => message('ask.function', params), facts, {
        reasons: () => [use.why()],
        alternatives: () => alternatives,
      });
      return undefined;
    }
  }
  const derived = best?.id ?? (only ? nearest!.spec.id : (chosen as string));
  const id = record.propose('function', derived, {
    basis: use.basis,
    reasons: () => (best ? [use.why()] : [message('securing.function.only')]),
    alternatives: () => alternatives,
    asValue: lockTerm(all),
    facts,
  });
  const spec = fitted(all.get(id)!, kind, (valueOrUndefined(record.facts.rating) ?? 0) > 0);
  findFunction(record, practice, kind, spec, use.use);
  return spec;
}

/** A function as it is on this leaf: devices on rated leaves are not dogged. */
export const fitted = (spec: LockSpec, kind: LockKind, rated: boolean): LockSpec =>
  rated && isExit(kind) && spec.heldBackBy.length > 0 ? withoutDogging(spec) : spec;

const withoutDogging = memoize((spec: LockSpec): LockSpec => ({ ...spec, heldBackBy: [] }));

/** A function as a value: shipped ones by their term, a project's own by their name. */
export function lockTerm(all: ReadonlyMap<string, LockSpec>) {
  return (id: string) => term(id.startsWith('own-') ? `=${all.get(id)?.name ?? id}` : `lock.${id}`);
}

function findFunction(
  record: SecuringRecord,
  practice: Practice,
  kind: LockKind,
  spec: LockSpec,
  use: LockUse,
): void {
  const { nearGlass, doubleKeyed } = practice.values;
  const follows = derivedProperties(spec);
  const parts = ['securing.function'];
  const egress = valueOrUndefined(record.facts.egress);
  const dwelling =
    DWELLING_USES.has(use) || valueOrUndefined(record.facts.occupancy) === 'dwelling';
  const lenient = egress !== true && practice.values.oneMotion.value !== 'always';
  if (follows.canTrap) {
    // Keyed on both sides in a dwelling: what the national rule says of it.
    const level = dwelling ? (doubleKeyed.value as 'stop' | 'check') : 'stop';
    record.report(
      level,
      'securing.traps',
      {},
      dwelling ? doubleKeyed.source : 'every state of the function',
      parts,
    );
    if (spec.insideKey.includes('bolt'))
      record.report(
        'note',
        'securing.doubleKeyed',
        { far: { ticks: nearGlass.value } },
        'trade practice',
        parts,
      );
  } else if (!follows.freeOut && !(boltedByUser(use) && lenient)) {
    const source = 'every state of the function';
    if (egress === true && !dwelling)
      record.report('stop', 'securing.twoMotionsOut', {}, source, parts);
    else
      record.report(
        dwelling || lenient ? 'note' : 'check',
        'securing.twoMotions',
        {},
        source,
        parts,
      );
  }
  if (isBoltAlone(kind) && USE_WISHES[use].locksItself === true)
    record.report('note', 'securing.lockedByHand', {}, 'every state of the function', parts);
  if (spec.delayed) record.report('check', 'securing.delayed', {}, DELAYED, parts);
  // Whoever opens it from outside with a tool needs no card.
  if (follows.canBeSlipped && !spec.emergency && USE_WISHES[use].locksItself === true)
    record.report('check', 'securing.slips', {}, 'trade practice', parts);
  findLatching(record, practice, kind, !isLatched(spec));
}

/** Whoever turned the bolt knows that it is to be turned back: nobody need be told of every toilet and office. */
const boltedByUser = (use: LockUse) => use === 'privacy' || use === 'office';

const isLatched = (spec: LockSpec) => spec.latch === 'spring' || spec.latch === 'dead-latching';

/** A rated leaf that nothing latches, whether or not its function is known. */
export function findLatching(
  record: SecuringRecord,
  practice: Practice,
  kind: LockKind,
  loose: boolean,
): void {
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  if (!loose || !rated || kind === 'sliding' || hasRods(kind)) return;
  const { ratedLatch } = practice.values;
  const always = ratedLatch.value === 'always';
  record.report(
    always ? 'stop' : 'check',
    always ? 'securing.noLatch' : 'securing.noLatchTested',
    {},
    ratedLatch.source,
    ['securing.function', 'rating'],
  );
}
