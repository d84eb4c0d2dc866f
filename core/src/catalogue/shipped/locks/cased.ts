import { inches, mm } from '../../../measure/index.js';
import type { Product } from '../../product.js';
import { METRIC_FINISHES, product, US_FINISHES } from '../make.js';

const TRIMS = ['lever on rose', 'lever on plate', 'knob'];

const ELECTRIC = [
  'electric-fail-secure',
  'electric-fail-safe',
  'electric-strike',
  'battery-reader',
] as const;

/** Locks in a pocket of the edge: US, profile-cylinder, British, narrow-stile, sliding, roller. */
export function casedLocks(): Product[] {
  return [
    ...usMortise(),
    ...profile(),
    ...multipoint(),
    ...sash(),
    ...dead(),
    ...narrow(),
    ...sliding(),
    ...rollers(),
  ];
}

function usMortise(): Product[] {
  const groups = [
    ['L', ['mortise-passage', 'privacy-latch', 'vestibule', 'cold-room'], 0],
    ['S', ['mortise-storeroom', 'mortise-classroom', 'mortise-office', 'classroom-inside'], 0],
    [
      'D',
      ['dormitory', 'entrance', 'apartment', 'corridor-bolting', 'intruder', 'communicating-half'],
      1,
    ],
    ['B', ['privacy-bolt', 'guest', 'staff-toilet'], 1],
    ['C', ['guest-card'], 1],
    ['X', ['store', 'institution'], 1],
    ['E', ELECTRIC, 0],
  ] as const;
  const series = [
    ['Quillstead', 'ML 8', 2.75, 1, 180, 3],
    ['Marrowby', 'M90', 2.75, 1, 180, 4],
    ['Tarnhollow', 'MC', 2.5, 0.875, 90, 3],
    ['Osk & Penn', 'M60', 60 / 25.4, 15 / 25.4, 240, 3],
  ] as const;
  return series.flatMap(([maker, model, backset, through, listed, cost]) =>
    groups.map(([letter, functions, bolt]) =>
      product(maker, `${model}${letter}`, 'mortise', {
        backset: inches(backset),
        latchThrow: inches(0.75),
        ...(bolt ? { boltThrow: inches(1) } : {}),
        recessAcross: inches(backset + 1.375),
        recessUp: inches(6),
        recessThrough: inches(through),
        leastLeaf: inches(through + 0.75),
        mostLeaf: inches(3),
        centres: inches(2.5),
        latchOffset: inches(0.375),
        frontUp: inches(8),
        frontAcross: inches(1.25),
        strikeHeight: inches(4.875),
        strikeWidth: inches(1.25),
        functions: [...functions],
        cylinders: ['mortise cylinder', 'interchangeable core'],
        trims: TRIMS,
        finishes: US_FINISHES,
        listed,
        handed: true,
        cost,
      }),
    ),
  );
}

function profile(): Product[] {
  const classes = [
    [
      '',
      [
        'mortise-passage',
        'privacy-bathroom',
        'sash-lock',
        'sash-turn',
        'mortise-storeroom',
        'changeover',
        'deadbolt-single',
        'deadbolt-double',
        'cold-room',
      ],
      60,
      2,
    ],
    [
      'P',
      [
        'sash-escape',
        'panic-changeover',
        'panic-split',
        'panic-passage',
        'guest',
        'communicating-half',
      ],
      90,
      4,
    ],
    ['E', [...ELECTRIC, 'guest-card', 'mortise-storeroom'], 60, 4],
  ] as const;
  return [55, 60, 65, 80].flatMap((backset) =>
    classes.flatMap(([letter, functions, listed, cost]) =>
      ([72, 92] as const).map((centres) =>
        product('Osk & Penn', `PZ ${backset}${letter}${centres === 92 ? ' E' : ''}`, 'profile', {
          backset: mm(backset),
          latchThrow: mm(12),
          boltThrow: mm(20),
          recessAcross: mm(backset + 33),
          recessUp: mm(centres === 92 ? 185 : 165),
          recessThrough: mm(15),
          leastLeaf: mm(35),
          mostLeaf: mm(100),
          centres: mm(centres),
          frontUp: mm(235),
          frontAcross: mm(centres === 92 ? 24 : 20),
          strikeHeight: mm(centres === 92 ? 235 : 170),
          strikeWidth: mm(24),
          functions: [...functions],
          cylinders: ['profile'],
          trims: ['lever on rose', 'lever on plate', 'lever and knob'],
          finishes: METRIC_FINISHES,
          listed,
          handed: true,
          cost,
        }),
      ),
    ),
  );
}

/** Multipoint locks: a profile-cylinder case with hooks or bolts above and below, thrown by the handle or the key. */
function multipoint(): Product[] {
  return [35, 44, 55, 57, 60].map((backset) =>
    product('Osk & Penn', `MP ${backset}`, 'multipoint', {
      backset: mm(backset),
      latchThrow: mm(12),
      boltThrow: mm(20),
      recessAcross: mm(backset + 16),
      recessUp: mm(165),
      recessThrough: mm(15),
      leastLeaf: mm(44),
      mostLeaf: mm(80),
      centres: mm(92),
      frontUp: mm(2150),
      frontAcross: mm(20),
      strikeHeight: mm(235),
      strikeWidth: mm(24),
      functions: ['sash-turn', 'sash-escape', 'changeover', 'panic-changeover'],
      cylinders: ['profile'],
      trims: ['lever on plate', 'lever and knob'],
      finishes: METRIC_FINISHES,
      listed: 30,
      handed: true,
      cost: 4,
      note: 'three points',
    }),
  );
}

