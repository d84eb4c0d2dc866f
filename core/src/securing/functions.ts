import type { Practice } from '../practice/index.js';
import type { LockSpec } from '../catalogue/index.js';
import { remembered } from '../measure/index.js';
import { known, said, term, type Alternative } from '../opening/index.js';
import type { LockKind, LockUse } from './facts.js';
import type { SecuringRecord } from './decisions.js';
import { findLocks, type LockWishes } from './finder.js';
import { isExit, LOCK_FORMS } from './lockForms.js';
import { propertiesOf, type LockProperties } from './properties.js';
import { USE_PREFERS, USE_WISHES, type DerivedUse } from './uses.js';

/** What follows from a function; derived once for each. */
export const derivedProperties: (spec: LockSpec) => LockProperties = remembered((spec: LockSpec) =>
  propertiesOf(spec),
);

/** What is offered for a kind of lock, and what is taken. */
interface Proposal {
  alternatives: Alternative[];
  best: LockSpec | undefined;
}

/** What the lock must do: what follows from its use, and what was asked beside. */
export function wishesFor(kind: LockKind, use: LockUse, deadBolt: boolean | undefined): LockWishes {
  // Of an exit device only the outside differs.
  if (isExit(kind))
    return use === 'passage'
      ? { egress: true, leftOpen: true, fromOutside: false }
      : { egress: true, locksItself: true, keyless: false };
  const wishes = USE_WISHES[use];
  // A bored lock has no dead bolt; one that is asked for stands above it.
  return deadBolt === undefined || LOCK_FORMS[kind].sits === 'bore'
    ? wishes
    : { ...wishes, deadBolt };
}

/** Those that cannot hold people inside, or all where every one can. */
function safest(specs: LockSpec[]): LockSpec[] {
  const safe = specs.filter((spec) => !derivedProperties(spec).canTrap);
  return safe.length > 0 ? safe : specs;
}

/** The functions for a kind of lock and a use; the same for every opening, so found once. */
const proposalFor = remembered(
  (
    all: ReadonlyMap<string, LockSpec>,
    kind: LockKind,
    use: LockUse,
    deadBolt: boolean | undefined,
  ): Proposal => {
    const specs = [...all.values()].filter(
      (spec) => spec.id.startsWith('own-') || LOCK_FORMS[kind].functions.includes(spec.id),
    );
    const alternatives: Alternative[] = specs.map((spec) => {
      const { canTrap, freeOut } = derivedProperties(spec);
      const one = { value: spec.id, ...(spec.name ? { name: spec.name } : {}) };
      if (canTrap) return { ...one, against: said('securing.against.traps') };
      return freeOut ? one : { ...one, against: said('securing.against.twoMotions') };
    });
    // What can hold people inside is never proposed while the kind is made otherwise.
    const plain = safest(
      specs.filter((spec) => spec.power === 'none' && !spec.id.startsWith('own-')),
    );
    // A latch that a card pushes back does not lock anybody out.
    const sound = plain.filter(
      (spec) => !(use === 'store' && derivedProperties(spec).canBeSlipped),
    );
    const ranked = findLocks(
      wishesFor(kind, use, deadBolt),
      sound.length > 0 ? sound : plain,
      derivedProperties,
    );
    // Of those that do it equally well the one the kind is made in first.
    const { functions } = LOCK_FORMS[kind];
    const first = ranked[0];
    const equal = ranked.filter((one) => one.breaks.length === first!.breaks.length);
    const best =
      equal.find((one) => one.spec.id === USE_PREFERS[use]) ??
      equal
        .filter((one) => one.beyond === first!.beyond)
        .sort((a, b) => functions.indexOf(a.spec.id) - functions.indexOf(b.spec.id))[0];
    return { alternatives, best: best?.spec };
  },
);

/**
 * Decides the function of a lock of a kind: the simplest that does what its use asks for and lets
 * people out. Finds what traps, takes two motions, can be slipped or does not latch.
 */
export function decideFunction(
  record: SecuringRecord,
  practice: Practice,
  kind: LockKind,
  { use, why }: DerivedUse,
  all: ReadonlyMap<string, LockSpec>,
): LockSpec | undefined {
  const deadBolt = known(record.facts.deadBolt);
  const { alternatives, best } = proposalFor(all, kind, use, deadBolt);
  if (!best) return undefined;
  const id = record.propose('function', best.id as string, {
    reasons: () => [why()],
    alternatives: () => alternatives,
    asValue: lockTerm(all),
    facts: ['lockUse', 'secured', 'lockKind', 'deadBolt'],
  });
  const spec = all.get(id)!;
  findFunction(record, practice, kind, spec);
  return spec;
}

/** A function as a value: shipped ones by their term, a project's own by their name. */
function lockTerm(all: ReadonlyMap<string, LockSpec>) {
  return (id: string) => term(id.startsWith('own-') ? `=${all.get(id)?.name ?? id}` : `lock.${id}`);
}

function findFunction(
  record: SecuringRecord,
  practice: Practice,
  kind: LockKind,
  spec: LockSpec,
): void {
  const { nearGlass } = practice.values;
  const follows = derivedProperties(spec);
  const parts = ['securing.function'];
  const egress = known(record.facts.egress);
  if (follows.canTrap) {
    record.report('stop', 'securing.traps', {}, 'every state of the function', parts);
    if (spec.insideKey.includes('bolt'))
      record.report(
        'note',
        'securing.doubleKeyed',
        { far: { ticks: nearGlass.value } },
        'trade practice',
        parts,
      );
  } else if (!follows.freeOut)
    record.report(
      egress === true ? 'stop' : 'check',
      egress === true ? 'securing.twoMotionsOut' : 'securing.twoMotions',
      {},
      'every state of the function',
      parts,
    );
  // Whoever opens it from outside with a tool needs no card.
  if (follows.canBeSlipped && !spec.emergency && known(record.facts.secured) === true)
    record.report('check', 'securing.slips', {}, 'trade practice', parts);
  if (
    (known(record.facts.rating) ?? 0) > 0 &&
    kind !== 'sliding' &&
    (spec.latch === 'none' || spec.latch === 'roller')
  )
    record.report('stop', 'securing.noLatch', {}, 'NFPA 80', [...parts, 'rating']);
}
