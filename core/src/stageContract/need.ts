import type { Product, ProductType } from '../catalogue/index.js';
import { message, type MessageCode, type ParamsOf, type Message } from '../model/index.js';

/** What a slot asks of a product; absent parts are not asked. */
export interface ProductRequirement {
  /** The decision it would be named by. */
  slot: string;
  types: ProductType[];
  height?: number | undefined;
  width?: number | undefined;
  traits: string[];
  metal?: string | undefined;
  corner?: string | undefined;
  count?: number | undefined;
  mass?: number | undefined;
  /** It must be as long, and serve a leaf as wide. */
  longAs?: number | undefined;
  wideAs?: number | undefined;
  leafHeight?: number | undefined;
  thickness?: number | undefined;
  jambDepth?: number | undefined;
  rated: number;
  grade?: number | undefined;
  opensTo?: number | undefined;
  drop?: number | undefined;
  /** What it must give or carry, amperes. */
  current?: number | undefined;
  /** Closing force to set. */
  size?: number | undefined;
  device?: string | undefined;
  /** Lock function by id, backset. */
  function?: string | undefined;
  backset?: number | undefined;
}

/** One thing that may be asked of a product: what it lacks of it, where it is asked and the maker says. */
type Check = (
  need: ProductRequirement,
  product: Product,
) => Message | undefined | readonly Message[];

type LackCode = Extract<MessageCode, `catalogue.lacks.${string}`>;
type Figure =
  | 'height'
  | 'length'
  | 'grade'
  | 'opensTo'
  | 'drop'
  | 'current'
  | 'mostHeight'
  | 'mostWidth'
  | 'leastLeaf'
  | 'leastJamb'
  | 'mostLeaf'
  | 'width';
type Asked = {
  [K in keyof ProductRequirement]-?: ProductRequirement[K] extends number | undefined ? K : never;
}[keyof ProductRequirement];

const lack = <Code extends LackCode>(code: Code, params: ParamsOf<Code>): Message => ({
  code,
  params,
});
const at = (ticks: number) => ({ ticks });
const up = (ticks: number) => ({ ticks, rounding: 'up' as const });

/** A figure that is asked against one that the maker says; nothing where either is missing. */
const figures =
  (
    asked: Asked,
    made: Figure,
    fails: (wanted: number, has: number) => boolean,
    say: (wanted: number, has: number) => Message,
  ): Check =>
  (need, product) => {
    const [wanted, has] = [need[asked], product[made]];
    if (wanted === undefined || has === undefined || !fails(wanted, has)) return undefined;
    return say(wanted, has);
  };

const tooLittle = (wanted: number, has: number) => has < wanted;
const tooMuch = (wanted: number, has: number) => wanted > has;

/** A word that is asked against those the maker says. */
const words =
  (
    asked: 'metal' | 'corner' | 'function' | 'device',
    made: 'metals' | 'corners' | 'functions' | 'templated',
    say: (wanted: string) => Message,
  ): Check =>
  (need, product) => {
    const [wanted, has] = [need[asked], product[made] as readonly string[] | undefined];
    return wanted && has && !has.includes(wanted) ? say(wanted) : undefined;
  };

/** Mass that so many hinges of a kind carry, as the maker says; grams. */
function carriedMass({ count }: ProductRequirement, product: Product): number | undefined {
  const { mostMass, massTwo, massThree, massFour } = product;
  if (mostMass !== undefined) return mostMass;
  if (count !== undefined && count >= 4) return massFour ?? massThree;
  return count === 2 ? (massTwo ?? massThree) : massThree;
}

