import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { strikesOf, type SwingingBeside } from './strike.js';

const leaf = (more: Partial<SwingingBeside> = {}): SwingingBeside => ({
  width: inches(36),
  thickness: inches(1.75),
  side: 'lock',
  away: inches(6),
  opens: 90,
  ...more,
});

describe('leaves beside each other', () => {
  it('in a corner, lock beside lock, strike unless one of them stands a leaf away from it', () => {
    expect(strikesOf(leaf(), leaf(), 'corner')).toBeDefined();
    const away = { away: inches(40) };
    expect(strikesOf(leaf(away), leaf(away), 'corner')).toBeUndefined();
    // Worked by hand: the hinges stand √((36 + away)² + 38²) apart, and each reaches 36: 67.7 in, then 76.2.
    const beside = leaf({ away: inches(2) });
    expect(strikesOf(leaf({ away: inches(20) }), beside, 'corner')).toBeDefined();
    expect(strikesOf(leaf({ away: inches(30) }), beside, 'corner')).toBeUndefined();
  });
  it('in a corner, hinges to the corner, stand back to back', () => {
    const hinge = leaf({ side: 'hinge', away: inches(6) });
    expect(strikesOf(hinge, hinge, 'corner')).toBeDefined();
    const far = leaf({ side: 'hinge', away: inches(38) });
    expect(strikesOf(far, far, 'corner')).toBeUndefined();
  });
  it('in one wall strike only where they turn past square towards each other', () => {
    const hinge = (opens: number) => leaf({ side: 'hinge', opens });
    expect(strikesOf(hinge(90), hinge(90), 'same-wall')).toBeUndefined();
    expect(strikesOf(hinge(180), hinge(180), 'same-wall')).toBeDefined();
    expect(strikesOf(leaf(), leaf(), 'same-wall')).toBeUndefined();
    // One laid back against the wall lies before the other.
    expect(strikesOf(hinge(180), leaf(), 'same-wall')).toBeDefined();
    expect(strikesOf(hinge(90), leaf(), 'same-wall')).toBeUndefined();
  });
  it('is the same whichever is looked at first, and less likely with more between them', () => {
    const any = fc.record({
      width: fc.integer({ min: mm(600), max: mm(1100) }),
      thickness: fc.constant(mm(44)),
      side: fc.constantFrom('hinge' as const, 'lock' as const),
      opens: fc.integer({ min: 30, max: 180 }),
    });
    fc.assert(
      fc.property(any, any, fc.integer({ min: mm(60), max: mm(900) }), (one, two, away) => {
        const [a, b] = [
          { ...one, away },
          { ...two, away },
        ];
        const there = strikesOf(a, b, 'same-wall');
        const back = strikesOf(b, a, 'same-wall');
        expect(there === undefined).toBe(back === undefined);
        if (there) expect(there.one + there.two).toBe(back!.one + back!.two);
        const wider = strikesOf({ ...a, away: away * 3 }, { ...b, away: away * 3 }, 'same-wall');
        if (!there) expect(wider).toBeUndefined();
      }),
      { numRuns: 60 },
    );
  });
});
