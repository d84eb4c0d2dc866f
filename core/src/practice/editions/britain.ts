import { edition, type Code } from './edition.js';

const BRITISH = ['british'] as const;

export const BRITISH_CODES: readonly Code[] = [
  {
    id: 'adb',
    name: 'Approved Document B, fire safety',
    practices: BRITISH,
    editions: [
      edition('2019-2022', '2019 with the amendments to 2022'),
      // The national classes of BS 476 left the guidance on 2 March 2025.
      edition('2019-2025', '2019 with the amendments to 2025', [
        ['BS 476-22, BS EN 1634-1', 'BS EN 1634-1'],
        ['BS EN 1634-1, BS 476-22', 'BS EN 1634-1'],
      ]),
    ],
  },
  {
    id: 'adm',
    name: 'Approved Document M, access',
    practices: BRITISH,
    editions: [edition('2015-2024', '2015 with the amendments to 2024')],
  },
  {
    id: 'ade',
    name: 'Approved Document E, sound',
    practices: BRITISH,
    editions: [edition('2003-2015', '2003 with the amendments to 2015')],
  },
  {
    id: 'adf',
    name: 'Approved Document F, ventilation',
    practices: BRITISH,
    editions: [edition('2021'), edition('2010')],
  },
  {
    id: 'adk',
    name: 'Approved Document K, falling, collision and impact',
    practices: BRITISH,
    editions: [edition('2013')],
  },
  {
    id: 'adq',
    name: 'Approved Document Q, security in dwellings',
    practices: BRITISH,
    editions: [edition('2015')],
  },
  {
    id: 'bs8214',
    name: 'BS 8214, timber fire door assemblies',
    practices: BRITISH,
    editions: [edition('2016'), edition('2008')],
  },
  { id: 'bs8300', name: 'BS 8300-2', practices: BRITISH, editions: [edition('2018')] },
  { id: 'bs9999', name: 'BS 9999', practices: BRITISH, editions: [edition('2017')] },
  {
    id: 'bs8621',
    name: 'BS 3621, BS 8621, BS 10621, locks of dwellings',
    practices: BRITISH,
    editions: [edition('2017'), edition('2007')],
  },
  {
    id: 'pas24',
    name: 'PAS 24, enhanced security',
    practices: BRITISH,
    editions: [edition('2022'), edition('2016')],
  },
  {
    id: 'en1125',
    name: 'BS EN 179, BS EN 1125',
    practices: BRITISH,
    editions: [edition('2008')],
  },
];
