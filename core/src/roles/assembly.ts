import { mm } from '../measure/index.js';
import { defineRole } from './role.js';

/** A door of a room in which many gather. */
export const assembly = defineRole({
  id: 'assembly',
  rooms: {
    usual:
      'auditorium, theatre, theater, chapel, lecture, ballroom, cinema, gymnasium, gym, restaurant, bar, café, cafe, cafeteria, canteen, rehearsal, recital, gallery, courtroom, library, multipurpose, multi-purpose, sports hall, assembly hall, main hall, school hall, village hall, banquet, sanctuary, function room, nave, worship, worship center, fellowship hall, prayer hall, mosque, synagogue, commons, student commons, cafetorium, natatorium, swimming pool, pool hall, black box, fitness, fitness room, fitness suite, weight room, weights, exercise, exercise room, wrestling, aerobics, yoga, media center, media centre, lrc, learning resource centre, learning resource center, learning resource, council chamber, hearing room, court room, court 1, court 2, court 3, court 4, community room, community hall, game room, games room, recreation, rec room, clubroom, club room, club lounge, amenity, dining hall, beer hall, exhibition, museum',
    buildings: { and: 'dining' },
    dwellings: { instead: '' },
    german: {
      and: 'saal, aula, mensa, sporthalle, turnhalle, bibliothek, mehrzweckraum, veranstaltung, sitzungssaal, gerichtssaal, kirche, kirchenschiff, kapelle, gastraum, speisesaal, schwimmbad, schwimmhalle, fitness, festsaal, plenarsaal, probebühne',
    },
  },
  readAs: {
    place: 21,
    ownDoor: false,
    lastWord: true,
    through: false,
    closetInDwelling: false,
    passedInDwelling: false,
    domestic: false,
    onRoofs: false,
  },
  lock: {
    use: { usual: 'classroom' },
    whenLocked: null,
    letIn: false,
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
    wayOut: 'always',
    common: false,
    gathering: true,
    asksPeople: true,
    through: 'room',
    amperes: false,
  },
  occupancy: 'assembly',
  load: 'chairs',
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
    fitted: { usual: 'kick', 'us-residential': 'none', continental: 'none' },
    alsoLeftOpen: false,
  },
  viewers: 'none',
  accessible: { usual: 'asked', 'us-commercial': 'assumed' },
  pulledShut: false,
  twoLeaves: false,
  watched: false,
});
