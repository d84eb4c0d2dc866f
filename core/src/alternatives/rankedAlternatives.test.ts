import fc from 'fast-check';
import { inches } from '../measure/index.js';
import { decideOpening } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { projectBasis } from '../project/index.js';
import { soundFacts } from '../testing/arbitrary.js';
import { DOOR } from '../testing/door.js';
import { rankedAlternatives } from './rankedAlternatives.js';

const basis = projectBasis('us-commercial');
const of = (facts: Partial<OpeningFacts>, key: string) =>
  rankedAlternatives({ ...DOOR, hingeSide: 'left', swing: 'in', ...facts }, basis, key);
const said = (one: ReturnType<typeof of>[number]) =>
  one.consequences.map((each) => phraseText(each, { system: 'inch' })).join(' ');

describe('what was not taken', () => {
  it('is every alternative but the one taken, each with what it comes to', () => {
    fc.assert(
      fc.property(soundFacts, (facts) => {
        for (const { key, alternatives, value } of decideOpening(facts, basis).decisions) {
          const list = rankedAlternatives(facts, basis, key);
          if (alternatives.length === 0) {
            expect(list).toEqual([]);
            continue;
          }
          expect(list.length).toBe(alternatives.length - (value ? 1 : 0));
          for (const one of list) {
            expect(one.consequences.length).toBeGreaterThan(0);
            expect(said(one)).not.toMatch(/undefined|\{|instead\./);
          }
        }
      }),
      { numRuns: 15 },
    );
  });
  it('stands with the least trouble first: what brings a stop comes after all that brings none', () => {
    const list = of(
      { rating: 90, secured: true, lockUse: 'store', lockKind: undefined },
      'securing.kind',
    );
    const firstStop = list.findIndex(({ stops }) => stops > 0);
    expect(firstStop).toBeGreaterThan(0);
    expect(list.slice(firstStop).every(({ stops }) => stops > 0)).toBe(true);
    const dead = list.find(({ alternative }) => alternative.value === 'deadbolt')!;
    expect(said(dead)).toContain('A rated leaf must latch by itself.');
  });
  it('does not put what is another door altogether before its neighbours because it is cheaper', () => {
    const list = of(
      { kind: 'pair', frameWidth: inches(72), secured: true, rating: 45, lockUse: 'classroom' },
      'securing.kind',
    ).map(({ alternative }) => alternative.value);
    expect(list.indexOf('mortise')).toBeLessThan(list.indexOf('rods-surface'));
  });
  it('says what becomes of the rest: the decisions that follow, the cost, the preparation', () => {
    const [mortise, tubular] = ['mortise', 'tubular'].map((value) =>
      of({ secured: true, lockUse: 'store', rating: 0 }, 'securing.kind').find(
        ({ alternative }) => alternative.value === value,
      )!,
    );
    expect(said(mortise!)).toMatch(/Lock function becomes storeroom/);
    expect(said(mortise!)).toMatch(/Another preparation: the lock case/);
    expect(said(tubular!)).toMatch(/A cost class less\. Another preparation: the strike/);
    const dearest = of({}, 'hanging.device').sort((a, b) => b.cost - a.cost)[0]!;
    expect(dearest.cost).toBeGreaterThan(1);
    expect(said(dearest)).toMatch(new RegExp(`${dearest.cost} cost classes more`));
  });
  it('says what another lock function does otherwise', () => {
    const facts = { secured: true, lockKind: 'cylindrical', lockUse: 'classroom' } as const;
    const [passage, storeroom] = ['passage', 'storeroom'].map((value) =>
      of(facts, 'securing.function').find(({ alternative }) => alternative.value === value)!,
    );
    expect(said(passage!)).toContain('Nothing locks it: anybody comes in.');
    expect(said(storeroom!)).toContain('It locks by itself at every closing.');
    expect(said(storeroom!)).toContain('The same preparation.');
  });
  it('changes nothing of the opening it was asked of', () => {
    const facts: OpeningFacts = { ...DOOR, secured: true, lockUse: 'store' };
    const before = JSON.stringify(facts);
    rankedAlternatives(facts, basis, 'securing.kind');
    expect(JSON.stringify(facts)).toBe(before);
  });
});
