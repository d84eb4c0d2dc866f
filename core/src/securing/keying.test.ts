import fc from 'fast-check';
import { LOCK_SPECS } from '../catalogue/index.js';
import {
  doorsWithoutKey,
  levelsOf,
  opensDoor,
  passingOf,
  readKeying,
  accessMatrix,
  type KeyedDoor,
  type KeyGroup,
} from './index.js';

const spec = (id: string) => LOCK_SPECS.find((one) => one.id === id)!;
const door = (mark: string, outside: string, inside: string, id: string): KeyedDoor => ({
  id: mark,
  mark,
  outside,
  inside,
  passing: passingOf('mortise', spec(id)),
});
const group = (rest: Partial<KeyGroup>): KeyGroup => ({
  id: 'a',
  name: 'A',
  everywhere: false,
  storeys: [],
  rooms: [],
  plus: [],
  minus: [],
  ...rest,
});

describe('how a lock is passed', () => {
  it('follows from its derived properties', () => {
    const of = (id: string) => {
      const { in: enter, out } = passingOf('mortise', spec(id));
      return [enter, out];
    };
    expect(of('passage')).toEqual(['free', 'free']);
    expect(of('storeroom')).toEqual(['key', 'free']);
    expect(of('privacy')).toEqual(['left-open', 'free']);
    expect(of('institution')).toEqual(['key', 'key']);
    expect(of('exit-only')).toEqual(['nobody', 'free']);
    expect(of('deadbolt-double')).toEqual(['key', 'key']);
    expect(passingOf(undefined, undefined).in).toBe('unknown');
    expect(passingOf('none', undefined)).toMatchObject({ in: 'free', out: 'free', keyed: false });
  });
});

describe('a key group', () => {
  const office = { ...door('1', 'Corridor', 'Office', 'office'), storey: 'First' };
  it('opens by everywhere, storey or room, and by its exceptions before those', () => {
    expect(opensDoor(group({}), office)).toBe(false);
    expect(opensDoor(group({ everywhere: true }), office)).toBe(true);
    expect(opensDoor(group({ storeys: ['First'] }), office)).toBe(true);
    expect(opensDoor(group({ rooms: [' office '] }), office)).toBe(true);
    expect(opensDoor(group({ plus: ['1'] }), office)).toBe(true);
    expect(opensDoor(group({ everywhere: true, minus: ['1'] }), office)).toBe(false);
    const free = door('2', 'Corridor', 'Hall', 'passage');
    expect(opensDoor(group({ everywhere: true }), free)).toBe(false);
  });
  it('leaves doors whose key nobody holds to be told', () => {
    const doors = [office, door('2', 'Corridor', 'Store', 'storeroom')];
    const keying = { groups: [group({ rooms: ['Office'] })] };
    expect(doorsWithoutKey(doors, keying).map((one) => one.mark)).toEqual(['2']);
  });
  it('is read only as it is described', () => {
    const good = { groups: [group({})] };
    expect(readKeying(good)).toEqual({ ok: true, value: good });
    for (const [bad, code] of [
      [null, 'keying.shape'],
      [{ groups: [], more: 1 }, 'keying.shape'],
      [{ groups: [group({}), group({})] }, 'keying.value'],
      [{ groups: [{ ...group({}), cuts: '1234' }] }, 'keying.value'],
      [{ groups: [group({ name: ' ' })] }, 'keying.value'],
      [{ groups: [group({ plus: [''] })] }, 'keying.value'],
    ] as const)
      expect(readKeying(bad)).toMatchObject({ ok: false, fault: { code } });
  });
});

