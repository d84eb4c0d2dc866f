import fc from 'fast-check';
import { bareBasis, inches, PRACTICES, type OpeningFacts } from '@riegel/core';
import { packRow } from '../../worker/row.js';
import { ALL_COLUMNS, cellOf, COLUMNS } from './columns.js';
import { fitText } from './fitText.js';
import {
  frozenTo,
  LAYOUT,
  moved,
  NARROWEST,
  placed,
  readLayout,
  toggled,
  WIDEST,
  withWidth,
} from './layout.js';
import { AS_ENTERED, ordered, pressed, valuesOf, type Order } from './order.js';
import { readOrder, readViews } from './views.js';

const basis = bareBasis(PRACTICES['us-commercial']);
const opening = (mark: string, rest: Partial<OpeningFacts> = {}) => {
  const facts: OpeningFacts = { mark, kind: 'single', ...rest };
  return { id: mark, facts };
};
const list = [
  opening('10', { to: 'Store', frameWidth: inches(35.5), rating: 90 }),
  opening('9', { to: 'Office', frameWidth: inches(35.1875), rating: 20 }),
  opening('9a', { to: 'Office', rating: 90 }),
  opening('1', { to: 'Plant room', frameWidth: inches(102), rating: 'unknown' }),
];
const rows = new Map(list.map(({ id, facts }) => [id, packRow(id, facts, basis)]));
const rowOf = (id: string) => rows.get(id);
const shown = COLUMNS.map(({ id }) => id);
const marks = (order: Partial<Order>, of = rowOf) =>
  ordered(list, of, shown, { ...AS_ENTERED, ...order }).map(({ id }) => id);

describe('the order of the register', () => {
  it('is the very list while nothing is asked for', () => {
    expect(ordered(list, rowOf, shown, AS_ENTERED)).toBe(list);
  });
  it('sorts marks as people number doors, and lengths by what they are', () => {
    expect(marks({ sorting: [{ id: 'mark', desc: false }] })).toEqual(['1', '9', '9a', '10']);
    // 35 3/16 before 35 1/2 before 102, as no text would have it; what is open comes last both ways.
    expect(marks({ sorting: [{ id: 'frameWidth', desc: false }] })).toEqual(['9', '10', '1', '9a']);
    expect(marks({ sorting: [{ id: 'frameWidth', desc: true }] })).toEqual(['1', '10', '9', '9a']);
    expect(marks({ sorting: [{ id: 'frameWidth', desc: false }] }, () => undefined)).toEqual([
      '9',
      '10',
      '1',
      '9a',
    ]);
  });
  it('sorts by several, and keeps the order entered where nothing tells two apart', () => {
    const by = (desc: boolean) =>
      marks({
        sorting: [
          { id: 'to', desc: false },
          { id: 'mark', desc },
        ],
      });
    expect(by(false)).toEqual(['9', '9a', '1', '10']);
    expect(by(true)).toEqual(['9a', '9', '1', '10']);
    expect(marks({ sorting: [{ id: 'to', desc: true }] })).toEqual(['10', '1', '9', '9a']);
  });
  it('shows what every filter and every word of the search leaves', () => {
    expect(marks({ filters: { rating: ['90'] } })).toEqual(['10', '9a']);
    expect(marks({ filters: { rating: ['90'], to: ['Office'] } })).toEqual(['9a']);
    expect(marks({ filters: { rating: [] } })).toEqual([]);
    expect(marks({ search: 'OFF 20' })).toEqual(['9']);
    expect(marks({ search: 'office store' })).toEqual([]);
  });
  it('lists what stands in a column, with counts', () => {
    expect(valuesOf(list, rowOf, 'to')).toEqual([
      ['Office', 2],
      ['Plant room', 1],
      ['Store', 1],
    ]);
    expect(valuesOf(list, rowOf, 'frameWidth').map(([text]) => text)).toEqual(
      expect.arrayContaining(['', '102 in']),
    );
  });
  it('follows the heads: up, down, off; with Shift beside the others', () => {
    const up = pressed([], 'mark', false);
    expect(up).toEqual([{ id: 'mark', desc: false }]);
    const down = pressed(up, 'mark', false);
    expect(down).toEqual([{ id: 'mark', desc: true }]);
    expect(pressed(down, 'mark', false)).toEqual([]);
    expect(pressed(down, 'to', false)).toEqual([{ id: 'to', desc: false }]);
    const both = pressed(down, 'to', true);
    expect(both.map(({ id }) => id)).toEqual(['mark', 'to']);
    expect(pressed(both, 'mark', true)).toEqual([{ id: 'to', desc: false }]);
  });
});

