import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const US: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'timber',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'timber-stave',
  leafThickness: inches(1.75),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
  frequency: 'medium',
  secured: false,
  exterior: false,
  closer: 'none',
};
const us = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...US, ...facts }, PRACTICES['us-commercial']);
const metric = (facts: Partial<OpeningFacts>) =>
  decideOpening(
    {
      ...US,
      frameWidth: mm(1000),
      frameHeight: mm(2100),
      leafThickness: mm(44),
      ...facts,
    },
    PRACTICES.continental,
  );
const take = (device: string) => ({
  choices: { 'hanging.device': { value: device, reason: 'tried' } },
});
const codes = (decided: ReturnType<typeof us>) =>
  decided.findings.map((one) => `${one.level} ${one.code}`);
const value = (decided: ReturnType<typeof us>, name: string) =>
  decided.decisions.find((one) => one.key === `hanging.${name}`)?.value;

const ofHanging = ({ items }: ReturnType<typeof us>) =>
  items.filter(({ stage }) => stage === 'hanging');

describe('which device a leaf hangs on', () => {
  it('a 20 lb closet leaf hangs on two or three light butts, a 420 lb dock leaf on more and heavy ones', () => {
    const closet = us({ leafMass: 9072, frequency: 'low', leafThickness: inches(1.375) });
    expect(closet.results.hanging.device).toBe('butt');
    expect(closet.items[0]!.traits).toEqual(
      expect.arrayContaining(['weight.standard', 'bearing.plain']),
    );
    const dock = us({ leafMass: 190_509, frameWidth: inches(48), frameHeight: inches(120) });
    expect(dock.results.hanging.device).toBe('butt');
    expect(dock.results.hanging.leaves[0]).toMatchObject({ weight: 'heavy', count: 5 });
    expect(dock.items[0]!.traits).toContain('bearing.bearing');
    const beyond = us({ leafMass: 300_000 });
    expect(beyond.results.hanging.device).toBe('offset-pivot');
    const device = beyond.decisions.find((one) => one.key === 'hanging.device')!;
    expect(device.alternatives.find((one) => one.value === 'butt')!.against!.code).toBe(
      'hanging.against.tooHeavy',
    );
  });

  it('nothing visible: concealed where leaf, jamb and mass allow it, stronger ones where heavy, else pivots', () => {
    const light = metric({ nothingVisible: true, leafMass: 45_000, jambDepth: mm(50) });
    expect(light.results.hanging.device).toBe('concealed');
    expect(metric({ nothingVisible: true, leafMass: 110_000 }).results.hanging.device).toBe(
      'adjustable-concealed',
    );
    expect(
      metric({ nothingVisible: true, leafMass: 45_000, jambDepth: mm(20) }).results.hanging.device,
    ).toBe('centre-pivot');
    expect(
      metric({ nothingVisible: true, leafThickness: mm(30), leafMass: 20_000 }).results.hanging
        .device,
    ).toBe('centre-pivot');
  });

  it('worn screw holes: a continuous hinge, its gap taken off the leaf; not on a rated frame', () => {
    const worn = us({ screwHold: 'worn' });
    expect(worn.results.hanging.device).toBe('continuous');
    expect(worn.results.sizing.leaves[0]!.width).toBe(inches(36 - 5 / 16 - 1 / 8));
    expect(worn.items[0]).toMatchObject({ term: 'item.continuous' });
    expect(us({ screwHold: 'worn', rating: 90 }).results.hanging.device).toBe('butt');
  });

  it('says all that speaks against each, never for one that is ruled out', () => {
    const device = us({
      accessible: true,
      leafMass: 60_000,
      closer: 'any',
      rating: 90,
    }).decisions.find((one) => one.key === 'hanging.device')!;
    expect(device.alternatives.map((one) => one.value)).toEqual([
      'butt',
      'continuous',
      'concealed',
      'adjustable-concealed',
      'spring-hinge',
      'spring-concealed',
      'offset-pivot',
      'centre-pivot',
    ]);
    for (const one of device.alternatives.slice(1)) {
      expect(one.against).toBeDefined();
      for (const said of [one.against!, ...(one.also ?? [])])
        expect(phraseText(said, { system: 'inch' })).not.toMatch(/\?|undefined/);
    }
    const spring = device.alternatives.find((one) => one.value === 'spring-hinge')!;
    expect([spring.against, ...spring.also!].map((one) => one!.code)).toContain(
      'hanging.against.springAccessible',
    );
  });
});

