import {
  valueOrUndefined,
  message,
  type Basis,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { LockUse, Practice } from '../practice/index.js';
import type { WholeOpening } from '../role/index.js';
import type { LockWishes } from './finder.js';
import { panicOf } from './panic.js';
import type { Role } from '../roles/index.js';

/**
 * What a lock for a use must do, as wishes to the finder (handbook, “Roles”). Nobody is ever held inside
 * without a key; out by one motion is asked for where the practice or the way out wants it.
 */
export const USE_WISHES: Readonly<Record<LockUse, LockWishes>> = {
  passage: { leftOpen: true, lockable: false, latches: true },
  'push-pull': { lockable: false, latches: false },
  privacy: { fromInside: true, privacy: true, keyless: true },
  office: { leftOpen: true, fromInside: true, keyless: false },
  classroom: { leftOpen: true, fromOutside: true },
  'lock-down': { leftOpen: true, lockDown: true },
  store: { locksItself: true, keyless: false, power: false },
  reader: { locksItself: true, power: true },
  entrance: { fromInside: true, deadBolt: true, keyless: false },
  apartment: { egress: true, deadBolt: true, keyless: false },
  dwelling: { fromInside: true, deadBolt: true, keyless: false },
  dormitory: { leftOpen: true, fromInside: true, deadBolt: true, keyless: false },
  guest: { locksItself: true, deadBolt: true, privacy: true, keyless: false, power: false },
  'guest-card': { locksItself: true, deadBolt: true, privacy: true, power: true },
  communicating: { egress: true, deadBolt: true, blankOutside: true },
  patio: { fromInside: true, privacy: false },
  shop: { egress: true, deadBolt: true, latches: false, keyless: false },
  gate: { egress: true, locksItself: true, keyless: false },
  'cold-room': { egress: true, fromOutside: true },
  stair: { egress: true, leftOpen: true, lockable: false, latches: true },
  'stair-locked': { egress: true, freeWithoutPower: true },
  exit: { egress: true, locksItself: true, keyless: false, power: false },
  'exit-only': { egress: true, locksItself: true, keyless: true },
};

/** Of functions that do it equally well those the trade expects, the first that the kind is made in. */
export const USE_PREFERS: Partial<Record<LockUse, readonly string[]>> = {
  privacy: ['privacy-bolt', 'privacy', 'privacy-bathroom'],
  office: ['office', 'mortise-office', 'sash-turn', 'sash-escape'],
  classroom: ['classroom', 'mortise-classroom', 'sash-turn', 'panic-split'],
  entrance: ['entrance', 'panic-changeover', 'sash-escape'],
  apartment: ['apartment', 'panic-changeover', 'sash-escape'],
  dwelling: ['office', 'sash-escape', 'changeover', 'entrance'],
  dormitory: ['dormitory'],
  guest: ['guest'],
  'guest-card': ['guest-card'],
  'stair-locked': ['electric-fail-safe'],
  communicating: ['communicating-half'],
  patio: ['patio', 'sash-turn'],
  shop: ['deadbolt-single'],
  gate: ['gate-latch'],
  'cold-room': ['cold-room'],
  'lock-down': ['classroom-inside'],
  reader: ['electric-fail-secure'],
  store: ['storeroom', 'mortise-storeroom'],
};

/** Functions made for one use: never proposed for another, though they could do it. */
export const SPECIAL: Readonly<Record<string, LockUse>> = {
  guest: 'guest',
  'guest-card': 'guest-card',
  'staff-toilet': 'privacy',
  'communicating-half': 'communicating',
  'cold-room': 'cold-room',
  'gate-latch': 'gate',
  patio: 'patio',
  vestibule: 'lock-down',
  'service-station': 'shop',
  'sliding-privacy': 'privacy',
};

/** Uses of a dwelling, where a dead bolt above the latch is usual and two motions are allowed. */
export const DWELLING_USES: ReadonlySet<LockUse> = new Set(['dwelling', 'patio']);

/** What a lock is for, why, and whether that is a guess. */
export interface DerivedUse {
  use: LockUse;
  why: () => Message;
  basis: Basis;
}

/** Whether people enough leave this way that exit devices are asked for, or may be. */
export function wantsExitDevice(
  facts: OpeningFacts,
  practice: Practice,
  role: Role | undefined,
): boolean {
  return panicOf(facts, practice, role).wanted !== 'no';
}

/**
 * What the lock is for: as recorded, or as its role has it; by the people the way out serves; passage
 * where it is not locked against people. Undefined while nothing of that is known: what a door is must be
 * asked, “locked” alone does not say.
 */
export function useOf(
  facts: OpeningFacts,
  practice: Practice,
  whole: Pick<WholeOpening, 'role' | 'guessed'>,
): DerivedUse | undefined {
  const use = valueOrUndefined(facts.lockUse);
  const assumed = facts.provenance?.['lockUse'] === 'assumed';
  if (use) {
    const basis = assumed && whole.guessed ? 'assumed' : 'derived';
    const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
    if (use === 'push-pull' && rated && practice.values.ratedLatch.value === 'always')
      return {
        use: 'passage',
        basis,
        why: () => message('securing.use.rated', { source: practice.values.ratedLatch.source }),
      };
    // A dead bolt alone latches nothing.
    if (use === 'shop' && rated && assumed)
      return {
        use: 'entrance',
        basis,
        why: () => message('securing.use.rated', { source: practice.values.ratedLatch.source }),
      };
    return {
      use,
      basis,
      why: () =>
        assumed && whole.role
          ? message('securing.use.role', { role: { term: `role.${whole.role}` } })
          : message('securing.use.recorded', { use: { term: `lockUse.${use}` } }),
    };
  }
  const panic = panicOf(facts, practice, whole.role);
  if (panic.wanted !== 'no') return { use: 'exit', why: panic.why, basis: 'derived' };
  return valueOrUndefined(facts.secured) === false
    ? { use: 'passage', why: () => message('securing.function.free'), basis: 'derived' }
    : undefined;
}
