import fc from 'fast-check';
import {
  closingRun,
  leafInertia,
  openingRun,
  springMoment,
  type ClosingLeaf,
  type CloserMakeup,
  type CloserSettings,
} from './run.js';
import { angleAt, findSettings, fitRun, fromRelease, runFaults, turnsBetween } from './tuning.js';
import { CLOSING_VALUES } from './values.js';

const MAKEUP: CloserMakeup = CLOSING_VALUES.closerMakeup.british.value;
const TIMES = CLOSING_VALUES.closingTimes.british.value;
const LEAF: ClosingLeaf = { width: 0.91, height: 2.1, mass: 45, seal: 0, latch: 8, pressure: 0 };
const SET: CloserSettings = {
  closing: 18,
  closingOpen: 6,
  spring: 0,
  sweep: 2.5,
  latch: 2.5,
  backCheck: 2.5,
};

const leaves = fc.record({
  width: fc.double({ min: 0.6, max: 1.4, noNaN: true }),
  height: fc.double({ min: 1.9, max: 2.6, noNaN: true }),
  mass: fc.double({ min: 15, max: 160, noNaN: true }),
  seal: fc.double({ min: 0, max: 20, noNaN: true }),
  latch: fc.double({ min: 0, max: 15, noNaN: true }),
  pressure: fc.double({ min: -10, max: 15, noNaN: true }),
});
const settings = fc.record({
  closing: fc.double({ min: 9, max: 60, noNaN: true }),
  closingOpen: fc.double({ min: 3, max: 20, noNaN: true }),
  spring: fc.integer({ min: 0, max: 8 }),
  sweep: fc.double({ min: 0.5, max: 4.5, noNaN: true }),
  latch: fc.double({ min: 0.5, max: 4.5, noNaN: true }),
  backCheck: fc.double({ min: 0.5, max: 4.5, noNaN: true }),
});

/** A run costs tens of milliseconds: no shrinking for minutes; where a few may just stall, the same leaves. */
const SEEDED = { numRuns: 25, seed: 7, endOnFailure: true };

describe('the closing of a leaf', () => {
  it('has the inertia of a thin leaf about its edge, and a spring that is weaker open', () => {
    expect(leafInertia({ mass: 45, width: 0.9 })).toBeCloseTo((45 * 0.81) / 3, 12);
    expect(springMoment(SET, MAKEUP, 0)).toBe(18);
    expect(springMoment(SET, MAKEUP, 4)).toBe(18);
    expect(springMoment(SET, MAKEUP, 32)).toBeCloseTo(12, 12);
    expect(springMoment(SET, MAKEUP, 90)).toBe(6);
    expect(springMoment({ ...SET, spring: 5 }, MAKEUP, 0)).toBeCloseTo(18 * 1.4, 12);
  });
  it('loses no energy: what spring and air give is taken by oil, seals and latch, or left as motion', () => {
    fc.assert(
      fc.property(leaves, settings, (leaf, set) => {
        const { given, oil, seals, motion } = closingRun(leaf, set, MAKEUP).energy;
        expect(Math.abs(given - oil - seals - motion)).toBeLessThan(0.03 * Math.abs(given) + 0.05);
      }),
      { numRuns: 25, endOnFailure: true },
    );
  });
  it('as it leaves the factory its sums agree to half a per cent', () => {
    const { given, oil, seals, motion } = closingRun(LEAF, SET, MAKEUP).energy;
    expect(Math.abs(given - oil - seals - motion)).toBeLessThan(0.005 * given);
    // What the spring gives from 90 to 0°, less friction: 6 N·m over 30°, rising to 18 over 56, 18 over 4.
    const spring = (6 * 30 + 12 * 56 + 18 * 4) * (Math.PI / 180) * 0.95;
    expect(given).toBeCloseTo(spring, 1);
  });
  it('comes to the same with half the step', () => {
    fc.assert(
      fc.property(leaves, settings, (leaf, set) => {
        const whole = closingRun(leaf, set, MAKEUP);
        const half = closingRun(leaf, set, MAKEUP, { step: 0.002 });
        expect(half.latched).toBe(whole.latched);
        if (whole.sweep !== undefined && half.sweep !== undefined)
          expect(Math.abs(half.sweep - whole.sweep)).toBeLessThan(0.01 + 0.005 * whole.sweep);
        if (whole.latched)
          expect(Math.abs(half.slam - whole.slam)).toBeLessThan(0.02 + 0.05 * whole.slam);
      }),
      // A leaf that only just latches may stall with the other step.
      { numRuns: 15, examples: [[LEAF, SET]], seed: 7, endOnFailure: true },
    );
  });
  it('never opens while it closes, and ends at its stop or where it stalls', () => {
    fc.assert(
      fc.property(leaves, settings, (leaf, set) => {
        const { points, latched, stalledAt } = closingRun(leaf, set, MAKEUP);
        for (let at = 1; at < points.length; at++)
          expect(points[at]!.degrees).toBeLessThanOrEqual(points[at - 1]!.degrees);
        if (latched) expect(stalledAt).toBeUndefined();
        if (latched) expect(points[points.length - 1]!.degrees).toBe(0);
      }),
      SEEDED,
    );
  });
  it('is slower with a valve further in, quicker with it out; a shut valve holds it', () => {
    const sweep = (turns: number) => closingRun(LEAF, { ...SET, sweep: turns }, MAKEUP).sweep!;
    expect(sweep(1.5)).toBeGreaterThan(sweep(2.5));
    expect(sweep(2.5)).toBeGreaterThan(sweep(3.5));
    const shut = closingRun(LEAF, { ...SET, sweep: 0 }, MAKEUP);
    expect([shut.latched, shut.stalledAt]).toEqual([false, 90]);
  });
  it('stalls against seals, latch or pressure that are more than its spring, and latches wound up', () => {
    const sealed = { ...LEAF, seal: 20 };
    const stalled = closingRun(sealed, SET, MAKEUP);
    expect(stalled.latched).toBe(false);
    expect(stalled.stalledAt).toBeLessThan(2);
    expect(closingRun(sealed, { ...SET, spring: 8 }, MAKEUP).latched).toBe(true);
    // 25 Pa on 0.91 × 2.1 m: 21.7 N·m against 6 at 90°.
    expect(closingRun({ ...LEAF, pressure: 25 }, SET, MAKEUP).stalledAt).toBe(90);
  });
  it('is checked as it is thrown open', () => {
    const free = openingRun(LEAF, { ...SET, backCheck: 4.5 }, MAKEUP, { edge: 3 });
    const held = openingRun(LEAF, { ...SET, backCheck: 1 }, MAKEUP, { edge: 3 });
    expect(held).toBeLessThan(free);
    expect(held).toBeGreaterThan(MAKEUP.backCheckFrom);
  });
});

