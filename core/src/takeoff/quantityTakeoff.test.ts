import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import type { ScheduledOpening } from '../scheduling/index.js';
import {
  madeLengths,
  piecesOf,
  PRICE_COLUMNS,
  priceRows,
  readAmount,
  readReply,
  quantityTakeoff,
  type TakeOffOptions,
} from './index.js';

const basis = projectBasis('us-commercial');
const { practice } = basis;
const DOOR: OpeningFacts = {
  mark: '1',
  kind: 'single',
  from: 'Corridor',
  to: 'Office',
  role: 'office',
  storey: 'Ground',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'timber-particle',
  leafThickness: inches(1.75),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
};
const opening = (facts: Partial<OpeningFacts>): ScheduledOpening => {
  const decided = decideOpening({ ...DOOR, ...facts }, basis);
  return { id: decided.facts.mark, mark: decided.facts.mark, items: decided.items, decided };
};
const PLAIN: TakeOffOptions = { by: 'all', spares: 0, pairs: false };
const take = (list: ScheduledOpening[], options: Partial<TakeOffOptions> = {}) =>
  quantityTakeoff(list, practice, { ...PLAIN, ...options });
const butts = (list: ScheduledOpening[], options: Partial<TakeOffOptions> = {}) =>
  take(list, options)[0]!.lines.find(({ description }) => description.startsWith('Butt hinge'))!;
const three = [
  opening({ mark: '2', hingeSide: 'right' }),
  opening({ mark: '1' }),
  opening({ mark: '10', storey: 'First' }),
];

describe('a take-off', () => {
  it('counts what is ordered alike once, with the openings in order', () => {
    expect(butts(three)).toMatchObject({
      quantity: 9,
      order: 9,
      orderUnit: 'each',
      hand: '',
      openings: [
        { mark: '1', quantity: 3 },
        { mark: '2', quantity: 3 },
        { mark: '10', quantity: 3 },
      ],
    });
  });
  it('counts every item of every opening, however it is grouped', () => {
    const all = three.reduce(
      (sum, { items }) => sum + items.reduce((of, { quantity }) => of + quantity, 0),
      0,
    );
    for (const by of ['all', 'storey', 'set', 'maker'] as const) {
      const groups = take(three, { by });
      const counted = groups
        .flatMap(({ lines }) => lines)
        .reduce((sum, { quantity }) => sum + quantity, 0);
      expect([by, counted]).toEqual([by, all]);
    }
    expect(take(three, { by: 'storey' }).map(({ name }) => name)).toEqual(['First', 'Ground']);
    expect(
      quantityTakeoff(three, practice, { ...PLAIN, by: 'set' }, { setOf: new Map([['1', 4]]) }).map(
        ({ name }) => name,
      ),
    ).toEqual(['Set 4', 'undecided']);
  });
  it('adds spares, at least a piece, and rounds hinges up to pairs', () => {
    expect(butts(three, { spares: 5 })).toMatchObject({ spares: 1, order: 10 });
    expect(butts(three, { spares: 20 })).toMatchObject({ spares: 2, order: 11 });
    expect(butts(three, { pairs: true })).toMatchObject({ order: 5, orderUnit: 'pair' });
    expect(butts(three, { pairs: true, spares: 5 })).toMatchObject({ order: 5 });
  });
  it('tells apart what is ordered by hand', () => {
    const handed = ['left', 'right'].map((hingeSide, at) =>
      opening({
        mark: String(at),
        hingeSide: hingeSide as 'left',
        choices: { 'hanging.device': { value: 'offset-pivot', reason: 'x' } },
      }),
    );
    const pivots = take(handed)[0]!.lines.filter(({ description }) =>
      /pivot set/i.test(description),
    );
    expect(pivots.map(({ hand }) => hand)).toEqual(['LH', 'RH']);
  });
  it('goes by what is kept apart, by the keys of cylinders, and by cartons', () => {
    const locked = ['1', '2'].map((mark) =>
      opening({ mark, role: 'store', to: 'Store', frequency: 'high' }),
    );
    const apart = [{ id: 'a', marks: ['2'], reason: 'phase 2' }];
    expect(
      quantityTakeoff(locked, practice, { ...PLAIN, by: 'apart' }, { apart }).map(
        ({ name }) => name,
      ),
    ).toEqual(['all others', 'phase 2']);
    const group = {
      id: 'k',
      name: 'Staff',
      everywhere: false,
      storeys: [],
      rooms: [],
      plus: ['1'],
      minus: [],
    };
    const cylinders = quantityTakeoff(locked, practice, PLAIN, {
      keying: { groups: [group] },
    })[0]!.lines.filter(({ keyed }) => keyed !== '');
    expect(cylinders.map(({ keyed, quantity }) => [keyed, quantity]).sort()).toEqual([
      ['Staff', 1],
      ['no key group', 1],
    ]);
    expect(take(locked)[0]!.lines.every(({ keyed }) => keyed === '')).toBe(true);
    const named = three.map((one) => ({
      ...one,
      items: one.items.map((item) =>
        item.term === 'item.butt' ? { ...item, product: 'Hale B 1' } : item,
      ),
    }));
    const products = [{ id: 'x', maker: 'Hale', model: 'B 1', type: 'butt' as const, carton: 4 }];
    const line = quantityTakeoff(named, practice, PLAIN, { products })[0]!.lines.find(
      ({ product }) => product,
    )!;
    expect([line.quantity, line.order, line.orderUnit]).toEqual([9, 3, 'carton of 4']);
  });
  it('says how much of it is for openings that are not decided', () => {
    const half = opening({ mark: '3', frameHeight: undefined });
    const lines = take([opening({}), half])[0]!.lines;
    expect(lines.some(({ undecided }) => undecided > 0)).toBe(true);
    expect(take([opening({})])[0]!.lines.every(({ undecided }) => undecided === 0)).toBe(true);
  });
  it('orders seals in made lengths', () => {
    const sealed = opening({ mark: '1', sound: 40 });
    const seal = take([sealed])[0]!.lines.find(({ description }) =>
      /^Acoustic|^Sound/i.test(description),
    )!;
    expect(seal.orderUnit).toMatch(/17|204/);
    expect(seal.size).toMatch(/204 in in all/);
    // Two jambs of 84 do not share a length of 204 with a head of 36 and leave more than 0.
    expect(seal.order).toBe(1);
  });
});

