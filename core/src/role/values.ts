import {
  everywhere,
  ROLE_TABLES,
  sourced,
  TRADE,
  usAndMetric,
  type ValuesOf,
} from '../practice/index.js';
import type { Occupancy } from './facts.js';

/** People from which exit devices are asked for, by occupancy; 0 where number alone asks for none. */
type PanicPeople = Record<Occupancy, number>;

const US: PanicPeople = {
  assembly: 50,
  education: 50,
  'high-hazard': 1,
  business: 0,
  mercantile: 0,
  factory: 0,
  storage: 0,
  institutional: 0,
  residential: 0,
  dwelling: 0,
};
const METRIC = Object.fromEntries(
  Object.keys(US).map((occupancy) => [
    occupancy,
    occupancy === 'dwelling' ? 0 : occupancy === 'high-hazard' ? 1 : 61,
  ]),
) as PanicPeople;

/** Figures of the trade about roles and ways out. */
export const ROLE_VALUES = {
  ...ROLE_TABLES,
  panicPeople: usAndMetric(
    sourced(
      US,
      'count',
      'IBC 1010.2.9: assembly and education from 50, high hazard any; NFPA 101: 100',
      'limit',
    ),
    sourced(
      METRIC,
      'count',
      'Approved Document B: above 60 people; EN 1125; national rule',
      'limit',
    ),
  ),
  /** Electrical rooms from this rating: doors out, with panic hardware. */
  electricalPanic: everywhere(
    sourced(800, 'count', 'NFPA 70 110.26(C)(3): 800 A and more', 'limit'),
  ),
  /** How near the number of people may come before the occupancy is asked for. */
  panicNear: everywhere(sourced(0.8, 'ratio', `${TRADE}: counts change by use`, 'preference')),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof ROLE_VALUES> {}
}
