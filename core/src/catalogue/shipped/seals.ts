import { mm } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';
import { product } from './make.js';

/** Drop seals, sweeps, thresholds, seals for head and jambs. */
export function seals(): Product[] {
  const seal = (
    model: string,
    type: ProductType,
    length: number,
    up: number,
    through: number,
    rest: Partial<Product> = {},
  ) =>
    product(model.startsWith('T') ? 'Tarnhollow' : 'Quillstead', model, type, {
      length: mm(length),
      ...(up ? { recessUp: mm(up) } : {}),
      ...(through ? { recessThrough: mm(through) } : {}),
      handed: false,
      listed: 0,
      cost: 2,
      finishes: ['mill', 'clear', 'bronze'],
      ...rest,
    });
  const lengths = [730, 930, 1130];
  return [
    ...lengths.map((length) =>
      seal(`DF ${length}`, 'drop-full', length, 35, 14, {
        drop: mm(13),
        leastLeaf: mm(38),
        listed: 60,
        cost: 3,
      }),
    ),
    ...lengths.map((length) =>
      seal(`DN ${length}`, 'drop-full', length, 30, 12, {
        drop: mm(9),
        leastLeaf: mm(35),
        listed: 30,
        cost: 3,
      }),
    ),
    ...lengths.map((length) =>
      seal(`DH ${length}`, 'drop-half', length, 35, 13, {
        drop: mm(12),
        leastLeaf: mm(35),
        listed: 60,
        cost: 3,
      }),
    ),
    ...lengths.map((length) =>
      seal(`DS ${length}`, 'drop-surface', length, 45, 16, { drop: mm(15), listed: 60 }),
    ),
    ...lengths.map((length) =>
      seal(`TB ${length}`, 'sweep', length, 40, 8, { note: 'brush', cost: 1 }),
    ),
    ...lengths.map((length) =>
      seal(`TN ${length}`, 'sweep', length, 40, 10, { note: 'neoprene', cost: 1 }),
    ),
    ...[915, 1220, 1830, 2440].map((length) =>
      seal(`TH ${length}`, 'threshold', length, 13, 127, { note: 'half-inch saddle', listed: 180 }),
    ),
    ...[915, 1220, 1830, 2440].map((length) =>
      seal(`TL ${length}`, 'threshold', length, 6, 100, { note: 'low, with gasket', listed: 180 }),
    ),
    ...[5100, 6400].flatMap((length) => [
      seal(`TP ${length}`, 'perimeter-seal', length, 0, 0, {
        note: 'bulb, kerf-in',
        traits: ['weather'],
        cost: 1,
      }),
      seal(`TW ${length}`, 'perimeter-seal', length, 0, 0, {
        note: 'aluminium carrier, brush',
        traits: ['weather'],
      }),
      seal(`TP ${length}S`, 'perimeter-seal', length, 0, 0, {
        note: 'silicone, adhesive',
        traits: ['smoke', 'weather'],
        listed: 180,
      }),
      seal(`TA ${length}`, 'perimeter-seal', length, 0, 0, {
        note: 'compression, adjustable',
        traits: ['sound', 'smoke', 'weather'],
        listed: 90,
        cost: 3,
      }),
    ]),
    seal('TI 10', 'perimeter-seal', 2100, 0, 0, {
      note: 'intumescent 10 × 4',
      listed: 30,
      cost: 1,
    }),
    seal('TI 15', 'perimeter-seal', 2100, 0, 0, {
      note: 'intumescent 15 × 4',
      listed: 30,
      cost: 1,
    }),
    seal('TI 20', 'perimeter-seal', 2100, 0, 0, {
      note: 'intumescent 20 × 4 with brush',
      listed: 60,
    }),
    seal('TI 25', 'perimeter-seal', 2100, 0, 0, { note: 'intumescent 25 × 4', listed: 60 }),
  ];
}