describe('concealed hinges', () => {
  it('are counted by mass, let into leaf and jamb, and asked of the jamb', () => {
    const two = metric({ ...take('concealed'), leafMass: 38_000, jambDepth: mm(40) });
    expect(two.results.hanging.leaves[0]!.count).toBe(2);
    const three = metric({ ...take('concealed'), leafMass: 55_000 });
    expect(three.results.hanging.leaves[0]!.count).toBe(3);
    expect(codes(three)).toContain('check hanging.jambUnknown');
    expect(codes(metric({ ...take('concealed'), jambDepth: mm(25) }))).toContain(
      'stop hanging.jambShallow',
    );
    expect(codes(metric({ ...take('concealed'), leafThickness: mm(30) }))).toContain(
      'stop hanging.concealedThin',
    );
    expect(codes(metric({ ...take('concealed'), closer: 'any' }))).toContain(
      'check hanging.closerTemplated',
    );
    const solids = three.solids.filter((one) => one.thing === 'solid.concealedHinge');
    expect(solids).toHaveLength(6);
    const leaf = solids.find((one) => one.on === 'leaf')!;
    expect(leaf.x).toEqual([0, mm(28.5)]);
    expect(leaf.z).toEqual([mm(8), mm(36)]);
    expect(solids.find((one) => one.on === 'frame')!.x[1]).toBe(-mm(3.5));
  });
});

describe('spring hinges', () => {
  it('are allowed on a light leaf, and refused with the reason where they slam', () => {
    const light = us({ ...take('spring-hinge'), leafMass: 20_000 });
    expect(light.findings.filter((one) => one.level === 'stop')).toEqual([]);
    expect(ofHanging(light).map((one) => [one.term, one.quantity])).toEqual([
      ['item.springHinge', 2],
      ['item.butt', 1],
    ]);
    const heavy = us({ ...take('spring-hinge'), leafMass: 60_000 });
    expect(codes(heavy)).toContain('stop hanging.springSlams');
    expect(codes(us({ ...take('spring-hinge'), leafMass: 20_000, accessible: true }))).toContain(
      'stop hanging.springAccessible',
    );
  });
});

describe('pivots', () => {
  it('offset: one between to 90 in, one more for each 30 in or part; the foot goes where the floor allows', () => {
    const between = (height: number) =>
      value(us({ ...take('offset-pivot'), frameHeight: inches(height) }), 'count');
    expect(between(84)).toEqual({ type: 'count', count: 1 });
    expect(between(100)).toEqual({ type: 'count', count: 2 });
    expect(between(130)).toEqual({ type: 'count', count: 3 });
    const heated = us({ ...take('offset-pivot'), slab: 'heated' });
    expect(value(heated, 'foot')).toEqual({ type: 'term', term: 'foot.jamb' });
    expect(heated.solids.some((one) => one.thing === 'solid.jambPivot')).toBe(true);
    expect(codes(heated).filter((one) => one.includes('slab'))).toEqual([]);
    expect(codes(us(take('offset-pivot')))).toContain('note hanging.slabUnknown');
  });
  it('centre-hung: heel gap √(a² + (t/2)²) − a, taken by the stack; slab, threshold and head pin said', () => {
    const turned = us({ ...take('centre-pivot'), closer: 'floor' });
    const a = inches(2.75);
    const exact = Math.hypot(a, inches(1.75) / 2) - a;
    expect(value(turned, 'heel')).toMatchObject({ ticks: Math.ceil(exact) });
    expect(turned.results.sizing.hingeGap).toBeGreaterThanOrEqual(exact);
    expect(codes(turned)).not.toContain('stop hanging.heelGap');
    expect(codes(us({ ...take('centre-pivot'), hingeGap: inches(1 / 16) }))).toContain(
      'stop hanging.heelGap',
    );
    expect(
      codes(us({ ...take('centre-pivot'), closer: 'floor', slab: 'post-tensioned' })),
    ).toContain('stop hanging.slabOccupied');
    expect(
      codes(us({ ...take('centre-pivot'), closer: 'floor', slab: 'free', slabDepth: inches(1) })),
    ).toContain('stop hanging.slabShallow');
    expect(
      codes(
        us({
          ...take('centre-pivot'),
          threshold: 'plain',
          thresholdHeight: inches(1 / 2),
        }),
      ),
    ).toContain('note hanging.pivotThreshold');
    expect(value(turned, 'headPivot')).toEqual({ type: 'term', term: 'headPivot.retracting' });
    expect(value(us({ ...take('centre-pivot'), headroom: inches(2) }), 'headPivot')).toEqual({
      type: 'term',
      term: 'headPivot.fixed',
    });
  });
});

