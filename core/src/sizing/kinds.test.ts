import { runStage } from '../testing/runStage.js';
import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { Practice } from '../practice/index.js';
import type { OpeningFacts } from '../model/index.js';
import { partsText, valueParts } from '../phrasing/index.js';
import { heelGap } from './index.js';

const us = PRACTICES['us-commercial'];
const { british, continental } = PRACTICES;
const base: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
};
const size = (facts: Partial<OpeningFacts>, practice: Practice = us) =>
  runStage('sizing', { ...base, ...facts }, practice);
const text = (facts: Partial<OpeningFacts>, key: string, practice: Practice = us) => {
  const decision = size(facts, practice).decisions.find((one) => one.key === key);
  return decision?.value
    ? partsText(valueParts(decision.value, { system: practice.system }))
    : decision?.question?.code;
};

describe('kinds that do not swing one way', () => {
  it('a sliding leaf passes both linings, a pocket leaf one', () => {
    expect(text({ kind: 'sliding' }, 'sizing.leafWidth')).toBe('38 in');
    expect(text({ kind: 'pocket' }, 'sizing.leafWidth')).toBe('37 in');
    expect(text({ kind: 'sliding' }, 'sizing.undercut')).toBe('1/2 in');
    expect(
      text({ kind: 'sliding', frameWidth: undefined, leafWidth: inches(40) }, 'sizing.frameWidth'),
    ).toBe('38 in');
  });
  it('a double-acting leaf gets the heel gap that its turning needs', () => {
    const thick = size({ kind: 'double-acting', leafThickness: inches(3) });
    const needed = heelGap(us.values.centrePivotIn.value, inches(3));
    expect(thick.hingeGap!).toBeGreaterThanOrEqual(needed);
    expect(thick.hingeGap! - needed).toBeLessThan(inches(1 / 16));
    expect(thick.decisions.find((one) => one.key === 'sizing.hingeGap')!.reasons[0]!.code).toBe(
      'sizing.gap.heel',
    );
    expect(size({ kind: 'double-acting' }).stopWidth).toBe(0);
  });
  it('a stable door divides at the practice’s height or where somebody said', () => {
    const usual = size({ kind: 'stable' });
    const [upper, lower] = usual.leaves;
    expect(lower!.bottom! + lower!.height!).toBe(us.values.stableDivision.value);
    expect(
      usual.undercut! +
        lower!.height! +
        us.values.stableGap.value +
        upper!.height! +
        usual.headGap!,
    ).toBe(inches(84));
    expect(text({ kind: 'stable', lowerLeafHeight: inches(45) }, 'sizing.leafHeight@lower')).toBe(
      '45 in',
    );
  });
  it('a double-egress pair is sized like an equal one', () => {
    const pair = size({ kind: 'pair', frameWidth: inches(72) });
    const egress = size({ kind: 'double-egress', frameWidth: inches(72) });
    expect(egress.leaves[0]!.width).toBe(pair.leaves[0]!.width);
  });
  it('an unequal pair asks for its active leaf', () => {
    expect(text({ kind: 'unequal-pair', frameWidth: inches(56) }, 'sizing.leafWidth@active')).toBe(
      'ask.activeWidth',
    );
  });
});

describe('the floor', () => {
  it('a threshold lifts the leaf, and is asked for when its height is not known', () => {
    expect(text({ threshold: 'plain', thresholdHeight: inches(1 / 2) }, 'sizing.leafHeight')).toBe(
      '83 in',
    );
    expect(text({ threshold: 'plain' }, 'sizing.leafHeight')).toBe('ask.thresholdHeight');
    expect(size({ threshold: 'plain', thresholdHeight: inches(1 / 2) }).leaves[0]!.bottom).toBe(
      inches(1 / 2 + 3 / 8),
    );
  });
  it('a rise under the sweep counts only when it is more than the undercut holds', () => {
    expect(text({ floorRise: inches(1 / 2) }, 'sizing.undercut')).toBe('3/4 in');
    expect(text({ floorRise: inches(7 / 8) }, 'sizing.undercut')).toBe('1 in');
    // 3/4 holds a rise of 5/8 with its clearance of 1/8, and not a sixteenth more.
    expect(text({ floorRise: inches(5 / 8) }, 'sizing.undercut')).toBe('3/4 in');
    expect(text({ floorRise: inches(11 / 16) }, 'sizing.undercut')).toBe('13/16 in');
    expect(text({ floorRise: inches(7 / 8), undercut: inches(1 / 2) }, 'sizing.undercut')).toBe(
      '1/2 in',
    );
  });
  it('an undercut that a person fixed is given, one that follows is derived', () => {
    const basis = (facts: Partial<OpeningFacts>) =>
      size(facts).decisions.find((one) => one.key === 'sizing.undercut')!.basis;
    expect(basis({ undercut: inches(1 / 2) })).toBe('given');
    expect(basis({ undercut: inches(1 / 2), provenance: { undercut: 'measured' } })).toBe(
      'measured',
    );
    expect(basis({})).toBe('derived');
  });
});

