import { decideOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';

const { values } = PRACTICES.british;
const weighed = (facts: Partial<OpeningFacts>) => {
  const decided = decideOpening(
    { mark: '1', kind: 'single', leafWidth: mm(1000), leafHeight: mm(2100), ...facts },
    PRACTICES.british,
  );
  const found = decided.decisions.find(({ key }) => key === 'hanging.mass')!;
  const value = found.value;
  const grams = value?.type === 'mass' ? value.grams : 0;
  return { grams, basis: found.basis, cares: decided.cautions.map(({ code }) => code) };
};
const NARROW = { leafConstruction: 'aluminium-narrow', frameMaterial: 'aluminium' } as const;

describe('glass in a leaf', () => {
  it('between narrow stiles weighs 2.5 kg a square metre and millimetre, assumed until it is told', () => {
    const stile = values.narrowStile.value / 320;
    const pane = ((1000 - 2 * stile) * (2100 - stile - values.bottomRail.value / 320)) / 1e6;
    const without = weighed({ ...NARROW, glassThickness: 0 }).grams;
    const inside = weighed(NARROW);
    expect((inside.grams - without) / 1000).toBeCloseTo(pane * 2.5 * 6, 1);
    expect(inside.basis).toBe('assumed');
    expect(inside.cares).toContain('care.glassIn');
    // Outside a sealed unit of two panes, 12 together; recorded it is no guess.
    expect((weighed({ ...NARROW, exterior: true }).grams - without) / 1000).toBeCloseTo(
      pane * 2.5 * 12,
      1,
    );
    const told = weighed({ ...NARROW, glassThickness: mm(8) });
    expect((told.grams - without) / 1000).toBeCloseTo(pane * 2.5 * 8, 1);
    expect(told.basis).toBe('derived');
  });
  it('as a lite stands in the place of the leaf’s own material', () => {
    const solid = { leafConstruction: 'timber-stave', leafThickness: mm(44) } as const;
    const lite = { glassWidth: mm(400), glassHeight: mm(1000) };
    const whole = weighed(solid);
    const glazed = weighed({ ...solid, ...lite, glassThickness: mm(6) });
    const { gramsPerSquareMetre, at } = values.surfaceMasses.value['timber-stave'];
    const wood = 0.4 * gramsPerSquareMetre * (mm(44) / at);
    expect(glazed.grams - whole.grams).toBeCloseTo(0.4 * 2500 * 6 - wood, -1);
    expect(whole.cares).not.toContain('care.glassIn');
    expect(glazed.cares).toContain('care.glassIn');
  });
});
