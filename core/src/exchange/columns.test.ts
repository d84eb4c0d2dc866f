import fc from 'fast-check';
import { inches } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { factsOfColumn } from './headings.js';
import { guessList, readFacts, readField, readListRows, readPaste, readColumn } from './index.js';
import { NO_MEMORY, REMARK } from './listMapping.js';
import { fieldOf } from '../stageRegistry/index.js';

const us = PRACTICES['us-commercial'];
const MATERIALS = [
  ['Door', 'Mark', 'To'],
  ['timber', '101', 'Office'],
  ['steel', '102', 'Store'],
  ['timber', '103', 'Bar'],
];

describe('two columns that name one fact', () => {
  it('in a paste: a column "Door" of materials does not take the marks of "Mark"', () => {
    const pasted = readPaste(MATERIALS, us);
    expect(pasted.openings.map(({ mark }) => mark)).toEqual(['101', '102', '103']);
    // What leaves the core open is not read by itself, and told.
    expect(pasted.columns[0]).toBe('leafConstruction');
    expect(pasted.faults.map(({ typed }) => typed)).toContain('timber');
    expect(pasted.openings[0]).not.toHaveProperty('leafConstruction');
  });
  it('in a paste, the other way round', () => {
    const turned = MATERIALS.map(([door, mark, to]) => [mark!, door!, to!]);
    expect(readPaste(turned, us).openings.map(({ mark }) => mark)).toEqual(['101', '102', '103']);
  });
  it('two words for it: marks that look like marks go first', () => {
    const cells = [
      ['Door', 'Ref', 'To'],
      ['double door', 'A1', 'x'],
      ['double door', 'A2', 'y'],
    ];
    expect(readPaste(cells, us).openings.map(({ mark }) => mark)).toEqual(['A1', 'A2']);
  });
  it('a size and a width do not both set the width', () => {
    const pasted = readPaste(
      [
        ['Mark', 'Size', 'Width'],
        ['1', '3070', '30'],
      ],
      us,
    );
    expect(pasted.openings[0]).toMatchObject({ frameWidth: inches(36), note: 'Width: 30.' });
    expect(pasted.ignored).toEqual(['Width']);
  });
  it('a hand and a hinge side do not both set the side', () => {
    const [first] = readPaste(
      [
        ['Mark', 'Hand', 'Hinges'],
        ['1', 'LH', 'right'],
      ],
      us,
    ).openings;
    expect(first).toMatchObject({ hingeSide: 'left', note: 'Hinges: right.' });
  });
  it('in a list that is imported: the guess gives each fact once', () => {
    const { mapping } = guessList(MATERIALS, us);
    expect(mapping.columns[1]).toBe('mark');
    expect(mapping.columns[0]).not.toBe('mark');
    const rows = readListRows(MATERIALS, mapping, us);
    expect(rows.map(({ mark }) => mark)).toEqual(['101', '102', '103']);
  });
  it('also where both were remembered so', () => {
    const memory = { ...NO_MEMORY, headings: { door: 'mark', mark: 'mark' } };
    const { mapping } = guessList(MATERIALS, us, memory);
    expect(mapping.columns.filter((column) => column === 'mark')).toHaveLength(1);
  });
  it('and a mapping that names one twice reads the first, and keeps the second as a remark', () => {
    const { mapping } = guessList(MATERIALS, us);
    const rows = readListRows(MATERIALS, { ...mapping, columns: ['to', 'mark', 'to'] }, us);
    expect(rows[0]!.patch).toMatchObject({ mark: '101', to: 'timber', note: 'To: Office.' });
  });
  it('never, whatever the headings', () => {
    const heading = fc.constantFrom(
      'Door',
      'Mark',
      'No.',
      'Size',
      'Width',
      'W',
      'Hand',
      'Swing',
      'Hinges',
      'Room',
      'To',
      'x',
      '',
      'constructor',
      'toString',
      '__proto__',
    );
    fc.assert(
      fc.property(fc.array(heading, { maxLength: 12 }), (headings) => {
        const columns = guessList([headings, headings.map(() => '1')], us).mapping.columns.filter(
          (column) => column !== REMARK,
        );
        const guessed = columns.flatMap((column) => factsOfColumn(column));
        expect(new Set(guessed).size).toBe(guessed.length);
      }),
    );
  });
});

describe('names that every object has', () => {
  const NAMES = [
    'constructor',
    'toString',
    'valueOf',
    'hasOwnProperty',
    '__proto__',
    'isPrototypeOf',
  ];
  it.each(NAMES)('%s is no fact, no column, no option, no unit and no word of a list', (name) => {
    expect(readFacts(JSON.parse(`{"mark":"1","kind":"single","${name}":[]}`)).ok).toBe(false);
    expect(readColumn('hand', name, us).ok).toBe(false);
    expect(readColumn('frameWidth', `3 ${name}`, us).ok).toBe(false);
    expect(readField(fieldOf('frameMaterial')!, name, 'inch').ok).toBe(false);
    const cells = [
      ['Mark', 'Frame', name],
      ['1', name, name],
    ];
    const { mapping } = guessList(cells, us);
    const [row] = readListRows(cells, mapping, us);
    expect(row!.unread.map(({ column }) => column)).toEqual(['frameMaterial']);
  });
});
