import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { CLOSER_KINDS } from '../closing/index.js';
import { BOTTOM_SEALS } from '../sealing/index.js';
import { projectBasis } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { brokenRule } from './rules.js';
import { consequencesOf, searchAlternatives } from './index.js';

const basis = projectBasis('continental');

/** Nothing visible, no threshold, sealed below, closing: drawn with centre pivots and a floor closer. */
const KNOT: OpeningFacts = {
  mark: '1.40',
  kind: 'single',
  frameMaterial: 'timber',
  frameWidth: mm(1000),
  frameHeight: mm(2300),
  frameKind: 'stopless',
  leafConstruction: 'timber-stave',
  leafThickness: mm(57),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
  frequency: 'medium',
  secured: false,
  exterior: false,
  nothingVisible: true,
  threshold: 'none',
  holdOpen: true,
  closer: 'floor',
  bottomSeal: 'drop-full',
  slab: 'free',
  choices: { 'hanging.device': { value: 'centre-pivot', reason: 'drawn so' } },
};

describe('the knot: nothing visible, no threshold, sealed, closing', () => {
  const now = decideOpening(KNOT, basis);
  const found = searchAlternatives(KNOT, basis);
  const alternative = (device: string, seal?: string) =>
    found.alternatives.find(
      (one) => one.choice.device === device && (!seal || one.choice.seal === seal),
    )!;
  const codes = (device: string, seal?: string) => {
    const { changes, asks } = consequencesOf(alternative(device, seal), now, found.today);
    return { changes: changes.map((one) => one.code), asks: asks.map((one) => one.code) };
  };

  it('clashes as it is drawn', () => {
    expect(now.findings.filter((one) => one.level === 'stop').map((one) => one.code)).toEqual([
      'checking.overlap',
    ]);
    expect(found.wishes).toEqual(['nothingVisible', 'noThreshold', 'sealed', 'closes', 'holdOpen']);
  });

  it('centre-hung stays: floor closer, a drop seal that is not full-mortised, an actuator plate', () => {
    expect(alternative('centre-pivot', 'drop-half').choice).toMatchObject({
      closer: 'floor',
      frameKind: 'stopless',
    });
    expect(codes('centre-pivot', 'drop-half').changes).toEqual(
      expect.arrayContaining(['alternatives.seal', 'alternatives.actuator']),
    );
    expect(alternative('centre-pivot', 'drop-half').kept.sealed).toBe(0.5);
  });

  it('offset pivots: the frame gets stops, seals become ordinary', () => {
    expect(alternative('offset-pivot').choice.frameKind).toBe('rebated');
    expect(codes('offset-pivot').changes).toEqual(
      expect.arrayContaining([
        'alternatives.frame.rebated',
        'alternatives.strike',
        'alternatives.seals.ordinary',
      ]),
    );
    expect(alternative('offset-pivot').kept).toMatchObject({ nothingVisible: 0.5, sealed: 1 });
  });

  it('concealed hinges with a templated concealed closer: the full-mortised seal fits, makers are asked', () => {
    expect(alternative('concealed').choice).toMatchObject({
      closer: 'concealed-overhead',
      seal: 'drop-full',
      frameKind: 'rebated',
    });
    expect(Object.values(alternative('concealed').kept)).toEqual([1, 1, 1, 1, 1]);
    expect(codes('concealed').asks).toEqual(
      expect.arrayContaining(['alternatives.ask.leaf', 'alternatives.ask.template']),
    );
  });

  it('spring-type concealed hinges are refused on this leaf, with the reason; a light leaf may have them', () => {
    const refused = found.refused.find((one) => one.family === 'spring-concealed')!;
    expect(refused.why.map((one) => one.code)).toContain('hanging.springSlams');
    const light = searchAlternatives({ ...KNOT, leafMass: 15_000 }, basis);
    expect(light.alternatives.some((one) => one.choice.device === 'spring-concealed')).toBe(true);
  });

  it('a threshold after all, last, with its wish lost', () => {
    const threshold = alternative('centre-pivot', 'threshold');
    expect(threshold.kept.noThreshold).toBe(0);
    expect(codes('centre-pivot', 'threshold').changes).toContain('alternatives.threshold');
    expect(found.alternatives.at(-1)).toBe(threshold);
  });

  it('every alternative is free of clashes and of new stops, and is said in words', () => {
    expect(found.alternatives.length).toBeGreaterThanOrEqual(3);
    for (const one of found.alternatives) {
      expect(one.decided.findings.filter((finding) => finding.level === 'stop')).toEqual([]);
      const { changes, asks, gone } = consequencesOf(one, now, found.today);
      expect(gone.map((finding) => finding.code)).toContain('checking.overlap');
      for (const said of [...changes, ...asks])
        expect(phraseText(said, { system: 'metric' })).not.toMatch(/alternatives\.|\?|undefined/);
    }
  });
});

