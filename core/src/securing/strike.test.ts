import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm, TICKS_PER_INCH } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { cylinderHalf } from './index.js';
import { DOOR } from '../testing/door.js';

const base: OpeningFacts = {
  ...DOOR,
  leafConstruction: 'steel-honeycomb-18',
  secured: true,
  lockUse: 'store',
  lockKind: 'cylindrical',
};
const us = (facts: Partial<OpeningFacts> = {}) =>
  decideOpening({ ...base, ...facts }, PRACTICES['us-commercial']);
const strike = (facts: Partial<OpeningFacts> = {}) => us(facts).results.securing.strike!;

describe('a strike', () => {
  it('of the usual steel frame has a 1 1/4 lip, its latch 1 3/16 from the stop', () => {
    // 1/16 silencer + 7/8 + 1/4; lip 7/8 + 1/8 + 1/4.
    expect(strike()).toMatchObject({
      play: inches(1 / 16),
      toFlat: inches(1.1875),
      toBevel: inches(0.6875),
      centre: inches(0.9375),
      toEdge: inches(1),
      lip: inches(1.25),
      latchThrow: inches(0.5),
      latchIn: inches(0.375),
      latchHole: inches(0.5),
      lipShape: 'flat',
    });
  });
  it('agrees with independent arithmetic in inches, whatever leaf, seal, rabbet, gap and trim', () => {
    const sixteenths = (min: number, max: number) =>
      fc.integer({ min: min * 16, max: max * 16 }).map((n) => n / 16);
    fc.assert(
      fc.property(
        sixteenths(1.375, 2.25),
        fc.constantFrom('none' as const, 'silencer' as const, 'seal' as const),
        fc.option(sixteenths(2, 3), { nil: undefined }),
        sixteenths(0.0625, 0.25),
        fc.option(sixteenths(0.125, 1), { nil: undefined }),
        (t, stopSeal, rabbet, gap, trim) => {
          const found = strike({
            leafThickness: inches(t),
            stopSeal,
            ...(rabbet === undefined ? {} : { rabbetDepth: inches(rabbet) }),
            lockGap: inches(gap),
            ...(trim === undefined ? {} : { trimProjection: inches(trim) }),
          });
          const play = { none: 0, silencer: 1 / 16, seal: 1 / 8 }[stopSeal];
          const near = (ticks: number | undefined, wanted: number) =>
            expect(ticks! / TICKS_PER_INCH).toBeCloseTo(wanted, 3);
          near(found.centre, play + t / 2);
          near(found.toFlat, play + t / 2 + 0.25);
          near(found.toFlat - found.toBevel, 0.5);
          // From the stop the jamb's edge is the rabbet's depth; the lip starts at the middle.
          const jamb = rabbet ?? play + t + 1 / 8;
          near(found.toEdge, jamb - (play + t / 2));
          const least = jamb - (play + t / 2) + Math.max(0.25, trim ?? 0);
          expect(found.lip! / TICKS_PER_INCH).toBeGreaterThanOrEqual(least - 1e-3);
          expect(found.lip! / TICKS_PER_INCH).toBeLessThan(least + 0.125 + 1e-3);
          expect(Math.round((found.lip! / TICKS_PER_INCH) * 1000) % 125).toBe(0);
          near(found.latchIn, Math.max(0, 0.5 - gap));
          near(found.latchHole, 0.5 - gap + 0.125);
          // The latch has room in the opening, and the pin meets the plate beside it.
          expect(found.opening[0]).toBeLessThan(found.toBevel);
          expect(found.opening[1]).toBeGreaterThan(found.toFlat);
          expect(found.pin[0]).toBeGreaterThanOrEqual(found.opening[1]);
        },
      ),
    );
  });
  it('of a pair stands in the second leaf, without a lip past a jamb', () => {
    const pair = strike({ kind: 'pair', active: 'left', frameWidth: inches(72) });
    expect(pair).toMatchObject({ on: 'leaf', lip: undefined, lipShape: 'flat' });
    expect(
      strike({ kind: 'pair', active: 'left', frameWidth: inches(72), meetingEdge: 'mullion' }).on,
    ).toBe('jamb');
  });
  it('holds no latch where the function has none', () => {
    const bolt = strike({ lockKind: 'deadbolt', lockUse: 'entrance' });
    expect([bolt.latchThrow, bolt.boltThrow, bolt.boltIn]).toEqual([0, inches(1), inches(0.875)]);
  });
  it('crosses a rebated meeting edge unless the lock is made to follow it', () => {
    const pair = {
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
      meetingEdge: 'rebated',
    } as const;
    expect(strike({ ...pair, lockKind: 'cylindrical' }).latchIn).toBe(0);
    expect(strike({ ...pair, lockKind: 'mortise' }).latchIn).toBeGreaterThan(inches(0.5));
  });
});

