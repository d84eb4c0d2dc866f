import type { Product, ProductType } from '../catalogue/index.js';
import type { DecidedOpening } from '../deciding/index.js';
import {
  closesByItself,
  valueOrUndefined,
  type HangingDevice,
  type OpeningFacts,
} from '../model/index.js';
import { BOTTOM_SEALS } from '../sealing/index.js';
import type { CloserKind } from '../closing/index.js';

/** What a specifier may wish of an opening, in the order they are shown. */
export const CONSTRAINTS = [
  'nothingVisible',
  'noThreshold',
  'sealed',
  'closes',
  'holdOpen',
  'rating',
  'clearWidth',
  'finish',
] as const;
export type Constraint = (typeof CONSTRAINTS)[number];

/** How far a wish is kept: wholly, in part, or not. */
export type Kept = 1 | 0.5 | 0;

/** The wishes that an opening's facts state. */
export function wishesOf(facts: OpeningFacts): Constraint[] {
  const stated: Record<Constraint, boolean> = {
    nothingVisible: facts.nothingVisible === true,
    noThreshold: facts.threshold === 'none',
    sealed:
      facts.threshold === 'sealing' || (valueOrUndefined(facts.bottomSeal) ?? 'none') !== 'none',
    closes: closesByItself(facts) === true,
    holdOpen: facts.holdOpen === true,
    rating: typeof facts.rating === 'number' && facts.rating > 0,
    clearWidth: valueOrUndefined(facts.clearWanted) !== undefined || facts.accessible === true,
    finish: facts.finish !== undefined,
  };
  return CONSTRAINTS.filter((wish) => stated[wish]);
}

export const SEAL_CHOICES = ['none', ...BOTTOM_SEALS, 'threshold'] as const;
export type SealChoice = (typeof SEAL_CHOICES)[number];

/** The choices that are varied together. */
export interface Assignment {
  device: HangingDevice;
  foot: 'floor' | 'jamb';
  closer: CloserKind | 'none';
  /** What seals the gap under the leaf: a seal on the leaf, or the threshold. */
  seal: SealChoice;
  frameKind: 'rebated' | 'stopless';
  lockKind: NonNullable<OpeningFacts['lockKind']>;
}

/** The word for what seals. */
export function sealTerm(seal: SealChoice): string {
  return seal === 'threshold' ? 'seal.threshold' : `bottomSeal.${seal}`;
}

const CONCEALED: readonly HangingDevice[] = [
  'concealed',
  'adjustable-concealed',
  'spring-concealed',
];

/** Whether springs in the hinges, without any checking, are what closes the leaf. */
export function springs(device: HangingDevice): boolean {
  return (
    device === 'spring-hinge' || device === 'spring-concealed' || device === 'double-acting-spring'
  );
}

/** The wishes that the choices alone decide; the clear width needs the opening decided. */
export function keptBy(
  wish: Constraint,
  choice: Assignment,
  facts: OpeningFacts,
  products: ReadonlyMap<string, Product>,
): Kept {
  const { device, closer, seal } = choice;
  switch (wish) {
    case 'nothingVisible': {
      if (closer === 'surface-pull' || closer === 'surface-push') return 0;
      const seen = seal === 'sweep' || seal === 'drop-surface' || seal === 'threshold';
      if (CONCEALED.includes(device) || device === 'centre-pivot') return seen ? 0.5 : 1;
      return device === 'offset-pivot' ? 0.5 : 0;
    }
    case 'noThreshold':
      return seal === 'threshold' ? 0 : 1;
    case 'sealed':
      if (seal === 'none') return 0;
      // A sweep drags and wears; without stops the other three edges are hard to seal.
      return seal === 'sweep' || device === 'centre-pivot' || device === 'double-acting-spring'
        ? 0.5
        : 1;
    case 'closes':
      return springs(device) ? 0.5 : closer === 'none' ? 0 : 1;
    case 'holdOpen':
      if (closer === 'none') return 0;
      return typeof facts.rating === 'number' && facts.rating > 0 ? 0.5 : 1;
    case 'rating':
      return device === 'butt' || device === 'offset-pivot' ? 1 : 0.5;
    case 'clearWidth':
      return 1;
    case 'finish': {
      const types: string[] = [device, ...(closer === 'none' ? [] : [CLOSER_TYPES[closer]])];
      const wanted = facts.finish?.toLowerCase();
      const made = types.filter((type) =>
        [...products.values()].some(
          (product) =>
            product.type === type &&
            product.finishes?.some((finish) => finish.toLowerCase() === wanted),
        ),
      );
      return made.length === types.length ? 1 : made.length > 0 ? 0.5 : 0;
    }
  }
}

const CLOSER_TYPES: Record<CloserKind, ProductType> = {
  'surface-pull': 'surface-closer',
  'surface-push': 'surface-closer',
  'concealed-overhead': 'concealed-closer',
  floor: 'floor-closer',
  head: 'head-closer',
};

/** The cheapest cost class of the device and of the closer, added: 1 cheapest each. */
export function costOf(choice: Assignment, products: ReadonlyMap<string, Product>): number {
  const cheapest = (type: string) => {
    let least = 5;
    for (const product of products.values())
      if (product.type === type) least = Math.min(least, product.cost ?? 4);
    return least === 5 ? 2 : least;
  };
  return (
    cheapest(choice.device) +
    (choice.closer === 'none' ? 0 : cheapest(CLOSER_TYPES[choice.closer])) +
    (choice.seal === 'none' ? 0 : cheapest(choice.seal))
  );
}

/** Whether a decided opening keeps the clear width it is to have. */
export function keepsClear(decided: DecidedOpening): Kept {
  return decided.findings.some((finding) => finding.code === 'hanging.clearShort') ? 0 : 1;
}
