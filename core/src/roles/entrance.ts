import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** The main entrance of a building. */
export const entrance = defineRole({
  id: 'entrance',
  rooms: {
    usual:
      'entrance, communal hall, communal entrance, communal lobby, common hall, entry, foyer, reception, atrium',
    german: { and: 'eingang, empfang, eingangshalle' },
  },
  readAs: {
    place: 31,
    ownDoor: false,
    lastWord: false,
    through: true,
    closetInDwelling: false,
    passedInDwelling: true,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'shop' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'always' },
    mayStandWithout: false,
    eitherSide: false,
    heldOpen: false,
    backCheck: true,
  },
  smoke: { usual: 'never' },
  sound: { usual: 0 },
  escape: {
    wayOut: 'always',
    common: true,
    gathering: false,
    asksPeople: false,
    through: 'room',
    amperes: false,
  },
  occupancy: null,
  load: null,
  make: {
    leaf: { usual: 'aluminium-narrow' },
    frame: { usual: 'aluminium' },
    frequency: { usual: 'high' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: true },
  secondLeaf: 'people',
  bothLeavesDaily: true,
  keptShut: false,
  clearWidth: { usual: 0, british: mm(1000), continental: mm(900) },
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
