import { GRAMS_PER_POUND, inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { Practice } from '../practice/index.js';
import type { Choice, OpeningFacts } from '../model/index.js';
import { decideOpening } from '../deciding/index.js';
import { phraseText } from '../phrasing/index.js';

const us = PRACTICES['us-commercial'];
const base: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'timber-stave',
  hingeSide: 'left',
  swing: 'out',
  rating: 0,
  frequency: 'low',
  closer: 'none',
  secured: false,
};
const decide = (facts: Partial<OpeningFacts>, practice: Practice = us) =>
  decideOpening({ ...base, ...facts }, practice);
const find = (facts: Partial<OpeningFacts>, key: string, practice: Practice = us) =>
  decide(facts, practice).decisions.find((one) => one.key === `hanging.${key}`);
const choose = (key: string, value: Choice['value']) => ({
  choices: { [`hanging.${key}`]: { value, reason: 'because' } },
});
const codes = (facts: Partial<OpeningFacts>) =>
  decide(facts).findings.map((one) => `${one.level} ${one.code}`);

describe('choosing otherwise', () => {
  it.each([
    ['hingeHeight', inches(5)],
    ['hingeWidth', inches(5)],
    ['weight', 'heavy'],
    ['bearing', 'bearing'],
    ['count', 4],
    ['pattern', 'us-timber-7-11'],
    ['metal', 'stainless'],
    ['pin', 'non-removable'],
    ['device', 'continuous'],
  ] as const)('%s keeps the value, the reason and what it stands instead of', (key, value) => {
    const before = find({}, key)!;
    const chosen = find(choose(key, value), key)!;
    expect(before.basis).toBe('derived');
    expect(chosen).toMatchObject({
      basis: 'chosen',
      chosenBecause: 'because',
      insteadOf: before.value,
    });
    expect(chosen.value).not.toEqual(before.value);
    expect(chosen.reasons[0]).toEqual({ code: 'chosen.because', params: { reason: 'because' } });
  });

  it('carries through to all that follows', () => {
    const four = decide(choose('count', 4));
    expect(four.items[0]!.quantity).toBe(4);
    expect(four.results.hanging.leaves[0]!.positions).toHaveLength(4);
    const wide = decide(choose('hingeWidth', inches(5)));
    expect(wide.results.hanging.axis!.y).toBe(inches(1));
    const clear = (facts: Partial<OpeningFacts>) =>
      (find(facts, 'clearWidth')!.value as { ticks: number }).ticks;
    expect(clear({}) - clear(choose('hingeWidth', inches(5)))).toBe(inches(0.25));
    expect(decide(choose('device', 'continuous')).items[0]).toMatchObject({
      term: 'item.continuous',
      length: inches(83.125),
    });
  });

  it('says what speaks against each alternative, in words', () => {
    const { alternatives } = find({ rating: 90 }, 'device')!;
    const against = Object.fromEntries(
      alternatives.map((one) => [
        one.value,
        one.against ? phraseText(one.against, { system: 'inch' }) : '',
      ]),
    );
    expect(against).toMatchObject({
      butt: '',
      continuous: 'Only as listed on a rated frame.',
      'offset-pivot': 'The floor must take the bottom pivot.',
    });
  });

  it('warns where a rule is broken', () => {
    expect(codes({ ...choose('bearing', 'plain'), rating: 90 })).toContain(
      'stop hanging.plainBearing',
    );
    expect(codes({ ...choose('bearing', 'plain'), closer: 'any' })).toContain(
      'check hanging.plainBearing',
    );
    expect(codes({ ...choose('pin', 'removable'), secured: true, lockUse: 'store' })).toContain(
      'check hanging.pinExposed',
    );
    expect(codes({ ...choose('count', 2) })).toContain('check hanging.fewHinges');
    expect(codes({ ...choose('count', 12), frameHeight: inches(40) })).toContain(
      'stop hanging.noRoom',
    );
    expect(
      codes({ ...choose('device', 'butt'), leafMass: Math.round(700 * GRAMS_PER_POUND) }),
    ).toContain('stop hanging.tooHeavy');
    expect(codes({ kind: 'double-acting', ...choose('device', 'double-acting-spring') })).toContain(
      'check hanging.springHeavy',
    );
  });
});

