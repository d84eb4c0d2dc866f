import { inches, mm, normaliseText } from '../measure/index.js';
import { phraseText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { LEAF_CONSTRUCTIONS } from '../sizing/index.js';
import { FRAME_WORDS, LEAF_WORDS } from './abbreviations.js';
import {
  guessList,
  readColumn,
  readHand,
  readListRows,
  readPaste,
  readProjectObject,
} from './index.js';
import { readRating } from './ratingText.js';

const us = PRACTICES['us-commercial'];
const uk = PRACTICES.british;

describe('abbreviations of materials', () => {
  it.each(Object.entries(LEAF_WORDS))('a leaf of %s is %s', (word, construction) => {
    expect(LEAF_CONSTRUCTIONS as readonly string[]).toContain(construction);
    expect(readColumn('leafConstruction', word.toUpperCase().replace(/-/g, ' '), us)).toEqual({
      ok: true,
      value: { leafConstruction: construction },
    });
  });
  it.each(Object.entries(FRAME_WORDS))('a frame of %s is of %s', (word, material) => {
    expect(readColumn('frameMaterial', word.toUpperCase(), us)).toEqual({
      ok: true,
      value: { frameMaterial: material },
    });
  });
  it.each([
    ['18 GA', 'steel-honeycomb-18'],
    ['16 gauge HM', 'steel-honeycomb-16'],
    ['14ga. STL', 'steel-honeycomb-14'],
    ['20 GA', undefined],
    ['WD', undefined],
    ['FLUSH', undefined],
  ])('a leaf of %s is read as %s', (word, construction) => {
    const read = readColumn('leafConstruction', word, us);
    expect(read.ok ? read.value.leafConstruction : undefined).toBe(construction);
  });
});

describe('ratings as lists write them', () => {
  it.each<[string, number | undefined, true?]>([
    ['20M', 20],
    ['20 MIN S', 20, true],
    ['3/4 HR', 45],
    ['1-1/2 HR', 90],
    ['1 1/2 hr label', 90],
    ['A', 180],
    ['B label', 90],
    ['C', 45],
    ['label D', 90],
    ['F', undefined],
    ['F label', undefined],
    ['N', 0],
    ['NR', 0],
    ['FD30', 30],
    ['FD30S', 30, true],
    ['EI2 30-C', 30],
    ['EI2 30-SaC5', 30, true],
    ['EI30-S200', 30, true],
    ['T30', 30],
    ['T30-RS', 30, true],
    ['T 30-1', 30],
    ['T30-2-RS', 30, true],
    ['T 90-1 RS', 90, true],
    ['EI2 30-C5-S200', 30, true],
    ['EI2 30-C5', 30],
    ['E 30 Sm', 30, true],
    ['RS', 0, true],
    ['RS-2', 0, true],
    ['S200', 0, true],
    ['Sa-C5', 0, true],
    ['90 rated', 90],
    ['1/0 hr', undefined],
    ['1/7 hr', undefined],
  ])('%s', (text, minutes, ...[smoke]) => {
    const read = readRating(normaliseText(text), 'inch');
    expect(read?.minutes).toBe(minutes);
    expect(read?.smoke).toBe(smoke);
  });
  it('letters alone are labels only where lists are written in inches', () => {
    expect(readRating('c', 'metric')).toBeUndefined();
    expect(readRating('c label', 'metric')).toEqual({ minutes: 45 });
  });
  it('smoke is recorded beside the minutes, and never for a rating that does not say so', () => {
    expect(readColumn('rating', 'FD60S', uk)).toEqual({
      ok: true,
      value: { rating: 60, smoke: true },
    });
    expect(readColumn('rating', 'FD60', uk)).toEqual({ ok: true, value: { rating: 60 } });
  });
});

describe('sizes of pairs', () => {
  const pair = (frameWidth: number) => ({
    ok: true,
    value: { kind: 'pair', frameWidth: inches(frameWidth), frameHeight: inches(84) },
  });
  it.each([
    ['(2) 3070', 72],
    ['PR 3070', 72],
    ['pair of 3070', 72],
    ['3070 PR', 72],
    ['6070 PR', 72],
    ['PR. 3\'0" x 7\'0"', 72],
    ['PR 3-10 x 7-0', 92],
    ['4670 pair', 54],
    ['(2) 4070', 96],
  ])('%s is %s in wide over both', (text, width) => {
    expect(readColumn('size', text, us)).toEqual(pair(width));
  });
  it('is asked where either may be meant', () => {
    const read = readColumn('size', 'PR 4070', us);
    expect(!read.ok && phraseText(read.fault, { system: 'inch' })).toContain('(2)');
    expect(readColumn('size', '4070', us)).toMatchObject({ value: { frameWidth: inches(48) } });
  });
  it('names each leaf where sizes are those of leaves', () => {
    expect(readColumn('size', 'PR 926 x 2040', uk)).toEqual({
      ok: true,
      value: { kind: 'pair', leafWidth: mm(926), leafHeight: mm(2040) },
    });
    expect(readColumn('size', '1852 x 2040 x 44 PR', uk)).toMatchObject({
      value: { leafWidth: mm(926), leafThickness: mm(44) },
    });
  });
});

describe('hands that name more than a side', () => {
  it.each([
    ['DA', { kind: 'double-acting' }],
    ['DE', { kind: 'double-egress' }],
    ['ISO 5', { observations: [{ stood: 'knuckle-side', hinges: 'right' }] }],
    ['ISO 6 out', { hingeSide: 'left', swing: 'out' }],
    ['ISO 6', { observations: [{ stood: 'knuckle-side', hinges: 'left' }] }],
  ])('%s', (text, value) => {
    expect(readHand(text)).toEqual({ ok: true, value });
  });
});

describe('a plain list', () => {
  const LIST = [
    ['No.', 'From', 'To', 'Size', 'Hand', 'Rating', 'Door', 'Frame'],
    ['101', 'Corridor', 'Office', '3070', 'LH', 'NR', 'SC WD', 'HM'],
    ['102', 'Corridor', 'Store', 'PR 3070', 'RHRA', 'B LABEL', 'HM', 'HM'],
    ['103', 'Lobby', 'Stair', '3070', 'RHR', '20 MIN S', '16 GA', 'KD'],
    ['104', 'Court', 'Lobby', '6070 PR', 'RHRA', 'N', 'AL/GL', 'ALUM'],
    ['105', 'Kitchen', 'Dining', '3070', 'DA', 'NR', 'HC', 'WD'],
  ];
  const EXPECTED = [
    { kind: 'single', rating: 0, leafConstruction: 'timber-particle', frameMaterial: 'steel' },
    { kind: 'pair', active: 'right', rating: 90, frameWidth: inches(72) },
    { rating: 20, smoke: true, leafConstruction: 'steel-honeycomb-16', frameMaterial: 'steel' },
    { kind: 'pair', frameWidth: inches(72), leafConstruction: 'aluminium-narrow' },
    { kind: 'double-acting', leafConstruction: 'timber-hollow', frameMaterial: 'timber' },
  ];
  it('is read whole when it is pasted', () => {
    const { openings, faults, ignored } = readPaste(LIST, us);
    expect(faults).toEqual([]);
    expect(ignored).toEqual([]);
    expect(openings).toMatchObject(EXPECTED);
    expect(openings.map(({ mark }) => mark)).toEqual(['101', '102', '103', '104', '105']);
  });
  it('and when it is imported', () => {
    const rows = readListRows(LIST, guessList(LIST, us).mapping, us);
    expect(rows.flatMap(({ unread }) => unread)).toEqual([]);
    expect(rows.map(({ patch }) => ({ kind: 'single', ...patch }))).toMatchObject(EXPECTED);
  });
  it('knows a pair that swings both ways: by its size, by words of its own, or as wide as no leaf is', () => {
    const kindOf = (row: Readonly<Record<string, string>>) => {
      const list = [
        ['Mark', ...Object.keys(row)],
        ['1', ...Object.values(row)],
      ];
      return readListRows(list, guessList(list, us).mapping, us)[0]!.patch.kind;
    };
    for (const size of ['(2) 3070', 'PR 3070', '6070'])
      expect([size, kindOf({ Hand: 'DA', Size: size })]).toEqual([size, 'double-acting-pair']);
    expect(kindOf({ Hand: 'DA', Size: '3070' })).toBe('double-acting');
    expect(kindOf({ Hand: 'DA pair', Size: '6070' })).toBe('double-acting-pair');
    expect(kindOf({ Size: 'PR 3070', Remarks: 'double acting' })).toBe('double-acting-pair');
    expect(kindOf({ Size: 'PR 3070', Remarks: 'double egress' })).toBe('double-egress');
    expect(kindOf({ Size: '3070', Remarks: 'pair of double acting doors' })).toBe(
      'double-acting-pair',
    );
    expect(kindOf({ Kind: 'double-acting pair', Size: '6070' })).toBe('double-acting-pair');
    // A column of kinds says what it says.
    expect(kindOf({ Kind: 'double acting', Size: '6070' })).toBe('double-acting');
  });
  it('lets a column of its own have the last word, before or after', () => {
    for (const order of [
      [0, 1, 2, 3],
      [3, 2, 1, 0],
    ]) {
      const list = [
        ['Mark', 'Kind', 'Size', 'Smoke'],
        ['1', 'double egress', 'PR 3070', ''],
      ].map((row) => order.map((at) => row[at]!));
      expect(readPaste(list, us).openings[0]).toMatchObject({
        kind: 'double-egress',
        frameWidth: inches(72),
      });
      expect(readListRows(list, guessList(list, us).mapping, us)[0]!.patch).toMatchObject({
        kind: 'double-egress',
      });
    }
  });
});

describe('a project file', () => {
  const kindOf = (opening: object) => {
    const read = readProjectObject({
      name: 'Made up',
      practice: 'us-commercial',
      openings: [{ mark: '1', ...opening }],
    });
    return read.ok ? read.project.openings[0]!.kind : undefined;
  };
  it('takes a pair from its size only where it has no kind of its own', () => {
    expect(kindOf({ size: 'PR 3070' })).toBe('pair');
    expect(kindOf({ kind: 'double-egress', size: '(2) 3070' })).toBe('double-egress');
    expect(kindOf({ size: '(2) 3070', kind: 'double-egress' })).toBe('double-egress');
    expect(kindOf({ hand: 'DA', size: '3070' })).toBe('double-acting');
  });
});