describe('cutting lengths', () => {
  it('is two jambs and a head round a frame, one piece else', () => {
    const { decided } = opening({});
    const of = (length: number) =>
      piecesOf(
        { stage: 'sealing', quantity: 1, unit: 'length', traits: [], handed: false, length },
        decided,
      );
    expect(of(inches(204))).toEqual([inches(84), inches(84), inches(36)]);
    expect(of(inches(35))).toEqual([inches(35)]);
  });
  it('takes no more than one length a piece, no less than the sum asks, and joins what is longer', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 300 }), { maxLength: 30 }),
        fc.integer({ min: 50, max: 250 }),
        (pieces, made) => {
          const count = madeLengths(pieces, made);
          const sum = pieces.reduce((all, piece) => all + piece, 0);
          expect(count).toBeGreaterThanOrEqual(Math.ceil(sum / made));
          expect(count).toBeLessThanOrEqual(
            pieces.reduce((all, piece) => all + Math.ceil(piece / made), 0),
          );
        },
      ),
    );
    expect(madeLengths([60, 50, 40, 30, 20], 100)).toBe(2);
    expect(madeLengths([100, 100], 100)).toBe(2);
    expect(madeLengths([250], 100)).toBe(3);
  });
});

describe('a request for prices', () => {
  const groups = take(three);
  const rows = priceRows(groups);
  const head = [...PRICE_COLUMNS] as string[];
  const answered = (price: (at: number) => string, more: Record<string, string> = {}) =>
    rows.map((row, at) =>
      head.map(
        (name, column) => more[name] ?? (name === 'Price each' ? price(at) : String(row[column])),
      ),
    );
  it('has a row a line, its answers blank', () => {
    expect(rows).toHaveLength(groups[0]!.lines.length);
    expect(new Set(rows.map(([ref]) => ref)).size).toBe(rows.length);
    expect(
      rows.every((row) => row.length === head.length && row.slice(11).every((cell) => cell === '')),
    ).toBe(true);
  });
  it('is read back, sorted otherwise and under a title, and held against what is ordered', () => {
    const reply = readReply(
      [['Our offer'], head, ...answered((at) => String(at + 1)).reverse()],
      groups,
    )!;
    const wanted = groups[0]!.lines.reduce((sum, { order }, at) => sum + order * (at + 1), 0);
    expect(reply).toMatchObject({ total: wanted, missing: 0, strange: [], unread: [] });
    expect(reply.lines.map(({ line }) => line.ref)).toEqual(groups[0]!.lines.map(({ ref }) => ref));
  });
  it('tells what is missing, strange, unreadable, and priced for another quantity', () => {
    const list = answered((at) => (at === 0 ? '' : at === 1 ? 'ask' : '2'), { Quantity: '999' });
    const reply = readReply([head, ...list, ['NOPE', ...head.slice(1).map(() => '')]], groups)!;
    expect(reply.missing).toBe(2);
    expect(reply.unread).toEqual([{ row: 3, column: 'Price each', typed: 'ask' }]);
    expect(reply.strange).toEqual([{ row: rows.length + 2, ref: 'NOPE' }]);
    expect(reply.lines[2]!.otherQuantity).toBe(999);
    expect(readReply([['a', 'b']], groups)).toBeUndefined();
  });
  it.each([
    ['12.50', 12.5],
    ['1,250.00', 1250],
    ['1.250,00', 1250],
    ['€ 12,50', 12.5],
    ['1,250', 1250],
    ['12,5', 12.5],
    ['1.234.567', 1234567],
    ['7', 7],
    ['-3', undefined],
    ['ask', undefined],
  ])('reads the amount %s', (typed, value) => {
    expect(readAmount(typed)).toBe(value);
  });
});
