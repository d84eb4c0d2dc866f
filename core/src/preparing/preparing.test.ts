import fc from 'fast-check';
import { boxMeasures, practiceWith, productFromBox, readProducts } from '../catalogue/index.js';
import { decideOpening, preparationOf } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { LOCK_KINDS } from '../securing/index.js';
import { projectBasis, PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { TERMS } from '../phrasing/index.js';
import { holeRow, lockPreparation } from './index.js';
import { DOOR } from '../testing/door.js';

const base: OpeningFacts = { ...DOOR, frameMaterial: 'timber', secured: true, lockUse: 'store' };
const prepared = (facts: Partial<OpeningFacts>, id: keyof typeof PRACTICES = 'us-commercial') => {
  const decided = decideOpening({ ...base, ...facts }, PRACTICES[id]);
  return lockPreparation(
    decided.facts,
    decided.practice,
    decided.results.sizing,
    decided.results.securing,
  );
};
const ticks = (preparation: ReturnType<typeof prepared>, name: string) =>
  preparation!.groups
    .flatMap((group) => group.lines)
    .find((line) => line.name === `prep.${name}`)
    ?.values.map((value) => (value.type === 'length' ? value.ticks : undefined));

describe('a row of holes', () => {
  it('clears its pocket end to end, overlapping, with little left to pare', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 300 }),
        fc.integer({ min: 8, max: 40 }),
        (up, through) => {
          const { bit, count, pitch, centres, ridge } = holeRow(
            mm(up),
            mm(through),
            mm(1.5),
            mm(1),
            2 / 3,
          );
          expect(bit).toBeGreaterThanOrEqual(mm(through + 1.5));
          expect(bit).toBeLessThan(mm(through + 2.5) + 1);
          expect(bit % mm(1)).toBe(0);
          expect(centres.length).toBe(count);
          expect(centres[0]).toBe(bit / 2);
          if (mm(up) > bit) expect(centres[count - 1]).toBe(mm(up) - bit / 2);
          centres.slice(1).forEach((centre, index) => {
            expect(centre - centres[index]!).toBeLessThanOrEqual((bit * 2) / 3 + 1);
            expect(Math.abs(centre - centres[index]! - pitch)).toBeLessThanOrEqual(1);
          });
          // What stands between two holes: the rest of a chord, on each side.
          const half = bit / 2;
          const chord = Math.sqrt(half ** 2 - (pitch / 2) ** 2);
          expect(Math.abs(ridge - (half - chord))).toBeLessThanOrEqual(2);
          expect(ridge).toBeLessThan(bit * 0.14);
        },
      ),
    );
  });
  it('is, for a case of 16 by 155, thirteen holes of 18, no further apart than two thirds of the bit', () => {
    const row = holeRow(mm(155), mm(16), mm(1.5), mm(1), 2 / 3);
    expect([row.bit / mm(1), row.count]).toEqual([18, 13]);
    expect(row.pitch / mm(1)).toBeCloseTo((155 - 18) / 12, 1);
  });
});

