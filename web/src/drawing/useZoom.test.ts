import fc from 'fast-check';
import { boxOf, moved, WHOLE, zoomed, type Box, type Look } from './useZoom.js';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const look: fc.Arbitrary<Look> = fc.record({
  times: fc.double({ min: 1, max: 12, noNaN: true }),
  x: share,
  y: share,
});
const sheet: Box = [-10, -200, 120, 220];

/** Where a point of the drawing (0 to 1) stands in the pane (0 to 1). */
const inPane = (point: number, middle: number, times: number) => (point - middle) * times + 0.5;

describe('what of a drawing is looked at', () => {
  it('is at first the whole of it', () => {
    expect(boxOf(sheet, WHOLE)).toEqual(sheet);
    expect(boxOf(sheet, { times: 2, x: 0.5, y: 0.5 })).toEqual([20, -145, 60, 110]);
  });
  it('keeps the point that is zoomed about where it stood', () => {
    fc.assert(
      fc.property(
        look,
        fc.double({ min: 0.5, max: 3, noNaN: true }),
        share,
        share,
        (now, by, x, y) => {
          const next = zoomed(now, by, { x, y });
          expect(next.times).toBeGreaterThanOrEqual(1);
          expect(next.times).toBeLessThanOrEqual(12);
          if (next.times === 1) return expect(next).toEqual(WHOLE);
          // Unless the middle would leave the drawing.
          if (next.x > 0 && next.x < 1)
            expect(inPane(x, next.x, next.times)).toBeCloseTo(inPane(x, now.x, now.times), 6);
          if (next.y > 0 && next.y < 1)
            expect(inPane(y, next.y, next.times)).toBeCloseTo(inPane(y, now.y, now.times), 6);
        },
      ),
    );
  });
  it('is moved within the drawing', () => {
    expect(moved({ times: 2, x: 0.5, y: 0.5 }, 0.1, -0.2)).toEqual({ times: 2, x: 0.6, y: 0.3 });
    expect(moved({ times: 2, x: 0.9, y: 0.1 }, 0.5, -0.5)).toEqual({ times: 2, x: 1, y: 0 });
  });
});
