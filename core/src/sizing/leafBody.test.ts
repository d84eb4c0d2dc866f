import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const { topRail, bottomRail } = PRACTICES.british.values;
const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening(
    {
      ...DOOR,
      leafConstruction: 'timber-panelled-softwood',
      leafThickness: mm(45),
      stileWidth: mm(96),
      ...facts,
    },
    PRACTICES.british,
  );
const of = (facts: Partial<OpeningFacts>, thing: string) =>
  decide(facts).solids.filter((one) => one.thing === thing);

describe('a framed leaf', () => {
  const leaf = decide({}).results.sizing.leaves[0]!;
  it('has tenons two thirds into its stiles, a third as thick, one at each end of each rail', () => {
    const tenons = of({ midRail: 0 }, 'solid.tenon');
    expect(tenons).toHaveLength(4);
    for (const { x, z } of tenons) {
      expect(x[1] - x[0]).toBeCloseTo(mm(64), 0);
      expect(z.map((one) => one / mm(1))).toEqual([15, 30]);
    }
    // From the rail outwards: the last third of the stile stays whole.
    expect(tenons[0]!.x).toEqual([mm(32), mm(96)]);
    expect(tenons[1]!.x[0]).toBe(leaf.width! - mm(96));
    expect(of({}, 'solid.tenon')).toHaveLength(6);
  });
  it('has panels between its rails, from stile to stile', () => {
    const [panel, ...rest] = of({ midRail: 0 }, 'solid.panel');
    expect(rest).toEqual([]);
    expect(panel!.x).toEqual([mm(96), leaf.width! - mm(96)]);
    expect(panel!.y).toEqual([bottomRail.value, leaf.height! - topRail.value]);
    expect(of({}, 'solid.panel')).toHaveLength(2);
  });
  it('of narrow metal has glass and no tenons; a flush one neither', () => {
    expect(of({ leafConstruction: 'aluminium-narrow' }, 'solid.tenon')).toEqual([]);
    expect(of({ leafConstruction: 'aluminium-narrow' }, 'solid.glass').length).toBeGreaterThan(0);
    expect(of({ leafConstruction: 'timber-stave' }, 'solid.tenon')).toEqual([]);
    expect(of({ leafConstruction: 'timber-stave' }, 'solid.panel')).toEqual([]);
  });
  it('has a pane where one is recorded, unless it would be as large as the leaf', () => {
    const pane = { leafConstruction: 'timber-stave', glassWidth: mm(300) } as const;
    const [glass] = of({ ...pane, glassHeight: mm(600) }, 'solid.glass');
    expect([glass!.x[1] - glass!.x[0], glass!.y[1] - glass!.y[0]]).toEqual([mm(300), mm(600)]);
    expect(of({ ...pane, glassHeight: leaf.height }, 'solid.glass')).toEqual([]);
    expect(of({ ...pane, glassHeight: inches(90) }, 'solid.glass')).toEqual([]);
  });
});
