import fc from 'fast-check';
import { fieldApplies } from '../stages/index.js';
import { projectBasis } from '../project/index.js';
import { anyFacts } from '../testing/arbitrary.js';
import { askedFacts } from './askedFacts.js';
import { decideOpening } from './decideOpening.js';

const basis = projectBasis('us-commercial');
const asked = (facts: Parameters<typeof decideOpening>[0]) =>
  askedFacts(decideOpening(facts, basis));

describe('what to ask next', () => {
  it('is what nobody recorded and what means something here, what settles most first', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const list = asked(facts);
        for (const { field } of list) {
          expect(decideOpening(facts, basis).facts[field.name]).toBeUndefined();
          expect(fieldApplies(field.name, facts.kind)).toBe(true);
        }
        const settled = list.map(({ settles }) => settles.length);
        expect(settled).toEqual([...settled].sort((a, b) => b - a));
      }),
      { numRuns: 60 },
    );
  });
  it('names the decisions that wait for it', () => {
    const list = asked({ mark: '1', kind: 'single' });
    const of = (name: string) => list.find(({ field }) => field.name === name)!;
    expect(of('frameWidth').settles).toContain('sizing.leafWidth');
    expect(of('note').settles).toEqual([]);
    // Equal in what they settle, what is asked of every opening goes before the rest.
    const quiet = list.filter(({ settles }) => settles.length === 0);
    const first = quiet.map(({ field }) => field.first ?? false);
    expect(first.indexOf(false)).toBe(first.lastIndexOf(true) + 1);
  });
  it('is no longer asked once it is answered', () => {
    const names = asked({ mark: '1', kind: 'single', secured: true, lockUse: 'store' }).map(
      ({ field }) => field.name,
    );
    expect(names).not.toContain('secured');
    expect(names).not.toContain('mark');
  });
});
