import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { LOCK_KINDS } from '../securing/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { anyFacts, soundFacts } from '../testing/arbitrary.js';
import {
  heightsDrawing,
  layout,
  lockSection,
  strikeFace,
  writeSvg,
  type DrawingModel,
} from './index.js';
import { DOOR } from '../testing/door.js';

const base: OpeningFacts = { ...DOOR, secured: true, lockUse: 'store', lockKind: 'mortise' };
const us = (facts: Partial<OpeningFacts> = {}) =>
  decideOpening({ ...base, ...facts }, PRACTICES['us-commercial']);
const dimensions = (model: DrawingModel | undefined, part: string) =>
  model!.elements.flatMap((one) =>
    one.kind === 'dimension' && one.part === part ? [one.ticks] : [],
  );

describe('the drawings of a lock', () => {
  it('stand within their extents as sound SVG, for anything that could be stored', () => {
    const withLock = fc
      .tuple(fc.oneof(anyFacts, soundFacts), fc.constantFrom(...LOCK_KINDS))
      .map(([facts, lockKind]) => ({ ...facts, lockKind }));
    fc.assert(
      fc.property(withLock, fc.boolean(), (facts, ajar) => {
        const decided = decideOpening(facts, PRACTICES.continental);
        for (const model of [
          lockSection(decided, ajar),
          strikeFace(decided),
          heightsDrawing(decided),
        ]) {
          if (!model) continue;
          const { box } = layout(model, { system: 'metric' });
          expect(box.every(Number.isFinite)).toBe(true);
          expect(writeSvg(model, { system: 'metric' }, 'x')).not.toMatch(/NaN|Infinity|undefined/);
        }
      }),
      { numRuns: 120 },
    );
  });
  it('show the figures that were decided', () => {
    const decided = us({
      leafConstruction: 'timber-panelled-hardwood',
      midRail: 0,
      stileWidth: inches(5),
    });
    const section = lockSection(decided)!;
    expect(dimensions(section, 'securing.backset')).toEqual([inches(2.75)]);
    expect(dimensions(section, 'stileWidth')).toEqual([inches(5)]);
    expect(dimensions(section, 'securing.kind')).toEqual([inches(4.125)]);
    const { toFlat, lip } = decided.results.securing.strike!;
    expect(dimensions(section, 'securing.strike')).toEqual([toFlat, lip]);
    expect(dimensions(section, 'handle').sort((a, b) => a - b)).toEqual([
      decided.results.securing.fit!.fingersPush,
      decided.results.securing.fit!.fingersPull,
    ]);
    expect(dimensions(strikeFace(decided), 'securing.strike')).toEqual(
      expect.arrayContaining([toFlat, lip, inches(4.875)]),
    );
  });
  it('are the same for both hands: the cut is drawn from the lock edge', () => {
    expect(lockSection(us({ hingeSide: 'right' }))).toEqual(lockSection(us({ hingeSide: 'left' })));
  });
  it('move the leaf, not the frame, when it stands ajar', () => {
    const frame = (model: DrawingModel) => model.elements.filter((one) => one.layer === 'frame');
    const leaf = (model: DrawingModel) => model.elements.filter((one) => one.layer === 'leaf');
    const [closed, ajar] = [lockSection(us())!, lockSection(us(), true)!];
    expect(frame(ajar)).toEqual(frame(closed));
    expect(leaf(ajar)).not.toEqual(leaf(closed));
  });
  it('show bands of reach and escape where they are, above the floor to come', () => {
    const decided = us({ floorFinish: inches(0.5) });
    const bands = heightsDrawing(decided)!.elements.flatMap((one) =>
      one.kind === 'line' && (one.layer === 'reach' || one.layer === 'escape')
        ? [one.points.map((point) => point.y)]
        : [],
    );
    for (const ys of bands) {
      expect(Math.min(...ys)).toBe(inches(34.5));
      expect(Math.max(...ys)).toBe(inches(48.5));
    }
    expect(bands.length).toBe(2);
    expect(dimensions(heightsDrawing(decided), 'securing.height')).toEqual(
      expect.arrayContaining([inches(40.3125), inches(84 - 0.5 - 40.3125)]),
    );
  });
  it('draw nothing cut where nothing is: rods, rim locks, no lock', () => {
    const pair = { kind: 'pair', active: 'left', frameWidth: inches(72) } as const;
    expect(strikeFace(us({ ...pair, lockKind: 'rods-surface' }))).toBeUndefined();
    expect(strikeFace(us({ lockKind: 'rim-lock' }))).toBeUndefined();
    expect(lockSection(us({ lockKind: 'rim-lock' }))).toBeDefined();
    expect(lockSection(us({ lockKind: 'none' }))).toBeUndefined();
  });
  it('draw an existing cut-out where it was measured', () => {
    const model = strikeFace(
      us({ strikeAt: inches(41), strikeCutHeight: inches(3), strikeCutWidth: inches(1) }),
    )!;
    const old = model.elements.find((one) => one.layer === 'off')!;
    const ys = old.kind === 'line' ? old.points.map((point) => point.y) : [];
    const off = inches(41) - inches(40.3125);
    expect([Math.min(...ys), Math.max(...ys)]).toEqual([off - inches(1.5), off + inches(1.5)]);
  });
  it('give the halves of a profile cylinder', () => {
    const decided = decideOpening(
      { ...base, lockKind: 'profile', leafThickness: mm(54) },
      PRACTICES.continental,
    );
    expect(dimensions(lockSection(decided), 'securing.cylinder')).toEqual([mm(35), mm(35)]);
  });
});
