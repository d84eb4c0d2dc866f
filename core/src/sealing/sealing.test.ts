import fc from 'fast-check';
import { decideOpening, decisionOf } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { soundThrough } from './sound.js';

const decide = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]);
const term = (key: string, facts: Partial<OpeningFacts>, practice?: PracticeId) => {
  const value = decisionOf(decide(facts, practice), key)?.value;
  return value?.type === 'term' ? value.term.replace(/^\w+\./, '') : undefined;
};
const codes = (facts: Partial<OpeningFacts>, practice?: PracticeId) =>
  decide(facts, practice).findings.map(({ code }) => code);

describe('sound through a door', () => {
  it('is that of the leaf where nothing leaks, and three decibels less where as much comes another way', () => {
    expect(soundThrough(2, [{ name: 'leaf', extent: 2, decibels: 40 }]).total).toBeCloseTo(40, 9);
    const half = soundThrough(2, [
      { name: 'leaf', extent: 2, decibels: 40 },
      { name: 'gap', extent: 2, decibels: 40 },
    ]);
    expect(half.total).toBeCloseTo(40 - 10 * Math.log10(2), 9);
    expect(half.shares.map(({ share }) => share)).toEqual([0.5, 0.5]);
  });
  it('worked by hand: leaf 42 dB of 1.9 m², 5 m of joint at 48 dB, 0.9 m at 8 dB', () => {
    // 10^-4.2 + 5/1.9 × 10^-4.8 + 0.9/1.9 × 10^-0.8 = 0.0000631 + 0.0000417 + 0.0750738
    const sum = soundThrough(1.9, [
      { name: 'leaf', extent: 1.9, decibels: 42 },
      { name: 'perimeter', extent: 5, decibels: 48 },
      { name: 'bottom', extent: 0.9, decibels: 8 },
    ]);
    expect(sum.total).toBeCloseTo(11.239, 3);
    expect(sum.shares[0]).toMatchObject({ name: 'bottom' });
    expect(sum.shares[0]!.share).toBeGreaterThan(0.99);
  });
  it('never gains by a further leak, and its shares add up', () => {
    const path = fc.record({
      name: fc.constantFrom('leaf', 'perimeter', 'bottom'),
      extent: fc.double({ min: 0.1, max: 8, noNaN: true }),
      decibels: fc.integer({ min: 5, max: 60 }),
    });
    fc.assert(
      fc.property(fc.array(path, { minLength: 1, maxLength: 4 }), path, (paths, more) => {
        const before = soundThrough(2, paths);
        const after = soundThrough(2, [...paths, more]);
        expect(after.total).toBeLessThan(before.total);
        expect(after.shares.reduce((all, { share }) => all + share, 0)).toBeCloseTo(1, 9);
      }),
    );
  });
  it('tells the weakest, or that the leaf alone is too little', () => {
    const timber = { leafConstruction: 'timber-particle', sound: 35 } as const;
    expect(codes({ ...timber, leafSound: 30 })).toContain('sealing.soundLeaf');
    const leaky = { ...timber, leafSound: 40, bottomSeal: 'none' } as const;
    const short = decide(leaky).findings.find(({ code }) => code === 'sealing.soundShort')!;
    expect(short.params['weakest']).toEqual({ term: 'soundPath.bottom' });
    expect(codes({ ...timber, leafSound: 40 })).not.toContain('sealing.soundShort');
    expect(codes({ leafConstruction: 'timber-particle', sound: 0 })).not.toContain(
      'sealing.soundLeaf',
    );
  });
});

describe('head and jambs', () => {
  it.each<[string, Partial<OpeningFacts>, string, PracticeId]>([
    ['nothing asked, steel', {}, 'silencers', 'us-commercial'],
    ['nothing asked, timber', { frameMaterial: 'timber' }, 'none', 'us-commercial'],
    ['steel on the continent', {}, 'none', 'continental'],
    ['no stops', { frameKind: 'stopless' }, 'none', 'us-commercial'],
    ['all glass', { leafConstruction: 'glass' }, 'none', 'us-commercial'],
    ['smoke', { smoke: true }, 'smoke', 'us-commercial'],
    ['the open', { exterior: true }, 'weather', 'us-commercial'],
    ['sound before smoke', { smoke: true, sound: 35 }, 'sound', 'us-commercial'],
    ['light', { lightTight: true }, 'light', 'us-commercial'],
    ['a garage', { role: 'garage' }, 'light', 'us-residential'],
    ['a gate', { role: 'gate', exterior: true }, 'none', 'british'],
    ['a sliding leaf', { kind: 'sliding', slideTo: 'left', smoke: true }, 'none', 'us-commercial'],
  ])('%s', (_, facts, expected, practice) => {
    expect(term('sealing.perimeter', facts, practice)).toBe(expected);
  });
  it('are as long as both jambs and the head', () => {
    const length = decisionOf(decide({ smoke: true }), 'sealing.perimeterLength')!.value;
    expect(length).toMatchObject({ ticks: inches(2 * 84 + 36) });
  });
  it('have intumescent strips by rating in tested timber, none in steel or in the US', () => {
    const strip = (rating: number, practice: PracticeId, more: Partial<OpeningFacts> = {}) => {
      const value = decisionOf(decide({ rating, ...more }, practice), 'sealing.strip')?.value;
      return value?.type === 'size' ? [value.width, value.height] : undefined;
    };
    expect(strip(30, 'british')).toEqual([mm(15), mm(4)]);
    expect(strip(31, 'british')).toEqual([mm(25), mm(4)]);
    expect(strip(60, 'british')).toEqual([mm(25), mm(4)]);
    expect(strip(0, 'british')).toBeUndefined();
    expect(strip(60, 'us-commercial')).toBeUndefined();
    expect(strip(60, 'british', { leafConstruction: 'steel-stiffened-16' })).toBeUndefined();
    const items = decide({ rating: 120 }, 'british').items;
    expect(items.find((one) => one.term === 'item.strip')).toMatchObject({ quantity: 2 });
  });
  it('have strips where the leaves of a rated pair meet, too, unless a post stands there', () => {
    const meeting = (facts: Partial<OpeningFacts>, practice: PracticeId = 'british') =>
      decide({ kind: 'pair', active: 'left', rating: 60, ...facts }, practice).items.find(
        ({ term }) => term === 'item.stripMeeting',
      );
    const leaf = decide({ kind: 'pair', active: 'left' }, 'british').results.sizing.leaves[0]!;
    expect(meeting({})).toMatchObject({
      quantity: 1,
      length: leaf.height,
      width: mm(25),
      height: mm(4),
    });
    expect(meeting({ rating: 120 })).toMatchObject({ quantity: 2 });
    expect(meeting({ rating: 0 })).toBeUndefined();
    expect(meeting({ meetingEdge: 'mullion' })).toBeUndefined();
    expect(meeting({ kind: 'single' })).toBeUndefined();
    expect(meeting({}, 'us-commercial')).toBeUndefined();
  });
});

