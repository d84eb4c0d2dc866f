import { sourced, usAndMetric, TRADE, type ValuesOf, byRegion } from '../practice/index.js';

/** Metals that hardware is made of, by which one appearance has different numbers. */
export const BASE_METALS = [
  'brass',
  'bronze',
  'steel',
  'stainless',
  'aluminium',
  'painted',
] as const;
export type BaseMetal = (typeof BASE_METALS)[number];

/** One appearance with its numbers; empty where it is not made on a metal. */
export interface FinishRow extends Record<BaseMetal, string> {
  id: string;
  /** Older number of the United States. */
  us: string;
  /** The appearance that looks nearest where it is not made on a metal. */
  nearest: string;
}

const row = (
  id: string,
  us: string,
  codes: Partial<Record<BaseMetal, string>>,
  nearest = '',
): FinishRow => ({
  id,
  us,
  nearest,
  brass: '',
  bronze: '',
  steel: '',
  stainless: '',
  aluminium: '',
  painted: '',
  ...codes,
});

const FINISHES: FinishRow[] = [
  row('bright-brass', '3', { brass: '605', steel: '632', painted: '696' }),
  row('satin-brass', '4', { brass: '606', steel: '633', painted: '696' }),
  row('bright-bronze', '9', { bronze: '611', steel: '637', painted: '691' }),
  row('satin-bronze', '10', { bronze: '612', steel: '639', painted: '691' }),
  row('oil-rubbed-bronze', '10B', { bronze: '613', steel: '640', painted: '690' }),
  row('bright-nickel', '14', { brass: '618', steel: '645', painted: '689' }),
  row('satin-nickel', '15', { brass: '619', steel: '646', painted: '689' }),
  row('flat-black', '19', { brass: '622', steel: '631', painted: '693' }),
  row('bright-chrome', '26', { brass: '625', steel: '651', painted: '689' }, 'bright-stainless'),
  row('satin-chrome', '26D', { brass: '626', steel: '652', painted: '689' }, 'satin-stainless'),
  row('satin-aluminium', '28', { aluminium: '628', painted: '689' }, 'satin-chrome'),
  row('bright-stainless', '32', { stainless: '629', painted: '689' }, 'bright-chrome'),
  row('satin-stainless', '32D', { stainless: '630', painted: '689' }, 'satin-chrome'),
  row('zinc', '2C', { steel: '603' }),
  row('primed', 'P', { steel: '600', painted: '600' }),
];

/** Figures that only the finishing works with. */
export const FINISHING_VALUES = {
  finishes: usAndMetric(
    sourced(FINISHES, 'term', 'ANSI/BHMA A156.18'),
    sourced(FINISHES, 'term', `${TRADE}: finishes as they are sold`),
  ),
  /** Whether a schedule names finishes by number or in words. */
  finishNames: usAndMetric(
    sourced('numbers', 'term', 'ANSI/BHMA A156.18', 'preference'),
    sourced('words', 'term', `${TRADE}: descriptive finishes`, 'preference'),
  ),
  /** EN 1670 grade outside; 0 where none is usual. */
  corrosionGrade: byRegion({
    us: sourced(0, 'count', 'ANSI/BHMA A156.18: salt spray by product'),
    british: sourced(4, 'count', 'BS EN 1670: grade 3 to 4 outside'),
    continental: sourced(4, 'count', 'EN 1670: grade 3 to 4 outside'),
    australasian: sourced(0, 'count', 'AS 4145.2: by product'),
  }),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof FINISHING_VALUES> {}
}
