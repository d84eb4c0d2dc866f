import { decideOpening } from '../deciding/index.js';
import { withWays } from '../egress/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import { questionsOf } from '../questions/index.js';
import { BRITISH_LIST, plainCells, US_LIST } from '../testing/plainLists.js';
import { factsInRemark, guessList, likelyMeaning, readListRows, readPaste } from './index.js';
import { kindInRemark } from './remarkText.js';

const us = PRACTICES['us-commercial'];
const british = PRACTICES.british;

describe.each([
  ['us-commercial', US_LIST],
  ['british', BRITISH_LIST],
] as const)('a plain list, %s', (id, list) => {
  const { cells, roles } = plainCells(list);
  const basis = projectBasis(id);
  const pasted = readPaste(cells, basis.practice);
  const whole = withWays(basis, pasted.openings);
  const decided = pasted.openings.map((facts) => decideOpening(facts, whole));

  it('is read, every cell but those that may mean two things', () => {
    expect(pasted.ignored).toEqual([]);
    expect(pasted.faults.map(({ typed, fault }) => [typed, fault.code])).toEqual(
      id === 'us-commercial' ? [['PR 4080', 'size.pair']] : [],
    );
    const { mapping } = guessList(cells, basis.practice);
    expect(mapping.columns).toEqual(pasted.columns);
    const rows = readListRows(cells, mapping, basis.practice);
    expect(rows.map(({ patch }) => ({ ...patch }))).toEqual(
      pasted.openings.map(({ kind, ...facts }, at) =>
        rows[at]!.patch.kind === undefined ? facts : { kind, ...facts },
      ),
    );
  });

  it('says what each door is, in nine of ten and more', () => {
    const right = decided.filter(({ results }, at) => results.opening.role === roles[at]);
    expect(right.length / roles.length).toBeGreaterThanOrEqual(0.95);
    // Where it does not know it asks: a wrong guess is worse than none.
    const wrong = decided.flatMap(({ facts, results }, at) =>
      results.opening.role && results.opening.role !== roles[at] ? [facts.to] : [],
    );
    expect(wrong).toEqual([]);
  });

  it('is drawn and nearly decided, with at most twelve questions left', () => {
    const bare = decided.filter(({ results }) => results.sizing.leaves[0]?.width === undefined);
    expect(bare.map(({ facts }) => facts.mark)).toEqual(id === 'us-commercial' ? ['130'] : []);
    const decisions = decided.flatMap((one) => one.decisions);
    const made = decisions.filter(({ status }) => status !== 'open');
    expect(made.length / decisions.length).toBeGreaterThan(0.97);
    const asked = questionsOf(
      pasted.openings.map((facts) => ({ id: facts.mark, facts })),
      whole,
    );
    expect(asked.filter(({ about }) => about === 'open').length).toBeLessThanOrEqual(12);
  });
});

describe('a remark', () => {
  it.each<[string, Partial<OpeningFacts>]>([
    ['w/ closer', { closer: 'any' }],
    ['W/CLOSER', { closer: 'any' }],
    ['no closer', { closer: 'none' }],
    ['w/o closer', { closer: 'none' }],
    ['without a closer', { closer: 'none' }],
    ['closer?', {}],
    ['closer by others', {}],
    ['card reader', { access: 'reader' }],
    ['keypad, hold open', { access: 'keypad', holdOpen: true, closer: 'any' }],
    ['panic bar', { egress: true, lockKind: 'rim-exit' }],
    ['no panic hardware', {}],
    ['STC 45, drop seal', { sound: 45, bottomSeal: 'any' }],
    ['42 dB', { sound: 42 }],
    ['kick plate', { kickPlate: us.values.kickHeight.value }],
    ['no kick plates; louvred', { kickPlate: 0, leafHole: 'vent' }],
    ['disclosure of panicking readership', {}],
    ['see drawing A-601', {}],
  ])('%s', (text, facts) => {
    expect(factsInRemark(text, 'single', us)).toEqual(facts);
  });
  it('takes the device of the practice, rods on a pair', () => {
    expect(factsInRemark('panic', 'pair', us).lockKind).toBe('rods-surface');
    expect(factsInRemark('panic', 'single', PRACTICES.continental).lockKind).toBe('mortise-exit');
    expect(factsInRemark('panic', 'single', british).lockKind).toBe('rim-exit');
  });
  it('names a kind of opening, and yields to a column of its own', () => {
    expect(['SLIDING', 'pocket door', 'Dutch', 'bi-fold', 'slide bolt'].map(kindInRemark)).toEqual([
      'sliding',
      'pocket',
      'stable',
      'bi-fold',
      undefined,
    ]);
    const head = ['Mark', 'Kind', 'Closer', 'Remarks'];
    const { openings } = readPaste(
      [head, ['1', 'pair', 'none', 'sliding, w/ closer'], ['2', '', '', 'sliding']],
      us,
    );
    expect(openings[0]).toMatchObject({ kind: 'pair', closer: 'none', note: 'sliding, w/ closer' });
    expect(openings[1]).toMatchObject({ kind: 'sliding', note: 'sliding' });
  });
});