describe('what cannot be hung on butts', () => {
  it('is said and asked about', () => {
    expect(codes({ leafThickness: inches(3) })).toContain('stop hanging.noButt');
    expect(codes({ trimProjection: inches(6) })).toContain('stop hanging.trimTooDeep');
    expect(find({ frameWidth: undefined }, 'count')).toMatchObject({
      status: 'open',
      question: { code: 'ask.sizeFirst' },
    });
  });
});

describe('trim, edge and angle', () => {
  it('a wider hinge carries the leaf clear of its trim', () => {
    expect(find({ trimProjection: inches(1 / 2) }, 'widestAngle')!.value).toEqual({
      type: 'angle',
      degrees: 180,
    });
    const held = find(
      { trimProjection: inches(2), ...choose('hingeWidth', inches(4)) },
      'widestAngle',
    )!.value as { degrees: number };
    expect(held.degrees).toBeGreaterThan(90);
    expect(held.degrees).toBeLessThan(180);
  });
  it('a narrow thick leaf wants its lock edge bevelled, and says by how much', () => {
    const narrow = find({ frameWidth: inches(14), leafThickness: inches(2.25) }, 'lockEdge')!;
    expect(narrow.value).toEqual({ type: 'term', term: 'lockEdge.bevelled' });
    expect(phraseText(narrow.reasons[0]!, { system: 'inch' })).toMatch(
      /more than the gap of 1\/8 in: bevel the edge \(usual 3\.5°\)/,
    );
    expect(find({}, 'lockEdge')!.value).toEqual({ type: 'term', term: 'lockEdge.square' });
  });
});

describe('the other schools', () => {
  const british = (facts: Partial<OpeningFacts> = {}) => ({
    frameMaterial: 'timber' as const,
    frameWidth: mm(768),
    frameHeight: mm(1992),
    leafThickness: mm(35),
    leafConstruction: 'timber-panelled-softwood' as const,
    ...facts,
  });
  it('hang a British inside leaf on three, 150 and 225', () => {
    const decided = decide(british(), PRACTICES.british);
    expect(decided.items[0]).toMatchObject({ quantity: 3, height: mm(76), width: mm(67) });
    expect(decided.results.hanging.leaves[0]!.positions![0]).toBe(mm(150));
    expect(find(british(), 'grade', PRACTICES.british)!.value).toEqual({ type: 'count', count: 7 });
  });
  it('take grade 13 at least on rated leaves, and refuse what is above every grade', () => {
    expect(find(british({ rating: 30 }), 'grade', PRACTICES.british)!.value).toEqual({
      type: 'count',
      count: 13,
    });
    const heavy = decide(
      british({ leafMass: 155_000, closer: 'any', backCheck: true, leafThickness: mm(60) }),
      PRACTICES.british,
    );
    expect(heavy.findings.map((one) => one.code)).toContain('hanging.noGrade');
  });
  it('measure Continental hinges to their centres from the reference line', () => {
    const decided = decide({ frameWidth: mm(992), frameHeight: mm(2120.5) }, PRACTICES.continental);
    const [leaf] = decided.results.hanging.leaves;
    expect(leaf!.positions![0]! + leaf!.hingeHeight! / 2 + decided.results.sizing.headGap!).toBe(
      mm(241),
    );
  });
  it('want stainless screws in acid timber', () => {
    expect(find({ acidTimber: true }, 'screws')!.value).toEqual({
      type: 'term',
      term: 'screws.stainless',
    });
    expect(find({ frameMaterial: undefined }, 'screws')!.question!.code).toBe('ask.frameMaterial');
  });
});
