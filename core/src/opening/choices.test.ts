import fc from 'fast-check';
import { choiceOf, choicesVersion, withCurrentChoices, type ChoiceUpgrade } from './choices.js';
import type { Choice } from './facts.js';
import type { OpeningFacts } from './registry.js';

const facts = (choices?: Record<string, Choice>): OpeningFacts => ({
  mark: '1',
  kind: 'single',
  ...(choices ? { choices } : {}),
});

/** A decision that was renamed, then one of its values; then a value that went for good. */
const UPGRADES: readonly ChoiceUpgrade[] = [
  ([key, choice]) => [key === 'hanging.hung' ? 'hanging.device' : key, choice],
  ([key, choice]) =>
    key === 'hanging.device' && choice.value === 'pin'
      ? [key, { ...choice, value: 'butt' }]
      : [key, choice],
  ([key, choice]) => (key === 'hanging.colour' ? undefined : [key, choice]),
];
const now = choicesVersion(UPGRADES);

describe('choices made under an earlier version', () => {
  it('hold under today’s names, with their reasons', () => {
    const old = facts({ 'hanging.hung': { value: 'pin', reason: 'as agreed' } });
    expect(withCurrentChoices(old, UPGRADES).choices).toEqual({
      'hanging.device': { value: 'butt', reason: 'as agreed', version: now },
    });
  });
  it('take only the steps since their own', () => {
    const second = facts({ 'hanging.hung': { value: 'pin', reason: 'r', version: 2 } });
    expect(withCurrentChoices(second, UPGRADES).choices).toEqual({
      'hanging.hung': { value: 'pin', reason: 'r', version: now },
    });
  });
  it('stay as they are where there is nothing to bring them to, to be told', () => {
    const gone = facts({ 'hanging.colour': { value: 'red', reason: 'r' } });
    expect(withCurrentChoices(gone, UPGRADES).choices).toEqual(gone.choices);
  });
  it('do not push aside one made under today’s name', () => {
    const both = facts({
      'hanging.hung': { value: 'pin', reason: 'old' },
      'hanging.device': { value: 'pivot', reason: 'new', version: now },
    });
    expect(withCurrentChoices(both, UPGRADES).choices).toEqual({
      'hanging.device': { value: 'pivot', reason: 'new', version: now },
    });
  });
});

it('of today, or of a later Riegel, are left alone: the very same facts', () => {
  const one = facts({ 'hanging.device': { value: 'butt', reason: 'r', version: now } });
  expect(withCurrentChoices(one, UPGRADES)).toBe(one);
  const later = facts({ 'hanging.device': { value: 'butt', reason: 'r', version: now + 3 } });
  expect(withCurrentChoices(later, UPGRADES)).toBe(later);
  expect(withCurrentChoices(facts(), UPGRADES)).toEqual(facts());
});

it('are recorded with their version once there is a second', () => {
  expect(choiceOf('butt', 'r', [])).toEqual({ value: 'butt', reason: 'r' });
  expect(choiceOf('butt', 'r', UPGRADES)).toEqual({ value: 'butt', reason: 'r', version: now });
});

it('upgraded twice are as upgraded once', () => {
  const key = fc.constantFrom('hanging.hung', 'hanging.device', 'hanging.colour', 'x.y');
  const choice = fc.record({ value: fc.constantFrom('pin', 'butt'), reason: fc.constant('r') });
  fc.assert(
    fc.property(fc.dictionary(key, choice), (choices) => {
      const once = withCurrentChoices(facts(choices), UPGRADES);
      expect(withCurrentChoices(once, UPGRADES)).toEqual(once);
    }),
  );
});
