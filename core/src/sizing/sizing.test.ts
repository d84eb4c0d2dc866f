import { runStage } from '../testing/runStage.js';
import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { decideOpening, decisionOf } from '../deciding/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { soundFacts } from '../testing/arbitrary.js';
import {
  buttAxis,
  centreAxis,
  clearWidth,
  corners,
  heelGap,
  intrusion,
  lockEdgeGap,
  nominalOf,
  rotated,
  memberOf,
  solveChain,
  widestAngle,
  type SwingPlan,
} from './index.js';

const us = PRACTICES['us-commercial'];
const base: OpeningFacts = { mark: '1', kind: 'single', frameMaterial: 'steel' };
const size = (facts: Partial<OpeningFacts>, practice = us) =>
  runStage('sizing', { ...base, ...facts }, practice);

describe('a dimension chain', () => {
  it('closes exactly whichever member gives', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ length: fc.nat({ max: 400_000 }), times: fc.constantFrom<1 | 2>(1, 2) }),
          { minLength: 1, maxLength: 6 },
        ),
        fc.nat({ max: 5 }),
        (lengths, pick) => {
          const total = lengths.reduce((sum, { length, times }) => sum + length * times, 0) + 1;
          const unknown = pick % lengths.length;
          const members = lengths.map(({ length, times }, index) => ({
            key: `m${index}`,
            times,
            fixed: index === unknown ? undefined : length,
          }));
          const solved = solveChain(total, members, '');
          expect(solved.solved).toBe(true);
          if (!solved.solved) return;
          const sum = solved.members.flatMap((member) => member.each).reduce((a, b) => a + b, 0);
          expect(sum).toBe(total);
          // And back: from its members the chain gives its own total.
          const again = solveChain(
            undefined,
            solved.members.map((member) => ({
              key: member.key,
              times: 1 as const,
              fixed: member.each.reduce((a, b) => a + b, 0),
            })),
            '',
          );
          expect(again.solved && again.total).toBe(total);
        },
      ),
    );
  });

  it('says what is missing, and by how much fixed members do not close', () => {
    expect(
      solveChain(
        100,
        [
          { key: 'a', times: 1 },
          { key: 'b', times: 1 },
        ],
        '',
      ),
    ).toMatchObject({ solved: false, missing: ['a', 'b'] });
    expect(
      solveChain(
        100,
        [
          { key: 'a', times: 1, fixed: 90 },
          { key: 'b', times: 1, fixed: 13 },
        ],
        '',
      ),
    ).toMatchObject({ solved: false, missing: [], excess: 3 });
  });

  it('lets the named usual member give when frame and leaf are both fixed', () => {
    const members = [
      { key: 'h', times: 1 as const, usual: 3 },
      { key: 'leaf', times: 1 as const, fixed: 90 },
      { key: 'l', times: 1 as const, usual: 3 },
    ];
    const solved = solveChain(98, members, 'h');
    expect(solved.solved && [memberOf(solved, 'h')!.each, memberOf(solved, 'l')!.each]).toEqual([
      [5],
      [3],
    ]);
  });
});

