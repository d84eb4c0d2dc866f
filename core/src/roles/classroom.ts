import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a classroom. */
export const classroom = defineRole({
  id: 'classroom',
  rooms: {
    usual:
      'classroom, class, classrm, nursery room, nursery class, seminar, teaching, training, tutorial, computer lab, music room, music, band room, choir room, art room, workshop, ict, kindergarten, pre-k, prek, preschool, pre-school, toddlers, toddler room, infant room, day nursery, crèche, creche, daycare, day care, science, chemistry, biology, physics, language lab, ceramics, pottery, band, orchestra, choir, practice room, wood shop, woodshop, metal shop, auto shop, home economics, home ec, food tech, food technology, textiles, dt, design technology, drama, drama studio, dance studio, art studio, makerspace, maker space, classbase, class base, year 1, year 2, year 3, year 4, year 5, year 6, group room, sen, sen room, resource room, special education, sped, gla, general learning area, general learning, oshc, learning studio, toddler, art, chorus, keyboard lab',
    buildings: { and: 'nursery' },
    dwellings: { instead: '' },
    german: {
      and: 'gruppen, fach, werk, musik, seminar, unterrichts, klasse, klassenzimmer, klassenraum, unterricht, schulung, werkraum, chemie, physik, biologie, kita, kita gruppe, gruppe, schlafraum, bewegungsraum, werkstatt, hörsaal, edv-raum',
    },
  },
  readAs: {
    place: 17,
    ownDoor: false,
    lastWord: true,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'classroom' },
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
    wayOut: 'to the open',
    common: false,
    gathering: true,
    asksPeople: false,
    through: 'room',
    amperes: false,
  },
  occupancy: 'education',
  load: 'classroom',
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
  plates: {
    fitted: { usual: 'kick', 'us-residential': 'none', continental: 'none' },
    alsoLeftOpen: false,
  },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
