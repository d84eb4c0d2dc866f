import fc from 'fast-check';
import { CLOSER_KINDS } from '../../closing/index.js';
import { decideOpening, type DecidedOpening } from '../../deciding/index.js';
import { inches } from '../../measure/index.js';
import type { OpeningFacts } from '../../model/index.js';
import { PRACTICES } from '../../project/index.js';
import { LOCK_KINDS } from '../../securing/index.js';
import { DOOR } from '../../testing/door.js';
import { draw, lockSection, rodEnds, type DrawingModel } from '../index.js';
import { mirror, type Element } from '../model.js';
import { butt, faceShape, type Face } from './face.js';

const us = PRACTICES['us-commercial'];
const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...DOOR, secured: true, lockUse: 'store', ...facts }, us);

/** What of a drawing is hardware, in numbers that can be compared: whatever order its points are in. */
function shapesOf(elements: readonly Element[]): string[] {
  const at = ({ x, y }: { x: number; y: number }) => `${Math.round(x)} ${Math.round(y)}`;
  return elements
    .flatMap((one) => {
      if (one.layer !== 'hardware' && one.layer !== 'detail' && one.layer !== 'hidden') return [];
      if (one.kind === 'circle') return [`o ${at(one.centre)} ${Math.round(one.radius)}`];
      return one.kind === 'line' ? [`l ${one.points.map(at).sort().join(',')}`] : [];
    })
    .sort();
}
const of = (model: DrawingModel, part: string, layer = 'hardware') =>
  model.elements.filter((one) => one.part === part && one.layer === layer);

const anyHardware = fc.record({
  lockKind: fc.constantFrom(...LOCK_KINDS),
  handle: fc.constantFrom('lever' as const, 'knob' as const),
  closer: fc.constantFrom('none' as const, ...CLOSER_KINDS),
  kickPlate: fc.constantFrom(undefined, inches(10)),
  bottomSeal: fc.constantFrom('none' as const, 'sweep' as const, 'drop-surface' as const),
  swing: fc.constantFrom('in' as const, 'out' as const),
});

describe('hardware on a face', () => {
  it('is the mirror image on the other hand', () => {
    fc.assert(
      fc.property(anyHardware, (facts) => {
        const left = decide({ ...facts, hingeSide: 'left' });
        const right = decide({ ...facts, hingeSide: 'right' });
        const width = left.results.sizing.frameWidth!;
        for (const view of ['elevation-outside', 'elevation-inside', 'plan'] as const)
          expect(shapesOf(draw(right, view).elements)).toEqual(
            shapesOf(mirror(draw(left, view).elements, width)),
          );
      }),
      { numRuns: 60 },
    );
  });
  it('is seen full on one face and dashed through the other', () => {
    const decided = decide({ lockKind: 'rim-exit', hingeSide: 'left', swing: 'out' });
    // It swings out: outside is the pull face, the bar stands inside.
    const [outside, inside] = (['elevation-outside', 'elevation-inside'] as const).map((view) =>
      draw(decided, view),
    ) as [DrawingModel, DrawingModel];
    const bars = (model: DrawingModel) =>
      of(model, 'lockKind').filter((one) => one.kind === 'line' && widthOf(one) > inches(12));
    expect(bars(outside)).toEqual([]);
    expect(bars(inside)).toHaveLength(1);
    expect(of(outside, 'lockKind', 'hidden').length).toBeGreaterThan(0);
  });
  it('shows a key where one works, a turn or button where there is one', () => {
    const rings = (lockUse: 'classroom' | 'office' | 'passage', side: 'outside' | 'inside') =>
      of(
        draw(
          decide({ lockKind: 'cylindrical', lockUse, hingeSide: 'left', swing: 'in' }),
          `elevation-${side}`,
        ),
        'lockKind',
        'detail',
      ).length;
    expect(rings('classroom', 'outside')).toBeGreaterThan(rings('passage', 'outside'));
    expect(rings('classroom', 'inside')).toBe(rings('passage', 'inside'));
    expect(rings('office', 'inside')).toBeGreaterThan(rings('passage', 'inside'));
  });
  it('screws a plate along its edges, evenly and within it', () => {
    const face = { width: inches(36), height: inches(84) } as Face;
    const box = { left: inches(1), right: inches(35), bottom: 0, top: inches(10) };
    const screws = faceShape('solid.kickPlate', box, face).flatMap((one) =>
      one.kind === 'circle' ? [one.centre] : [],
    );
    expect(screws).toHaveLength(2 * 8 + 2);
    for (const { x, y } of screws)
      expect(x > box.left && x < box.right && y > box.bottom && y < box.top).toBe(true);
  });
  it('gives a butt five knuckles and two tips', () => {
    const strokes = butt({ left: -100, right: 100, bottom: 0, top: 1000 });
    expect(strokes.filter(({ layer }) => layer === 'detail')).toHaveLength(4);
    expect(strokes.filter(({ layer }) => layer === 'hardware')).toHaveLength(3);
  });
  it('what has no shape of its own is its box', () => {
    const box = { left: 0, right: 2, bottom: 0, top: 3 };
    expect(faceShape('solid.unknown', box, {} as Face)).toEqual([
      {
        kind: 'line',
        layer: 'hardware',
        closed: true,
        points: [
          { x: 0, y: 0 },
          { x: 2, y: 0 },
          { x: 2, y: 3 },
          { x: 0, y: 3 },
        ],
      },
    ]);
  });
});

