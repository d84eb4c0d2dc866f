import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { decideOpening } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import { Survey } from '../survey/index.js';
import {
  coverOf,
  cutPlan,
  halvesOf,
  insideOf,
  leafAfterCuts,
  neededLeaf,
  outOfSquare,
  type Corner,
  type Quadrilateral,
} from './index.js';
import { readings as toReadings } from '../testing/readings.js';

const { british } = PRACTICES;
const us = PRACTICES['us-commercial'];

const distance = (a: Corner, b: Corner) => Math.hypot(a.x - b.x, a.y - b.y);

/** How far a point is inside the line from a to b, which runs with the opening on its left. */
const inside = (p: Corner, a: Corner, b: Corner) =>
  ((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / distance(a, b);

/** A crooked opening: a rectangle whose corners strayed by up to 25 mm. */
const crooked: fc.Arbitrary<Quadrilateral> = fc
  .record({
    width: fc.integer({ min: mm(650), max: mm(1000) }),
    height: fc.integer({ min: mm(1900), max: mm(2200) }),
    dx: fc.integer({ min: -mm(25), max: mm(25) }),
    dy: fc.integer({ min: -mm(25), max: mm(25) }),
    ex: fc.integer({ min: -mm(25), max: mm(25) }),
    ey: fc.integer({ min: -mm(25), max: mm(25) }),
    bow: fc.integer({ min: -mm(6), max: mm(6) }),
  })
  .map(({ width, height, dx, dy, ex, ey, bow }) => ({
    hingeBottom: { x: 0, y: 0 },
    hingeTop: { x: 0, y: height },
    lockBottom: { x: width + dx, y: dy },
    lockTop: { x: width + ex, y: height + ey },
    bow,
  }));

const GAPS = { hinge: mm(3), lock: mm(3), head: mm(3), undercut: mm(8) };

/** Readings of a shape, as an exact tape would give them. */
function readings(shape: Quadrilateral): Record<string, number> {
  const { hingeBottom, hingeTop, lockBottom, lockTop } = shape;
  return {
    widthTop: distance(hingeTop, lockTop),
    widthBottom: distance(hingeBottom, lockBottom),
    heightHinge: distance(hingeBottom, hingeTop),
    heightLock: distance(lockBottom, lockTop),
    diagonalFromHingeTop: distance(hingeTop, lockBottom),
    diagonalFromLockTop: distance(lockTop, hingeBottom),
  };
}

const surveyOf = (values: Record<string, number>) => (name: string) =>
  new Survey(toReadings(values)).number(name);

describe('an opening out of its readings', () => {
  it('comes out as it stands, from sides and diagonals', () => {
    fc.assert(
      fc.property(crooked, (shape) => {
        const found = outOfSquare(surveyOf(readings(shape)))!;
        expect(found.by).toBe('diagonals');
        expect(distance(found.shape.lockTop, shape.lockTop)).toBeLessThan(1);
        expect(distance(found.shape.lockBottom, shape.lockBottom)).toBeLessThan(1);
        expect(Math.abs(found.disagreement)).toBeLessThan(1);
      }),
    );
  });

  it('tells rack by the diagonals, and a reading that cannot be by what it is off', () => {
    const racked: Quadrilateral = {
      hingeBottom: { x: 0, y: 0 },
      hingeTop: { x: 0, y: mm(2000) },
      lockBottom: { x: mm(800), y: -mm(8) },
      lockTop: { x: mm(800), y: mm(1992) },
      bow: 0,
    };
    const found = outOfSquare(surveyOf(readings(racked)))!;
    // A parallelogram that hangs 8 mm over 800 leans 20 mm over 2000.
    expect(found.rack! / 320).toBeCloseTo(-20, 0);
    expect(Math.abs(found.taperWidth)).toBeLessThan(1);
    const wrong = outOfSquare(surveyOf({ ...readings(racked), heightLock: mm(2010) }))!;
    expect(wrong.disagreement / 320).toBeCloseTo(-10, 1);
  });

  it('is placed by the lean of the jambs where there are no diagonals', () => {
    const found = outOfSquare(
      surveyOf({
        widthTop: mm(790),
        widthBottom: mm(800),
        heightHinge: mm(2000),
        heightLock: mm(2000),
        plumbHinge: mm(4),
        plumbLock: mm(6),
      }),
    )!;
    expect(found.by).toBe('plumb');
    expect(Math.abs(found.disagreement)).toBeLessThan(mm(0.05));
    expect(found.taperWidth).toBe(mm(10));
    // The floor is level, so against the leaning hinge jamb it falls towards the lock side.
    expect(found.shape.lockBottom.y).toBeCloseTo((800 * 4 * 320) / 2000, -1);
  });

  it('needs a width and a height, and takes a missing one as its opposite', () => {
    expect(outOfSquare(surveyOf({ widthTop: mm(800) }))).toBeUndefined();
    const found = outOfSquare(surveyOf({ widthMiddle: mm(800), heightLock: mm(2000) }))!;
    expect(found).toMatchObject({ by: 'nothing', taperWidth: 0, taperHeight: 0, rack: undefined });
    expect(distance(found.shape.lockTop, { x: mm(800), y: mm(2000) })).toBeLessThan(1e-3);
  });
});

describe('the leaf that fits a crooked opening', () => {
  it('keeps its gaps everywhere, and no more than them', () => {
    fc.assert(
      fc.property(crooked, (shape) => {
        const leaf = neededLeaf(shape, GAPS);
        const { hingeBottom, hingeTop, lockBottom, lockTop, bow } = shape;
        const lock = GAPS.lock + Math.max(0, bow);
        for (const [corner, edge] of [
          [leaf.hingeTop, 'top'],
          [leaf.lockTop, 'top'],
          [leaf.hingeBottom, 'bottom'],
          [leaf.lockBottom, 'bottom'],
        ] as const) {
          if (edge === 'top') expect(inside(corner, lockTop, hingeTop)).toBeCloseTo(GAPS.head, 3);
          else expect(inside(corner, hingeBottom, lockBottom)).toBeCloseTo(GAPS.undercut, 3);
        }
        for (const corner of [leaf.lockTop, leaf.lockBottom])
          expect(inside(corner, lockBottom, lockTop)).toBeCloseTo(lock, 3);
        expect(leaf.hingeTop.x).toBeCloseTo(GAPS.hinge, 6);
      }),
    );
  });

  it('has a cut plan that yields it: inside the opening with its gaps, and hardly less', () => {
    const limits = fc.constantFrom(
      undefined,
      british.values.trimLimits.value['timber-panelled-softwood'],
      british.values.trimLimits.value['timber-hollow'],
    );
    fc.assert(
      fc.property(
        crooked,
        limits,
        fc.nat({ max: mm(12) }),
        fc.nat({ max: mm(20) }),
        (shape, limit, moreWidth, moreHeight) => {
          const leaf = neededLeaf(shape, GAPS);
          const cover = coverOf(leaf);
          const blank = {
            width: Math.ceil(cover.width) + moreWidth,
            height: Math.ceil(cover.height) + moreHeight,
          };
          const plan = cutPlan(leaf, blank, limit, mm(6))!;
          const cut = leafAfterCuts(plan).map((corner) => ({
            x: corner.x + plan.origin.x,
            y: corner.y + plan.origin.y,
          }));
          const { hingeBottom, hingeTop, lockBottom, lockTop, bow } = shape;
          const sides = [
            [hingeBottom, lockBottom, GAPS.undercut],
            [lockBottom, lockTop, GAPS.lock + Math.max(0, bow)],
            [lockTop, hingeTop, GAPS.head],
            [hingeTop, hingeBottom, GAPS.hinge],
          ] as const;
          // Every point of the leaf's outline keeps its gap to every side.
          for (const [index, from] of cut.entries()) {
            const to = cut[(index + 1) % 4]!;
            for (let step = 0; step <= 8; step++) {
              const point = {
                x: from.x + ((to.x - from.x) * step) / 8,
                y: from.y + ((to.y - from.y) * step) / 8,
              };
              for (const [a, b, gap] of sides)
                expect(inside(point, a, b)).toBeGreaterThanOrEqual(gap - 0.1);
            }
          }
          // And each edge of it stands at its gap, but for what figures are rounded by.
          sides.forEach(([a, b, gap], index) => {
            for (const corner of [cut[index]!, cut[(index + 1) % 4]!])
              expect(inside(corner, a, b)).toBeLessThanOrEqual(gap + 3);
          });
          for (const { ends } of plan.cuts)
            for (const end of ends) expect(Number.isInteger(end) && end >= 0).toBe(true);
        },
      ),
    );
  });

  it('spares the edges by their limits: lock edge before hinge edge, bottom before head', () => {
    const square: Quadrilateral = {
      hingeBottom: { x: 0, y: 0 },
      hingeTop: { x: 0, y: mm(2000) },
      lockBottom: { x: mm(800), y: 0 },
      lockTop: { x: mm(800), y: mm(2000) },
      bow: 0,
    };
    const leaf = neededLeaf(square, GAPS);
    const limits = { hinge: mm(6), head: mm(6), lock: mm(6), bottom: mm(12) };
    const ends = (width: number, height: number) =>
      cutPlan(leaf, { width, height }, limits, mm(6))!.cuts.map((cut) => [
        cut.edge,
        cut.ends[0] / 320,
        cut.tool,
      ]);
    expect(ends(mm(798), mm(1999))).toEqual([
      ['hinge', 0, 'none'],
      ['head', 0, 'none'],
      ['lock', 4, 'plane'],
      ['bottom', 10, 'saw'],
    ]);
    expect(ends(mm(803), mm(2004))).toEqual([
      ['hinge', 3, 'plane'],
      ['head', 3, 'plane'],
      ['lock', 6, 'plane'],
      ['bottom', 12, 'saw'],
    ]);
    const far = cutPlan(leaf, { width: mm(820), height: mm(1990) }, limits, mm(6))!;
    expect(far.beyond).toEqual(['lock']);
    expect(cutPlan(leaf, { width: mm(790), height: mm(2000) }, limits, mm(6))).toBeUndefined();
  });

  it('a square-cornered leaf inside it never leaves it', () => {
    fc.assert(
      fc.property(crooked, (shape) => {
        const leaf = neededLeaf(shape, GAPS);
        const { width, height } = insideOf(leaf);
        const cover = coverOf(leaf);
        expect(width).toBeLessThanOrEqual(cover.width + 1e-6);
        expect(height).toBeLessThanOrEqual(cover.height + 1e-6);
      }),
    );
  });

  it('a pair’s halves share the line on which they meet and keep their sides', () => {
    fc.assert(
      fc.property(crooked, fc.double({ min: 0.3, max: 0.7, noNaN: true }), (shape, share) => {
        const [first, second] = halvesOf(shape, share);
        expect(distance(first.lockBottom, first.lockTop)).toBeCloseTo(
          distance(second.lockBottom, second.lockTop),
          3,
        );
        expect(
          distance(first.hingeBottom, first.lockBottom) +
            distance(second.hingeBottom, second.lockBottom),
        ).toBeCloseTo(distance(shape.hingeBottom, shape.lockBottom), 3);
        expect(second.hingeTop.x).toBeCloseTo(0, 6);
        expect(second.hingeTop.y).toBeCloseTo(distance(shape.lockBottom, shape.lockTop), 3);
        expect(second.lockTop.x).toBeGreaterThan(0);
      }),
    );
  });
});

describe('ordering for an opening that was surveyed', () => {
  const decide = (
    values: Record<string, number | string>,
    facts: Partial<OpeningFacts> = {},
    practice = british,
  ) =>
    decideOpening(
      {
        mark: '1',
        kind: 'single',
        frameMaterial: 'timber',
        leafConstruction: 'timber-panelled-softwood',
        readings: toReadings(values),
        ...facts,
      },
      practice,
    );
  const CROOKED = {
    widthTop: mm(768),
    widthMiddle: mm(770),
    widthBottom: mm(772),
    heightHinge: mm(1990),
    heightLock: mm(1996),
    diagonalFromHingeTop: Math.round(Math.hypot(772, 1990) * 320),
    diagonalFromLockTop: Math.round(Math.hypot(768, 1996) * 320),
  };

  it('takes the smallest stock leaf that covers the need within its limits', () => {
    const { fitting } = decide({ widthTop: mm(764), heightHinge: mm(1988) }).results.sizing;
    expect(fitting!.leaves[0]!.order).toMatchObject({ kind: 'stock', name: '762 × 1981' });
  });

  it('else has it made, rounded up, and says how far out of square it is', () => {
    const decided = decide(CROOKED);
    const order = decided.results.sizing.fitting!.leaves[0]!.order;
    expect(order.kind).toBe('made');
    const square = decided.decisions.find((one) => one.key === 'sizing.square')!;
    expect(square.value).toEqual({ type: 'term', term: 'square.crooked' });
    expect(decided.findings.map((one) => one.code)).not.toContain('sizing.remeasure');
  });

  it('asks for another measure where readings do not agree', () => {
    const codes = decide({ ...CROOKED, diagonalFromLockTop: mm(2160) }).findings.map(
      (one) => one.code,
    );
    expect(codes).toContain('sizing.remeasure');
  });

  it('plans no cut of a rated leaf unless its listing says how much', () => {
    const rated = { rating: 30, leafConstruction: 'timber-mineral' as const };
    const without = decide(CROOKED, rated);
    expect(without.results.sizing.fitting!.leaves[0]!.order.kind).toBe('as-made');
    expect(without.findings.map((one) => one.code)).toContain('sizing.ratedTrim');
    const listed = decide(CROOKED, { ...rated, listedTrim: mm(3) });
    expect(listed.results.sizing.fitting!.limits).toEqual({
      hinge: mm(3),
      head: mm(3),
      lock: mm(3),
      bottom: mm(3),
    });
    expect(listed.findings.map((one) => one.code)).toContain('sizing.cutBeyond');
  });

  it('makes steel to the largest square that goes in, and warns of the gaps that leaves', () => {
    const steel = decide(CROOKED, { leafConstruction: 'steel-honeycomb-16' });
    const { order } = steel.results.sizing.fitting!.leaves[0]!;
    expect(order).toMatchObject({ kind: 'as-made' });
    if (order.kind === 'as-made') {
      expect(order.size.width % 320).toBe(0);
      expect(order.size.width).toBeLessThanOrEqual(mm(762));
    }
    expect(steel.findings.map((one) => one.code)).toContain('sizing.asMadeGaps');
  });

  it('orders each leaf of a pair for its own half', () => {
    const pair = decide(
      { widthTop: mm(1500), widthBottom: mm(1510), heightHinge: mm(2000), heightLock: mm(1992) },
      { kind: 'pair' },
    );
    expect(pair.results.sizing.fitting!.leaves).toHaveLength(2);
    expect(pair.decisions.map((one) => one.key)).toContain('sizing.orderSecond');
  });

  it('works in inches too', () => {
    const decided = decide(
      { widthTop: inches(36), widthBottom: inches(36.25), heightHinge: inches(84) },
      { leafConstruction: 'timber-stave', frameMaterial: 'steel' },
      us,
    );
    const { order } = decided.results.sizing.fitting!.leaves[0]!;
    expect(order.kind).toBe('made');
    if (order.kind === 'made') expect(order.plan.blank.width % (8128 / 16)).toBe(0);
  });
});