describe('sizing an opening', () => {
  it('takes gaps and undercut off a 3070', () => {
    const sizes = size({ frameWidth: inches(36), frameHeight: inches(84) });
    expect(sizes.leaves[0]).toMatchObject({
      width: inches(35.75),
      height: inches(83.125),
      bottom: inches(0.75),
    });
  });

  it('works back from a bought leaf to its frame', () => {
    const sizes = size({ leafWidth: inches(35.75), leafHeight: inches(83.125) });
    expect([sizes.frameWidth, sizes.frameHeight]).toEqual([inches(36), inches(84)]);
    expect(sizes.decisions.find((d) => d.key === 'sizing.frameWidth')!.basis).toBe('derived');
  });

  it('sizes equal, unequal, rebated and metric pairs', () => {
    expect(
      size({ kind: 'pair', frameWidth: inches(72), frameHeight: inches(84) }).leaves[0],
    ).toMatchObject({ quantity: 2, width: Math.floor((inches(72) - 3 * inches(1 / 8)) / 2) });
    const unequal = size({
      kind: 'unequal-pair',
      frameWidth: inches(56),
      frameHeight: inches(84),
      leafWidth: inches(36),
    });
    expect(unequal.leaves.map((leaf) => leaf.width)).toEqual([inches(36), inches(56 - 36 - 3 / 8)]);
    const rebated = size(
      { kind: 'pair', frameWidth: mm(1600), frameHeight: mm(2100), meetingEdge: 'rebated' },
      PRACTICES.british,
    );
    expect(rebated.leaves[0]!.width! * 2).toBe(mm(1600 - 9 + 13));
  });

  it('narrows the leaf for a continuous hinge', () => {
    const sizes = size({
      frameWidth: inches(36),
      frameHeight: inches(84),
      choices: { 'hanging.device': { value: 'continuous', reason: 'abuse' } },
    });
    expect(sizes.leaves[0]!.width).toBe(inches(36 - 5 / 16 - 1 / 8));
  });

  it('raises the undercut for a floor that rises, and counts a finish to come', () => {
    expect(
      size({ frameWidth: inches(36), frameHeight: inches(84), floorRise: inches(1) }).undercut,
    ).toBe(inches(1.125));
    expect(
      size({ frameWidth: inches(36), frameHeight: inches(84), floorFinish: inches(0.5) }).leaves[0]!
        .height,
    ).toBe(inches(82.625));
  });

  it('asks instead of guessing', () => {
    const open = size({ frameWidth: inches(36) }).decisions.filter(
      (decision) => decision.status === 'open',
    );
    expect(open.map((decision) => [decision.key, decision.question!.code])).toEqual([
      ['sizing.leafHeight', 'ask.height'],
    ]);
    const material = size({
      frameMaterial: 'unknown',
      frameWidth: inches(36),
      frameHeight: inches(84),
    });
    expect(material.decisions.find((d) => d.key === 'sizing.leafHeight')!.question!.code).toBe(
      'ask.frameMaterial',
    );
  });

  it('finds sizes that cannot be, chains that do not close and gaps a rating does not allow', () => {
    const codes = (facts: Partial<OpeningFacts>) =>
      size(facts).findings.map((finding) => finding.code);
    expect(codes({ frameWidth: inches(3), frameHeight: inches(84) })).toContain(
      'sizing.impossible',
    );
    expect(
      codes({
        frameWidth: inches(36),
        frameHeight: inches(84),
        leafWidth: inches(36),
        hingeGap: inches(1 / 8),
        lockGap: inches(1 / 8),
      }),
    ).toContain('sizing.doesNotClose');
    expect(
      codes({
        frameWidth: inches(36),
        frameHeight: inches(84),
        rating: 90,
        lockGap: inches(1 / 4),
      }),
    ).toEqual(['sizing.ratedGap']);
    expect(
      codes({ frameWidth: inches(36), frameHeight: inches(84), rating: 90, undercut: inches(1) }),
    ).toEqual(['sizing.ratedUndercut']);
    expect(
      codes({ frameWidth: inches(36), frameHeight: inches(84), leafWidth: inches(37) }),
    ).toContain('sizing.gapNegative');
  });

  it('frame opening = the parts of the stack, for every kind that hangs', () => {
    fc.assert(
      fc.property(soundFacts, (facts) => {
        const sizes = runStage('sizing', facts, us);
        const [leaf, second] = sizes.leaves;
        if (facts.kind === 'single')
          expect(sizes.hingeGap! + leaf!.width! + sizes.lockGap!).toBe(facts.frameWidth);
        if (facts.kind === 'unequal-pair')
          expect(2 * sizes.hingeGap! + leaf!.width! + second!.width! + sizes.meetingGap!).toBe(
            facts.frameWidth,
          );
        if (facts.kind !== 'stable')
          expect(sizes.undercut! + leaf!.height! + sizes.headGap!).toBe(facts.frameHeight);
      }),
    );
  });
});

