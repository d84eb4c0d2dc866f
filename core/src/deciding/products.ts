import type { Securing } from '../securing/index.js';
import { stageOfType, type Product, type ProductType } from '../catalogue/index.js';
import type { Hanging } from '../hanging/index.js';
import { known, said, type Item, type OpeningFacts, type Said } from '../opening/index.js';
import type { Sizes } from '../sizing/index.js';

/** A place in the set that a product may be named for. */
export const PRODUCT_SLOTS = [
  'hanging.product',
  'securing.product',
  'securing.boltsProduct',
  'closing.product',
  'sealing.product',
] as const;
export type ProductSlot = (typeof PRODUCT_SLOTS)[number];

/** What a slot asks of a product; absent parts are not asked. */
export interface Need {
  slot: ProductSlot;
  types: ProductType[];
  height?: number | undefined;
  width?: number | undefined;
  traits: string[];
  metal?: string | undefined;
  corner?: string | undefined;
  count?: number | undefined;
  mass?: number | undefined;
  leafWidth?: number | undefined;
  leafHeight?: number | undefined;
  thickness?: number | undefined;
  jambDepth?: number | undefined;
  rated: number;
  grade?: number | undefined;
  opensTo?: number | undefined;
  drop?: number | undefined;
  device?: string | undefined;
  /** Lock function by id, backset. */
  function?: string | undefined;
  backset?: number | undefined;
}

const CLOSERS: Record<string, ProductType> = {
  'surface-pull': 'surface-closer',
  'surface-push': 'surface-closer',
  'concealed-overhead': 'concealed-closer',
  floor: 'floor-closer',
  head: 'head-closer',
};

const BOLTS: Record<string, ProductType> = {
  flush: 'flush-bolt',
  automatic: 'automatic-bolt',
  constant: 'constant-bolt',
  surface: 'surface-bolt',
};

/** What the opening asks of the products in its set, by slot. */
export function needsOf(
  facts: OpeningFacts,
  sizes: Sizes,
  hanging: Hanging,
  securing: Securing,
): Need[] {
  const first = hanging.leaves[0]!;
  const { leaf } = first;
  const base = {
    traits: [],
    mass: first.mass,
    leafWidth: leaf.width,
    leafHeight: leaf.height,
    thickness: leaf.thickness,
    rated: typeof facts.rating === 'number' ? facts.rating : 0,
    opensTo: known(facts.openTo),
  };
  const needs: Need[] = [];
  const decided = (name: string) =>
    hanging.decisions.find((one) => one.name === name && one.value !== undefined)?.value;
  const term = (name: string) => {
    const value = decided(name);
    return value?.type === 'term' ? value.term.replace(/^[^.]*\./, '') : undefined;
  };
  const { device } = hanging;
  if (device !== 'sliding-gear' && device !== 'folding-gear') {
    const butt = device === 'butt' || device === 'spring-hinge';
    const grade = decided('grade');
    const foot = term('foot');
    needs.push({
      ...base,
      slot: 'hanging.product',
      types: [first.form === 'swing-clear' ? 'swing-clear' : device],
      metal: term('metal'),
      count: first.count,
      jambDepth: known(facts.jambDepth),
      ...(butt
        ? {
            height: first.hingeHeight,
            width: first.hingeWidth,
            corner: term('corner'),
            grade: grade?.type === 'count' ? grade.count : undefined,
          }
        : {}),
      traits: [
        ...(device === 'butt' ? [term('bearing'), term('weight')] : []),
        ...(butt && term('pin') === 'non-removable' ? ['non-removable'] : []),
        ...(foot ? [`${foot}-foot`] : []),
      ].filter((one): one is string => one !== undefined && one !== 'plain' && one !== 'standard'),
    });
  }
  const { kind, spec, bolts } = securing;
  if (kind !== undefined && kind !== 'none')
    needs.push({
      ...base,
      traits: [],
      mass: undefined,
      opensTo: undefined,
      slot: 'securing.product',
      types: [kind],
      function: spec?.id,
      // A case is made for one backset; the bar of an exit device has none to speak of.
      backset: securing.exit ? undefined : securing.backset,
      width: undefined,
    });
  if (bolts !== undefined && bolts !== 'none')
    needs.push({
      ...base,
      traits: [],
      mass: undefined,
      opensTo: undefined,
      slot: 'securing.boltsProduct',
      types: [BOLTS[bolts]!],
    });
  const closer = known(facts.closerKind);
  if (closer && facts.closer !== 'none')
    needs.push({
      ...base,
      slot: 'closing.product',
      types: [CLOSERS[closer]!],
      device,
      traits: [
        ...(facts.holdOpen === true ? ['hold-open'] : []),
        ...(facts.closer === 'back-check' ? ['back-check'] : []),
      ],
    });
  const seal = known(facts.bottomSeal);
  if (seal && seal !== 'none')
    needs.push({ ...base, slot: 'sealing.product', types: [seal], drop: sizes.undercut });
  return needs;
}

