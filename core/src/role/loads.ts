import type { LoadUse } from '../model/index.js';
import { everywhere, sourced, TRADE, usAndMetric } from '../practice/index.js';
import { ROLE, ROLES } from '../roles/index.js';

const US: Record<LoadUse, number> = {
  standing: 5,
  chairs: 7,
  tables: 15,
  meeting: 15,
  classroom: 20,
  office: 150,
  reading: 50,
  shop: 60,
  exercise: 50,
  exhibition: 30,
  stage: 15,
  kitchen: 200,
  workshop: 50,
  industrial: 100,
  treatment: 100,
  inpatient: 240,
  sleeping: 200,
  dwelling: 200,
  lockers: 50,
  equipment: 300,
  store: 300,
  parking: 200,
};

const METRIC: Record<LoadUse, number> = {
  standing: 0.3,
  chairs: 0.5,
  tables: 1,
  meeting: 1,
  classroom: 1,
  office: 6,
  reading: 7,
  shop: 2,
  exercise: 2,
  exhibition: 1.5,
  stage: 1,
  kitchen: 7,
  workshop: 5,
  industrial: 5,
  treatment: 6,
  inpatient: 8,
  sleeping: 8,
  dwelling: 8,
  lockers: 1,
  equipment: 30,
  store: 30,
  parking: 12,
};

/** Words of names that say more than the role. */
const BY_WORDS: Record<string, string> = {
  reading: 'library, bibliothek',
  exercise: 'gym, gymnasium, sports hall, sporthalle, turnhalle, fitness',
  exhibition: 'gallery, museum, exhibition',
  tables: 'restaurant, bar, café, cafe, cafeteria, canteen, dining, mensa, banquet',
  lockers: 'locker room, lockers, changing, changing room, umkleide',
  workshop: 'workshop, studio, werkraum',
};

/** Figures of the trade about people and ways out. */
export const LOAD_VALUES = {
  /** Area to a person: square feet where the practice works in inches, else square metres. */
  areaPerPerson: usAndMetric(
    sourced(
      US,
      'count',
      'IBC table 1004.5, 2018 and later: ft² a person, gross or net as listed; fixed seats are counted',
      'limit',
    ),
    sourced(
      METRIC,
      'count',
      'Approved Document B, table D1: m² a person; classroom taken as meeting room, sports as shop',
      'limit',
    ),
    {
      continental: `${TRADE}: m² a person; the fire strategy decides`,
      australasian: 'NCC D2D18: m² a person',
    },
  ),
  loadByRole: everywhere(
    sourced(
      Object.fromEntries(
        ROLES.flatMap((role) => (ROLE[role].load ? [[role, ROLE[role].load as string]] : [])),
      ) as Record<string, string>,
      'term',
      `${TRADE}: what rooms are used for`,
    ),
  ),
  loadWords: everywhere(sourced(BY_WORDS, 'term', `${TRADE}: names of rooms; a guess`)),
  /** Most people that one way out may serve. */
  oneWayOut: usAndMetric(
    sourced(49, 'count', 'IBC 1006.2.1: A, B, E, F, M, U; fewer in others', 'limit'),
    sourced(60, 'count', 'Approved Document B, table 2.2; with a distance limit', 'limit'),
    {
      continental: `${TRADE}: the fire strategy and the length of the way decide`,
      australasian: `${TRADE}: NCC D2D3 asks by class and storey`,
    },
  ),
  /** Clear width a person takes: inches, or millimetres. */
  widthPerPerson: {
    ...everywhere(
      sourced(0.2, 'ratio', 'IBC 1005.3.2: 0.2 in a person, at least 32 in clear', 'limit'),
    ),
    british: sourced(5, 'ratio', 'Approved Document B: 5 mm a person above 220', 'limit'),
    continental: sourced(6, 'ratio', 'VStättVO 7: 0.60 m for each 100 people', 'limit'),
    australasian: sourced(8.75, 'ratio', 'NCC D2D8: 500 mm for each 60 people above 200', 'limit'),
  },
  /** Least clear widths in whole inches or millimetres, each up to so many people. */
  widthSteps: {
    ...everywhere(sourced([{ people: 0, clear: 32 }], 'table', 'IBC 1010.1.1', 'limit')),
    british: sourced(
      [
        { people: 60, clear: 750 },
        { people: 110, clear: 850 },
        { people: 220, clear: 1050 },
      ],
      'table',
      'Approved Document B, table 2.3',
      'limit',
    ),
    continental: sourced(
      [
        { people: 5, clear: 800 },
        { people: 50, clear: 900 },
        { people: 100, clear: 1000 },
        { people: 200, clear: 1050 },
        { people: 300, clear: 1650 },
        { people: 400, clear: 2250 },
      ],
      'table',
      'ASR A2.3 (2022): doors on ways out',
      'limit',
    ),
    australasian: sourced(
      [
        { people: 100, clear: 750 },
        { people: 125, clear: 1000 },
        { people: 150, clear: 1250 },
        { people: 175, clear: 1500 },
        { people: 200, clear: 1750 },
      ],
      'table',
      'NCC D2D8, D2D9: exit width less 250 mm at doorways',
      'limit',
    ),
  },
  /** Whether the ways left are to serve all with the largest lost. */
  discountLargest: usAndMetric(
    sourced(false, 'term', 'IBC 1005.5: half the width is left', 'limit'),
    sourced(true, 'term', 'Approved Document B: each way out discounted in turn', 'limit'),
    {
      continental: `${TRADE}: each way out discounted in turn`,
      australasian: `${TRADE}: each way out discounted in turn`,
    },
  ),
};
