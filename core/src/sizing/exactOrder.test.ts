import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { mm, roundTo, TICKS_PER_64TH, wholeDown, wholeUp } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { readings } from '../testing/readings.js';

/** The leaf ordered for an existing frame, in ticks. */
function ordered(facts: Partial<OpeningFacts>, practice: keyof typeof PRACTICES) {
  const decided = decideOpening(
    { mark: 'E1', kind: 'single', work: 'replacement', ...facts },
    PRACTICES[practice],
  );
  const value = decided.decisions.find((one) => one.key === 'sizing.order')?.value;
  return value?.type === 'size' ? { width: value.width, height: value.height } : undefined;
}

const frame = (width: number, height: number, square = true) =>
  readings({
    widthTop: width,
    widthMiddle: width,
    widthBottom: width,
    heightHinge: height,
    heightLock: height,
    ...(square
      ? {
          diagonalFromHingeTop: Math.round(Math.hypot(width, height)),
          diagonalFromLockTop: Math.round(Math.hypot(width, height)),
        }
      : {}),
  });

describe('a leaf ordered for a frame that is square', () => {
  it('is 894 × 2091 in 900 × 2100 with gaps of 3 and 6 under, steel or timber, read or recorded', () => {
    const gaps = { hingeGap: mm(3), lockGap: mm(3), headGap: mm(3), undercut: mm(6) };
    for (const made of ['steel-honeycomb-16', 'timber-stave'] as const)
      for (const given of [
        { readings: frame(mm(900), mm(2100), false) },
        { frameWidth: mm(900), frameHeight: mm(2100) },
      ])
        expect(
          ordered({ ...gaps, ...given, leafConstruction: made, frameMaterial: 'steel' }, 'british'),
        ).toEqual({ width: mm(894), height: mm(2091) });
  });

  it('is exact for every frame and gaps of whole steps, in every practice', () => {
    const practices = Object.keys(PRACTICES) as (keyof typeof PRACTICES)[];
    fc.assert(
      fc.property(
        fc.constantFrom(...practices),
        fc.integer({ min: 500, max: 1200 }),
        fc.integer({ min: 1800, max: 2400 }),
        fc.tuple(...[3, 3, 3, 6].map((most) => fc.integer({ min: 1, max: most }))),
        fc.boolean(),
        (practice, wide, high, [hinge, lock, head, under], read) => {
          const step = PRACTICES[practice].values.orderStep.value;
          const steps = (count: number) => count * step;
          const [width, height] = [wide, high].map((one) => roundTo(mm(one), step, 'nearest')) as [
            number,
            number,
          ];
          const gaps = {
            hingeGap: steps(hinge!),
            lockGap: steps(lock!),
            headGap: steps(head!),
            undercut: steps(under!),
          };
          const got = ordered(
            {
              ...gaps,
              leafConstruction: 'steel-honeycomb-16',
              frameMaterial: 'steel',
              ...(read
                ? { readings: frame(width, height, false) }
                : { frameWidth: width, frameHeight: height }),
            },
            practice,
          );
          expect(got).toEqual({
            width: width - gaps.hingeGap - gaps.lockGap,
            height: height - gaps.headGap - gaps.undercut,
          });
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('rounding in one direction', () => {
  it('takes what arithmetic leaves over for nothing, and never what is a tick', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1e6, max: 1e6 }),
        fc.double({ min: -1e-7, max: 1e-7, noNaN: true }),
        fc.constantFrom(32, 160, 320, TICKS_PER_64TH, TICKS_PER_64TH * 4, 8128),
        (steps, noise, grid) => {
          const exact = steps * grid;
          for (const way of ['up', 'down', 'nearest'] as const)
            expect(roundTo(exact + noise, grid, way) + 0).toBe(exact + 0);
          expect(roundTo(exact + 1, grid, 'up')).toBe(exact + grid);
          expect(roundTo(exact - 1, grid, 'down')).toBe(exact - grid);
          expect(wholeUp(steps + noise)).toBe(steps);
          expect(wholeDown(steps + noise)).toBe(steps);
          expect(wholeUp(steps + 0.01)).toBe(steps + 1);
          expect(wholeDown(steps - 0.01)).toBe(steps - 1);
        },
      ),
    );
  });
});
