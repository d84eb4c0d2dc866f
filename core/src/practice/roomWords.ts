import type { Role } from './roles.js';

/**
 * Words of room names by which a role is guessed, with the abbreviations of drawings; whole words, the first
 * role that has one.
 */
export const ROOM_WORDS: Record<Role, string> = {
  'patient-toilet':
    'patient toilet, patient bathroom, patient wc, patient bath, assisted bathroom, assisted bath, assisted shower, assisted wc',
  'cold-room':
    'cold room, cold store, freezer, walk-in cooler, cooler, chill room, walk-in, cool room, coolroom, walk-in freezer, chill store',
  'guest-room':
    'guest room, guestroom, hotel room, guest bedroom suite, guest rm, king room, queen room, twin room, double queen',
  apartment: 'flat, apartment, apt, maisonette, condominium, dwelling unit',
  'strong-room':
    'strong room, pharmacy, drug store, safe, vault, cash room, med room, evidence, medication, medication room, med prep, meds, drugs, narcotics, armory, armoury, gun room, till room, controlled drugs',
  riser:
    'riser, risers, riser cupboard, riser closet, services cupboard, service cupboard, meter cupboard, service duct, services duct, shaft, hose reel, hydrant cupboard, hydrant booster cupboard, comms cupboard, comms riser, elec riser, electrical riser, hydrant, hydraulic cupboard, fhr, fire hose reel',
  server:
    'server, telephone room, comms, communications, data, telecom, tele, tel/data, rack room, idf, mdf, it room, it closet, hub room, network, av rack, mpoe, av room, av closet, av, server closet, ser, comms hub',
  electrical:
    'electrical, electric, elec, elect, switchgear, switch room, switchroom, substation, transformer, dimmer room, meter room, battery, ups, intake, transformer vault, electrical vault, lv room, hv room, lv switch, hv switch, msb, main switchboard, inverter, ats, photovoltaic, pv room, emergency power',
  plant:
    'plant, plantroom, boiler, mechanical, mech, pump, pump room, fire pump, sprinkler, refuse, trash, recycling, rubbish, waste, garbage, bin store, bins, lift machine, lift motor, elevator machine, elev mach, elev machine, lift mach, machine, generator, ahu, fan room, hvac, heating, water heater, water tank, tank room, gas meter, trash chute, linen chute, chute, compactor, bin room, bin stores, lmr, elevator control, lift control, chiller, chillers, cooling plant, fan, pool equipment, filtration, filter plant, furnace, furnace room, water treatment, hydraulic, sprinkler valve, sprinkler tank, biomass, calorifier, emr, mer, compressor, compressor room, dust extraction, plant deck',
  store:
    'store, under stairs, understairs, under-stairs, understair, stores, storage, stor, sto, storeroom, closet, clo, cupboard, cpd, linen, janitor, jan, custodian, custodial, housekeeping, cleaner, cleaning, archive, archives, records, files, file room, supply, supplies, cellar, pantry, larder, wardrobe, wir, robe, robes, walk-in, utility, clean utility, soiled utility, soiled, util, clean util, laundry, cloakroom, coats, coat room, check room, stock room, stockroom, stock, package room, parcel room, parcels, bike, bikes, bicycle, bicycles, cycle, cycles, bike room, tool crib, tool room, tools, hazmat, gas cylinder, gas cylinders, cylinders, props, prop room, lost and found, lost & found, soiled holding, clean holding, sluice, dsr, wic, walk-in closet, walk in closet, airing cupboard, maintenance, maintenance shop, machine shop, costume store, instrument, equipment store, coat check, wine cellar, turnout gear, kiln, biohazard, evs, drying room, disposal, disposal room, shed, wip, wil, ldry, boiler cupboard, gas cupboard, cylinder cupboard, hot water cupboard, hwc',
  'toilet-group':
    "men, mens, men's, women, womens, women's, male, female, ladies, gents, toilets, girls, boys, changing, changing room, locker room, lockers, restrooms, showers, boys', girls', wcs, pupil wcs, amenities, ambulant toilets, end of trip, eot, locker, team locker, steam room, sauna, change room, change rooms",
  'toilet-single':
    'changing places, changing place, changing places toilet, changing places wc, toilet, toil, tlt, wc, w.c, lavatory, restroom, rr, washroom, accessible toilet, unisex, single-user, family toilet, gender neutral, gender neutral toilet, all gender, all gender toilet, ambulant, pwd, dwc, hygiene room, water closet, baby change, baby changing',
  bathroom:
    'bathroom, bath, powder room, powder, shower room, en suite, ensuite, en-suite, wetroom, wet room, shower, pdr',
  stair: 'stair, stairs, staircase, stairwell',
  roof: 'roof',
  goods:
    'goods, receiving, loading, dock, delivery, deliveries, shipping, goods in, goods out, delivery bay, despatch',
  classroom:
    'classroom, class, classrm, nursery room, nursery class, seminar, teaching, training, tutorial, computer lab, music room, music, band room, choir room, art room, workshop, ict, kindergarten, pre-k, prek, preschool, pre-school, toddlers, toddler room, infant room, day nursery, crèche, creche, daycare, day care, science, chemistry, biology, physics, language lab, ceramics, pottery, band, orchestra, choir, practice room, wood shop, woodshop, metal shop, auto shop, home economics, home ec, food tech, food technology, textiles, dt, design technology, drama, drama studio, dance studio, art studio, makerspace, maker space, classbase, class base, year 1, year 2, year 3, year 4, year 5, year 6, group room, sen, sen room, resource room, special education, sped, gla, general learning area, general learning, oshc, learning studio, toddler, art, chorus, keyboard lab',
  treatment:
    'exam, examination, operatory, operatories, treatment, procedure, lab, laboratory, consulting, consult, imaging, x-ray, pathology, clinic, medical, nurse, first aid, dental, triage, therapy, prep, prep room, sick bay, endoscopy, ultrasound, ct, ct scan, mammography, radiology, fluoroscopy, blood draw, phlebotomy, infusion, sterile, sterile processing, cssd, morgue, mortuary, autopsy, post mortem, physio, physiotherapy, physical therapy, ot/pt, audiology, mi room, health room, consultation, plaster room, autoclave, vivarium, cage wash, gowning, cleanroom, clean room, darkroom, dark room, decon, decontamination',
  'patient-room':
    'patient, resident bedroom, resident room, resident suite, bed bay, ward, icu, ccu, nicu, picu, pacu, recovery, ldr, ldrp, labor and delivery, labour and delivery, delivery room, birthing, birthing room, isolation, isolation room, dialysis, inpatient, post-op, pre-op, bariatric',
  meeting:
    "meeting, mtg, conference, conf, boardroom, interview, huddle, break room, breakroom, staff room, staffroom, lunch room, lunchroom, mess room, common room, kitchenette, tea point, tea room, quiet room, copy, print room, printing, mail, mail room, mailroom, team room, day room, waiting, green room, staff lounge, doctor's lounge, doctors lounge, teachers lounge, teachers' lounge, student lounge, study lounge, phone booth, phone room, focus room, focus, board room, nourishment, vending, cry room, dayroom, breakout, jury, jury room, jury retiring, multi-faith, multifaith, prayer room, reflection, meditation, post room, reprographics, ppa, tearoom, business center, business centre, staff, break, quiet, residents lounge, tv lounge",
  assembly:
    'auditorium, theatre, theater, chapel, lecture, ballroom, cinema, gymnasium, gym, restaurant, bar, café, cafe, cafeteria, canteen, rehearsal, recital, gallery, courtroom, library, multipurpose, multi-purpose, sports hall, assembly hall, main hall, school hall, village hall, banquet, sanctuary, function room, nave, worship, worship center, fellowship hall, prayer hall, mosque, synagogue, commons, student commons, cafetorium, natatorium, swimming pool, pool hall, black box, fitness, fitness room, fitness suite, weight room, weights, exercise, exercise room, wrestling, aerobics, yoga, media center, media centre, lrc, learning resource centre, learning resource center, learning resource, council chamber, hearing room, court room, court 1, court 2, court 3, court 4, community room, community hall, game room, games room, recreation, rec room, clubroom, club room, club lounge, amenity, dining hall, beer hall, exhibition, museum',
  stage: 'stage, scene, backstage, wings, orchestra pit, trap room',
  office:
    "office, offices, off, dressing room, dressing, bureau, study, principal, head teacher, headteacher, manager, director, admin, administration, accounts, supervisor, secretary, counselor, counsellor, open plan, workroom, work room, studio, human resources, nurse station, nurses station, nurses' station, nurse's station, nurses base, nurses' base, staff base, coach, coach's office, coaches, registration, check-in, chart room, dispatch, leasing, guidance, chaplain, referee, referees, umpire, umpires, ticketing, control room, control booth, sound booth, ticket booth, projection, projector room, workstations, bullpen, executive suite, chambers, judge's chambers, robing, robing room, deputy head, staff office, bursar, caretaker, porter, sacristy, vestry, sales office, site office, tenant suite, tenant space, tenant, on-call room, on call room, nurse base, on-call, on call, squad room, clerk, probation, teller, concierge, co-working, coworking, edit suite, edit bay, chamber",
  kitchen:
    'kitchen, servery, scullery, serving, prep kitchen, dish, dishwash, dishwashing, dish room, wait station, concession, concessions, galley, tuckshop, galley kitchen, bakery, deli, kiosk',
  shop: 'shop, showroom, salon, retail, sales, store front, storefront',
  bedroom:
    'bedroom, bed, living, sitting, dining, lounge, nursery, parlour, front room, back room, family room, great room, den, bonus room, primary suite, master suite, sunroom, sun room, mudroom, mud room, boot room, snug, conservatory, breakfast room, play room, playroom, box room, orangery, loft room',
  garage: 'garage, car port, carport',
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
  bedroom: 'bedroom, bed, living, sitting, parlour, front room, back room, family room',
  classroom: `${ROOM_WORDS.classroom}, nursery`,
};

