import { mm } from '../../measure/index.js';
import { COUNTRY, edition, type Cite, type Code } from './edition.js';

const CONTINENTAL = ['continental'] as const;
const GERMANY = ['germany'];

/** What Austria has in place of Germany’s rules and standards. */
const AUSTRIAN: readonly Cite[] = [
  [
    'MBO 35 (6), 36 (3): stairs and corridors; DIN 18095; the national rule decides',
    'OIB-Richtlinie 2: stairs and corridors; ÖNORM B 3850; the Land’s rule decides',
  ],
  ['MBO 29, 35 to 37; GarVO; FeuVO', 'OIB-Richtlinie 2, 2.2; ÖNORM B 3850'],
  ['EltBauVO; FeuVO', 'OIB-Richtlinie 2; OVE E 8101'],
  ['MBO; DIN 4102-5; EN 1634-1; DIN 18250', 'OIB-Richtlinie 2; ÖNORM B 3850; EN 1634-1'],
  ['DIN 18250; DIN 4102-5; EN 1634-1', 'ÖNORM B 3850; EN 1634-1'],
  ['DIN 18095; EN 1634-3', 'ÖNORM B 3850; EN 1634-3'],
  ['ASR A2.3, table 2; VStättVO 7', 'OIB-Richtlinie 4; AStV 18'],
  ['ASR A2.3; VStättVO 9', 'OIB-Richtlinie 4; AStV 20'],
  ['ASR A2.3; MBO', 'OIB-Richtlinie 4; AStV 20'],
  ['DIN 18268; maker’s data', 'trade practice; maker’s data'],
  ['DIN 18101, DIN 18268', 'ÖNORM B 5330'],
  ['DIN 18101, DIN 18111', 'ÖNORM B 5330'],
  ['EN 1125; DIN 18263-4; ASR A2.3', 'EN 1125; OIB-Richtlinie 4'],
  ['DGUV Regel 102-602, Kindertageseinrichtungen', 'AUVA, children’s day care'],
  ['DGUV Regel 102-602', 'AUVA, children’s day care'],
  ['DGUV Regel 100-500, 2.35', 'AStV'],
  ['DGUV Vorschrift 82', 'AStV'],
  ['DIN 18040-1, 4.3.3; EN 12217', 'ÖNORM B 1600; EN 12217'],
  ['DIN 18040-1, 4.3.3', 'ÖNORM B 1600'],
  ['DIN 18040-1, 5.3.3; DIN 18251', 'ÖNORM B 1600; EN 12209'],
  ['DIN 18040-1, 5.3.3', 'ÖNORM B 1600'],
  ['DIN 18040-1', 'ÖNORM B 1600'],
  ['DIN 18040', 'ÖNORM B 1600'],
  ['DIN 18251-2', 'EN 12209'],
  ['DIN 18251', 'EN 12209'],
  ['DIN 18250', 'ÖNORM B 3850'],
  ['DIN 18095', 'ÖNORM B 3850'],
  ['DIN 14677', 'TRVB 148 S'],
  ['DIN 4172, DIN 18100', 'ÖNORM B 5330'],
  [
    'DIN 4109-1: entrance doors of flats 27 dB onto a hall, 37 dB into a room',
    'ÖNORM B 8115-2: entrance doors of flats',
  ],
  ['DIN 18101', 'ÖNORM B 5330'],
  ['DIN 18111', 'ÖNORM B 5330'],
  ['DIN 18268', 'ÖNORM B 5330'],
  ['EltVTR', 'the authority’s rule'],
  ['GarVO', 'OIB-Richtlinie 2.2'],
  ['ASR A1.7, 5', 'AStV; ÖNORM B 3716'],
  ['ASR A1.7', 'AStV'],
  ['ASR A2.3', 'OIB-Richtlinie 4'],
  ['VStättVO 7', 'OIB-Richtlinie 4'],
  ['VStättVO', 'OIB-Richtlinie 4'],
];

