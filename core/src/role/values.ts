import { mm } from '../measure/index.js';
import {
  byPractice,
  everywhere,
  type PracticeId,
  sourced,
  TRADE,
  type ValuesOf,
  type Occupancy,
  byRegion,
} from '../practice/index.js';
import { LOAD_VALUES } from './loads.js';
import { USUAL_VALUES } from './usualMake.js';
import { answers, ROLE_TABLES } from '../roles/index.js';

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

/** Class 9b without schools; others are asked for no bar by their number. */
const AUSTRALASIAN: PanicPeople = { ...US, assembly: 101, education: 0 };

const ROOMS_OF: Partial<Record<PracticeId, string>> = {
  'us-commercial': 'buildings',
  'us-residential': 'dwellings',
};

const CLEAR_WIDTHS: Record<PracticeId, string> = {
  'us-commercial': 'IBC 1010.1.1, NFPA 101: 41 1/2 in where beds are moved',
  'us-residential': 'ADA 404.2.3; bed movement: IBC 1010.1.1',
  british: 'Approved Document M, volumes 1 and 2: new work; 825 at right angles to a 1200 route',
  continental: 'DIN 18040: 900 mm, inside dwellings 800',
  australasian: 'AS 1428.1: 850 mm on accessible routes; bed movement as the hospital asks',
};

