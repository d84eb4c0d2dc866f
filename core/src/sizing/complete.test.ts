import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { decideOpening } from '../deciding/index.js';
import { draw } from '../drawing/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { readings } from '../testing/readings.js';
import {
  buttAxis,
  rotated,
  memberOf,
  solveChain,
  widestBesideWall,
  widestToObstacle,
  type SwingPlan,
} from './index.js';

const us = PRACTICES['us-commercial'];
const { british } = PRACTICES;
const decide = (facts: Partial<OpeningFacts>, practice = us) =>
  decideOpening(
    {
      mark: '1',
      kind: 'single',
      frameMaterial: 'timber',
      frameWidth: inches(36),
      frameHeight: inches(84),
      ...facts,
    },
    practice,
  );
const decision = (facts: Partial<OpeningFacts>, key: string, practice = us) =>
  decide(facts, practice).decisions.find((one) => one.key === key);
const ticks = (facts: Partial<OpeningFacts>, key: string, practice = us) => {
  const value = decision(facts, key, practice)?.value;
  return value?.type === 'length' ? value.ticks : undefined;
};

describe('a lining', () => {
  const wall = (read: Record<string, number>) =>
    decideOpening(
      { mark: 'L', kind: 'single', frameMaterial: 'timber', readings: readings(read) },
      PRACTICES.british,
    );
  const at = (opening: ReturnType<typeof wall>, name: string) => {
    const value = opening.decisions.find(({ key }) => key === `sizing.${name}`)?.value;
    return value?.type === 'positions'
      ? value.ticks.map((one) => one / 320)
      : value?.type === 'length'
        ? value.ticks / 320
        : undefined;
  };
  const board = PRACTICES.british.values.boardAllowance.value / 320;
  it('follows a wall that tapers: made to the widest, planed to each place', () => {
    const opening = wall({
      wallHingeTop: mm(118),
      wallHingeBottom: mm(124),
      wallHeadHinge: mm(118),
      wallHeadLock: mm(121),
      wallLockTop: mm(121),
      wallLockBottom: mm(121),
    });
    expect(at(opening, 'liningDepth')).toBe(124 + 2 * board);
    expect(at(opening, 'liningHinge')).toEqual([118 + 2 * board, 124 + 2 * board]);
    expect(at(opening, 'liningHead')).toEqual([118 + 2 * board, 121 + 2 * board]);
    expect(at(opening, 'liningLock')).toEqual([121 + 2 * board, 121 + 2 * board]);
  });
  it('is one width where the wall is alike, and one reading of a member stands for both its ends', () => {
    const even = wall({ wallHingeTop: mm(120), wallLockTop: mm(120) });
    expect(at(even, 'liningDepth')).toBe(120 + 2 * board);
    expect(at(even, 'liningHinge')).toBeUndefined();
    const two = wall({ wallHingeTop: mm(120), wallLockBottom: mm(123) });
    expect(at(two, 'liningHinge')).toEqual([120 + 2 * board, 120 + 2 * board]);
    expect(at(two, 'liningHead')).toBeUndefined();
  });
});

describe('timber that moves', () => {
  const outside: Partial<OpeningFacts> = {
    exterior: true,
    leafConstruction: 'timber-panelled-hardwood',
    frameWidth: mm(844),
    frameHeight: mm(2010),
  };

  it('gives the lock gap what two stiles gain, outside only', () => {
    // 3 and 2.28, to the next half: 5.5.
    expect(ticks(outside, 'sizing.lockGap', british)).toBe(mm(5.5));
    expect(ticks({ ...outside, exterior: false }, 'sizing.lockGap', british)).toBe(mm(3));
    expect(ticks({ ...outside, lockGap: mm(3) }, 'sizing.lockGap', british)).toBe(mm(3));
    const reason = decision(outside, 'sizing.lockGap', british)!.reasons[0]!;
    expect(phraseText(reason, { system: 'metric' })).toMatch(
      /and 2\.3 mm for what the timber gains in damp: 228 mm across the grain × 0\.0025 × 4 %/,
    );
  });

  it('counts one board of a boarded leaf, whose joints take up what it gains, less when quarter-sawn, nothing for sheets', () => {
    // 125 × 0.0025 × 5 = 1.56 over the gap of 3, to the next half; quarter-sawn 0.94.
    const boarded = { ...outside, boarded: true, moistureChange: 5 };
    expect(ticks(boarded, 'sizing.lockGap', british)).toBe(mm(5));
    expect(ticks({ ...boarded, sawn: 'quarter' }, 'sizing.lockGap', british)).toBe(mm(4));
    const sheet = { ...outside, leafConstruction: 'timber-particle' as const };
    expect(ticks(sheet, 'sizing.lockGap', british)).toBe(mm(3));
  });

  it('is allowed in the meeting gap of a pair', () => {
    const pair = { ...outside, kind: 'pair' as const, frameWidth: mm(1500) };
    expect(ticks(pair, 'sizing.meetingGap', british)).toBe(mm(5.5));
  });
});

