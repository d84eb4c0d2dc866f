import fc from 'fast-check';
import { mm } from '../measure/index.js';
import { MAX_SIGNATURE, readSiteRecord, type SiteRecord } from './records.js';
import { currentRound, inOrder, monthsAfter, siteState } from './state.js';

let next = 0;
const record = (more: Record<string, unknown>): SiteRecord => {
  const read = readSiteRecord({
    id: `r${next++}`,
    openingId: 'o',
    at: '2026-11-27T08:00:00Z',
    by: 'Ines',
    ...more,
  });
  if (!read) throw new Error(`No record: ${JSON.stringify(more)}`);
  return read;
};
const at = (minute: number) => `2026-11-27T08:${String(minute).padStart(2, '0')}:00Z`;

describe('a record', () => {
  it.each([
    [{ kind: 'step', step: 'hang.recess', done: true }],
    [{ kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': mm(3) } }],
    [{ kind: 'test', round: 'acceptance', test: 'force.wide', outcome: 'right', value: 21.5 }],
    [{ kind: 'defect', defect: 'd1', what: 'Label painted over', until: '2026-12-24' }],
    [{ kind: 'installed', part: 'item 1', words: 'Closer', setting: 'sweep 1 ½' }],
    [
      {
        kind: 'signed',
        round: 'acceptance',
        of: 'acceptance',
        name: 'Ines Okafor',
        signature: 'M10 20L30 40',
        right: 3,
        faults: 0,
        untried: 1,
        due: '2027-11-27',
      },
    ],
  ])('is read as it is: %j', (more) => expect(record(more)).toMatchObject(more));
  it.each([
    ['another kind', { kind: 'steps', step: 'x', done: true }],
    ['an inherited kind', { kind: 'constructor' }],
    ['a gap of a place there is none of', { kind: 'gaps', leaf: 'leaf', gaps: { 'lock-side': 3 } }],
    ['a gap of half a tick', { kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': 0.5 } }],
    ['a gap beyond a metre', { kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': mm(1001) } }],
    [
      'no end of a figure',
      { kind: 'test', round: 'a', test: 'b', outcome: 'right', value: Infinity },
    ],
    ['a day that is none', { kind: 'defect', defect: 'd', what: 'x', until: '24.12.2026' }],
    ['more than is known', { kind: 'step', step: 'x', done: true, price: 3 }],
    [
      'a signature that is no path',
      {
        kind: 'signed',
        round: 'a',
        of: 'acceptance',
        name: 'x',
        signature: '<script>',
        right: 0,
        faults: 0,
        untried: 0,
      },
    ],
    [
      'a signature too large',
      {
        kind: 'signed',
        round: 'a',
        of: 'acceptance',
        name: 'x',
        signature: 'M'.repeat(MAX_SIGNATURE + 1),
        right: 0,
        faults: 0,
        untried: 0,
      },
    ],
  ])('is refused with %s', (_, more) =>
    expect(
      readSiteRecord({ id: 'r', openingId: 'o', at: at(1), by: 'Ines', ...more }),
    ).toBeUndefined(),
  );
  it('is none with a time that is none, or without who', () => {
    const step = { id: 'r', openingId: 'o', kind: 'step', step: 'x', done: true };
    expect(readSiteRecord({ ...step, at: 'yesterday', by: 'Ines' })).toBeUndefined();
    expect(readSiteRecord({ ...step, at: at(1) })).toBeUndefined();
    expect(readSiteRecord(null)).toBeUndefined();
  });
});

const someRecords = fc.array(
  fc.oneof(
    fc.record({
      kind: fc.constant('step'),
      step: fc.constantFrom('a', 'b'),
      done: fc.boolean(),
      at: fc.integer({ min: 0, max: 59 }).map(at),
    }),
    fc.record({
      kind: fc.constant('gaps'),
      leaf: fc.constantFrom('active', 'inactive'),
      gaps: fc.dictionary(
        fc.constantFrom('lock-top', 'head-lock'),
        fc.integer({ min: 0, max: 999 }),
      ),
      at: fc.integer({ min: 0, max: 59 }).map(at),
    }),
    fc.record({
      kind: fc.constant('moved'),
      leaf: fc.constant('active'),
      moves: fc.constant({ top: 1, bottom: 0, up: 0 }),
      predicted: fc.constant({ 'lock-top': 5 }),
      at: fc.integer({ min: 0, max: 59 }).map(at),
    }),
    fc.record({
      kind: fc.constant('defect'),
      defect: fc.constantFrom('d1', 'd2'),
      what: fc.constant('x'),
      at: fc.integer({ min: 0, max: 59 }).map(at),
    }),
    fc.record({
      kind: fc.constant('settled'),
      defect: fc.constantFrom('d1', 'd2'),
      note: fc.constant('done'),
      at: fc.integer({ min: 0, max: 59 }).map(at),
    }),
  ),
  { maxLength: 20 },
);
const plain = (value: unknown): unknown =>
  value instanceof Map
    ? [...value].map(([key, one]) => [key, plain(one)]).sort()
    : Array.isArray(value)
      ? value.map(plain)
      : value;

describe('records of two devices', () => {
  it('come to the same in whatever order and however often they arrive', () =>
    fc.assert(
      fc.property(someRecords, fc.infiniteStream(fc.nat()), (list, order) => {
        const records = list.map(record);
        const shuffled = [...records, ...records.slice(0, 5)]
          .map((one) => [order.next().value as number, one] as const)
          .sort(([a], [b]) => a - b)
          .map(([, one]) => one);
        const [one, other] = [siteState(records), siteState(shuffled)];
        for (const key of Object.keys(one) as (keyof typeof one)[])
          expect(plain(other[key])).toEqual(plain(one[key]));
      }),
    ));
  it('are all there: two who read different places of one leaf have read both', () => {
    const state = siteState([
      record({ kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': 640 }, at: at(1) }),
      record({ kind: 'gaps', leaf: 'leaf', gaps: { 'head-lock': 960 }, at: at(2), by: 'Tom' }),
    ]);
    expect(state.gaps.get('leaf')!.map(({ gaps }) => gaps)).toEqual([
      { 'lock-top': 640, 'head-lock': 960 },
    ]);
  });
  it('begin a new set of readings once hinges were moved, with what was foretold', () => {
    const state = siteState([
      record({ kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': 640 }, at: at(1) }),
      record({
        kind: 'moved',
        leaf: 'leaf',
        moves: { top: -80, bottom: 0, up: 0 },
        predicted: { 'lock-top': 960 },
        at: at(2),
      }),
    ]);
    expect(state.moved.get('leaf')?.moves.top).toBe(-80);
    expect(state.gaps.get('leaf')).toHaveLength(1);
    const after = siteState([
      record({ kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': 640 }, at: at(1) }),
      record({
        kind: 'moved',
        leaf: 'leaf',
        moves: { top: -80, bottom: 0, up: 0 },
        predicted: { 'lock-top': 960 },
        at: at(2),
      }),
      record({ kind: 'gaps', leaf: 'leaf', gaps: { 'lock-top': 940 }, at: at(3) }),
    ]);
    expect(after.moved.size).toBe(0);
    expect(after.gaps.get('leaf')!.map(({ gaps, predicted }) => [gaps, predicted])).toEqual([
      [{ 'lock-top': 640 }, undefined],
      [{ 'lock-top': 940 }, { 'lock-top': 960 }],
    ]);
  });
  it('hold what was said last of a step, and settle a defect even by a clock that is behind', () => {
    const state = siteState([
      record({ kind: 'step', step: 'a', done: true, at: at(5) }),
      record({ kind: 'step', step: 'a', done: false, at: at(9) }),
      record({ kind: 'defect', defect: 'd', what: 'rubs', at: at(30) }),
      record({ kind: 'settled', defect: 'd', note: 'planed', at: at(2) }),
      record({ kind: 'settled', defect: 'nobody', note: 'x', at: at(2) }),
    ]);
    expect(state.steps.get('a')?.done).toBe(false);
    expect(state.defects.map(({ settled }) => settled?.note)).toEqual(['planed']);
  });
  it('stand in one order everywhere', () => {
    const [a, b] = [
      record({ id: 'a', kind: 'step', step: 'a', done: true }),
      record({ id: 'b', kind: 'step', step: 'a', done: false }),
    ];
    expect(inOrder([b!, a!, b!]).map(({ id }) => id)).toEqual(['a', 'b']);
  });
});

describe('rounds', () => {
  const signed = (round: string, due?: string, minute = 1) =>
    record({
      kind: 'signed',
      round,
      of: round === 'acceptance' ? 'acceptance' : 'inspection',
      name: 'Ines',
      signature: '',
      right: 1,
      faults: 0,
      untried: 0,
      at: at(minute),
      ...(due ? { due } : {}),
    });
  it('begin with taking over, then come by the day they are begun', () => {
    expect(currentRound(siteState([]), '2026-11-27')).toBe('acceptance');
    const taken = siteState([signed('acceptance', '2027-11-27')]);
    expect(taken.due).toBe('2027-11-27');
    expect(currentRound(taken, '2027-11-20')).toBe('inspection-2027-11-20');
    const begun = siteState([
      signed('acceptance', '2027-11-27'),
      record({
        kind: 'test',
        round: 'inspection-2027-11-20',
        test: 'x',
        outcome: 'right',
        at: at(4),
      }),
    ]);
    expect(currentRound(begun, '2027-11-23')).toBe('inspection-2027-11-20');
  });
  it('stay open while something was not tried and nobody said why', () => {
    const open = { ...signed('acceptance', '2027-11-27', 2), untried: 3 };
    expect(siteState([open]).due).toBeUndefined();
    expect(currentRound(siteState([open]), '2026-12-01')).toBe('acceptance');
    const said = { ...open, left: 'The gauge is at the office' };
    expect(siteState([said]).due).toBe('2027-11-27');
    expect(currentRound(siteState([said]), '2026-12-01')).toBe('inspection-2026-12-01');
  });
  it('tell the day of the next by the last that was signed', () =>
    expect(
      siteState([
        signed('inspection-2027-11-20', '2028-11-20', 9),
        signed('acceptance', '2027-11-27', 2),
      ]).due,
    ).toBe('2028-11-20'));
});

it.each([
  ['2026-11-27', 12, '2027-11-27'],
  ['2026-11-30', 3, '2027-02-28'],
  ['2027-11-30', 3, '2028-02-29'],
  ['2026-01-31', 1, '2026-02-28'],
  ['2026-12-15', 1, '2027-01-15'],
  ['2099-12-31', 2, '2100-02-28'],
  ['2024-02-29', 12, '2025-02-28'],
])('%s and %i months are %s', (day, months, after) => expect(monthsAfter(day, months)).toBe(after));
