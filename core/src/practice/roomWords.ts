import type { Role } from './roles.js';

/**
 * Words of room names by which a role is guessed, with the abbreviations of drawings; whole words, the first
 * role that has one.
 */
export const ROOM_WORDS: Record<Role, string> = {
  'patient-toilet': 'patient toilet, patient bathroom, patient wc, patient bath',
  'cold-room': 'cold room, cold store, freezer, walk-in cooler, cooler, chill room, walk-in',
  'guest-room': 'guest room, guestroom, hotel room, guest bedroom suite, guest rm',
  apartment: 'flat, apartment, apt, maisonette, condominium, dwelling unit',
  'strong-room': 'strong room, pharmacy, drug store, safe, vault, cash room, med room, evidence',
  riser:
    'riser, risers, riser cupboard, riser closet, services cupboard, service cupboard, meter cupboard, service duct, services duct, shaft, hose reel, hydrant cupboard, hydrant booster cupboard, comms cupboard, comms riser, elec riser, electrical riser',
  server:
    'server, telephone room, comms, communications, data, telecom, tele, tel/data, rack room, idf, mdf, it room, it closet, hub room, network, av rack',
  electrical:
    'electrical, electric, elec, elect, switchgear, switch room, switchroom, substation, transformer, dimmer room, meter room, battery, ups, intake',
  plant:
    'plant, plantroom, boiler, mechanical, mech, pump, pump room, fire pump, sprinkler, refuse, trash, recycling, rubbish, waste, garbage, bin store, bins, lift machine, lift motor, elevator machine, elev mach, elev machine, lift mach, machine, generator, ahu, fan room, hvac, heating, water heater, water tank, tank room, gas meter',
  store:
    'store, stores, storage, stor, sto, storeroom, closet, clo, cupboard, cpd, linen, janitor, jan, custodian, custodial, housekeeping, cleaner, cleaning, archive, archives, records, files, file room, supply, supplies, cellar, pantry, larder, wardrobe, wir, robe, robes, walk-in, utility, clean utility, soiled utility, soiled, util, clean util, laundry, cloakroom, coats, coat room, check room',
  'toilet-group':
    "men, mens, men's, women, womens, women's, male, female, ladies, gents, toilets, girls, boys, changing, changing room, locker room, lockers, restrooms, showers",
  'toilet-single':
    'changing places, changing place, changing places toilet, changing places wc, toilet, toil, tlt, wc, w.c, lavatory, restroom, rr, washroom, accessible toilet, unisex, single-user, family toilet',
  bathroom: 'bathroom, bath, powder room, powder, shower room, en suite, ensuite',
  stair: 'stair, stairs, staircase, stairwell',
  roof: 'roof',
  goods: 'goods, receiving, loading, dock, delivery, deliveries, shipping',
  classroom:
    'classroom, class, classrm, seminar, teaching, training, tutorial, computer lab, music room, music, band room, choir room, art room, workshop, ict',
  treatment:
    'exam, examination, treatment, procedure, lab, laboratory, consulting, consult, imaging, x-ray, pathology, clinic, medical, nurse, first aid, dental, triage, therapy, prep, prep room, sick bay',
  'patient-room': 'patient, ward',
  meeting:
    'meeting, mtg, conference, conf, boardroom, interview, huddle, break room, breakroom, staff room, staffroom, lunch room, lunchroom, mess room, common room, kitchenette, tea point, tea room, quiet room, copy, print room, printing, mail room, mailroom, team room, day room, waiting, green room',
  assembly:
    'auditorium, theatre, theater, chapel, lecture, ballroom, cinema, gymnasium, gym, restaurant, bar, café, cafe, cafeteria, canteen, rehearsal, recital, gallery, courtroom, library, multipurpose, multi-purpose, sports hall, assembly hall, main hall, school hall, village hall, banquet, sanctuary, function room',
  stage: 'stage, scene',
  office:
    'office, offices, off, dressing room, dressing, bureau, study, principal, head teacher, headteacher, manager, director, admin, administration, accounts, supervisor, secretary, counselor, counsellor, open plan, workroom, work room, studio, human resources',
  kitchen: 'kitchen, servery, scullery, serving',
  shop: 'shop, showroom, salon, retail, sales, store front, storefront',
  bedroom:
    'bedroom, bed, living, sitting, dining, lounge, nursery, parlour, front room, back room, family room',
  garage: 'garage',
  balcony: 'balcony, terrace, patio, deck, loggia',
  gate: 'gate, lane',
  vestibule: 'vestibule, vest, draught lobby, draft lobby, wind lobby, airlock, air lock',
  entrance: 'entrance, entry, foyer, reception, atrium',
  'final-exit': '',
  'exit-only': '',
  'cross-corridor': '',
  communicating: '',
  closet: '',
  'house-entrance': '',
};