/** What Switzerland has in their place. */
const SWISS: readonly Cite[] = [
  [
    'MBO 35 (6), 36 (3): stairs and corridors; DIN 18095; the national rule decides',
    'VKF-Richtlinie 15-15: stairs and corridors; EN 1634-3; the canton decides',
  ],
  ['MBO 29, 35 to 37; GarVO; FeuVO', 'VKF-Richtlinien 15-15 and 24-15'],
  ['EltBauVO; FeuVO', 'NIN; VKF-Richtlinie 24-15'],
  ['MBO; DIN 4102-5; EN 1634-1; DIN 18250', 'VKF-Richtlinien 14-15 and 15-15; EN 1634-1'],
  ['DIN 18250; DIN 4102-5; EN 1634-1', 'VKF-Richtlinie 14-15; EN 1634-1'],
  ['DIN 18095; EN 1634-3', 'EN 1634-3; the VKF approval'],
  ['ASR A2.3, table 2; VStättVO 7', 'VKF-Richtlinie 16-15, 3.5'],
  ['ASR A2.3; VStättVO 9', 'VKF-Richtlinie 16-15'],
  ['ASR A2.3; MBO', 'VKF-Richtlinie 16-15'],
  ['DIN 18268; maker’s data', 'trade practice; maker’s data'],
  ['DIN 18101, DIN 18268', 'trade practice'],
  ['DIN 18101, DIN 18111', 'trade practice'],
  ['EN 1125; DIN 18263-4; ASR A2.3', 'EN 1125; VKF-Richtlinie 16-15'],
  ['DGUV Regel 102-602, Kindertageseinrichtungen', 'bfu, children’s day care'],
  ['DGUV Regel 102-602', 'bfu, children’s day care'],
  ['DGUV Regel 100-500, 2.35', 'ArGV 4'],
  ['DGUV Vorschrift 82', 'ArGV 4'],
  ['DIN 18040-1, 4.3.3; EN 12217', 'SIA 500, 3.3; EN 12217'],
  ['DIN 18040-1, 4.3.3', 'SIA 500, 3.3'],
  ['DIN 18040-1, 5.3.3; DIN 18251', 'SIA 500, annex E; EN 12209'],
  ['DIN 18040-1, 5.3.3', 'SIA 500, annex E'],
  ['DIN 18040-1', 'SIA 500'],
  ['DIN 18040', 'SIA 500'],
  ['DIN 18251-2', 'EN 12209'],
  ['DIN 18251', 'EN 12209'],
  ['DIN 18250', 'the VKF approval'],
  ['DIN 18095', 'the VKF approval'],
  ['DIN 14677', 'VKF-Richtlinie 20-15'],
  ['DIN 4172, DIN 18100', 'trade practice'],
  [
    'DIN 4109-1: entrance doors of flats 27 dB onto a hall, 37 dB into a room',
    'SIA 181: entrance doors of flats',
  ],
  ['DIN 18101', 'trade practice'],
  ['DIN 18111', 'trade practice'],
  ['DIN 18268', 'trade practice'],
  ['EltVTR', 'VKF-Richtlinie 16-15'],
  ['GarVO', 'VKF-Richtlinie 15-15'],
  ['ASR A1.7, 5', 'ArGV 4; bfu'],
  ['ASR A1.7', 'ArGV 4'],
  ['ASR A2.3', 'VKF-Richtlinie 16-15'],
  ['VStättVO 7', 'VKF-Richtlinie 16-15'],
  ['VStättVO', 'VKF-Richtlinie 16-15'],
];

/** Clear widths of accessible rooms, 900 mm in Germany, where another country asks for less. */
const narrowedTo =
  (width: number) =>
  <T extends Record<string, number>>(usual: T): T =>
    Object.fromEntries(
      Object.entries(usual).map(([role, clear]) => [role, clear === mm(900) ? width : clear]),
    ) as T;

/** Locks by the European standard alone, where Germany orders them by its own. */
const LOCKS_BY_EN = {
  lockGrade: {
    value: <T extends Record<string, string>>(usual: T): T =>
      Object.fromEntries(
        Object.entries(usual).map(([kind, grade]) => [kind, grade.replace(/^DIN .*$/, 'EN 12209')]),
      ) as T,
    source: 'EN 12209',
  },
  lockGradeFor: {
    value: { home: 'EN 12209', escape: 'EN 179', rated: 'EN 12209' },
    source: 'EN 179; EN 12209',
  },
};

const moreThan = (people: number) => ({
  assembly: people + 1,
  education: people + 1,
  'high-hazard': 1,
  business: 0,
  mercantile: people + 1,
  factory: 0,
  storage: 0,
  institutional: 0,
  residential: 0,
  dwelling: 0,
});

