import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts, Solid } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { clashFindings } from './clashFindings.js';
import { clashesAmong, clashesWithLeaf, clashOf, worstClashes } from './index.js';

const side = fc
  .tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 25 }))
  .map(([from, length]): [number, number] => [from, from + length]);
const anySolid: fc.Arbitrary<Solid> = fc.record({
  owner: fc.constantFrom('a', 'b', 'c', 'd'),
  thing: fc.constant('solid.hinge'),
  leaf: fc.constantFrom('leaf' as const, 'upper' as const),
  on: fc.constantFrom('leaf' as const, 'frame' as const),
  how: fc.constantFrom('in', 'on-pull', 'on-push', 'void', 'joint'),
  x: side,
  y: side,
  z: side,
  keep: fc.integer({ min: 0, max: 8 }),
});

function bruteForce(solids: Solid[]) {
  const found = [];
  for (let i = 0; i < solids.length; i++)
    for (let j = i + 1; j < solids.length; j++) {
      const clash = clashOf(solids[i]!, solids[j]!);
      if (clash) found.push(clash);
    }
  return found;
}

const box = (
  owner: string,
  how: Solid['how'],
  x: number[],
  y: number[],
  z: number[],
  keep = 0,
): Solid => ({
  owner,
  thing: 'solid.hinge',
  leaf: 'leaf',
  on: 'leaf',
  how,
  x: x as [number, number],
  y: y as [number, number],
  z: z as [number, number],
  keep,
});

describe('clashes', () => {
  it('are found by the sweep exactly as by comparing each with each', () => {
    fc.assert(
      fc.property(fc.array(anySolid, { maxLength: 40 }), (solids) => {
        expect(clashesAmong(solids)).toEqual(bruteForce(solids));
      }),
      { numRuns: 300 },
    );
  });

  it('do not depend on which of two comes first, nor on a mirror', () => {
    const flip = (solid: Solid): Solid => ({ ...solid, x: [-solid.x[1], -solid.x[0]] });
    fc.assert(
      fc.property(anySolid, anySolid, (a, b) => {
        const [one, other] = [clashOf(a, b), clashOf(b, a)];
        expect(one?.kind).toBe(other?.kind);
        expect(one?.by).toBe(other?.by);
        expect(clashOf(flip(a), flip(b))?.by).toBe(one?.by);
      }),
    );
  });

  it('know an overlap, too little between, one under another, nothing to hold, a cut tenon', () => {
    const lock = box('lock', 'in', [0, 10], [0, 10], [4, 8], 3);
    expect(clashOf(lock, box('wire', 'in', [8, 20], [5, 6], [5, 6]))).toMatchObject({
      kind: 'overlap',
      by: 1,
      box: { x: [8, 10], y: [5, 6], z: [5, 6] },
    });
    expect(clashOf(lock, box('wire', 'in', [12, 20], [5, 6], [5, 6]))).toMatchObject({
      kind: 'thin',
      by: 2,
      wanted: 3,
    });
    expect(clashOf(lock, box('wire', 'in', [13, 20], [5, 6], [5, 6]))).toBeUndefined();
    const plate = box('plate', 'on-push', [0, 30], [0, 10], [12, 13]);
    expect(clashOf(plate, box('sweep', 'on-push', [0, 30], [8, 9], [12, 15]))).toMatchObject({
      kind: 'under',
      by: 1,
    });
    expect(clashOf(plate, box('sweep', 'on-pull', [0, 30], [8, 9], [-3, 0]))).toBeUndefined();
    expect(clashOf(box('glass', 'void', [5, 20], [5, 20], [0, 12]), plate)).toMatchObject({
      kind: 'void',
      a: { owner: 'plate' },
    });
    expect(clashOf(lock, box('rail', 'joint', [5, 20], [5, 20], [5, 7]))?.kind).toBe('joint');
  });

  it('against the leaf itself: out of it, or too little skin; a groove open to a face is meant so', () => {
    const leaf = { id: 'leaf' as const, width: 100, height: 200, thickness: 40 };
    const kinds = (solid: Solid) => clashesWithLeaf([solid], leaf, 5).map((one) => one.kind);
    expect(kinds(box('a', 'in', [90, 110], [0, 10], [10, 30]))).toEqual(['beyond']);
    expect(kinds(box('a', 'in', [80, 100], [0, 10], [3, 30]))).toEqual(['skin']);
    expect(kinds(box('a', 'in', [0, 100], [0, 10], [30, 40]))).toEqual([]);
    expect(kinds(box('a', 'in', [50, 60], [50, 60], [0, 40]))).toEqual([]);
  });
});

describe('what is told of a clash', () => {
  it.each([
    ['overlap', 'stop', 'checking.overlap'],
    ['under', 'stop', 'checking.under'],
    ['void', 'stop', 'checking.void'],
    ['beyond', 'stop', 'checking.beyond'],
    ['thin', 'check', 'checking.thin'],
    ['skin', 'check', 'checking.skin'],
    ['joint', 'check', 'checking.joint'],
  ] as const)('%s is a %s', (kind, level, code) => {
    const a = box('securing.backset', 'in', [0, 10], [0, 10], [4, 8]);
    const b = box('hanging.positions', 'in', [5, 15], [0, 10], [4, 8]);
    const clash = { kind, leaf: 'leaf', on: 'leaf', a, b, box: a, by: 3 } as const;
    // A rail that somebody recorded: what cuts its tenon is no guess.
    const facts = { mark: '1', kind: 'single', midRail: 100 } as const;
    expect(clashFindings([clash], facts).map((one) => [one.level, one.code])).toEqual([
      [level, code],
    ]);
  });
});

