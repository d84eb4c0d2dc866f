import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a toilet for one. */
export const toiletSingle = defineRole({
  id: 'toilet-single',
  rooms: {
    usual:
      'changing places, changing place, changing places toilet, changing places wc, toilet, toil, tlt, wc, w.c, lavatory, restroom, rr, washroom, accessible toilet, unisex, single-user, family toilet, gender neutral, gender neutral toilet, all gender, all gender toilet, ambulant, pwd, dwc, hygiene room, water closet, baby change, baby changing',
    dwellings: { instead: '' },
    german: { and: 'behinderten-wc, beh.-wc, beh-wc, wc barrierefrei, personal-wc' },
  },
  readAs: {
    place: 12,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
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
  clearWidth: { usual: 0, continental: mm(900) },
  beds: false,
  plates: { fitted: { usual: 'none' }, alsoLeftOpen: false },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: true,
  twoLeaves: false,
  watched: false,
});