describe('which member gives', () => {
  it('is the lock gap and the undercut unless somebody says otherwise', () => {
    const fixed = { leafWidth: inches(35.5), leafHeight: inches(83) };
    expect([text(fixed, 'sizing.lockGap'), text(fixed, 'sizing.undercut')]).toEqual([
      '3/8 in',
      '7/8 in',
    ]);
    const other = { ...fixed, widthGives: 'hingeGap' as const, heightGives: 'headGap' as const };
    expect([
      text(other, 'sizing.hingeGap'),
      text(other, 'sizing.headGap'),
      text(other, 'sizing.lockGap'),
    ]).toEqual(['3/8 in', '1/4 in', '1/8 in']);
  });
  it('never loses a tick, whatever is fixed', () => {
    const length = (most: number) =>
      fc.option(fc.integer({ min: inches(1 / 16), max: most }), { nil: undefined });
    fc.assert(
      fc.property(
        length(inches(40)),
        length(inches(1)),
        length(inches(1)),
        fc.integer({ min: inches(41), max: inches(60) }),
        (leafWidth, hingeGap, lockGap, frameWidth) => {
          const sizes = size({ leafWidth, hingeGap, lockGap, frameWidth });
          const [leaf] = sizes.leaves;
          if (leaf!.width === undefined)
            return expect([leafWidth, hingeGap, lockGap]).not.toContain(undefined);
          expect(sizes.hingeGap! + leaf!.width + sizes.lockGap!).toBe(frameWidth);
        },
      ),
    );
  });
});

describe('around the frame', () => {
  it('a wall opening follows from frame, faces and packing, or is what was recorded', () => {
    expect(text({}, 'sizing.wallWidth')).toBe('40 3/8 in');
    expect(text({ frameFace: inches(4) }, 'sizing.wallHeight')).toBe('88 3/16 in');
    expect(text({ wallWidth: inches(41) }, 'sizing.wallWidth')).toBe('41 in');
    expect(text({ frameMaterial: 'unknown' }, 'sizing.wallWidth')).toBeUndefined();
  });
  it('a frame opening follows from a given wall opening, unless a leaf is bought', () => {
    const wall = {
      frameWidth: undefined,
      frameHeight: undefined,
      wallWidth: inches(40.375),
      wallHeight: inches(86.1875),
    };
    expect([text(wall, 'sizing.frameWidth'), text(wall, 'sizing.leafWidth')]).toEqual([
      '36 in',
      '35 3/4 in',
    ]);
    expect(text(wall, 'sizing.leafHeight')).toBe('83 1/8 in');
    const frame = size(wall).decisions.find((one) => one.key === 'sizing.frameWidth')!;
    expect([frame.basis, frame.reasons[0]!.code]).toEqual(['derived', 'sizing.frame.fromWall']);
    expect(text({ ...wall, leafWidth: inches(33.75) }, 'sizing.frameWidth')).toBe('34 in');
    expect(text({ ...wall, frameMaterial: 'unknown' }, 'sizing.leafWidth')).toBe('ask.width');
  });
  it('puts a removable mullion into the sum, with a lock gap to either side', () => {
    const mullion = {
      kind: 'pair' as const,
      frameWidth: inches(72),
      meetingEdge: 'mullion' as const,
    };
    const sizes = size(mullion);
    expect(sizes.leaves[0]!.width).toBe(
      Math.floor((inches(72) - 4 * inches(1 / 8) - inches(2)) / 2),
    );
    expect(
      2 * sizes.leaves[0]!.width! + 2 * sizes.hingeGap! + 2 * sizes.lockGap! + sizes.mullion,
    ).toBe(inches(72));
    expect(text({ ...mullion, mullionWidth: inches(3) }, 'sizing.mullion')).toBe('3 in');
  });
  it('metric sizes and names', () => {
    const leaf = {
      frameWidth: undefined,
      frameHeight: undefined,
      leafWidth: mm(985),
      leafHeight: mm(2110),
    };
    expect(text(leaf, 'sizing.frameWidth', continental)).toBe('992 mm');
    expect(text(leaf, 'sizing.frameHeight', continental)).toBe('2120.5 mm');
    expect(text(leaf, 'sizing.nominal', continental)).toBe('985 × 2110');
    expect(text({ ...leaf, leafWidth: mm(990) }, 'sizing.nominal', continental)).toBe(
      'made to measure',
    );
    expect(
      text(
        { frameWidth: mm(838), frameHeight: mm(2005), frameMaterial: 'timber' },
        'sizing.wallWidth',
        british,
      ),
    ).toBe('922 mm');
  });
  it('air under the leaf is undercut times width, both leaves of a pair', () => {
    expect(text({}, 'sizing.ventilation')).toBe('26.8 in²');
    expect(
      text(
        { frameWidth: mm(838), frameHeight: mm(2005), undercut: mm(10) },
        'sizing.ventilation',
        british,
      ),
    ).toBe('83 cm²');
  });
});
