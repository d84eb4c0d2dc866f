import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { decideOpening } from '../deciding/index.js';
import { PRACTICES } from '../project/index.js';
import { rotated, type SwingPlan } from '../sizing/index.js';
import { DOOR } from '../testing/door.js';
import { armAt, armSweep, type Point } from './arm.js';
import { ARMS, type ArmName } from './armNames.js';
import { CLOSING_VALUES, type ArmRow } from './values.js';

const rows = CLOSING_VALUES.closerArms.british.value;
const plan: SwingPlan = {
  width: mm(900),
  thickness: mm(45),
  hingeGap: mm(2),
  axis: { x: mm(1), y: mm(8) },
};
const apart = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

/** Elbows by trying every point of the main arm's circle, as far as they fit the forearm. */
function elbowsTried(spindle: Point, shoe: Point, row: ArmRow): Point[] {
  const found: Point[] = [];
  for (let step = 0; step < 36_000; step++) {
    const angle = (step * Math.PI) / 18_000;
    const at = {
      x: spindle.x + row.main * Math.cos(angle),
      y: spindle.y + row.main * Math.sin(angle),
    };
    if (Math.abs(apart(at, shoe) - row.fore) < mm(0.1)) found.push(at);
  }
  return found;
}

describe('the arm of a closer', () => {
  it('keeps the lengths of its links at every angle it reaches', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ARMS), fc.integer({ min: 0, max: 180 }), (name, degrees) => {
        const row = rows[name];
        const at = armAt(name, row, plan, degrees);
        if (!at) return;
        expect(apart(at.spindle, at.elbow)).toBeCloseTo(row.main, 3);
        if (row.fore > 0) expect(apart(at.elbow, at.shoe)).toBeCloseTo(row.fore, 3);
      }),
    );
  });

  it.each<[ArmName, number]>([
    ['regular', 0],
    ['regular', 60],
    ['parallel', 45],
    ['parallel', 150],
    ['top-jamb', 30],
  ])('%s at %s°: its elbow is one that trying finds', (name, degrees) => {
    const at = armAt(name, rows[name], plan, degrees)!;
    const tried = elbowsTried(at.spindle, at.shoe, rows[name]);
    expect(tried.some((one) => apart(one, at.elbow) < mm(1))).toBe(true);
  });

  it('moves with the leaf: the spindle of a body on it turns about the axis, that on the head stands', () => {
    const { spindleAlong, spindleOut } = rows.regular;
    const point = { x: plan.axis.x + spindleAlong, y: spindleOut };
    expect(armAt('regular', rows.regular, plan, 70)!.spindle).toEqual(rotated(plan, point, 70));
    const closed = armAt('top-jamb', rows['top-jamb'], plan, 0)!;
    expect(armAt('top-jamb', rows['top-jamb'], plan, 80)!.spindle).toEqual(closed.spindle);
  });

  it('stands out of the face it works on: a regular arm far, a parallel one hardly', () => {
    expect(armSweep('regular', rows.regular, plan).outClosed).toBeGreaterThan(mm(200));
    expect(armSweep('parallel', rows.parallel, plan).outClosed).toBeLessThan(mm(60));
    const elbow = armAt('parallel', rows.parallel, plan, 0)!.elbow;
    expect(elbow.y).toBeLessThan(-plan.thickness);
  });

  it('folds out of the face it works on: on the head of the push face away from leaf and wall', () => {
    const { elbow, spindle } = armAt('top-jamb', rows['top-jamb'], plan, 0)!;
    expect(elbow.y).toBeLessThan(-plan.thickness);
    expect(elbow.y).toBeLessThan(spindle.y);
    // A regular arm stands on the other face.
    expect(armAt('regular', rows.regular, plan, 0)!.elbow.y).toBeGreaterThan(0);
  });

  it('opens the leaf as far as it reaches, and not a step further', () => {
    for (const name of ARMS) {
      const { widest } = armSweep(name, rows[name], plan);
      expect(armAt(name, rows[name], plan, widest)).toBeDefined();
      if (widest < 180) expect(armAt(name, rows[name], plan, widest + 1)).toBeUndefined();
    }
    const wide = { ...rows.regular, shoeAlong: CLOSING_VALUES.closerShoeWide.british.value };
    expect(armSweep('regular', rows.regular, plan).widest).toBeLessThan(180);
    expect(armSweep('regular', wide, plan).widest).toBe(180);
  });
});

describe('an opening whose arm stands in the way', () => {
  const codes = (facts: object) =>
    decideOpening({ ...DOOR, closer: 'any', ...facts }, PRACTICES['us-commercial']).findings.map(
      ({ code }) => code,
    );
  it('takes the wide template where the leaf shall open wide, and is told where it does not reach', () => {
    expect(codes({ openTo: 120 })).not.toContain('closing.armShort');
    expect(codes({ openTo: 175 })).not.toContain('closing.armShort');
    const jamb = { 'closing.device': { value: 'top-jamb', reason: 'narrow rail' } };
    expect(codes({ openTo: 170, swing: 'out', choices: jamb })).toContain('closing.armShort');
  });
  it('crosses an overhead stop on the pull face only', () => {
    const stop = { 'closing.stop': { value: 'overhead', reason: 'glass beside' } };
    expect(codes({ choices: stop })).toContain('closing.armStop');
    expect(codes({ choices: stop, swing: 'out' })).not.toContain('closing.armStop');
  });
  it('wants a bracket in a deep reveal, room below the ceiling, a drop plate on a low rail', () => {
    const push = { swing: 'out' } as const;
    expect(codes({ ...push, reveal: inches(4) })).not.toContain('closing.reveal');
    expect(codes({ ...push, reveal: inches(4.25) })).toContain('closing.reveal');
    expect(codes({ ceilingAbove: inches(1) })).toContain('closing.ceiling');
    expect(codes({ ceilingAbove: inches(6) })).not.toContain('closing.ceiling');
    const framed = { leafConstruction: 'timber-panelled-hardwood' };
    expect(codes({ ...framed, topRail: inches(2) })).toContain('closing.rail');
    expect(codes({ ...framed, topRail: inches(5) })).not.toContain('closing.rail');
  });
});
