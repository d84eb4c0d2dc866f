import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';

const told = (
  facts: Partial<OpeningFacts>,
  practice: 'us-commercial' | 'british' = 'us-commercial',
) =>
  decideOpening({ ...DOOR, lockUse: 'passage', ...facts }, PRACTICES[practice])
    .findings.filter(
      ({ code }) => code.startsWith('checking.') && code !== 'checking.blockingUnknown',
    )
    .map(({ level, code }) => `${level} ${code.slice('checking.'.length)}`);

describe('recorded facts that speak against each other', () => {
  it.each<[string, Partial<OpeningFacts>, string[]]>([
    ['rated without a closer', { rating: 20, closer: 'none' }, ['stop ratedNoCloser']],
    ['rated, nobody said', { rating: 20 }, []],
    ['not rated without a closer', { closer: 'none' }, []],
    [
      'a patient room',
      { rating: 20, closer: 'none', role: 'patient-room' },
      ['check ratedNoCloserWhere'],
    ],
    ['a store', { rating: 45, closer: 'none', role: 'store' }, ['check ratedNoCloserWhere']],
    ['a stair', { rating: 90, closer: 'none', role: 'stair' }, ['stop ratedNoCloser']],
    ['a knob on an accessible route', { accessible: true, handle: 'knob' }, ['stop knob']],
    ['a lever there', { accessible: true, handle: 'lever' }, []],
    ['a knob elsewhere', { handle: 'knob' }, []],
    [
      'threshold 1/2',
      { accessible: true, threshold: 'plain', thresholdHeight: inches(0.5) },
      ['note thresholdBevel'],
    ],
    [
      'threshold 9/16',
      { accessible: true, threshold: 'plain', thresholdHeight: inches(0.5625) },
      ['stop threshold'],
    ],
    ['threshold 1/4', { accessible: true, threshold: 'plain', thresholdHeight: inches(0.25) }, []],
    [
      'glass 10 by 10 at 90',
      { rating: 90, closer: 'any', glassWidth: inches(10), glassHeight: inches(10) },
      [],
    ],
    [
      'glass 10 by 11 at 90',
      { rating: 90, closer: 'any', glassWidth: inches(10), glassHeight: inches(11) },
      ['check glassRated'],
    ],
    [
      'glass 10 by 11 at 45',
      { rating: 45, closer: 'any', glassWidth: inches(10), glassHeight: inches(11) },
      [],
    ],
    [
      'a grille in a rated leaf',
      { rating: 20, closer: 'any', leafHole: 'vent' },
      ['check holeRated'],
    ],
    ['nothing cut', { rating: 20, closer: 'any', leafHole: 'none' }, []],
    ['a grille, not rated', { leafHole: 'vent' }, []],
  ])('%s', (_, facts, expected) => {
    expect(told(facts)).toEqual(expected);
  });

  it('power without a way for its wire', () => {
    const reader = { lockUse: 'reader', role: 'server', closer: 'any' } as const;
    expect(told(reader)).toEqual([]);
    expect(told({ ...reader, wireToLeaf: false })).toEqual(['stop noWire']);
    expect(told({ ...reader, wireToLeaf: true })).toEqual([]);
    const strike = { 'securing.function': { value: 'electric-strike', reason: 'in the frame' } };
    expect(told({ ...reader, choices: strike })).toEqual([]);
  });

  it('by each practice’s own limits', () => {
    expect(told({ accessible: true, handle: 'knob' }, 'british')).toContain('check knob');
    const rise = (thresholdHeight: number) =>
      told({ accessible: true, threshold: 'plain', thresholdHeight }, 'british').filter((one) =>
        one.includes('threshold'),
      );
    expect([rise(mm(5)), rise(mm(15)), rise(mm(16))]).toEqual([
      [],
      ['note thresholdBevel'],
      ['stop threshold'],
    ]);
  });
});
