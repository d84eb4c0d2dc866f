import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { HingePattern } from '../practice/index.js';
import { decideOpening } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import { Survey } from '../survey/index.js';
import { hingePositions } from './positions.js';
import {
  bestShift,
  matchPatterns,
  onLeaf,
  patternLibrary,
  patternOf,
  surveyedHinges,
} from './index.js';
import { readings } from '../testing/readings.js';

const LIBRARY = patternLibrary(Object.values(PRACTICES));
const TOLERANCES = { fit: inches(1 / 32), ease: inches(1 / 16), leastGap: 0 };

const frame = fc.record({
  leafHeight: fc.integer({ min: mm(1900), max: mm(2200) }),
  headGap: fc.integer({ min: mm(2), max: mm(4) }),
  bottom: fc.integer({ min: mm(3), max: mm(20) }),
  hingeHeight: fc.integer({ min: mm(76), max: mm(127) }),
  count: fc.integer({ min: 3, max: 4 }),
});

describe('finding the pattern a frame was made to', () => {
  it('finds a planted one under noise within the fit, with what it is off', () => {
    fc.assert(
      fc.property(
        frame,
        fc.constantFrom(...LIBRARY),
        fc.array(fc.integer({ min: -mm(0.7), max: mm(0.7) }), { minLength: 4, maxLength: 4 }),
        (where, planted, noise) => {
          const positions = hingePositions(planted.pattern, where)!;
          const hinges = {
            height: where.hingeHeight,
            belowHead: positions.map((top, index) => top + where.headGap + noise[index]!),
          };
          const matches = matchPatterns(LIBRARY, hinges, where, TOLERANCES);
          const found = matches.find((match) => match.id === planted.pattern.id)!;
          expect(found.fit).toBe('fits');
          expect(found.residuals).toEqual(noise.slice(0, where.count));
          const worst = (list: number[]) => Math.max(...list.map(Math.abs));
          expect(worst(matches[0]!.residuals)).toBeLessThanOrEqual(worst(found.residuals));
        },
      ),
    );
  });

  it('rejects it when one hinge is beyond what can be eased', () => {
    fc.assert(
      fc.property(
        frame,
        fc.constantFrom(...LIBRARY),
        fc.nat({ max: 3 }),
        fc.integer({ min: mm(1.7), max: mm(8) }),
        (where, planted, which, off) => {
          const positions = hingePositions(planted.pattern, where)!;
          const hinges = {
            height: where.hingeHeight,
            belowHead: positions.map(
              (top, index) => top + where.headGap + (index === which % where.count ? off : 0),
            ),
          };
          const found = matchPatterns(LIBRARY, hinges, where, TOLERANCES).find(
            (match) => match.id === planted.pattern.id,
          )!;
          expect(found.fit).toBe('misfit');
        },
      ),
    );
  });

  it('sees that a common shift of the leaf would do, but only within the head gap', () => {
    const where = {
      leafHeight: mm(1981),
      headGap: mm(3),
      bottom: mm(8),
      hingeHeight: mm(100),
      count: 3,
    };
    const planted = LIBRARY.find((one) => one.pattern.id === 'british-150-225')!;
    const shifted = (by: number) => {
      const hinges = {
        height: where.hingeHeight,
        belowHead: hingePositions(planted.pattern, where)!.map((top) => top + where.headGap + by),
      };
      return matchPatterns([planted], hinges, where, TOLERANCES)[0]!;
    };
    expect(shifted(mm(2))).toMatchObject({ fit: 'misfit', shift: mm(2), shiftedFit: 'fits' });
    expect(shifted(-mm(2.5))).toMatchObject({ shift: -mm(2.5), shiftedFit: 'fits' });
    expect(shifted(mm(9))).toMatchObject({ shift: mm(3), shiftedFit: 'misfit' });
  });

  it('the best shift leaves no worse residual than any other that is allowed', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -3000, max: 3000 }), { minLength: 2, maxLength: 5 }),
        fc.integer({ min: -2000, max: 0 }),
        fc.integer({ min: 0, max: 2000 }),
        (residuals, least, most) => {
          const worst = (shift: number) => Math.max(...residuals.map((r) => Math.abs(r - shift)));
          const best = worst(bestShift(residuals, least, most));
          for (let shift = least; shift <= most; shift += 50)
            expect(best).toBeLessThanOrEqual(worst(shift) + 1e-9);
        },
      ),
    );
  });
});

