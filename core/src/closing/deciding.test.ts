import { decideOpening, decisionOf } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { closingMoment } from './force.js';

const decide = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]);
const term = (key: string, facts: Partial<OpeningFacts>, practice?: PracticeId) => {
  const decision = decisionOf(decide(facts, practice), key);
  return decision?.value?.type === 'term'
    ? decision.value.term.replace(/^\w+\./, '')
    : decision?.status;
};

describe('whether a leaf closes by itself', () => {
  it.each<[string, Partial<OpeningFacts>, string | undefined]>([
    ['recorded so', { closer: 'surface-pull' }, 'yes'],
    ['recorded without', { closer: 'none', rating: 90 }, 'none'],
    ['rated, nobody said', { rating: 20 }, 'yes'],
    ['a role that always does', { role: 'stair' }, 'yes'],
    ['a role that does when rated, not rated', { role: 'office' }, 'none'],
    ['the same to the open', { role: 'goods', exterior: true }, 'yes'],
    ['a store, which is always locked', { role: 'store', rating: 0 }, 'yes'],
    ['a role whose rating is unknown', { role: 'office', rating: 'unknown' }, 'open'],
    ['where people are let in', { role: 'office', access: 'reader' }, 'yes'],
    ['where a magnet shuts it', { role: 'meeting', electricLock: 'sensor-magnet' }, 'yes'],
    ['no magnet', { role: 'meeting', electricLock: 'none' }, 'none'],
    ['let in, recorded without', { role: 'office', access: 'reader', closer: 'none' }, 'none'],
    ['nothing known', {}, 'open'],
    ['asked and not found out', { role: 'stair', closer: 'unknown' }, 'open'],
    ['a sliding leaf', { kind: 'sliding', slideTo: 'left', rating: 90 }, 'none'],
  ])('%s', (_, facts, expected) => {
    expect(term('closing.closes', facts)).toBe(expected);
  });
  it('is asked of rated doors within a dwelling in Britain, which a shared house has closed', () => {
    const british = (facts: Partial<OpeningFacts>) => {
      const { status, question, value } = decisionOf(decide(facts, 'british'), 'closing.closes')!;
      return status === 'open' ? question?.code : value?.type === 'term' && value.term;
    };
    for (const role of ['bedroom', 'bathroom', 'closet'] as const)
      expect(british({ role, rating: 30 })).toBe('ask.closesDwelling');
    expect(british({ role: 'bedroom', rating: 0 })).toMatch(/none$/);
    expect(british({ role: 'bedroom', rating: 30, closer: 'any' })).toMatch(/yes$/);
    expect(british({ role: 'bedroom', rating: 30, closer: 'none' })).toMatch(/none$/);
    expect(british({ role: 'garage', rating: 30 })).toMatch(/yes$/);
    expect(british({ role: 'patient-room', rating: 30 })).toMatch(/yes$/);
    expect(term('closing.closes', { role: 'bedroom', rating: 20 })).toBe('yes');
  });
  it('to a garage: always in the US and Britain, where rated in Australia', () => {
    const garage = { role: 'garage' } as const;
    expect(term('closing.closes', garage, 'us-residential')).toBe('yes');
    expect(term('closing.closes', garage, 'british')).toBe('yes');
    expect(term('closing.closes', garage, 'australasian')).toBe('none');
    expect(term('closing.closes', { ...garage, rating: 60 }, 'australasian')).toBe('yes');
  });
  it('is no question in a dwelling for a door to the open', () => {
    expect(term('closing.closes', { role: 'store', exterior: true }, 'us-residential')).toBe(
      'none',
    );
  });
});

describe('the closer', () => {
  const any = { closer: 'any' } as const;
  it.each<[string, Partial<OpeningFacts>, string, PracticeId?]>([
    ['in the room on the pull face', any, 'regular'],
    ['in the room on the push face', { ...any, swing: 'out' }, 'parallel'],
    ['by slide track on the continent', any, 'track-pull', 'continental'],
    ['and on the push face', { ...any, swing: 'out' }, 'track-push', 'continental'],
    [
      'on the head of a narrow leaf',
      { ...any, swing: 'out', leafConstruction: 'aluminium-narrow' },
      'top-jamb',
    ],
    ['where nothing shall be seen', { ...any, nothingVisible: true }, 'concealed'],
    ['in the floor on centre pivots', { kind: 'double-acting', ...any }, 'floor'],
    [
      'in the head over a slab with cables',
      { kind: 'double-acting', ...any, slab: 'post-tensioned' },
      'head',
    ],
    [
      'of a cross-corridor door on the pull face',
      { ...any, role: 'cross-corridor', swing: 'out' },
      'regular',
    ],
    ['none beside an operator', { ...any, operator: true }, 'operator'],
    ['as recorded', { closer: 'surface-push' }, 'parallel'],
    ['open while the swing is', { ...any, swing: undefined }, 'open'],
  ])('%s', (...[, facts, expected, practice]) => {
    expect(term('closing.device', facts, practice)).toBe(expected);
  });
  it('says what speaks against the others', () => {
    const { alternatives } = decisionOf(decide(any), 'closing.device')!;
    const against = Object.fromEntries(
      alternatives.map((one) => [one.value, one.against?.code.split('.')[2]]),
    );
    expect(against).toEqual({
      regular: undefined,
      'track-pull': 'power',
      parallel: 'publicSide',
      'track-push': 'publicSide',
      'top-jamb': 'publicSide',
      concealed: undefined,
    });
    const thin = decisionOf(decide({ ...any, leafThickness: inches(1.375) }), 'closing.device')!;
    expect(thin.alternatives.find(({ value }) => value === 'concealed')?.against?.code).toBe(
      'closing.against.thin',
    );
  });
});

