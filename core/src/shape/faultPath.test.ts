import fc from 'fast-check';
import {
  either,
  faultPath,
  flag,
  holding,
  integer,
  list,
  map,
  object,
  pathText,
  text,
  word,
} from './index.js';

const SLAT = object({ width: integer(1, 99) }, { note: text(5) });
const SHAPE = object(
  { mark: text(4), slats: list(SLAT, 3) },
  {
    by: map(word(['a', 'b']), integer(0, 9)),
    size: either(word(['unknown']), object({ width: integer(0, 9) }, {})),
    pair: holding(
      object({ from: integer(0, 9), to: integer(0, 9) }, {}),
      'in order',
      (one) => one.from <= one.to,
    ),
  },
);
const SOUND = { mark: 'A', slats: [{ width: 1 }, { width: 2 }] };

describe('the place of a fault', () => {
  it.each<[string, unknown, string | undefined]>([
    ['nothing', SOUND, undefined],
    ['the whole', 7, ''],
    ['what is missing', { slats: [] }, 'mark'],
    ['what nobody asked for', { ...SOUND, more: 1 }, 'more'],
    ['one slat of several', { ...SOUND, slats: [{ width: 1 }, { width: 100 }] }, 'slats[1].width'],
    ['a note in a slat', { ...SOUND, slats: [{ width: 1, note: 'too long' }] }, 'slats[0].note'],
    ['a list that is too long', { ...SOUND, slats: Array(4).fill({ width: 1 }) }, 'slats'],
    ['a key of a map', { ...SOUND, by: { c: 1 } }, 'by.c'],
    ['a value of a map', { ...SOUND, by: { a: 10 } }, 'by.a'],
    ['the shape it comes nearest to', { ...SOUND, size: { width: 10 } }, 'size.width'],
    ['a condition over several', { ...SOUND, pair: { from: 2, to: 1 } }, 'pair'],
  ])('is %s', (_, value, place) => {
    const path = faultPath(SHAPE, value);
    expect(path && pathText(path)).toBe(place);
  });

  it('is there just where the shape does not read the value', () => {
    const shapes = [SHAPE, SLAT, list(flag, 2), map(text(2), flag)];
    fc.assert(
      fc.property(fc.constantFrom(...shapes), fc.anything(), (shape, value) => {
        expect(faultPath(shape, value) === undefined).toBe(shape.read(value) !== undefined);
      }),
    );
  });
});
