import fc from 'fast-check';
import { decideOpening, decisionOf } from '../deciding/index.js';
import { roomKey, wayKey, type OpeningFacts, type Room } from '../model/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { egressOf, withWays, type DoorFacts, type Egress } from './index.js';

const US = PRACTICES['us-commercial'];
const GB = PRACTICES.british;

const roomsOf = (list: readonly Room[]) => new Map(list.map((room) => [roomKey(room.name), room]));
const door = (from: string, to: string, more: Partial<DoorFacts> = {}): DoorFacts => ({
  from,
  to,
  ...more,
});
const escape = (egress: Egress, from: string, to: string) =>
  egress.ways.get(wayKey(from, to))?.escape;

describe('the way out of a building', () => {
  const doors = [
    door('Street', 'Foyer'),
    door('Foyer', 'Corridor A'),
    door('Corridor A', 'Office 1'),
    door('Corridor A', 'Store'),
    door('Corridor A', 'Corridor B'),
    door('Corridor B', 'Stair'),
    door('Stair', 'Street'),
    door('Corridor B', 'Classroom'),
    door('Roof', 'Stair'),
  ];
  const egress = egressOf(doors, new Map(), US);

  it.each([
    ['Street', 'Foyer', 'from'],
    ['Foyer', 'Street', 'to'],
    ['Corridor A', 'Office 1', 'from'],
    ['Corridor A', 'Store', 'from'],
    ['Stair', 'Street', 'to'],
    ['Roof', 'Stair', 'to'],
    // A second way out when the first is lost.
    ['Corridor A', 'Corridor B', 'both'],
    // Nobody turns back in a foyer with no other rooms.
    ['Foyer', 'Corridor A', 'from'],
    // Nobody leaves a stair into a storey.
    ['Corridor B', 'Stair', 'to'],
  ])('%s and %s: %s', (from, to, way) => {
    expect(escape(egress, from, to)).toBe(way);
  });

  it('is a second way for whoever stays in a foyer, or comes into it from another room', () => {
    const way = (more: DoorFacts[], rooms: Room[] = []) =>
      escape(egressOf([...doors, ...more], roomsOf(rooms), US), 'Foyer', 'Corridor A');
    expect(way([door('Foyer', 'Cloakroom')])).toBe('both');
    expect(way([], [{ name: 'Foyer', people: 60 }])).toBe('both');
    expect(way([door('Yard', 'Foyer')])).toBe('from');
  });

  it('a blind corridor is left one way, and nothing is told where nothing leads to the open', () => {
    const blind = egressOf(
      [door('Street', 'Hall 101'), door('Hall 101', 'Corridor')],
      new Map(),
      US,
    );
    expect(escape(blind, 'Hall 101', 'Corridor')).toBe('from');
    expect(egressOf([door('Hall 101', 'Corridor')], new Map(), US).ways.size).toBe(0);
  });

  it('leads through no store or kitchen where there is another way, and by one where there is none', () => {
    const shop = [
      door('Street', 'Kitchen'),
      door('Kitchen', 'Dining'),
      door('Dining', 'Foyer'),
      door('Foyer', 'Street'),
    ];
    expect(escape(egressOf(shop, new Map(), US), 'Dining', 'Foyer')).toBe('to');
    expect(escape(egressOf(shop, new Map(), US), 'Kitchen', 'Dining')).toBeUndefined();
    expect(escape(egressOf(shop.slice(0, 2), new Map(), US), 'Kitchen', 'Dining')).toBe('from');
  });

  it('goes by what somebody recorded of a door', () => {
    const shut = doors.map((one) =>
      one.from === 'Street' ? { ...one, egress: false as const } : one,
    );
    const by = egressOf(shut, new Map(), US);
    expect(escape(by, 'Street', 'Foyer')).toBeUndefined();
    expect(escape(by, 'Foyer', 'Corridor A')).toBe('to');
    const oneWay = doors.map((one) =>
      one.to === 'Corridor B' ? { ...one, escape: 'from' as const } : one,
    );
    expect(escape(egressOf(oneWay, new Map(), US), 'Corridor A', 'Corridor B')).toBe('from');
    const unknown = doors.map((one) => ({ ...one, egress: 'unknown' as const }));
    expect(egressOf(unknown, new Map(), US).ways).toEqual(egress.ways);
  });

  it('counts people by their number, else by the area of their use', () => {
    const people = (list: Room[], practice = US) =>
      egressOf(doors, roomsOf(list), practice).rooms.find(({ name }) => name === 'Corridor B')!;
    // 50 m² are 538 ft², at 20 ft² a person 27; 1 m² a person 50.
    expect(people([{ name: 'Classroom', area: 50 }]).people).toBe(27);
    expect(people([{ name: 'Classroom', area: 50 }], GB).people).toBe(50);
    expect(people([{ name: 'Classroom', area: 50, people: 31 }]).people).toBe(31);
    expect(people([{ name: 'Classroom', area: 50, load: 'office' }]).people).toBe(4);
    expect(people([]).whole).toBe(false);
    expect(people([{ name: 'Classroom', people: 31 }]).whole).toBe(true);
  });

  it('counts nobody twice where two ways come together', () => {
    const diamond = [
      door('Hall 100', 'Street'),
      door('Corridor A', 'Hall 100'),
      door('Corridor B', 'Hall 100'),
      door('Auditorium', 'Corridor A'),
      door('Auditorium', 'Corridor B'),
    ];
    const both = egressOf(diamond, roomsOf([{ name: 'Auditorium', people: 200 }]), US);
    const way = (from: string, to: string) => both.ways.get(wayKey(from, to))!;
    expect(way('Hall 100', 'Street').people).toBe(200);
    expect(way('Auditorium', 'Corridor A')).toMatchObject({ people: 200, share: 100 });
    expect(way('Hall 100', 'Street').share).toBe(200);
    // With the largest lost the other serves all.
    const lost = egressOf(diamond, roomsOf([{ name: 'Auditorium', people: 200 }]), GB);
    expect(lost.ways.get(wayKey('Auditorium', 'Corridor A'))!.share).toBe(200);
  });
});