/** What a product lacks of what is asked; empty when it satisfies all. */
export function missing(need: Need, product: Product): Said[] {
  const lacks: Said[] = [];
  const lack = (code: string, params: Said['params'] = {}) =>
    lacks.push(said(`catalogue.lacks.${code}`, params));
  const at = (ticks: number | undefined) => ({ ticks: ticks ?? 0 });
  if (!need.types.includes(product.type)) lack('type');
  if (need.height !== undefined && product.height !== undefined && product.height !== need.height)
    lack('height', { is: at(product.height), wanted: at(need.height) });
  if (need.width !== undefined && product.width !== undefined && product.width < need.width)
    lack('width', { is: at(product.width), wanted: at(need.width) });
  for (const trait of need.traits)
    if (!product.traits?.includes(trait)) lack('trait', { trait: { term: `trait.${trait}` } });
  if (need.metal && product.metals && !product.metals.includes(need.metal))
    lack('metal', { metal: { term: `metal.${need.metal}` } });
  if (need.corner && product.corners && !product.corners.includes(need.corner))
    lack('corner', { corner: { term: `corner.${need.corner}` } });
  const carries =
    product.mostMass ??
    (need.count !== undefined && need.count >= 4
      ? (product.massFour ?? product.massThree)
      : need.count === 2
        ? (product.massTwo ?? product.massThree)
        : product.massThree);
  if (need.mass !== undefined && carries !== undefined && carries < need.mass)
    lack('mass', { is: { grams: carries }, wanted: { grams: need.mass } });
  if (need.grade !== undefined && product.grade !== undefined && product.grade < need.grade)
    lack('grade', { is: product.grade, wanted: need.grade });
  if (
    need.thickness !== undefined &&
    product.leastLeaf !== undefined &&
    need.thickness < product.leastLeaf
  )
    lack('leaf', { is: at(need.thickness), wanted: { ticks: product.leastLeaf, rounding: 'up' } });
  if (
    need.jambDepth !== undefined &&
    product.leastJamb !== undefined &&
    need.jambDepth < product.leastJamb
  )
    lack('jamb', { is: at(need.jambDepth), wanted: { ticks: product.leastJamb, rounding: 'up' } });
  if (
    need.leafHeight !== undefined &&
    product.mostHeight !== undefined &&
    need.leafHeight > product.mostHeight
  )
    lack('length', {
      is: at(product.mostHeight),
      wanted: { ticks: need.leafHeight, rounding: 'up' },
    });
  if (
    stageOfType(product.type) === 'sealing' &&
    need.leafWidth !== undefined &&
    product.length !== undefined &&
    product.length < need.leafWidth
  )
    lack('length', { is: at(product.length), wanted: { ticks: need.leafWidth, rounding: 'up' } });
  if (need.rated > 0 && (product.listed ?? 0) < need.rated)
    lack('listed', { is: product.listed ?? 0, wanted: need.rated });
  if (need.opensTo !== undefined && product.opensTo !== undefined && product.opensTo < need.opensTo)
    lack('opens', { is: { degrees: product.opensTo }, wanted: { degrees: need.opensTo } });
  if (need.drop !== undefined && product.drop !== undefined && product.drop < need.drop)
    lack('drop', { is: at(product.drop), wanted: { ticks: need.drop, rounding: 'up' } });
  if (need.function && product.functions && !product.functions.includes(need.function))
    lack('function', {
      function: { term: need.function.startsWith('own-') ? 'lock.own' : `lock.${need.function}` },
    });
  if (
    need.backset !== undefined &&
    product.backset !== undefined &&
    need.backset !== product.backset &&
    need.backset !== product.mostBackset
  )
    lack('backset', { is: at(product.backset), wanted: at(need.backset) });
  if (
    need.thickness !== undefined &&
    product.mostLeaf !== undefined &&
    need.thickness > product.mostLeaf
  )
    lack('leafThick', { is: at(need.thickness), most: { ticks: product.mostLeaf } });
  if (
    stageOfType(product.type) === 'securing' &&
    need.leafWidth !== undefined &&
    product.mostWidth !== undefined &&
    need.leafWidth > product.mostWidth
  )
    lack('length', {
      is: at(product.mostWidth),
      wanted: { ticks: need.leafWidth, rounding: 'up' },
    });
  if (need.device && product.templated && !product.templated.includes(need.device))
    lack('templated', { device: { term: `device.${need.device}` } });
  return lacks;
}

