import { mm } from '../../measure/index.js';
import { metricNominals } from '../shared.js';
import { COUNTRY, edition, type Cite, type Code } from './edition.js';

const AUSTRALASIAN = ['australasian'] as const;
const AUSTRALIA = ['australia'];
const NEW_ZEALAND = ['new-zealand'];

/** What New Zealand has in place of Australia’s codes and standards. */
const NEW_ZEALAND_CITES: readonly Cite[] = [
  ['NCC D4', 'NZBC D1'],
  ['AS 1428.1, 13.3: front approach, pull side', 'NZS 4121'],
  ['AS 1428.1, 13.3', 'NZS 4121'],
  ['AS 1428.1: above 5 mm bevelled or rounded', 'trade practice: above 5 mm bevelled or rounded'],
  ['AS 1428.1, 13.5', 'NZS 4121'],
  ['NCC C4D5 and C4D6', 'NZBC C/AS2'],
  ['NCC C4D5 to C4D12', 'NZBC C/AS2'],
  ['NCC D2D8 to D2D11', 'NZBC C/AS2'],
  ['NCC volume 2, H3', 'NZBC F7'],
  ['NCC Specification 12', 'NZBC C/AS2'],
  ['NCC Specification 27', 'NZS 4121'],
  ['NCC F4D8', 'NZBC G1'],
  ['NCC G1D3', 'NZBC G3'],
  [
    'NCC F7D6: entry doors of sole-occupancy units 30 dB',
    'NZBC G6: entry doors of household units',
  ],
  ...['C4D5', 'D2D3', 'D2D8', 'D2D18', 'D3D25', 'D3D26', 'D3D27'].map((clause): Cite => [
    `NCC ${clause}`,
    'NZBC C/AS2',
  ]),
  ['AS 1905.1', 'NZS 4520'],
  ['AS 1428.1', 'NZS 4121'],
  ['AS 1428', 'NZS 4121'],
  ['AS 1926.1', 'NZBC F9; NZS 8500'],
  ['AS 1851', 'the compliance schedule'],
  ['AS 1670.1', 'NZS 4512'],
  ['NCC', 'NZBC'],
];

/** Clauses as NCC 2019, volume one, numbered them. */
const NCC_2019: readonly Cite[] = [
  ['NCC C4D5 and C4D6', 'NCC C3.4 and C3.5'],
  ['NCC C4D5 to C4D12', 'NCC C3.4 to C3.11'],
  ['NCC D2D8 to D2D11', 'NCC D1.6'],
  ['NCC C4D5', 'NCC C3.4'],
  ['NCC D2D3', 'NCC D1.2'],
  ['NCC D2D8', 'NCC D1.6'],
  ['NCC D2D18', 'NCC D1.13'],
  ['NCC D3D25', 'NCC D2.20'],
  ['NCC D3D26', 'NCC D2.21'],
  ['NCC D3D27', 'NCC D2.22'],
  ['NCC F4D8', 'NCC F2.5'],
  ['NCC G1D3', 'NCC G1.1'],
  ['NCC F7D6', 'NCC F5.5'],
  ['NCC Specification 12', 'NCC Specification C3.4'],
  ['NCC Specification 27', 'NCC F2.9'],
  ['NCC volume 2, H3', 'NCC volume 2, 3.7'],
];

export const AUSTRALASIAN_CODES: readonly Code[] = [
  {
    id: COUNTRY,
    name: 'Country',
    practices: AUSTRALASIAN,
    editions: [
      edition('australia', 'Australia'),
      edition('new-zealand', 'New Zealand', NEW_ZEALAND_CITES, {
        panicFrom: { value: 51, source: 'NZBC C/AS2, 3.15: more than 50 people' },
        panicPeople: {
          value: (usual) => ({ ...usual, education: usual.assembly }),
          source: 'NZBC C/AS2, 3.15: crowds; the consent authority decides',
        },
        widthSteps: {
          value: [{ people: 100, clear: 760 }],
          source: 'NZBC C/AS2, 3.15: at least 760 mm between the jambs',
        },
        widthPerPerson: { value: 7, source: 'NZBC C/AS2, 3.3: 7 mm a person on the level' },
        clearWidth: { value: mm(760), source: 'NZBC D1/AS1; NZS 4121: 760 mm' },
        besideLock: { value: mm(300), source: 'NZS 4121: 300 mm' },
        thresholdMost: { value: mm(20), source: 'NZS 4121: 20 mm' },
        nominalSizes: {
          value: metricNominals([560, 610, 660, 710, 760, 810, 860, 910], [1980]),
          source: 'trade practice: named by the leaf',
        },
        inspectionMonths: { value: 12, source: 'the compliance schedule: yearly' },
      }),
    ],
  },
  {
    id: 'ncc',
    name: 'National Construction Code',
    practices: AUSTRALASIAN,
    countries: AUSTRALIA,
    editions: [edition('2022'), edition('2019', '2019, amendment 1', NCC_2019)],
  },
  {
    id: 'as1905',
    name: 'AS 1905.1, fire-resistant doorsets',
    practices: AUSTRALASIAN,
    countries: AUSTRALIA,
    editions: [edition('2015'), edition('2005')],
  },
  {
    id: 'as1428',
    name: 'AS 1428.1, access',
    practices: AUSTRALASIAN,
    countries: AUSTRALIA,
    editions: [edition('2021'), edition('2009')],
  },
  {
    id: 'as1851',
    name: 'AS 1851, routine service',
    practices: AUSTRALASIAN,
    countries: AUSTRALIA,
    editions: [
      edition('2012'),
      edition('2005', '2005', [], {
        inspectionMonths: { value: 3, source: 'AS 1851 (2005): every three months' },
      }),
    ],
  },
  {
    id: 'as1926',
    name: 'AS 1926.1, pool barriers',
    practices: AUSTRALASIAN,
    countries: AUSTRALIA,
    editions: [edition('2012')],
  },
  {
    id: 'as3959',
    name: 'AS 3959, bushfire-prone areas',
    practices: AUSTRALASIAN,
    countries: AUSTRALIA,
    editions: [edition('2018'), edition('2009')],
  },
  {
    id: 'nzbc',
    name: 'New Zealand Building Code, C/AS2',
    practices: AUSTRALASIAN,
    countries: NEW_ZEALAND,
    editions: [edition('2023', '2019, amendment 3 of 2023'), edition('2019')],
  },
  {
    id: 'nzs4520',
    name: 'NZS 4520, fire-resistant doorsets',
    practices: AUSTRALASIAN,
    countries: NEW_ZEALAND,
    editions: [edition('2010')],
  },
  {
    id: 'nzs4121',
    name: 'NZS 4121, access',
    practices: AUSTRALASIAN,
    countries: NEW_ZEALAND,
    editions: [edition('2001')],
  },
  {
    id: 'as4145',
    name: 'AS 4145, locksets',
    practices: AUSTRALASIAN,
    editions: [edition('2008')],
  },
];
