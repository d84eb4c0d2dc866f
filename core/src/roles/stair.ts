import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door between a stair and a storey. */
export const stair = defineRole({
  id: 'stair',
  rooms: {
    usual: 'stair, stairs, staircase, stairwell',
    german: { and: 'treppe, treppenhaus, treppenraum' },
  },
  readAs: {
    place: 14,
    ownDoor: false,
    lastWord: false,
    through: true,
    closetInDwelling: false,
    passedInDwelling: true,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'stair' },
    whenLocked: null,
    letIn: false,
    reentry: true,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'always' },
    mayStandWithout: false,
    eitherSide: true,
    heldOpen: false,
    backCheck: false,
  },
  smoke: { usual: 'never', british: 'rated', continental: 'always' },
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
    leaf: {
      usual: 'timber-particle',
      'us-commercial': 'steel-honeycomb-18',
      continental: 'steel-honeycomb-18',
    },
    frame: { usual: 'steel', 'us-residential': 'timber', british: 'timber' },
    frequency: { usual: 'medium' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: true },
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
