import fc from 'fast-check';
import { GRAVITY, inches, mm } from '../measure/index.js';
import {
  compareSchools,
  hingeForces,
  hingeLoads,
  longestRun,
  movedHinge,
  snapHinge,
} from './index.js';

const mass = fc.integer({ min: 5_000, max: 250_000 });
const width = fc.integer({ min: mm(500), max: mm(1400) });
const offset = fc.integer({ min: 0, max: mm(20) });

/** Hinges from the top down, no nearer to each other than hinges are high. */
const centres = fc
  .array(fc.integer({ min: mm(76), max: mm(700) }), { minLength: 1, maxLength: 5 })
  .map((gaps) => gaps.reduceRight((list, gap) => [list[0]! + gap, ...list], [mm(150)]));

describe('the loads of hinges', () => {
  it('add up: no force is left over, and their moment is that of the leaf', () => {
    fc.assert(
      fc.property(mass, width, offset, centres, (m, w, o, ys) => {
        const loads = hingeLoads(m, w, o, ys);
        const weight = (m / 1000) * GRAVITY;
        const sum = (values: number[]) => values.reduce((a, b) => a + b, 0);
        expect(sum(loads.map((one) => one.shear))).toBeCloseTo(weight, 6);
        const most = Math.max(...loads.map((one) => Math.abs(one.out)));
        expect(sum(loads.map((one) => one.out)) / most).toBeCloseTo(0, 9);
        const moment = sum(loads.map((one, index) => one.out * ys[index]!));
        expect(moment / (weight * (w / 2 + o))).toBeCloseTo(1, 6);
      }),
    );
  });

  it('are those of the formula for two hinges and for a third in the middle', () => {
    const two = hingeLoads(50_000, mm(900), mm(2), [mm(1800), mm(200)]);
    const forces = hingeForces(50_000, mm(900), mm(2), mm(1600), 2);
    expect(two[0]!.out).toBeCloseTo(forces.pull, 9);
    expect(two[1]!.out).toBeCloseTo(-forces.pull, 9);
    const three = hingeLoads(50_000, mm(900), mm(2), [mm(1800), mm(1000), mm(200)]);
    expect(three[0]!.out).toBeCloseTo(forces.pull, 9);
    expect(three[1]!.out).toBeCloseTo(0, 9);
    expect(three[1]!.shear).toBeCloseTo((50 * GRAVITY) / 3, 9);
  });

  it('mirror with the leaf turned upside down', () => {
    fc.assert(
      fc.property(mass, width, centres, (m, w, ys) => {
        const height = mm(2400);
        const turned = ys.map((y) => height - y);
        const [a, b] = [hingeLoads(m, w, 0, ys), hingeLoads(m, w, 0, turned)];
        const most = Math.max(...a.map((one) => Math.abs(one.out)));
        a.forEach((one, index) => expect((one.out + b[index]!.out) / most).toBeCloseTo(0, 9));
      }),
    );
  });

  it('compares the schools: a high third takes pull, a middle one keeps the free edge short', () => {
    const schools = compareSchools(
      { mass: 60_000, width: mm(950), height: mm(2100), axisOffset: mm(2) },
      mm(102),
      { first: mm(150), last: mm(1773), count: 3 },
      mm(200),
    )!;
    const [equal, high] = schools;
    expect(high.pull).toBeLessThan(equal.pull);
    expect(high.run).toBeGreaterThan(equal.run);
    expect(equal.run).toBe(longestRun(equal.positions, mm(102)));
    expect(high.positions[1]).toBe(mm(150 + 102 + 200));
    const leaf = { mass: 60_000, width: mm(950), height: mm(700), axisOffset: 0 };
    expect(
      compareSchools(leaf, mm(102), { first: mm(80), last: mm(300), count: 3 }, mm(200)),
    ).toBeUndefined();
    expect(
      compareSchools(leaf, mm(102), { first: mm(80), last: mm(500), count: 2 }, mm(200)),
    ).toBeUndefined();
  });
});

describe('a dragged hinge', () => {
  const to = {
    hingeHeight: inches(4.5),
    leafHeight: inches(83),
    pattern: [inches(4.875), inches(37)],
    rails: [[inches(34), inches(42)]] as [number, number][],
    grid: inches(1 / 8),
    reach: inches(0.5),
  };
  it('rests at the pattern first, then at a rail’s joint, else on a whole fraction', () => {
    expect(snapHinge(inches(5.2), to)).toEqual({ top: inches(4.875), at: 'pattern' });
    expect(snapHinge(inches(41.2), to)).toEqual({ top: inches(83 - 42), at: 'rail' });
    expect(snapHinge(inches(20.06), to)).toEqual({ top: inches(20), at: 'fraction' });
  });
  it('stays on the leaf, in order and apart from the others', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 2 }),
        fc.integer({ min: -inches(20), max: inches(120) }),
        (index, top) => {
          const rest = snapHinge(top, to).top;
          expect(rest).toBeGreaterThanOrEqual(0);
          expect(rest).toBeLessThanOrEqual(to.leafHeight - to.hingeHeight);
          const moved = movedHinge(
            [inches(5), inches(37), inches(69)],
            index,
            rest,
            to.hingeHeight,
            to.leafHeight,
          );
          moved
            .slice(1)
            .forEach((one, at) => expect(one - moved[at]!).toBeGreaterThanOrEqual(to.hingeHeight));
        },
      ),
    );
  });
});
