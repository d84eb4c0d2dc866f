import fc from 'fast-check';
import { decideOpening, decisionOf } from '../deciding/index.js';
import type { Building, OpeningFacts, RoomUse } from '../model/index.js';
import { PRACTICE_IDS, type PracticeId } from '../practice/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import { inches, mm } from '../measure/index.js';
import { DOOR } from '../testing/door.js';
import { guessEscape } from './escape.js';
import { guessRole, likelyRoles, spaceOf } from './index.js';
import type { Role } from '../roles/index.js';

const guess = (
  from: string | undefined,
  to: string | undefined,
  practice: PracticeId = 'us-commercial',
  uses: [RoomUse?, RoomUse?] = [],
) => guessRole({ from, to, fromUse: uses[0], toUse: uses[1] }, PRACTICES[practice]);

describe('what a door is, guessed from its rooms', () => {
  it('takes the one room a list names for what its door is, unless people only pass it', () => {
    expect(guess(undefined, 'Exam 2')).toBe('treatment');
    expect(guess(undefined, 'Stair 1')).toBe('stair');
    expect(guess(undefined, 'Soiled util')).toBe('store');
    expect(guess(undefined, 'Linen', 'us-residential')).toBe('closet');
    expect(guess(undefined, 'Corridor 2')).toBeUndefined();
    expect(guess(undefined, 'Vestibule')).toBeUndefined();
    expect(guess(undefined, 'Reception')).toBeUndefined();
    expect(guess(undefined, 'Yard')).toBeUndefined();
    expect(guess('Exam 2', undefined)).toBeUndefined();
  });

  it.each<[string, string, Role | undefined, PracticeId?]>([
    ['Corridor', 'Assisted bathroom', 'patient-toilet', 'british'],
    ['Footpath', 'Lobby', 'entrance', 'australasian'],
    ['Corridor', 'Roof plant', 'plant', 'australasian'],
    ['Corridor', 'Plant deck', 'plant', 'australasian'],
    ['Family', 'Alfresco', 'balcony', 'australasian'],
    ['Corridor', 'Drive-thru', undefined],
    ['Drive', 'Lobby', 'entrance'],
    ['Corridor', 'Nurse base', 'office', 'british'],
    ['Corridor', 'Residents lounge', 'meeting', 'british'],
    ['Corridor', 'Art', 'classroom'],
    ['Corridor', 'Art store', 'store'],
    ['Corridor', 'Art gallery', 'assembly'],
    ['Hall', 'Sauna', 'bedroom', 'us-residential'],
    ['Flur', 'Chemikalienlager', 'store', 'continental'],
    ['Patientenzimmer', 'Nasszelle', 'patient-toilet', 'continental'],
    ['Corridor', 'Baby change', 'toilet-single', 'british'],
    ['Corridor', 'Changing room 2', 'toilet-group', 'british'],
    ['Corridor', 'Equip. storage', 'store'],
    ['Corridor', 'Equipment office', 'office'],
    ['Porch', 'Foyer', 'house-entrance', 'us-residential'],
    ['Porch', 'Entry', 'house-entrance', 'australasian'],
    ['Porch', 'Hall', 'house-entrance', 'british'],
    ['Porch', 'Kitchen', 'house-entrance', 'us-residential'],
    ['Porch', 'Lobby', 'entrance'],
    ['Outside', 'Porch', 'entrance', 'british'],
    ['Enclosed porch', 'Living room', 'bedroom', 'us-residential'],
    ['Balkon', 'Wohnen', 'balcony', 'continental'],
    ['Straße', 'Treppenhaus', 'entrance', 'continental'],
    ['Street', 'Stair 2', 'final-exit', 'british'],
    ['Hof', 'Treppenhaus', 'final-exit', 'continental'],
    ['Playground', 'Classroom 2', 'classroom', 'british'],
    ['Street', 'Classroom 2', 'final-exit', 'british'],
    ['Landing', 'Loft stairs', 'bedroom', 'british'],
    ['Corridor', 'Attic stair', 'stair'],
    ['Roof', 'Plant room', 'plant'],
    ['Roof', 'Stair 2', 'roof'],
    ['Roof', 'Corridor', 'roof'],
    ['Hall', 'Cupboard under stairs', 'closet', 'british'],
    ['Corridor', 'Cupboard under the stair 2', 'store', 'british'],
    ['Corridor', 'Under stairs', 'store'],
    ['Corridor', 'Store behind stage', 'store'],
    ['Hall', 'Room off kitchen', 'bedroom', 'us-residential'],
    ['Flur', 'Lager neben Büro', 'store', 'continental'],
    ['Corridor', 'Office above shop', 'office'],
    ['Corridor', 'Walk-in closet', 'store'],
    ['Hospital street', 'X-ray', 'treatment', 'british'],
    ['Internal street', 'Corridor', 'cross-corridor', 'british'],
    ['Street', 'Corridor', 'final-exit', 'british'],
    ['Basement carpark', 'Main switchroom', 'electrical', 'australasian'],
    ['Basement carpark', 'Fire stair', 'stair', 'australasian'],
    ['Carpark', 'Lobby', 'entrance', 'australasian'],
    ['Corridor', 'Operatory 2', 'treatment'],
    ['Corridor', 'Nursery', 'classroom'],
    ['Landing', 'Nursery', 'bedroom', 'british'],
    ['Corridor', 'Resident bedroom 12', 'patient-room', 'british'],
    ['Outside', 'Laundry', 'house-entrance', 'australasian'],
    ['Outside', 'Laundry', 'house-entrance', 'us-residential'],
    ['Outside', 'Laundry', 'store'],
    ['Outside', 'Laundry store 2', 'store', 'australasian'],
    ['Corridor', 'Laundry', 'store', 'australasian'],
    ['Corridor', 'ICU room 4', 'patient-room'],
    ['Corridor', 'Delivery room', 'patient-room'],
    ['Corridor', 'Deliveries', 'goods'],
    ['Parking garage', 'Stair 3', 'stair'],
    ['Parking garage', 'Elevator lobby', undefined],
    ['Parking garage', 'Storage', 'store'],
    ['Garage', 'Stair', 'garage', 'us-residential'],
    ['Garage', 'Hall', 'garage', 'british'],
    ['Tiefgarage', 'Treppenhaus', 'stair', 'continental'],
    ['Corridor', "Nurses' station", 'office'],
    ['Corridor', 'Med prep', 'strong-room'],
    ['Corridor', 'Prep kitchen', 'kitchen'],
    ['Corridor', 'Wood shop', 'classroom'],
    ['Corridor', 'Gift shop', 'shop'],
    ['Corridor', 'Maintenance shop', 'store'],
    ['Corridor', 'Transformer vault', 'electrical'],
    ['Corridor', 'Vault', 'strong-room'],
    ['Corridor', 'Library office', 'office'],
    ['Corridor', 'Plant office', 'office'],
    ['Corridor', 'Office library', 'assembly'],
    ['Corridor', 'Museum shop', 'shop'],
    ['Corridor', 'Office storage', 'store'],
    ['Corridor', 'Battery storage', 'electrical'],
    ['Corridor', 'Staff office', 'office'],
    ['Corridor', 'Staff toilet', 'toilet-single'],
    ['Corridor', 'Trash chute', 'plant'],
    ['Corridor', 'Paint booth', undefined],
    ['Corridor', 'Holding cell', undefined],
    ['Narthex', 'Nave', 'assembly'],
    ['Corridor', 'Fire exit', 'final-exit', 'british'],
    ['Corridor', 'Exit corridor', 'cross-corridor'],
    ['Corridor', 'Sluice', 'store', 'british'],
    ['Corridor', 'Year 2', 'classroom', 'british'],
    ['Corridor', 'Pupil WCs', 'toilet-group', 'british'],
    ['Hall', 'Walk-in closet', 'closet', 'us-residential'],
    ['Hall', 'Guest room', 'bedroom', 'us-residential'],
    ['Corridor', 'Guest room', 'guest-room'],
    ['Hall', 'Library', 'bedroom', 'us-residential'],
    ['Hall', 'Water closet', 'bathroom', 'us-residential'],
    ['Corridor', 'Unit 12', 'apartment', 'australasian'],
    ['Corridor', 'Unit 12', undefined, 'british'],
    ['COLA', 'GLA', 'classroom', 'australasian'],
    ['Corridor', 'Coolroom', 'cold-room', 'australasian'],
    ['Corridor', 'Staff lounge', 'meeting', 'australasian'],
    ['Flur', 'Tiefkühlraum', 'cold-room', 'continental'],
    ['Flur', 'Heizungskeller', 'plant', 'continental'],
    ['Flur', 'Sitzungssaal', 'assembly', 'continental'],
    ['Aufzugsvorraum', 'Wohnung 3', 'apartment', 'continental'],
    ['Flur', 'Vorraum WC', 'toilet-group', 'continental'],
    ['Flur', 'Kita Büro', 'office', 'continental'],
    ['Flur', 'Lager', 'store', 'continental'],
    ['Parking level 2', 'Stair B', 'stair', 'us-commercial'],
    ['Parking', 'Stair B', 'final-exit', 'us-commercial'],
    ['Car park', 'Lobby', 'entrance', 'british'],
    ['Schulhof', 'Eingangshalle', 'entrance', 'continental'],
    ['Stationsflur', 'Lager', 'store', 'continental'],
    ['Wartezimmer', 'Behandlung 2', 'treatment', 'continental'],
    ['Hall', 'Mechanical closet', 'closet', 'us-residential'],
    ['Hall', 'Mechanical room', 'plant', 'us-commercial'],
    ['Garden', 'Pool area', 'gate', 'australasian'],
    ['Covered way', 'Classroom 4', 'classroom', 'australasian'],
    ['Verandah', 'Office', 'office', 'australasian'],
    ['Yard', 'Classroom 4', 'final-exit', 'british'],
    ['Flur', 'Lagerraum 2', 'store', 'continental'],
    ['Flur', 'Besprechungsraum', 'meeting', 'continental'],
    ['Flur', 'Büroraum 3', 'office', 'continental'],
    ['Flur', 'Sprechzimmer', 'treatment', 'continental'],
    ['Flur', 'Gruppenraum', 'classroom', 'continental'],
    ['Flur', 'Lagerraumtür', undefined, 'continental'],
    // What its last word makes a corridor is none of the rooms it is named after.
    ['Keller Flur', 'Heizraum', 'plant', 'continental'],
    ['Store corridor', 'Kitchen', 'kitchen'],
    ['Corridor', 'Changing Places WC', 'toilet-single', 'british'],
    ['Corridor', 'Changing room', 'toilet-group', 'british'],
    ['Corridor', 'Riser', 'riser', 'british'],
    ['Corridor', 'Comms riser', 'riser', 'british'],
    ['Corridor', 'Riser room', 'plant', 'us-commercial'],
    ['Corridor', 'Electrical riser', 'riser', 'us-commercial'],
    ['Flur', 'Steigschacht', 'riser', 'continental'],
    ['Außen', 'Flur', 'final-exit', 'continental'],
    ['Flur', 'ELT', 'electrical', 'continental'],
    ['Corridor 2', 'Office 214', 'office'],
    ['Corridor', 'Meeting room', 'meeting'],
    ['Corridor', 'Classroom 4', 'classroom'],
    ['Corridor', 'Janitor’s closet', 'store'],
    ['Corridor', 'Storage 3', 'store'],
    ['Corridor', 'Pharmacy', 'strong-room'],
    ['Corridor', 'Electrical room', 'electrical'],
    ['Corridor', 'Boiler', 'plant'],
    ['Corridor', 'Server', 'server'],
    ['Corridor', 'Stair 1', 'stair'],
    ['Stair 1', 'Corridor', 'stair'],
    ['Office 3', 'Stair 1', 'stair'],
    ['Stair 1', 'Store', 'store'],
    ['Stair 1', 'Street', 'final-exit'],
    ['Corridor', 'Car park', 'final-exit'],
    ['Street', 'Foyer', 'entrance'],
    ['Foyer', 'Vestibule', 'vestibule'],
    ['Corridor A', 'Corridor B', 'cross-corridor'],
    ['Lobby', 'Auditorium', 'assembly'],
    ['Corridor', 'Toilet', 'toilet-single'],
    ['Foyer', 'Women', 'toilet-group'],
    ['Corridor', 'Locker room', 'toilet-group'],
    ['Corridor', 'Patient room 3', 'patient-room'],
    ['Patient room 3', 'Patient toilet', 'patient-toilet'],
    ['Corridor', 'Exam 2', 'treatment'],
    ['Corridor', 'Guest room 12', 'guest-room'],
    ['Guest room 12', 'Guest room 14', 'communicating'],
    ['Landing', 'Flat 3', 'apartment'],
    ['Street', 'Hall', 'house-entrance'],
    ['Driveway', 'Kitchen', 'house-entrance'],
    ['Garden', 'Living room', 'house-entrance'],
    ['Balcony', 'Living room', 'balcony'],
    ['Hall', 'Bedroom 2', 'bedroom'],
    ['Hall', 'Kitchen', 'bedroom'],
    ['Landing', 'Bathroom', 'bathroom'],
    ['Garage', 'Kitchen', 'garage'],
    ['Lane', 'Garden', 'gate'],
    ['Kitchen', 'Cold room', 'cold-room'],
    ['Dining room', 'Servery', 'kitchen'],
    ['Kitchen', 'Dining room', 'kitchen'],
    ['Kitchen', 'Office 2', 'office'],
    ['Dining room', 'Servery', 'bedroom', 'us-residential'],
    ['Corridor', 'Kitchen', 'kitchen'],
    ['Yard', 'Loading bay', 'goods'],
    ['Street', 'Shop', 'shop'],
    ['Roof', 'Stair B', 'roof'],
    ['Flur', 'Büro 3', 'office', 'continental'],
    ['Treppenhaus', 'Wohnung 2', 'apartment', 'continental'],
    ['Flur', 'Technik', 'plant', 'continental'],
    // Whole words only: nothing of path, court, hall, men or flat is meant here.
    ['Corridor', 'Pathology', 'treatment'],
    ['Corridor', 'Courtroom 1', 'assembly'],
    ['Hall', 'Office', 'office'],
    ['Office', 'Equipment', undefined],
    ['Lobby', 'Reception office', 'office'],
    ['Corridor', 'Elec. closet 217', 'electrical'],
    ['Corridor', 'Male WC', 'toilet-group'],
    ['External', 'Draught lobby', 'entrance'],
    ['Exterior', 'Lobby 101', 'entrance'],
    ['Corridor', 'Lounge', 'meeting'],
    ['Hall', 'Lounge', 'bedroom', 'us-residential'],
    ['Flur', 'WC Herren', 'toilet-group', 'continental'],
    ['Corridor', 'Equipment', undefined],
    ['Corridor', 'Flatware', undefined],
    ['Corridor', 'Room 12', undefined],
  ])('%s and %s: %s', (...[from, to, role, practice]) => {
    expect(guess(from, to, practice)).toBe(role);
  });

  it('is the same whichever room is named first', () => {
    // Of two rooms with a door of their own the one named second is entered.
    const names = ['Corridor', 'Stair 1', 'Street', 'Foyer', 'Store', 'Office'];
    fc.assert(
      fc.property(
        fc.constantFrom(...names),
        fc.constantFrom(...names),
        fc.constantFrom(...PRACTICE_IDS),
        (from, to, practice) => {
          expect(guess(from, to, practice)).toBe(guess(to, from, practice));
        },
      ),
    );
  });

  it('goes by the use that the building gives a room, where its name does not say more', () => {
    expect(guess('A', 'B', undefined, ['corridor', 'plant'])).toBe('plant');
    expect(guess('A', 'B', undefined, ['outdoors', 'entrance'])).toBe('entrance');
    expect(guess('A', 'B', undefined, ['outdoors', 'corridor'])).toBe('final-exit');
    expect(guess('A', 'B', undefined, ['corridor', 'sanitary'])).toBeUndefined();
    expect(
      likelyRoles(
        { fromUse: 'corridor', toUse: 'sanitary' },
        { occupancy: 'education', traffic: 'beds' },
      ),
    ).toEqual(['toilet-single', 'toilet-group', 'bathroom']);
  });

  it('names no room: no guess, the likeliest by what is recorded', () => {
    const none = { from: undefined, to: undefined, fromUse: undefined, toUse: undefined };
    expect(guessRole(none, PRACTICES.british)).toBeUndefined();
    const first = (facts: Parameters<typeof likelyRoles>[1], exterior?: boolean) =>
      likelyRoles({ ...none, exterior }, facts)?.[0];
    expect(first({ secured: true }, false)).toBe('office');
    expect(first({ secured: false })).toBe('meeting');
    expect(first({ occupancy: 'unknown' })).toBe('office');
    expect(first({ traffic: 'beds', occupancy: 'education' }, true)).toBe('entrance');
    expect(first({ traffic: 'beds', occupancy: 'education' })).toBe('patient-room');
    expect(first({ traffic: 'carts', occupancy: 'education' })).toBe('classroom');
    expect(first({ traffic: 'carts', occupancy: 'business' })).toBe('store');
    expect(first({ occupancy: 'mercantile', secured: false })).toBe('shop');
  });

  it('reads rooms as a practice of one’s own does: by what it is based on, not by its name', () => {
    const own = { ...PRACTICES['us-residential'], id: 'own-houses' };
    for (const name of ['Hall', 'Kitchen', 'Entry'])
      for (const other of ['Living Room', 'Garage', 'Street']) {
        const rooms = { from: name, to: other, fromUse: undefined, toUse: undefined };
        expect(guessRole(rooms, own)).toBe(guessRole(rooms, PRACTICES['us-residential']));
      }
    const street = { from: 'Street', to: 'Entry', fromUse: undefined, toUse: undefined };
    expect(guessRole(street, own)).not.toBe(guessRole(street, PRACTICES['us-commercial']));
  });
});

