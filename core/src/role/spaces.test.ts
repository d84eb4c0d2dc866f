import { placeNamed } from '../model/index.js';
import { ROLE, ROLES, roleWords } from '../roles/index.js';
import { ROOM_NAMES } from '../testing/roomNames.js';
import { spaceOf } from './spaces.js';

/** All words of roles, in all practices, and the names that places are tried by. */
const ALL = new Set([
  ...Object.values(ROOM_NAMES).flatMap((names) => names.split('|')),
  ...ROLES.flatMap((role) =>
    Object.values(ROLE[role].rooms).flatMap((words) =>
      roleWords(typeof words === 'string' ? words : Object.values(words).join(', ')),
    ),
  ),
]);

/** Ways in the open that rooms are entered from: a corridor to whoever leaves them, and the open. */
const COVERED =
  /^(?:covered|breezeway|cola|colonnade|laubengang|walkway|verandah?|deck access|access deck)/i;
const POOLSIDE = /^pool/i;

describe('what a space is, and what place it is', () => {
  it('are one answer to one name', () => {
    const differing = [...ALL].filter((name) => {
      const [space, place] = [spaceOf(name, undefined), placeNamed(name, undefined)];
      if (COVERED.test(name) || POOLSIDE.test(name) || name === '') return false;
      switch (space) {
        case 'outdoors':
          return !place.has('open');
        case 'stair':
          return !place.has('stair');
        case 'entrance':
          return !place.has('entrance');
        case 'corridor':
          return !place.has('passage');
        default:
          return ['open', 'stair', 'entrance', 'passage'].some((one) => place.has(one as 'open'));
      }
    });
    expect(ALL.size).toBeGreaterThan(1000);
    expect(differing).toEqual([]);
  });

  it.each([
    ['Corridor office', 'room'],
    ['Street furniture store', 'room'],
    ['Roof plant room', 'room'],
    ['Stair store', 'room'],
    ['Stair B', 'stair'],
    ['Corridor A-104', 'corridor'],
    ['Covered way', 'corridor'],
    ['Loading dock', 'outdoors'],
    ['Pool deck', 'outdoors'],
    ['Pool hall', 'room'],
  ])('%s is a space of its last word: %s', (name, space) =>
    expect(spaceOf(name, undefined)).toBe(space),
  );
});
