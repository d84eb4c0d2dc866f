import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a cold room. */
export const coldRoom = defineRole({
  id: 'cold-room',
  rooms: {
    usual:
      'cold room, cold store, freezer, walk-in cooler, cooler, chill room, walk-in, cool room, coolroom, walk-in freezer, chill store',
    dwellings: { instead: '' },
    german: { and: 'kühl, kühlraum, tiefkühl, tiefkühlraum, kühlhaus, tiefkühlhaus' },
  },
  readAs: {
    place: 2,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'cold-room' },
    whenLocked: null,
    letIn: false,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'never' },
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
    through: 'last',
    amperes: false,
  },
  occupancy: null,
  load: null,
  make: {
    leaf: { usual: '' },
    frame: { usual: '' },
    frequency: { usual: 'medium', 'us-residential': 'low' },
    hinge: 'rising',
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: true, garage: false, commonPart: false },
  secondLeaf: 'people',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