describe('how thick a leaf is that nobody measured', () => {
  const thick = (facts: Partial<OpeningFacts>, practice: PracticeId) =>
    decisionOf(decideOpening({ ...base, ...facts }, PRACTICES[practice]), 'sizing.leafThickness')!;
  it.each<[PracticeId, Partial<OpeningFacts>, number, string]>([
    ['us-commercial', {}, inches(1.75), 'practice'],
    ['us-residential', {}, inches(1.375), 'practice'],
    ['us-residential', { rating: 20 }, inches(1.75), 'rated'],
    ['us-residential', { exterior: true }, inches(1.75), 'outside'],
    ['british', {}, mm(44), 'practice'],
    ['british', { rating: 30 }, mm(44), 'practice'],
    ['british', { rating: 59 }, mm(44), 'practice'],
    ['british', { rating: 60 }, mm(54), 'rated'],
    ['british', { rating: 'unknown' }, mm(44), 'practice'],
    ['continental', {}, mm(40), 'practice'],
    ['continental', { rating: 30 }, mm(50), 'rated'],
    ['continental', { exterior: true }, mm(68), 'outside'],
    ['continental', { exterior: true, rating: 30 }, mm(68), 'outside'],
    ['continental', { exterior: true, role: 'gate' }, mm(40), 'practice'],
    ['australasian', {}, mm(40), 'practice'],
    ['australasian', { role: 'bedroom' }, mm(35), 'practice'],
    ['british', { role: 'bathroom' }, mm(35), 'practice'],
    ['british', { role: 'office' }, mm(44), 'practice'],
    ['australasian', { exterior: true }, mm(40), 'practice'],
    ['australasian', { exterior: true, rating: 60 }, mm(48), 'rated'],
  ])('%s %j: %i, by its %s', (practice, facts, ticks, why) => {
    const { value, reasons } = thick(facts, practice);
    expect([value, reasons.map(({ code }) => code)]).toMatchObject([
      { ticks },
      [`sizing.thickness.${why}`],
    ]);
  });
  it('is as measured where somebody did, and as its glass', () => {
    const facts = { rating: 60, leafThickness: mm(46) };
    expect(thick(facts, 'british')).toMatchObject({ value: { ticks: mm(46) }, reasons: [] });
    const glass = thick({ leafConstruction: 'glass', exterior: true }, 'continental');
    expect(glass.value).toMatchObject({ ticks: PRACTICES.continental.values.glassLeaf.value });
  });
});

describe('naming a size', () => {
  it('names by frame or by leaf as the practice does', () => {
    expect(nominalOf(us, undefined, { width: inches(36), height: inches(84) })!.name).toBe('3070');
    expect(nominalOf(us, { width: inches(35.75), height: inches(83.125) }, undefined)!.name).toBe(
      '3070',
    );
    expect(nominalOf(us, { width: inches(36), height: inches(83.125) }, undefined)).toBeUndefined();
    expect(
      nominalOf(PRACTICES.british, { width: mm(760), height: mm(1983) }, undefined)!.name,
    ).toBe('762 × 1981');
    expect(
      nominalOf(PRACTICES.british, { width: mm(770), height: mm(1981) }, undefined),
    ).toBeUndefined();
  });
});

