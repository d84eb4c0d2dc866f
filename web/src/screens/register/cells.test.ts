import fc from 'fast-check';
import { bareBasis, inches, PRACTICES, type OpeningFacts } from '@riegel/core';
import { packRow } from '../../worker/row.js';
import {
  blockOf,
  copied,
  emptied,
  filledDown,
  pasted,
  placesOf,
  stepTo,
  taken,
  type Range,
} from './cells.js';
import { cellOf, columnOf, type Line, type RegisterColumn } from './columns.js';

const practice = PRACTICES['us-commercial'];
const line = (id: string, facts: Partial<OpeningFacts> = {}): Line => {
  const all: OpeningFacts = { mark: id, kind: 'single', ...facts };
  return { id, facts: all, row: packRow(id, all, bareBasis(practice)) };
};
const columns = ['mark', 'from', 'to', 'kind', 'frameWidth', 'rating', 'leafSize'].map(
  (id) => columnOf(id) as RegisterColumn,
);
const lines = [
  line('A', { from: 'Hall', to: 'Office', frameWidth: inches(36), rating: 20 }),
  line('B', { from: 'Hall', frameWidth: inches(34.5) }),
  line('C'),
];
const at = (row: number) => lines[row];
const all: Range = { top: 0, bottom: 2, left: 0, right: columns.length - 1 };
const column = (id: string) => columns.findIndex((one) => one.id === id);

describe('the keys of the grid', () => {
  const last = { row: 40, column: 6 };
  it('lead a cell on, a page on, to the ends of the line and of the list', () => {
    const to = (key: string, control = false) => stepTo(key, { row: 20, column: 3 }, last, control);
    expect(to('ArrowUp')).toEqual({ row: 19, column: 3 });
    expect(to('ArrowDown')).toEqual({ row: 21, column: 3 });
    expect(to('ArrowLeft')).toEqual({ row: 20, column: 2 });
    expect(to('ArrowRight')).toEqual({ row: 20, column: 4 });
    expect([to('PageUp')!.row, to('PageDown')!.row]).toEqual([2, 38]);
    expect(to('Home')).toEqual({ row: 20, column: 0 });
    expect(to('End')).toEqual({ row: 20, column: 6 });
    expect([to('Home', true), to('End', true)]).toEqual([
      { row: 0, column: 0 },
      { row: 40, column: 6 },
    ]);
    expect(to('x')).toBeUndefined();
  });
});

describe('cells', () => {
  it('of a stretch come line by line', () => {
    expect(placesOf({ top: 1, bottom: 2, left: 0, right: 1 })).toEqual([
      { row: 1, column: 0 },
      { row: 1, column: 1 },
      { row: 2, column: 0 },
      { row: 2, column: 1 },
    ]);
  });
  it('are copied as they are typed, and what follows as it is shown', () => {
    const rows = copied(lines.slice(0, 2), columns, practice)
      .split('\n')
      .map((row) => row.split('\t'));
    expect(rows.map((row) => row.slice(0, 6))).toEqual([
      ['A', 'Hall', 'Office', 'single', '36', '20 min'],
      ['B', 'Hall', '', 'single', '34 1/2', ''],
    ]);
    expect(rows.map((row) => row[6])).toEqual(
      lines.slice(0, 2).map((one) => one.row!.cells['leafSize'] && cellOf(one, columns[6]!).text),
    );
  });
  it('emptied lose all but mark and kind', () => {
    const { patches } = taken(emptied({ ...all, bottom: 0 }, columns), at, columns, practice);
    expect(patches).toEqual([
      {
        id: 'A',
        patch: { from: undefined, to: undefined, frameWidth: undefined, rating: undefined },
      },
    ]);
  });
  it('filled down take what stands in the first line, and the first stays', () => {
    const range = { ...all, left: column('frameWidth'), right: column('rating') };
    const { patches } = taken(
      filledDown(range, lines[0]!, columns, practice),
      at,
      columns,
      practice,
    );
    expect(patches).toEqual([
      { id: 'B', patch: { frameWidth: inches(36), rating: 20 } },
      { id: 'C', patch: { frameWidth: inches(36), rating: 20 } },
    ]);
    expect(filledDown({ ...range, bottom: 0 }, lines[0]!, columns, practice)).toEqual([]);
  });
});

