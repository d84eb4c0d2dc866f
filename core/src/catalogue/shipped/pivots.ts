import { mm } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';
import { BOTH, kilograms, product } from './make.js';

/** Offset and centre-hung pivot sets, those between, double-acting springs. */
export function pivots(): Product[] {
  const set = (
    model: string,
    type: ProductType,
    mass: number,
    rest: Partial<Product> & { traits: string[] },
  ) =>
    product('Osk & Penn', model, type, {
      mostMass: kilograms(mass),
      metals: BOTH,
      finishes: ['626', '630', 'satin stainless'],
      handed: type !== 'centre-pivot',
      listed: 0,
      cost: 3,
      ...rest,
    });
  const foot = (across: number, up: number, through: number) => ({
    recessAcross: mm(across),
    recessUp: mm(up),
    recessThrough: mm(through),
  });
  return [
    set('OP 150', 'offset-pivot', 150, {
      ...foot(130, 32, 22),
      axisOut: mm(19),
      traits: ['floor-foot', 'retracting'],
      listed: 180,
    }),
    set('OP 230', 'offset-pivot', 230, {
      ...foot(150, 32, 24),
      axisOut: mm(19),
      traits: ['floor-foot', 'retracting', 'heavy'],
      listed: 180,
      cost: 4,
    }),
    set('OP 450', 'offset-pivot', 450, {
      ...foot(180, 38, 28),
      axisOut: mm(38),
      traits: ['floor-foot', 'retracting', 'heavy'],
      listed: 90,
      cost: 4,
    }),
    set('OJ 115', 'offset-pivot', 115, {
      axisOut: mm(19),
      traits: ['jamb-foot', 'retracting'],
      listed: 90,
    }),
    set('OJ 180', 'offset-pivot', 180, {
      axisOut: mm(19),
      traits: ['jamb-foot', 'retracting', 'heavy'],
      listed: 90,
      cost: 4,
    }),
    set('OI 19', 'intermediate-pivot', 230, {
      ...foot(5, 100, 32),
      traits: [],
      listed: 180,
      cost: 2,
    }),
    set('OI 38', 'intermediate-pivot', 450, { ...foot(6, 120, 36), traits: ['heavy'], listed: 90 }),
    set('OI 19E', 'intermediate-pivot', 230, {
      ...foot(5, 100, 32),
      traits: ['electric'],
      listed: 90,
      cost: 4,
    }),
    set('CP 90', 'centre-pivot', 90, { ...foot(200, 28, 20), traits: ['retracting'], cost: 2 }),
    set('CP 160', 'centre-pivot', 160, { ...foot(250, 32, 25), traits: ['retracting'] }),
    set('CP 250', 'centre-pivot', 250, {
      ...foot(300, 38, 30),
      traits: ['retracting', 'heavy'],
      cost: 4,
    }),
    set('CP 90S', 'centre-pivot', 90, {
      ...foot(76, 28, 20),
      traits: ['retracting'],
      note: 'short foot',
    }),
    set('DA 30', 'double-acting-spring', 30, { height: mm(150), traits: [], cost: 2 }),
    set('DA 45', 'double-acting-spring', 45, { height: mm(180), traits: [], cost: 3 }),
  ];
}
