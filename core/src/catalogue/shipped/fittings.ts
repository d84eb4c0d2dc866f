import { inches, mm } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';
import { METRIC_FINISHES, product, US_FINISHES, type MAKERS } from './make.js';

type Maker = (typeof MAKERS)[number];

/** Stops, holders and selectors. */
export function stops(): Product[] {
  const stop = (maker: Maker, model: string, type: ProductType, rest: Partial<Product> = {}) =>
    product(maker, model, type, {
      finishes: maker === 'Osk & Penn' ? METRIC_FINISHES : US_FINISHES,
      handed: false,
      listed: 180,
      cost: 1,
      ...rest,
    });
  const walls = ['W 10', 'W 12', 'W 20'].flatMap((model, at) => [
    stop('Quillstead', model, 'stop-wall', { note: at === 0 ? 'concave rubber' : 'convex rubber' }),
    stop('Osk & Penn', model, 'stop-wall', { note: 'on a stem' }),
  ]);
  const floors = [25, 32, 45].flatMap((high) => [
    stop('Quillstead', `D ${high}`, 'stop-floor', { height: mm(high), note: 'dome' }),
    stop('Osk & Penn', `P ${high}`, 'stop-floor', { height: mm(high), note: 'post' }),
  ]);
  const overheads = (
    [
      ['OS 1', 686, 90],
      ['OS 2', 838, 90],
      ['OS 3', 991, 105],
      ['OS 4', 1143, 110],
      ['OC 2', 838, 110],
      ['OC 3', 991, 110],
    ] as const
  ).map(([model, width, opensTo]) =>
    stop('Tarnhollow', model, 'stop-overhead', {
      mostWidth: mm(width),
      opensTo,
      handed: true,
      cost: model.startsWith('OC') ? 3 : 2,
      note: model.startsWith('OC') ? 'concealed in the head' : 'surface',
    }),
  );
  const holders = ['wall', 'floor', 'wall, long reach'].flatMap((where, at) => [
    stop('Tarnhollow', `MH ${at + 1}`, 'holder', { note: `magnet, ${where}, 24 V`, cost: 2 }),
    stop('Osk & Penn', `HM ${at + 1}`, 'holder', { note: `magnet, ${where}, 24 V`, cost: 2 }),
  ]);
  const selectors = [1200, 1800, 2500].map((width) =>
    stop('Osk & Penn', `SR ${width}`, 'selector', { length: mm(width), cost: 3 }),
  );
  return [...walls, ...floors, ...overheads, ...holders, ...selectors];
}

