import fc from 'fast-check';
import { fieldApplies } from '../stageRegistry/index.js';
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
        const rank = list.map(({ settles, told }) => settles.length * 1000 + told.length);
        expect(rank).toEqual([...rank].sort((a, b) => b - a));
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
    const quiet = list.filter(({ settles, told }) => settles.length + told.length === 0);
    const first = quiet.map(({ field }) => field.first ?? false);
    expect(first.indexOf(false)).toBe(first.lastIndexOf(true) + 1);
  });
  it('goes before the rest where a finding points at it, until that is accepted', () => {
    const room = {
      mark: '1',
      kind: 'single',
      role: 'electrical',
      secured: true,
      lockUse: 'store',
      rating: 0,
    } as const;
    const decided = decideOpening(room, basis);
    const told = (findings: typeof decided.findings) =>
      askedFacts({ ...decided, findings }).find(({ field }) => field.name === 'amperes')!.told;
    expect(told(decided.findings)).toEqual(['securing']);
    const accepted = { key: 'x', by: 'x', at: 'x', reason: 'x' } as never;
    expect(told(decided.findings.map((one) => ({ ...one, accepted })))).toEqual([]);
    const rest = askedFacts(decided).filter(({ settles }) => settles.length === 0);
    expect(rest[0]!.told.length).toBeGreaterThan(0);
  });
  it('is no longer asked once it is answered', () => {
    const names = asked({ mark: '1', kind: 'single', secured: true, lockUse: 'store' }).map(
      ({ field }) => field.name,
    );
    expect(names).not.toContain('secured');
    expect(names).not.toContain('mark');
  });
});
