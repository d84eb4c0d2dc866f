import { inches, mm } from '../../../measure/index.js';
import type { Product } from '../../product.js';
import type { ProductType } from '../../productTypes.js';
import { METRIC_FINISHES, product, US_FINISHES } from '../make.js';

/** What goes with a lock: bolts, coordinators, strikes, cylinders, trims, edge pulls, mullions. */
export function besideLocks(): Product[] {
  return [...bolts(), ...strikes(), ...cylinders(), ...trims(), ...others()];
}

function bolts(): Product[] {
  const bolt = (
    maker: 'Marrowby' | 'Quillstead' | 'Osk & Penn',
    model: string,
    type: ProductType,
    size: [across: number, up: number, through: number],
    rest: Partial<Product>,
  ) =>
    product(maker, model, type, {
      recessAcross: mm(size[0]),
      recessUp: mm(size[1]),
      recessThrough: mm(size[2]),
      boltThrow: mm(19),
      handed: false,
      finishes: maker === 'Osk & Penn' ? METRIC_FINISHES : US_FINISHES,
      cost: 1,
      ...rest,
    });
  return [
    ...[150, 200, 300, 450].map((length) =>
      bolt('Osk & Penn', `FB ${length}`, 'flush-bolt', [20, length, 18], {
        length: mm(length),
        leastLeaf: mm(35),
      }),
    ),
    ...[12, 18, 24].map((length) =>
      bolt('Quillstead', `FL ${length}`, 'flush-bolt', [25.4, 171.5, 19], {
        length: inches(length),
        leastLeaf: inches(1.75),
        listed: 180,
      }),
    ),
    ...[
      ['AF 1', 90],
      ['AF 2', 180],
    ].map(([model, listed]) =>
      bolt('Quillstead', String(model), 'automatic-bolt', [25.4, 171.5, 19], {
        leastLeaf: inches(1.75),
        listed: Number(listed),
        cost: 3,
      }),
    ),
    bolt('Osk & Penn', 'AFB 18', 'automatic-bolt', [22, 210, 18], {
      leastLeaf: mm(40),
      listed: 60,
      cost: 3,
    }),
    ...[
      ['CL 1', 90],
      ['CL 2', 180],
    ].map(([model, listed]) =>
      bolt('Quillstead', String(model), 'constant-bolt', [25.4, 171.5, 19], {
        leastLeaf: inches(1.75),
        listed: Number(listed),
        cost: 4,
      }),
    ),
    bolt('Osk & Penn', 'CLB 18', 'constant-bolt', [22, 210, 18], {
      leastLeaf: mm(40),
      listed: 60,
      cost: 4,
    }),
    ...[100, 150, 200, 300].map((length) =>
      bolt('Marrowby', `SB ${length}`, 'surface-bolt', [25, length, 16], { length: mm(length) }),
    ),
    ...(['C 1', 'C 2', 'C 3', 'C 4'] as const).map((model, index) =>
      product('Quillstead', model, 'coordinator', {
        length: inches([48, 60, 72, 96][index]!),
        mostWidth: inches([48, 60, 72, 96][index]!),
        listed: 180,
        handed: false,
        finishes: ['600', '628', '630'],
        cost: 3,
      }),
    ),
  ];
}

function strikes(): Product[] {
  return [
    ...[1, 1.125, 1.25, 1.375, 1.5, 1.75].map((lip) =>
      product('Marrowby', `ST ${String(lip).replace('.', '')}`, 'strike', {
        strikeHeight: inches(4.875),
        strikeWidth: inches(1.25),
        gauge: inches(0.09375),
        length: inches(lip),
        listed: 180,
        finishes: US_FINISHES,
        handed: false,
        cost: 1,
        note: 'curved lip; its length from the middle',
      }),
    ),
    ...[170, 235].map((height) =>
      product('Osk & Penn', `SL ${height}`, 'strike', {
        strikeHeight: mm(height),
        strikeWidth: mm(24),
        gauge: mm(3),
        listed: 90,
        finishes: METRIC_FINISHES,
        handed: true,
        cost: 1,
      }),
    ),
    product('Tarnhollow', 'SS 4', 'strike', {
      strikeHeight: inches(9),
      strikeWidth: inches(1.375),
      gauge: inches(0.125),
      finishes: US_FINISHES,
      handed: false,
      cost: 2,
      note: 'security strike, screws into the stud',
    }),
  ];
}

function cylinders(): Product[] {
  const halves: [number, number][] = [
    [30, 30],
    [30, 35],
    [35, 35],
    [35, 40],
    [40, 40],
    [40, 45],
    [30, 40],
    [45, 45],
  ];
  return [
    ...halves.flatMap(([outer, inner]) =>
      (['keys', 'turn'] as const).map((side) =>
        product('Osk & Penn', `Z ${outer}/${inner}${side === 'turn' ? ' K' : ''}`, 'cylinder', {
          height: mm(outer),
          width: mm(inner),
          cylinders: ['profile'],
          finishes: ['satin nickel', 'polished brass'],
          handed: false,
          cost: 2,
          note: side === 'turn' ? 'turn inside' : 'key on both sides',
        }),
      ),
    ),
    ...[1, 1.125, 1.25, 1.5].map((length) =>
      product('Marrowby', `MC ${String(length).replace('.', '')}`, 'cylinder', {
        length: inches(length),
        cylinders: ['mortise cylinder'],
        finishes: US_FINISHES,
        handed: false,
        cost: 2,
      }),
    ),
    product('Marrowby', 'RC 1', 'cylinder', {
      cylinders: ['rim cylinder'],
      finishes: US_FINISHES,
      handed: false,
      cost: 2,
      note: 'tail cut to the leaf',
    }),
  ];
}

function trims(): Product[] {
  return (
    [
      ['Quillstead', 'Lever A', 'lever on rose', 52],
      ['Quillstead', 'Lever B', 'return lever', 52],
      ['Quillstead', 'Plate A', 'lever on plate', 45],
      ['Marrowby', 'Lever C', 'lever on rose', 67],
      ['Marrowby', 'Knob C', 'knob', 67],
      ['Osk & Penn', 'Lever D', 'lever on rose', 50],
      ['Osk & Penn', 'Plate D', 'lever on plate', 42],
      ['Osk & Penn', 'Knob D', 'lever and knob', 50],
      ['Tarnhollow', 'Knob E', 'knob', 57],
      ['Tarnhollow', 'Ring E', 'ring handle', 76],
    ] as const
  ).map(([maker, model, trim, across]) =>
    product(maker, model, 'trim', {
      recessAcross: mm(across),
      recessUp: mm(across),
      recessThrough: mm(9),
      trims: [trim],
      finishes: maker === 'Osk & Penn' ? METRIC_FINISHES : US_FINISHES,
      handed: trim.includes('return'),
      cost: 2,
    }),
  );
}

function others(): Product[] {
  return [
    ...[1, 2, 3, 4].map((index) =>
      product('Marrowby', `EP ${index}`, 'edge-pull', {
        recessAcross: mm(18),
        recessUp: mm(30 * index + 60),
        recessThrough: mm(16),
        leastLeaf: mm(30),
        finishes: METRIC_FINISHES,
        handed: false,
        cost: 1,
      }),
    ),
    ...([84, 96, 120] as const).map((height, index) =>
      product('Marrowby', `RM ${index + 1}`, 'mullion', {
        length: inches(height),
        mostHeight: inches(height),
        width: inches(2),
        listed: index === 1 ? 90 : 0,
        finishes: ['600', '628'],
        handed: false,
        cost: 3,
      }),
    ),
  ];
}