describe('stops, hold-opens, order', () => {
  const any = { closer: 'any' } as const;
  it.each<[string, Partial<OpeningFacts>, string]>([
    ['a wall', { openAgainst: 'wall' }, 'wall'],
    ['glass, no closer', { closer: 'none', openAgainst: 'glass' }, 'overhead'],
    ['glass, parallel arm', { ...any, swing: 'out', openAgainst: 'glass' }, 'arm'],
    ['nothing', { openAgainst: 'nothing' }, 'floor'],
    ['nothing, many feet', { openAgainst: 'nothing', frequency: 'high' }, 'overhead'],
    ['the open', { ...any, exterior: true, swing: 'out' }, 'arm'],
    ['a magnet', { ...any, rating: 20, holdOpen: true }, 'none'],
    [
      'a floor closer',
      { closer: 'floor', choices: { 'hanging.device': { value: 'offset-pivot', reason: 'x' } } },
      'none',
    ],
  ])('a leaf that comes to %s', (_, facts, expected) => {
    expect(term('closing.stop', facts)).toBe(expected);
  });
  it('is assumed while nobody said what the leaf comes to', () => {
    expect(decisionOf(decide({}), 'closing.stop')!.basis).toBe('assumed');
    expect(decisionOf(decide({ openAgainst: 'wall' }), 'closing.stop')!.basis).toBe('derived');
  });
  it('holds open by a magnet where rated, against smoke or across a corridor, else by its arm', () => {
    const held = { ...any, holdOpen: true } as const;
    expect(term('closing.holdOpen', { ...held, rating: 20 })).toBe('magnet');
    expect(term('closing.holdOpen', { ...held, rating: 'unknown' })).toBe('magnet');
    expect(term('closing.holdOpen', { ...held, smoke: true })).toBe('magnet');
    expect(term('closing.holdOpen', { ...any, role: 'cross-corridor' })).toBe('magnet');
    expect(term('closing.holdOpen', held)).toBe('arm');
    expect(term('closing.holdOpen', { closer: 'none', holdOpen: true })).toBe('kick-down');
    const arm = { 'closing.holdOpen': { value: 'arm', reason: 'as before' } };
    const codes = (facts: Partial<OpeningFacts>) => decide(facts).findings.map(({ code }) => code);
    expect(codes({ ...held, rating: 20, choices: arm })).toContain('closing.heldRated');
    expect(codes({ ...held, choices: arm })).not.toContain('closing.heldRated');
  });
  it('wants a selector where edges overlap and nothing else keeps the order', () => {
    const pair = { kind: 'pair', active: 'left', frameWidth: inches(72), ...any } as const;
    expect(term('closing.selector', { ...pair, meetingEdge: 'rebated', lockKind: 'none' })).toBe(
      'yes',
    );
    expect(term('closing.selector', { ...pair, meetingEdge: 'square' })).toBe('none');
    const coordinated = { ...pair, meetingEdge: 'astragal', rating: 60, lockUse: 'store' } as const;
    expect(decide(coordinated).results.securing.coordinator).toBe(true);
    expect(term('closing.selector', coordinated)).toBe('none');
  });
});

describe('pressure', () => {
  it('holds a leaf open by ΔP × area × width / 2, seals by their force × width', () => {
    // 50 Pa on 0.9 × 2.1 m: 94.5 N in its middle; 8 N at the edge.
    expect(closingMoment(0.9 * 320_000, 2.1 * 320_000, 50, 8)).toBeCloseTo(94.5 * 0.45 + 7.2, 6);
  });
  it('asks for the size that closes against it, or says that none does', () => {
    const codes = (pressure: number) =>
      decide({ closer: 'any', pressure }).findings.map(({ code }) => code);
    expect(codes(10)).not.toContain('closing.pressure');
    expect(codes(40)).toContain('closing.pressure');
    expect(codes(40)).not.toContain('closing.pressureNone');
    expect(codes(200)).toContain('closing.pressureNone');
  });
});
