import { inches } from '../../measure/index.js';
import { edition, type Cite, type Code } from './edition.js';

const BOTH = ['us-commercial', 'us-residential'] as const;

/** Sections of chapter 10 as the edition of 2018 numbers them; 2021 moved doors’ locks to 1010.2. */
const IBC_2018: readonly Cite[] = [
  ['IBC 1010.2.4', 'IBC 1010.1.9.4'],
  ['IBC 1010.2.5', 'IBC 1010.1.9.5'],
  ['IBC 1010.2.7', 'IBC 1010.1.9.12'],
  ['IBC 1010.2.9', 'IBC 1010.1.10'],
  ['IBC 1010.2.12', 'IBC 1010.1.9.9'],
  ['IBC 1010.2.13', 'IBC 1010.1.9.8'],
  ['IBC 1010.2', 'IBC 1010.1.9'],
  ['IBC 1010.3.1', 'IBC 1010.1.4.1'],
];

export const US_CODES: readonly Code[] = [
  {
    id: 'ibc',
    name: 'International Building Code',
    practices: ['us-commercial'],
    editions: [
      edition('2021'),
      edition('2024'),
      edition('2018', '2018', IBC_2018, {
        leafUsual: { value: inches(48), source: 'IBC 1010.1.1 (2018): leaves to 48 in' },
      }),
    ],
  },
  {
    id: 'irc',
    name: 'International Residential Code',
    practices: ['us-residential'],
    editions: [edition('2021'), edition('2024'), edition('2018')],
  },
  {
    id: 'nfpa-80',
    name: 'NFPA 80, fire doors',
    practices: BOTH,
    editions: [edition('2019'), edition('2022'), edition('2016')],
  },
  {
    id: 'nfpa-101',
    name: 'NFPA 101, Life Safety Code',
    practices: ['us-commercial'],
    editions: [edition('2021'), edition('2024'), edition('2018')],
  },
  {
    id: 'nfpa-105',
    name: 'NFPA 105, smoke doors',
    practices: ['us-commercial'],
    editions: [edition('2019'), edition('2022'), edition('2016')],
  },
  {
    id: 'nfpa-70',
    name: 'NFPA 70, National Electrical Code',
    practices: BOTH,
    editions: [edition('2020'), edition('2023'), edition('2017')],
  },
  {
    id: 'ada',
    name: 'ADA Standards for Accessible Design',
    practices: BOTH,
    editions: [edition('2010')],
  },
  {
    id: 'a117',
    name: 'ICC A117.1, accessible buildings',
    practices: ['us-commercial'],
    editions: [edition('2017'), edition('2009')],
  },
  {
    id: 'ispsc',
    name: 'International Swimming Pool and Spa Code',
    practices: BOTH,
    editions: [edition('2021'), edition('2024'), edition('2018')],
  },
];
