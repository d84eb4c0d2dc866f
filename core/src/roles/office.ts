import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of an office. */
export const office = defineRole({
  id: 'office',
  rooms: {
    usual:
      "office, offices, off, dressing room, dressing, bureau, study, principal, head teacher, headteacher, manager, director, admin, administration, accounts, supervisor, secretary, counselor, counsellor, open plan, workroom, work room, studio, human resources, nurse station, nurses station, nurses' station, nurse's station, nurses base, nurses' base, staff base, coach, coach's office, coaches, registration, check-in, chart room, dispatch, leasing, guidance, chaplain, referee, referees, umpire, umpires, ticketing, control room, control booth, sound booth, ticket booth, projection, projector room, workstations, bullpen, executive suite, chambers, judge's chambers, robing, robing room, deputy head, staff office, bursar, caretaker, porter, sacristy, vestry, sales office, site office, tenant suite, tenant space, tenant, on-call room, on call room, nurse base, on-call, on call, squad room, clerk, probation, teller, concierge, co-working, coworking, edit suite, edit bay, chamber",
    dwellings: { instead: '' },
    german: {
      and: 'büro, arbeitszimmer, sekretariat, verwaltung, leitung, schulleitung, direktion, chefbüro, großraumbüro, hausmeister, anmeldung, kasse, regie, leitwarte, garderobe, künstlergarderobe, sakristei, aufsicht, stationszimmer, pflegestützpunkt, dienstplatz, chef, beleuchter',
    },
  },
  readAs: {
    place: 23,
    ownDoor: false,
    lastWord: true,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'office' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'rated' },
    mayStandWithout: false,
    eitherSide: false,
    heldOpen: false,
    backCheck: false,
  },
  smoke: { usual: 'never' },
  sound: { usual: 0 },
  escape: {
    wayOut: 'no',
    common: false,
    gathering: false,
    asksPeople: false,
    through: 'room',
    amperes: false,
  },
  occupancy: null,
  load: 'office',
  make: {
    leaf: {
      usual: 'timber-particle',
      'us-residential': 'timber-hollow',
      continental: 'timber-tubular',
    },
    frame: { usual: 'steel', 'us-residential': 'timber', british: 'timber' },
    frequency: { usual: 'medium', 'us-residential': 'low' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: false },
  secondLeaf: 'people',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
