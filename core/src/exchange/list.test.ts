import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { bareBasis, PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { anySingleFacts } from '../testing/arbitrary.js';
import {
  acceptRow,
  compareList,
  guessList,
  lastList,
  listCells,
  NO_MEMORY,
  readHand,
  readListRows,
  remember,
  unknownWords,
  type ListMapping,
} from './index.js';

const us = PRACTICES['us-commercial'];
const { british } = PRACTICES;

const MESSY = [
  ['Door schedule', '', '', '', '', '', ''],
  ['issued for pricing', '', '', '', '', '', ''],
  [],
  ['Door No.', 'Room from', 'Room to', 'Size', 'Handing', 'Fire label', 'Ironmongery group'],
  ['GROUND FLOOR'],
  ['G01', 'Street', 'Foyer', `6'-0" x 7'-0"`, 'RHRA', '-', 'A'],
  ['G02', 'Foyer', 'Office', '3070', 'LH', '1 1/2 HR', 'B'],
  ['Door No.', 'Room from', 'Room to', 'Size', 'Handing', 'Fire label', 'Ironmongery group'],
  ['FIRST FLOOR'],
  ['101', 'Corridor', 'Store', `3'-0" x 7'-0" x 1 3/4"`, 'left', '20 min', 'B'],
  ['101', 'Corridor', 'Closet', '3070', 'RH', '', ''],
  ['', 'Corridor', 'Void', '3070', 'RH', '', ''],
];

const messy = (memory = NO_MEMORY) => guessList(MESSY, us, memory);

describe('guessing how a list is read', () => {
  it('finds the heading below its title and names every column', () => {
    const { mapping, guesses } = messy();
    expect(mapping.headerRow).toBe(3);
    expect(mapping.columns).toEqual(['mark', 'from', 'to', 'size', 'hand', 'rating', 'remark']);
    expect(guesses[3]).toMatchObject({ by: 'name', reads: 1 });
  });

  it('goes by contents where names say nothing', () => {
    const cells = [
      ['A', 'B', 'C', 'D', 'E'],
      ['D1', 'Hall', '910x2040', 'FD30S', 'DIN left, in'],
      ['D2', 'Kitchen', '826 x 2040', 'FD60', 'RHR'],
      ['D3', 'Bath', '726 × 2040', 'none', 'LH'],
    ];
    const { mapping, guesses } = guessList(cells, british);
    expect(mapping.headerRow).toBe(-1);
    expect(guesses.map((guess) => guess.column)).toEqual([
      'mark',
      'from',
      'size',
      'rating',
      'hand',
    ]);
    expect(guessList(cells.slice(1), british).mapping.columns).toEqual([
      'mark',
      'from',
      'size',
      'rating',
      'hand',
    ]);
  });

  it('trusts contents before a name that does not fit them', () => {
    const { mapping } = guessList(
      [
        ['Mark', 'Door type', 'Rating'],
        ['1', '3070', 'EI30'],
        ['2', '2868', 'EI60'],
      ],
      us,
    );
    expect(mapping.columns).toEqual(['mark', 'size', 'rating']);
  });

  it('reads a decimal comma and millimetres in a list of another school', () => {
    const cells = [
      ['Mark', 'Width', 'Height', 'Thickness'],
      ['1', '985,5', '2110', '40,5'],
      ['2', '860', '1985', '39,5'],
    ];
    const { mapping } = guessList(cells, british);
    expect(mapping.decimalComma).toBe(true);
    expect(readListRows(cells, mapping, british)[0]!.patch.leafThickness).toBe(mm(40.5));
    const metric = guessList(
      [
        ['Mark', 'Size'],
        ['1', '910x2040'],
        ['2', '1010 x 2110 mm'],
      ],
      us,
    );
    expect(metric.mapping.system).toBe('metric');
  });

  it('remembers headings and words of the project', () => {
    const { mapping } = messy();
    mapping.columns[6] = '';
    mapping.words = { hand: { left: 'LH' } };
    const memory = remember(NO_MEMORY, MESSY, mapping);
    const again = messy(memory);
    expect(again.mapping.columns[6]).toBe('');
    expect(again.guesses[6]!.by).toBe('memory');
    const rows = readListRows(MESSY, again.mapping, us);
    expect(rows[2]!.patch).toMatchObject({ hingeSide: 'left', swing: 'in' });
  });
});

describe('reading a list', () => {
  const rows = readListRows(MESSY, messy().mapping, us);

  it('passes over sections and repeated headings, and takes the storey from a section', () => {
    expect(rows.map((row) => [row.mark, row.patch.storey])).toEqual([
      ['G01', 'Ground'],
      ['G02', 'Ground'],
      ['101', 'First'],
      ['101', 'First'],
      ['', 'First'],
    ]);
  });

  it('reads sizes, hands, ratings and thicknesses, and keeps an unknown column in the notes', () => {
    expect(rows[1]!.patch).toEqual({
      mark: 'G02',
      from: 'Foyer',
      to: 'Office',
      frameWidth: inches(36),
      frameHeight: inches(84),
      hingeSide: 'left',
      swing: 'in',
      rating: 90,
      note: 'Ironmongery group: B.',
      storey: 'Ground',
    });
    expect(rows[2]!.patch.leafThickness).toBe(inches(1.75));
  });

  it('reports what it did not understand, cell by cell and row by row', () => {
    expect(unknownWords(rows)).toMatchObject([{ column: 'hand', word: 'left', count: 1 }]);
    expect(rows.map((row) => row.fault?.code)).toEqual([
      undefined,
      undefined,
      undefined,
      'list.repeated',
      'list.noMark',
    ]);
  });

  it.each([
    ['RHR', { hingeSide: 'right', swing: 'out' }],
    ['left hand reverse bevel', { hingeSide: 'left', swing: 'out' }],
    ['L.H.', { hingeSide: 'left', swing: 'in' }],
    ['LHR active', { active: 'left', swing: 'out' }],
    ['DIN rechts, out', { hingeSide: 'right', swing: 'out' }],
    ['right, opens in (LH)', { hingeSide: 'left', swing: 'in' }],
    ['DIN L', { observations: [{ stood: 'knuckle-side', hinges: 'left' }] }],
  ])('reads the hand “%s”', (typed, patch) => {
    expect(readHand(typed)).toEqual({ ok: true, value: patch });
  });

  it('import ∘ export = identity', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anySingleFacts, {
          selector: (facts) => facts.mark,
          minLength: 1,
          maxLength: 6,
        }),
        fc.constantFrom(...Object.values(PRACTICES)),
        (list, practice) => {
          const openings = list.map((facts, index) => ({
            ...facts,
            mark: `${facts.mark}${index}`,
          }));
          const cells = listCells(openings, bareBasis(practice));
          const { mapping } = guessList(cells, practice);
          const read = readListRows(cells, { ...mapping, decimalComma: false }, practice);
          expect(read.flatMap((row) => row.unread)).toEqual([]);
          expect(read.map((row) => row.patch)).toEqual(openings);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('holding a list against the project', () => {
  const columns = ['mark', 'to', 'rating', 'size'];
  const row = (mark: string, patch: Partial<OpeningFacts>) => ({
    at: 1,
    mark,
    patch: { mark, ...patch },
    unread: [],
  });
  const held = (mark: string, facts: Partial<OpeningFacts>) => ({
    id: `id-${mark}`,
    version: 3,
    facts: { mark, kind: 'single' as const, ...facts },
  });

  it('tells added, changed, unchanged and missing', () => {
    const { rows, missing } = compareList(
      [row('1', { to: 'Bar' }), row(' a2', { rating: 90 }), row('3', { to: 'Store' })],
      [held('A2', { rating: 20 }), held('3', { to: 'Store' }), held('4', {})],
      columns,
    );
    expect(rows.map((one) => one.status)).toEqual(['added', 'changed', 'unchanged']);
    expect(rows[1]!.differences).toEqual([{ fact: 'rating', before: 20, after: 90, by: 'list' }]);
    expect(missing).toEqual([{ id: 'id-4', version: 3, mark: '4', wasListed: false }]);
  });

  it('knows who moved since the last list', () => {
    const last = lastList([
      row('1', { to: 'Bar', rating: 20 }),
      row('2', { to: 'Bar', rating: 20 }),
    ]);
    const { rows } = compareList(
      [row('1', { to: 'Café', rating: 20 }), row('2', { to: 'Café', rating: 20 })],
      [held('1', { to: 'Bar', rating: 45 }), held('2', { to: 'Lounge', rating: 20 })],
      columns,
      last,
    );
    expect(rows[0]!.differences.map((one) => [one.fact, one.by])).toEqual([
      ['to', 'list'],
      ['rating', 'here'],
    ]);
    expect(rows[1]!.differences.map((one) => [one.fact, one.by])).toEqual([['to', 'both']]);
    const taken = acceptRow(rows[0]!, (difference) => difference.by === 'list');
    expect(taken).toMatchObject({ to: 'Café', rating: 45 });
  });

  it('a cell emptied in the new list clears what the list had said, and nothing else', () => {
    const last = lastList([row('1', { to: 'Bar', rating: 20 })]);
    const compare = (mapped: string[]) =>
      compareList(
        [row('1', { to: 'Bar' })],
        [held('1', { to: 'Bar', rating: 20, closer: 'any' })],
        mapped,
        last,
      ).rows[0]!.differences;
    expect(compare(columns)).toEqual([
      { fact: 'rating', before: 20, after: undefined, by: 'list' },
    ]);
    expect(compare(['mark', 'to'])).toEqual([]);
  });

  it('taking every difference makes the project say what the list says', () => {
    fc.assert(
      fc.property(anySingleFacts, anySingleFacts, (here, list) => {
        const facts = { ...here, mark: '1' };
        const mapping = Object.keys({ ...here, ...list });
        const { rows } = compareList(
          [{ at: 0, mark: '1', patch: { ...list, mark: '1' }, unread: [] }],
          [{ id: 'x', version: 1, facts }],
          mapping,
        );
        const taken = acceptRow(rows[0]!, () => true);
        expect(taken).toMatchObject({ ...list, mark: '1' });
      }),
    );
  });
});

describe('a mapping', () => {
  it('can read the list’s own words as something else, or leave them out', () => {
    const cells = [
      ['Mark', 'Leaf'],
      ['1', 'SC WD'],
      ['2', 'tbc'],
    ];
    const mapping: ListMapping = {
      headerRow: 0,
      columns: ['mark', 'leafConstruction'],
      words: { leafConstruction: { 'sc wd': 'timber-particle', tbc: '' } },
      system: 'inch',
      decimalComma: false,
    };
    const rows = readListRows(cells, mapping, us);
    expect(rows[0]!.patch.leafConstruction).toBe('timber-particle');
    expect(rows[1]!.patch.leafConstruction).toBeUndefined();
    expect(unknownWords(rows)).toEqual([]);
  });
});