/** Everything that may be asked, in the order it is told. */
const CHECKS: readonly Check[] = [
  figures(
    'height',
    'height',
    (wanted, has) => has !== wanted,
    (wanted, has) => lack('catalogue.lacks.height', { is: at(has), wanted: at(wanted) }),
  ),
  figures('width', 'width', tooLittle, (wanted, has) =>
    lack('catalogue.lacks.width', { is: at(has), wanted: at(wanted) }),
  ),
  ({ traits }, product) =>
    traits
      .filter((trait) => !(product.traits as readonly string[] | undefined)?.includes(trait))
      .map((trait) => lack('catalogue.lacks.trait', { trait: { term: `trait.${trait}` } })),
  words('metal', 'metals', (metal) =>
    lack('catalogue.lacks.metal', { metal: { term: `metal.${metal}` } }),
  ),
  words('corner', 'corners', (corner) =>
    lack('catalogue.lacks.corner', { corner: { term: `corner.${corner}` } }),
  ),
  (need, product) => {
    const carries = carriedMass(need, product);
    if (need.mass === undefined || carries === undefined || carries >= need.mass) return undefined;
    return lack('catalogue.lacks.mass', { is: { grams: carries }, wanted: { grams: need.mass } });
  },
  figures('grade', 'grade', tooLittle, (wanted, has) =>
    lack('catalogue.lacks.grade', { is: has, wanted }),
  ),
  figures(
    'thickness',
    'leastLeaf',
    (wanted, has) => wanted < has,
    (wanted, has) => lack('catalogue.lacks.leaf', { is: at(wanted), wanted: up(has) }),
  ),
  figures(
    'jambDepth',
    'leastJamb',
    (wanted, has) => wanted < has,
    (wanted, has) => lack('catalogue.lacks.jamb', { is: at(wanted), wanted: up(has) }),
  ),
  figures('leafHeight', 'mostHeight', tooMuch, (wanted, has) =>
    lack('catalogue.lacks.length', { is: at(has), wanted: up(wanted) }),
  ),
  figures('longAs', 'length', tooLittle, (wanted, has) =>
    lack('catalogue.lacks.length', { is: at(has), wanted: up(wanted) }),
  ),
  ({ rated }, { listed = 0 }) =>
    rated > 0 && listed < rated
      ? lack('catalogue.lacks.listed', { is: listed, wanted: rated })
      : undefined,
  figures('opensTo', 'opensTo', tooLittle, (wanted, has) =>
    lack('catalogue.lacks.opens', { is: { degrees: has }, wanted: { degrees: wanted } }),
  ),
  figures('drop', 'drop', tooLittle, (wanted, has) =>
    lack('catalogue.lacks.drop', { is: at(has), wanted: up(wanted) }),
  ),
  figures('current', 'current', tooLittle, (wanted, has) =>
    lack('catalogue.lacks.current', {
      is: { amount: has, unit: 'A' },
      wanted: { amount: wanted, unit: 'A' },
    }),
  ),
  ({ size }, { sizeFrom, sizeTo }) =>
    size !== undefined &&
    sizeFrom !== undefined &&
    sizeTo !== undefined &&
    (size < sizeFrom || size > sizeTo)
      ? lack('catalogue.lacks.size', { from: sizeFrom, to: sizeTo, wanted: size })
      : undefined,
  words('function', 'functions', (wanted) =>
    lack('catalogue.lacks.function', {
      function: { term: wanted.startsWith('own-') ? 'lock.own' : `lock.${wanted}` },
    }),
  ),
  ({ backset }, product) =>
    backset !== undefined &&
    product.backset !== undefined &&
    backset !== product.backset &&
    backset !== product.mostBackset
      ? lack('catalogue.lacks.backset', { is: at(product.backset), wanted: at(backset) })
      : undefined,
  figures('thickness', 'mostLeaf', tooMuch, (wanted, has) =>
    lack('catalogue.lacks.leafThick', { is: at(wanted), most: at(has) }),
  ),
  figures('wideAs', 'mostWidth', tooMuch, (wanted, has) =>
    lack('catalogue.lacks.length', { is: at(has), wanted: up(wanted) }),
  ),
  words('device', 'templated', (device) =>
    lack('catalogue.lacks.templated', { device: { term: `device.${device}` } }),
  ),
];

/**
 * Lists what a product lacks of what a slot asks; empty where it satisfies all. What is of another type lacks that
 * alone, and what the maker does not say is not held against it.
 */
export function unmetRequirements(need: ProductRequirement, product: Product): Message[] {
  if (!need.types.includes(product.type)) return [message('catalogue.lacks.type')];
  return CHECKS.flatMap((check) => check(need, product) ?? []);
}

/** A product of a slot's type with what it lacks. */
export interface Candidate {
  product: Product;
  missing: Message[];
}

/** The products of the asked types, those that satisfy all first, then by what little they lack, then by cost. */
export function candidates(need: ProductRequirement, products: Iterable<Product>): Candidate[] {
  return [...products]
    .filter((product) => need.types.includes(product.type))
    .map((product) => ({ product, missing: unmetRequirements(need, product) }))
    .sort(
      (a, b) =>
        a.missing.length - b.missing.length ||
        (a.product.cost ?? 9) - (b.product.cost ?? 9) ||
        (a.product.id < b.product.id ? -1 : 1),
    );
}