const NAMES = ['Street', 'Yard', 'Foyer', 'Stair 1', 'Stair 2', 'Corridor A', 'Corridor B'];
const OWN = ['Office', 'Classroom', 'Store', 'Kitchen', 'Auditorium', 'Lab', 'Gym', 'Library'];
const buildings = fc
  .array(fc.tuple(fc.nat(NAMES.length + OWN.length - 1), fc.nat(NAMES.length + OWN.length - 1)), {
    minLength: 1,
    maxLength: 40,
  })
  .map((pairs) =>
    pairs.map(([a, b]) => {
      const all = [...NAMES, ...OWN];
      return door(all[a]!, all[b]!);
    }),
  );
const counted = fc
  .array(fc.nat(300), { minLength: OWN.length, maxLength: OWN.length })
  .map((numbers) => roomsOf(OWN.map((name, at) => ({ name, people: numbers[at]! }))));

describe('any building', () => {
  it('brings everybody who has a way out to the open, and nobody else', () => {
    fc.assert(
      fc.property(buildings, counted, (doors, rooms) => {
        const { rooms: told, arriving } = egressOf(doors, rooms, US);
        const out = told
          .filter(({ distance }) => distance < Infinity)
          .reduce((sum, { own }) => sum + (own ?? 0), 0);
        expect(arriving).toBeCloseTo(out, 6);
      }),
    );
  });

  it('leads every room that has a way out to the open by doors that people leave through', () => {
    fc.assert(
      fc.property(buildings, counted, (doors, listed) => {
        const { rooms, doors: edges } = egressOf(doors, listed, US);
        const reached = new Set(rooms.filter(({ safe }) => safe).map(({ name }) => name));
        for (let grown = true; grown;) {
          grown = false;
          for (const { one, two, escape: way } of edges) {
            const leads = [
              ...(way === 'to' || way === 'both' ? [[one, two] as const] : []),
              ...(way === 'from' || way === 'both' ? [[two, one] as const] : []),
            ];
            for (const [from, to] of leads)
              if (reached.has(to) && !reached.has(from)) {
                reached.add(from);
                grown = true;
              }
          }
        }
        for (const { name, distance } of rooms) expect(reached.has(name)).toBe(distance < Infinity);
      }),
    );
  });

  it('mirrored is left the mirrored way', () => {
    fc.assert(
      fc.property(buildings, counted, (doors, rooms) => {
        const turned = doors.map(({ from, to }) => door(to!, from!));
        const mirror = { to: 'from', from: 'to', both: 'both' } as const;
        const [one, two] = [egressOf(doors, rooms, GB), egressOf(turned, rooms, GB)];
        for (const { from, to } of doors) {
          const [a, b] = [one.ways.get(wayKey(from!, to!)), two.ways.get(wayKey(to!, from!))];
          expect(b && { ...b, escape: b.escape && mirror[b.escape] }).toEqual(a);
        }
      }),
    );
  });

  it('leaves no room by itself again: a door leads out only where the room behind has a way without', () => {
    fc.assert(
      fc.property(buildings, counted, (doors, rooms) => {
        const whole = egressOf(doors, rooms, US);
        for (const { one, two, escape: way } of whole.doors) {
          for (const [from, to] of [
            ...(way === 'to' || way === 'both' ? [[one, two] as const] : []),
            ...(way === 'from' || way === 'both' ? [[two, one] as const] : []),
          ]) {
            const without = doors.filter((each) => each.from !== from && each.to !== from);
            const room = egressOf(without, rooms, US).rooms.find(({ name }) => name === to);
            expect(room ? room.distance : 0).toBeLessThan(Infinity);
          }
        }
      }),
    );
  });
});