describe('folding leaves', () => {
  it('share the opening with every gap between them', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: mm(700), max: mm(4000) }),
        fc.integer({ min: 2, max: 8 }),
        (frameWidth, foldLeaves) => {
          const { sizing: sizes } = decide(
            { kind: 'bi-fold', frameWidth, foldLeaves },
            british,
          ).results;
          const leaf = sizes.leaves[0]!;
          expect(leaf.quantity).toBe(foldLeaves);
          const gaps = 2 * mm(3) + (foldLeaves - 1) * mm(3);
          const left = frameWidth - gaps - foldLeaves * leaf.width!;
          expect(left).toBeGreaterThanOrEqual(0);
          expect(left).toBeLessThan(foldLeaves);
        },
      ),
    );
  });

  it('hang from a track in twos, and leave the opening less their pack', () => {
    const decided = decide({ kind: 'bi-fold', foldLeaves: 4, slideTo: 'left' }, us);
    expect(decided.items.map((item) => [item.term, item.quantity])).toEqual([
      ['item.track', 1],
      // Four leaves fold two to each side: pivots at both jambs, no hinge where the pairs meet.
      ['item.foldPivots', 2],
      ['item.foldHinges', 6],
      ['item.hangers', 2],
      ['item.guide', 2],
    ]);
    expect(ticks({ kind: 'bi-fold', foldLeaves: 4 }, 'hanging.clearWidth')).toBe(
      inches(36 - 4 * 1.75 - 1 / 8),
    );
  });

  it('chains of any number of members close exactly', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 100, max: 9999 }), (n, sum) => {
        const solved = solveChain(sum, [{ key: 'leaf', times: n }], '');
        expect(solved.solved && memberOf(solved, 'leaf')!.each.reduce((a, b) => a + b, 0)).toBe(
          sum,
        );
        if (solved.solved) {
          const { each } = memberOf(solved, 'leaf')!;
          expect(Math.max(...each) - Math.min(...each)).toBeLessThanOrEqual(1);
        }
      }),
    );
  });
});

describe('around the frame', () => {
  it('the lining is as deep as the wall and the board’s edge', () => {
    expect(ticks({ wallThickness: mm(118) }, 'sizing.liningDepth', british)).toBe(mm(122));
    expect(decision({}, 'sizing.liningDepth')).toBeUndefined();
  });

  it('frame outside and wall opening add up from the frame opening', () => {
    expect(ticks({}, 'sizing.outsideWidth')).toBe(inches(36 + 1.5));
    expect(ticks({}, 'sizing.outsideHeight')).toBe(inches(84 + 0.75));
    expect(ticks({}, 'sizing.wallWidth')).toBe(inches(36 + 1.5 + 0.75));
  });

  it('air under the leaves is told of every kind', () => {
    for (const kind of ['single', 'pair', 'sliding', 'stable', 'bi-fold'] as const)
      expect([kind, decision({ kind }, 'sizing.ventilation')?.value?.type]).toEqual([kind, 'area']);
  });
});

