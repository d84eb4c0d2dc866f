import {
  Settling,
  said,
  term,
  type Alternative,
  type LockKind,
  type OpeningFacts,
} from '../opening/index.js';
import { findLocks } from './finder.js';
import { LOCK_SPECS, type LockSpec } from './lockSpec.js';
import { propertiesOf, type LockProperties } from './properties.js';

const derivedOf = new Map<string, LockProperties>();

/** What follows from a shipped function; derived once. */
function derived(spec: LockSpec): LockProperties {
  let found = derivedOf.get(spec.id);
  if (!found) {
    found = propertiesOf(spec);
    derivedOf.set(spec.id, found);
  }
  return found;
}

const EXIT = (spec: LockSpec) => spec.id.startsWith('exit-');
/** Bored and mortise functions with a latch, as they are offered for a leaf that swings. */
const LATCHED = (spec: LockSpec) =>
  !EXIT(spec) &&
  !spec.id.startsWith('rim-') &&
  spec.latch !== 'none' &&
  spec.latch !== 'roller' &&
  spec.power === 'none';

/** What is offered for a kind of lock, and what is taken. */
interface Proposal {
  specs: LockSpec[];
  alternatives: Alternative[];
  best: LockSpec;
}

const proposals = new Map<string, Proposal>();

/** The functions for a kind of lock; the same for every opening, so found once. */
function proposalFor(kind: LockKind, secured: boolean | undefined): Proposal {
  const key = `${kind} ${secured}`;
  const before = proposals.get(key);
  if (before) return before;
  const exit = kind === 'rim-exit' || kind.startsWith('rods');
  const specs = LOCK_SPECS.filter(exit ? EXIT : LATCHED).filter(
    (spec) => kind !== 'cylindrical' || (!spec.bolt && !/^F[01]/.test(spec.number ?? '')),
  );
  const alternatives: Alternative[] = specs.map((spec) => {
    const { canTrap, freeOut } = derived(spec);
    if (canTrap) return { value: spec.id, against: said('securing.against.traps') };
    return freeOut
      ? { value: spec.id }
      : { value: spec.id, against: said('securing.against.twoMotions') };
  });
  const wishes =
    secured === true
      ? { wayOut: true, locksItself: true, deadBolt: false, keyless: false }
      : { wayOut: true, leftOpen: true, fromInside: false, fromOutside: false };
  // A latch that a card pushes back does not lock anybody out.
  const sound = specs.filter((spec) => !(secured === true && derived(spec).canBeSlipped));
  const found = { specs, alternatives, best: findLocks(wishes, sound, derived)[0]!.spec };
  proposals.set(key, found);
  return found;
}

/**
 * The lock function of an opening, once its kind of lock is recorded: by whether it is locked against
 * people, the simplest that lets people out. Nothing is decided while no kind is recorded.
 */
export function decideSecuring(facts: OpeningFacts): Settling {
  const settling = new Settling(facts, 'securing');
  const kind = settling.fact('lockKind');
  if (kind === undefined || kind === 'none') return settling;
  const secured = settling.fact('secured');
  const { specs, alternatives, best } = proposalFor(kind, secured);
  if (secured === undefined && settling.facts.choices?.['securing.function'] === undefined) {
    settling.open('function', said('ask.secured'), ['secured'], { alternatives });
    return settling;
  }
  const id = settling.choose<string>('function', best.id, (value) => term(`lock.${value}`), {
    reasons: [said(secured === true ? 'securing.function.secured' : 'securing.function.free')],
    alternatives,
    facts: ['secured', 'lockKind'],
  });
  const spec = specs.find((one) => one.id === id)!;
  const follows = derived(spec);
  if (follows.canTrap)
    settling.find('stop', 'securing.traps', {}, 'every state of the function', [
      'securing.function',
    ]);
  else if (!follows.freeOut)
    settling.find('check', 'securing.twoMotions', {}, 'every state of the function', [
      'securing.function',
    ]);
  if (follows.canBeSlipped && secured === true)
    settling.find('check', 'securing.slips', {}, 'trade practice', ['securing.function']);
  if ((settling.fact('rating') ?? 0) > 0 && (spec.latch === 'none' || spec.latch === 'roller'))
    settling.find('stop', 'securing.noLatch', {}, 'NFPA 80', ['securing.function', 'rating']);
  return settling;
}
