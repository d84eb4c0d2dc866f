import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a bathroom of a dwelling. */
export const bathroom = defineRole({
  id: 'bathroom',
  rooms: {
    usual:
      'bathroom, bath, powder room, powder, shower room, en suite, ensuite, en-suite, wetroom, wet room, shower, pdr',
    dwellings: { and: 'toilet, toil, wc, water closet, restroom' },
    german: { and: 'bad, badezimmer, dusche' },
  },
  readAs: {
    place: 13,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: true,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'privacy' },
    whenLocked: null,
    letIn: false,
    reentry: false,
    barWhenLetIn: false,
  },
  closing: {
    when: { usual: 'never', british: 'asked' },
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
      usual: 'timber-particle',
      'us-residential': 'timber-hollow',
      australasian: 'timber-hollow',
      continental: 'timber-tubular',
    },
    frame: { usual: 'timber', 'us-commercial': 'steel' },
    frequency: { usual: 'low' },
    hinge: null,
    ofAnyWidth: false,
    rated: { usual: 'not in dwellings', continental: 'never', australasian: 'never' },
  },
  place: { inTheOpen: false, cold: false, garage: false, commonPart: false },
  secondLeaf: 'people',
  bothLeavesDaily: false,
  keptShut: false,
  clearWidth: { usual: 0, british: mm(750), continental: mm(800) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
