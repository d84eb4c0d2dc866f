import { decideOpening, comparisonKey } from '../deciding/index.js';
import { egressOf } from '../egress/index.js';
import { inches } from '../measure/index.js';
import { roomKey, type OpeningFacts, type Room } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { acrossFindings } from './across.js';

const practice = PRACTICES['us-commercial'];
const found = (list: Partial<OpeningFacts>[], rooms: Room[] = []) =>
  acrossFindings(
    list.map((facts, index) =>
      comparisonKey(
        String(index),
        decideOpening({ ...DOOR, mark: `D${index}`, ...facts }, practice),
      ),
    ),
    egressOf(list, new Map(rooms.map((room) => [roomKey(room.name), room])), practice),
    practice,
  );
const codes = (list: Partial<OpeningFacts>[]) =>
  found(list).map(({ code, openings }) => `${SHORT[code]} ${openings.join(',')}`);
const SHORT: Readonly<Record<string, string>> = {
  'checking.across.mark': 'mark',
  'checking.across.markDiffers': 'markDiffers',
  'checking.across.odd': 'odd',
  'checking.across.keyed': 'keyed',
  'checking.across.strike': 'strike',
  'checking.across.noWayOut': 'noWayOut',
  'checking.across.oneWay': 'oneWay',
  'checking.across.deadEnd': 'deadEnd',
};
const offices = (count: number): Partial<OpeningFacts>[] =>
  Array.from({ length: count }, (_, index) => ({
    from: 'Corridor',
    to: `Office ${index}`,
    role: 'office',
    swing: 'in',
  }));