describe('tuning', () => {
  it('names what is wrong with a run', () => {
    const faults = (set: Partial<CloserSettings>, leaf: Partial<ClosingLeaf> = {}) => {
      const all = { ...SET, ...set };
      return runFaults(closingRun({ ...LEAF, ...leaf }, all, MAKEUP), all, MAKEUP, TIMES);
    };
    expect(faults({})).toEqual([]);
    expect(faults({ sweep: 1.4 })).toEqual(['sweepSlow']);
    expect(faults({ sweep: 4.5, spring: 8 })).toContain('sweepFast');
    expect(faults({ latch: 1 })).toContain('latchSlow');
    expect(faults({ sweep: 4.75 })).toContain('oil');
    expect(faults({}, { seal: 20 })).toEqual(['stalls']);
    expect(faults({ latch: 4.5, spring: 8 }, { latch: 0 })).toEqual(
      expect.arrayContaining(['latchFast']),
    );
  });
  it('finds settings within safe turns that keep the times', () => {
    fc.assert(
      fc.property(
        fc.record({ ...leavesOf(), seal: fc.double({ min: 0, max: 10, noNaN: true }) }),
        (leaf) => {
          const tuned = findSettings(leaf, SET, MAKEUP, TIMES);
          expect(tuned.faults).toEqual([]);
          expect(Math.max(tuned.settings.sweep, tuned.settings.latch)).toBeLessThanOrEqual(
            MAKEUP.most,
          );
        },
      ),
      { ...SEEDED, numRuns: 4 },
    );
  });
  it('says what no setting keeps', () => {
    expect(findSettings({ ...LEAF, pressure: 60 }, SET, MAKEUP, TIMES).faults).toContain('stalls');
  });
  it('tells which part is turned, which way: clockwise slows a valve and winds a spring', () => {
    const to = { ...SET, spring: 2, sweep: 2.25, latch: 3 };
    expect(turnsBetween(SET, to)).toEqual([
      { part: 'spring', way: 'clockwise', turns: 2 },
      { part: 'sweep', way: 'clockwise', turns: 0.25 },
      { part: 'latch', way: 'counter-clockwise', turns: 0.5 },
    ]);
    expect(turnsBetween(SET, SET)).toEqual([]);
  });
});

/** Leaves that a closer of size 3 is made for. */
function leavesOf() {
  return {
    width: fc.double({ min: 0.8, max: 0.95, noNaN: true }),
    height: fc.constant(2.1),
    mass: fc.double({ min: 35, max: 60, noNaN: true }),
    latch: fc.double({ min: 0, max: 6, noNaN: true }),
    pressure: fc.constant(0),
  };
}

describe('a measured curve', () => {
  /** What a recorder reads of a run: held still first, noisy, with readings lost. */
  const recorded = (set: CloserSettings, noise: number, lost: number) => {
    const { points } = closingRun(LEAF, set, MAKEUP);
    const samples = [];
    const end = points[points.length - 1]!.at;
    for (let at = -0.5, count = 0; at < end + 0.3; at += 0.02, count++) {
      if (lost > 0 && count % lost === 0) continue;
      const off = noise * Math.sin(count * 12.9898) * Math.cos(count * 78.233);
      samples.push({ at: at + 10, degrees: Math.max(0, angleAt(points, Math.max(0, at)) + off) });
    }
    return samples;
  };
  it.each([
    [2.5, 2.5],
    [1.25, 3],
    [3.5, 1.5],
    [2, 4],
  ])('tells how its valves stand: sweep %s, latch %s', (sweep, latch) => {
    const fitted = fitRun(recorded({ ...SET, sweep, latch }, 0.3, 7), LEAF, SET, MAKEUP)!;
    expect(Math.abs(fitted.settings.sweep - sweep)).toBeLessThan(0.2);
    expect(Math.abs(fitted.settings.latch - latch)).toBeLessThan(0.35);
    expect(fitted.off).toBeLessThan(2);
  });
  it('begins where the leaf was let go, and is none of a few readings', () => {
    const samples = recorded(SET, 0.1, 0);
    expect(fromRelease(samples)[0]!.at).toBe(0);
    expect(fromRelease(samples).length).toBeLessThan(samples.length);
    expect(fitRun(samples.slice(0, 5), LEAF, SET, MAKEUP)).toBeUndefined();
  });
});