describe('a lock by a lever key', () => {
  const british = (facts: Partial<OpeningFacts>) =>
    prepared(
      { leafThickness: mm(44), leafConstruction: 'timber-panelled-softwood', ...facts },
      'british',
    );
  const all = (preparation: ReturnType<typeof prepared>, name: string) =>
    ticks(preparation, name)?.map((one) => one! / 320);
  it('has a key hole with its slot, and no hole for a cylinder', () => {
    for (const lockKind of ['sash', 'mortise-dead', 'rim-lock'] as const) {
      const sheet = british({ lockKind, lockUse: 'dwelling' });
      expect([lockKind, all(sheet, 'leverKeyHole')]).toEqual([lockKind, [10]]);
      expect(all(sheet, 'leverKeySlot')).toEqual([6, 20]);
      expect(all(sheet, 'keyHole')).toBeUndefined();
      expect(all(sheet, 'cylinder')).toBeUndefined();
    }
    expect(all(british({ lockKind: 'profile', lockUse: 'dwelling' }), 'keyHole')).toEqual([17]);
  });
  it('as a mortice dead lock has a pocket in the middle of the leaf and no spindle', () => {
    const sheet = british({ lockKind: 'mortise-dead', lockUse: 'dwelling', backset: mm(44) });
    // The case is 19 behind its backset, 90 high and 16 through; a bit of 18 in a row of holes.
    expect(all(sheet, 'pocket')).toEqual([90, 18, 63]);
    expect(all(sheet, 'backset')).toEqual([44]);
    expect(all(sheet, 'inThickness')).toEqual([22]);
    expect(all(sheet, 'spindleHole')).toBeUndefined();
    expect(all(sheet, 'keyBelow')).toBeUndefined();
  });
  it('as a rim lock has its flange, its spindle and key through the leaf, and its keep by the trim', () => {
    const sheet = british({
      lockKind: 'rim-lock',
      lockUse: 'office',
      swing: 'in',
      backset: mm(57),
      trimProjection: mm(18),
    });
    expect(all(sheet, 'backset')).toEqual([57]);
    expect(all(sheet, 'flange')).toEqual([75, 14, 2]);
    expect(all(sheet, 'spindleHole')).toEqual([20]);
    // The jamb stands 1 beyond the leaf's pull face, the architrave 18 before that.
    const beyond = PRACTICES.british.values.jambBeyond.value.timber / 320;
    expect(all(sheet, 'keepBack')).toEqual([18 + beyond]);
    expect(
      all(british({ lockKind: 'rim-lock', lockUse: 'office', swing: 'out' }), 'keepBack'),
    ).toBe(undefined);
  });
});

describe('a lock typed from its box', () => {
  const box = productFromBox(
    'sash',
    'Sash case 63',
    {
      backset: mm(45),
      recessUp: mm(95),
      recessAcross: mm(67),
      recessThrough: mm(14),
      frontUp: mm(140),
      frontAcross: mm(20),
      centres: mm(47.5),
    },
    new Set(['box-sash-case-63']),
  );
  it('is a product with a name of its own, and goes before the figures of the practice', () => {
    expect(box).toMatchObject({ id: 'box-sash-case-63-2', type: 'sash', model: 'Sash case 63' });
    expect(readProducts([box]).ok).toBe(true);
    const basis = projectBasis('british', [], undefined, [box]);
    const decided = decideOpening(
      {
        ...base,
        lockKind: 'sash',
        lockUse: 'office',
        leafThickness: mm(40),
        choices: { 'securing.product': { value: box.id, reason: 'in hand' } },
      },
      basis,
    );
    const sheet = preparationOf(decided, basis)!;
    const got = (name: string) => ticks(sheet, name)?.map((one) => one! / 320);
    expect(got('backset')).toEqual([45]);
    // A bit of 16 clears a case of 14 and 1.5 over.
    expect(got('pocket')).toEqual([95, 16, 67]);
    expect(got('front')!.slice(0, 2)).toEqual([140, 20]);
    expect(got('keyBelow')).toEqual([47.5]);
  });
  it('asks of a bored lock for its bore, of a butt for its leaf, of a case for all of it', () => {
    expect(boxMeasures('tubular')).toContain('recessUp');
    expect(boxMeasures('butt')).toEqual(['height', 'width', 'gauge']);
    expect(boxMeasures('mortise-dead')).toEqual(expect.arrayContaining(['frontUp', 'boltThrow']));
    const bored = productFromBox('tubular', 'T', { recessUp: mm(25), gauge: mm(3) }, new Set());
    // What its box does not tell is not taken.
    expect(bored).toEqual({
      id: 'box-t',
      maker: 'from the box',
      model: 'T',
      type: 'tubular',
      recessUp: mm(25),
    });
    const practice = practiceWith(PRACTICES.british, [bored]);
    expect(practice.values.bodies.value.lockBore).toMatchObject({ across: mm(25), up: mm(25) });
  });
});

