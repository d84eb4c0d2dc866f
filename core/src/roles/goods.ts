import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door that goods come in by. */
export const goods = defineRole({
  id: 'goods',
  rooms: {
    usual:
      'goods, receiving, loading, dock, delivery, deliveries, shipping, goods in, goods out, delivery bay, despatch',
    german: { and: 'anlieferung, warenannahme' },
  },
  readAs: {
    place: 16,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
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
    when: { usual: 'rated' },
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
    through: 'room',
    amperes: false,
  },
  occupancy: null,
  load: 'store',
  make: {
    leaf: { usual: 'steel-honeycomb-18', 'us-commercial': 'steel-honeycomb-16' },
    frame: { usual: 'steel' },
    frequency: { usual: 'medium' },
    hinge: null,
    ofAnyWidth: true,
    rated: { usual: 'asked' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: false },
  secondLeaf: 'equipment',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: { fitted: { usual: 'armor-both', 'us-residential': 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
