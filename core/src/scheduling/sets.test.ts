import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { Item, OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import {
  groupSets,
  isSettled,
  itemDifferences,
  madeLike,
  nearSets,
  orderedItems,
  readScheduleSettings,
  scheduleOf,
  setName,
  signatureOf,
  type ScheduledOpening,
} from './index.js';

const basis = projectBasis('us-commercial');
const DOOR: OpeningFacts = {
  mark: '101',
  kind: 'single',
  from: 'Corridor',
  to: 'Office',
  role: 'office',
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
  return {
    id: `id ${decided.facts.mark}`,
    mark: decided.facts.mark,
    items: decided.items,
    decided,
  };
};
const butt: Item = {
  stage: 'hanging',
  term: 'item.butt',
  quantity: 3,
  unit: 'each',
  traits: ['weight.standard'],
  handed: false,
};

describe('what is ordered', () => {
  it('puts lines that are ordered alike into one', () => {
    const other = { ...butt, traits: ['weight.heavy'] };
    expect(orderedItems([butt, other, { ...butt, quantity: 4, handed: true }])).toEqual([
      { ...butt, quantity: 7, handed: true },
      other,
    ]);
  });
  const item = fc.record({
    stage: fc.constant('hanging' as const),
    term: fc.constantFrom('item.butt', 'item.pivot'),
    quantity: fc.integer({ min: 1, max: 4 }),
    unit: fc.constant('each' as const),
    width: fc.constantFrom(1, 2),
    traits: fc.constant<string[]>([]),
    handed: fc.boolean(),
  });
  it('counts every piece once, no line twice, and nothing more when done again', () => {
    fc.assert(
      fc.property(fc.array(item), (items) => {
        const lines = orderedItems(items);
        const sum = (list: readonly { quantity: number }[]) =>
          list.reduce((all, { quantity }) => all + quantity, 0);
        expect(sum(lines)).toBe(sum(items));
        expect(new Set(lines.map(({ term, width }) => `${term} ${width}`)).size).toBe(lines.length);
        expect(orderedItems(lines)).toEqual(lines);
        expect(signatureOf(lines)).toBe(signatureOf(items));
      }),
    );
  });
  it('differs where nothing but the product or the grade does', () => {
    expect(signatureOf([{ ...butt, product: 'X 1' }])).not.toBe(signatureOf([butt]));
    expect(signatureOf([{ ...butt, standard: 'A156.1 grade 1' }])).not.toBe(signatureOf([butt]));
    expect(signatureOf([{ ...butt, handed: true }])).toBe(signatureOf([butt]));
  });
});

describe('sets', () => {
  it('leave out what may still change: open hardware, not an open hand', () => {
    const noHand = opening({ mark: '1', role: 'meeting', hingeSide: undefined });
    const noSize = opening({ mark: '2', role: 'meeting', frameHeight: undefined });
    expect([isSettled(noHand.decided), isSettled(noSize.decided)]).toEqual([true, false]);
    const made = scheduleOf([noHand, noSize, opening({ mark: '3', role: 'meeting' })]);
    expect(made.sets.map(({ headings }) => headings.map(({ mark }) => mark))).toEqual([['1', '3']]);
    expect(made.undecided.map(({ heading }) => heading.mark)).toEqual(['2']);
    expect(made.undecided[0]!.open.length).toBeGreaterThan(0);
    expect(made.matrix.rows.map(({ set }) => set)).toEqual([1, undefined, 1]);
  });
  it('are kept apart where somebody says why, and come together again', () => {
    const list = ['1', '2', '3'].map((mark) => opening({ mark }));
    const apart = [{ id: 'a', marks: ['2'], reason: 'owner supplies' }];
    const first = scheduleOf(list, []);
    const split = scheduleOf(list, first.known, { apart });
    expect(split.sets.map((set) => [set.number, set.headings.length, set.apart])).toEqual([
      [1, 2, undefined],
      [2, 1, 'owner supplies'],
    ]);
    const joined = scheduleOf(list, split.known);
    expect(joined.sets.map((set) => [set.number, set.headings.length])).toEqual([[1, 3]]);
    // The number that was given is not given again to something else.
    expect(
      groupSets([...list, { ...opening({ mark: '9', sound: 45 }) }], joined.known).sets[1]!.number,
    ).toBe(3);
  });
  it('have a name of what they are until somebody names them', () => {
    const offices = [opening({ mark: '1' }), opening({ mark: '2' })];
    expect(scheduleOf(offices).sets[0]!.name).toBe('office');
    expect(scheduleOf(offices, [], { names: [{ number: 1, name: 'Staff' }] }).sets[0]!.name).toBe(
      'Staff',
    );
    const rated = [opening({ mark: '1', rating: 20 }), opening({ mark: '2', rating: 20 })];
    expect(setName(rated.map(({ decided }) => decided))).toBe('office, 20 min');
    expect(setName([...rated, ...offices].map(({ decided }) => decided))).toBe('office');
    const kinds = ['store', 'electrical', 'store', 'plant'] as const;
    expect(setName(kinds.map((role) => opening({ role, kind: 'pair' }).decided))).toMatch(
      /^.*and others, pair, equal leaves$/,
    );
  });
});

describe('two sets side by side', () => {
  const other = { ...butt, quantity: 4 };
  const stop: Item = { ...butt, stage: 'closing', term: 'item.stop-wall', quantity: 1, traits: [] };
  it('show only what differs, and in what', () => {
    expect(itemDifferences([butt, stop], [stop, butt])).toEqual([]);
    expect(itemDifferences([butt, stop], [other])).toEqual([
      { first: butt, second: other, fields: ['quantity'] },
      { first: stop, fields: [] },
    ]);
    // Each line is held against the one that differs least.
    const heavy = { ...butt, traits: ['weight.heavy'], finish: '630' };
    expect(itemDifferences([butt, heavy], [{ ...heavy, quantity: 1 }, other])).toEqual([
      { first: butt, second: other, fields: ['quantity'] },
      { first: heavy, second: { ...heavy, quantity: 1 }, fields: ['quantity'] },
    ]);
  });
  const set = (number: number, items: Item[], openings = 1) => ({
    number,
    items,
    openings: Array.from({ length: openings }),
  });
  it('are near where one line differs, the smaller named first', () => {
    expect(nearSets([set(1, [butt, stop], 3), set(2, [other, stop]), set(3, [butt])])).toEqual([
      {
        first: 2,
        second: 1,
        difference: { first: other, second: butt, fields: ['quantity'] },
      },
      { first: 3, second: 1, difference: { second: stop, fields: [] } },
    ]);
    // Two lines apart is not near.
    expect(nearSets([set(1, [butt, stop]), set(2, [other])])).toEqual([]);
  });
  it('are near exactly where the differences say one, whatever the sets', () => {
    const line = fc.constantFrom(
      butt,
      other,
      stop,
      { ...stop, quantity: 2 },
      { ...butt, finish: '626' },
    );
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.uniqueArray(line, { maxLength: 4 }).map(orderedItems), {
          selector: signatureOf,
          maxLength: 6,
        }),
        (lists) => {
          const sets = lists.map((items, at) => set(at + 1, items));
          const near = new Set(
            nearSets(sets).map(({ first, second }) => [first, second].sort().join()),
          );
          for (const a of sets)
            for (const b of sets)
              if (a.number < b.number)
                expect(near.has([a.number, b.number].sort().join())).toBe(
                  itemDifferences(a.items, b.items).length === 1,
                );
        },
      ),
    );
  });
});