describe('the numbers of a preparation sheet', () => {
  it('of a bored lock: bores, front, strike, each with its bit', () => {
    const bored = prepared({ lockKind: 'cylindrical' })!;
    expect(ticks(bored, 'crossBore')).toEqual([inches(2.125)]);
    expect(ticks(bored, 'edgeBore')).toEqual([inches(1)]);
    expect(ticks(bored, 'front')).toEqual([2.25, 1, 0.125].map(inches));
    expect(ticks(bored, 'strikePlate')).toEqual([4.875, 1.25, 0.09375].map(inches));
    expect(bored.bits.map((bit) => [bit.kind, bit.size])).toEqual([
      ['saw', inches(2.125)],
      ['bit', inches(1)],
      ['router', inches(0.5)],
      ['pilot', inches(0.09375)],
    ]);
    // Entrances and dead bolts in timber: two screws reach the stud.
    const long = (facts: Partial<OpeningFacts>) => ticks(prepared(facts), 'strikeLong');
    expect(long({ lockKind: 'cylindrical' })).toBe(undefined);
    expect(long({ lockKind: 'mortise', lockUse: 'entrance' })).toEqual([inches(3)]);
    expect(long({ lockKind: 'cylindrical', lockUse: 'dwelling' })).toEqual([inches(3)]);
    expect(long({ lockKind: 'mortise', lockUse: 'entrance', frameMaterial: 'steel' })).toBe(
      undefined,
    );
  });
  it('follows the function: no key hole without a key, no spindle for a bolt alone, a second bolt of its own', () => {
    const sheet = (facts: Partial<OpeningFacts>) => prepared(facts)!;
    const keyed = sheet({ lockKind: 'mortise', lockUse: 'store' });
    expect([ticks(keyed, 'keyHole'), ticks(keyed, 'spindleHole')]).not.toContain(undefined);
    const passage = sheet({ lockKind: 'mortise', lockUse: 'passage' });
    expect(ticks(passage, 'keyHole')).toBe(undefined);
    expect(ticks(passage, 'mortiseCylinder')).toBe(undefined);
    expect(passage.bits.flatMap(({ makes }) => makes)).not.toContain('prep.keyHole');
    const privacy = sheet({ lockKind: 'mortise', lockUse: 'privacy' });
    expect([ticks(privacy, 'keyHole'), ticks(privacy, 'turnHole')]).toEqual([
      undefined,
      ticks(privacy, 'spindleHole'),
    ]);
    const bolt = sheet({
      lockKind: 'narrow-stile',
      lockUse: 'shop',
      leafConstruction: 'aluminium-narrow',
    });
    expect([ticks(bolt, 'spindleHole'), ticks(bolt, 'keyAbove')]).toEqual([undefined, undefined]);
    expect(ticks(bolt, 'keyHole')).toBeDefined();
    const two = sheet({ lockKind: 'cylindrical', lockUse: 'dwelling' });
    const groups = two.groups.map(({ name }) => name);
    expect(groups).toContain('prepGroup.secondBolt');
    expect(sheet({ lockKind: 'cylindrical' }).groups.map(({ name }) => name)).not.toContain(
      'prepGroup.secondBolt',
    );
  });
  it('of a cased lock: pocket with its row, face holes, key above or below by school', () => {
    const mortise = prepared({ lockKind: 'mortise' })!;
    expect(ticks(mortise, 'pocket')).toEqual([6, 1.0625, 4.125].map(inches));
    expect(mortise.row?.bit).toBe(inches(1.0625));
    expect(ticks(mortise, 'keyAbove')).toEqual([inches(2.5)]);
    const profile = prepared({ lockKind: 'profile', leafThickness: mm(40) }, 'continental')!;
    expect(ticks(profile, 'keyBelow')).toEqual([mm(72)]);
    expect(ticks(profile, 'cylinder')).toEqual([mm(30), mm(30)]);
    expect(ticks(profile, 'backsetFaces')).toBeUndefined();
  });
  it('add the overlap of a rebated meeting edge to the backset', () => {
    const pair = { kind: 'pair', active: 'left', lockKind: 'mortise' } as const;
    const rebated = prepared({ ...pair, frameWidth: inches(72), meetingEdge: 'rebated' });
    const { rebate } = PRACTICES['us-commercial'].values;
    expect(ticks(rebated, 'backsetOverlap')).toEqual([inches(2.75) + rebate.value]);
    expect(
      ticks(prepared({ ...pair, frameWidth: inches(72), meetingEdge: 'square' }), 'backsetOverlap'),
    ).toBeUndefined();
  });
  it('place the lock from every datum, the strike from the frame’s own', () => {
    const sheet = prepared({
      lockKind: 'mortise',
      lockHeight: inches(40),
      floorFinish: inches(0.5),
    });
    // 84 − 1/2 to come − 40.
    expect(ticks(sheet, 'fromHead')).toEqual([inches(43.5)]);
    expect(ticks(sheet, 'strikeFromHead')).toEqual([inches(43.5)]);
    expect(ticks(sheet, 'fromFloor')).toEqual([inches(40)]);
  });
  it('mind the wire, the board on a face, an old strike, a latch below its reference', () => {
    const notes = (facts: Partial<OpeningFacts>) =>
      prepared(facts)!.notes.map((note) => note.code.replace('preparing.', ''));
    expect(notes({ lockKind: 'mortise' })).toEqual(['bothFaces', 'front', 'marking', 'template']);
    expect(notes({ lockKind: 'rim-lock' })).toEqual(['keepPull', 'template']);
    expect(notes({ lockKind: 'rim-lock', swing: 'out' })).toEqual(['keepPush', 'template']);
    expect(notes({ lockKind: 'night-latch' })).toEqual(['template']);
    expect(notes({ lockKind: 'mortise', faceFiller: inches(0.5), strikeAt: inches(44) })).toEqual([
      'bothFaces',
      'front',
      'proper',
      'marking',
      'oldStrike',
      'template',
    ]);
    const wired = prepared({ lockKind: 'mortise', wireToLeaf: true });
    expect(ticks(wired, 'wireBore')).toEqual([inches(0.375)]);
    const product = { 'securing.product': { value: 'marrowby-m90s', reason: 'named' } };
    const decided = decideOpening(
      { ...base, lockKind: 'mortise', choices: product },
      projectBasis('us-commercial'),
    );
    const { strike, height } = decided.results.securing;
    expect(strike?.below).toBe(inches(0.375));
    const solid = decided.solids.find((one) => one.thing === 'solid.strike')!;
    expect((solid.y[0] + solid.y[1]) / 2 + decided.results.securing.leaf!.bottom).toBe(
      height! - inches(0.375),
    );
    // The strike's own height is its middle's, further from the head than the lock's.
    const below = lockPreparation(
      decided.facts,
      decided.practice,
      decided.results.sizing,
      decided.results.securing,
    )!;
    expect(ticks(below, 'strikeFromHead')).toEqual([ticks(below, 'fromHead')![0]! + inches(0.375)]);
    expect(ticks(prepared({ lockKind: 'mortise' }), 'dustBox')).toEqual([inches(0.75)]);
  });
  it('are the same for both hands: only the drawings are mirrored', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LOCK_KINDS),
        fc.constantFrom('us-commercial' as const, 'british' as const, 'continental' as const),
        fc.constantFrom('in' as const, 'out' as const),
        (lockKind, id, swing) => {
          const [one, other] = (['left', 'right'] as const).map((hingeSide) =>
            prepared({ lockKind, swing, hingeSide }, id),
          );
          expect(other).toEqual(one);
        },
      ),
    );
  });
  it('are named in words, for every kind of lock and both leaves of a pair', () => {
    for (const lockKind of LOCK_KINDS)
      for (const kind of ['single', 'pair'] as const) {
        const sheet = prepared({ lockKind, kind, active: 'left', bolts: 'automatic', rating: 90 });
        if (lockKind === 'none') {
          expect(sheet).toBeUndefined();
          continue;
        }
        const names = [
          ...sheet!.groups.map((group) => group.name),
          ...sheet!.groups.flatMap((group) => group.lines.map((line) => line.name)),
          ...sheet!.bits.flatMap((bit) => [`prepTool.${bit.kind}`, ...bit.makes]),
        ];
        expect(names.filter((name) => !TERMS[name])).toEqual([]);
        for (const { values } of sheet!.groups.flatMap((group) => group.lines))
          for (const value of values)
            if (value.type === 'length') expect(Number.isInteger(value.ticks)).toBe(true);
      }
  });
});
