import { MAX_SIGNATURE, siteState, type SiteRecord } from '@riegel/core';
import { defectsByMonth } from './defectsByMonth.js';
import { readFigure } from './readFigure.js';
import { pathOf } from './signaturePath.js';

const stroke = (count: number) => ({
  points: Array.from({ length: count }, (_, at) => ({ x: at * 1.4, y: 30 - at * 0.2 })),
});

describe('a signature', () => {
  it('is one path of its strokes', () =>
    expect(
      pathOf([
        {
          points: [
            { x: 0.4, y: 1.6 },
            { x: 10, y: 20 },
          ],
        },
        { points: [{ x: 5, y: 5 }] },
      ]),
    ).toBe('M0 2L10 20M5 5'));
  it('that is too large is thinned until it is kept, its ends where they were', () => {
    const path = pathOf([stroke(9000)]);
    expect(path.length).toBeLessThanOrEqual(MAX_SIGNATURE);
    expect(path.startsWith('M0 30')).toBe(true);
    expect(path.endsWith('L12599 -1770')).toBe(true);
  });
});

describe('a figure that is typed', () => {
  const [inch, metric] = [
    { system: 'inch', denominator: 16 } as const,
    { system: 'metric', denominator: 16 } as const,
  ];
  it.each([
    ['5.2', 'seconds', metric, 5.2],
    ['5,2 s', 'seconds', metric, 5.2],
    ['x', 'seconds', metric, undefined],
    ['', 'seconds', metric, undefined],
    ['-1', 'seconds', metric, undefined],
    ['30', 'newtons', metric, 30],
    ['5', 'newtons', inch, 22.241108],
    ['3/8', 'length', inch, 3048],
    ['9.5', 'length', metric, 3040],
    ['wide', 'length', metric, undefined],
  ] as const)('%j as %s', (text, unit, units, expected) => {
    const read = readFigure(text, unit, units);
    if (expected === undefined) expect(read).toBeUndefined();
    else expect(read).toBeCloseTo(expected, 3);
  });
});

it('counts defects by the months they came and went in', () => {
  const record = (kind: string, more: object, at: string) =>
    ({
      id: `${kind}${at}`,
      openingId: 'o',
      by: 'x',
      kind,
      at: `${at}T08:00:00Z`,
      ...more,
    }) as SiteRecord;
  const states = [
    siteState([
      record('defect', { defect: 'a', what: 'x' }, '2026-09-30'),
      record('settled', { defect: 'a', note: 'y' }, '2026-11-01'),
      record('defect', { defect: 'b', what: 'x' }, '2026-09-02'),
      record('defect', { defect: 'c', what: 'x' }, '2024-01-02'),
    ]),
  ];
  const rows = defectsByMonth(states, '2026-11-27');
  expect(rows.map(({ month }) => month)).toEqual([
    '2025-12',
    '2026-01',
    '2026-02',
    '2026-03',
    '2026-04',
    '2026-05',
    '2026-06',
    '2026-07',
    '2026-08',
    '2026-09',
    '2026-10',
    '2026-11',
  ]);
  expect(rows[9]).toEqual({ month: '2026-09', reported: 2, settled: 0 });
  expect(rows[11]).toEqual({ month: '2026-11', reported: 0, settled: 1 });
});
