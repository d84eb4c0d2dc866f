import { decideOpening, decisionOf } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';

const base: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  leafConstruction: 'timber-particle',
  leafThickness: mm(40),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
  frequency: 'medium',
  lockUse: 'passage',
};
const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...base, ...facts }, PRACTICES.continental);
const value = (facts: Partial<OpeningFacts>, key: string) =>
  decisionOf(decide(facts), key)?.value as { ticks?: number; term?: string } | undefined;

/** DIN 18101: rebated 860 × 1985, flush 834 × 1972, in a frame of 841 in the rebate. */
describe('a rebated leaf', () => {
  it('has its body within the frame and its size over all, from the frame', () => {
    const facts = { leafEdge: 'rebated', frameWidth: mm(841), frameHeight: mm(1983) } as const;
    expect(value(facts, 'sizing.leafWidth')?.ticks).toBe(mm(834));
    expect(value(facts, 'sizing.overAll')).toMatchObject({ width: mm(860), height: mm(1985.5) });
    expect(value(facts, 'sizing.nominal')?.term).toBe('=860 × 1985');
    expect(value({ ...facts, leafEdge: undefined }, 'sizing.overAll')).toBeUndefined();
  });
  it('and the other way round: a recorded size is that over all', () => {
    const facts = { leafEdge: 'rebated', leafWidth: mm(860), leafHeight: mm(1985) } as const;
    expect(value(facts, 'sizing.leafWidth')?.ticks).toBe(mm(834));
    expect(value(facts, 'sizing.leafHeight')?.ticks).toBe(mm(1972));
    expect(value(facts, 'sizing.frameWidth')?.ticks).toBe(mm(841));
    expect(value({ ...facts, leafEdge: 'flush' }, 'sizing.frameWidth')?.ticks).toBe(mm(867));
  });
  it('stands in the opening that the wall is built with: 885 × 2005, in steel and in timber', () => {
    for (const frameMaterial of ['steel', 'timber'] as const) {
      const facts = { frameMaterial, frameWidth: mm(841), frameHeight: mm(1983) };
      expect(value(facts, 'sizing.wallWidth')?.ticks).toBe(mm(885));
      expect(value(facts, 'sizing.wallHeight')?.ticks).toBe(mm(2005));
    }
  });
  it('opens before the frame: its clear width is between the stops', () => {
    const facts = { leafEdge: 'rebated', frameWidth: mm(841), stopWidth: mm(15) } as const;
    expect(value({ ...facts, frameHeight: mm(1983) }, 'hanging.clearWidth')?.ticks).toBe(mm(811));
  });
});
