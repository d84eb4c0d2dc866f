import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a server or communications room. */
export const server = defineRole({
  id: 'server',
  rooms: {
    usual:
      'server, telephone room, comms, communications, data, telecom, tele, tel/data, rack room, idf, mdf, it room, it closet, hub room, network, av rack, mpoe, av room, av closet, av, server closet, ser, comms hub',
    german: {
      and: 'serverraum, edv, it-raum, edv-verteiler, datenverteiler, sat-raum, rechenzentrum',
    },
  },
  readAs: {
    place: 7,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: true,
    passedInDwelling: false,
    domestic: false,
    onRoofs: true,
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
  smoke: { usual: 'always', 'us-residential': 'never' },
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
  load: 'equipment',
  make: {
    leaf: {
      usual: 'steel-honeycomb-18',
      british: 'timber-particle',
      australasian: 'timber-particle',
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