describe('making an opening like another', () => {
  it('chooses what differs, keeps the reason, and says what comes of it', () => {
    const plain = opening({ mark: '1' });
    const model = opening({
      mark: '2',
      choices: {
        'closing.stop': { value: 'floor', reason: 'carts' },
        'hanging.weight': { value: 'heavy', reason: 'wear' },
      },
    });
    const made = madeLike(plain.decided.facts, model.decided, basis, 'as set 2');
    expect(made.left).toEqual([]);
    expect(made.patch.choices).toMatchObject({
      'closing.stop': { value: 'floor', reason: 'as set 2' },
      'hanging.weight': { value: 'heavy', reason: 'as set 2' },
    });
    expect(made.changes.map(({ key }) => key).sort()).toEqual(['closing.stop', 'hanging.weight']);
    const after = opening({ mark: '1', ...made.patch });
    expect(signatureOf(after.items)).toBe(signatureOf(model.items));
  });
  it('tells what no choice can change', () => {
    const wide = opening({ mark: '2', frameWidth: inches(48), kickPlate: inches(10) });
    const made = madeLike(opening({ mark: '1' }).decided.facts, wide.decided, basis, 'x');
    expect(made.left.length).toBeGreaterThan(0);
  });
  it('takes finish over, and changes nothing where nothing differs', () => {
    const brass = opening({ mark: '2', finish: 'bright brass' });
    const same = madeLike(brass.decided.facts, brass.decided, basis, 'x');
    expect([same.left, same.changes, same.come, same.gone]).toEqual([[], [], [], []]);
    const made = madeLike(opening({ mark: '1' }).decided.facts, brass.decided, basis, 'x');
    expect(made.patch.finish).toBe('bright brass');
    expect(made.left).toEqual([]);
  });
});

