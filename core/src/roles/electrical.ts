import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of an electrical room. */
export const electrical = defineRole({
  id: 'electrical',
  rooms: {
    usual:
      'electrical, electric, elec, elect, switchgear, switch room, switchroom, substation, transformer, dimmer room, meter room, battery, ups, intake, transformer vault, electrical vault, lv room, hv room, lv switch, hv switch, msb, main switchboard, inverter, ats, photovoltaic, pv room, emergency power',
    german: {
      and: 'schalt, trafostation, elektroverteilung, elektro, elt, elektroraum, hausanschluss, hausanschlussraum, har, verteiler, trafo, niederspannung, nshv, batterie, usv, mittelspannung, schaltraum, elektroverteiler',
    },
  },
  readAs: {
    place: 8,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: true,
    passedInDwelling: false,
    domestic: false,
    onRoofs: true,
  },
  lock: {
    use: { usual: 'store' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'rated' },
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
    amperes: true,
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
  place: { inTheOpen: false, cold: false, garage: false, commonPart: true },
  secondLeaf: 'equipment',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: {
    fitted: { usual: 'kick', 'us-residential': 'none', continental: 'none' },
    alsoLeftOpen: false,
  },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