describe('the search', () => {
  it('comes to what deciding every combination comes to', () => {
    const facts = fc.record({
      leafThickness: fc.constantFrom(mm(40), mm(44), mm(57)),
      leafMass: fc.constantFrom(20_000, 60_000, 120_000),
      rating: fc.constantFrom(0, 60),
      nothingVisible: fc.boolean(),
      holdOpen: fc.boolean(),
      accessible: fc.boolean(),
      closer: fc.constantFrom(...CLOSER_KINDS),
      bottomSeal: fc.constantFrom(...BOTTOM_SEALS),
      slab: fc.constantFrom('free' as const, 'heated' as const),
      lockKind: fc.constantFrom('none' as const, 'mortise' as const),
      finish: fc.constantFrom('satin stainless', '626'),
    });
    fc.assert(
      fc.property(facts, (more) => {
        const opening = { ...KNOT, choices: {}, ...more };
        const [quick, whole] = [
          searchAlternatives(opening, basis),
          searchAlternatives(opening, basis, true),
        ];
        const brief = (found: typeof quick) =>
          found.alternatives.map((one) => [one.choice, one.kept, one.score]);
        expect(brief(quick)).toEqual(brief(whole));
        expect(quick.decided).toBeLessThanOrEqual(whole.decided);
      }),
      { numRuns: 12 },
    );
  });

  it('offers no device that the kind of opening does not take', () => {
    const doors = searchAlternatives({ ...KNOT, kind: 'double-acting', choices: {} }, basis);
    expect(doors.alternatives.length + doors.refused.length).toBeGreaterThan(0);
    for (const alternative of doors.alternatives) {
      expect(['centre-pivot', 'double-acting-spring']).toContain(alternative.choice.device);
      expect(alternative.decided.results.hanging.device).toBe(alternative.choice.device);
    }
    for (const alternative of searchAlternatives(KNOT, basis).alternatives)
      expect(alternative.decided.results.hanging.device).toBe(alternative.choice.device);
  });

  it('cuts off only what a rule breaks, whatever is still to be chosen', () => {
    expect(brokenRule({ device: 'butt' })).toBeUndefined();
    expect(brokenRule({ device: 'butt', closer: 'floor' })!.why.code).toBe(
      'alternatives.rule.pivotCloser',
    );
    expect(brokenRule({ device: 'spring-hinge', closer: 'surface-pull' })!.why.code).toBe(
      'alternatives.rule.spring',
    );
    expect(brokenRule({ foot: 'jamb', closer: 'floor' })!.why.code).toBe(
      'alternatives.rule.footCloser',
    );
  });

  it('keeps what a person recorded beside the choices, and lets products of what changes go', () => {
    const facts = {
      ...KNOT,
      note: 'by the stair',
      choices: {
        ...KNOT.choices,
        'sealing.product': { value: 'quillstead-df-930', reason: 'stock' },
        'handing.active': { value: 'left', reason: 'kept' },
      },
    };
    const found = searchAlternatives(facts, basis);
    for (const alternative of found.alternatives) {
      expect(alternative.facts.note).toBe('by the stair');
      expect(alternative.facts.choices!['handing.active']).toBeDefined();
      if (alternative.changed.includes('seal'))
        expect(alternative.facts.choices!['sealing.product']).toBeUndefined();
    }
  });
});