describe('a leaf swinging about its axis', () => {
  const plan: SwingPlan = {
    width: inches(35.75),
    thickness: inches(1.75),
    hingeGap: inches(1 / 8),
    axis: buttAxis(inches(1 / 8), inches(0.5)),
  };

  it('stands at axis x + p + thickness when open at 90° on butts, hingeGap + a + t/2 on a centre pivot', () => {
    expect(intrusion(plan, 90)).toBeCloseTo(inches(1 / 16 + 0.5 + 1.75), 6);
    expect(clearWidth(plan, inches(36), inches(5 / 8))).toBeCloseTo(inches(36 - 0.625 - 2.3125), 6);
    const centre = { ...plan, axis: centreAxis(inches(1 / 8), inches(2.75), inches(1.75)) };
    expect(intrusion(centre, 90)).toBeCloseTo(inches(1 / 8 + 2.75 + 0.875), 6);
  });

  const planOf = fc
    .record({
      width: fc.integer({ min: mm(400), max: mm(1400) }),
      thickness: fc.integer({ min: mm(30), max: mm(70) }),
      hingeGap: fc.integer({ min: mm(2), max: mm(8) }),
      p: fc.integer({ min: 0, max: mm(20) }),
    })
    .map(({ p, ...rest }): SwingPlan => ({ ...rest, axis: buttAxis(rest.hingeGap, p) }));

  it('agrees with sampling every point of the leaf', () => {
    fc.assert(
      fc.property(planOf, fc.integer({ min: 1, max: 180 }), (any, degrees) => {
        let most = -Infinity;
        for (let u = 0; u <= 20; u++) {
          for (let v = 0; v <= 20; v++) {
            const point = { x: any.hingeGap + (any.width * u) / 20, y: (-any.thickness * v) / 20 };
            most = Math.max(most, rotated(any, point, degrees).x);
          }
        }
        expect(intrusion(any, degrees)).toBeCloseTo(most, 3);
      }),
    );
  });

  it('keeps the shape of the leaf', () => {
    const [a, b, c] = corners(plan, 37) as [
      { x: number; y: number },
      { x: number; y: number },
      { x: number; y: number },
    ];
    expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeCloseTo(plan.width, 6);
    expect(Math.hypot(b.x - c.x, b.y - c.y)).toBeCloseTo(plan.thickness, 6);
  });

  it('needs just the lock-edge gap that the furthest point inside the jamb reaches', () => {
    fc.assert(
      fc.property(planOf, (any) => {
        const far = any.hingeGap + any.width;
        let reach = 0;
        for (let step = 0; step <= 4000; step++) {
          const degrees = step / 200;
          for (let v = 0; v <= 40; v++) {
            const point = rotated(any, { x: far, y: (-any.thickness * v) / 40 }, degrees);
            if (point.y <= 1) reach = Math.max(reach, point.x - far);
          }
        }
        const gap = lockEdgeGap(any);
        expect(reach).toBeLessThanOrEqual(gap + 1);
        expect(gap - reach).toBeLessThan(mm(0.6));
      }),
      { numRuns: 10 },
    );
  });

  it('gives the heel gap and the widest angle past trim', () => {
    expect(heelGap(inches(2.75), inches(1.75))).toBeCloseTo(
      8128 * (Math.hypot(2.75, 0.875) - 2.75),
      6,
    );
    expect(widestAngle(plan, inches(1))).toBe(180);
    const blocked = widestAngle(plan, inches(1.5));
    expect(blocked).toBeGreaterThan(90);
    expect(blocked).toBeLessThan(180);
    expect(widestAngle(plan, inches(3))).toBeLessThan(blocked);
  });

  it('past trim is where the turned pull face comes onto the trim’s near corner', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -mm(5), max: mm(25) }),
        fc.integer({ min: mm(1), max: mm(90) }),
        (p, trim) => {
          const swung = { ...plan, axis: buttAxis(plan.hingeGap, p) };
          const widest = widestAngle(swung, trim);
          // How far out of the wall the pull face stands over the rabbet, at an angle beyond 90°.
          const height = (degrees: number) => {
            const [at, to] = [0, mm(1000)].map((x) => rotated(swung, { x, y: 0 }, degrees));
            return at!.y - (at!.x * (to!.y - at!.y)) / (to!.x - at!.x);
          };
          if (widest > 90.01) expect(height(widest - 0.005)).toBeGreaterThan(trim - 1);
          if (widest < 179.9) expect(height(widest + 0.02)).toBeLessThan(trim + 1);
          if (widest === 180) expect(2 * p).toBeGreaterThanOrEqual(trim);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('reaches into the opening as far as the furthest of its four corners', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 180 }),
        fc.integer({ min: -mm(40), max: mm(40) }),
        (degrees, out) => {
          const swung = { ...plan, axis: { x: mm(2), y: out } };
          const furthest = Math.max(...corners(swung, degrees).map(({ x }) => x));
          expect(intrusion(swung, degrees, -mm(5000))).toBeCloseTo(furthest, 6);
          expect(intrusion(swung, degrees, mm(5000))).toBe(mm(5000));
        },
      ),
    );
  });
});
