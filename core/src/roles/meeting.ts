import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a meeting or staff room. */
export const meeting = defineRole({
  id: 'meeting',
  rooms: {
    usual:
      "meeting, mtg, conference, conf, boardroom, interview, huddle, break room, breakroom, staff room, staffroom, lunch room, lunchroom, mess room, common room, kitchenette, tea point, tea room, quiet room, copy, print room, printing, mail, mail room, mailroom, team room, day room, waiting, green room, staff lounge, doctor's lounge, doctors lounge, teachers lounge, teachers' lounge, student lounge, study lounge, phone booth, phone room, focus room, focus, board room, nourishment, vending, cry room, dayroom, breakout, jury, jury room, jury retiring, multi-faith, multifaith, prayer room, reflection, meditation, post room, reprographics, ppa, tearoom, business center, business centre, staff, break, quiet, residents lounge, tv lounge",
    buildings: { and: 'lounge' },
    dwellings: { instead: '' },
    australasian: { and: 'lounge' },
    german: {
      and: 'sozial, dienst, warte, wartebereich, besprechung, konferenz, pausenraum, teeküche, lehrerzimmer, aufenthaltsraum, wartezone, personal, personalraum, kopierraum, poststelle, kopier, druckerraum, ruheraum, teamraum, gebetsraum',
    },
  },
  readAs: {
    place: 20,
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
    whenLocked: 'office',
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
    gathering: true,
    asksPeople: false,
    through: 'room',
    amperes: false,
  },
  occupancy: null,
  load: 'meeting',
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
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
