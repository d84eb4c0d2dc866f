import { GRAMS_PER_POUND, inches, mm } from '../measure/index.js';
import type { Product, ProductType } from './product.js';

/** The invented makers of the shipped catalogue. */
export const MAKERS = ['Marrowby', 'Quillstead', 'Tarnhollow', 'Osk & Penn'] as const;

const pounds = (value: number) => Math.round(value * GRAMS_PER_POUND);
const kilograms = (value: number) => value * 1000;

const BOTH = ['steel', 'stainless'];
const US_FINISHES = ['600', '626', '630', '652'];
const METRIC_FINISHES = ['satin stainless', 'polished brass', 'zinc'];

function product(
  maker: (typeof MAKERS)[number],
  model: string,
  type: ProductType,
  rest: Omit<Product, 'id' | 'maker' | 'model' | 'type'>,
): Product {
  const id = `${maker} ${model}`
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  const { traits, ...others } = rest;
  return { id, maker, model, type, ...others, ...(traits?.length ? { traits } : {}) };
}

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

function usButts(): Product[] {
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

function usSpecial(): Product[] {
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

function metricButts(): Product[] {
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

function concealed(): Product[] {
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

function pivots(): Product[] {
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

function closers(): Product[] {
  const EN: [number, number][] = [
    [1, 4],
    [2, 5],
    [1, 6],
    [3, 6],
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

function seals(): Product[] {
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
    ...[915, 1220, 1830].map((length) =>
      seal(`TH ${length}`, 'threshold', length, 13, 127, { note: 'half-inch saddle', listed: 180 }),
    ),
    ...[915, 1220, 1830].map((length) =>
      seal(`TL ${length}`, 'threshold', length, 6, 100, { note: 'low, with gasket', listed: 180 }),
    ),
    seal('TP 5', 'perimeter-seal', 5100, 0, 0, { note: 'bulb, kerf-in', cost: 1 }),
    seal('TP 5S', 'perimeter-seal', 5100, 0, 0, { note: 'silicone, adhesive, smoke', listed: 180 }),
    seal('TI 10', 'perimeter-seal', 2100, 0, 0, {
      note: 'intumescent 10 × 4',
      listed: 30,
      cost: 1,
    }),
    seal('TI 20', 'perimeter-seal', 2100, 0, 0, {
      note: 'intumescent 20 × 4 with brush',
      listed: 60,
    }),
  ];
}

/** The catalogue that ships: invented products with dimensions as the trade makes them. */
export const SHIPPED_PRODUCTS: readonly Product[] = [
  ...usButts(),
  ...usSpecial(),
  ...metricButts(),
  ...concealed(),
  ...pivots(),
  ...closers(),
  ...seals(),
];
