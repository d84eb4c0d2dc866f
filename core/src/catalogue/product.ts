import type { Ticks } from '../measure/index.js';
import type { ProductType } from './productTypes.js';

export const PRODUCT_TRAITS = [
  'plain',
  'bearing',
  'standard',
  'heavy',
  'electric',
  'non-removable',
  'adjustable',
  'hold-open',
  'back-check',
  'floor-foot',
  'jamb-foot',
  'retracting',
  'smoke',
  'sound',
  'weather',
] as const;
export type ProductTrait = (typeof PRODUCT_TRAITS)[number];

/**
 * One product of a catalogue. Lengths in ticks, masses in grams; everything but the first four may
 * be absent where it means nothing for the type or the maker does not say.
 */
export interface Product {
  /** Unique in a catalogue: small letters, digits and hyphens. */
  id: string;
  maker: string;
  model: string;
  type: ProductType;
  height?: Ticks | undefined;
  /** Open width of a hinge. */
  width?: Ticks | undefined;
  /** Thickness of a hinge leaf: the depth of its recess. */
  gauge?: Ticks | undefined;
  /** Made length of seals, thresholds and continuous hinges. */
  length?: Ticks | undefined;
  /** Recess in the leaf: into it from its edge, along it, through its thickness. */
  recessAcross?: Ticks | undefined;
  recessUp?: Ticks | undefined;
  recessThrough?: Ticks | undefined;
  /** Recess in the frame: into the jamb. */
  frameAcross?: Ticks | undefined;
  leastLeaf?: Ticks | undefined;
  mostLeaf?: Ticks | undefined;
  leastJamb?: Ticks | undefined;
  mostWidth?: Ticks | undefined;
  mostHeight?: Ticks | undefined;
  /** Mass carried by two, three and four; by a set or a single device as `mostMass`. */
  massTwo?: number | undefined;
  massThree?: number | undefined;
  massFour?: number | undefined;
  mostMass?: number | undefined;
  /** Gap it needs at its edge. */
  gap?: Ticks | undefined;
  opensTo?: number | undefined;
  /** Where the axis comes to lie out of the pull face, and how far it moves while the leaf opens. */
  axisOut?: Ticks | undefined;
  axisTravel?: Ticks | undefined;
  /** Adjustment: the range to each side, and what one turn of the screw does. */
  sideRange?: Ticks | undefined;
  heightRange?: Ticks | undefined;
  depthRange?: Ticks | undefined;
  sideTurn?: Ticks | undefined;
  heightTurn?: Ticks | undefined;
  depthTurn?: Ticks | undefined;
  /** How far a drop seal drops. */
  drop?: Ticks | undefined;
  /** Locks: backset, and up to which it adjusts; how far latch and dead bolt come out. */
  backset?: Ticks | undefined;
  mostBackset?: Ticks | undefined;
  latchThrow?: Ticks | undefined;
  boltThrow?: Ticks | undefined;
  /** Spindle to key, and how far the latch's middle is below the spindle. */
  centres?: Ticks | undefined;
  latchOffset?: Ticks | undefined;
  /** Front in the edge, strike in the frame. */
  frontUp?: Ticks | undefined;
  frontAcross?: Ticks | undefined;
  strikeHeight?: Ticks | undefined;
  strikeWidth?: Ticks | undefined;
  /** EN 1154 or US closing force, from and to. */
  sizeFrom?: number | undefined;
  sizeTo?: number | undefined;
  /** What a supply gives, or a transfer carries, amperes. */
  current?: number | undefined;
  /** EN 1935 grade. */
  grade?: number | undefined;
  handed?: boolean | undefined;
  /** Listed for rated leaves up to so many minutes; 0 is not listed. */
  listed?: number | undefined;
  /** Lock functions it is made in, by id; cylinders it takes; trims it is made with. */
  functions?: string[] | undefined;
  cylinders?: string[] | undefined;
  trims?: string[] | undefined;
  /** Devices a closer is templated for. */
  templated?: string[] | undefined;
  traits?: string[] | undefined;
  metals?: string[] | undefined;
  finishes?: string[] | undefined;
  corners?: string[] | undefined;
  /** 1 cheapest to 4 dearest. */
  cost?: number | undefined;
  /** How many are sold together. */
  carton?: number | undefined;
  note?: string | undefined;
}

/** What a product's field holds. */
export type ProductFieldType = 'text' | 'length' | 'mass' | 'count' | 'yes-no' | 'list' | 'type';

export interface ProductField {
  name: keyof Product;
  type: ProductFieldType;
  needed: boolean;
}

const LENGTHS: (keyof Product)[] = [
  'height',
  'width',
  'gauge',
  'length',
  'recessAcross',
  'recessUp',
  'recessThrough',
  'frameAcross',
  'leastLeaf',
  'mostLeaf',
  'leastJamb',
  'mostWidth',
  'mostHeight',
  'gap',
  'axisOut',
  'axisTravel',
  'sideRange',
  'heightRange',
  'depthRange',
  'sideTurn',
  'heightTurn',
  'depthTurn',
  'drop',
  'backset',
  'mostBackset',
  'latchThrow',
  'boltThrow',
  'centres',
  'latchOffset',
  'frontUp',
  'frontAcross',
  'strikeHeight',
  'strikeWidth',
];
const MASSES: (keyof Product)[] = ['massTwo', 'massThree', 'massFour', 'mostMass'];
const COUNTS: (keyof Product)[] = [
  'opensTo',
  'sizeFrom',
  'sizeTo',
  'current',
  'grade',
  'listed',
  'cost',
  'carton',
];
const LISTS: (keyof Product)[] = [
  'templated',
  'traits',
  'metals',
  'finishes',
  'corners',
  'functions',
  'cylinders',
  'trims',
];

const field = (name: keyof Product, type: ProductFieldType, needed = false): ProductField => ({
  name,
  type,
  needed,
});

/** Every field, in the order of the columns of a catalogue file. */
export const PRODUCT_FIELDS: readonly ProductField[] = [
  field('id', 'text', true),
  field('maker', 'text', true),
  field('model', 'text', true),
  field('type', 'type', true),
  ...LENGTHS.map((name) => field(name, 'length')),
  ...MASSES.map((name) => field(name, 'mass')),
  ...COUNTS.map((name) => field(name, 'count')),
  field('handed', 'yes-no'),
  ...LISTS.map((name) => field(name, 'list')),
  field('note', 'text'),
];
