import { inches, mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a room with patients in bed. */
export const patientRoom = defineRole({
  id: 'patient-room',
  rooms: {
    usual:
      'patient, resident bedroom, resident room, resident suite, bed bay, ward, icu, ccu, nicu, picu, pacu, recovery, ldr, ldrp, labor and delivery, labour and delivery, delivery room, birthing, birthing room, isolation, isolation room, dialysis, inpatient, post-op, pre-op, bariatric',
    dwellings: { instead: '' },
    german: {
      and: 'patientenzimmer, bettenzimmer, aufwach, aufwachraum, intensiv, intensivzimmer, kreißsaal, bewohner, bewohnerzimmer, pflegezimmer',
    },
  },
  readAs: {
    place: 19,
    ownDoor: false,
    lastWord: true,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'passage' },
    whenLocked: 'classroom',
    letIn: false,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'never' },
    mayStandWithout: true,
    eitherSide: false,
    heldOpen: false,
    backCheck: false,
  },
  smoke: { usual: 'never', british: 'rated' },
  sound: { usual: 0 },
  escape: {
    wayOut: 'no',
    common: false,
    gathering: false,
    asksPeople: false,
    through: 'room',
    amperes: false,
  },
  occupancy: null,
  load: 'inpatient',
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
  clearWidth: { usual: 0, 'us-commercial': inches(41.5), continental: mm(900) },
  beds: true,
  plates: {
    fitted: {
      usual: 'kick',
      'us-residential': 'none',
      'us-commercial': 'armor',
      continental: 'armor',
    },
    alsoLeftOpen: true,
  },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
