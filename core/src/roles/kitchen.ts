import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A service door of a kitchen. */
export const kitchen = defineRole({
  id: 'kitchen',
  rooms: {
    usual:
      'kitchen, servery, scullery, serving, prep kitchen, dish, dishwash, dishwashing, dish room, wait station, concession, concessions, galley, tuckshop, galley kitchen, bakery, deli, kiosk',
    german: { and: 'küche, großküche, ausgabe' },
  },
  readAs: {
    place: 24,
    ownDoor: false,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: true,
    domestic: true,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'push-pull' },
    whenLocked: null,
    letIn: false,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'always' },
    mayStandWithout: false,
    eitherSide: true,
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
  load: 'kitchen',
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
  plates: { fitted: { usual: 'armor-both', 'us-residential': 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