describe('which way people leave', () => {
  it.each([
    ['Corridor', 'Stair', 'to'],
    ['Stair', 'Corridor', 'from'],
    ['Stair', 'Street', 'to'],
    ['Street', 'Foyer', 'from'],
    ['Office', 'Corridor', 'to'],
    ['Foyer', 'Stair', 'from'],
    ['Corridor A', 'Corridor B', 'both'],
    ['Office', 'Store', undefined],
    [undefined, 'Corridor', undefined],
  ] as const)('%s and %s: %s', (from, to, escape) => {
    expect(guessEscape(spaceOf(from, undefined), spaceOf(to, undefined))).toBe(escape);
  });
});

describe('a decided opening', () => {
  const decide = (
    facts: Partial<OpeningFacts>,
    practice: PracticeId = 'us-commercial',
    building?: Building,
  ) => decideOpening({ ...DOOR, ...facts }, projectBasis(practice, [], building));
  const role = (facts: Partial<OpeningFacts>) => decisionOf(decide(facts), 'opening.role');

  it('shows a guess as a guess, what was recorded as given, and asks where nothing tells', () => {
    expect(role({ from: 'Corridor', to: 'Office' })).toMatchObject({
      basis: 'assumed',
      value: { term: 'role.office' },
      reasons: [{ code: 'role.guessed', params: { from: 'Corridor', to: 'Office' } }],
    });
    expect(role({ from: 'Corridor', to: 'Office', role: 'store' })).toMatchObject({
      basis: 'given',
      value: { term: 'role.store' },
      reasons: [],
    });
    expect(role({ secured: true })).toMatchObject({
      status: 'open',
      question: { code: 'ask.role' },
      facts: ['role', 'lockUse'],
    });
    for (const settled of [
      { lockUse: 'office' },
      { lockKind: 'none' },
      { secured: false },
    ] as const)
      expect(role(settled)).toBeUndefined();
  });

  it('never makes a storeroom of “locked” alone', () => {
    for (const practice of PRACTICE_IDS) {
      const { results } = decideOpening({ ...DOOR, secured: true }, PRACTICES[practice]);
      expect([practice, results.securing.kind, results.securing.spec]).toEqual([
        practice,
        undefined,
        undefined,
      ]);
    }
  });

  it('takes doors that people pass in public buildings of the United States for accessible', () => {
    const accessible = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
      decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]).results.opening.assumed.accessible;
    expect(accessible({ role: 'office' })).toBe(true);
    expect(accessible({ role: 'plant' })).toBeUndefined();
    expect(accessible({ role: 'office', occupancy: 'dwelling' })).toBeUndefined();
    expect(accessible({ role: 'office', accessible: false })).toBeUndefined();
    expect(accessible({ role: 'office', accessible: 'unknown' })).toBeUndefined();
    expect(accessible({ role: 'apartment' })).toBeUndefined();
    for (const practice of ['us-residential', 'british', 'continental', 'australasian'] as const)
      expect(accessible({ role: 'office' }, practice)).toBeUndefined();
  });

  it('assumes what follows of the role, and only what nobody recorded', () => {
    const { results } = decide({ role: 'stair' });
    expect(results.opening.assumed).toEqual({
      finish: 'satin chrome',
      lockUse: 'stair',
      secured: false,
      accessible: true,
      egress: true,
      closer: 'any',
      openAgainst: 'wall',
    });
    const told = {
      accessible: false,
      lockUse: 'store',
      secured: true,
      egress: false,
      closer: 'none',
      openAgainst: 'nothing',
    } as const;
    expect(decide({ role: 'stair', finish: 'brass', ...told }).results.opening.assumed).toEqual({});
    // Looked for and not found out is recorded, too: it stays unknown.
    expect(decide({ role: 'stair', egress: 'unknown' }).results.opening.assumed).not.toHaveProperty(
      'egress',
    );
    expect(decide({ role: 'office' }).results.opening.assumed).toEqual({
      accessible: true,
      finish: 'satin chrome',
      lockUse: 'office',
      secured: true,
      openAgainst: 'wall',
    });
    expect(decide({ role: 'office', rating: 20 }).results.opening.assumed.closer).toBe('any');
    expect(decide({ role: 'bedroom', rating: 20 }).results.opening.assumed).not.toHaveProperty(
      'closer',
    );
    // What is stored stays as it was.
    expect(decide({ role: 'stair' }).facts).not.toHaveProperty('egress');
  });

  it('takes a room at its word that people with a wheelchair use it', () => {
    const of = (from: string, to: string, more: Partial<OpeningFacts> = {}) =>
      decideOpening({ ...DOOR, from, to, ...more }, PRACTICES.british).results.opening.assumed
        .accessible;
    expect(of('Corridor', 'Accessible WC')).toBe(true);
    expect(of('Flur', 'WC barrierefrei')).toBe(true);
    expect(of('Changing places', 'Corridor')).toBe(true);
    expect(of('Corridor', 'WC')).toBeUndefined();
    expect(of('Corridor', 'Inaccessible loft')).toBeUndefined();
    expect(of('Corridor', 'Accessible WC', { accessible: false })).toBeUndefined();
  });
  it('asks who leaves by a common way out of a building for many, and takes it for enough', () => {
    const way = (more: Partial<OpeningFacts>) => {
      const opening = decideOpening(
        { ...DOOR, role: 'entrance', exterior: true, ...more },
        PRACTICES['us-commercial'],
      );
      const people = decisionOf(opening, 'opening.people');
      return [people?.question?.code ?? people?.status, opening.results.securing.kind];
    };
    const school = { occupancy: 'education' } as const;
    expect(way(school)).toEqual(['ask.peopleLeaving', 'rim-exit']);
    expect(way({ occupancy: 'assembly', role: 'stair' })).toEqual([
      'ask.peopleLeaving',
      'rim-exit',
    ]);
    expect(way({ ...school, occupants: 49 })).toEqual(['decided', 'deadbolt']);
    expect(way({ ...school, occupants: 50 })).toEqual(['decided', 'rim-exit']);
    expect(way({ ...school, egress: false })).toEqual([undefined, 'deadbolt']);
    expect(way({ occupancy: 'business' })).toEqual([undefined, 'deadbolt']);
    expect(way({ ...school, role: 'office', exterior: false })).toEqual([undefined, 'cylindrical']);
  });
  it('assumes how often a door is passed by what it is, unless passages are counted', () => {
    const use = (facts: Partial<OpeningFacts>, practice?: PracticeId) =>
      decide({ frequency: undefined, ...facts }, practice).results.opening.assumed.frequency;
    expect(use({ role: 'entrance' })).toBe('high');
    expect(use({ role: 'toilet-group' })).toBe('high');
    expect(use({ role: 'office' })).toBe('medium');
    expect(use({ role: 'bathroom' })).toBe('low');
    expect(use({ role: 'plant' })).toBe('medium');
    expect(use({ role: 'plant' }, 'british')).toBe('low');
    expect(use({ role: 'office', passagesPerDay: 20 })).toBeUndefined();
    expect(use({ role: 'office', frequency: 'high' })).toBeUndefined();
    expect(use({ role: 'office', frequency: 'unknown' })).toBeUndefined();
    const hung = decide({ role: 'entrance', frequency: undefined });
    expect(decisionOf(hung, 'hanging.frequency')).toMatchObject({
      value: { term: 'use.high' },
      basis: 'assumed',
    });
    expect(hung.findings.map(({ code }) => code)).not.toContain('hanging.useUnknown');
  });

  it.each<[string, Partial<OpeningFacts>, PracticeId, boolean | undefined]>([
    ['a 20-minute door of a corridor', { role: 'office', rating: 20 }, 'us-commercial', true],
    ['of whatever room', { from: 'Corridor', to: 'XY 12', rating: 20 }, 'us-commercial', true],
    ['where a list names one room', { from: undefined, rating: 20 }, 'us-commercial', true],
    ['longer than corridors ask for', { role: 'office', rating: 30 }, 'us-commercial', undefined],
    [
      'between rooms',
      { from: 'Office 1', to: 'Office 2', role: 'office', rating: 20 },
      'us-commercial',
      undefined,
    ],
    ['unrated', { role: 'office', rating: 0 }, 'us-commercial', undefined],
    ['a corridor, by role only', { role: 'office', rating: 20 }, 'british', undefined],
    [
      'recorded otherwise',
      { role: 'office', rating: 20, smoke: false },
      'us-commercial',
      undefined,
    ],
    ['looked for', { role: 'office', rating: 20, smoke: 'unknown' }, 'us-commercial', undefined],
    ['to the open', { role: 'office', rating: 20, exterior: true }, 'us-commercial', undefined],
    [
      'a sliding leaf',
      { role: 'office', rating: 20, kind: 'sliding', slideTo: 'left' },
      'us-commercial',
      undefined,
    ],
    ['a guest room', { role: 'guest-room', rating: 45 }, 'us-commercial', true],
    ['a corridor divided', { role: 'cross-corridor', rating: 90 }, 'us-commercial', true],
    ['a stair', { role: 'stair', rating: 90 }, 'us-commercial', undefined],
    ['a stair', { role: 'stair', rating: 30 }, 'british', true],
    ['a stair unrated', { role: 'stair', rating: 0 }, 'british', undefined],
    ['a stair unrated', { role: 'stair', rating: 0 }, 'continental', true],
    ['a flat', { role: 'apartment', rating: 30 }, 'british', true],
    ['a store', { role: 'store', rating: 60 }, 'british', undefined],
    ['a room of servers', { role: 'server', rating: 0 }, 'australasian', true],
    ['a garage', { role: 'garage', rating: 20 }, 'us-residential', undefined],
  ])('assumes that %s holds smoke back, as asked for: %j, %s', (_, facts, practice, smoke) => {
    const { assumed } = decide({ from: 'Corridor', to: 'Room', ...facts }, practice).results
      .opening;
    expect(assumed.smoke).toBe(smoke);
    // What holds smoke back rests on a seal, if it swings.
    expect(assumed.stopSeal).toBe(smoke || facts.exterior ? 'seal' : undefined);
  });

  it('says why it is taken to hold smoke back', () => {
    const why = (facts: Partial<OpeningFacts>) =>
      decide({ from: 'Corridor', to: 'Room', ...facts }).results.opening.because['smoke'];
    expect(why({ role: 'office', rating: 20 })).toMatchObject({
      code: 'assumed.smoke.corridor',
      params: { minutes: 20 },
    });
    expect(why({ role: 'guest-room', rating: 20 })).toMatchObject({
      code: 'assumed.smoke.role',
      params: { role: { term: 'role.guest-room' } },
    });
  });

  it('assumes wall and floor only where something rests on them', () => {
    const around = (facts: Partial<OpeningFacts>, practice?: PracticeId) => {
      const { openAgainst, floorTexture } = decide(facts, practice).results.opening.assumed;
      return [openAgainst, floorTexture];
    };
    expect(around({ role: 'office' })).toEqual(['wall', undefined]);
    // What is measured decides, and a leaf to the open finds no wall.
    expect(around({ role: 'office', sideWall: inches(30) })).toEqual([undefined, undefined]);
    expect(around({ role: 'final-exit', exterior: true })).toEqual([undefined, 'smooth']);
    expect(around({ role: 'office', sound: 40 })).toEqual(['wall', 'smooth']);
    expect(around({ role: 'office', sound: 40, floorTexture: 'carpet' })).toEqual([
      'wall',
      undefined,
    ]);
    // Floor stops are set where the practice counts on no wall.
    expect(around({ role: 'office' }, 'british')).toEqual([undefined, undefined]);
    expect(around({ from: undefined, to: undefined })).toEqual([undefined, undefined]);
    expect(around({ role: 'gate', exterior: true })).toEqual([undefined, undefined]);
  });

  it('lets what is recorded of locking go before what is usual for the role', () => {
    const use = (facts: Partial<OpeningFacts>) => decide(facts).results.opening.assumed.lockUse;
    expect(use({ role: 'meeting' })).toBe('passage');
    expect(use({ role: 'meeting', secured: true })).toBe('office');
    expect(use({ from: 'Corridor', to: 'Office', secured: false })).toBeUndefined();
    expect(use({ role: 'office', secured: false })).toBe('office');
    expect(use({ from: 'Corridor', to: 'Toilet', secured: false })).toBe('privacy');
    expect(use({ from: 'Foyer', to: 'Women', secured: true })).toBeUndefined();
  });

  it('takes a guest’s room by card unless nothing lets in, and a stair free unless it is kept', () => {
    const use = (facts: Partial<OpeningFacts>) => {
      const { lockUse, access } = decide(facts).results.opening.assumed;
      return [lockUse, access];
    };
    expect(use({ role: 'guest-room' })).toEqual(['guest-card', 'reader']);
    expect(use({ role: 'guest-room', access: 'keypad' })).toEqual(['guest-card', undefined]);
    expect(use({ role: 'guest-room', access: 'none' })).toEqual(['guest', undefined]);
    expect(use({ role: 'stair' })).toEqual(['stair', undefined]);
    for (const kept of [
      { access: 'reader' },
      { secured: true },
      { stairReentry: 'command' },
      { stairReentry: 'alarm' },
    ] as const)
      expect(use({ role: 'stair', ...kept })).toEqual(['stair-locked', undefined]);
    for (const free of [
      { stairReentry: 'free' },
      { access: 'button' },
      { access: 'reader', secured: false },
      { access: 'reader', electricLock: 'sensor-magnet' },
    ] as const)
      expect(use({ role: 'stair', ...free })[0]).toBe('stair');
  });

  it('asks for the occupancy only where the number of people is near and limits differ', () => {
    const asked = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
      decisionOf(decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]), 'opening.occupancy')
        ?.status;
    expect(asked({ occupants: 40, egress: true })).toBe('open');
    expect(asked({ occupants: 39, egress: true })).toBeUndefined();
    expect(asked({ occupants: 300, egress: false })).toBeUndefined();
    expect(asked({ occupants: 300, occupancy: 'business' })).toBe('decided');
    expect(asked({ occupants: 300 }, 'british')).toBeUndefined();
  });
});

