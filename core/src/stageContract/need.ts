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

type LackCode = Extract<MessageCode, `catalogue.lacks.${string}`>;

/** What a product lacks of what is asked; empty when it satisfies all. */
export function unmetRequirements(need: ProductRequirement, product: Product): Message[] {
  const lacks: Message[] = [];
  const lack = <Code extends LackCode>(code: Code, params: ParamsOf<Code>) =>
    lacks.push({ code, params });
  const at = (ticks: number | undefined) => ({ ticks: ticks ?? 0 });
  // What is of another kind altogether lacks that alone.
  if (!need.types.includes(product.type)) return [message('catalogue.lacks.type')];
  if (need.height !== undefined && product.height !== undefined && product.height !== need.height)
    lack('catalogue.lacks.height', { is: at(product.height), wanted: at(need.height) });
  if (need.width !== undefined && product.width !== undefined && product.width < need.width)
    lack('catalogue.lacks.width', { is: at(product.width), wanted: at(need.width) });
  for (const trait of need.traits)
    if (!product.traits?.includes(trait))
      lack('catalogue.lacks.trait', { trait: { term: `trait.${trait}` } });
  if (need.metal && product.metals && !product.metals.includes(need.metal))
    lack('catalogue.lacks.metal', { metal: { term: `metal.${need.metal}` } });
  if (need.corner && product.corners && !product.corners.includes(need.corner))
    lack('catalogue.lacks.corner', { corner: { term: `corner.${need.corner}` } });
  const carries =
    product.mostMass ??
    (need.count !== undefined && need.count >= 4
      ? (product.massFour ?? product.massThree)
      : need.count === 2
        ? (product.massTwo ?? product.massThree)
        : product.massThree);
  if (need.mass !== undefined && carries !== undefined && carries < need.mass)
    lack('catalogue.lacks.mass', { is: { grams: carries }, wanted: { grams: need.mass } });
  if (need.grade !== undefined && product.grade !== undefined && product.grade < need.grade)
    lack('catalogue.lacks.grade', { is: product.grade, wanted: need.grade });
  if (
    need.thickness !== undefined &&
    product.leastLeaf !== undefined &&
    need.thickness < product.leastLeaf
  )
    lack('catalogue.lacks.leaf', {
      is: at(need.thickness),
      wanted: { ticks: product.leastLeaf, rounding: 'up' },
    });
  if (
    need.jambDepth !== undefined &&
    product.leastJamb !== undefined &&
    need.jambDepth < product.leastJamb
  )
    lack('catalogue.lacks.jamb', {
      is: at(need.jambDepth),
      wanted: { ticks: product.leastJamb, rounding: 'up' },
    });
  if (
    need.leafHeight !== undefined &&
    product.mostHeight !== undefined &&
    need.leafHeight > product.mostHeight
  )
    lack('catalogue.lacks.length', {
      is: at(product.mostHeight),
      wanted: { ticks: need.leafHeight, rounding: 'up' },
    });
  if (need.longAs !== undefined && product.length !== undefined && product.length < need.longAs)
    lack('catalogue.lacks.length', {
      is: at(product.length),
      wanted: { ticks: need.longAs, rounding: 'up' },
    });
  if (need.rated > 0 && (product.listed ?? 0) < need.rated)
    lack('catalogue.lacks.listed', { is: product.listed ?? 0, wanted: need.rated });
  if (need.opensTo !== undefined && product.opensTo !== undefined && product.opensTo < need.opensTo)
    lack('catalogue.lacks.opens', {
      is: { degrees: product.opensTo },
      wanted: { degrees: need.opensTo },
    });
  if (need.drop !== undefined && product.drop !== undefined && product.drop < need.drop)
    lack('catalogue.lacks.drop', {
      is: at(product.drop),
      wanted: { ticks: need.drop, rounding: 'up' },
    });
  if (need.current !== undefined && product.current !== undefined && product.current < need.current)
    lack('catalogue.lacks.current', {
      is: { amount: product.current, unit: 'A' },
      wanted: { amount: need.current, unit: 'A' },
    });
  if (
    need.size !== undefined &&
    product.sizeFrom !== undefined &&
    product.sizeTo !== undefined &&
    (need.size < product.sizeFrom || need.size > product.sizeTo)
  )
    lack('catalogue.lacks.size', {
      from: product.sizeFrom,
      to: product.sizeTo,
      wanted: need.size,
    });
  if (need.function && product.functions && !product.functions.includes(need.function))
    lack('catalogue.lacks.function', {
      function: { term: need.function.startsWith('own-') ? 'lock.own' : `lock.${need.function}` },
    });
  if (
    need.backset !== undefined &&
    product.backset !== undefined &&
    need.backset !== product.backset &&
    need.backset !== product.mostBackset
  )
    lack('catalogue.lacks.backset', { is: at(product.backset), wanted: at(need.backset) });
  if (
    need.thickness !== undefined &&
    product.mostLeaf !== undefined &&
    need.thickness > product.mostLeaf
  )
    lack('catalogue.lacks.leafThick', {
      is: at(need.thickness),
      most: { ticks: product.mostLeaf },
    });
  if (
    need.wideAs !== undefined &&
    product.mostWidth !== undefined &&
    need.wideAs > product.mostWidth
  )
    lack('catalogue.lacks.length', {
      is: at(product.mostWidth),
      wanted: { ticks: need.wideAs, rounding: 'up' },
    });
  if (need.device && product.templated && !product.templated.includes(need.device))
    lack('catalogue.lacks.templated', { device: { term: `device.${need.device}` } });
  return lacks;
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
