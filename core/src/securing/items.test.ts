import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const PAIR = { kind: 'pair', active: 'left', frameWidth: inches(72) } as const;

/** The securing lines of an opening: term and number, with what the cylinder is. */
function lines(facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') {
  const metric = PRACTICES[practice].system === 'metric';
  const leaf = metric ? ({ frameMaterial: 'timber', leafThickness: mm(44) } as const) : {};
  const { items } = decideOpening({ ...DOOR, ...leaf, ...facts }, PRACTICES[practice]);
  return items
    .filter(({ stage }) => stage === 'securing')
    .map(({ term, quantity, traits }) => {
      const kind = traits.find((one) => one.startsWith('cylinder.'));
      return `${quantity} ${term!.replace('item.', '')}${kind ? ` ${kind.slice(9)}` : ''}`;
    });
}

describe('what a set needs beside its lock', () => {
  it('cylinders and keys where the function has a key, by how the lock takes them', () => {
    expect(lines({ lockUse: 'passage' })).toEqual(['1 lock.cylindrical']);
    expect(lines({ lockUse: 'store' })).toEqual(['1 lock.cylindrical', '2 keys']);
    expect(lines({ lockUse: 'lock-down', lockKind: 'mortise' })).toEqual([
      '1 lock.mortise',
      '2 cylinder.mortise',
      '2 keys',
      '1 trim.lever',
    ]);
    expect(lines({ ...PAIR, lockUse: 'exit-only' })).toEqual(['2 lock.rods-surface']);
  });
  it('handles for a bored latch where the practice orders them apart', () => {
    const latch = { lockUse: 'passage', lockKind: 'tubular' } as const;
    const handles = (practice: PracticeId, more: Partial<OpeningFacts> = {}) =>
      lines({ ...latch, ...more }, practice).filter((line) => line.includes('trim.'));
    expect(handles('british')).toEqual(['1 trim.lever']);
    expect(handles('british', { handle: 'knob' })).toEqual(['1 trim.knob']);
    expect(handles('continental')).toEqual(['1 trim.lever']);
    expect(handles('us-commercial')).toEqual([]);
    expect(handles('australasian')).toEqual([]);
    expect(handles('british', { lockUse: 'shop', lockKind: 'deadbolt' })).toEqual([]);
  });
  it('a narrow-stile lock takes the cylinder of the practice', () => {
    const shop = {
      lockUse: 'shop',
      leafConstruction: 'aluminium-narrow',
      frameMaterial: 'aluminium',
    } as const;
    expect(lines(shop, 'continental').slice(0, 3)).toEqual([
      '1 lock.narrow-stile',
      '1 cylinder turn',
      '2 keys',
    ]);
    for (const practice of ['us-commercial', 'british', 'australasian'] as const)
      expect(lines(shop, practice)[1]).toBe('1 cylinder.mortise');
  });
  it('a bar to pull an accessible toilet shut by, where its leaf opens away from whoever is in it', () => {
    const bar = (more: Partial<OpeningFacts>, practice: PracticeId = 'british') =>
      lines(
        { from: 'Corridor', to: 'WC', accessible: true, swing: 'out', ...more },
        practice,
      ).includes('1 closingRail');
    expect(bar({})).toBe(true);
    expect(bar({ accessible: undefined, to: 'Accessible WC' })).toBe(true);
    expect(bar({ swing: 'in' })).toBe(false);
    expect(bar({ accessible: false })).toBe(false);
    expect(bar({ to: 'Office' })).toBe(false);
    expect(bar({}, 'continental')).toBe(false);
  });
  it('by key from outside one leaf of a pair, by its handle both', () => {
    const one = ['1 lock.rods-surface', '1 lock.rods-surface', '1 cylinder.rim', '2 keys'];
    expect(lines({ ...PAIR, lockUse: 'exit' })).toEqual([...one, '1 exitTrim.pull']);
    expect(lines({ ...PAIR, lockUse: 'classroom', lockKind: 'rods-surface' })).toEqual([
      '2 lock.rods-surface',
      '2 cylinder.rim',
      '4 keys',
      '2 exitTrim.lever',
    ]);
    const passage = { ...PAIR, lockUse: 'passage', lockKind: 'rods-surface' } as const;
    expect(lines(passage)).toEqual(['2 lock.rods-surface', '2 exitTrim.lever']);
    const taken = (value: string) => ({
      choices: { 'securing.secondFunction': { value, reason: 'wanted' } },
    });
    expect(lines({ ...passage, ...taken('exit-only') })).toEqual([
      '1 lock.rods-surface',
      '1 lock.rods-surface',
      '1 exitTrim.lever',
    ]);
    expect(lines({ ...PAIR, lockUse: 'exit', ...taken('exit-night-latch') })).toEqual([
      '2 lock.rods-surface',
      '2 cylinder.rim',
      '4 keys',
      '2 exitTrim.pull',
    ]);
    // People come in by both leaves of an entrance all day, while the bars are held back; not of a rated one.
    const entrance = { ...PAIR, lockUse: 'exit', role: 'entrance' } as const;
    expect(lines(entrance)).toEqual([...one, '2 exitTrim.pull']);
    expect(lines({ ...entrance, rating: 20 })).toEqual([...one, '1 exitTrim.pull']);
    // One leaf alone, or with the other bolted, has one device.
    const single = ['1 lock.rim-exit', '1 cylinder.rim', '2 keys', '1 exitTrim.pull'];
    expect(lines({ lockUse: 'exit', swing: 'out' })).toEqual(single);
    expect(lines({ ...PAIR, lockUse: 'exit', lockKind: 'rim-exit' }).slice(0, 4)).toEqual(single);
  });
  it('what powers the device stands in both leaves', () => {
    const { decisions } = decideOpening(
      {
        ...DOOR,
        ...PAIR,
        lockKind: 'rods-surface',
        lockUse: 'exit',
        choices: { 'securing.function': { value: 'exit-retraction', reason: 'operator' } },
      },
      PRACTICES['us-commercial'],
    );
    expect(decisions.some(({ name }) => name === 'secondFunction')).toBe(false);
  });
  it('a device for fire on a rated leaf', () => {
    const traits = (rating: number, more: Partial<OpeningFacts> = {}) =>
      decideOpening({ ...DOOR, swing: 'out', rating, ...more }, PRACTICES['us-commercial'])
        .items.filter(({ term }) => term!.startsWith('item.lock.'))
        .flatMap(({ traits }) => traits);
    expect(traits(90, { lockUse: 'exit' })).toContain('lock.forFire');
    expect(traits(0, { lockUse: 'exit' })).not.toContain('lock.forFire');
    expect(traits(90, { lockUse: 'passage' })).not.toContain('lock.forFire');
  });
  it('a profile cylinder with keys, with a turn, or half, by what is worked from inside', () => {
    const cylinder = (lockUse: OpeningFacts['lockUse'], more: Partial<OpeningFacts> = {}) =>
      lines({ lockUse, ...more }, 'continental').find((one) => one.startsWith('1 cylinder'));
    expect(cylinder('office')).toBe('1 cylinder turn');
    expect(cylinder('store')).toBe('1 cylinder half');
    expect(cylinder('classroom', { egress: true })).toBe('1 cylinder keys');
    expect(cylinder('privacy')).toBe(undefined);
  });
  it('handles by what works on each side', () => {
    const trim = (lockUse: OpeningFacts['lockUse'], practice: PracticeId, more = {}) =>
      lines({ lockUse, ...more }, practice).find((one) => one.includes('trim'));
    expect(trim('store', 'continental')).toBe('1 trim.fixedKnob');
    expect(trim('office', 'continental')).toBe('1 trim.lever');
    expect(trim('communicating', 'british')).toBe('1 trim.inside');
    expect(trim('store', 'us-commercial', { lockKind: 'mortise', handle: 'knob' })).toBe(
      '1 trim.knob',
    );
    expect(trim('office', 'us-commercial')).toBe(undefined);
  });
  it('push plates and pulls where nobody latches or locks, both faces pushed where it swings both ways', () => {
    expect(lines({ lockUse: 'push-pull' })).toEqual(['1 pushPlate', '1 pullHandle']);
    expect(lines({ ...PAIR, lockUse: 'push-pull' })).toEqual(['2 pushPlate', '2 pullHandle']);
    expect(lines({ kind: 'double-acting', lockUse: 'push-pull' })).toEqual(['2 pushPlate']);
    expect(lines({ lockUse: 'shop' })).toContain('1 pullHandle');
    expect(lines({ lockUse: 'passage' })).not.toContain('1 pullHandle');
  });
  it('long screws for the strike of entrances and keyed dead bolts in timber', () => {
    const screws = (lockUse: OpeningFacts['lockUse'], more: Partial<OpeningFacts> = {}) =>
      lines({ lockUse, frameMaterial: 'timber', ...more }).find((one) => one.includes('Screws'));
    expect(screws('entrance')).toBe('2 strikeScrews');
    expect(screws('dwelling')).toBe('4 strikeScrews');
    expect(screws('privacy')).toBe(undefined);
    expect(screws('entrance', { frameMaterial: 'steel' })).toBe(undefined);
    expect(screws('exit', { swing: 'out' })).toBe(undefined);
  });
  it('a multipoint lock where the practice has it', () => {
    for (const practice of ['british', 'continental'] as const)
      expect(lines({ role: 'balcony' }, practice)[0]).toBe('1 lock.multipoint');
  });
});