describe('the cut through a lock', () => {
  const figures = (decided: DecidedOpening, part: string) =>
    lockSection(decided)!.elements.flatMap((one) =>
      one.kind === 'dimension' && one.part === part ? [one.ticks] : [],
    );
  it('of an exit device says how far it stands off and reaches, and its backset', () => {
    const decided = decide({ lockKind: 'rim-exit' });
    const { rimCase } = us.values.bodies.value;
    expect(figures(decided, 'securing.kind')).toEqual([rimCase.across, rimCase.through]);
    expect(figures(decided, 'securing.backset')).toEqual([decided.results.securing.backset]);
    // Its latch crosses the gap to the keep.
    const latch = of(lockSection(decided)!, 'securing.engagement');
    expect(latch).toHaveLength(1);
    expect(Math.max(...xs(latch[0]!))).toBeGreaterThan(decided.results.securing.strike!.gap);
  });
  it('of a rim lock shows its case on the inside, whichever way the leaf swings', () => {
    for (const swing of ['in', 'out'] as const) {
      const decided = decide({ lockKind: 'rim-lock', swing, hingeSide: 'left' });
      const [box] = of(lockSection(decided)!, 'securing.kind');
      const t = decided.results.securing.leaf!.thickness;
      // Pull is up: swinging out, the inside is the push face below the leaf.
      expect(ys(box!).every((y) => (swing === 'out' ? y <= -t : y >= 0))).toBe(true);
    }
  });
  it('of rods is joined by their ends in head and floor', () => {
    const ends = rodEnds(decide({ lockKind: 'rods-concealed' }))!;
    const gaps = ends.elements.flatMap((one) =>
      one.kind === 'dimension' ? [[one.part, one.ticks]] : [],
    );
    const { headGap, undercut } = decide({}).results.sizing;
    expect(gaps).toContainEqual(['sizing.headGap', headGap]);
    expect(gaps).toContainEqual(['sizing.undercut', undercut]);
    const bolts = (facts: Partial<OpeningFacts>) =>
      of(rodEnds(decide({ lockKind: 'rods-concealed', ...facts }))!, 'lockKind').length;
    expect(bolts({ plainFloor: true })).toBeLessThan(bolts({}));
    expect(rodEnds(decide({ lockKind: 'mortise' }))).toBeUndefined();
  });
});

function xs(one: Element): number[] {
  return one.kind === 'line' ? one.points.map(({ x }) => x) : [];
}
function ys(one: Element): number[] {
  return one.kind === 'line' ? one.points.map(({ y }) => y) : [];
}
function widthOf(one: Element): number {
  return Math.max(...xs(one)) - Math.min(...xs(one));
}