describe('what is printed beside the sets', () => {
  it('tells a finding of many openings once, by its rule', () => {
    const made = scheduleOf(
      ['1', '2', '3'].map((mark) =>
        opening({ mark, from: undefined, to: undefined, role: undefined }),
      ),
    );
    for (const { told } of made.findings)
      expect(new Set(told.map(({ text }) => text)).size).toBe(told.length);
    const rules = made.findings.map(({ level, code }) => `${level} ${code}`);
    expect(new Set(rules).size).toBe(rules.length);
    expect(made.findings.flatMap(({ told }) => told).some(({ marks }) => marks.length === 3)).toBe(
      true,
    );
    const levels = made.findings.map(({ level }) => ['stop', 'check', 'note'].indexOf(level));
    expect(levels).toEqual([...levels].sort());
  });
  it('lists rooms with their doors and sets', () => {
    const made = scheduleOf([
      opening({ mark: '1', storey: 'Ground' }),
      opening({ mark: '2', to: 'Store', role: 'store' }),
      opening({ mark: '3', from: undefined, to: 'corridor' }),
    ]);
    expect(
      made.rooms.map(({ room, storey, doors }) => [room, storey, doors.map(({ mark }) => mark)]),
    ).toEqual([
      ['Corridor', 'Ground', ['1', '2', '3']],
      ['Office', 'Ground', ['1']],
      ['Store', '', ['2']],
    ]);
    expect(made.rooms[1]!.doors[0]).toMatchObject({ other: 'Corridor', set: 1 });
  });
});

describe('settings of a schedule', () => {
  const apart = (marks: string[], id = 'a') => ({ id, marks, reason: 'r' });
  it.each<[unknown, string | undefined]>([
    [{}, undefined],
    [
      {
        names: [{ number: 1, name: 'A' }],
        apart: [apart(['1'])],
        parties: [{ what: 'Architect', who: 'A Studio' }],
        notes: '',
        columns: ['mark', 'hand'],
        paper: 'A3',
      },
      undefined,
    ],
    [null, 'schedule.shape'],
    [[], 'schedule.shape'],
    [{ more: 1 }, 'schedule.shape'],
    [{ names: [{ number: 0, name: 'A' }] }, 'schedule.value'],
    [{ names: [{ number: 1, name: ' ' }] }, 'schedule.value'],
    [
      {
        names: [
          { number: 1, name: 'A' },
          { number: 1, name: 'B' },
        ],
      },
      'schedule.value',
    ],
    [{ apart: [apart(['1']), apart(['1'], 'b')] }, 'schedule.value'],
    [{ apart: [apart(['1']), apart(['2'])] }, 'schedule.value'],
    [{ apart: [apart([])] }, 'schedule.value'],
    [{ apart: [{ ...apart(['1']), reason: '' }] }, 'schedule.value'],
    [{ columns: [] }, 'schedule.value'],
    [{ columns: ['mark', 'mark'] }, 'schedule.value'],
    [{ columns: ['price'] }, 'schedule.value'],
    [{ paper: 'A5' }, 'schedule.value'],
    [{ parties: [{ what: 'Architect' }] }, 'schedule.value'],
    [{ notes: 'x'.repeat(8001) }, 'schedule.value'],
  ])('%j: %s', (json, code) => {
    const read = readScheduleSettings(json);
    expect(read.ok ? undefined : read.fault.code).toBe(code);
  });
});

describe('the number of a new set', () => {
  it('follows the highest that was ever given, though fewer are known', () => {
    const known = [
      { number: 2, signature: 'gone', openings: [] },
      { number: 7, signature: 'gone too', openings: [] },
    ];
    const { sets } = groupSets([opening({ mark: '1' }), opening({ mark: '2', sound: 45 })], known);
    expect(sets.map(({ number }) => number)).toEqual([8, 9]);
  });
});