describe('two leaves', () => {
  const read = (size: string, hand: string, practice = us, kind = '') =>
    readPaste(
      [
        ['Mark', 'Size', 'Hand', 'Kind'],
        ['1', size, hand, kind],
      ],
      practice,
    ).openings[0];
  it('where an active leaf is named, or a width no leaf is made in', () => {
    expect(read('6070', 'RHRA')).toMatchObject({ kind: 'pair', active: 'right', swing: 'out' });
    expect(read('6070', 'LH')).toMatchObject({ kind: 'pair', active: 'left' });
    expect(read('4070', 'LH')).toMatchObject({ kind: 'single', hingeSide: 'left' });
    expect(read('54x84', 'LH')?.kind).toBe('single');
    expect(read('55x84', 'LH')?.kind).toBe('pair');
  });
  it('of a width that names leaves, halved where no leaf has it', () => {
    expect(read('1800x2100', 'LHA', british)).toMatchObject({ kind: 'pair', leafWidth: mm(900) });
    expect(read('1800x2100', '', british, 'pair')).toMatchObject({ leafWidth: mm(900) });
    expect(read('900x2100', '', british, 'pair')).toMatchObject({ leafWidth: mm(900) });
  });
  it('of unequal widths with a plus between them', () => {
    expect(read('450+900 x 2100', '', british)).toMatchObject({
      kind: 'unequal-pair',
      leafWidth: mm(900),
      inactiveWidth: mm(450),
      leafHeight: mm(2100),
    });
    expect(read('3\'0" + 3\'0" x 7\'0"', '')).toMatchObject({
      kind: 'pair',
      leafWidth: inches(36),
    });
  });
  it('in a wall opening', () => {
    const { openings } = readPaste(
      [
        ['Mark', 'S/O'],
        ['1', '1800x2100'],
        ['2', '1010x2100'],
      ],
      british,
    );
    expect(openings[0]).toMatchObject({ kind: 'pair', wallWidth: mm(1800), wallHeight: mm(2100) });
    expect(openings[1]).toMatchObject({ kind: 'single', wallWidth: mm(1010) });
  });
});

describe('cells beyond the headings', () => {
  it('go into the note, and say what they say', () => {
    const { openings } = readPaste(
      [
        ['Mark', 'To'],
        ['1', 'Office', 'w/ closer', '', 'grey'],
      ],
      us,
    );
    expect(openings[0]).toMatchObject({ closer: 'any', note: 'w/ closer; grey.' });
  });
});

describe('a width alone', () => {
  it('names a leaf where sizes are named by the leaf, and its height is asked', () => {
    const read = (text: string, practice = british) =>
      readPaste(
        [
          ['Mark', 'Size', 'To'],
          ['1', text, 'Office'],
        ],
        practice,
      );
    expect(read('926').openings[0]).toMatchObject({ leafWidth: mm(926) });
    expect(read('926').openings[0]).not.toHaveProperty('leafHeight');
    expect(read('PR 826').openings[0]).toMatchObject({ kind: 'pair', leafWidth: mm(826) });
    for (const [text, practice] of [
      ['926', us],
      ['399', british],
      ['1400', british],
    ] as const)
      expect(read(text, practice).faults).toHaveLength(1);
  });
});

describe('what a word likely means', () => {
  it.each([
    ['leafConstruction', 'WD', 'timber-particle'],
    ['leafConstruction', 'W.D.', 'timber-particle'],
    ['leafConstruction', 'FLUSH', 'timber-particle'],
    ['leafConstruction', 'FRP', 'unknown'],
    ['leafConstruction', 'solid cor', 'solid-core'],
    ['leafConstruction', 'XYZ', undefined],
    ['frameMaterial', 'mtl', 'steel'],
    ['size', 'PR 4070', '(2) 4070'],
    ['size', 'as drawn', undefined],
    ['hand', 'R.H.', 'RH'],
    ['hand', 'HR', 'RH'],
    ['hand', 'left', undefined],
    ['rating', 'F', 'unknown'],
    ['constructor', 'x', undefined],
  ])('%s: %s is %s', (column, word, meaning) => {
    expect(likelyMeaning(column, word, us)).toBe(meaning);
  });
  it('is taken where somebody says so, and read then', () => {
    const cells = [
      ['Mark', 'Leaf'],
      ['1', 'WD'],
      ['2', 'WD'],
    ];
    expect(readPaste(cells, us).faults).toHaveLength(2);
    const { openings, faults } = readPaste(cells, us, {
      leafConstruction: { wd: 'timber-particle' },
    });
    expect(faults).toEqual([]);
    expect(openings.map(({ leafConstruction }) => leafConstruction)).toEqual([
      'timber-particle',
      'timber-particle',
    ]);
    expect(readPaste(cells, us, { leafConstruction: { wd: '' } })).toMatchObject({ faults: [] });
  });
});
