import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import { readFacts } from '../exchange/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { accepting, lapsed, withdrawing } from './acceptance.js';

const decide = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...DOOR, closer: 'any', ...facts }, PRACTICES['us-commercial']);
const by = { reason: 'agreed with the authority', by: 'Ines', at: '2026-11-26T10:00:00Z' };
const plated = { rating: 20, kickPlate: inches(20) } as const;
const label = (facts: Partial<OpeningFacts>) =>
  decide(facts).findings.find(({ code }) => code === 'protecting.label')!;

describe('a finding that is accepted', () => {
  const finding = label(plated);
  const accepted = accepting(finding, { ...DOOR, closer: 'any', ...plated }, by);
  it('stands with name and reason, and no longer marks its bolt', () => {
    const decided = decide({ ...plated, accepted });
    expect(label({ ...plated, accepted }).accepted).toMatchObject(by);
    const bolt = (of: typeof decided) =>
      of.progress.find(({ stage }) => stage === 'protecting')!.finding;
    expect(bolt(decide(plated))).toBe('check');
    expect(bolt(decided)).toBeUndefined();
    expect(lapsed(decided.findings, decided.facts)).toEqual([]);
  });
  it('lapses when what it rests on changes, and holds when something else does', () => {
    expect(label({ ...plated, accepted, mark: '7' }).accepted).toBeDefined();
    const higher = { ...plated, kickPlate: inches(22), accepted };
    expect(label(higher).accepted).toBeUndefined();
    expect(lapsed(decide(higher).findings, decide(higher).facts)).toHaveLength(1);
    expect(label({ ...plated, rating: 45, accepted }).accepted).toBeUndefined();
  });
  it('is accepted once, may be withdrawn, and leaves others alone', () => {
    const facts = { ...DOOR, closer: 'any', ...plated, accepted } as OpeningFacts;
    expect(accepting(finding, facts, { ...by, reason: 'again' })).toHaveLength(1);
    expect(withdrawing(finding, facts)).toEqual([]);
    const other = { ...accepted[0]!, code: 'closing.beyond' };
    expect(withdrawing(finding, { ...facts, accepted: [...accepted, other] })).toEqual([other]);
  });
  it('is a fact like others: read, bounded, kept', () => {
    const facts = { ...DOOR, version: 2, accepted };
    expect(readFacts(JSON.parse(JSON.stringify(facts)))).toMatchObject({
      ok: true,
      value: { accepted },
    });
    expect(readFacts({ ...facts, accepted: [{ ...accepted[0], reason: '' }] })).toMatchObject({
      ok: false,
    });
    expect(readFacts({ ...facts, accepted: Array(201).fill(accepted[0]) })).toMatchObject({
      ok: false,
    });
  });
});
