import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

describe('a gate to a pool', () => {
  const gate = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-residential') =>
    decideOpening(
      { ...DOOR, from: 'Lane', to: 'Pool deck', role: 'gate', swing: 'out', ...facts },
      PRACTICES[practice],
    );
  it('closes by itself on springs, its latch out of a child’s reach, or as high as the gate is', () => {
    const high = gate({ frameHeight: inches(72) });
    expect(high.results.hanging.device).toBe('spring-hinge');
    expect(high.results.closing.closes).toBe(true);
    expect(high.results.securing.height).toBe(inches(54));
    expect(gate({}, 'australasian').results.securing.height).toBe(mm(1500));
    const low = gate({ frameHeight: inches(48) });
    expect(low.results.securing.height).toBeLessThan(inches(48));
    const why = low.decisions.find(({ key }) => key === 'securing.height')?.reasons[0]?.code;
    expect(why).toBe('securing.height.leaf');
    expect(low.findings.map(({ code }) => code)).toContain('securing.poolLatch');
    expect(high.findings.map(({ code }) => code)).not.toContain('securing.poolLatch');
    // A gate to a garden is any gate.
    const garden = gate({ to: 'Garden', frameHeight: inches(72) });
    expect(garden.results.opening.pool).toBeUndefined();
    expect(garden.results.closing.closes).toBe(false);
    expect(garden.results.securing.height).toBe(inches(36));
  });
  it('swings away from the water, whichever side is outside', () => {
    const stops = (facts: Partial<OpeningFacts>) =>
      gate(facts).findings.some(({ code }) => code === 'checking.poolSwing');
    expect([stops({ outside: 'from' }), stops({ outside: 'from', swing: 'in' })]).toEqual([
      false,
      true,
    ]);
    expect([stops({ outside: 'to' }), stops({ outside: 'to', swing: 'in' })]).toEqual([
      true,
      false,
    ]);
    const turned = { from: 'Pool', to: 'Lane' };
    expect([stops({ ...turned, outside: 'to' }), stops({ ...turned, outside: 'from' })]).toEqual([
      false,
      true,
    ]);
  });
});