describe('the worst of several clashes', () => {
  it('is the most overlap, and the least that is left', () => {
    const wire = (y: number) => box('wire', 'in', [13, 20], [y, y + 2], [5, 6]);
    const lock = box('lock', 'in', [0, 10], [0, 40], [4, 8], 5);
    const near = clashOf(lock, { ...wire(4), x: [11, 20] })!;
    const far = clashOf(lock, wire(20))!;
    expect([near.kind, near.by, far.kind, far.by]).toEqual(['thin', 1, 'thin', 3]);
    expect(worstClashes([far, near])).toEqual([near]);
    const deep = clashOf(lock, { ...wire(4), x: [2, 20] })!;
    const shallow = clashOf(lock, { ...wire(9), x: [9, 20], y: [9, 10] })!;
    expect(worstClashes([shallow, deep]).map((one) => one.by)).toEqual([
      Math.max(shallow.by, deep.by),
    ]);
  });
});

describe('the clashes of an opening', () => {
  const facts: OpeningFacts = {
    mark: '1',
    kind: 'single',
    frameMaterial: 'timber',
    frameWidth: inches(36),
    frameHeight: inches(84),
    leafConstruction: 'timber-stave',
    hingeSide: 'left',
    swing: 'in',
    rating: 0,
    closer: 'any',
  };
  const codes = (more: Partial<OpeningFacts>, practice = PRACTICES['us-commercial']) =>
    decideOpening({ ...facts, ...more }, practice).findings.map((one) => one.code);

  it('the arm of a foot and a full-mortised drop seal; not with a half-mortised one in a thick leaf', () => {
    const pivoted = {
      choices: { 'hanging.device': { value: 'centre-pivot', reason: 'drawn so' } },
      closer: 'floor' as const,
    };
    const full = decideOpening(
      { ...facts, ...pivoted, bottomSeal: 'drop-full' },
      PRACTICES['us-commercial'],
    );
    const clash = full.clashes.find((one) => one.kind === 'overlap')!;
    expect([clash.a.thing, clash.b!.thing]).toEqual(['solid.pivotFoot', 'solid.dropFull']);
    expect(clash.box.x).toEqual([0, inches(10)]);
    expect(clash.box.y).toEqual([0, inches(1.25)]);
    const finding = full.findings.find((one) => one.code === 'checking.overlap')!;
    expect(finding).toMatchObject({ level: 'stop', stage: 'sealing' });
    expect(
      codes({ ...pivoted, bottomSeal: 'drop-half', leafThickness: inches(2.25) }),
    ).not.toContain('checking.overlap');
    expect(codes({ ...pivoted, bottomSeal: 'drop-half' })).toContain('checking.overlap');
  });

  it('a lock case in a panelled leaf: beyond its stile, or through a rail’s tenon', () => {
    const panelled = {
      leafConstruction: 'timber-panelled-hardwood' as const,
      lockKind: 'mortise' as const,
    };
    expect(codes({ ...panelled, stileWidth: inches(3), midRail: 0 })).toContain('checking.void');
    // Rails that nobody recorded are a note, and one only.
    const assumed = codes({ ...panelled, stileWidth: inches(5) });
    expect(assumed.filter((code) => code.startsWith('checking.joint'))).toEqual([
      'checking.jointAssumed',
    ]);
    const rails = { ...panelled, stileWidth: inches(5), bottomRail: inches(9.25) };
    expect(codes(rails)).toContain('checking.joint');
    expect(codes({ ...panelled, stileWidth: inches(5), midRail: 0 })).not.toContain(
      'checking.joint',
    );
  });

  it('a sweep under nothing: the plate stands above it; a plate over an exit device is told', () => {
    expect(codes({ kickPlate: inches(10), bottomSeal: 'sweep' })).not.toContain('checking.under');
    expect(codes({ kickPlate: inches(42), lockKind: 'rim-exit' })).toContain('checking.under');
  });

  it('a thick lock in a thin leaf leaves too little skin; glass takes the closer’s hold', () => {
    expect(codes({ lockKind: 'mortise', leafThickness: inches(1.125) })).toContain('checking.skin');
    expect(
      codes({
        closer: 'surface-pull',
        glassWidth: inches(30),
        glassHeight: inches(70),
        glassThickness: mm(6),
        glassAt: inches(12),
      }),
    ).toContain('checking.void');
  });

  it('loaded surface hardware on a soft core asks for blocking', () => {
    const soft = {
      leafConstruction: 'timber-mineral' as const,
      closer: 'surface-pull' as const,
    };
    expect(codes(soft)).toContain('checking.blockingUnknown');
    expect(codes({ ...soft, blocking: 'none' })).toContain('checking.noBlocking');
    expect(codes({ ...soft, blocking: 'all' }).filter((one) => /locking/.test(one))).toEqual([]);
  });

  it('mirrored openings have the same solids and the same clashes', () => {
    for (const lockKind of ['mortise', 'rods-concealed', 'cylindrical'] as const) {
      const left = decideOpening({ ...facts, lockKind, wireToLeaf: true }, PRACTICES.british);
      const right = decideOpening(
        { ...facts, lockKind, wireToLeaf: true, hingeSide: 'right' },
        PRACTICES.british,
      );
      expect(right.solids).toEqual(left.solids);
      expect(right.clashes).toEqual(left.clashes);
    }
  });
});