/** A product of a slot's type with what it lacks. */
export interface Candidate {
  product: Product;
  missing: Said[];
}

/** The products of the asked types, those that satisfy all first, then by what little they lack, then by cost. */
export function candidates(need: Need, products: Iterable<Product>): Candidate[] {
  return [...products]
    .filter((product) => need.types.includes(product.type))
    .map((product) => ({ product, missing: missing(need, product) }))
    .sort(
      (a, b) =>
        a.missing.length - b.missing.length ||
        (a.product.cost ?? 9) - (b.product.cost ?? 9) ||
        (a.product.id < b.product.id ? -1 : 1),
    );
}

/** The products an opening names, by slot; those the catalogue no longer has come out as `gone`. */
export function namedProducts(
  facts: OpeningFacts,
  products: ReadonlyMap<string, Product>,
): { named: Map<ProductSlot, Product>; gone: ProductSlot[] } {
  const named = new Map<ProductSlot, Product>();
  const gone: ProductSlot[] = [];
  if (facts.choices)
    for (const slot of PRODUCT_SLOTS) {
      const choice = facts.choices[slot];
      if (choice === undefined) continue;
      const product = products.get(String(choice.value));
      if (product) named.set(slot, product);
      else gone.push(slot);
    }
  return { named, gone };
}

/** The items of a stage with the name of its product on what the product is. */
export function withProduct(items: Item[], product: Product): Item[] {
  const term = ITEM_OF[product.type] ?? `item.lock.${product.type}`;
  return items.map((item) =>
    item.term === term ? { ...item, product: `${product.maker} ${product.model}` } : item,
  );
}

const ITEM_OF: Partial<Record<ProductType, string>> = {
  butt: 'item.butt',
  'swing-clear': 'item.butt',
  'spring-hinge': 'item.springHinge',
  continuous: 'item.continuous',
  concealed: 'item.concealed',
  'adjustable-concealed': 'item.adjustable-concealed',
  'spring-concealed': 'item.spring-concealed',
  'offset-pivot': 'item.offsetPivot',
  'intermediate-pivot': 'item.intermediatePivot',
  'centre-pivot': 'item.centrePivot',
  'double-acting-spring': 'item.doubleActingSpring',
  'flush-bolt': 'item.bolts.flush',
  'automatic-bolt': 'item.bolts.automatic',
  'constant-bolt': 'item.bolts.constant',
  'surface-bolt': 'item.bolts.surface',
};