function sash(): Product[] {
  const kinds = [
    ['3S', ['sash-lock', 'sash-turn'], 2],
    ['5S', ['sash-lock', 'sash-turn'], 3],
    ['B', ['privacy-bathroom'], 1],
    ['L', ['mortise-passage', 'mortise-storeroom', 'cold-room'], 1],
    ['X', ['sash-escape', 'dormitory', 'guest', 'communicating-half', 'deadbolt-single'], 4],
    ['E', [...ELECTRIC, 'guest-card'], 4],
  ] as const;
  return [44, 57].flatMap((backset) =>
    kinds.map(([model, functions, cost]) =>
      product('Tarnhollow', `${backset + 19}-${model}`, 'sash', {
        backset: mm(backset),
        latchThrow: mm(12),
        boltThrow: mm(cost === 3 ? 20 : 14),
        recessAcross: mm(backset + 19),
        recessUp: mm(155),
        recessThrough: mm(cost === 3 ? 18 : 16),
        leastLeaf: mm(cost === 3 ? 38 : 36),
        mostLeaf: mm(60),
        centres: mm(57),
        frontUp: mm(155),
        frontAcross: mm(22),
        strikeHeight: mm(150),
        strikeWidth: mm(24),
        functions: [...functions],
        cylinders: model.startsWith('5')
          ? ['five levers']
          : model.startsWith('3')
            ? ['three levers']
            : [],
        trims: ['lever on rose', 'lever on plate', 'knob'],
        finishes: METRIC_FINISHES,
        listed: cost === 3 ? 0 : 60,
        handed: false,
        cost,
      }),
    ),
  );
}

function dead(): Product[] {
  const kinds = [
    ['3D', 'three levers', ['deadbolt-double'], 16, 14, 60, 2],
    ['5D', 'five levers', ['deadbolt-double', 'deadbolt-single'], 18, 20, 0, 3],
  ] as const;
  return [44, 57].flatMap((backset) =>
    kinds.map(([model, levers, functions, through, bolt, listed, cost]) =>
      product('Tarnhollow', `${backset + 19}-${model}`, 'mortise-dead', {
        backset: mm(backset),
        boltThrow: mm(bolt),
        recessAcross: mm(backset + 19),
        recessUp: mm(90),
        recessThrough: mm(through),
        leastLeaf: mm(through + 20),
        mostLeaf: mm(60),
        frontUp: mm(110),
        frontAcross: mm(22),
        strikeHeight: mm(110),
        strikeWidth: mm(24),
        functions: [...functions],
        cylinders: [levers],
        finishes: METRIC_FINISHES,
        listed,
        handed: false,
        cost,
      }),
    ),
  );
}

function narrow(): Product[] {
  const kinds = [
    ['H', 'hook', ['deadbolt-single', 'deadbolt-double'], 1],
    ['S', 'swing bolt', ['deadbolt-single', 'deadbolt-double', 'deadbolt-classroom'], 1.375],
    ['L', 'latch', ['mortise-storeroom', 'mortise-passage', 'electric-strike'], 0],
  ] as const;
  return [0.9375, 0.96875, 1.125, 1.5].flatMap((backset, index) =>
    kinds.map(([letter, note, functions, bolt]) =>
      product('Quillstead', `NS ${index + 1}${letter}`, 'narrow-stile', {
        backset: inches(backset),
        ...(bolt > 0 ? { boltThrow: inches(bolt) } : {}),
        latchThrow: bolt > 0 ? 0 : inches(0.625),
        recessAcross: inches(backset + 0.5625),
        recessUp: inches(6.5),
        recessThrough: inches(1),
        leastLeaf: inches(1.75),
        mostLeaf: inches(2.5),
        frontUp: inches(6.875),
        frontAcross: inches(1),
        strikeHeight: inches(4.875),
        strikeWidth: inches(1.25),
        functions: [...functions],
        cylinders: ['mortise cylinder'],
        trims: bolt > 0 ? [] : ['lever', 'paddle'],
        finishes: ['628', 'dark bronze'],
        handed: true,
        cost: 2,
        note,
      }),
    ),
  );
}

function sliding(): Product[] {
  return [35, 40, 45].flatMap((leaf) =>
    (['sliding-hook', 'deadbolt-single'] as const).map((of) =>
      product('Marrowby', `PD ${leaf}${of === 'sliding-hook' ? 'H' : 'L'}`, 'sliding', {
        backset: mm(of === 'sliding-hook' ? 44 : 50),
        latchThrow: 0,
        boltThrow: mm(18),
        recessAcross: mm(of === 'sliding-hook' ? 62 : 68),
        recessUp: mm(120),
        recessThrough: mm(15),
        leastLeaf: mm(leaf),
        mostLeaf: mm(leaf + 10),
        frontUp: mm(150),
        frontAcross: mm(18),
        strikeHeight: mm(100),
        strikeWidth: mm(20),
        functions: of === 'sliding-hook' ? [of, 'sliding-privacy'] : [of],
        trims: ['flush pull', 'edge pull'],
        finishes: METRIC_FINISHES,
        handed: false,
        cost: 2,
        note: of === 'sliding-hook' ? 'hook bolt' : 'lift-up bolt',
      }),
    ),
  );
}

function rollers(): Product[] {
  return [
    [55, 13],
    [60, 16],
    [65, 20],
    [75, 20],
  ].map(([depth, out], index) =>
    product('Marrowby', `RL ${index + 1}`, 'roller', {
      latchThrow: mm(out! / 2),
      recessAcross: mm(depth!),
      recessUp: mm(60),
      recessThrough: mm(20),
      leastLeaf: mm(35),
      functions: ['push-pull'],
      strikeHeight: mm(60),
      strikeWidth: mm(25),
      finishes: METRIC_FINISHES,
      handed: false,
      cost: 1,
    }),
  );
}
