import type { LockSpec } from '../catalogue/index.js';
import { propertiesOf, type LockProperties } from './properties.js';

/** Plain questions a function is found by; absent is “does not matter”. */
export interface LockWishes {
  /** May it be left so that anybody comes in? */
  leftOpen?: boolean | undefined;
  /** Must it lock by itself when it closes? */
  locksItself?: boolean | undefined;
  /** May it be locked without a key, from inside or by stops in the edge? */
  fromInside?: boolean | undefined;
  /** May it be locked from outside with a key? */
  fromOutside?: boolean | undefined;
  /** Privacy: a tool opens it from outside. */
  privacy?: boolean | undefined;
  deadBolt?: boolean | undefined;
  /** Is it on a way out: one motion, no key, always? */
  egress?: boolean | undefined;
  /** Locked from inside with a key, against a threat. */
  lockDown?: boolean | undefined;
  /** Freed or blocked by power. */
  power?: boolean | undefined;
  /** Locked by power only: free from outside, too, without it. */
  freeWithoutPower?: boolean | undefined;
  /** No key outside at all. */
  keyless?: boolean | undefined;
  /** Does a latch hold it when it closes? */
  latches?: boolean | undefined;
  /** Can it be locked at all? */
  lockable?: boolean | undefined;
  /** Nothing to take hold of outside: the other room has a leaf of its own. */
  blankOutside?: boolean | undefined;
}

export const LOCK_WISHES = [
  'leftOpen',
  'locksItself',
  'fromInside',
  'fromOutside',
  'privacy',
  'deadBolt',
  'egress',
  'lockDown',
  'power',
  'freeWithoutPower',
  'keyless',
  'latches',
  'lockable',
  'blankOutside',
] as const satisfies readonly (keyof LockWishes)[];

/** Whether a function, by what was derived from it, is what a wish asks for. */
function has(wish: keyof LockWishes, spec: LockSpec, derived: LockProperties): boolean {
  switch (wish) {
    case 'leftOpen':
      return derived.canStayOpen;
    case 'locksItself':
      return derived.locksItself;
    case 'fromInside':
      return derived.locksFromInside;
    case 'fromOutside':
      return derived.locksFromOutside;
    case 'privacy':
      return derived.emergencyEnters;
    case 'deadBolt':
      return spec.bolt;
    case 'egress':
      return derived.freeOut;
    case 'lockDown':
      return derived.locksFromInsideByKey;
    case 'power':
      return derived.powerMatters;
    case 'freeWithoutPower':
      return spec.power === 'fail-safe';
    case 'keyless':
      return spec.outsideKey.length === 0;
    case 'latches':
      return derived.latches;
    case 'lockable':
      return derived.canBeLocked;
    case 'blankOutside':
      return spec.outsideHandle === 'none' && spec.outsideKey.length === 0;
  }
}

/** A function held against the wishes. */
export interface LockMatch {
  spec: LockSpec;
  derived: LockProperties;
  /** Wishes it breaks. */
  breaks: (keyof LockWishes)[];
  /** What it has beyond what was asked: the less, the simpler. */
  beyond: number;
}

/** What a function has that nobody asked for counts against it among those that fit. */
function extras(spec: LockSpec): number {
  return (
    spec.outsideKey.length +
    spec.insideKey.length +
    spec.insideTurn.length +
    spec.outsideTurn.length +
    Number(spec.bolt) * 2 +
    Number(spec.insideButton) +
    Number(spec.edgeStops) +
    Number(spec.delayed) * 2 +
    Number(spec.power !== 'none') * 2 +
    Number(spec.battery) +
    Number(spec.startsBlocked)
  );
}

/** Every function against the wishes: those that keep all first, the simplest of them before. */
export function findLocks(
  wishes: LockWishes,
  specs: readonly LockSpec[],
  derive: (spec: LockSpec) => LockProperties = propertiesOf,
): LockMatch[] {
  return specs
    .map((spec) => {
      const derived = derive(spec);
      const breaks = LOCK_WISHES.filter(
        (wish) => wishes[wish] !== undefined && has(wish, spec, derived) !== wishes[wish],
      );
      return { spec, derived, breaks, beyond: extras(spec) };
    })
    .sort(
      (a, b) =>
        a.breaks.length - b.breaks.length ||
        a.beyond - b.beyond ||
        (a.spec.id < b.spec.id ? -1 : 1),
    );
}
