import { leastProgress, type StageProgress } from './index.js';

const bolt = (
  state: StageProgress['state'],
  open: number,
  finding?: StageProgress['finding'],
): StageProgress => ({ stage: 'hanging', state, open, ...(finding ? { finding } : {}) });
const together = (...bolts: StageProgress[]) => leastProgress(bolts.map((one) => [one]))[0];

describe('the bolts of several openings together', () => {
  it('stand as the one that is least far, with the worst finding and all that is open', () => {
    expect(together(bolt('decided', 0), bolt('open', 2), bolt('open', 1, 'note'))).toEqual(
      bolt('open', 3, 'note'),
    );
    expect(together(bolt('none', 0), bolt('decided', 0, 'check'))).toEqual(
      bolt('decided', 0, 'check'),
    );
    expect(together(bolt('none', 0), bolt('none', 0))).toEqual(bolt('none', 0));
    expect(together(bolt('decided', 0, 'check'), bolt('decided', 0, 'stop'))?.finding).toBe('stop');
    expect(leastProgress([])).toEqual([]);
  });
});
