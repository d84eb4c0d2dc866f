import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a bedroom or living room of a dwelling. */
export const bedroom = defineRole({
  id: 'bedroom',
  rooms: {
    usual:
      'bedroom, bed, living, sitting, dining, lounge, nursery, parlour, front room, back room, family room, great room, den, bonus room, primary suite, master suite, sunroom, sun room, mudroom, mud room, boot room, snug, conservatory, breakfast room, play room, playroom, box room, orangery, loft room',
    buildings: {
      instead: 'bedroom, bed, living, sitting, parlour, front room, back room, family room',
    },
    dwellings: { and: 'guest room, office, study, library, theater, media room, gym' },
    australasian: {
      instead:
        'bedroom, bed, living, sitting, parlour, front room, back room, family room, nursery, rumpus, media room, activity, mud room, mudroom',
    },
    german: {
      and: 'schlafzimmer, wohnzimmer, kinderzimmer, zimmer, wohnen, schlafen, kind, kind 1, kind 2, eltern, essen, gästezimmer, arbeiten, hobbyraum, wintergarten',
    },
  },
  readAs: {
    place: 26,
    ownDoor: false,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: true,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'passage' },
    whenLocked: 'privacy',
    letIn: false,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'never', british: 'asked' },
    mayStandWithout: true,
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
    through: 'last',
    amperes: false,
  },
  occupancy: null,
  load: 'sleeping',
  make: {
    leaf: {
      usual: 'timber-particle',
      'us-residential': 'timber-hollow',
      australasian: 'timber-hollow',
      continental: 'timber-tubular',
    },
    frame: { usual: 'timber', 'us-commercial': 'steel' },
    frequency: { usual: 'low' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'not in dwellings', continental: 'never', australasian: 'never' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: false },
  secondLeaf: 'home',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, british: mm(750), continental: mm(800) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
