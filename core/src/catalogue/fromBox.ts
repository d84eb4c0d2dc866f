import type { Ticks } from '../measure/index.js';
import type { Product } from './product.js';
import { PRODUCT_TYPE, type ProductType } from './productTypes.js';

type Measure = Extract<
  keyof Product,
  | 'height'
  | 'width'
  | 'length'
  | 'gauge'
  | 'backset'
  | 'centres'
  | 'recessUp'
  | 'recessAcross'
  | 'recessThrough'
  | 'frameAcross'
  | 'frontUp'
  | 'frontAcross'
  | 'latchThrow'
  | 'boltThrow'
  | 'strikeHeight'
  | 'strikeWidth'
  | 'leastLeaf'
  | 'mostLeaf'
>;

const CASE: readonly Measure[] = [
  'backset',
  'recessUp',
  'recessAcross',
  'recessThrough',
  'frontUp',
  'frontAcross',
  'centres',
  'latchThrow',
  'boltThrow',
  'strikeHeight',
  'strikeWidth',
];
const BORED: readonly Measure[] = [
  'backset',
  'recessUp',
  'latchThrow',
  'boltThrow',
  'leastLeaf',
  'mostLeaf',
  'strikeHeight',
  'strikeWidth',
];
const ON_FACE: readonly Measure[] = ['backset', 'recessUp', 'recessAcross', 'recessThrough'];
const BODY: readonly Measure[] = ['recessUp', 'recessAcross', 'recessThrough', 'frameAcross'];

/** What the box of a type of product tells, in the order it is asked for. */
export function boxMeasures(type: ProductType): readonly Measure[] {
  switch (type) {
    case 'cylindrical':
    case 'tubular':
    case 'deadbolt':
      return BORED;
    case 'mortise':
    case 'profile':
    case 'multipoint':
    case 'sash':
    case 'mortise-dead':
    case 'narrow-stile':
    case 'sliding':
    case 'roller':
      return CASE;
    case 'rim-lock':
    case 'night-latch':
    case 'gate':
    case 'cold-room':
      return ON_FACE;
    case 'butt':
    case 'swing-clear':
    case 'spring-hinge':
      return ['height', 'width', 'gauge'];
    case 'concealed':
    case 'adjustable-concealed':
    case 'spring-concealed':
      return [...BODY, 'leastLeaf'];
    default:
      return PRODUCT_TYPE[type].body ? BODY.slice(0, 3) : ['height', 'width', 'length'];
  }
}

/** Who made what was typed from its box, where nobody said. */
const FROM_BOX = 'from the box';

/**
 * Makes a product of what was typed from a box, so that it stands for the next door, too.
 *
 * @param name what the box calls it
 * @param measures lengths in ticks; what was not typed is left to the practice
 * @param taken ids that are held already
 */
export function productFromBox(
  type: ProductType,
  name: string,
  measures: Readonly<Partial<Record<Measure, Ticks>>>,
  taken: ReadonlySet<string>,
): Product {
  const slug =
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || type;
  let id = `box-${slug}`;
  for (let at = 2; taken.has(id); at++) id = `box-${slug}-${at}`;
  const known = Object.fromEntries(
    boxMeasures(type).flatMap((field) =>
      measures[field] === undefined ? [] : [[field, measures[field]]],
    ),
  );
  return { id, maker: FROM_BOX, model: name.trim(), type, ...known };
}