describe('the edges of a room door', () => {
  const edge = (facts: Partial<OpeningFacts>, practice: PracticeId = 'continental') => {
    const { leafConstruction: _, leafThickness: __, ...door } = DOOR;
    const whole = { ...door, from: 'Flur', to: 'Büro', ...facts };
    return decideOpening(whole, PRACTICES[practice]).results.opening.assumed.leafEdge;
  };
  it('lie over the frame on the continent, of leaves of wood inside', () => {
    expect(edge({})).toBe('rebated');
    expect(edge({ leafConstruction: 'timber-stave' })).toBe('rebated');
    expect(edge({ leafConstruction: 'steel-honeycomb-18' })).toBeUndefined();
    expect(edge({ to: 'Hof' })).toBeUndefined();
    expect(edge({ kind: 'pair', active: 'left' })).toBeUndefined();
    for (const practice of PRACTICE_IDS)
      if (practice !== 'continental') expect(edge({}, practice)).toBeUndefined();
  });
  it('do not where the width is that of a flush leaf, nothing may be seen, or something is there already', () => {
    expect(edge({ leafWidth: mm(860) })).toBe('rebated');
    expect(edge({ leafWidth: mm(834) })).toBeUndefined();
    expect(edge({ nothingVisible: true })).toBeUndefined();
    expect(edge({ frameKind: 'stopless' })).toBeUndefined();
    expect(edge({ work: 'replacement' })).toBeUndefined();
    expect(edge({ leafEdge: 'flush' })).toBeUndefined();
  });
});

