import { bareBasis, mm, PRACTICES, type OpeningFacts } from '@riegel/core';
import { packRow } from './row.js';

const room: OpeningFacts = {
  mark: '1',
  kind: 'single',
  from: 'Flur',
  to: 'Büro 1',
  leafWidth: mm(860),
  leafHeight: mm(1985),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
};
const cell = (column: string, facts: Partial<OpeningFacts> = {}) =>
  packRow('a', { ...room, ...facts }, bareBasis(PRACTICES.continental)).cells[column];

describe('a line of the register', () => {
  it('shows a rebated leaf by its size over all, a flush one by its own', () => {
    const size = [[mm(860), 'down'], ' × ', [mm(1985), 'down']];
    expect(cell('leafSize')).toEqual(size);
    expect(cell('leafSize', { leafEdge: 'flush' })).toEqual(size);
    const frame = { frameWidth: mm(841), frameHeight: mm(1983) };
    const bare = { leafWidth: undefined, leafHeight: undefined, ...frame };
    expect(cell('leafSize', bare)).toEqual([[mm(860), 'down'], ' × ', [mm(1985.5), 'down']]);
    expect(cell('leafSize', { ...bare, leafEdge: 'flush' })).toEqual([
      [mm(834), 'down'],
      ' × ',
      [mm(1972.5), 'down'],
    ]);
  });
  it('names hinges that are no butts in a word', () => {
    expect(cell('hinges')).toEqual(['2 · drill-in']);
    expect(cell('hinges', { from: 'Straße', to: 'Garten' })).toEqual(['3 · T-hinges']);
  });
});