describe('under the leaf', () => {
  const timber = {
    leafConstruction: 'timber-particle',
    leafThickness: mm(44),
    frameMaterial: 'timber',
  } as const;
  it.each<[string, Partial<OpeningFacts>, string, PracticeId]>([
    ['smoke, 8 mm', { ...timber, smoke: true, undercut: mm(8) }, 'drop-full', 'british'],
    ['smoke, 3 mm', { ...timber, smoke: true, undercut: mm(3) }, 'none', 'british'],
    ['smoke by its US label', { ...timber, smoke: true }, 'none', 'us-commercial'],
    ['sound', { ...timber, sound: 35 }, 'drop-full', 'continental'],
    [
      'sound, a thin leaf',
      { ...timber, leafThickness: mm(35), sound: 30 },
      'drop-surface',
      'continental',
    ],
    [
      'sound, steel',
      { leafConstruction: 'steel-stiffened-16', sound: 35 },
      'drop-surface',
      'continental',
    ],
    ['the open', { exterior: true }, 'sweep', 'us-commercial'],
    ['a sealing threshold', { exterior: true, threshold: 'sealing' }, 'threshold', 'us-commercial'],
    ['as recorded', { bottomSeal: 'drop-half', smoke: true }, 'drop-half', 'british'],
    ['none recorded', { bottomSeal: 'none', sound: 40 }, 'none', 'british'],
    ['air', { airUnder: true }, 'none', 'british'],
  ])('%s', (_, facts, expected, practice) => {
    expect(term('sealing.bottom', facts, practice)).toBe(expected);
  });
  it('keeps a mortised drop seal out where bolts or pivots are let in', () => {
    const pair = {
      ...timber,
      kind: 'pair',
      active: 'left',
      frameWidth: mm(1800),
      sound: 35,
      lockUse: 'store',
    } as const;
    expect(term('sealing.bottom', { ...pair, bolts: 'automatic' }, 'british')).toBe('drop-surface');
    expect(term('sealing.bottom', { ...pair, bolts: 'surface' }, 'british')).toBe('drop-full');
  });
  it('on the face goes where no rod runs down', () => {
    const across = {
      kind: 'pair',
      active: 'left',
      frameWidth: mm(1800),
      swing: 'out',
      smoke: true,
      leafConstruction: 'aluminium-narrow',
      frameMaterial: 'aluminium',
      role: 'stair',
    } as const;
    const face = (facts: Partial<OpeningFacts>) => {
      const decided = decide({ ...across, ...facts }, 'continental');
      const clash = decided.findings.some(({ code }) => code === 'checking.under');
      const { bottom, face: on } = decided.results.sealing;
      return [bottom, on, clash];
    };
    expect(face({ lockKind: 'rods-surface' })).toEqual(['drop-surface', 'pull', false]);
    expect(face({ lockKind: 'rods-surface', plainFloor: true })[1]).toBe('push');
    expect(face({ lockKind: 'rods-concealed' })[1]).toBe('push');
  });
  it('lies on the floor with what follows it', () => {
    const drop = { ...timber, smoke: true, undercut: mm(8) } as const;
    const material = (facts: Partial<OpeningFacts>) =>
      term('sealing.material', { ...drop, ...facts }, 'british');
    expect(material({})).toBe('bulb');
    expect(material({ floorTexture: 'light' })).toBe('neoprene');
    expect(material({ floorTexture: 'carpet' })).toBe('brush');
    expect(material({ floorUneven: mm(1) })).toBe('bulb');
    expect(material({ floorUneven: mm(1.1) })).toBe('brush');
    expect(material({ floorTexture: 'carpet', sound: 35 })).toBe('bulb');
    expect(codes({ ...drop, floorTexture: 'carpet', sound: 35 }, 'british')).toContain(
      'sealing.soundFloor',
    );
  });
  it('drops as far as it is made to', () => {
    const drop = { ...timber, sound: 30 } as const;
    expect(codes({ ...drop, undercut: mm(13) }, 'british')).not.toContain('sealing.dropShort');
    expect(codes({ ...drop, undercut: mm(13), floorUneven: mm(1) }, 'british')).toContain(
      'sealing.dropShort',
    );
  });
});