describe('hinges carried from frame to leaf', () => {
  it('by the head gap, wherever the tape was hooked and read to', () => {
    const survey = (datum: string, point: string, at: number[]) =>
      new Survey(
        readings({
          hingeCount: 2,
          hingeDatum: datum,
          hingePoint: point,
          hinge1: at[0]!,
          hinge2: at[1]!,
          hingeHeight: mm(100),
        }),
      );
    const expected = { height: mm(100), belowHead: [mm(155), mm(1655)] };
    const gap = mm(5);
    expect(surveyedHinges(survey('frame-head', 'top-edge', [mm(155), mm(1655)]), gap)).toEqual(
      expected,
    );
    expect(surveyedHinges(survey('frame-head', 'centre', [mm(205), mm(1705)]), gap)).toEqual(
      expected,
    );
    expect(surveyedHinges(survey('leaf-top', 'top-edge', [mm(150), mm(1650)]), gap)).toEqual(
      expected,
    );
    expect(onLeaf(expected, mm(3))).toEqual([mm(152), mm(1652)]);
  });

  it('a pattern made of them gives them back', () => {
    fc.assert(
      fc.property(
        frame,
        fc.array(fc.integer({ min: mm(150), max: mm(500) }), { minLength: 3, maxLength: 3 }),
        (where, steps) => {
          const belowHead = [mm(160)];
          for (const step of steps.slice(0, where.count - 1))
            belowHead.push(belowHead[belowHead.length - 1]! + where.hingeHeight + step);
          const last = belowHead[belowHead.length - 1]!;
          fc.pre(last + where.hingeHeight < where.leafHeight);
          const hinges = { height: where.hingeHeight, belowHead };
          const pattern: HingePattern = patternOf('own', hinges, where, mm(0.8));
          const back = hingePositions(pattern, where)!;
          back.forEach((top, index) =>
            expect(Math.abs(top + where.headGap - belowHead[index]!)).toBeLessThanOrEqual(
              pattern.rest === 'equal' ? mm(1.7) : 1,
            ),
          );
        },
      ),
    );
  });
});

describe('hanging on an existing frame', () => {
  const SURVEY = {
    widthTop: mm(768),
    heightHinge: mm(1992),
    hingeCount: 3,
    hingeDatum: 'frame-head',
    hingePoint: 'top-edge',
    hinge1: mm(178),
    hinge2: mm(889),
    hinge3: mm(1600),
    hingeHeight: mm(100),
    hingeState: 'sound',
  };
  const decide = (facts: Partial<OpeningFacts> = {}) =>
    decideOpening(
      {
        mark: '1',
        kind: 'single',
        frameMaterial: 'timber',
        leafConstruction: 'timber-panelled-softwood',
        readings: readings(SURVEY),
        ...facts,
      },
      PRACTICES.british,
    );
  const value = (decided: ReturnType<typeof decide>, key: string) =>
    decided.decisions.find((one) => one.key === key);

  it('never applies a chart unasked: the leaf is cut to the survey', () => {
    const decided = decide();
    expect(value(decided, 'hanging.pattern')!.value).toEqual({
      type: 'term',
      term: 'pattern.survey',
    });
    expect(value(decided, 'hanging.positions')).toMatchObject({
      basis: 'measured',
      value: { ticks: [mm(175), mm(886), mm(1597)] },
    });
    expect(value(decided, 'hanging.hingeHeight')!.value).toMatchObject({ ticks: mm(100) });
    expect(decided.results.replacing!.plugs).toEqual([]);
  });

  it('a chart chosen against it is told by how much it misses, and what would have to be plugged', () => {
    const decided = decide({
      choices: { 'hanging.pattern': { value: 'british-150-225', reason: 'new frame later' } },
    });
    expect(decided.findings.map((one) => one.code)).toContain('hanging.patternMisses');
    expect(decided.results.replacing!.verdicts.hinges).toBe('move');
    expect(decided.results.replacing!.plugs.length).toBeGreaterThan(0);
    for (const plug of decided.results.replacing!.plugs)
      expect(plug.to - plug.from).toBeGreaterThan(mm(1));
  });

  it('holds every pattern of every practice against the frame, its own first, the best first of each', () => {
    const { matches } = decide().results.replacing!;
    expect(matches.length).toBe(LIBRARY.length);
    const own = matches.map(({ practice }) => practice === PRACTICES.british.name);
    expect(own).toEqual([...own].sort((a, b) => Number(b) - Number(a)));
    expect(own).toContain(true);
    for (const mine of [true, false]) {
      const worst = matches
        .filter((_, at) => own[at] === mine)
        .map((match) => Math.max(...match.residuals.map(Math.abs)));
      expect(worst).toEqual([...worst].sort((a, b) => a - b));
    }
  });
});
