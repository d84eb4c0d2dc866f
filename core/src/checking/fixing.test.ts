import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES['us-commercial']);
const unheld = (facts: Partial<OpeningFacts>) =>
  decide(facts)
    .findings.filter((one) => /^checking\.(noBlocking|blockingUnknown)$/.test(one.code))
    .map((one) => [one.level, one.parts[0]]);

describe('what is screwed to a soft core', () => {
  // A particle core with a bar across it and a closer above.
  const soft = {
    leafConstruction: 'timber-particle',
    egress: true,
    occupants: 200,
    swing: 'out',
    closer: 'surface-push',
  } as const;
  it('is held at the lock by blocking there, and only at the lock', () => {
    expect(unheld({ ...soft, blocking: 'none' })).toEqual([
      ['check', 'lockKind'],
      ['check', 'closer'],
    ]);
    expect(unheld({ ...soft, blocking: 'lock' })).toEqual([['check', 'closer']]);
    expect(unheld({ ...soft, blocking: 'all' })).toEqual([]);
  });
  it('is asked about where nobody has said', () => {
    expect(unheld({ ...soft, closer: 'none' })).toEqual([['note', 'lockKind']]);
  });
  it('holds in cores that hold screws: staves and thicker steel, not thin steel', () => {
    const held = (leafConstruction: OpeningFacts['leafConstruction']) =>
      unheld({ ...soft, leafConstruction, blocking: 'none' }).length;
    expect(held('timber-stave')).toBe(0);
    expect(held('steel-honeycomb-16')).toBe(0);
    expect(held('steel-honeycomb-18')).toBe(2);
    expect(held('timber-mineral')).toBe(2);
    expect(held('timber-hollow')).toBe(2);
  });
  it('limits a lock to its blocking in soft timber, not in steel', () => {
    const width = (leafConstruction: OpeningFacts['leafConstruction']) =>
      decide({
        leafConstruction,
        lockKind: 'mortise',
        secured: true,
        lockUse: 'store',
        blocking: 'lock',
      }).results.securing.fit?.solid;
    const block = PRACTICES['us-commercial'].values.lockBlocking.value;
    for (const soft of ['timber-particle', 'timber-mineral', 'timber-hollow'] as const)
      expect(width(soft)).toEqual({ width: block, by: 'blocking' });
    expect(width('timber-stave')).toBeUndefined();
    expect(width('steel-honeycomb-18')).toBeUndefined();
  });
});

describe('the cautions of old work', () => {
  const cautions = (facts: Partial<OpeningFacts>) =>
    decide(facts).cautions.map((one) => one.code.replace('care.', ''));
  it('name asbestos where an old rated leaf is worked on, and only there', () => {
    expect(cautions({ rating: 90, work: 'replacement' })).toContain('asbestos');
    expect(cautions({ rating: 90, work: 'new' })).not.toContain('asbestos');
    expect(cautions({ rating: 0, work: 'replacement' })).not.toContain('asbestos');
    expect(cautions({ rating: 'unknown', work: 'replacement' })).not.toContain('asbestos');
  });
  it('name old paint and a door out of use in all replacement', () => {
    for (const rating of [0, 90]) {
      expect(cautions({ rating, work: 'replacement' })).toEqual(
        expect.arrayContaining(['oldPaint', 'outOfUse']),
      );
      expect(cautions({ rating, work: 'new' })).not.toContain('oldPaint');
    }
  });
  it('name the mass from just above what one person lifts', () => {
    const limit = PRACTICES['us-commercial'].values.liftAlone.value;
    expect(cautions({ leafMass: limit })).not.toContain('heavy');
    expect(cautions({ leafMass: limit + 1 })).toContain('heavy');
    expect(cautions({ leafConstruction: undefined })).toContain('massUnknown');
  });
  it('name pivots, glass and what is locked where there are such', () => {
    expect(cautions({ nothingVisible: true, jambDepth: 0 })).toContain('pivot');
    expect(cautions({})).not.toContain('pivot');
    expect(cautions({ leafConstruction: 'glass', leafThickness: inches(0.5) })).toContain('glass');
    expect(cautions({ secured: true, lockUse: 'store' })).toContain('egress');
    expect(cautions({ secured: false })).not.toContain('egress');
  });
});