describe('who can go where', () => {
  const doors = [
    door('1', 'Street', 'Hall', 'entrance'),
    door('2', 'Hall', 'Office', 'storeroom'),
    door('3', 'Office', 'Vault', 'institution'),
    door('4', 'Hall', 'Toilet', 'privacy'),
  ];
  const rooms = (of: KeyGroup | undefined, leftOpen = false) =>
    accessMatrix(doors, of, ['street'], leftOpen).reached.map((one) => one.name);
  it('follows the keys, door by door', () => {
    expect(rooms(undefined)).toEqual(['Street']);
    expect(rooms(undefined, true)).toEqual(['Street', 'Hall', 'Toilet']);
    expect(rooms(group({ plus: ['1'] }))).toEqual(['Street', 'Hall']);
    expect(rooms(group({ plus: ['1', '2'] }))).toEqual(['Street', 'Hall', 'Office']);
    expect(rooms(group({ everywhere: true }))).toEqual(['Street', 'Hall', 'Office', 'Vault']);
    const all = accessMatrix(doors, group({ everywhere: true }), ['Street'], false);
    expect(all.reached[3]).toEqual({ name: 'Vault', by: ['1', '2', '3'], freeOut: false });
    expect(all.reached[2]!.freeOut).toBe(true);
    expect(all.barred).toEqual(['Toilet']);
  });
  it('tells doors nothing is known of instead of passing them', () => {
    const unknown = { ...doors[0]!, passing: passingOf(undefined, undefined) };
    expect(accessMatrix([unknown], group({ everywhere: true }), ['Street'], true)).toMatchObject({
      unknown: ['1'],
      barred: ['Hall'],
    });
  });
  it('agrees with trying every door again and again, in any building', () => {
    const names = ['a', 'b', 'c', 'd', 'e', 'f'];
    const anyDoor = fc.record({
      outside: fc.constantFrom(...names),
      inside: fc.constantFrom(...names),
      id: fc.constantFrom(...LOCK_SPECS.map((one) => one.id)),
    });
    fc.assert(
      fc.property(
        fc.array(anyDoor, { maxLength: 14 }),
        fc.array(fc.nat({ max: 13 })),
        fc.boolean(),
        (list, keys, leftOpen) => {
          const all = list.map((one, index) =>
            door(String(index), one.outside, one.inside, one.id),
          );
          const holder = group({ plus: keys.map(String) });
          const found = new Set(
            accessMatrix(all, holder, ['a'], leftOpen).reached.map((one) => one.name),
          );
          const named = all.some((one) => one.outside === 'a' || one.inside === 'a');
          const slow = new Set<string>(named ? ['a'] : []);
          for (let round = 0; round < 14; round++)
            for (const { outside, inside, passing, mark } of all) {
              const key = keys.includes(Number(mark)) && passing.keyed;
              const enters =
                passing.in === 'free' ||
                (passing.in === 'key' && key) ||
                (leftOpen && passing.canStayOpen);
              const leaves = passing.out === 'free' || (passing.out === 'key' && key);
              if (slow.has(outside!) && enters) slow.add(inside!);
              if (slow.has(inside!) && leaves) slow.add(outside!);
            }
          expect(found).toEqual(slow);
        },
      ),
    );
  });
});

describe('locks along a corridor', () => {
  const lock = (mark: string, room: string, height: number | undefined, item = 'lock') => ({
    id: mark,
    mark,
    rooms: [room, `Room ${mark}`],
    height,
    item,
  });
  it('are level at the height most stand at; the odd ones are told, like against like', () => {
    const levels = levelsOf(
      [
        lock('1', 'Corridor 1', 100),
        lock('2', 'corridor 1 ', 100),
        lock('3', 'Corridor 1', 105),
        lock('4', 'Corridor 1', undefined),
        lock('5', 'Corridor 1', 90, 'exit'),
        lock('6', 'Vault', 100),
        lock('7', 'Vault', 90),
      ],
      new Map(),
    );
    expect(levels).toEqual([
      expect.objectContaining({ room: 'Corridor 1', item: 'lock', height: 100, count: 2 }),
    ]);
    expect(levels[0]!.odd.map((one) => one.mark)).toEqual(['3']);
    const vault = new Map([['vault', { name: 'Vault', use: 'corridor' as const }]]);
    const level = levelsOf([lock('6', 'Vault', 100), lock('7', 'Vault', 90)], vault)[0]!;
    expect([level.count, level.odd.map((one) => one.mark)]).toEqual([1, ['6', '7']]);
  });
});
