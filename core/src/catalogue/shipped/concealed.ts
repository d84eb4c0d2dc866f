import { mm } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';
import { kilograms, METRIC_FINISHES, product } from './make.js';

/** Concealed hinges, plain, three-way adjustable and with springs. */
export function concealed(): Product[] {
  const rows: [
    model: string,
    type: ProductType,
    recess: [number, number, number, number],
    least: [leaf: number, jamb: number],
    masses: [number, number, number],
    adjust: [number, number, number],
    more: [angle: number, listed: number, cost: number],
  ][] = [
    ['C60', 'concealed', [20, 60, 13, 20], [20, 24], [20, 30, 40], [0, 0, 0], [180, 0, 1]],
    ['C95', 'concealed', [26, 95, 19, 26], [28, 30], [30, 45, 60], [0, 0, 0], [180, 0, 2]],
    ['C117', 'concealed', [28.5, 117, 28, 28.5], [35, 32], [40, 60, 80], [0, 0, 0], [180, 60, 2]],
    ['C117S', 'concealed', [28.5, 117, 28, 28.5], [35, 32], [40, 60, 80], [0, 0, 0], [180, 90, 3]],
    ['C140', 'concealed', [32, 140, 30, 34], [38, 38], [55, 85, 110], [0, 0, 0], [180, 60, 3]],
    [
      'A110',
      'adjustable-concealed',
      [25, 110, 24, 30],
      [35, 34],
      [40, 60, 80],
      [2, 2, 1],
      [180, 60, 3],
    ],
    [
      'A160',
      'adjustable-concealed',
      [35, 160, 32, 38],
      [40, 44],
      [80, 120, 160],
      [3, 3, 1.5],
      [180, 90, 3],
    ],
    [
      'A200',
      'adjustable-concealed',
      [37, 200, 34, 42],
      [42, 48],
      [120, 180, 240],
      [3, 3, 1.5],
      [180, 60, 4],
    ],
    [
      'A240',
      'adjustable-concealed',
      [40, 240, 38, 46],
      [46, 52],
      [200, 300, 350],
      [3, 3, 2],
      [180, 30, 4],
    ],
    [
      'A160E',
      'adjustable-concealed',
      [35, 160, 32, 38],
      [40, 44],
      [80, 120, 160],
      [3, 3, 1.5],
      [180, 60, 4],
    ],
    [
      'CS117',
      'spring-concealed',
      [28.5, 117, 28, 28.5],
      [35, 32],
      [25, 35, 40],
      [0, 0, 0],
      [90, 20, 2],
    ],
    [
      'CS140',
      'spring-concealed',
      [32, 140, 30, 34],
      [38, 38],
      [30, 40, 50],
      [0, 0, 0],
      [90, 20, 3],
    ],
  ];
  return rows.map(([model, type, recess, least, masses, adjust, more]) => {
    const [across, up, through, frame] = recess;
    return product('Quillstead', model, type, {
      height: mm(up),
      recessAcross: mm(across),
      recessUp: mm(up),
      recessThrough: mm(through),
      frameAcross: mm(frame),
      leastLeaf: mm(least[0]),
      leastJamb: mm(least[1]),
      massTwo: kilograms(masses[0]),
      massThree: kilograms(masses[1]),
      massFour: kilograms(masses[2]),
      opensTo: more[0],
      axisOut: mm(3),
      axisTravel: mm(Math.round(through * 0.6)),
      ...(adjust[0] > 0
        ? {
            sideRange: mm(adjust[0]),
            heightRange: mm(adjust[1]),
            depthRange: mm(adjust[2]),
            sideTurn: mm(1),
            heightTurn: mm(0.8),
            depthTurn: mm(0.8),
          }
        : {}),
      traits: [
        ...(adjust[0] > 0 ? ['adjustable'] : []),
        ...(model.endsWith('E') ? ['electric'] : []),
      ],
      metals: ['steel', 'stainless'],
      finishes: METRIC_FINISHES,
      listed: more[1],
      handed: false,
      cost: more[2],
    });
  });
}
