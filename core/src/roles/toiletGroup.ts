import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of toilets or changing rooms for many. */
export const toiletGroup = defineRole({
  id: 'toilet-group',
  rooms: {
    usual:
      "men, mens, men's, women, womens, women's, male, female, ladies, gents, toilets, girls, boys, changing, changing room, locker room, lockers, restrooms, showers, boys', girls', wcs, pupil wcs, amenities, ambulant toilets, end of trip, eot, locker, team locker, steam room, sauna, change room, change rooms",
    dwellings: { instead: '' },
    german: {
      and: 'herren, damen, umkleide, wc herren, wc damen, wc-herren, wc-damen, mädchen, jungen, sanitär, waschraum, waschräume, duschraum, duschen, herren-wc, damen-wc, wc mädchen, wc jungen, schüler-wc, vorraum wc, wc-vorraum, vorraum herren, vorraum damen, sauna',
    },
  },
  readAs: {
    place: 11,
    ownDoor: true,
    lastWord: false,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'push-pull', continental: 'passage' },
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
  load: null,
  make: {
    leaf: {
      usual: 'timber-particle',
      'us-residential': 'timber-hollow',
      continental: 'timber-tubular',
    },
    frame: { usual: 'steel', 'us-residential': 'timber', british: 'timber' },
    frequency: { usual: 'high' },
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
  plates: {
    fitted: {
      usual: 'kick',
      'us-residential': 'none',
      'us-commercial': 'kick-mop',
      continental: 'none',
    },
    alsoLeftOpen: false,
  },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