describe('butts', () => {
  it('are as wide as trim and angle ask, and no wider', () => {
    const wide = (facts: Partial<OpeningFacts>) => us(facts).results.hanging.leaves[0]!.hingeWidth!;
    const all = wide({ trimProjection: inches(2) });
    const part = wide({ trimProjection: inches(2), openTo: 110 });
    expect(part).toBeLessThan(all);
    const opened = us({ trimProjection: inches(2), openTo: 110 });
    expect(codes(opened)).not.toContain('stop hanging.openToShort');
    const narrow = us({
      trimProjection: inches(2),
      openTo: 175,
      choices: { 'hanging.hingeWidth': { value: inches(4), reason: 'at hand' } },
    });
    expect(codes(narrow)).toContain('stop hanging.openToShort');
    expect(codes(us({ openTo: 120 }))).toContain('check hanging.openToUnknown');
  });
  it('pass a wire in the second, never the top one', () => {
    const wired = us({ wireToLeaf: true, lockKind: 'mortise' });
    expect(value(wired, 'wireHinge')).toEqual({ type: 'count', count: 2 });
    expect(ofHanging(wired).map((one) => one.quantity)).toEqual([2, 1]);
    expect(ofHanging(wired)[1]!.traits[0]).toBe('trait.electric');
    expect(
      codes(
        us({
          wireToLeaf: true,
          choices: { 'hanging.wireHinge': { value: 1, reason: 'as wired' } },
        }),
      ),
    ).toContain('stop hanging.wireTop');
  });
  it('pass it to one leaf only: the active one, or one of two equal ones', () => {
    const quantities = (facts: Partial<OpeningFacts>) =>
      ofHanging(us({ ...facts, active: 'left', wireToLeaf: true, frameWidth: inches(72) })).map(
        (one) => [one.quantity, one.traits.includes('trait.electric')],
      );
    expect(quantities({ kind: 'pair' })).toEqual([
      [5, false],
      [1, true],
    ]);
    expect(quantities({ kind: 'unequal-pair', leafWidth: inches(42) })).toEqual([
      [2, false],
      [1, true],
      [3, false],
    ]);
  });
  it('get one long screw each on a heavy leaf in timber, and the corner of the practice', () => {
    expect(value(us({ leafMass: 60_000 }), 'longScrew')).toMatchObject({ ticks: inches(3) });
    expect(value(us({ leafMass: 30_000 }), 'longScrew')).toBeUndefined();
    const house = decideOpening(US, PRACTICES['us-residential']);
    expect(value(house, 'corner')).toEqual({ type: 'term', term: 'corner.round-five-eighths' });
  });
  it('stand where a person set them, unless they are too many or overlap', () => {
    const set = [inches(6), inches(30), inches(70)];
    const placed = us({ hingePositions: { leaf: set } });
    expect(placed.results.hanging.leaves[0]!.positions).toEqual(set);
    expect(placed.decisions.find((one) => one.key === 'hanging.positions')!.basis).toBe('given');
    expect(codes(us({ hingePositions: { leaf: set.slice(1) } }))).toContain(
      'note hanging.setIgnored',
    );
    expect(codes(us({ hingePositions: { leaf: [inches(6), inches(8), inches(70)] } }))).toContain(
      'stop hanging.setOverlap',
    );
  });
});