describe('among openings', () => {
  it('a mark stands once, whatever its case', () => {
    expect(codes([{ mark: '101' }, { mark: ' 101' }, { mark: '102' }])).toEqual(['mark 0,1']);
    // Listed twice with other facts: somebody must say which holds.
    expect(
      codes([
        { mark: '101', to: 'Office' },
        { mark: '101', to: 'Store' },
      ]),
    ).toEqual(['markDiffers 0,1']);
    const same = { mark: '101', role: 'office', frameWidth: inches(36), frameHeight: inches(84) };
    expect(
      codes([
        { ...same, rating: 20 },
        { ...same, rating: 45 },
      ] as never),
    ).toEqual(['markDiffers 0,1']);
  });
  it('one of five alike that differs is odd; of four, or where two differ, it is not', () => {
    const other = { lockUse: 'store' } as const;
    const five = offices(5);
    five[2] = { ...five[2], ...other };
    expect(codes(five)).toContain('odd 2');
    expect(codes(offices(5))).toEqual([]);
    const four = offices(4);
    four[2] = { ...four[2], ...other };
    expect(codes(four)).toEqual([]);
    const two = offices(6);
    two[2] = { ...two[2], ...other };
    two[3] = { ...two[3], ...other };
    expect(codes(two)).toEqual([]);
    const said = found(five).find(({ code }) => code === 'checking.across.odd')!;
    expect(phraseText(said, { system: 'inch' })).toMatch(/^D2: lock function storeroom/);
  });
  it('openings that differ in size or rating are not alike', () => {
    const five = offices(5);
    five[2] = { ...five[2], lockUse: 'store', rating: 20 };
    expect(codes(five)).toEqual([]);
  });
  it('a door keyed from the room where its neighbours are keyed from the corridor', () => {
    const five = offices(5);
    five[4] = { ...five[4], outside: 'to' };
    expect(codes(five)).toContain('keyed 4');
  });
  it('neighbours whose leaves meet in one room, each naming the other', () => {
    const corner = { from: 'Hall', neighbourAt: 'corner', swing: 'out', outside: 'from' } as const;
    const one = {
      ...corner,
      mark: 'A',
      to: 'Office 1',
      neighbour: 'B',
      neighbourSide: 'lock',
      neighbourAway: inches(6),
    } as const;
    const two = {
      ...corner,
      mark: 'B',
      to: 'Office 2',
      neighbour: 'a ',
      neighbourSide: 'lock',
      neighbourAway: inches(6),
    } as const;
    const strikes = (list: Partial<OpeningFacts>[]) =>
      codes(list).filter((code) => code.startsWith('strike'));
    expect(strikes([one, two])).toEqual(['strike 0,1']);
    const said = found([one, two]).find(({ code }) => code === 'checking.across.strike')!;
    expect(phraseText(said, { system: 'inch' })).toMatch(
      /^The leaves of A and B strike .* in Hall/,
    );
    // Far enough from the corner, each into a room of its own, or of which nobody knows: nothing.
    const far = { neighbourAway: inches(40) } as const;
    expect(
      strikes([
        { ...one, ...far },
        { ...two, ...far },
      ]),
    ).toEqual([]);
    expect(strikes([{ ...one, swing: 'in' }, two])).toEqual([]);
    expect(strikes([{ ...one, swing: 'unknown' }, two])).toEqual([]);
    expect(strikes([{ ...one, neighbourAway: 'unknown' }, two])).toEqual([]);
    expect(strikes([one, { ...two, neighbour: 'C' }])).toEqual([]);
    expect(strikes([one, { ...two, neighbourAt: 'same-wall' }])).toEqual([]);
    // In one wall, lock beside lock, they open away from each other.
    const wall = { neighbourAt: 'same-wall' } as const;
    expect(
      strikes([
        { ...one, ...wall },
        { ...two, ...wall },
      ]),
    ).toEqual([]);
    const back = {
      ...wall,
      neighbourSide: 'hinge',
      openTo: 170,
      neighbourAway: inches(8),
    } as const;
    expect(
      strikes([
        { ...one, ...back },
        { ...two, ...back },
      ]),
    ).toEqual(['strike 0,1']);
    expect(
      strikes([
        { ...one, ...back, openTo: 90 },
        { ...two, ...back, openTo: 90 },
      ]),
    ).toEqual([]);
  });
  it('nothing of rooms, hands and sides that nobody recorded', () => {
    const odd = offices(5);
    odd[2] = { ...odd[2], lockUse: 'store' };
    const unnamed = (list: Partial<OpeningFacts>[]) =>
      list.map((one) => ({ ...one, from: undefined, to: undefined, role: undefined }));
    expect(codes(unnamed(odd))).toEqual([]);
    const keyed = offices(5);
    keyed[4] = { ...keyed[4], outside: 'unknown' };
    expect(codes(keyed)).toEqual([]);
    const way = [
      { from: 'Street', to: 'Foyer' },
      { from: 'Cellar', to: 'Vault' },
    ];
    expect(codes(way)).toContain('noWayOut 1');
    expect(codes([way[0]!, ...unnamed(way.slice(1))])).toEqual([]);
    const blind = ['A', 'B', 'C'].map((name) => ({ from: 'Corridor', to: `Office ${name}` }));
    const list = [{ from: 'Street', to: 'Corridor' }, ...blind];
    expect(codes(list)).toContain('deadEnd 0,1,2,3');
    expect(codes([list[0]!, ...unnamed(blind)])).toEqual([]);
  });
  it('rooms with no way to the open, where the list has one at all', () => {
    const way = [
      { from: 'Street', to: 'Foyer' },
      { from: 'Foyer', to: 'Corridor' },
      { from: 'Corridor', to: 'Office' },
      { from: 'Cellar', to: 'Vault' },
    ];
    const rooms = found(way).flatMap(({ code, params }) =>
      code === 'checking.across.noWayOut' ? [params['rooms']] : [],
    );
    expect(rooms).toEqual(['Cellar, Vault']);
    expect(codes(way.slice(1))).toEqual([]);
    const shut = way.map((one, index) => (index === 2 ? { ...one, egress: false } : one));
    expect(
      found(shut).flatMap(({ params }) => ('rooms' in params ? [params['rooms']] : [])),
    ).toContain('Office');
  });
  it('more people than one way out may serve, and corridors that end blind', () => {
    const list = [
      { from: 'Street', to: 'Corridor' },
      ...['A', 'B', 'C'].map((name) => ({ from: 'Corridor', to: `Office ${name}` })),
    ];
    const ways = (rooms: Room[], of = list) =>
      found(of, rooms).flatMap(({ level, code, params }) =>
        /oneWay|deadEnd/.test(code) ? [`${level} ${params['room']} ${params['people']}`] : [],
      );
    expect(ways([])).toEqual(['note Corridor 0']);
    expect(ways([], list.slice(0, 3))).toEqual([]);
    expect(ways([{ name: 'Office A', people: 49 }])).toEqual(['note Corridor 49']);
    expect(ways([{ name: 'Office A', people: 50 }])).toEqual([
      'check Office A 50',
      'check Corridor 50',
    ]);
    const second = [...list, { from: 'Corridor', to: 'Yard' }];
    expect(ways([{ name: 'Office A', people: 49 }], second)).toEqual([]);
  });
});