describe('pasting', () => {
  it('one text goes into every cell of the stretch', () => {
    const range = { top: 0, bottom: 1, left: 1, right: 1 };
    expect(pasted('Foyer\n', range, { row: 0, column: 1 }, 3)).toEqual([
      { place: { row: 0, column: 1 }, text: 'Foyer' },
      { place: { row: 1, column: 1 }, text: 'Foyer' },
    ]);
  });
  it('a block goes from the place on, whatever is selected', () => {
    const range = { top: 1, bottom: 1, left: 1, right: 1 };
    expect(pasted('a\tb\nc\td', range, { row: 1, column: 1 }, 3)).toEqual([
      { place: { row: 1, column: 1 }, text: 'a' },
      { place: { row: 1, column: 2 }, text: 'b' },
      { place: { row: 2, column: 1 }, text: 'c' },
      { place: { row: 2, column: 2 }, text: 'd' },
    ]);
  });
  it('a list is no block of cells: too wide, too long, or where there is no line', () => {
    const range = { top: 2, bottom: 2, left: 0, right: 0 };
    expect(pasted('a\tb\tc', range, { row: 2, column: 0 }, 3)).toBeUndefined();
    expect(pasted('a\nb', range, { row: 2, column: 0 }, 3)).toBeUndefined();
    expect(pasted('a', range, { row: 0, column: 0 }, 0)).toBeUndefined();
    expect(pasted('a\nb', range, { row: 1, column: 0 }, 3)).toHaveLength(2);
  });
  it('reads lines of any making, an empty last one being none', () => {
    expect(blockOf('a\tb\r\nc\r\n')).toEqual([['a', 'b'], ['c']]);
    expect(blockOf('')).toEqual([['']]);
  });
});

describe('what was written', () => {
  it('is one change for each opening; what cannot be read stays with its cell', () => {
    const written = [
      { place: { row: 0, column: column('frameWidth') }, text: '3-0' },
      { place: { row: 0, column: column('rating') }, text: 'many' },
      { place: { row: 0, column: column('from') }, text: 'Foyer' },
      // Neither derived cells nor lines that are not there take anything.
      { place: { row: 0, column: column('leafSize') }, text: '1' },
      { place: { row: 9, column: 0 }, text: 'X' },
      { place: { row: 0, column: 99 }, text: 'X' },
    ];
    const { patches, unread } = taken(written, at, columns, practice);
    expect(patches).toEqual([{ id: 'A', patch: { frameWidth: inches(36), from: 'Foyer' } }]);
    expect(unread.map(([key, one]) => [key, one?.text])).toEqual([
      ['A:frameWidth', undefined],
      ['A:rating', 'many'],
      ['A:from', undefined],
    ]);
    expect(unread[1]![1]!.message).toMatch(/^Rating|rating/i);
  });
  it('copied and pasted where it came from changes nothing', () => {
    const editable = columns.filter(({ editable: can }) => can);
    fc.assert(
      fc.property(
        fc.integer({ min: 24 * 64, max: 48 * 64 }),
        fc.constantFrom(0, 20, 45, 90),
        fc.constantFrom('Hall', 'Stair A', ''),
        (sixtyFourths, rating, from) => {
          const one = line('P', {
            frameWidth: sixtyFourths * 127,
            rating,
            ...(from ? { from } : {}),
          });
          const text = copied([one], editable, practice).split('\t');
          const written = text.map((cell, index) => ({
            place: { row: 0, column: index },
            text: cell,
          }));
          const { patches, unread } = taken(written, () => one, editable, practice);
          expect(unread.every(([, fault]) => fault === undefined)).toBe(true);
          const patch = patches[0]?.patch as Record<string, unknown>;
          for (const [name, value] of Object.entries(patch))
            expect([name, value]).toEqual([name, one.facts[name as keyof OpeningFacts]]);
        },
      ),
      { numRuns: 60 },
    );
  });
});
