import type { Product, ProductType } from '../catalogue/index.js';
import type { DecidedOpening } from '../deciding/index.js';
import { known, type HangingDevice, type OpeningFacts } from '../opening/index.js';
import type { BottomSeal } from '../sealing/index.js';
import type { CloserKind } from '../closing/index.js';

/** What a specifier may wish of an opening, in the order they are shown. */
export const WISHES = [
  'nothingVisible',
  'noThreshold',
  'sealed',
  'closes',
  'holdOpen',
  'rating',
  'clearWidth',
  'finish',
] as const;
export type Wish = (typeof WISHES)[number];

/** How far a wish is kept: wholly, in part, or not. */
export type Kept = 1 | 0.5 | 0;

/** The wishes that an opening's facts state. */
export function wishesOf(facts: OpeningFacts): Wish[] {
  const stated: Record<Wish, boolean> = {
    nothingVisible: facts.nothingVisible === true,
    noThreshold: facts.threshold === 'none',
    sealed: facts.bottomSealed === true,
    closes: known(facts.closer) !== undefined && facts.closer !== 'none',
    holdOpen: facts.holdOpen === true,
    rating: typeof facts.rating === 'number' && facts.rating > 0,
    clearWidth: known(facts.clearWanted) !== undefined || facts.accessible === true,
    finish: facts.finish !== undefined,
  };
  return WISHES.filter((wish) => stated[wish]);
}

/** The choices that are varied together. */
export interface Assignment {
  device: HangingDevice;
  foot: 'floor' | 'jamb';
  closerKind: CloserKind | 'none';
  bottomSeal: BottomSeal;
  frameKind: 'rebated' | 'stopless';
  lockKind: NonNullable<OpeningFacts['lockKind']>;
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
  wish: Wish,
  choice: Assignment,
  facts: OpeningFacts,
  products: ReadonlyMap<string, Product>,
): Kept {
  const { device, closerKind, bottomSeal } = choice;
  switch (wish) {
    case 'nothingVisible': {
      if (closerKind === 'surface-pull' || closerKind === 'surface-push') return 0;
      const seal =
        bottomSeal === 'sweep' || bottomSeal === 'drop-surface' || bottomSeal === 'threshold';
      if (CONCEALED.includes(device) || device === 'centre-pivot') return seal ? 0.5 : 1;
      return device === 'offset-pivot' ? 0.5 : 0;
    }
    case 'noThreshold':
      return bottomSeal === 'threshold' ? 0 : 1;
    case 'sealed':
      if (bottomSeal === 'none') return 0;
      // A sweep drags and wears; without stops the other three edges are hard to seal.
      return bottomSeal === 'sweep' ||
        device === 'centre-pivot' ||
        device === 'double-acting-spring'
        ? 0.5
        : 1;
    case 'closes':
      return springs(device) ? 0.5 : closerKind === 'none' ? 0 : 1;
    case 'holdOpen':
      if (closerKind === 'none') return 0;
      return typeof facts.rating === 'number' && facts.rating > 0 ? 0.5 : 1;
    case 'rating':
      return device === 'butt' || device === 'offset-pivot' ? 1 : 0.5;
    case 'clearWidth':
      return 1;
    case 'finish': {
      const types: string[] = [
        device,
        ...(closerKind === 'none' ? [] : [CLOSER_TYPES[closerKind]]),
      ];
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
    (choice.closerKind === 'none' ? 0 : cheapest(CLOSER_TYPES[choice.closerKind])) +
    (choice.bottomSeal === 'none' ? 0 : cheapest(choice.bottomSeal))
  );
}

/** Whether a decided opening keeps the clear width it is to have. */
export function keepsClear(decided: DecidedOpening): Kept {
  return decided.findings.some((finding) => finding.code === 'hanging.clearShort') ? 0 : 1;
}
