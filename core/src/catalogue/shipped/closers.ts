import { mm } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';
import { kilograms, product } from './make.js';

/** Closers on the face, in the top rail, in the floor and in the head. */
export function closers(): Product[] {
  const EN: [number, number][] = [
    [1, 4],
    [2, 5],
    [1, 6],
    [3, 6],
    [1, 3],
    [2, 4],
    [2, 6],
    [4, 6],
    [5, 7],
  ];
  const surface = EN.flatMap(([from, to]) =>
    (['', 'B'] as const).map((backCheck) =>
      product('Tarnhollow', `S${from}${to}${backCheck}`, 'surface-closer', {
        recessAcross: mm(to > 4 ? 290 : 230),
        recessUp: mm(60),
        recessThrough: mm(55),
        sizeFrom: from,
        sizeTo: to,
        traits: backCheck ? ['adjustable', 'back-check'] : ['adjustable'],
        templated: ['butt', 'continuous', 'offset-pivot'],
        listed: 180,
        finishes: ['silver', 'bronze', 'black'],
        handed: false,
        opensTo: 180,
        cost: backCheck ? 3 : 2,
      }),
    ),
  );
  const more = (
    model: string,
    type: ProductType,
    size: [number, number],
    recess: [number, number, number],
    leaf: number,
    rest: Partial<Product>,
  ) =>
    product('Osk & Penn', model, type, {
      sizeFrom: size[0],
      sizeTo: size[1],
      recessAcross: mm(recess[0]),
      recessUp: mm(recess[1]),
      recessThrough: mm(recess[2]),
      leastLeaf: mm(leaf),
      finishes: ['satin stainless', '626'],
      handed: false,
      listed: 90,
      cost: 4,
      ...rest,
    });
  return [
    ...surface,
    more('IT 24', 'concealed-closer', [2, 4], [277, 42, 32], 40, {
      traits: ['adjustable'],
      templated: ['butt', 'offset-pivot', 'concealed', 'adjustable-concealed'],
      opensTo: 120,
    }),
    more('IT 24H', 'concealed-closer', [2, 4], [277, 42, 32], 40, {
      traits: ['adjustable', 'hold-open'],
      templated: ['butt', 'offset-pivot', 'concealed', 'adjustable-concealed'],
      opensTo: 120,
      listed: 0,
    }),
    more('IT 36', 'concealed-closer', [3, 6], [302, 52, 34], 45, {
      traits: ['adjustable', 'back-check'],
      templated: ['butt', 'offset-pivot'],
      opensTo: 120,
    }),
    more('FC 13', 'floor-closer', [1, 3], [250, 32, 25], 35, {
      traits: ['adjustable'],
      templated: ['centre-pivot', 'offset-pivot'],
      mostMass: kilograms(120),
      opensTo: 105,
    }),
    more('FC 25', 'floor-closer', [2, 5], [250, 32, 25], 38, {
      traits: ['adjustable', 'back-check', 'hold-open'],
      templated: ['centre-pivot', 'offset-pivot'],
      mostMass: kilograms(200),
      opensTo: 130,
      listed: 0,
    }),
    more('FC 37', 'floor-closer', [3, 7], [300, 38, 30], 40, {
      traits: ['adjustable', 'back-check'],
      templated: ['centre-pivot', 'offset-pivot'],
      mostMass: kilograms(300),
      opensTo: 130,
    }),
    more('HC 23', 'head-closer', [2, 3], [150, 26, 20], 38, {
      traits: ['hold-open'],
      templated: ['centre-pivot', 'offset-pivot'],
      mostMass: kilograms(90),
      opensTo: 105,
      listed: 0,
    }),
    more('HC 34', 'head-closer', [3, 4], [160, 28, 22], 40, {
      traits: ['adjustable'],
      templated: ['centre-pivot', 'offset-pivot'],
      mostMass: kilograms(120),
      opensTo: 105,
    }),
  ];
}
