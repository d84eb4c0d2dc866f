import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const { surfaceCloser, concealedCloser } = PRACTICES['us-commercial'].values.bodies.value;
const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES['us-commercial']);
const bodies = (facts: Partial<OpeningFacts>) =>
  decide(facts).solids.filter((one) => one.owner === 'closer');

describe('the body of a closer', () => {
  const leaf = decide({}).results.sizing.leaves[0]!;
  it('stands outside the face it is on, against the hinge edge’s top corner', () => {
    const [pull] = bodies({ closer: 'surface-pull' });
    expect(pull).toMatchObject({ how: 'on-pull', z: [-surfaceCloser.through, 0] });
    const [push] = bodies({ closer: 'surface-push' });
    const { thickness, height } = leaf;
    expect(push).toMatchObject({
      how: 'on-push',
      z: [thickness!, thickness! + surfaceCloser.through],
      y: [height! - surfaceCloser.up, height],
      x: [surfaceCloser.up, surfaceCloser.up + surfaceCloser.across],
    });
  });
  it('is let into the middle of the top rail where it is concealed', () => {
    const [inside] = bodies({ closer: 'concealed-overhead' });
    expect(inside).toMatchObject({ how: 'in', keep: concealedCloser.keep });
    expect((inside!.z[0] + inside!.z[1]) / 2).toBe(leaf.thickness! / 2);
    expect(inside!.z[1] - inside!.z[0]).toBe(concealedCloser.through);
    expect(inside!.y[1]).toBe(leaf.height);
  });
  it('takes nothing of the leaf in floor or head, without one, or while nobody said', () => {
    for (const closer of ['floor', 'head', 'none', 'unknown', undefined] as const)
      expect(bodies({ closer })).toEqual([]);
  });
  it('stands on the upper leaf of a stable door, on both of a pair', () => {
    expect(bodies({ kind: 'stable', closer: 'surface-pull' }).map((one) => one.leaf)).toEqual([
      'upper',
    ]);
    const pair = { kind: 'unequal-pair', leafWidth: inches(36), frameWidth: inches(60) } as const;
    expect(bodies({ ...pair, closer: 'surface-pull' }).map((one) => one.leaf)).toEqual([
      'active',
      'inactive',
    ]);
  });
});
