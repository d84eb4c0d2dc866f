import fc from 'fast-check';
import { GRAMS_PER_POUND, GRAVITY, inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { decideOpening } from '../deciding/index.js';
import {
  buttRow,
  buttWidth,
  gradeFor,
  gradingMass,
  hingeCount,
  hingeForces,
  hingePositions,
  intermediatePivots,
  leafMass,
} from './index.js';

const us = PRACTICES['us-commercial'];
const british = PRACTICES.british;
const lb = (value: number) => value * GRAMS_PER_POUND;

const typical: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'steel-honeycomb-18',
  hingeSide: 'right',
  swing: 'out',
  rating: 90,
  secured: true,
  lockUse: 'store',
  frequency: 'medium',
};
const decide = (facts: Partial<OpeningFacts>, practice = us) =>
  decideOpening({ ...typical, ...facts }, practice);
const value = (facts: Partial<OpeningFacts>, key: string, practice = us) =>
  decide(facts, practice).decisions.find((decision) => decision.key === key);

describe('leaf mass', () => {
  it('is area × surface mass + hardware', () => {
    const mass = leafMass(
      us,
      { width: inches(36), height: inches(84), thickness: inches(1.75) },
      'steel-honeycomb-18',
    );
    expect(mass.total / GRAMS_PER_POUND).toBeCloseTo(21 * 5.2 + 10, 2);
  });
  it('scales solid leaves with thickness, not hollow ones, and adds glass at 2.5 kg/m² per mm', () => {
    const leaf = { width: mm(1000), height: mm(2000), thickness: inches(1.75) };
    const thin = { ...leaf, thickness: inches(0.875) };
    const body = (size: typeof leaf, construction: 'timber-stave' | 'timber-hollow') =>
      leafMass(us, size, construction).body;
    expect(body(leaf, 'timber-stave')).toBeCloseTo(2 * body(thin, 'timber-stave'), 6);
    expect(body(leaf, 'timber-hollow')).toBeCloseTo(body(thin, 'timber-hollow'), 6);
    expect(
      leafMass(us, leaf, 'timber-stave', { width: mm(500), height: mm(1000), thickness: mm(6) })
        .glass,
    ).toBeCloseTo(7500, 6);
    expect(leafMass(us, { ...leaf, thickness: mm(12) }, 'glass').body).toBeCloseTo(60_000, 3);
  });
});

describe('the butt-hinge table', () => {
  it.each([
    [1.125, 30, 3],
    [1.375, 32, 3.5],
    [1.375, 36, 4],
    [1.75, 36, 4.5],
    [1.75, 36.5, 5],
    [1.75, 48, 5],
    [1.75, 49, 6],
    [2.25, 42, 5],
    [2.25, 44, 6],
  ])('%d in thick and %d in wide takes %d in', (thickness, width, height) => {
    expect(
      buttRow(us, { thickness: inches(thickness), width: inches(width) }, undefined),
    ).toMatchObject({ height: inches(height), heavy: thickness >= 2 });
  });
  it('lists nothing thicker, and asks for the mass where the table needs it', () => {
    expect(buttRow(us, { thickness: inches(3), width: inches(36) }, undefined)).toBeUndefined();
    expect(buttRow(british, { thickness: mm(44), width: mm(826) }, undefined)).toBe('needs-mass');
    expect(buttRow(british, { thickness: mm(35), width: mm(762) }, 20_000)).toMatchObject({
      height: mm(76),
    });
    expect(buttRow(british, { thickness: mm(44), width: mm(826) }, 40_000)).toMatchObject({
      height: mm(102),
    });
    expect(buttRow(british, { thickness: mm(44), width: mm(1000) }, 60_000)).toMatchObject({
      height: mm(127),
    });
  });
  it('width = 2 × (thickness − set-back) + clearance, up to a made width', () => {
    expect(buttWidth(us, inches(1.75), undefined)).toMatchObject({
      exact: inches(4),
      width: inches(4),
      p: inches(0.5),
    });
    expect(buttWidth(us, inches(1.75), inches(1))).toMatchObject({
      exact: inches(4.125),
      width: inches(4.5),
    });
    expect(buttWidth(us, inches(2.25), undefined)).toMatchObject({
      setBack: inches(3 / 8),
      exact: inches(4.75),
      width: inches(5),
    });
    expect(buttWidth(british, mm(44), undefined)).toMatchObject({ width: mm(76) });
    expect(buttWidth(us, inches(1.75), inches(12))).toBeUndefined();
  });
});

