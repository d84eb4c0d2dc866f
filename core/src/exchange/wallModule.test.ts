import fc from 'fast-check';
import { mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { readPaste } from './index.js';
import { readColumn } from './patch.js';
import { namedByWall } from './wallModule.js';

const { continental, british, australasian } = PRACTICES;
const size = (text: string, practice = continental) => {
  const read = readColumn('size', text, practice);
  return read.ok ? read.value : read.fault;
};

describe('a size by the module of the wall', () => {
  it.each([
    ['885 x 2010', 885, 2010, 860, 1985],
    ['885 x 2005', 885, 2005, 860, 1985],
    ['875 x 2000', 885, 2005, 860, 1985],
    ['1010 x 2135', 1010, 2135, 985, 2110],
    ['1000 x 2125', 1010, 2130, 985, 2110],
    ['1135 x 2130', 1135, 2130, 1110, 2110],
    ['635 x 2010', 635, 2010, 610, 1985],
  ])('%s is an opening of %i × %i for a leaf of %i × %i', (text, wide, high, width, height) => {
    expect(size(text)).toEqual({
      wallWidth: mm(wide),
      wallHeight: mm(high),
      leafWidth: mm(width),
      leafHeight: mm(height),
    });
  });
  it.each(['860 x 1985', '985 x 2110', '834 x 1972', '886 x 2010', '885 x 2011', '900 x 2100'])(
    '%s is the leaf',
    (text) => {
      const [width, height] = text.split(' x ').map(Number);
      expect(size(text)).toEqual({ leafWidth: mm(width!), leafHeight: mm(height!) });
    },
  );
  it('means nothing where walls follow no module', () => {
    expect(size('885 x 2010', british)).toEqual({ leafWidth: mm(885), leafHeight: mm(2010) });
  });
  it('of a pair is that of both leaves', () => {
    const row = (text: string) =>
      readPaste(
        [
          ['Mark', 'From', 'To', 'Type', 'Size'],
          ['1', 'Flur A', 'Flur B', 'pair', text],
        ],
        continental,
      ).openings[0];
    expect(row('2010 x 2135')).toMatchObject({
      kind: 'pair',
      wallWidth: mm(2010),
      leafWidth: mm(1985 / 2),
      leafHeight: mm(2110),
    });
  });
  it('is told from two columns, and in centimetres', () => {
    const { openings } = readPaste(
      [
        ['Mark', 'Breite', 'Höhe'],
        ['1', '1,01', '2,135'],
      ],
      continental,
    );
    expect(openings[0]).toMatchObject({ wallWidth: mm(1010), leafWidth: mm(985) });
    const centimetres = readPaste(
      [
        ['Mark', 'Maße'],
        ['1', '88,5 x 201'],
        ['2', '101 x 213,5'],
      ],
      continental,
    );
    expect(centimetres.openings.map(({ leafWidth }) => leafWidth)).toEqual([mm(860), mm(985)]);
  });
  it('never replaces a wall that is given, and names a leaf 15 mm less than the module', () => {
    const given = { wallWidth: mm(900), leafWidth: mm(885), leafHeight: mm(2010) };
    expect(namedByWall(given, continental, false)).toBe(given);
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 10 }), fc.integer({ min: 16, max: 18 }), (w, h) => {
        const read = namedByWall(
          { leafWidth: mm(w * 125 + 10), leafHeight: mm(h * 125 + 5) },
          continental,
          false,
        );
        expect(read.leafWidth).toBe(mm(w * 125 - 15));
        expect(read.leafHeight).toBe(mm(h * 125 - 15));
        expect(read.wallWidth).toBe(mm(w * 125 + 10));
      }),
    );
  });
});

describe('a size with its height first', () => {
  it.each([
    ['2040 x 820', 820, 2040],
    ['2040x820x35', 820, 2040],
    ['1980 x 810', 810, 1980],
    ['820 x 2040', 820, 2040],
  ])('%s is %i wide, %i high', (text, width, height) => {
    expect(size(text, australasian)).toMatchObject({
      leafWidth: mm(width),
      leafHeight: mm(height),
    });
  });
  it('is not taken of a wide pair', () => {
    expect(size('2040 x 2040', australasian)).toMatchObject({ leafWidth: mm(2040) });
    expect(size('1899 x 820', australasian)).toMatchObject({ leafWidth: mm(1899) });
    expect(size('2040 x 1301', australasian)).toMatchObject({ leafWidth: mm(2040) });
  });
});

describe('the slab of a dwelling', () => {
  it('is its size', () => {
    expect(size('2-8 x 6-8', PRACTICES['us-residential'])).toMatchObject({
      leafWidth: 32 * 8128,
      leafHeight: 80 * 8128,
    });
  });
});
