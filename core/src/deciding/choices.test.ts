import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { bareBasis, PRACTICES } from '../project/index.js';
import type { Choice, OpeningFacts } from '../model/index.js';
import { STAGES } from '../stageRegistry/index.js';
import { anyFacts, soundFacts } from '../testing/arbitrary.js';
import { DOOR } from '../testing/door.js';
import { decideOpening } from './index.js';

const basis = bareBasis(PRACTICES['us-commercial']);
const decide = (choices: Record<string, Choice>, facts: Partial<OpeningFacts> = {}) =>
  decideOpening({ ...DOOR, ...facts, choices }, basis);
const chosen = (value: string | number): Choice => ({ value, reason: 'as agreed' });
const told = ({ findings }: ReturnType<typeof decide>) =>
  findings
    .filter(({ code }) => code.startsWith('choice.'))
    .map(({ code, parts }) => [code, ...parts]);

describe('a number that was chosen', () => {
  it.each([
    ['hanging.count', 2, 12, 1, 13],
    ['hanging.count', 2, 12, 0, 40],
    ['hanging.hingeHeight', inches(1.75), inches(12), 1, inches(12) + 1],
    ['hanging.hingeWidth', mm(60), inches(9), -inches(4), inches(99)],
  ])('%s holds from %d to %d, and not at %d or %d', (key, least, most, below, above) => {
    for (const value of [least, most]) {
      const opening = decide({ [key]: chosen(value) });
      expect(opening.decisions.find((one) => one.key === key)).toMatchObject({ basis: 'chosen' });
      expect(told(opening)).toEqual([]);
    }
    const derived = decide({}).decisions.find((one) => one.key === key)!.value;
    for (const value of [below, above, NaN, -Infinity, 3.5, '3']) {
      const opening = decide({ [key]: chosen(value) });
      expect(opening.decisions.find((one) => one.key === key)).toMatchObject({
        basis: 'derived',
        value: derived,
      });
      expect(told(opening)).toEqual([['choice.notTaken', key]]);
    }
  });

  it('is what is listed: the count that is decided is the count in the set', () => {
    fc.assert(
      fc.property(fc.integer({ min: -5, max: 60 }), (count) => {
        const opening = decide({ 'hanging.count': chosen(count) });
        const decision = opening.decisions.find((one) => one.key === 'hanging.count')!;
        const listed = opening.items
          .filter((item) => item.term === 'item.butt')
          .reduce((sum, item) => sum + item.quantity, 0);
        expect(decision.value).toEqual({ type: 'count', count: listed });
        expect(opening.results.hanging.leaves[0]!.positions).toHaveLength(listed);
      }),
    );
  });
});

describe('a choice that does not hold', () => {
  it('of a word that is none of the alternatives is told, and what is derived stands', () => {
    const opening = decide({ 'hanging.device': chosen('velcro') });
    expect(told(opening)).toEqual([['choice.notTaken', 'hanging.device']]);
    expect(opening.findings.find(({ code }) => code === 'choice.notTaken')).toMatchObject({
      level: 'check',
      stage: 'hanging',
      params: { decision: { term: 'name.hanging.device' }, reason: 'as agreed' },
    });
  });
  it('for something that is not decided here is told', () => {
    expect(told(decide({ 'hanging.colour': chosen('red') }))).toEqual([
      ['choice.nothing', 'hanging.colour'],
    ]);
    expect(told(decide({ 'hanging.count@upper': chosen(3) }))).toEqual([
      ['choice.nothing', 'hanging.count@upper'],
    ]);
    expect(told(decide({ 'constructor.toString': chosen(3) }))).toEqual([
      ['choice.nothing', 'constructor.toString'],
    ]);
  });
  it('for something still open waits for the answer, in silence', () => {
    const opening = decide({ 'hanging.hingeHeight': chosen(inches(5)) }, { frameWidth: undefined });
    expect(opening.decisions.find(({ key }) => key === 'hanging.hingeHeight')?.status).not.toBe(
      'decided',
    );
  });
  it('is always told: every choice holds, waits, or has its finding, whatever the opening', () => {
    const keys = [
      'hanging.device',
      'hanging.count',
      'hanging.corner',
      'securing.function',
      'securing.kind',
      'sealing.x',
      'hanging.foot',
      'hanging.count@active',
    ];
    const choices = fc.dictionary(
      fc.constantFrom(...keys),
      fc.record({
        value: fc.oneof(fc.integer(), fc.constantFrom('butt', 'none', 'passage', 'x')),
        reason: fc.constant('r'),
      }),
    );
    fc.assert(
      fc.property(fc.oneof(anyFacts, soundFacts), choices, (facts, given) => {
        const { decisions, findings } = decideOpening({ ...facts, choices: given }, basis);
        for (const key of Object.keys(given)) {
          const decision = decisions.find((one) => one.key === key);
          const holds = decision?.basis === 'chosen' || decision?.status === 'open';
          expect(
            findings.some((one) => one.code.startsWith('choice.') && one.parts[0] === key),
          ).toBe(!holds);
        }
      }),
    );
  });
});

it('decisions stand in the order of the stages, named products too', () => {
  const opening = decide({
    'hanging.product': chosen([...basis.products.values()].find(({ type }) => type === 'butt')!.id),
  });
  const places = opening.decisions.map(({ stage }) => STAGES.indexOf(stage));
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(opening.decisions.some(({ key }) => key === 'hanging.product')).toBe(true);
});
