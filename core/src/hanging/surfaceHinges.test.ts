import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { strapFor } from './surfaceHinges.js';

const gate = (facts: Partial<OpeningFacts> = {}) =>
  decideOpening(
    {
      ...DOOR,
      role: 'gate',
      exterior: true,
      frameWidth: inches(42),
      frameHeight: inches(72),
      rating: 0,
      ...facts,
    },
    PRACTICES['us-commercial'],
  );
const room = (facts: Partial<OpeningFacts> = {}) =>
  decideOpening(
    {
      mark: '1',
      kind: 'single',
      role: 'bedroom',
      leafEdge: 'rebated',
      frameMaterial: 'timber',
      frameWidth: mm(841),
      frameHeight: mm(1983),
      leafThickness: mm(40),
      leafConstruction: 'timber-hollow',
      hingeSide: 'left',
      swing: 'in',
      frequency: 'low',
      ...facts,
    },
    PRACTICES.continental,
  );
type Decided = ReturnType<typeof gate>;
const of = (decided: Decided, name: string) =>
  decided.decisions.find(({ key }) => key === `hanging.${name}`);
const device = ({ results }: Decided) => results.hanging.device;
const hinge = ({ items }: Decided) => items.find(({ stage }) => stage === 'hanging');
const codes = ({ findings }: Decided) => findings.map(({ level, code }) => `${level} ${code}`);
const take = (device: string) => ({
  choices: { 'hanging.device': { value: device, reason: 'tried' } },
});

describe('a gate', () => {
  it('hangs on T-hinges, whose straps reach about half across, two when low and three when high', () => {
    expect(device(gate())).toBe('tee-hinge');
    expect(hinge(gate())).toMatchObject({
      term: 'item.teeHinge',
      quantity: 3,
      length: inches(18),
    });
    expect(hinge(gate({ frameHeight: inches(48) }))).toMatchObject({ quantity: 2 });
    // Its pins are nobody's question: nothing is let in.
    expect(of(gate(), 'pin')).toBeUndefined();
    expect(of(gate(), 'screws')!.value).toMatchObject({ term: 'screws.bolts' });
    expect(gate().results.hanging.leaves[0]!.positions).toHaveLength(3);
    expect(of(gate(), 'clearWidth')).toBeDefined();
  });

  it('takes the strap nearest to half across, as made', () => {
    const us = PRACTICES['us-commercial'];
    expect(strapFor(us, inches(24))).toBe(inches(12));
    expect(strapFor(us, inches(26) - 1)).toBe(inches(12));
    expect(strapFor(us, inches(26))).toBe(inches(14));
    expect(strapFor(us, inches(80))).toBe(inches(24));
    expect(strapFor(PRACTICES.british, mm(911.5))).toBe(mm(450));
  });

  it('hangs a rated leaf otherwise, and offers straps to no other door', () => {
    expect(device(gate({ rating: 60 }))).toBe('butt');
    const values = (decided: Decided) => of(decided, 'device')!.alternatives.map((a) => a.value);
    expect(values(gate())).toContain('tee-hinge');
    expect(values(gate({ role: 'office' }))).not.toContain('tee-hinge');
    expect(values(gate({ role: 'office' }))).not.toContain('drill-in');
  });
});

describe('a rebated leaf of timber', () => {
  it('hangs on two drill-in hinges as a room door, on three when rated or heavy', () => {
    expect(device(room())).toBe('drill-in');
    expect(hinge(room())).toMatchObject({ term: 'item.drillIn', quantity: 2 });
    expect(codes(room())).not.toContain('note hanging.drillInListed');
    expect(of(room(), 'screws')).toBeUndefined();
    const rated = room({ rating: 30 });
    expect(hinge(rated)).toMatchObject({ quantity: 3 });
    expect(codes(rated)).toContain('note hanging.drillInListed');
    expect(hinge(room({ leafMass: 40_000 }))).toMatchObject({ quantity: 2 });
    const heavy = room({ leafMass: 40_001 });
    expect(hinge(heavy)).toMatchObject({ quantity: 3 });
    expect(phraseText(of(heavy, 'count')!.reasons[0]!, { system: 'metric' })).toMatch(
      /^3: the leaf is 40/,
    );
  });

  it.each([
    [1983, 1435],
    [2108, 1560],
  ])('stands on the reference lines of a rebate %i mm high, %i mm apart', (height, apart) => {
    const { headGap } = room({ frameHeight: mm(height) }).results.sizing;
    const [first, last] = room({ frameHeight: mm(height) }).results.hanging.leaves[0]!.positions!;
    const knuckle = PRACTICES.continental.values.surfaceKnuckle.value;
    expect(headGap! + first! + knuckle / 2).toBe(mm(241));
    expect(last! - first!).toBe(mm(apart));
  });

  it('takes let-in hinges beyond what three carry, in metal, and where the edge is flush', () => {
    const traits = (leafMass: number) => hinge(room({ leafMass }))?.traits;
    expect(traits(60_000)).not.toContain('weight.heavy');
    expect(traits(60_001)).toContain('weight.heavy');
    expect(device(room({ leafMass: 120_000 }))).toBe('drill-in');
    for (const facts of [
      { leafMass: 120_001 },
      { leafConstruction: 'steel-honeycomb-18' as const },
      { leafEdge: 'flush' as const },
    ])
      expect(device(room(facts))).toBe('butt');
    expect(codes(room(take('butt')))).toContain('note hanging.rebatedHinges');
    expect(codes(room())).not.toContain('note hanging.rebatedHinges');
  });
});
