import { inches, mm } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';
import { BOTH, kilograms, METRIC_FINISHES, pounds, product, US_FINISHES } from './make.js';

/** Open sizes in inches with the gauge of their standard and heavy leaves (handbook: .134, .146, .180, .190). */
const US_SIZES: [height: number, width: number, standard: number, heavy?: number][] = [
  [3, 3, 0.11],
  [3.5, 3.5, 0.119],
  [4, 4, 0.13],
  [4.5, 4, 0.134, 0.18],
  [4.5, 4.5, 0.134, 0.18],
  [5, 4.5, 0.146, 0.19],
  [5, 5, 0.146, 0.19],
  [6, 5, 0.16, 0.203],
  [6, 6, 0.16, 0.203],
];

/** Plain, bearing and heavy butts in inches. */
export function usButts(): Product[] {
  return US_SIZES.flatMap(([height, width, standard, heavy]) => {
    const size = `${height}x${width}`;
    const base = {
      height: inches(height),
      width: inches(width),
      handed: false,
      finishes: US_FINISHES,
    };
    const corners = height <= 4 ? ['square', 'round-quarter', 'round-five-eighths'] : ['square'];
    const rows = [
      product('Marrowby', `P ${size}`, 'butt', {
        ...base,
        gauge: inches(standard),
        metals: [...BOTH, 'brass'],
        corners,
        traits: ['plain', 'standard'],
        massThree: pounds(height < 4.5 ? 90 : 150),
        listed: 0,
        cost: 1,
      }),
      product('Marrowby', `B ${size}`, 'butt', {
        ...base,
        gauge: inches(standard),
        metals: BOTH,
        corners,
        traits: ['bearing', 'standard', 'non-removable'],
        massThree: pounds(height < 4.5 ? 120 : 200),
        listed: height < 4.5 ? 90 : 180,
        cost: 2,
      }),
    ];
    if (heavy)
      rows.push(
        product('Marrowby', `H ${size}`, 'butt', {
          ...base,
          gauge: inches(heavy),
          metals: BOTH,
          corners,
          traits: ['bearing', 'heavy', 'non-removable'],
          massThree: pounds(400),
          massFour: pounds(520),
          listed: 180,
          cost: 3,
        }),
      );
    return rows;
  });
}

/** Electric, swing-clear, spring and continuous hinges in inches. */
export function usSpecial(): Product[] {
  const hinge = (
    model: string,
    type: ProductType,
    height: number,
    width: number,
    rest: Partial<Product>,
  ) =>
    product('Marrowby', model, type, {
      height: inches(height),
      width: inches(width),
      metals: BOTH,
      finishes: US_FINISHES,
      corners: ['square'],
      handed: false,
      listed: 180,
      ...rest,
    });
  const electric = [
    [4.5, 4.5, 0.134, 'standard', 200],
    [4.5, 4.5, 0.18, 'heavy', 400],
    [5, 4.5, 0.19, 'heavy', 400],
  ] as const;
  const clear = [
    [4.5, 0.134, 'standard', 180],
    [4.5, 0.18, 'heavy', 350],
    [5, 0.19, 'heavy', 350],
  ] as const;
  const spring = [
    [4, 4, 0.13, 60],
    [4.5, 4, 0.134, 85],
    [4.5, 4.5, 0.134, 85],
  ] as const;
  const long = [83, 95, 119];
  const continuous = [
    ['G', 'geared, full concealed', 5 / 16, 450, 90],
    ['GX', 'geared, heavy', 5 / 16, 600, 90],
    ['PN', 'pinned, edge mounted', 3 / 16, 400, 180],
    ['GS', 'geared, half surface', 5 / 16, 450, 0],
  ] as const;
  return [
    ...electric.map(([height, width, gauge, weight, mass]) =>
      hinge(`E${weight[0]!.toUpperCase()} ${height}x${width}`, 'butt', height, width, {
        gauge: inches(gauge),
        traits: ['bearing', weight, 'electric', 'non-removable'],
        massThree: pounds(mass),
        cost: 4,
      }),
    ),
    ...clear.map(([height, gauge, weight, mass]) =>
      hinge(`SC${weight[0]!.toUpperCase()} ${height}`, 'swing-clear', height, 4.5, {
        gauge: inches(gauge),
        axisOut: inches(0.25),
        traits: ['bearing', weight],
        massThree: pounds(mass),
        opensTo: 110,
        handed: true,
        cost: 4,
      }),
    ),
    ...spring.map(([height, width, gauge, mass]) =>
      hinge(`SP ${height}x${width}`, 'spring-hinge', height, width, {
        gauge: inches(gauge),
        traits: ['adjustable', 'standard'],
        mostMass: pounds(mass),
        listed: 180,
        cost: 2,
      }),
    ),
    ...continuous.flatMap(([code, note, gap, mass, listed]) =>
      long.map((length) =>
        product('Marrowby', `${code} ${length}`, 'continuous', {
          length: inches(length),
          gap: inches(gap),
          mostMass: pounds(mass),
          mostHeight: inches(length),
          metals: code === 'PN' ? BOTH : ['aluminium'],
          finishes: code === 'PN' ? ['630'] : ['628', '710'],
          listed,
          handed: code === 'GS',
          opensTo: 180,
          cost: 3,
          note,
        }),
      ),
    ),
  ];
}