export const CONTINENTAL_CODES: readonly Code[] = [
  {
    id: COUNTRY,
    name: 'Country',
    practices: CONTINENTAL,
    editions: [
      edition('germany', 'Germany'),
      edition('austria', 'Austria', AUSTRIAN, {
        ...LOCKS_BY_EN,
        panicFrom: { value: 16, source: 'OIB-Richtlinie 4: rooms of more than 15 people' },
        panicPeople: {
          value: moreThan(50),
          source: 'OIB-Richtlinie 4: EN 1125 where more than 50 people of the public leave',
        },
        widthSteps: {
          value: [
            { people: 40, clear: 800 },
            { people: 80, clear: 900 },
            { people: 120, clear: 1000 },
          ],
          source: 'OIB-Richtlinie 4: doors on ways out',
        },
        widthPerPerson: { value: 10, source: 'OIB-Richtlinie 4: 0.60 m more for each 60 people' },
        clearByRole: {
          value: narrowedTo(mm(800)),
          source: 'ÖNORM B 1600; OIB-Richtlinie 4: 800 mm',
        },
      }),
      edition('switzerland', 'Switzerland', SWISS, {
        ...LOCKS_BY_EN,
        accessibleHeight: { value: 0, source: 'SIA 500: 800 to 1100 mm' },
        panicFrom: { value: 21, source: 'VKF-Richtlinie 16-15: rooms of more than 20 people' },
        panicPeople: {
          value: moreThan(100),
          source: 'VKF-Richtlinie 16-15: EN 1125 in rooms with many people; the authority decides',
        },
        widthSteps: {
          value: [
            { people: 67, clear: 900 },
            { people: 100, clear: 1200 },
          ],
          source: 'VKF-Richtlinie 16-15, 3.5: 0.90 m, three doors to 200 people',
        },
        widthPerPerson: { value: 6, source: 'VKF-Richtlinie 16-15: 0.60 m for each 100 people' },
        clearByRole: { value: narrowedTo(mm(800)), source: 'SIA 500: 800 mm' },
        accessForce: { value: 30, source: 'SIA 500: 30 N' },
      }),
    ],
  },
  {
    id: 'mbo',
    name: 'Musterbauordnung and the Land’s building code',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [edition('2002-2022', '2002, as of 2022')],
  },
  {
    id: 'asr-a23',
    name: 'ASR A2.3, ways out',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [
      edition('2022'),
      edition('2007', '2007, as of 2017', [], {
        widthSteps: {
          value: [
            { people: 5, clear: 875 },
            { people: 20, clear: 1000 },
            { people: 200, clear: 1200 },
            { people: 300, clear: 1800 },
            { people: 400, clear: 2400 },
          ],
          source: 'ASR A2.3 (2007), 5: width of the way out, doors included',
        },
      }),
    ],
  },
  {
    id: 'vstaettvo',
    name: 'Muster-Versammlungsstättenverordnung',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [edition('2005-2014', '2005, as of 2014')],
  },
  {
    id: 'din18040',
    name: 'DIN 18040-1, DIN 18040-2',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [edition('2010-2011', '2010, 2011')],
  },
  {
    id: 'din18250',
    name: 'DIN 18250, DIN 18251',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [edition('2006-2020', '2006, 2020')],
  },
  {
    id: 'din18095',
    name: 'DIN 18095, smoke doors',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [edition('1988')],
  },
  {
    id: 'din14677',
    name: 'DIN 14677, hold-open systems',
    practices: CONTINENTAL,
    countries: GERMANY,
    editions: [edition('2018')],
  },
  {
    id: 'oib',
    name: 'OIB-Richtlinien 2 and 4',
    practices: CONTINENTAL,
    countries: ['austria'],
    editions: [edition('2023'), edition('2019')],
  },
  {
    id: 'onorm-b1600',
    name: 'ÖNORM B 1600',
    practices: CONTINENTAL,
    countries: ['austria'],
    editions: [edition('2023'), edition('2017')],
  },
  {
    id: 'vkf',
    name: 'VKF-Brandschutzvorschriften',
    practices: CONTINENTAL,
    countries: ['switzerland'],
    editions: [edition('2015')],
  },
  {
    id: 'sia500',
    name: 'SIA 500, buildings without obstacles',
    practices: CONTINENTAL,
    countries: ['switzerland'],
    editions: [edition('2009')],
  },
  {
    id: 'en1125',
    name: 'EN 179, EN 1125',
    practices: CONTINENTAL,
    editions: [edition('2008')],
  },
  {
    id: 'en1154',
    name: 'EN 1154',
    practices: CONTINENTAL,
    editions: [edition('1996-2002', '1996 with A1 of 2002')],
  },
];
