import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a strong room, a pharmacy, a cash room. */
export const strongRoom = defineRole({
  id: 'strong-room',
  rooms: {
    usual:
      'strong room, pharmacy, drug store, safe, vault, cash room, med room, evidence, medication, medication room, med prep, meds, drugs, narcotics, armory, armoury, gun room, till room, controlled drugs',
    dwellings: { instead: 'vault, safe room, gun room' },
    german: { and: 'apotheke, tresor, tresorraum, waffenkammer' },
  },
  readAs: {
    place: 5,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'reader' },
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
  load: 'store',
  make: {
    leaf: {
      usual: 'timber-particle',
      'us-commercial': 'steel-honeycomb-18',
      'us-residential': 'timber-hollow',
    },
    frame: { usual: 'steel', 'us-residential': 'timber', british: 'timber' },
    frequency: { usual: 'low', 'us-commercial': 'medium' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: false },
  secondLeaf: 'equipment',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: true,
});