describe('the number of hinges', () => {
  it.each([
    [60, 2],
    [60.5, 3],
    [90, 3],
    [91, 4],
    [120, 4],
    [121, 5],
    [151, 6],
  ])('a leaf of %d in takes %d', (height, count) => {
    expect(
      hingeCount(us, { width: inches(36), height: inches(height) }, lb(100), 'standard').count,
    ).toBe(count);
  });
  it('adds one for width and one for mass', () => {
    expect(
      hingeCount(us, { width: inches(49), height: inches(84) }, lb(100), 'standard').count,
    ).toBe(4);
    expect(hingeCount(us, { width: inches(36), height: inches(84) }, lb(420), 'heavy').count).toBe(
      4,
    );
    expect(
      hingeCount(british, { width: mm(826), height: mm(2040) }, 30_000, 'standard').count,
    ).toBe(3);
    expect(
      hingeCount(british, { width: mm(826), height: mm(2300) }, 30_000, 'standard').count,
    ).toBe(4);
    expect(
      [inches(80), inches(90), inches(91), inches(121)].map((h) => intermediatePivots(us, h)),
    ).toEqual([1, 1, 2, 3]);
  });
});

describe('hinge positions', () => {
  const pattern = (id: string, practice = us) =>
    practice.values.patterns.value.find((one) => one.id === id)!;
  it('reads the steel pattern from head and floor', () => {
    const tops = hingePositions(pattern('us-steel'), {
      leafHeight: inches(83.125),
      hingeHeight: inches(4.5),
      count: 3,
      headGap: inches(1 / 8),
      bottom: inches(0.75),
    })!;
    expect(tops).toEqual([inches(4.875), inches(37.125), inches(69.375)]);
    // Bottom edge of the last hinge 10 in above the floor.
    expect(inches(83.125) + inches(0.75) - tops[2]! - inches(4.5)).toBe(inches(10));
  });
  it('reads 7 and 11, British, and a high third hinge', () => {
    const seven = hingePositions(pattern('us-timber-7-11'), {
      leafHeight: inches(80),
      hingeHeight: inches(3.5),
      count: 3,
      headGap: 0,
      bottom: 0,
    })!;
    expect(seven[0]).toBe(inches(7));
    expect(inches(80) - seven[2]! - inches(3.5)).toBe(inches(11));
    const high = hingePositions(pattern('british-150-225-high', british), {
      leafHeight: mm(1981),
      hingeHeight: mm(100),
      count: 3,
      headGap: mm(3),
      bottom: mm(8),
    })!;
    expect(high).toEqual([mm(150), mm(450), mm(1656)]);
  });
  it('leaves equal clear gaps and keeps to the leaf, or says it cannot', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 8 }),
        fc.integer({ min: mm(1500), max: mm(3000) }),
        (count, leafHeight) => {
          const h = mm(100);
          const tops = hingePositions(pattern('british-150-225', british), {
            leafHeight,
            hingeHeight: h,
            count,
            headGap: 0,
            bottom: 0,
          })!;
          const gaps = tops.slice(1).map((top, index) => top - tops[index]! - h);
          expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
          expect(gaps.reduce((a, b) => a + b, 0) + (count - 2) * h).toBe(
            leafHeight - mm(150) - mm(225) - 2 * h,
          );
        },
      ),
    );
    expect(
      hingePositions(pattern('us-steel'), {
        leafHeight: inches(20),
        hingeHeight: inches(4.5),
        count: 3,
        headGap: 0,
        bottom: 0,
      }),
    ).toBeUndefined();
  });
});

