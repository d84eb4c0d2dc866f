import { inches, mm } from '../../../measure/index.js';
import type { Product } from '../../product.js';
import type { ProductType } from '../../productTypes.js';
import { product } from '../make.js';

const TRIMS = [
  'exit-only',
  'exit-night-latch',
  'exit-classroom',
  'exit-classroom-inside',
  'exit-passage',
  'exit-delayed',
  'exit-retraction',
  'exit-trim-fail-safe',
  'exit-trim-fail-secure',
];
const LENGTHS = [
  [36, 'S'],
  [48, 'L'],
] as const;

/** Exit devices by where they latch, each with or without a listing for fire. */
export function exitDevices(): Product[] {
  const types: [ProductType, string, number, number, number][] = [
    ['rim-exit', 'EX', 0.75, 3, 2.75],
    ['mortise-exit', 'EM', 0.75, 3, 2.75],
    ['rods-surface', 'EV', 0.625, 3, 2.75],
    ['rods-concealed', 'EC', 0.625, 3, 2.5],
  ];
  const us = types.flatMap(([type, model, latch, up, through]) =>
    LENGTHS.flatMap(([length, size]) =>
      ([0, 180] as const).map((listed) =>
        product('Marrowby', `${model} ${size}${listed ? 'F' : ''}`, type, {
          length: inches(length),
          latchThrow: inches(latch),
          recessAcross: type === 'mortise-exit' ? inches(4.125) : inches(8),
          recessUp: inches(type === 'mortise-exit' ? 6 : up),
          recessThrough: inches(type === 'mortise-exit' ? 1 : through),
          leastLeaf: inches(1.75),
          mostLeaf: inches(2.25),
          mostWidth: inches(length),
          mostHeight: inches(type.startsWith('rods') ? 96 : 120),
          strikeHeight: inches(3.5),
          strikeWidth: inches(1),
          functions: TRIMS,
          cylinders: ['rim cylinder', 'mortise cylinder'],
          trims: ['plate and pull', 'lever trim'],
          finishes: ['630', '626', '628'],
          listed,
          handed: type === 'rods-concealed',
          cost: 4,
          note: listed ? 'without dogging' : 'dogs with a key',
        }),
      ),
    ),
  );
  const metric = (
    [
      ['rim-exit', 'PB 10'],
      ['rim-exit', 'PB 10N'],
      ['rods-surface', 'PB 20'],
      ['rods-surface', 'PB 20N'],
      ['mortise-exit', 'PB 30'],
      ['rods-concealed', 'PB 40'],
    ] as const
  ).map(([type, model]) =>
    product('Osk & Penn', model, type, {
      length: mm(1200),
      latchThrow: mm(model.endsWith('N') ? 14 : 19),
      recessAcross: mm(type === 'mortise-exit' ? 90 : model.endsWith('N') ? 70 : 150),
      recessUp: mm(type === 'mortise-exit' ? 165 : 80),
      recessThrough: mm(type === 'mortise-exit' ? 16 : 70),
      leastLeaf: mm(40),
      mostWidth: mm(1250),
      mostHeight: mm(2500),
      strikeHeight: mm(75),
      strikeWidth: mm(25),
      functions: TRIMS,
      cylinders: ['rim cylinder', 'profile'],
      trims: ['lever trim', 'knob trim'],
      finishes: ['satin stainless', 'silver'],
      listed: model.endsWith('N') ? 0 : 120,
      handed: false,
      cost: 3,
      note: model.endsWith('N') ? 'narrow, for metal stiles' : 'EN 1125',
    }),
  );
  return [...us, ...metric];
}
