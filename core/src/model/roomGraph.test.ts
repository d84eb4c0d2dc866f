import fc from 'fast-check';
import { roomGraph, roomKey } from './index.js';

type Door = readonly [string | undefined, string | undefined];
const sides = (door: Door) => door;
const room = fc.option(fc.constantFrom('Hall', 'hall ', 'Office', 'Store', 'Yard', ''), {
  nil: undefined,
});

describe('the graph of rooms', () => {
  it('has each room once by its first name, and a door at both its rooms', () => {
    const { rooms, doors, at, index } = roomGraph<Door>(
      [
        ['Hall', 'Office'],
        [' hall', 'Store'],
      ],
      sides,
      ['Yard'],
    );
    expect(rooms.map(({ name }) => name)).toEqual(['Yard', 'Hall', 'Office', 'Store']);
    expect(doors.map(({ one, two }) => [one, two])).toEqual([
      [1, 2],
      [1, 3],
    ]);
    expect(at).toEqual([[], [0, 1], [0], [1]]);
    expect(index.get(roomKey('HALL'))).toBe(1);
  });

  it('keeps rooms of doors that lead nowhere else, without an edge', () => {
    const { rooms, doors } = roomGraph<Door>(
      [
        ['Hall', undefined],
        ['Hall', 'hall'],
      ],
      sides,
    );
    expect(rooms).toHaveLength(1);
    expect(doors).toEqual([]);
  });

  it('holds every door between two rooms twice among its rooms, whatever the list', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(room, room), { maxLength: 20 }), (list) => {
        const { rooms, doors, at, index } = roomGraph<Door>(list, sides);
        const whole = list.filter(([a, b]) => a && b && roomKey(a) !== roomKey(b));
        expect(doors.map(({ door }) => door)).toEqual(whole);
        at.forEach((places, node) =>
          places.forEach((place) => {
            expect([doors[place]!.one, doors[place]!.two]).toContain(node);
          }),
        );
        expect(at.flat()).toHaveLength(2 * doors.length);
        for (const { key } of rooms) expect(rooms[index.get(key)!]!.key).toBe(key);
      }),
    );
  });
});