describe('forces', () => {
  it('balance the leaf: moment of the pull = moment of the weight', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10_000, max: 200_000 }),
        fc.integer({ min: mm(500), max: mm(1400) }),
        fc.integer({ min: mm(800), max: mm(2000) }),
        fc.integer({ min: 2, max: 6 }),
        (mass, width, distance, count) => {
          const { pull, shear } = hingeForces(mass, width, mm(2), distance, count);
          expect(pull * distance).toBeCloseTo((mass / 1000) * GRAVITY * (width / 2 + mm(2)), 3);
          expect(shear * count).toBeCloseTo((mass / 1000) * GRAVITY, 6);
        },
      ),
    );
  });
  it('grades with the corrections of EN 1935', () => {
    expect(gradingMass(british, 50_000, { width: mm(900), height: mm(2000) }, 'none')).toBe(50_000);
    expect(gradingMass(british, 50_000, { width: mm(900), height: mm(2000) }, 'closer')).toBe(
      60_000,
    );
    expect(gradingMass(british, 50_000, { width: mm(900), height: mm(2000) }, 'back-check')).toBe(
      87_500,
    );
    expect(gradingMass(british, 50_000, { width: mm(1200), height: mm(2000) }, 'none')).toBeCloseTo(
      60_000,
      6,
    );
    expect(
      [40_000, 41_000, 81_000, 101_000, 121_000, 161_000].map((mass) => gradeFor(british, mass)),
    ).toEqual([7, 11, 12, 13, 14, undefined]);
  });
});

const ofHanging = ({ items }: ReturnType<typeof decide>) =>
  items.filter(({ stage }) => stage === 'hanging');

