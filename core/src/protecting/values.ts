import { inches, mm } from '../measure/index.js';
import {
  everywhere,
  ROLES,
  sourced,
  TRADE,
  usAndMetric,
  type Role,
  type ValuesOf,
} from '../practice/index.js';

/** Plates a door of a role usually has. */
export const PLATES = ['none', 'kick', 'kick-mop', 'armor', 'armor-both'] as const;
export type Plates = (typeof PLATES)[number];

const NONE = Object.fromEntries(ROLES.map((role) => [role, 'none'])) as Record<Role, Plates>;
const PUBLIC: Record<Role, Plates> = {
  ...NONE,
  stair: 'kick',
  'final-exit': 'kick',
  'cross-corridor': 'kick',
  entrance: 'kick',
  vestibule: 'kick',
  assembly: 'kick',
  classroom: 'kick',
  store: 'kick',
  electrical: 'kick',
  plant: 'kick',
  'toilet-group': 'kick-mop',
  'patient-room': 'armor',
  treatment: 'armor',
  kitchen: 'armor-both',
  goods: 'armor-both',
  shop: 'kick',
  stage: 'kick',
};

const source = (what: string) => `${TRADE}: ${what}`;

/** Figures that only the protecting works with. */
export const PROTECTING_VALUES = {
  rolePlates: {
    ...everywhere(sourced(PUBLIC, 'term', source('plates by use'), 'preference')),
    'us-residential': sourced(NONE, 'term', source('none on doors of dwellings'), 'preference'),
  },
  kickHeight: usAndMetric(
    sourced(inches(10), 'length', source('8 to 12 in; ADA 404.2.10 smooth to 10 in')),
    sourced(mm(250), 'length', source('200 to 300 mm')),
  ),
  mopHeight: usAndMetric(
    sourced(inches(4), 'length', source('4 to 6 in')),
    sourced(mm(100), 'length', source('100 to 150 mm')),
  ),
  armorHeight: usAndMetric(
    sourced(inches(36), 'length', source('34 to 42 in')),
    sourced(mm(900), 'length', source('850 to 1050 mm')),
  ),
  stretcherHeight: usAndMetric(
    sourced(inches(8), 'length', source('as high as the bumper, 8 in')),
    sourced(mm(200), 'length', source('as high as the bumper, 200 mm')),
  ),
  /** How much narrower than the leaf a plate is: of a single leaf, of one of a pair, of a mop plate. */
  plateLess: usAndMetric(
    sourced(
      { single: inches(2), pair: inches(1), mop: inches(1) },
      'length',
      source('leaf − 2 in; of a pair − 1 in'),
    ),
    sourced(
      { single: mm(50), pair: mm(25), mop: mm(25) },
      'length',
      source('leaf − 50 mm; of a pair − 25 mm'),
    ),
  ),
  /** Kept free of locks, glass and edges. */
  plateClear: usAndMetric(sourced(inches(0.5), 'length', TRADE), sourced(mm(12), 'length', TRADE)),
  /** Smooth from the floor on the push side of an accessible leaf. */
  smoothBottom: usAndMetric(
    sourced(inches(10), 'length', 'ADA 404.2.10', 'limit'),
    sourced(mm(0), 'length', 'none given'),
  ),
  viewerHeight: usAndMetric(
    sourced(inches(60), 'length', TRADE),
    sourced(mm(1500), 'length', TRADE),
  ),
  viewerLow: usAndMetric(
    sourced(inches(43), 'length', 'ADA: accessible rooms a second viewer'),
    sourced(mm(1100), 'length', source('accessible rooms a second viewer')),
  ),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof PROTECTING_VALUES> {}
}
