import { ROOM_NAMES } from '../testing/roomNames.js';
import { placeNamed, PLACE_TRAITS, type PlaceTrait } from './places.js';

const ROWS = Object.entries(ROOM_NAMES).flatMap(([traits, names]) =>
  names.split('|').map((name): [string, string] => [name, traits]),
);

const traitsOf = (name: string) => [...placeNamed(name, undefined)];

describe('what a place is by its name', () => {
  it.each(ROWS)('%s: %s', (name, traits) => {
    const order = (list: readonly string[]) =>
      PLACE_TRAITS.filter((trait) => list.includes(trait)).join(' ');
    expect(order(traitsOf(name))).toBe(order(traits.split(' ') as PlaceTrait[]));
  });

  it('is the same in capitals, with a number, and with where it is', () => {
    for (const [name] of ROWS) {
      expect([name, traitsOf(name.toUpperCase())]).toEqual([name, traitsOf(name)]);
      if (/\d| [A-Z]$/.test(name)) continue;
      expect([name, traitsOf(`${name} 12`)]).toEqual([name, traitsOf(name)]);
      expect([name, traitsOf(`${name} (level 2)`)]).toEqual([name, traitsOf(name)]);
    }
  });

  it('goes by the use that the building gives it, beside its name', () => {
    expect([...placeNamed('Room 4', 'sleeping')]).toEqual(['sleeping']);
    expect([...placeNamed(undefined, 'stair')]).toEqual(['stair']);
    expect(placeNamed('Stair 2', 'corridor').has('stair')).toBe(true);
    expect(placeNamed(undefined, undefined).size).toBe(0);
  });
});