describe('an existing strike', () => {
  const reuse = (facts: Partial<OpeningFacts>) =>
    us({ work: 'replacement', lockHeight: inches(40), ...facts }).results.securing.reuse;
  it('stays while its middle, depth and cut-out agree within a sixteenth', () => {
    expect(reuse({})).toBeUndefined();
    expect(reuse({ strikeAt: inches(40) })?.verdict).toBe('keep');
    expect(reuse({ strikeAt: inches(40 + 1 / 16) })?.verdict).toBe('keep');
    expect(reuse({ strikeAt: inches(40.125) })).toEqual({
      verdict: 'move',
      high: inches(0.125),
      deep: undefined,
    });
    expect(reuse({ strikeAt: inches(42) })?.verdict).toBe('filler');
    expect(reuse({ strikeAt: inches(48) })?.verdict).toBe('new');
    // The cut-out's far edge is right at 1 3/16 + 1/32.
    expect(reuse({ strikeAt: inches(40), strikeDepth: inches(1.21875) })?.verdict).toBe('keep');
    expect(reuse({ strikeAt: inches(40), strikeDepth: inches(1.5) })?.verdict).toBe('move');
    expect(reuse({ strikeAt: inches(40), strikeCutHeight: inches(2.75) })?.verdict).toBe('new');
  });
  it('gives the height of a new lock in a frame that stays', () => {
    const { height } = us({ work: 'replacement', strikeAt: inches(38.5) }).results.securing;
    expect(height).toBe(inches(38.5));
    expect(us({ work: 'new', strikeAt: inches(38.5) }).results.securing.height).toBe(
      inches(40.3125),
    );
  });
  it('lets the dead-latch pin fall in when it reaches too far', () => {
    const codes = (strikeDepth: number) =>
      us({ strikeAt: inches(40), strikeDepth, strikeCutWidth: inches(1.25) }).findings.map(
        (one) => one.code,
      );
    expect(codes(inches(1.21875))).not.toContain('securing.pinFalls');
    expect(codes(inches(1.5))).toContain('securing.pinFalls');
  });
});

describe('what is as long as the leaf is thick', () => {
  it('cylinder halves: the next made five, unless that stands out more than three', () => {
    const values = PRACTICES.continental.values;
    const half = (t: number, plate: number) => {
      const { length, proud } = cylinderHalf(mm(t / 2), mm(plate), values);
      return [length / mm(1), proud / mm(1)];
    };
    expect(half(40, 8)).toEqual([30, 2]);
    expect(half(44, 10)).toEqual([35, 3]);
    expect(half(45, 8)).toEqual([30, -0.5]);
    expect(half(54, 8)).toEqual([35, 0]);
    // No half is made shorter than 30.
    expect(half(35, 8)).toEqual([30, 4.5]);
  });
  it('of any leaf stand out no more than three, but for the shortest made', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 1000 }),
        fc.integer({ min: 20, max: 150 }),
        (t, plate) => {
          const { values } = PRACTICES.continental;
          const { length, proud } = cylinderHalf(mm(t / 20), mm(plate / 10), values);
          expect(length % mm(5)).toBe(0);
          expect(proud <= mm(3) || length === mm(30)).toBe(true);
          expect(proud).toBeGreaterThan(-mm(2.01));
        },
      ),
    );
  });
  it('a thin leaf’s cylinder is told, outer and inner apart by a board on one face', () => {
    const decided = decideOpening(
      { ...base, lockKind: 'profile', leafThickness: mm(35), frameMaterial: 'timber' },
      PRACTICES.continental,
    );
    expect(decided.findings.map((one) => one.code)).toContain('securing.cylinderProud');
    const board = decideOpening(
      { ...base, lockKind: 'profile', leafThickness: mm(60), faceFiller: mm(20), swing: 'in' },
      PRACTICES.continental,
    ).results.securing.lengths.profile!;
    // Middle of the 40 proper behind 20 of board: 40 to the pull face (inside here), 20 to the push.
    expect([board.outer.length, board.inner.length]).toEqual([mm(30), mm(50)]);
  });
  it('a mortise cylinder reaches from the face into the case, a ring fills the rest', () => {
    const of = (t: number) =>
      us({ lockKind: 'mortise', leafThickness: inches(t) }).results.securing.lengths.mortise;
    // (1 3/4 − 1) / 2 + 3/4 = 1 1/8.
    expect(of(1.75)).toEqual({ length: inches(1.125), ring: 0 });
    expect(of(2)).toEqual({ length: inches(1.25), ring: 0 });
    expect(of(1.875)).toEqual({ length: inches(1.25), ring: inches(0.0625) });
  });
});
