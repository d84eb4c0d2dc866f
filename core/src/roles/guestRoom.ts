import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a hotel room. */
export const guestRoom = defineRole({
  id: 'guest-room',
  rooms: {
    usual:
      'guest room, guestroom, hotel room, guest bedroom suite, guest rm, king room, queen room, twin room, double queen',
    dwellings: { instead: '' },
    german: { and: 'hotelzimmer' },
  },
  readAs: {
    place: 3,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'guest-card' },
    whenLocked: null,
    letIn: false,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'always' },
    mayStandWithout: false,
    eitherSide: false,
    heldOpen: false,
    backCheck: false,
  },
  smoke: { usual: 'rated', 'us-residential': 'never', australasian: 'never' },
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
    leaf: { usual: 'timber-particle', 'us-residential': 'timber-hollow' },
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
  viewers: 'two',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