describe('what follows for the leaf', () => {
  const us = (facts: Partial<OpeningFacts>) =>
    decideOpening({ ...DOOR, ...facts }, PRACTICES['us-commercial']);
  it('lead adds its mass', () => {
    const mass = (facts: Partial<OpeningFacts>) => us(facts).results.hanging.leaves[0]!.mass!;
    const { width, height } = us({}).results.sizing.leaves[0]!;
    const square = (width! / mm(1000)) * (height! / mm(1000));
    expect(mass({ leadThickness: mm(1) }) - mass({})).toBeCloseTo(square * 11_340, 3);
  });
  it('beds want 41 1/2 in, whether or not the route is accessible; each school its own widths', () => {
    const wanted = (facts: Partial<OpeningFacts>, practice: PracticeId) =>
      decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]).results.opening.assumed.clearWanted;
    expect(wanted({ role: 'patient-room' }, 'us-commercial')).toBe(inches(41.5));
    expect(wanted({ role: 'office', accessible: true }, 'us-commercial')).toBe(undefined);
    expect(wanted({ role: 'bedroom', accessible: true }, 'british')).toBe(mm(750));
    expect(wanted({ role: 'bedroom' }, 'british')).toBe(undefined);
    expect(wanted({ role: 'bedroom', accessible: true }, 'continental')).toBe(mm(800));
    expect(wanted({ role: 'office', accessible: true }, 'continental')).toBe(mm(900));
    const short = us({ role: 'patient-room' }).findings.find(
      ({ code }) => code === 'hanging.clearShort',
    );
    expect(short?.source).toMatch(/41 1\/2 in/);
  });
});