describe('hanging an opening', () => {
  it('hangs a rated steel leaf', () => {
    const [item] = decide({}).items;
    expect(item).toMatchObject({
      quantity: 3,
      height: inches(4.5),
      width: inches(4.5),
      traits: ['weight.standard', 'bearing.bearing', 'metal.steel', 'pin.non-removable'],
    });
  });
  it('takes heavy weight for use, mass or width, with the numbers in its reason', () => {
    expect(value({ frequency: 'high' }, 'hanging.weight')!.reasons[0]!.code).toBe(
      'hanging.heavy.use',
    );
    expect(value({ passagesPerDay: 400 }, 'hanging.weight')!.value).toEqual({
      type: 'term',
      term: 'weight.heavy',
    });
    expect(value({ leafMass: Math.round(lb(200)) }, 'hanging.weight')!.reasons[0]!.code).toBe(
      'hanging.heavy.mass',
    );
    expect(value({ frameWidth: inches(42) }, 'hanging.weight')!.reasons[0]!.code).toBe(
      'hanging.heavy.width',
    );
    expect(value({}, 'hanging.weight')!.value).toEqual({ type: 'term', term: 'weight.standard' });
  });
  it('chooses metal and pins by where it stands', () => {
    expect(value({ exterior: true }, 'hanging.metal')!.value).toEqual({
      type: 'term',
      term: 'metal.stainless',
    });
    expect(value({ swing: 'in' }, 'hanging.pin')!.value).toEqual({
      type: 'term',
      term: 'pin.removable',
    });
    expect(value({ secured: false }, 'hanging.pin')!.value).toEqual({
      type: 'term',
      term: 'pin.removable',
    });
    expect(value({ hingeSide: undefined }, 'hanging.pin')!.status).toBe('open');
  });
  it('keeps what a person chose, says what it would have taken, and warns where a rule is broken', () => {
    const chosen = decide({
      choices: {
        'hanging.count': { value: 2, reason: 'as the neighbour' },
        'hanging.metal': { value: 'brass', reason: 'looks' },
      },
    });
    expect(chosen.decisions.find((d) => d.key === 'hanging.count')).toMatchObject({
      basis: 'chosen',
      value: { count: 2 },
      insteadOf: { count: 3 },
      chosenBecause: 'as the neighbour',
    });
    expect(chosen.findings.map((f) => [f.code, f.level])).toEqual(
      expect.arrayContaining([
        ['hanging.fewHinges', 'stop'],
        ['hanging.brassRated', 'stop'],
      ]),
    );
    expect(chosen.items[0]!.quantity).toBe(2);
  });
  it('does not take a choice that is not on offer', () => {
    expect(
      value({ choices: { 'hanging.metal': { value: 'chocolate', reason: 'x' } } }, 'hanging.metal')!
        .basis,
    ).toBe('derived');
  });
  it('hangs every kind on what it needs', () => {
    expect(
      decide({ kind: 'pair', active: 'left', frameWidth: inches(72) }).items[0]!.quantity,
    ).toBe(6);
    expect(decide({ kind: 'double-acting', rating: 0 }).items[0]!.term).toBe('item.centrePivot');
    expect(ofHanging(decide({ kind: 'pocket', slideTo: 'left' })).map((item) => item.term)).toEqual(
      ['item.track', 'item.hangers', 'item.guide'],
    );
    expect(ofHanging(decide({ kind: 'stable' })).map((item) => item.quantity)).toEqual([2, 2]);
    expect(decide({ leafMass: Math.round(lb(700)) }).results.hanging.device).toBe('offset-pivot');
  });
  it('states the clear width and holds it against an accessible route', () => {
    expect(value({}, 'hanging.clearWidth')!.value).toMatchObject({
      // Half of 4 1/2 less 1 1/2 on the leaf's edge: the barrel stands 3/4 out.
      ticks: inches(36 - 5 / 8 - (1 / 16 + 0.75 + 1.75)),
    });
    const found = (facts: Partial<OpeningFacts>) =>
      decide(facts).findings.filter(({ stage }) => stage === 'hanging' || stage === 'sizing');
    expect(found({ accessible: true })).toEqual([]);
    const narrow = { accessible: true, frameWidth: inches(34) } as const;
    const ordinary = { 'hanging.form': { value: 'full-mortise', reason: 'as the others' } };
    expect(decide({ ...narrow, choices: ordinary }).findings[0]).toMatchObject({
      code: 'hanging.clearShort',
      level: 'stop',
    });
    // Where the clear width asks for it the leaf is carried out of the opening.
    expect(found(narrow)).toEqual([]);
    expect(value(narrow, 'hanging.form')!.value).toEqual({
      type: 'term',
      term: 'form.swing-clear',
    });
    expect(value(narrow, 'hanging.clearWidth')!.value).toMatchObject({
      ticks: inches(34 - 2 * (5 / 8)),
    });
  });
  it('says when nobody has said', () => {
    expect(decide({ rating: undefined }).findings.map((f) => f.code)).toContain(
      'hanging.ratingUnknown',
    );
    const house = (facts: Partial<OpeningFacts>) =>
      decide({ rating: undefined, ...facts }, PRACTICES['us-residential']).findings.some(
        (f) => f.code === 'hanging.ratingUnknown',
      );
    expect(house({ role: 'bedroom' })).toBe(false);
    expect(house({ role: 'bedroom', rating: 'unknown' })).toBe(true);
    expect(house({ role: 'garage' })).toBe(true);
    expect(decide({ role: 'bedroom', rating: undefined }).findings.map((f) => f.code)).toContain(
      'hanging.ratingUnknown',
    );
    expect(decide({ role: 'gate', rating: undefined }).findings.map((f) => f.code)).not.toContain(
      'hanging.ratingUnknown',
    );
    expect(decide({ frequency: 'unknown' }).findings.map((f) => f.code)).toContain(
      'hanging.useUnknown',
    );
    expect(value({ leafConstruction: undefined }, 'hanging.mass')).toMatchObject({
      status: 'open',
      question: { code: 'ask.leafConstruction' },
    });
  });
});