describe('an opening on a way out', () => {
  const building = {
    storeys: [],
    rooms: [{ name: 'Multipurpose', people: 180 }] as Room[],
  };
  const facts = (more: Partial<OpeningFacts>): OpeningFacts => ({ ...DOOR, ...more });
  const list = [
    facts({ mark: '1', from: 'Corridor', to: 'Multipurpose', hingeSide: 'left', swing: 'in' }),
    facts({ mark: '2', from: 'Corridor', to: 'Street' }),
    facts({ mark: '3', from: 'Multipurpose', to: 'Store', egress: false }),
  ];
  const basis = withWays(projectBasis('us-commercial', [], building), list);
  const decided = decideOpening(list[0]!, basis);

  it('takes direction, people and what follows of them from the graph, as assumed', () => {
    expect(decisionOf(decided, 'opening.escape')).toMatchObject({
      basis: 'assumed',
      value: { term: 'escape.from' },
      reasons: [{ code: 'role.escapeWays', params: { people: 180 } }],
    });
    expect(decided.results.opening.assumed).toMatchObject({
      occupants: 180,
      egress: true,
      occupancy: 'assembly',
    });
    expect(decided.results.opening.because['occupants']).toEqual({
      code: 'assumed.people',
      params: { people: 180 },
    });
    // A room for 180 people that opens inwards.
    expect(decided.findings.map(({ code }) => code)).toContain('law.barAsked');
  });

  it('holds the clear width against the people: 0.2 in each, 36 in for 180', () => {
    const narrow = decided.findings.find(({ code }) => code === 'checking.way.narrow');
    expect(narrow).toMatchObject({ level: 'check', params: { people: 180 } });
    const told = decideOpening({ ...list[0]!, egress: false }, basis);
    expect(told.findings.map(({ code }) => code)).not.toContain('checking.way.narrow');
  });

  it('lets what was recorded stand', () => {
    const own = decideOpening(
      { ...list[0]!, occupants: 20, escape: 'to', occupancy: 'business', egress: true },
      basis,
    );
    expect(own.results.opening.escape).toBe('to');
    expect(own.results.opening.assumed).not.toHaveProperty('occupants');
    expect(decideOpening(list[2]!, basis).results.opening.assumed).not.toHaveProperty('occupants');
  });
});