/** Rooms of a dwelling are rooms like others, whatever they are called: nobody locks a study like an office. */
export const DWELLING_WORDS: Partial<Record<Role, string>> = {
  'toilet-group': '',
  'cold-room': '',
  'guest-room': '',
  'strong-room': 'vault, safe room, gun room',
  'toilet-single': '',
  bathroom: `${ROOM_WORDS.bathroom}, toilet, toil, wc, water closet, restroom`,
  classroom: '',
  treatment: '',
  'patient-room': '',
  meeting: '',
  assembly: '',
  stage: '',
  office: '',
  shop: '',
  bedroom: `${ROOM_WORDS.bedroom}, guest room, office, study, library, theater, media room, gym`,
};

/** Words of Australian and New Zealand lists. */
export const AUSTRALASIAN_WORDS: Partial<Record<Role, string>> = {
  balcony: `${ROOM_WORDS.balcony}, alfresco`,
  apartment: `${ROOM_WORDS.apartment}, unit, sou, sole occupancy unit`,
  bedroom: `${BUILDING_WORDS.bedroom}, nursery, rumpus, media room, activity, mud room, mudroom`,
  meeting: BUILDING_WORDS.meeting!,
};

/** German words beside the English ones, for the continental practice. */
const GERMAN: Partial<Record<Role, string>> = {
  office:
    'büro, arbeitszimmer, sekretariat, verwaltung, leitung, schulleitung, direktion, chefbüro, großraumbüro, hausmeister, anmeldung, kasse, regie, leitwarte, garderobe, künstlergarderobe, sakristei, aufsicht, stationszimmer, pflegestützpunkt, dienstplatz, chef, beleuchter',
  meeting:
    'sozial, dienst, warte, wartebereich, besprechung, konferenz, pausenraum, teeküche, lehrerzimmer, aufenthaltsraum, wartezone, personal, personalraum, kopierraum, poststelle, kopier, druckerraum, ruheraum, teamraum, gebetsraum',
  'patient-toilet': 'bad patient, patientenbad, patienten-wc, nasszelle',
  classroom:
    'gruppen, fach, werk, musik, seminar, unterrichts, klasse, klassenzimmer, klassenraum, unterricht, schulung, werkraum, chemie, physik, biologie, kita, kita gruppe, gruppe, schlafraum, bewegungsraum, werkstatt, hörsaal, edv-raum',
  treatment:
    'sprech, schwestern, behandlung, untersuchung, arzt, labor, sanitätsraum, vorbereitung, röntgen, steri, sterilisation, steriraum, physiotherapie, schockraum, eingriff, ambulanz, labor, erste hilfe',
  'patient-room':
    'patientenzimmer, bettenzimmer, aufwach, aufwachraum, intensiv, intensivzimmer, kreißsaal, bewohner, bewohnerzimmer, pflegezimmer',
  store:
    'wäsche, geräte, stuhllager, vorrat, vorrats, reinigung, akten, lager, abstellraum, abstellkammer, putzraum, putzmittel, archiv, keller, kammer, hauswirtschaft, fahrrad, fahrradraum, fahrradkeller, fahrräder, kinderwagen, kinderwagenraum, waschküche, trockenraum, kellerabteil, mieterkeller, mieter-keller, speisekammer, speis, hwr, hauswirtschaftsraum, unrein, unreiner arbeitsraum, rein, reiner arbeitsraum, dachboden, spitzboden, requisiten, kulissen, pufferlager, stuhl, stühle, müllsammel, ankleide, schmutzraum, trockenlager, chemikalienlager, gaslager, materiallager, warenlager, getränkelager, möbellager, sammlung, speicher',
  electrical:
    'schalt, trafostation, elektroverteilung, elektro, elt, elektroraum, hausanschluss, hausanschlussraum, har, verteiler, trafo, niederspannung, nshv, batterie, usv, mittelspannung, schaltraum, elektroverteiler',
  plant:
    'heiz, heizraum, kessel, lüftungszentrale, pumpen, sprinklerzentrale, heizzentrale, technik, technikraum, heizung, lüftung, müll, müllraum, aufzugsmaschinenraum, heizungskeller, heizkeller, müllsammelraum, aufzugstechnik, kälte, kältezentrale, notstrom, notstromaggregat, sprinkler, wasseraufbereitung, schwimmbadtechnik',
  riser: 'schacht, installationsschacht, steigschacht, steigzone, elektroschacht, zählerschrank',
  server: 'serverraum, edv, it-raum, edv-verteiler, datenverteiler, sat-raum, rechenzentrum',
  stair: 'treppe, treppenhaus, treppenraum',
  'toilet-group':
    'herren, damen, umkleide, wc herren, wc damen, wc-herren, wc-damen, mädchen, jungen, sanitär, waschraum, waschräume, duschraum, duschen, herren-wc, damen-wc, wc mädchen, wc jungen, schüler-wc, vorraum wc, wc-vorraum, vorraum herren, vorraum damen, sauna',
  'toilet-single': 'behinderten-wc, beh.-wc, beh-wc, wc barrierefrei, personal-wc',
  bathroom: 'bad, badezimmer, dusche',
  bedroom:
    'schlafzimmer, wohnzimmer, kinderzimmer, zimmer, wohnen, schlafen, kind, kind 1, kind 2, eltern, essen, gästezimmer, arbeiten, hobbyraum, wintergarten',
  kitchen: 'küche, großküche, ausgabe',
  apartment: 'wohnung, whg, wohneinheit, we',
  entrance: 'eingang, empfang, eingangshalle',
  vestibule: 'windfang',
  assembly:
    'saal, aula, mensa, sporthalle, turnhalle, bibliothek, mehrzweckraum, veranstaltung, sitzungssaal, gerichtssaal, kirche, kirchenschiff, kapelle, gastraum, speisesaal, schwimmbad, schwimmhalle, fitness, festsaal, plenarsaal, probebühne',
  goods: 'anlieferung, warenannahme',
  balcony: 'balkon, terrasse, loggia',
  roof: 'dach, dachausstieg',
  garage: 'tiefgarage',
  'guest-room': 'hotelzimmer',
  'cold-room': 'kühl, kühlraum, tiefkühl, tiefkühlraum, kühlhaus, tiefkühlhaus',
  'strong-room': 'apotheke, tresor, tresorraum, waffenkammer',
  shop: 'laden, verkauf, verkaufsraum',
  stage: 'bühne, hinterbühne',
};

export const CONTINENTAL_WORDS = Object.fromEntries(
  (Object.keys(ROOM_WORDS) as Role[]).map((role) => [
    role,
    [ROOM_WORDS[role], GERMAN[role]].filter(Boolean).join(', '),
  ]),
) as Record<Role, string>;
