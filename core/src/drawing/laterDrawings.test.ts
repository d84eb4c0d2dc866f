import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { armDrawing } from './armDrawing.js';
import { bottomSection } from './bottomSection.js';
import type { DrawingModel } from './model.js';

const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES['us-commercial']);
const figures = (model: DrawingModel | undefined) =>
  (model?.elements ?? []).flatMap((one) =>
    one.kind === 'dimension' ? [[one.part, one.ticks] as const] : [],
  );
const parts = (model: DrawingModel | undefined, part: string) =>
  (model?.elements ?? []).filter((one) => 'part' in one && one.part === part);

describe('the closer in plan', () => {
  it('shows its template points while the leaf is shut, and stands in the same frame at every angle', () => {
    const decided = decide({ closer: 'any' });
    const shut = armDrawing(decided, 0)!;
    const { spindleAlong, shoeAlong } = decided.practice.values.closerArms.value.regular;
    expect(figures(shut)).toEqual([
      ['closing.template', spindleAlong],
      ['closing.template', shoeAlong],
    ]);
    const open = armDrawing(decided, 70)!;
    expect(figures(open)).toEqual([]);
    expect(open.extents).toEqual(shut.extents);
    expect(parts(open, 'closing.device').length).toBeGreaterThan(1);
  });
  it('shows no arm beyond what it reaches, none in the floor, none without a closer', () => {
    const decided = decide({ closer: 'any' });
    expect(parts(armDrawing(decided, 179), 'closing.device')).toEqual([]);
    expect(armDrawing(decide({ kind: 'double-acting', closer: 'any' }), 0)).toBeUndefined();
    expect(armDrawing(decide({ closer: 'none' }), 0)).toBeUndefined();
  });
  it('shows a roller in its track', () => {
    const track = { 'closing.device': { value: 'track-pull', reason: 'seen less' } };
    const model = armDrawing(decide({ closer: 'any', choices: track }), 45);
    expect(parts(model, 'closing.device')).toHaveLength(2);
  });
});

describe('the bottom of the leaf cut through', () => {
  it('has gap, threshold and thickness as decided', () => {
    const decided = decide({ exterior: true, threshold: 'plain', thresholdHeight: inches(0.5) });
    expect(Object.fromEntries(figures(bottomSection(decided)))).toEqual({
      'sizing.undercut': decided.results.sizing.undercut,
      'sealing.threshold': inches(0.5),
      'sizing.leafThickness': inches(1.75),
    });
  });
  it.each([
    ['sweep', 3],
    ['drop-surface', 3],
    ['drop-half', 3],
    ['drop-full', 3],
    ['none', 0],
  ] as const)('draws what seals it: %s', (bottomSeal, count) => {
    const model = bottomSection(decide({ bottomSeal, undercut: mm(8) }));
    expect(parts(model, 'sealing.bottom')).toHaveLength(count);
  });
  it('draws a seal on the face that no rod runs down', () => {
    const across = {
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
      lockKind: 'rods-surface',
    };
    const left = (facts: object) =>
      Math.min(
        ...parts(
          bottomSection(decide({ bottomSeal: 'drop-surface', undercut: mm(8), ...facts })),
          'sealing.bottom',
        ).flatMap((one) => (one.kind === 'line' ? one.points.map(({ x }) => x) : [])),
      );
    expect(left(across)).toBeLessThan(0);
    expect(left({ ...across, lockKind: 'rods-concealed' })).toBeGreaterThan(0);
  });
  it('is none while the size is open', () => {
    expect(bottomSection(decide({ frameHeight: undefined }))).toBeUndefined();
  });
});
