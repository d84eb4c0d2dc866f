import { decideOpening, decisionOf } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const decide = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
  decideOpening({ ...DOOR, closer: 'any', ...facts }, PRACTICES[practice]);
const plates = (facts: Partial<OpeningFacts>, practice?: PracticeId) =>
  decide(facts, practice).results.protecting.plates;
const plate = (facts: Partial<OpeningFacts>) => decide(facts).results.protecting.sizes[0]?.plate;
const codes = (facts: Partial<OpeningFacts>) => decide(facts).findings.map(({ code }) => code);

describe('plates', () => {
  it.each<[string, Partial<OpeningFacts>, string, PracticeId?]>([
    ['a stair door', { role: 'stair' }, 'kick'],
    ['a group toilet', { role: 'toilet-group' }, 'kick-mop'],
    ['a patient room, nobody closes it', { role: 'patient-room', closer: 'none' }, 'armor'],
    ['a store that is left open', { role: 'store', closer: 'none' }, 'none'],
    ['an office', { role: 'office' }, 'none'],
    ['carts', { traffic: 'carts' }, 'armor'],
    ['beds', { traffic: 'beds' }, 'armor-both'],
    ['carts both ways', { kind: 'double-acting', traffic: 'carts' }, 'armor-both'],
    ['a stair in a house', { role: 'stair' }, 'none', 'us-residential'],
    ['glass', { role: 'entrance', leafConstruction: 'glass' }, 'none'],
    ['recorded', { kickPlate: inches(8) }, 'kick'],
    ['recorded high', { kickPlate: inches(40) }, 'armor'],
    ['recorded none', { role: 'stair', kickPlate: 0 }, 'none'],
  ])('%s', (...[, facts, expected, practice]) => {
    expect(plates(facts, practice)).toBe(expected);
  });
  it('are narrower than the leaf by 2 in, by 1 in on each of a pair', () => {
    const single = decide({ role: 'stair' });
    const width = single.results.sizing.leaves[0]!.width!;
    expect(single.results.protecting.sizes[0]!.plate).toEqual({
      width: width - inches(2),
      height: inches(10),
      from: inches(1),
    });
    const pair = decide({
      role: 'cross-corridor',
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
    });
    const leaf = pair.results.sizing.leaves[0]!.width!;
    expect(pair.results.protecting.sizes[0]!.plate!.width).toBe(leaf - inches(1));
    expect(pair.items.find(({ term }) => term === 'item.kickPlate')?.quantity).toBe(2);
  });
  it('end below lock and glass, above the sweep, before a rod', () => {
    const glazed = {
      role: 'stair',
      glassWidth: inches(4),
      glassHeight: inches(60),
      glassAt: inches(9),
    } as const;
    expect(plate(glazed)!.height).toBe(inches(8.5));
    expect(plate({ role: 'final-exit', exterior: true })!.height).toBe(inches(10));
    const rod = {
      role: 'final-exit',
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
      lockKind: 'rods-surface',
    } as const;
    const full = plate({ ...rod, lockKind: 'rods-concealed' })!.width;
    expect(plate(rod)!.width).toBeLessThan(full);
    expect(plate({ ...rod, plainFloor: true })!.width).toBe(full);
    expect(codes(rod)).not.toContain('checking.under');
  });
  it('recorded at more than twice the usual height are armor, up to that they are kicked', () => {
    expect(plates({ kickPlate: inches(20) })).toBe('kick');
    expect(plates({ kickPlate: inches(20.5) })).toBe('armor');
    expect(plates({ kickPlate: 0 })).toBe('none');
  });
  it('of each leaf by its own width', () => {
    const uneven = decide({
      kind: 'unequal-pair',
      active: 'left',
      leafWidth: inches(36),
      frameWidth: inches(60),
      traffic: 'beds',
    });
    const widths = uneven.results.protecting.sizes.map(({ plate: one }) => one!.width);
    expect(widths).toHaveLength(2);
    expect(widths[0]).toBeGreaterThan(widths[1]!);
  });
  it('above 16 in on a rated leaf are labelled: told, and a check where somebody recorded them', () => {
    const level = (facts: Partial<OpeningFacts>) =>
      decide(facts).findings.find(({ code }) => code === 'protecting.label')?.level;
    expect(level({ rating: 20, kickPlate: inches(16) })).toBeUndefined();
    expect(level({ rating: 20, kickPlate: inches(16.5) })).toBe('check');
    expect(level({ rating: 20, traffic: 'carts' })).toBe('note');
    expect(level({ rating: 0, traffic: 'carts' })).toBeUndefined();
    const armor = decide({ rating: 20, traffic: 'carts' }).items.find(
      ({ term }) => term === 'item.armorPlate',
    );
    expect(armor?.traits).toEqual(['plateTrait.labelled']);
  });
});

describe('viewers', () => {
  const heights = (facts: Partial<OpeningFacts>, practice?: PracticeId) => {
    const value = decisionOf(decide(facts, practice), 'protecting.viewer')?.value;
    return value?.type === 'positions' ? value.ticks : undefined;
  };
  it('are two in guest rooms and for people who sit, one in flats', () => {
    expect(heights({ role: 'guest-room' })).toEqual([inches(60), inches(43)]);
    expect(heights({ role: 'apartment' }, 'british')).toEqual([mm(1500)]);
    expect(heights({ role: 'apartment', accessible: true }, 'british')).toEqual([
      mm(1500),
      mm(1100),
    ]);
    expect(heights({ role: 'apartment', viewer: false })).toBeUndefined();
    expect(heights({ role: 'office' })).toBeUndefined();
  });
});

it('an accessible leaf with a low rail is not smooth: told where it was measured', () => {
  const framed = {
    leafConstruction: 'timber-panelled-hardwood',
    accessible: true,
    closer: 'none',
  } as const;
  expect(codes({ ...framed, bottomRail: inches(9) })).toContain('protecting.smooth');
  expect(codes({ ...framed, bottomRail: inches(10) })).not.toContain('protecting.smooth');
  expect(codes(framed)).not.toContain('protecting.smooth');
});