/** Figures of the trade about roles and ways out. */
export const ROLE_VALUES = {
  ...ROLE_TABLES,
  ...USUAL_VALUES,
  ...LOAD_VALUES,
  /** Whether rooms are read as those of buildings, of dwellings, or of both, where their names serve both. */
  roomsOf: byPractice<string>((id) =>
    sourced(
      ROOMS_OF[id] ?? 'buildings and dwellings',
      'term',
      `${TRADE}: what the practice is for`,
      'default',
    ),
  ),
  panicPeople: byRegion({
    us: sourced(
      US,
      'count',
      'IBC 1010.2.9: assembly and education from 50, high hazard any; NFPA 101: 100',
      'limit',
    ),
    british: sourced(METRIC, 'count', 'Approved Document B: above 60 people; BS EN 1125', 'limit'),
    continental: sourced(METRIC, 'count', 'EN 1125; the national rule', 'limit'),
    australasian: sourced(
      AUSTRALASIAN,
      'count',
      'NCC D3D26: bars where a storey or room of class 9b, not a school, holds more than 100',
      'limit',
    ),
  }),
  /** Clear width that a role asks for: always where beds pass, else on accessible routes; 0 is none of its own. */
  clearByRole: byPractice((id) =>
    sourced(
      answers(id, ({ clearWidth }) => clearWidth),
      'length',
      CLEAR_WIDTHS[id],
      'limit',
    ),
  ),
  /** Clear width of rooms that somebody comes to with helpers and a hoist; 0 where no figure is certain. */
  hoistClear: {
    ...everywhere(sourced(0, 'length', `${TRADE}: as other doors`, 'limit')),
    'us-commercial': sourced(0, 'length', 'ADA 404.2.3: as other doors', 'limit'),
    'us-residential': sourced(0, 'length', 'ADA 404.2.3: as other doors', 'limit'),
    british: sourced(
      mm(1000),
      'length',
      'Approved Document M, volume 2, 5.6; BS 8300-2: Changing Places',
      'limit',
    ),
    continental: sourced(mm(900), 'length', 'DIN 18040-1', 'limit'),
    australasian: sourced(mm(950), 'length', 'NCC Specification 27', 'limit'),
  },
  /** Standards that hardware beside the lock is ordered by, by its term. */
  standards: byRegion({
    us: sourced<Record<string, string>>(
      {
        'item.butt': 'ANSI/BHMA A156.1',
        'item.springHinge': 'ANSI/BHMA A156.17',
        'item.continuous': 'ANSI/BHMA A156.26',
        'item.offsetPivot': 'ANSI/BHMA A156.4',
        'item.centrePivot': 'ANSI/BHMA A156.4',
        'item.bolts.flush': 'ANSI/BHMA A156.16',
        'item.bolts.surface': 'ANSI/BHMA A156.16',
        'item.bolts.automatic': 'ANSI/BHMA A156.3',
        'item.bolts.constant': 'ANSI/BHMA A156.3',
        'item.coordinator': 'ANSI/BHMA A156.3',
        'item.cylinder.mortise': 'ANSI/BHMA A156.5',
        'item.cylinder.rim': 'ANSI/BHMA A156.5',
        'item.pushPlate': 'ANSI/BHMA A156.6',
        'item.pullHandle': 'ANSI/BHMA A156.6',
        'item.track': 'ANSI/BHMA A156.14',
      },
      'term',
      'ANSI/BHMA, editions as adopted',
    ),
    british: sourced<Record<string, string>>(
      {
        'item.butt': 'BS EN 1935',
        'item.continuous': 'BS EN 1935',
        'item.offsetPivot': 'BS EN 1154',
        'item.centrePivot': 'BS EN 1154',
        'item.bolts.flush': 'BS EN 12051',
        'item.bolts.surface': 'BS EN 12051',
        'item.bolts.automatic': 'BS EN 12051',
        'item.bolts.constant': 'BS EN 12051',
        'item.coordinator': 'BS EN 1158',
        'item.cylinder': 'BS EN 1303',
        'item.cylinder.rim': 'BS EN 1303',
        'item.trim.lever': 'BS EN 1906',
        'item.trim.knob': 'BS EN 1906',
        'item.trim.inside': 'BS EN 1906',
        'item.trim.fixedKnob': 'BS EN 1906',
        'item.track': 'BS EN 1527',
      },
      'term',
      'BS EN, editions as adopted',
    ),
    continental: sourced<Record<string, string>>(
      {
        'item.butt': 'EN 1935',
        'item.continuous': 'EN 1935',
        'item.offsetPivot': 'EN 1154',
        'item.centrePivot': 'EN 1154',
        'item.bolts.flush': 'EN 12051',
        'item.bolts.surface': 'EN 12051',
        'item.bolts.automatic': 'EN 12051',
        'item.bolts.constant': 'EN 12051',
        'item.coordinator': 'EN 1158',
        'item.cylinder': 'EN 1303',
        'item.cylinder.rim': 'EN 1303',
        'item.trim.lever': 'EN 1906',
        'item.trim.knob': 'EN 1906',
        'item.trim.inside': 'EN 1906',
        'item.trim.fixedKnob': 'EN 1906',
        'item.track': 'EN 1527',
      },
      'term',
      'EN, editions as adopted',
    ),
    australasian: sourced<Record<string, string>>(
      {
        'item.cylinder': 'AS 4145.2',
        'item.cylinder.rim': 'AS 4145.2',
        'item.trim.lever': 'AS 4145.2',
        'item.trim.knob': 'AS 4145.2',
        'item.trim.inside': 'AS 4145.2',
        'item.trim.fixedKnob': 'AS 4145.2',
      },
      'term',
      'AS 4145, editions as adopted',
    ),
  }),
  /** Electrical rooms from this rating: doors out, with panic hardware; 0 where no number alone asks for it. */
  electricalPanic: {
    ...everywhere(
      sourced(
        0,
        'count',
        'IEC 60364-7-729: outwards and free from inside, whatever the rating',
        'limit',
      ),
    ),
    'us-commercial': sourced(800, 'count', 'NFPA 70 110.26(C)(3): 800 A and more', 'limit'),
    'us-residential': sourced(800, 'count', 'NFPA 70 110.26(C)(3): 800 A and more', 'limit'),
    australasian: sourced(800, 'count', 'AS/NZS 3000, 2.10: 800 A a phase and more', 'limit'),
  },
  /** Rated doors of corridors up to this rating hold smoke back, whatever room they are of; 0 where none do. */
  corridorSmoke: {
    ...everywhere(
      sourced(0, 'count', `${TRADE}: by what the door is, not by its rating`, 'preference'),
    ),
    'us-commercial': sourced(
      20,
      'count',
      'IBC 716.2.2.1: 20-minute doors of corridors and smoke barriers are tested for smoke and draught',
      'preference',
    ),
  },
  /** How near the number of people may come before the occupancy is asked for. */
  panicNear: everywhere(sourced(0.8, 'ratio', `${TRADE}: counts change by use`, 'preference')),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof ROLE_VALUES> {}
}