/** Plates, viewers, letter plates. */
export function plates(): Product[] {
  const plate = (
    maker: Maker,
    type: ProductType,
    height: number,
    width: number,
    rest: Partial<Product> = {},
  ) =>
    product(maker, `${PLATE_MODELS[type]} ${Math.round(height)}x${Math.round(width)}`, type, {
      height: maker === 'Osk & Penn' ? mm(height) : inches(height),
      width: maker === 'Osk & Penn' ? mm(width) : inches(width),
      metals: ['stainless', 'brass'],
      finishes: maker === 'Osk & Penn' ? METRIC_FINISHES : ['630', '629', '605'],
      handed: false,
      listed: 0,
      cost: 1,
      ...rest,
    });
  const kicks = [8, 10, 12].flatMap((height) =>
    [28, 30, 32, 34, 36, 40, 46].map((width) => plate('Marrowby', 'kick-plate', height, width)),
  );
  const metric = [200, 250, 300].flatMap((height) =>
    [700, 800, 900, 1000].map((width) => plate('Osk & Penn', 'kick-plate', height, width)),
  );
  const armor = [34, 36, 40].flatMap((height) =>
    [34, 40, 46].map((width) =>
      plate('Marrowby', 'armor-plate', height, width, { listed: 90, cost: 3 }),
    ),
  );
  const metricArmor = [850, 900, 1000].flatMap((height) =>
    [870, 1000].map((width) =>
      plate('Osk & Penn', 'armor-plate', height, width, { listed: 60, cost: 3 }),
    ),
  );
  const mops = [4, 6].flatMap((height) =>
    [31, 35].map((width) => plate('Marrowby', 'mop-plate', height, width)),
  );
  const metricMops = [100, 150].flatMap((height) =>
    [800, 900, 1000].map((width) => plate('Osk & Penn', 'mop-plate', height, width)),
  );
  // Stretchers and beds strike higher than a kick plate reaches.
  const stretchers = [6, 8, 12].flatMap((height) =>
    [34, 40, 46].map((width) => plate('Marrowby', 'stretcher-plate', height, width)),
  );
  const metricStretchers = [150, 200, 300].flatMap((height) =>
    [900, 1000, 1100].map((width) => plate('Osk & Penn', 'stretcher-plate', height, width)),
  );
  const viewers = (
    [
      ['V 160', 160, 35, 60],
      ['V 200', 200, 35, 55],
      ['V 200F', 200, 35, 60],
    ] as const
  ).map(([model, degrees, from, to]) =>
    product('Quillstead', model, 'viewer', {
      leastLeaf: mm(from),
      mostLeaf: mm(to),
      opensTo: degrees,
      finishes: [...US_FINISHES, ...METRIC_FINISHES],
      handed: false,
      listed: model.endsWith('F') ? 60 : 20,
      cost: 1,
      note: 'angle of view in degrees',
    }),
  );
  return [
    ...kicks,
    ...metric,
    ...armor,
    ...metricArmor,
    ...mops,
    ...metricMops,
    ...stretchers,
    ...metricStretchers,
    ...viewers,
  ];
}

const PLATE_MODELS: Partial<Record<ProductType, string>> = {
  'kick-plate': 'K',
  'armor-plate': 'A',
  'mop-plate': 'M',
  'stretcher-plate': 'S',
};

/** Supplies, transfers, readers, contacts, operators. */
export function electric(): Product[] {
  const part = (maker: Maker, model: string, type: ProductType, rest: Partial<Product> = {}) =>
    product(maker, model, type, { handed: false, listed: 180, cost: 2, ...rest });
  const supplies = [1, 2, 4, 6, 10, 20, 40].map((amperes) =>
    part('Tarnhollow', `PS ${amperes}`, 'supply', {
      current: amperes,
      cost: amperes > 6 ? 4 : 3,
      note: '24 V direct current, with battery',
    }),
  );
  const transfers = (
    [
      ['PT 8', 4, 40],
      ['PT 12', 6, 44],
      ['PT 2H', 16, 44],
    ] as const
  ).map(([model, current, leaf]) =>
    part('Osk & Penn', model, 'power-transfer', {
      current,
      leastLeaf: mm(leaf),
      recessAcross: mm(24),
      recessUp: mm(230),
      recessThrough: mm(25),
      opensTo: 120,
      cost: 3,
    }),
  );
  const loops = ['DL 300', 'DL 450'].map((model) =>
    part('Quillstead', model, 'door-loop', { current: 4, cost: 1 }),
  );
  const readers = ['R 1', 'R 2', 'RM 1', 'RM 2'].map((model) =>
    part('Tarnhollow', model, 'reader', {
      note: model.startsWith('RM') ? 'on a mullion' : 'on a wall',
    }),
  );
  const keypads = ['KP 1', 'KP 4'].map((model) => part('Tarnhollow', model, 'keypad'));
  const contacts = ['C 10', 'C 25', 'CS 10'].map((model) =>
    part('Quillstead', model, 'contact', {
      cost: 1,
      note: model.startsWith('CS') ? 'surface' : 'let in',
    }),
  );
  const operators = (
    [
      ['OP 100', 1100, 100],
      ['OP 160', 1250, 160],
      ['OP 250', 1600, 250],
    ] as const
  ).map(([model, width, kilograms]) =>
    part('Tarnhollow', model, 'operator', {
      mostWidth: mm(width),
      mostMass: kilograms * 1000,
      opensTo: 110,
      cost: 4,
    }),
  );
  return [...supplies, ...transfers, ...loops, ...readers, ...keypads, ...contacts, ...operators];
}
