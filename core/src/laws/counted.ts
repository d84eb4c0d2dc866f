import type { Item } from '../model/index.js';

/** What a thing of the set does for an opening. */
type Deed = 'carries' | 'pairs' | 'crosses' | 'supply' | 'orders' | 'butt' | 'rising' | 'guards';

const DEEDS: Readonly<Record<Deed, readonly string[]>> = {
  carries: [
    'item.butt',
    'item.continuous',
    'item.teeHinge',
    'item.drillIn',
    'item.concealed',
    'item.adjustable-concealed',
    'item.springHinge',
    'item.spring-concealed',
    'item.rising',
    'item.offsetPivot',
    'item.centrePivot',
    'item.doubleActingSpring',
    'item.hangers',
    'item.foldPivots',
  ],
  /** Stands only where there are two leaves. */
  pairs: [
    'item.coordinator',
    'item.selector',
    'item.meetingSeal',
    'item.astragal',
    'item.mullion',
    'item.dummyTrim',
    'item.stripMeeting',
    'item.bolts.automatic',
    'item.bolts.constant',
  ],
  /** Takes a wire across the hinges into the leaf. */
  crosses: ['item.power.hinge', 'item.power.transfer', 'item.power.loop'],
  supply: ['item.power.supply'],
  orders: ['item.coordinator', 'item.selector'],
  butt: ['item.butt'],
  rising: ['item.rising'],
  guards: ['item.fingerGuard'],
};

/** What brings a leaf shut, each of another kind. */
const SHUTS: Readonly<Record<string, string>> = {
  'item.springHinge': 'spring',
  'item.spring-concealed': 'spring',
  'item.doubleActingSpring': 'spring',
  'item.power.operator': 'operator',
  'item.closer.floor': 'item.closer.floor',
  'item.closer.head': 'item.closer.head',
  'item.closer.concealed': 'item.closer.concealed',
};
const PLATES: ReadonlySet<string> = new Set([
  'item.kickPlate',
  'item.armorPlate',
  'item.mopPlate',
  'item.stretcherPlate',
]);

/** Deeds of one term as bits, worked out once; 0 where it does nothing that a law counts. */
const BITS = new Map<string, number>();
const NAMES = Object.keys(DEEDS) as Deed[];
const SHUTTING = 1 << NAMES.length;
const PLATE = SHUTTING << 1;

function bitsOf(term: string): number {
  let bits = BITS.get(term);
  if (bits === undefined) {
    bits = NAMES.reduce((all, deed, at) => all | (DEEDS[deed].includes(term) ? 1 << at : 0), 0);
    if (kindOfShutting(term)) bits |= SHUTTING;
    if (PLATES.has(term)) bits |= PLATE;
    BITS.set(term, bits);
  }
  return bits;
}

const kindOfShutting = (term: string): string | undefined =>
  SHUTS[term] ?? (term.startsWith('item.closer.') ? 'surface' : undefined);

/** What is ordered for an opening, counted by what it does. */
export class Counted {
  carries = 0;
  pairs = 0;
  crosses = 0;
  supply = 0;
  orders = 0;
  butt = 0;
  rising = 0;
  guards = 0;
  /** How many things bring it shut, and of how many kinds. */
  shut = 0;
  shutKinds = 0;
  /** Height of the highest plate without a label of its own, ticks; 0 without one. */
  plate = 0;
  /** What is ordered none of. */
  none: Item | undefined = undefined;
  /** What stands only where there are two leaves. */
  pair: Item | undefined = undefined;

  /** Counts what is ordered by what it does. */
  constructor(items: readonly Item[]) {
    let kind: string | undefined;
    for (const item of items) {
      const { term, quantity } = item;
      if (quantity < 1) this.none ??= item;
      const bits = term ? bitsOf(term) : 0;
      if (bits === 0) continue;
      for (let at = 0; at < NAMES.length; at++) if (bits & (1 << at)) this[NAMES[at]!] += quantity;
      if (bits & PAIRS) this.pair ??= item;
      if (bits & SHUTTING) {
        this.shut += quantity;
        const one = kindOfShutting(term!);
        if (one !== kind) this.shutKinds++;
        kind = one;
      }
      if (bits & PLATE && !item.traits.includes('plateTrait.labelled'))
        this.plate = Math.max(this.plate, item.height ?? 0);
    }
  }
}
const PAIRS = 1 << NAMES.indexOf('pairs');

let last: { items: readonly Item[]; counted: Counted } | undefined;

/**
 * Counts what is ordered for an opening by what it does; the laws ask one after the other for the same opening.
 *
 * @param items what is ordered for it
 * @returns quantities by deed
 */
export function countedOf(items: readonly Item[]): Counted {
  if (last?.items !== items) last = { items, counted: new Counted(items) };
  return last.counted;
}
