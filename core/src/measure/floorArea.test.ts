import fc from 'fast-check';
import { formatFloorArea, parseFloorArea } from './index.js';

describe('a floor area', () => {
  it.each([
    ['42 m²', 42],
    ['42', 42],
    ['42,5 m2', 42.5],
    ['1,200 sqm', 1200],
    ['100 sq ft', 9.2903],
    ['100sf', 9.2903],
  ])('%s', (text, square) => {
    expect(parseFloorArea(text, 'metric')).toEqual({ ok: true, value: square });
  });
  it('is in the system’s unit where none is written', () => {
    expect(parseFloorArea('100', 'inch')).toEqual({ ok: true, value: 9.2903 });
  });
  it.each(['', 'm²', '-4', 'large', '4 in', '12000000'])('“%s” is none', (text) => {
    expect(parseFloorArea(text, 'metric').ok).toBe(false);
  });
  it('is read as it is written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (feet) => {
        const read = parseFloorArea(`${feet} ft²`, 'metric');
        expect(read.ok && formatFloorArea(read.value, 'inch')).toBe(`${feet} ft²`);
      }),
    );
  });
});