/** Butts in millimetres, by EN 1935 grade. */
export function metricButts(): Product[] {
  const rows: [string, number, number, number, number, number, 1 | 2 | 3, number][] = [
    ['75/50', 76, 50, 1.5, 7, 25, 1, 0],
    ['75/67', 76, 67, 2, 7, 40, 1, 0],
    ['100/67', 100, 67, 2, 7, 45, 1, 0],
    ['102/76', 102, 76, 2.5, 11, 80, 2, 60],
    ['102/76/3', 102, 76, 3, 13, 120, 2, 120],
    ['102/89/3', 102, 89, 3, 13, 120, 2, 120],
    ['102/102/3', 102, 102, 3, 13, 120, 2, 120],
    ['120/89/3', 120, 89, 3, 13, 120, 3, 120],
    ['120/102/3', 120, 102, 3, 14, 160, 3, 120],
    ['127/89/3', 127, 89, 3, 14, 160, 3, 120],
    ['127/102/3', 127, 102, 3, 14, 160, 3, 120],
    ['127/127/3', 127, 127, 3, 14, 160, 3, 120],
  ];
  return rows.map(([model, height, width, gauge, grade, mass, cost, listed]) =>
    product('Tarnhollow', model, 'butt', {
      height: mm(height),
      width: mm(width),
      gauge: mm(gauge),
      grade,
      massThree: kilograms(mass),
      ...(grade >= 13 ? { massFour: kilograms(Math.round(mass * 1.25)) } : {}),
      metals: grade < 11 ? ['steel', 'brass'] : BOTH,
      finishes: METRIC_FINISHES,
      corners: grade < 11 ? ['square'] : ['square', 'round-quarter'],
      traits: [
        grade < 11 ? 'plain' : 'bearing',
        grade >= 14 ? 'heavy' : 'standard',
        ...(grade >= 13 ? ['non-removable'] : []),
      ],
      listed,
      handed: false,
      cost,
    }),
  );
}

/** Hinges for rebated leaves, drilled in, of two parts and of three. */
export function drillIns(): Product[] {
  const rows: [string, number, number, number, number, 1 | 2 | 3, string[]][] = [
    ['R 15/2', 50, 40, 7, 0, 1, ['steel']],
    ['R 15/2 N', 50, 40, 7, 0, 2, ['stainless']],
    ['R 15/3', 60, 60, 11, 30, 2, ['steel', 'stainless']],
    ['R 20/3', 80, 80, 13, 90, 3, ['steel', 'stainless']],
  ];
  return rows.map(([model, knuckle, mass, grade, listed, cost, metals]) =>
    product('Tarnhollow', model, 'drill-in', {
      height: mm(knuckle),
      grade,
      massTwo: kilograms(mass),
      massThree: kilograms(mass * 1.5),
      metals,
      finishes: METRIC_FINISHES,
      traits: mass >= 80 ? ['heavy', 'adjustable'] : ['standard'],
      listed,
      handed: false,
      opensTo: 180,
      cost,
    }),
  );
}
