import fc from 'fast-check';
import { LOCK_SPECS, type LockSpec } from '../catalogue/index.js';
import { decideOpening } from '../deciding/index.js';
import { passageOf } from '../machines/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { projectBasis } from '../project/index.js';
import { madeOpening, numbersFrom } from '../testing/madeOpening.js';
import { compared, DANGERS, dangersAt, isShutIn } from '../testing/peopleAtDoor.js';

const SEED = 20_261_201;
const COUNT = 5_000;

const BASES = Object.fromEntries(PRACTICE_IDS.map((id) => [id, projectBasis(id)]));
const basisOf = (practice: PracticeId) => BASES[practice]!;

describe('people at a door', () => {
  it(`${COUNT} made openings: no danger without its finding, and no finding without its danger`, () => {
    const numbers = numbersFrom(SEED);
    const wrong: unknown[] = [];
    const seen = new Map<string, number>();
    for (let at = 0; at < COUNT; at++) {
      const { facts, practice } = madeOpening(numbers, basisOf);
      const decided = decideOpening(facts, basisOf(practice), { explain: false });
      for (const danger of dangersAt(decided)) seen.set(danger, (seen.get(danger) ?? 0) + 1);
      const { missed, untrue } = compared(decided);
      for (const one of [...missed, ...untrue])
        wrong.push(`${one}: ${practice} ${JSON.stringify(facts)}`);
    }
    expect(wrong).toEqual([]);
    // Each danger was met often enough to have been seen.
    expect(DANGERS.filter((danger) => (seen.get(danger) ?? 0) < 20)).toEqual([]);
  });

  it('come through each lock of the catalogue as its machine says', () => {
    for (const spec of LOCK_SPECS)
      for (const face of ['inside', 'outside'] as const)
        for (const condition of ['locked', 'no-power'] as const)
          expect([spec.id, face, condition, machineSays(spec, face, condition)]).toEqual([
            spec.id,
            face,
            condition,
            !isShutIn(spec, face, condition === 'no-power' && !spec.battery),
          ]);
  });

  it('come through any lock that could be made as its machine says', () => {
    const works = fc.subarray(['bolt', 'outside', 'inside', 'latch'] as const);
    const handle = fc.constantFrom('moves', 'rigid', 'none' as const);
    const anySpec: fc.Arbitrary<LockSpec> = fc.record({
      id: fc.constant('own-any'),
      latch: fc.constantFrom('none', 'spring', 'dead-latching', 'roller'),
      bolt: fc.boolean(),
      outsideHandle: handle,
      insideHandle: handle,
      handleDrawsBolt: fc.boolean(),
      outsideKey: works,
      insideKey: works,
      insideTurn: works,
      outsideTurn: works,
      insideButton: fc.boolean(),
      edgeStops: fc.boolean(),
      freedBy: fc.constant([]),
      heldBackBy: fc.constant([]),
      delayed: fc.constant(false),
      boltsOnClosing: fc.boolean(),
      startsBlocked: fc.boolean(),
      emergency: fc.constant(false),
      power: fc.constantFrom('none', 'fail-secure', 'fail-safe'),
      battery: fc.constant(false),
    }) as fc.Arbitrary<LockSpec>;
    fc.assert(
      fc.property(
        anySpec,
        fc.constantFrom('inside', 'outside'),
        fc.constantFrom('locked', 'no-power'),
        (spec, face, condition) => {
          expect(machineSays(spec, face, condition)).toBe(
            !isShutIn(spec, face, condition === 'no-power'),
          );
        },
      ),
      { numRuns: 2000, seed: SEED },
    );
  });
});

function machineSays(
  spec: LockSpec,
  face: 'inside' | 'outside',
  condition: 'locked' | 'no-power',
): boolean {
  return passageOf({ locks: [spec], release: undefined }, face, condition, false).who === 'anybody';
}