describe('what the trade takes first', () => {
  const us = (facts: Partial<OpeningFacts>) =>
    decideOpening({ ...DOOR, ...facts }, PRACTICES['us-commercial']);
  it('a continuous hinge at very high use, and on narrow metal stiles', () => {
    const device = (facts: Partial<OpeningFacts>) => us(facts).results.hanging.device;
    expect(device({ passagesPerDay: 1999 })).toBe('butt');
    expect(device({ passagesPerDay: 2000 })).toBe('continuous');
    expect(device({ leafConstruction: 'aluminium-narrow' })).toBe('continuous');
    expect(device({ leafConstruction: 'aluminium-narrow', rating: 20 })).toBe('butt');
  });
  it('patches or rails on a leaf of glass, whose mass is that of its glass', () => {
    const glass = us({ leafConstruction: 'glass', leafThickness: inches(1.75) });
    expect(glass.results.hanging.device).toBe('centre-pivot');
    const mass = (facts: Partial<OpeningFacts>) =>
      us({ leafConstruction: 'glass', ...facts }).results.hanging.leaves[0]!.mass!;
    // Half an inch of glass: about 6.5 lb a square foot.
    expect(Math.round(mass({}) / 453.592)).toBe(144);
    expect(mass({ glassThickness: inches(3 / 8) })).toBeLessThan(mass({}));
  });
  it('one more hinge on a leaf of 300 lb, and one height across a pair', () => {
    const count = (pounds: number) =>
      us({ leafMass: Math.round(pounds * 453.592), frameWidth: inches(44) }).results.hanging
        .leaves[0]!.count;
    expect([count(250), count(300)]).toEqual([3, 4]);
    const pair = us({
      kind: 'unequal-pair',
      active: 'left',
      frameWidth: inches(66),
      inactiveWidth: inches(24),
    }).results.hanging.leaves.map(({ hingeHeight }) => hingeHeight);
    expect(pair).toEqual([inches(5), inches(5)]);
  });
  it('hinges as they are made: height by width, gauge by height', () => {
    const item = (facts: Partial<OpeningFacts>) => us(facts).items[0]!;
    expect([item({}).height, item({}).width]).toEqual([inches(4.5), inches(4.5)]);
    const wide = item({ frameWidth: inches(44) });
    expect([wide.height, wide.width]).toEqual([inches(5), inches(4.5)]);
    const recess = (facts: Partial<OpeningFacts>) =>
      us(facts).decisions.find(({ key }) => key === 'hanging.recess')!.value;
    expect(recess({})).toMatchObject({ ticks: inches(0.134) });
    expect(recess({ frameWidth: inches(44), frequency: 'high' })).toMatchObject({
      ticks: inches(0.19),
    });
    // Wider only where trim stands in the way.
    expect(item({ trimProjection: inches(2) }).width).toBeGreaterThan(inches(4.5));
  });
  it('the mass of closer and exit device beside the rest of the hardware', () => {
    const mass = (facts: Partial<OpeningFacts>) => us(facts).results.hanging.leaves[0]!.mass!;
    const plain = mass({ closer: 'none' });
    expect(Math.round((mass({ closer: 'surface-pull' }) - plain) / 453.592)).toBe(10);
    expect(mass({ closer: 'floor' })).toBe(plain);
    const exit = mass({ closer: 'surface-push', lockKind: 'rim-exit' });
    expect(Math.round((exit - plain) / 453.592)).toBe(25);
  });
  it('each leaf of a pair with a mullion by itself', () => {
    const clear = us({
      kind: 'pair',
      active: 'left',
      frameWidth: inches(68),
      meetingEdge: 'mullion',
      mullionWidth: inches(2),
      accessible: true,
    });
    // (68 − 2) / 2 less 2 9/16 that the open leaf stands into it.
    expect(clear.results.hanging.clearWidthActive).toBe(inches(30.4375));
    expect(clear.findings.map(({ code }) => code)).toContain('hanging.clearShort');
  });
});
