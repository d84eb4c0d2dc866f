import { PRACTICES, projectBasis } from '../project/index.js';
import { decideOpening } from '../deciding/index.js';
import { phraseText } from '../phrasing/index.js';
import {
  guessRoomUse,
  mergeRooms,
  readBuilding,
  renameRoom,
  ROOM_USES,
  unlistedRooms,
  withRooms,
  type Building,
  type OpeningFacts,
  type RoomUse,
} from './index.js';

const building: Building = {
  storeys: ['Ground', 'First'],
  rooms: [
    { name: 'Passage', storey: 'Ground', use: 'corridor' },
    { name: 'Wig store', storey: 'Ground', use: 'store' },
    { name: 'Studio', use: 'work' },
    { name: 'Yard', use: 'outdoors' },
    { name: 'Snug' },
  ],
};

const outsideOf = (from: string, to: string, facts: Partial<OpeningFacts> = {}) => {
  const decided = decideOpening(
    { mark: '1', kind: 'single', from, to, ...facts },
    projectBasis('british', [], building),
  );
  const decision = decided.decisions.find((one) => one.key === 'handing.outside')!;
  return {
    outside: decided.results.handing.outside,
    why: decision.reasons.map((reason) => phraseText(reason, { system: 'metric' })).join(' '),
  };
};

describe('the outside between two rooms', () => {
  it('is on the side of the more public use, whatever the rooms are called', () => {
    expect(outsideOf('Wig store', 'Studio')).toEqual({
      outside: 'to',
      why: 'Studio (work) is the more public side of Wig store (store, cupboard): the door is locked against people there.',
    });
    expect(outsideOf('studio ', 'YARD').outside).toBe('to');
    expect(outsideOf('Passage', 'Studio').outside).toBe('from');
  });

  it('falls back on names where a use is not known, and gives way to what a person recorded', () => {
    expect(outsideOf('Snug', 'Passage').outside).toBe('to');
    expect(outsideOf('Wig store', 'Studio', { outside: 'from' }).outside).toBe('from');
  });

  it.each(ROOM_USES.flatMap((a, index) => ROOM_USES.slice(index + 1).map((b) => [a, b] as const)))(
    '%s is outside of %s, from either side',
    (more: RoomUse, less: RoomUse) => {
      const basis = projectBasis('british', [], {
        storeys: [],
        rooms: [
          { name: 'A', use: more },
          { name: 'B', use: less },
        ],
      });
      const side = (from: string, to: string) =>
        decideOpening({ mark: '1', kind: 'single', from, to }, basis).results.handing.outside;
      expect([side('A', 'B'), side('B', 'A')]).toEqual(['from', 'to']);
    },
  );
});

describe('a building', () => {
  it('is checked as it comes in', () => {
    expect(readBuilding(building)).toEqual({ ok: true, value: building });
    for (const wrong of [
      null,
      { storeys: [] },
      { storeys: ['A', ' a'], rooms: [] },
      { storeys: [], rooms: [{ name: '' }] },
      { storeys: [], rooms: [{ name: 'A' }, { name: 'a ' }] },
      { storeys: [], rooms: [{ name: 'A', use: 'ballroom' }] },
    ]) {
      expect(readBuilding(wrong).ok).toBe(false);
    }
  });

  it('learns its rooms from the openings that name them', () => {
    const rooms = unlistedRooms(
      [
        { mark: '1', kind: 'single', from: 'Passage', to: 'Electrical', storey: 'Ground' },
        { mark: '2', kind: 'single', from: 'Landing', to: 'electrical', storey: 'First' },
        { mark: '3', kind: 'single', from: 'Landing', to: 'Electrical', storey: 'First' },
      ],
      building,
    );
    expect(rooms).toEqual([
      { name: 'Electrical', storey: 'First', use: 'plant' },
      { name: 'Landing', storey: 'First', use: 'corridor' },
    ]);
    const grown = withRooms(building, [...rooms, { name: 'Loft', storey: 'Second' }]);
    expect(grown.storeys).toEqual(['Ground', 'First', 'Second']);
    expect(readBuilding(grown).ok).toBe(true);
  });

  it('takes a new name of a room to every opening that names it', () => {
    const list = [
      { id: 'a', facts: { mark: '1', kind: 'single' as const, from: 'studio', to: 'Yard' } },
      { id: 'b', facts: { mark: '2', kind: 'single' as const, from: 'Passage', to: 'Snug' } },
    ];
    expect(renameRoom(list, 'Studio', 'Workshop')).toEqual([
      { id: 'a', patch: { from: 'Workshop' } },
    ]);
  });

  it.each([
    ['Cleaner’s closet', 'store'],
    ['Stair A', 'stair'],
    ['Loading yard', 'outdoors'],
    ['Office, director', 'work'],
    ['Snug', undefined],
    // The last word says what is passed, and a word within a longer one does not.
    ['Keller Flur', 'corridor'],
    ['Store corridor', 'corridor'],
    ['Meeting room terrace', 'outdoors'],
    ['Garden store', 'store'],
    ['Stair store', 'store'],
    ['Lift lobby', 'corridor'],
  ])('guesses what %s is used for', (name, use) => {
    expect(guessRoomUse(name)).toBe(use);
  });

  it('is nothing the practices depend on', () => {
    expect(projectBasis('british').practice).toBe(PRACTICES.british);
  });
});

describe('people in rooms', () => {
  const room = (more: object) => readBuilding({ storeys: [], rooms: [{ name: 'Hall', ...more }] });
  it('are taken with area, number and what they do', () => {
    const read = room({ area: 120.5, people: 0, load: 'tables' });
    expect(read.ok && read.value.rooms).toEqual([
      { name: 'Hall', area: 120.5, people: 0, load: 'tables' },
    ]);
  });
  it.each([
    { area: -1 },
    { area: 2e6 },
    { area: Infinity },
    { area: '12' },
    { people: 1.5 },
    { people: -1 },
    { people: 200_000 },
    { load: 'dancing' },
  ])('%j is refused', (more) => {
    expect(room(more).ok).toBe(false);
  });
});

describe('a room made part of another', () => {
  it('goes, and openings that name it name the other', () => {
    const building = { storeys: [], rooms: [{ name: 'Hall A' }, { name: 'Hall' }] };
    const openings = [
      { id: '1', facts: { mark: '1', kind: 'single', from: 'hall a', to: 'Office' } },
      { id: '2', facts: { mark: '2', kind: 'single', from: 'Street', to: 'Hall' } },
    ] as const;
    const merged = mergeRooms(building, openings, 'Hall A', 'Hall');
    expect(merged.building.rooms).toEqual([{ name: 'Hall' }]);
    expect(merged.patches).toEqual([{ id: '1', patch: { from: 'Hall' } }]);
  });
});
