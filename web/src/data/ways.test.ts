import { projectBasis, wayKey, type OpeningFacts } from '@riegel/core';
import { WaysKeeper } from './ways.js';

const basis = projectBasis('us-commercial');
const door = (from: string, to: string, more: Partial<OpeningFacts> = {}) => ({
  facts: { mark: '1', kind: 'single', from, to, ...more } as OpeningFacts,
});

describe('the ways out that are kept', () => {
  it('stay the same object while no edge changes, and change when one does', () => {
    const keeper = new WaysKeeper();
    const list = [door('Street', 'Lobby 100'), door('Lobby 100', 'Office')];
    const first = keeper.waysOf(list, basis, 'a');
    expect(first.ways.get(wayKey('Office', 'Lobby 100'))?.escape).toBe('to');
    const other = [list[0]!, door('Lobby 100', 'Office', { rating: 20 })];
    expect(keeper.waysOf(other, basis, 'a')).toBe(first);
    const shut = keeper.waysOf(
      [list[0]!, door('Lobby 100', 'Office', { egress: false })],
      basis,
      'a',
    );
    expect(shut).not.toBe(first);
    expect(shut.key).not.toBe(first.key);
    expect(shut.ways.get(wayKey('Office', 'Lobby 100'))).toBeUndefined();
    // Another building, another key.
    expect(keeper.waysOf(list, basis, 'b').key).not.toBe(first.key);
  });
});
