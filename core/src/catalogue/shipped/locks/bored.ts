import { inches, mm } from '../../../measure/index.js';
import type { Product } from '../../product.js';
import { METRIC_FINISHES, product, US_FINISHES } from '../make.js';

const ALL = [
  'passage',
  'privacy',
  'office',
  'office-key',
  'office-push-turn',
  'classroom',
  'storeroom',
  'corridor',
  'patio',
];
const SECURE = [
  ...ALL,
  'classroom-inside',
  'classroom-hold-back',
  'vestibule',
  'service-station',
  'communicating',
  'utility',
  'store',
  'institution',
];

/** Tubular locks are sold by what they do, a few functions each. */
const TUBULAR = {
  passage: ['passage'],
  privacy: ['privacy', 'patio'],
  office: ['office', 'office-key', 'office-push-turn', 'corridor'],
  storeroom: ['storeroom', 'classroom', 'classroom-inside', 'utility', 'electric-strike'],
} as const;

/** Cylindrical and tubular locks and bored dead bolts. */
export function boredLocks(): Product[] {
  const series = [
    ['Quillstead', 'CL 20', ALL, 20, 2],
    ['Marrowby', 'K4', SECURE, 180, 3],
    [
      'Tarnhollow',
      'Q9',
      [
        ...SECURE,
        'electric-fail-secure',
        'electric-fail-safe',
        'electric-strike',
        'battery-reader',
      ],
      180,
      4,
    ],
  ] as const;
  const cylindrical = series.flatMap(([maker, model, functions, listed, cost]) =>
    [2.375, 2.75, 3.75, 5].map((backset) =>
      product(maker, `${model}-${String(backset).replace('.', '')}`, 'cylindrical', {
        backset: inches(backset),
        latchThrow: inches(listed > 20 ? 0.5625 : 0.5),
        recessAcross: inches(2.125),
        leastLeaf: inches(1.375),
        mostLeaf: inches(cost > 2 ? 2.125 : 1.75),
        strikeHeight: inches(4.875),
        strikeWidth: inches(1.25),
        frontUp: inches(2.25),
        frontAcross: inches(1),
        functions: [...functions],
        cylinders: cost > 2 ? ['key in lever', 'interchangeable core'] : ['key in lever'],
        trims: ['round lever', 'return lever', 'knob'],
        finishes: US_FINISHES,
        listed,
        handed: false,
        cost,
      }),
    ),
  );
  const tubular = [
    ...[2.375, 2.75].flatMap((backset) =>
      (['passage', 'privacy', 'office', 'storeroom'] as const).map((of) =>
        product(
          'Quillstead',
          `T ${of.slice(0, 2).toUpperCase()}${backset === 2.375 ? 'S' : 'L'}`,
          'tubular',
          {
            backset: inches(backset),
            ...(backset === 2.375 ? { mostBackset: inches(2.75) } : {}),
            latchThrow: inches(0.5),
            leastLeaf: inches(1.375),
            mostLeaf: inches(1.75),
            strikeHeight: inches(2.25),
            strikeWidth: inches(1),
            functions: [...TUBULAR[of]],
            trims: ['round lever', 'knob'],
            finishes: US_FINISHES,
            handed: false,
            cost: 1,
          },
        ),
      ),
    ),
    ...[44, 57, 60, 70].flatMap((backset) =>
      (['passage', 'privacy', 'office', 'storeroom'] as const).map((of) =>
        product(
          'Osk & Penn',
          `TL ${backset}${{ passage: '', privacy: 'B', office: 'O', storeroom: 'K' }[of]}`,
          'tubular',
          {
            backset: mm(backset),
            latchThrow: mm(12),
            leastLeaf: mm(35),
            mostLeaf: mm(50),
            strikeHeight: mm(57),
            strikeWidth: mm(25),
            functions: [...TUBULAR[of]],
            trims: ['lever on rose', 'knob'],
            finishes: METRIC_FINISHES,
            listed: 60,
            handed: false,
            cost: 1,
          },
        ),
      ),
    ),
  ];
  const bolts = (['deadbolt-single', 'deadbolt-double', 'deadbolt-classroom'] as const).flatMap(
    (of, index) =>
      [2.375, 2.75].map((backset) =>
        product('Marrowby', `D${index + 1}-${backset === 2.375 ? 'S' : 'L'}`, 'deadbolt', {
          backset: inches(backset),
          boltThrow: inches(1),
          leastLeaf: inches(1.375),
          mostLeaf: inches(2),
          strikeHeight: inches(2.75),
          strikeWidth: inches(1.125),
          functions: [of],
          cylinders: ['rim tail', 'interchangeable core'],
          finishes: US_FINISHES,
          listed: 90,
          handed: false,
          cost: 2,
        }),
      ),
  );
  const metricBolts = (['deadbolt-single', 'deadbolt-double'] as const).map((of, index) =>
    product('Osk & Penn', `DB ${index + 1}`, 'deadbolt', {
      backset: mm(60),
      mostBackset: mm(70),
      boltThrow: mm(25),
      leastLeaf: mm(35),
      mostLeaf: mm(50),
      strikeHeight: mm(57),
      strikeWidth: mm(25),
      functions: [of],
      cylinders: ['own'],
      finishes: METRIC_FINISHES,
      listed: 60,
      handed: false,
      cost: 2,
    }),
  );
  return [...cylindrical, ...tubular, ...bolts, ...metricBolts];
}