/** Rooms of buildings that are no dwellings, where the same word serves both. */
export const BUILDING_WORDS: Partial<Record<Role, string>> = {
  // A riser room is a room; what is named a riser alone may be one.
  riser: ROOM_WORDS.riser.replace('riser, risers, ', ''),
  plant: `${ROOM_WORDS.plant}, riser`,
  meeting: `${ROOM_WORDS.meeting}, lounge`,
  assembly: `${ROOM_WORDS.assembly}, dining`,
  bedroom: 'bedroom, bed, living, sitting, nursery, parlour, front room, back room, family room',
};

/** German words beside the English ones, for the continental practice. */
const GERMAN: Partial<Record<Role, string>> = {
  office: 'büro, arbeitszimmer, sekretariat, verwaltung, leitung, schulleitung, direktion',
  meeting:
    'sozial, dienst, warte, wartebereich, besprechung, konferenz, pausenraum, teeküche, lehrerzimmer, aufenthaltsraum',
  classroom:
    'gruppen, fach, werk, musik, seminar, unterrichts, klasse, klassenzimmer, klassenraum, unterricht, schulung, werkraum',
  treatment:
    'sprech, schwestern, behandlung, untersuchung, arzt, labor, sanitätsraum, vorbereitung',
  'patient-room': 'patientenzimmer, bettenzimmer',
  store:
    'wäsche, geräte, stuhllager, vorrat, vorrats, reinigung, akten, lager, abstellraum, abstellkammer, putzraum, putzmittel, archiv, keller, kammer, hauswirtschaft',
  electrical:
    'schalt, trafostation, elektroverteilung, elektro, elt, elektroraum, hausanschluss, hausanschlussraum, har, verteiler, trafo, niederspannung, nshv, batterie',
  plant:
    'heiz, heizraum, kessel, lüftungszentrale, pumpen, sprinklerzentrale, heizzentrale, technik, technikraum, heizung, lüftung, müll, müllraum, aufzugsmaschinenraum',
  riser: 'schacht, installationsschacht, steigschacht, steigzone, elektroschacht, zählerschrank',
  server: 'serverraum, edv, it-raum',
  stair: 'treppe, treppenhaus, treppenraum',
  'toilet-group':
    'herren, damen, umkleide, wc herren, wc damen, wc-herren, wc-damen, mädchen, jungen, sanitär',
  'toilet-single': 'behinderten-wc, beh.-wc, beh-wc, wc barrierefrei, personal-wc',
  bathroom: 'bad, badezimmer, dusche',
  bedroom: 'schlafzimmer, wohnzimmer, kinderzimmer, zimmer',
  kitchen: 'küche, großküche, ausgabe',
  apartment: 'wohnung',
  entrance: 'eingang, empfang, eingangshalle',
  vestibule: 'windfang',
  assembly: 'saal, aula, mensa, sporthalle, turnhalle, bibliothek, mehrzweckraum, veranstaltung',
  goods: 'anlieferung, warenannahme',
  balcony: 'balkon, terrasse, loggia',
  roof: 'dach',
  garage: 'tiefgarage',
};

export const CONTINENTAL_WORDS = Object.fromEntries(
  (Object.keys(ROOM_WORDS) as Role[]).map((role) => [
    role,
    [ROOM_WORDS[role], GERMAN[role]].filter(Boolean).join(', '),
  ]),
) as Record<Role, string>;
