import { inches, mm } from '../measure/index.js';
import { byPractice, sourced, TRADE, usAndMetric, type ValuesOf } from '../practice/index.js';
import { answers } from '../roles/index.js';

const source = (what: string) => `${TRADE}: ${what}`;

/** Figures that only the protecting works with. */
export const PROTECTING_VALUES = {
  rolePlates: byPractice((id) =>
    sourced(
      answers(id, ({ plates }) => plates.fitted),
      'term',
      source(id === 'us-residential' ? 'none on doors of dwellings' : 'plates by use'),
      'preference',
    ),
  ),
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
  /** How high fingers are guarded at the hinges, and whether that is usual where children pass. */
  fingerGuardHeight: byPractice((id) =>
    id.startsWith('us')
      ? sourced(inches(48), 'length', source('as high as children reach'))
      : sourced(
          mm(id === 'continental' ? 1100 : 1200),
          'length',
          id === 'continental'
            ? 'DGUV Regel 102-602: to 1.10 m'
            : source('as high as children reach'),
        ),
  ),
  fingerGuardUsual: byPractice((id) =>
    id === 'continental'
      ? sourced(true as boolean, 'term', 'DGUV Regel 102-602')
      : sourced(false as boolean, 'term', source('where it is asked for'), 'preference'),
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