describe('the columns of the register', () => {
  it('are named and sized, each once, and show something of a recorded fact', () => {
    expect(new Set(ALL_COLUMNS.map(({ id }) => id)).size).toBe(ALL_COLUMNS.length);
    for (const { title, width } of ALL_COLUMNS) {
      expect(title).not.toMatch(/^fact\./);
      expect(width).toBeGreaterThanOrEqual(NARROWEST);
    }
    const facts = opening('1', { stileWidth: inches(5), egress: true, lockUse: 'office' }).facts;
    const line = { id: '1', facts, row: packRow('1', facts, basis) };
    const text = (id: string) =>
      cellOf(
        line,
        ALL_COLUMNS.find((one) => one.id === id)!,
      ).text;
    expect([text('stileWidth'), text('egress'), text('lockUse')]).toEqual([
      '5 in',
      'yes',
      'office',
    ]);
    expect(text('lock')).not.toBe('');
  });
  it('fit the page they are designed for', () => {
    const width = LAYOUT.columns.reduce((sum, column) => sum + column.width, 26 + 152);
    expect(width).toBeLessThanOrEqual(1280 - 15);
  });
  it('are put in, out and elsewhere; the mark stays', () => {
    const more = toggled(LAYOUT, 'lock');
    expect(more.columns.at(-1)).toEqual({ id: 'lock', width: 150 });
    expect(toggled(more, 'lock')).toEqual(LAYOUT);
    expect(toggled(LAYOUT, 'mark')).toBe(LAYOUT);
    expect(toggled(LAYOUT, 'nothing')).toBe(LAYOUT);
    expect(
      moved(LAYOUT, 'to', 1)
        .columns.map(({ id }) => id)
        .slice(0, 3),
    ).toEqual(['mark', 'to', 'from']);
    expect(moved(LAYOUT, 'to', 99).columns.at(-1)!.id).toBe('to');
  });
  it('keep widths within bounds', () => {
    const widthOf = (width: number) => withWidth(LAYOUT, 'to', width).columns[2]!.width;
    expect([widthOf(1), widthOf(99.6), widthOf(9999)]).toEqual([NARROWEST, 100, WIDEST]);
  });
  it('stay from the left up to where they are frozen, and fewer when one of them goes', () => {
    const frozen = frozenTo(LAYOUT, 'to');
    expect(
      placed(frozen, 26)
        .map(({ stays }) => stays)
        .slice(0, 4),
    ).toEqual([26, 84, 178, undefined]);
    expect(toggled(frozen, 'from').frozen).toBe(2);
    expect(frozenTo(frozen, 'to').frozen).toBe(0);
  });
  it('are read back as kept, and anything else is no layout', () => {
    expect(readLayout(JSON.parse(JSON.stringify(LAYOUT)))).toEqual(LAYOUT);
    expect(
      readLayout({
        columns: [
          { id: 'to', width: 9999 },
          { id: 'gone', width: 50 },
          { id: 'to', width: 60 },
        ],
        frozen: 7,
      }),
    ).toEqual({
      columns: [
        { id: 'mark', width: 58 },
        { id: 'to', width: WIDEST },
      ],
      frozen: 2,
    });
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(() => readLayout(value)).not.toThrow();
        expect(readViews(value).every(({ name }) => name.length > 0)).toBe(true);
      }),
    );
  });
  it('and views with them', () => {
    const view = {
      name: 'Rated',
      layout: LAYOUT,
      order: { search: 'x', sorting: [{ id: 'to', desc: true }], filters: { rating: ['90'] } },
    };
    expect(readViews([view, { name: 'broken' }, 7])).toEqual([view]);
    expect(
      readOrder({ search: '', sorting: [{ id: 'gone', desc: true }], filters: { gone: [] } }),
    ).toEqual(AS_ENTERED);
  });
});

it('a text is cut to the room there is, and says so', () => {
  expect(fitText('Office', 100)).toBe('Office');
  expect(fitText('Stage left corridor', 70)).toBe('Stage lef…');
  fc.assert(
    fc.property(fc.string({ maxLength: 60 }), fc.integer({ min: 14, max: 400 }), (text, width) => {
      const fits = fitText(text, width);
      expect(fits.length * 7 <= width || fits === text).toBe(true);
      expect(fits === text || (fits.endsWith('…') && text.startsWith(fits.slice(0, -1)))).toBe(
        true,
      );
    }),
  );
});
