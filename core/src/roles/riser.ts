import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a riser or service cupboard. */
export const riser = defineRole({
  id: 'riser',
  rooms: {
    usual:
      'riser, risers, riser cupboard, riser closet, services cupboard, service cupboard, meter cupboard, service duct, services duct, shaft, hose reel, hydrant cupboard, hydrant booster cupboard, comms cupboard, comms riser, elec riser, electrical riser, hydrant, hydraulic cupboard, fhr, fire hose reel',
    buildings: {
      instead:
        'riser cupboard, riser closet, services cupboard, service cupboard, meter cupboard, service duct, services duct, shaft, hose reel, hydrant cupboard, hydrant booster cupboard, comms cupboard, comms riser, elec riser, electrical riser, hydrant, hydraulic cupboard, fhr, fire hose reel',
    },
    german: {
      and: 'schacht, installationsschacht, steigschacht, steigzone, elektroschacht, zählerschrank',
    },
  },
  readAs: {
    place: 6,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: true,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'store' },
    whenLocked: null,
    letIn: true,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'rated', british: 'locked', continental: 'locked' },
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
  load: null,
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
  keptShut: true,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