describe('a hall', () => {
  it('is that of a house unless people or occupancy say otherwise', () => {
    const role = (facts: Partial<OpeningFacts>, practice: PracticeId = 'british') =>
      decideOpening({ ...DOOR, from: 'Outside', to: 'Hall', ...facts }, PRACTICES[practice]).results
        .opening.role;
    expect(role({})).toBe('house-entrance');
    expect(role({ occupancy: 'residential' })).toBe('house-entrance');
    expect(role({ occupancy: 'assembly' })).toBe('final-exit');
    expect(role({ occupants: 60 })).toBe('house-entrance');
    expect(role({ occupants: 61 })).toBe('final-exit');
    expect(role({}, 'us-commercial')).toBe('house-entrance');
    expect(role({ occupancy: 'business' }, 'us-commercial')).toBe('final-exit');
    expect(role({ occupancy: 'assembly' }, 'us-residential')).toBe('house-entrance');
  });
});

describe('a porch', () => {
  const opening = (from: string, to: string) =>
    decideOpening({ ...DOOR, from, to }, PRACTICES['us-residential']).results.opening;
  it('is the open to the room behind it, whichever is named first, and a way in from the street', () => {
    for (const facts of [opening('Porch', 'Foyer'), opening('Foyer', 'Porch')])
      expect(facts.assumed.exterior).toBe(true);
    expect(opening('Outside', 'Porch').assumed.exterior).toBe(true);
    expect(opening('Sun porch', 'Foyer').assumed.exterior).toBeUndefined();
    expect(opening('Porch', 'Porch').assumed.exterior).toBeUndefined();
  });
});

describe('a classroom to the open', () => {
  it('is a way out', () => {
    const classroom = (from: string) =>
      decideOpening({ ...DOOR, from, to: 'Classroom 2' }, PRACTICES.british).results.opening.assumed
        .egress;
    expect(classroom('Playground')).toBe(true);
    expect(classroom('Corridor')).toBeUndefined();
  });
});