describe('the widest angle', () => {
  const planOf = fc
    .record({
      width: fc.integer({ min: mm(500), max: mm(1100) }),
      thickness: fc.integer({ min: mm(35), max: mm(54) }),
      p: fc.integer({ min: mm(4), max: mm(12) }),
    })
    .map(({ p, ...rest }): SwingPlan => ({ ...rest, hingeGap: mm(3), axis: buttAxis(mm(3), p) }));

  it('beside a wall is the first at which leaf or handle would touch it', () => {
    fc.assert(
      fc.property(planOf, fc.integer({ min: 0, max: mm(700) }), (plan, beside) => {
        const handle = { inset: mm(60), out: mm(65) };
        const widest = widestBesideWall(plan, beside, handle);
        const far = plan.hingeGap + plan.width;
        const touches = (degrees: number) =>
          [
            { x: far, y: 0 },
            { x: far - handle.inset, y: handle.out },
          ].some((point) => rotated(plan, point, degrees).x < -beside - 1);
        for (let degrees = 0; degrees <= widest - 0.01; degrees += 1.5)
          expect(touches(degrees)).toBe(false);
        if (widest < 179.9) expect(touches(widest + 0.3)).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  it('to an obstacle is found however thin the part of the leaf is that meets it', () => {
    fc.assert(
      fc.property(
        planOf,
        fc.integer({ min: 0, max: mm(1500) }),
        fc.integer({ min: 0, max: mm(1200) }),
        (plan, along, out) => {
          const widest = widestToObstacle(plan, along, out);
          const covers = (degrees: number) => {
            const seen = rotated(plan, { x: along, y: out }, -degrees);
            return (
              seen.x >= plan.hingeGap &&
              seen.x <= plan.hingeGap + plan.width &&
              seen.y <= 0 &&
              seen.y >= -plan.thickness
            );
          };
          for (let degrees = 0; degrees < widest - 0.001; degrees += 0.7)
            expect(covers(degrees)).toBe(false);
          if (widest < 180) expect(covers(widest + 0.0001)).toBe(true);
        },
      ),
      { numRuns: 100 },
    );
  });

  it('to an obstacle is the first at which the leaf would cover it', () => {
    fc.assert(
      fc.property(
        planOf,
        fc.integer({ min: 20, max: 160 }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        (plan, degrees, share) => {
          // A point on the pull face of the leaf when it stands open at that angle.
          const at = rotated(plan, { x: plan.hingeGap + plan.width * share, y: 0 }, degrees);
          expect(Math.abs(widestToObstacle(plan, at.x, at.y) - degrees)).toBeLessThan(0.5);
        },
      ),
      { numRuns: 40 },
    );
    expect(
      widestToObstacle(
        { width: mm(800), thickness: mm(40), hingeGap: mm(3), axis: buttAxis(mm(3), mm(8)) },
        mm(2000),
        mm(2000),
      ),
    ).toBe(180);
  });

  it('is the nearest of trim, wall and obstacle, and stops an opening that opens too little', () => {
    const base = { leafConstruction: 'timber-stave', sideWall: inches(6) } as const;
    const found = decide(base);
    const value = found.decisions.find((one) => one.key === 'hanging.widestAngle')!;
    expect(value.reasons[0]!.code).toBe('hanging.widest.wall');
    const blocked = decide({ ...base, obstacleAlong: inches(20), obstacleOut: inches(20) });
    expect(blocked.findings.map((one) => one.code)).toContain('hanging.opensShort');
  });
});

describe('clear width against the wanted one', () => {
  it('says what would gain it, and by how much', () => {
    const decided = decide({
      frameMaterial: 'steel',
      frameWidth: inches(34),
      accessible: true,
      choices: { 'hanging.form': { value: 'full-mortise', reason: 'as the others' } },
    });
    const clear = decided.decisions.find((one) => one.key === 'hanging.clearWidth')!;
    const codes = clear.reasons.map((reason) => reason.code);
    expect(codes).toEqual(
      expect.arrayContaining(['hanging.gain.swingClear', 'hanging.gain.frame']),
    );
    expect(decided.findings.map((one) => one.code)).toContain('hanging.clearShort');
    const words = clear.reasons.map((reason) => phraseText(reason, { system: 'inch' })).join(' ');
    expect(words).toContain('give 32 3/4 in: enough');
  });

  it('a frame as wide as it asks for has it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 28 * 16, max: 36 * 16 }), (sixteenths) => {
        const frameWidth = inches(sixteenths / 16);
        const facts = { frameWidth, clearWanted: inches(32) } as const;
        const clear = decide(facts).decisions.find((one) => one.key === 'hanging.clearWidth')!;
        const asked = clear.reasons.find((reason) => reason.code === 'hanging.gain.frame');
        if (!asked) return;
        const { ticks: wide } = asked.params['frame'] as { ticks: number };
        const wider = decide({ ...facts, frameWidth: wide });
        expect(wider.findings.map((one) => one.code)).not.toContain('hanging.clearShort');
      }),
      { numRuns: 30 },
    );
  });
});

describe('the stack as a drawing', () => {
  it('shows every member with the figure and basis that were decided', () => {
    for (const facts of [
      {},
      { kind: 'pair' },
      { kind: 'unequal-pair', frameWidth: inches(56), leafWidth: inches(36) },
      { kind: 'pair', meetingEdge: 'mullion', frameWidth: inches(72) },
      { kind: 'bi-fold' },
      { kind: 'stable' },
      { threshold: 'plain', thresholdHeight: inches(1 / 2), lockGap: inches(1 / 4) },
    ] as Partial<OpeningFacts>[]) {
      const decided = decide(facts);
      const model = draw(decided, 'stack');
      const drawn = model.elements.flatMap((one) => (one.kind === 'dimension' ? [one] : []));
      expect(drawn.length).toBeGreaterThan(6);
      for (const one of drawn) {
        const key = one.part!;
        const { value, basis } = decided.decisions.find((each) => each.key === key)!;
        expect([key, one.ticks, one.basis]).toEqual([
          key,
          value?.type === 'length' && value.ticks,
          basis,
        ]);
      }
      // Members along an axis stand one after the other, without overlapping.
      const across = drawn.filter(
        (one) => one.axis === 'horizontal' && !/frameWidth|outside|wall/.test(one.part!),
      );
      const ends = across.map((one) => [one.from.x, one.to.x] as const).sort((a, b) => a[0] - b[0]);
      ends
        .slice(1)
        .forEach(([from], index) => expect(from).toBeGreaterThanOrEqual(ends[index]![1]));
    }
  });
});
